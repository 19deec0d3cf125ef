/** The body of a change of formats. */
import Joi from 'joi';
import {
  CLOCKS,
  DATE_LANGUAGES,
  FORCE_UNITS,
  LENGTH_UNITS,
  TEMPERATURE_UNITS,
  type ShopFormats,
} from './formats';
import { oneOf, type Checked } from './schema-parts';
import { INSTRUMENTS, type Instrument } from './shop-rules';

export const formatsSchema = Joi.object<Checked<ShopFormats>, true>({
  language: oneOf('Language of dates', DATE_LANGUAGES),
  clock: oneOf('Clock', CLOCKS),
  length: oneOf('Lengths', LENGTH_UNITS),
  force: oneOf('Forces', FORCE_UNITS),
  temperature: oneOf('Temperatures', TEMPERATURE_UNITS),
});

/** The instruments a shop owns; one to measure lengths with at least. */
export interface InstrumentsBody {
  readonly owned: readonly Instrument[];
}
export const instrumentsSchema = Joi.object<Checked<InstrumentsBody>, true>({
  owned: Joi.array()
    .items(Joi.string().valid(...INSTRUMENTS))
    .unique()
    .has(Joi.string().valid('caliper', 'micrometer', 'rule'))
    .required()
    .label('Instruments')
    .messages({ 'array.hasUnknown': 'Choose a caliper, a micrometer or a rule at least' }),
});
