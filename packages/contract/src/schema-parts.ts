/** Parts that the schemas are made of. */
import Joi from 'joi';
import { STRINGS } from './field-strings';

/** Numbers and yes-or-no come as such, never as text. */
export const number = () => Joi.number().strict();
export const yesOrNo = () => Joi.boolean().strict();
export const text = (label: string, max: number) => Joi.string().trim().max(max).label(label);
export const optionalText = (label: string, max: number) => text(label, max).allow('').default('');
export const lengthMm = (label: string, min: number, max: number) =>
  number().min(min).max(max).required().label(label);
export const id = (label: string) =>
  number()
    .integer()
    .min(1)
    .max(2 ** 31 - 1)
    .label(label);
export const version = number().integer().min(0).required().label(STRINGS.version);
export const isoDate = (label: string) =>
  Joi.string()
    .pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, { name: STRINGS.aDateAsYyyyMmDd })
    .custom((value: string, helpers) => {
      const parsed = new Date(`${value}T00:00:00Z`);
      return !Number.isNaN(parsed.getTime()) && parsed.toISOString().startsWith(value)
        ? value
        : helpers.error('string.pattern.name', { name: STRINGS.aDateOfTheCalendar });
    })
    .label(label);

export const oneOf = <T extends string>(label: string, choices: readonly T[]) =>
  Joi.string()
    .valid(...choices)
    .required()
    .label(label);
/** A number that may be left open. */
export const openNumber = (label: string, min: number, max: number) =>
  number().min(min).max(max).allow(null).required().label(label);
export const angleDeg = (label: string) => number().min(1).max(60).required().label(label);

type Loose<Value> = Value extends readonly [infer A, infer B]
  ? [A, B]
  : Value extends readonly (infer Entry)[]
    ? Entry[]
    : Value;

/** A message as Joi's types take it: its lists not read-only. So that a schema and its type are held together. */
export type Checked<Message> = { [Field in keyof Message]: Loose<Message[Field]> };
