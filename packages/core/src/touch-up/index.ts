/** The ladder of least intervention. */
export {
  nextRung,
  rodsFor,
  RUNGS,
  TOUCH_UP_TEST,
  touchUpLadder,
  type Rung,
  type RungAdvice,
} from './ladder';
