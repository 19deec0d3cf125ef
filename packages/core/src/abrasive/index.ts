/** Grit, removal, progressions and their schools, care and soaking of stones. */
export { flatteningsLeft, isHollow, judgeCare, type Care } from './care';
export { micrometresOf, nearestGrits } from './grit';
export { GRIT_SCALES, GRIT_TABLES, type GritScale } from './grit-tables';
export { wishCosts, type WishCost } from './insist';
export {
  ABRASIVE_KIND_IDS,
  abrasiveKind,
  BONDS,
  LIQUIDS,
  SOAKINGS,
  STROKE_LIKINGS,
  usualMinutesFlat,
  type AbrasiveKindId,
  type Bond,
  type Liquid,
  type Soaking,
  type StrokeLiking,
} from './kinds';
export {
  chooseProgression,
  stepCosts,
  type Chain,
  type Progression,
  type ProgressionInput,
  type RackEntry,
} from './progression';
export { coarsestOf, finestOf, forTask, type RackStone } from './rack-stone';
export {
  ABRASIVES,
  BENCH_ABRASIVES,
  HAND_SPEED_M_PER_S,
  MODEL_VERSION,
  removalPerNewtonMetre,
  scratchDepthUm,
  secondsToRemove,
  type BenchAbrasive,
  type SteelWear,
} from './removal';
export {
  PROGRESSION_SCHOOLS,
  progressionBySchool,
  SCHOOL_REASONS,
  windowAround,
  type ProgressionSchool,
} from './schools';
export { soakCalls, soakClock } from './soak';
export { stepRange, totalRange, type TimeRange } from './time-range';
export { STARTER_RACKS, type StarterRack, type StarterStone } from './starter-racks';
export { usualAbrasive } from './usual';
export { progressionWarnings, whatToBuy, type Missing, type ProgressionWarning } from './warnings';
