/** What is done: steps on stones, their patterns, and the chains they run over. */
export { applyChanges } from './apply-changes';
export {
  adviceOnStones,
  edgeChains,
  edgeRack,
  finishWantedUm,
  fittingRig,
  nearestWindows,
  withSpeed,
} from './edge-chain';
export { extraZones } from './extra-zones';
export { forceBandN, forceN, hasWideBevel } from './force';
export { ABSURD_SECONDS, LONG_WORK_SECONDS } from './first-guesses';
export { FEEL, HEAT, type Named } from './kit';
export { stepMaker, type StepMaker } from './maker';
export { withOwnPatterns } from './own-rounds';
export type { StrokeRound } from './patterns';
export { readiedAgain, withReadySteps, type ReadyWork } from './ready-steps';
export type { ThinningOfKind, WorkedBand } from './thinning-steps';
export {
  gatesOf,
  liftText,
  secondsOf,
  sidesAlike,
  strokesPerSide,
  withKeys,
  withStepDefaults,
  withStrokes,
  type BurrGate,
  type FingerPosition,
  PLAN_OPERATIONS,
  STEP_GATES,
  type Operation,
  type PlanStep,
  type StepBand,
  type StepGateCode,
} from './step';
