/** The computation from outside: operations, their inputs and limits. */
export { calculateAll, isOperation, unknownOperation, type AnyOperation } from './all-operations';
export { calculate, isCalcError, type CalcAnswer } from './calculate';
export type { OperationName } from './operations';
