/** An operation's input in, an answer or an error out. */
import type { DomainError, Result } from '../units';
import { OPERATIONS, type OperationName } from './operations';
import { Reader, Refusal } from './reader';

export type CalcAnswer = Readonly<Record<string, unknown>> | { readonly error: DomainError };

/**
 * Whether an answer is a refusal.
 *
 * @example
 * isCalcError({ value: 1 }); // false
 */
export const isCalcError = (answer: CalcAnswer): answer is { readonly error: DomainError } =>
  'error' in answer;

/** Answers one input. What cannot be computed is an answer too: its code, message and field. */
export const answerOf = (
  operation: (input: Reader) => Result<object>,
  input: unknown,
): CalcAnswer => {
  try {
    const result = operation(new Reader(input));
    return result.ok ? { ...result.value } : { error: result.error };
  } catch (error) {
    if (error instanceof Refusal) return { error: error.error };
    throw error;
  }
};

/**
 * One of the quick operations: those of a calculator, without the planner.
 *
 * @example
 * calculate('shims', {}).error !== undefined; // true
 */
export const calculate = (name: OperationName, input: unknown): CalcAnswer =>
  answerOf(OPERATIONS[name], input);
