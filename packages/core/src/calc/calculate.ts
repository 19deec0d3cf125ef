/** One door for every caller: an operation's name and its input in, an answer or an error out. */
import type { DomainError } from '../units';
import { OPERATION_NAMES, OPERATIONS, type OperationName } from './operations';
import { Reader, Refusal } from './reader';

export type CalcAnswer = Readonly<Record<string, unknown>> | { readonly error: DomainError };

export const isOperation = (name: string): name is OperationName => Object.hasOwn(OPERATIONS, name);

export const isCalcError = (answer: CalcAnswer): answer is { readonly error: DomainError } =>
  'error' in answer;

/** What is asked for is not among the operations. */
export const unknownOperation = (name: string): { readonly error: DomainError } => ({
  error: {
    code: 'INVALID_INPUT',
    message: `There is no operation "${name}". There are: ${OPERATION_NAMES.join(', ')}`,
    field: 'operation',
  },
});

/** Answers one input. What cannot be computed is an answer too: its code, message and field. */
export const calculate = (name: OperationName, input: unknown): CalcAnswer => {
  try {
    const result = OPERATIONS[name](new Reader(input));
    return result.ok ? result.value : { error: result.error };
  } catch (error) {
    if (error instanceof Refusal) return { error: error.error };
    throw error;
  }
};

/** A list in gives a list out, in order, each input for itself. */
export const calculateAll = (name: OperationName, input: unknown): CalcAnswer | CalcAnswer[] =>
  Array.isArray(input) ? input.map((each) => calculate(name, each)) : calculate(name, input);
