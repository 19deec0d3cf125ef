/** What is asked of the record. */
import Joi from 'joi';
import { isoDate, text, type Checked } from './schema-parts';
import { STRINGS } from './field-strings';

export interface ForecastQuery {
  readonly fromDay: string | null;
  readonly toDay: string | null;
}
export const forecastSchema = Joi.object<Checked<ForecastQuery>, true>({
  fromDay: isoDate(STRINGS.from).allow(null).default(null),
  toDay: isoDate(STRINGS.to).allow(null).default(null),
}).label(STRINGS.forecasts);

export interface BladeRatesQuery {
  readonly steel: string;
}
export const bladeRatesSchema = Joi.object<Checked<BladeRatesQuery>, true>({
  steel: text(STRINGS.steel, 80).required(),
}).label(STRINGS.rates);

export interface TeachesBody {
  readonly teaches: boolean;
}
export const teachesSchema = Joi.object<Checked<TeachesBody>, true>({
  teaches: Joi.boolean().required().label(STRINGS.stepsCount),
}).label(STRINGS.ratesOfAPerson);

export interface LifeQuery {
  readonly by: string;
  /** Of one use, 'all', or null for the use with most lives. */
  readonly use: string | null;
  readonly first: string | null;
  readonly second: string | null;
}
const name = (label: string) => text(label, 80).allow(null).default(null);
export const lifeSchema = Joi.object<Checked<LifeQuery>, true>({
  by: text(STRINGS.by, 40).default('burr'),
  use: name(STRINGS.use),
  first: name(STRINGS.firstGroup),
  second: name(STRINGS.secondGroup),
}).label(STRINGS.lives);
