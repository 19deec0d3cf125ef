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
import { STRINGS } from './field-strings';

export const formatsSchema = Joi.object<Checked<ShopFormats>, true>({
  language: oneOf(STRINGS.languageOfDates, DATE_LANGUAGES),
  clock: oneOf(STRINGS.clock, CLOCKS),
  length: oneOf(STRINGS.lengths, LENGTH_UNITS),
  force: oneOf(STRINGS.forces, FORCE_UNITS),
  temperature: oneOf(STRINGS.temperatures, TEMPERATURE_UNITS),
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
    .label(STRINGS.instruments)
    .messages({ 'array.hasUnknown': STRINGS.chooseACaliperAMicrometerOr }),
});
