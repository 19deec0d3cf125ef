/** What is asked of the day. */
import Joi from 'joi';
import { DAY_MARKS, type DayMark } from './day';
import { STRINGS } from './field-strings';
import { isoDate, number, text, type Checked } from './schema-parts';

export interface PresenceBody {
  readonly day: string;
  readonly staffId: number;
  readonly present: boolean;
  readonly fromTime: string;
  readonly untilTime: string;
}
const time = (label: string) =>
  Joi.string()
    .pattern(/^([01]\d|2[0-3]):[0-5]\d$/, { name: STRINGS.aTimeAsHhMm })
    .required()
    .label(label);
export const presenceSchema = Joi.object<Checked<PresenceBody>, true>({
  day: isoDate(STRINGS.day).required(),
  staffId: number().integer().min(1).required().label(STRINGS.person),
  present: Joi.boolean().required().label(STRINGS.there),
  fromTime: time(STRINGS.from),
  untilTime: time(STRINGS.to),
})
  .custom((value: PresenceBody, helpers) =>
    value.untilTime > value.fromTime
      ? value
      : helpers.error('presence.order', { field: 'untilTime' }),
  )
  .messages({ 'presence.order': STRINGS.untilAfterFrom })
  .label(STRINGS.person);

export interface MarkBody {
  readonly mark: DayMark | null;
}
export const markSchema = Joi.object<Checked<MarkBody>, true>({
  mark: Joi.string()
    .valid(...DAY_MARKS, null)
    .required()
    .label(STRINGS.mark),
}).label(STRINGS.mark);

export interface WhenQuery {
  /** Foreseen, where a plan says it; null for what blades of the kind usually take. */
  readonly minutes: number | null;
  readonly kind: string | null;
}
export const whenSchema = Joi.object<Checked<WhenQuery>, true>({
  minutes: Joi.number().min(0).max(10_000).allow(null).default(null).label(STRINGS.minutes),
  kind: text(STRINGS.kindOfBlade, 40).allow(null).default(null),
}).label(STRINGS.minutes);
