/** The computation from outside: operations, their inputs and limits. */
export {
  calculate,
  calculateAll,
  isCalcError,
  isOperation,
  unknownOperation,
  type CalcAnswer,
} from './calculate';
export type { OperationName } from './operations';
