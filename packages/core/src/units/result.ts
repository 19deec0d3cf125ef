/** Errors of the computation are values, the same from the command line, the API and the screen. */
export type CraftErrorCode =
  | 'INVALID_INPUT'
  | 'ANGLE_BELOW_RESTING'
  | 'IMPOSSIBLE_BEVEL'
  | 'CUT_DOES_NOT_CLOSE'
  | 'OUT_OF_RANGE'
  | 'NO_PROGRESSION';

export interface DomainError {
  readonly code: CraftErrorCode;
  readonly message: string;
  /** Dotted path of the input at fault, where there is one. */
  readonly field?: string;
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: DomainError };

/**
 * A result that came out.
 *
 * @example
 * ok(3); // {"ok":true,"value":3}
 */
export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

/**
 * A refusal: its code, what is wrong and what to do, and the field at fault.
 *
 * @example
 * fail('OUT_OF_RANGE', 'The angle must be above 0', 'angleDeg').ok; // false
 */
export const fail = (code: CraftErrorCode, message: string, field?: string): Result<never> => ({
  ok: false,
  error: field === undefined ? { code, message } : { code, message, field },
});

/** The value, or a thrown Error: for callers that have already ruled the failure out. */
export const unwrap = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Error(`${result.error.code}: ${result.error.message}`);
  return result.value;
};
