/** What is done: steps on stones, their patterns, and the chains they run over. */
export { applyChanges } from './apply-changes';
export { adviceOnStones, edgeChains, edgeRack, finishWantedUm, withSpeed } from './edge-chain';
export { FEEL, type Named } from './kit';
export { stepMaker, type StepMaker } from './maker';
export type { StrokeRound } from './patterns';
export {
  forceBandN,
  forceN,
  liftText,
  secondsOf,
  sidesAlike,
  strokesPerSide,
  withKeys,
  withStepDefaults,
  withStrokes,
  type BurrGate,
  PLAN_OPERATIONS,
  type Operation,
  type PlanStep,
  type StepBand,
} from './step';
