/** Validation at the door: every refusal names the field, the limit and what was given. */
import type Joi from 'joi';
import { unreadable, type FieldError } from './readable';

export type { FieldError } from './readable';

export type Validated<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly fields: readonly FieldError[] };

const MESSAGES: Joi.ValidationOptions['messages'] = {
  'any.required': '{#label} is missing',
  'any.only': '{#label}: "{#value}" is not one of the choices',
  'any.unknown': '{#label} is not a field here',
  'object.unknown': '{#label} is not a field here',
  'object.base': '{#label} must be an object',
  'array.base': '{#label} must be a list',
  'array.min': '{#label} must hold at least {#limit}',
  'array.max': '{#label} must hold at most {#limit}',
  'array.unique': '{#label} is there twice',
  'boolean.base': '{#label} must be yes or no',
  'number.base': '{#label} must be a number',
  'number.integer': '{#label} must be a whole number; {#value} was given',
  'number.min': '{#label} must be at least {#limit}; {#value} was given',
  'number.max': '{#label} must be at most {#limit}; {#value} was given',
  'number.greater': '{#label} must be more than {#limit}; {#value} was given',
  'number.unsafe': '{#label} is too large a number',
  'number.infinity': '{#label} must be a finite number',
  'string.base': '{#label} must be text',
  'string.empty': '{#label} is missing',
  'string.min': '{#label} needs at least {#limit} characters',
  'string.max': '{#label} must have at most {#limit} characters',
  'string.pattern.name': '{#label} must be {#name}; "{#value}" was given',
  'string.pattern.base': '{#label} is not in the form expected; "{#value}" was given',
};

/** The value with its defaults, or every field that is wrong. Unknown fields are refused; text is
 * trimmed, and nothing else is converted unless the schema says so. */
export const validate = <T>(schema: Joi.Schema<T>, body: unknown): Validated<T> => {
  const refused = unreadable(body);
  if (refused) return { ok: false, fields: [refused] };
  const result = schema.required().validate(body, {
    abortEarly: false,
    allowUnknown: false,
    errors: { wrap: { label: false, string: false } },
    messages: MESSAGES,
  });
  if (result.error === undefined) return { ok: true, value: result.value };
  return {
    ok: false,
    fields: result.error.details.map(({ path, message, context }) => {
      // Rules across fields say themselves which field they stand beside.
      const named: unknown = context?.['field'];
      return { field: typeof named === 'string' ? named : path.join('.'), message };
    }),
  };
};
