/** Validation at the door: every refusal names the field, the limit and what was given. */
import type Joi from 'joi';
import { unreadable, type FieldError } from './readable';
import { STRINGS } from './field-strings';

export type { FieldError } from './readable';

export type Validated<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly fields: readonly FieldError[] };

const MESSAGES: Joi.ValidationOptions['messages'] = {
  'any.required': STRINGS.labelIsMissing,
  'any.only': STRINGS.labelValueIsNotOneOf,
  'any.unknown': STRINGS.labelIsNotAFieldHere,
  'object.unknown': STRINGS.labelIsNotAFieldHere,
  'object.base': STRINGS.labelMustBeAnObject,
  'array.base': STRINGS.labelMustBeAList,
  'array.min': STRINGS.labelMustHoldAtLeastLimit,
  'array.max': STRINGS.labelMustHoldAtMostLimit,
  'array.unique': STRINGS.labelIsThereTwice,
  'boolean.base': STRINGS.labelMustBeYesOrNo,
  'number.base': STRINGS.labelMustBeANumber,
  'number.integer': STRINGS.labelMustBeAWholeNumber,
  'number.min': STRINGS.labelMustBeAtLeastLimit,
  'number.max': STRINGS.labelMustBeAtMostLimit,
  'number.greater': STRINGS.labelMustBeMoreThanLimit,
  'number.unsafe': STRINGS.labelIsTooLargeANumber,
  'number.infinity': STRINGS.labelMustBeAFiniteNumber,
  'string.base': STRINGS.labelMustBeText,
  'string.empty': STRINGS.labelIsMissing,
  'string.min': STRINGS.labelNeedsAtLeastLimitCharacters,
  'string.max': STRINGS.labelMustHaveAtMostLimit,
  'string.pattern.name': STRINGS.labelMustBeNameValueWas,
  'string.pattern.base': STRINGS.labelIsNotInTheForm,
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
