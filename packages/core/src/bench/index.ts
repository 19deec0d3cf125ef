/** The work on a step as a state machine, and its rounds. */
export {
  asksMissing,
  asksOfStep,
  BENCH_ASK_CODES,
  readingShows,
  sideMissing,
  type BenchAsk,
  type BenchAskCode,
} from './asks';
export { ANGLE_SLACK_DEG, LONGEST_RUN_S } from './first-guesses';
export { goOn, usualFinding, type GoOn } from './go-on';
export { moreStrokes } from './more-strokes';
export { mergeNotes, MOST_ADDED_ROUNDS, NO_NOTES, type AddedRound, type StepNotes } from './notes';
export {
  BENCH_READING_IDS,
  BENCH_READINGS,
  type BenchReadingId,
  type BenchReadings,
} from './readings';
export { judgePressure, type PressureReading } from './pressure';
export {
  cueBetween,
  isTimed,
  moreThere,
  roundsAtWork,
  timedRounds,
  withAdded,
  type Counted,
  type Cue,
  type RoundAtWork,
} from './rounds';
export {
  BLADE_SIDES,
  BURR_FINDINGS,
  gateOf,
  GONE,
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
export {
  isWorthReplanning,
  measuredAtBench,
  plannedAgainWith,
  stepsDifference,
  stepsLeft,
  type ComparedStep,
  type MeasuredAtBench,
  type StepDifference,
} from './what-is-left';
export { trayNext, trayOrder, type TrayBlade, type TrayTurn } from './tray';
