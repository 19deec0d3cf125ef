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
