/** Refusals of the API: each has a status, a code and words a colleague would use. */
import type { FieldError } from '@patient-edge/contract';
import type { DomainError } from '@patient-edge/core';
import { STRINGS } from './strings';

export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly extra: {
      readonly fields?: readonly FieldError[];
      readonly currentVersion?: number;
      /** Seconds after which a further try makes sense. */
      readonly retryAfterS?: number;
      /** What the same key made before. */
      readonly made?: object;
    } = {},
  ) {
    super(message);
  }
}

export const invalid = (fields: readonly FieldError[]): ApiError =>
  new ApiError(422, 'INVALID_INPUT', fields[0]?.message ?? STRINGS.theRequestIsNotValid, {
    fields,
  });

export const notFound = (what: string): ApiError =>
  new ApiError(404, 'NOT_FOUND', `${what} is not here`);

export const forbidden = (message: string): ApiError => new ApiError(403, 'FORBIDDEN', message);

/** The record moved on since it was read; says by whom, and nothing of the request is applied. */
export const conflict = (message: string, currentVersion?: number): ApiError =>
  new ApiError(409, 'CONFLICT', message, currentVersion === undefined ? {} : { currentVersion });

/** Too much at once: nothing was done, and the same again in a moment may go through. */
export const busy = (message: string, retryAfterS = 1): ApiError =>
  new ApiError(503, 'BUSY', message, { retryAfterS });

export const fromCraft = (error: DomainError): ApiError =>
  new ApiError(422, error.code, error.message, {
    fields: error.field === undefined ? [] : [{ field: error.field, message: error.message }],
  });
