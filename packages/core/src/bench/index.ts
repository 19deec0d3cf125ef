/** The work on a step as a state machine, and its rounds. */
export { LONGEST_RUN_S } from './first-guesses';
export { judgePressure, type PressureReading } from './pressure';
export { roundsAtWork, type RoundAtWork } from './rounds';
export {
  BLADE_SIDES,
  BURR_FINDINGS,
  gateOf,
  gatesAsked,
  isForgotten,
  MOST_STEP_S,
  NO_WORK,
  runningSeconds,
  secondsWorked,
  workReducer,
  type BladeSide,
  type BurrCheck,
  type BurrFinding,
  type StepWork,
  type WorkAction,
} from './session';
