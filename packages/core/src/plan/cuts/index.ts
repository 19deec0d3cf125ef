/** What is cut: angle, outline, stages of cuts, bands, lifts. */
export { shapesAlong, workAlong, workedAt, type LocalShape } from './along';
export { chooseAngle, presentAngle } from './angle';
export { AIMED_AT_MM, thinningBands, type Band } from './bands';
export type {
  BladeWork,
  CutBand,
  GroundSide,
  MicroWanted,
  Place,
  SectionWork,
  Shape,
  Wanted,
  ThinWanted,
  BandWanted,
} from './blade-work';
export {
  frontSide,
  otherSide,
  withinPlay,
  type CutStrategy,
  type StrategyInput,
} from './cut-strategy';
export { checkBands, fallingBands, heldAtDeg, thinningStart, usualBandsDeg } from './falling-bands';
export { APEX_STRIP_MM, FLAT_BEVEL_STRIP_MM, REMNANT_MM, THINNING_LEAST_UM } from './first-guesses';
export { heldSides, liftsOfZones, liftsOver, type StationLift, type ZoneLift } from './lifts';
export {
  apexRiseOf,
  OUTLINE_FAULTS,
  outlineWork,
  raisedCurves,
  wantsOutlineStep,
  type OutlineWork,
} from './outline-work';
export {
  apexOf,
  bandsReached,
  CUT_STAGES,
  faceCut,
  flatCut,
  lowestRun,
  scratchTopMm,
  topOf,
  type CutStage,
  type StageCut,
  type StageId,
  type StageSum,
  type StageSums,
  type WorkedStage,
} from './stages';
export { bandsOf, decideThinning, hasThinningStone } from './thinning';
export { TIP_TEXT, tipWork } from './tip-work';
