/** What is asked of the record. */
import Joi from 'joi';
import { isoDate, text, type Checked } from './schema-parts';

export interface ForecastQuery {
  readonly fromDay: string | null;
  readonly toDay: string | null;
}
export const forecastSchema = Joi.object<Checked<ForecastQuery>, true>({
  fromDay: isoDate('From').allow(null).default(null),
  toDay: isoDate('To').allow(null).default(null),
}).label('Forecasts');

export interface BladeRatesQuery {
  readonly steel: string;
}
export const bladeRatesSchema = Joi.object<Checked<BladeRatesQuery>, true>({
  steel: text('Steel', 80).required(),
}).label('Rates');

export interface TeachesBody {
  readonly teaches: boolean;
}
export const teachesSchema = Joi.object<Checked<TeachesBody>, true>({
  teaches: Joi.boolean().required().label('Steps count'),
}).label('Rates of a person');

export interface LifeQuery {
  readonly by: string;
  /** Of one use, 'all', or null for the use with most lives. */
  readonly use: string | null;
  readonly first: string | null;
  readonly second: string | null;
}
const name = (label: string) => text(label, 80).allow(null).default(null);
export const lifeSchema = Joi.object<Checked<LifeQuery>, true>({
  by: text('By', 40).default('burr'),
  use: name('Use'),
  first: name('First group'),
  second: name('Second group'),
}).label('Lives');
