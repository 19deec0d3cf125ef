/** One door for every caller from outside: an operation's name and its input in, an answer or an error out. */
import type { DomainError } from '../units';
import { answerOf, type CalcAnswer } from './calculate';
import { OPERATIONS } from './operations';
import { dayOperation } from './day-operation';
import { diagnoseOperation } from './diagnose-operation';
import { grindOperation } from './grind-operation';
import { planOperation } from './plan-operation';
import {
  calibrationOperation,
  edgeLifeOperation,
  learnOperation,
  trendOperation,
} from './record-operations';

const ALL = {
  ...OPERATIONS,
  plan: planOperation,
  diagnose: diagnoseOperation,
  grind: grindOperation,
  learn: learnOperation,
  calibration: calibrationOperation,
  'edge-life': edgeLifeOperation,
  trend: trendOperation,
  day: dayOperation,
};
export type AnyOperation = keyof typeof ALL;

/**
 * Whether there is an operation of that name.
 *
 * @example
 * isOperation('plan'); // true
 */
export const isOperation = (name: string): name is AnyOperation => Object.hasOwn(ALL, name);

/**
 * What is asked for is not among the operations.
 *
 * @example
 * unknownOperation('cook').error.code; // "INVALID_INPUT"
 */
export const unknownOperation = (name: string): { readonly error: DomainError } => ({
  error: {
    code: 'INVALID_INPUT',
    message: `There is no operation "${name}". There are: ${Object.keys(ALL).join(', ')}`,
    field: 'operation',
  },
});

/**
 * A list in gives a list out, in order, each input for itself.
 *
 * @example
 * calculateAll('grit', []); // []
 */
export const calculateAll = (name: AnyOperation, input: unknown): CalcAnswer | CalcAnswer[] =>
  Array.isArray(input)
    ? input.map((each) => answerOf(ALL[name], each))
    : answerOf(ALL[name], input);
