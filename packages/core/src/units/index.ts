/** Numbers with their unit, results that are values, figures that can say why. */
export { fact, said, type Fact } from './fact';
export { figure, type Figure, type FigureUnit, type Why, type WhyInput } from './figure';
export { TRADE_HABIT, valuesOf, type FirstGuesses } from './first-guess';
export { FORCE_UNITS, forceIn, newtonsOf, type ForceUnit, type Newtons } from './force';
export {
  inclusiveOf,
  micrometres,
  mm,
  perSide,
  radians,
  toDegrees,
  toRadians,
  type DegreesPerSide,
  type Micrometres,
  type Millimetres,
} from './quantities';
export { fail, ok, type DomainError, type Result } from './result';
export { CLEAR_OF_CORNER_MM, exceeds, SHARE_SLACK, SLACK, SOLVER_PRECISION } from './tolerance';
export {
  lengthNumber,
  lengthsIn,
  measuresIn,
  millimetresOf,
  type LengthUnit,
  type ReadUnits,
} from './in-units';
