/** Another day for blades in the shop, one or many at once. */
import Joi from 'joi';
import { id, isoDate, version, type Checked } from './schema-parts';
import { MOST_BOARD_BLADES } from './shop-rules';
import { STRINGS } from './strings';

export interface PromisedBlade {
  readonly jobId: number;
  readonly version: number;
}
export interface PromiseBody {
  readonly promisedOn: string;
  /** Null for the place that is open on the day. */
  readonly placeId: number | null;
  readonly blades: readonly PromisedBlade[];
}
export const promiseSchema = Joi.object<Checked<PromiseBody>, true>({
  promisedOn: isoDate(STRINGS.promisedDate).required(),
  placeId: id(STRINGS.place).allow(null).default(null),
  blades: Joi.array()
    .items(
      Joi.object<Checked<PromisedBlade>, true>({ jobId: id(STRINGS.blade).required(), version }),
    )
    .min(1)
    .max(MOST_BOARD_BLADES)
    .unique('jobId')
    .required()
    .label(STRINGS.blades),
});
