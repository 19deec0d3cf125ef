/** The ladder of least intervention, the rods, and the angle found with coins and ink. */
export {
  coinAngleDeg,
  coinSearch,
  INK_FOUND,
  MOST_INK_ROUNDS,
  nextCount,
  type CoinInput,
  type CoinSearch,
  type InkFound,
} from './coins';
export {
  heldTooShort,
  isRodRung,
  nextRung,
  ROD_OF_RUNG,
  ROD_RUNGS,
  RUNGS,
  TOUCH_UP_TEST,
  touchUpLadder,
  type RodRung,
  type Rung,
  type RungAdvice,
} from './ladder';
export { MOST_PASSES, rodSteps, type RodStep } from './rod-steps';
export { rodKindOf, rodsFor, type RodKind } from './rods';
