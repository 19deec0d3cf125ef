/** What is chosen: schools, habits, patterns, and the changes of single steps. */
export { adviseAngles, APPROACHES, type AngleAdvice, type Approach } from './advice';
export {
  CHANGEABLE,
  changeProblem,
  MOST_ADDED,
  MOST_CHANGES,
  roundsTyped,
  type AddedStep,
  type Changeable,
  type StepChange,
} from './changes';
export {
  ANGLE_LIMITS_DEG,
  DEFAULT_CHOICES,
  FORCE_LIMITS,
  MICRO_STROKES_LIMITS,
  MOST_HIGH_SPOT_VISITS,
  HIGHEST_BAND_MM,
  MOST_BANDS,
  MOST_DEBURR_RAISE_DEG,
  REFINED_FACES,
  THIN_DEPTHS,
  withDefaults,
  WORK_ORDERS,
  type ForceHabit,
  type PlanChoices,
  type RefinedFace,
  type ThinBandChoice,
  type ThinDepth,
  type WorkOrder,
} from './choices';
export {
  chosenStrop,
  FINISHING_SURFACES,
  finishingText,
  MOST_STROP_STROKES,
  MOST_UNDER_DEG,
  STROP_BACKS,
  stropAfter,
  SURFACE_TEXT,
  type Finishing,
} from './finishing';
export {
  BAND_FACE_MM,
  FACE_STOCK_UM,
  MICRO_ABOVE_DEG,
  MICRO_FACE_MM,
  OLD_EDGE_RISE_MM,
  SAME_GRADE_RATIO,
  SOFT_BACK_ROUNDS_DEG,
  TAPE_MM,
} from './first-guesses';
export { finishWishOf, type FinishWish } from './finish-wish';
export { habitsOf, templateOf } from './habits';
export type { PlanInput } from './input';
export {
  AXE_SERVICES,
  BACK_TURNS,
  FINGER_ORDERS,
  RIDGE_FORMS,
  FRONT_FORMS,
  MOST_FLAT_SIDE_DEG,
  MOST_TAPE_LAYERS,
  RAZOR_STARTS,
  SERRATION_WAYS,
  WIDEST_TAPPED_RIM_MM,
  type KindChoices,
} from './kind-choices';
export {
  BURR_POLICIES,
  DIRECTIONS,
  STROKE_PATTERNS,
  type BurrPolicy,
  type Direction,
  type StrokePattern,
  type ThinTargets,
} from './manner';
export {
  MOST_OWN_ROUNDS,
  OWN_ZONES,
  ownRoundsOf,
  type OwnPatterns,
  type OwnRound,
} from './own-patterns';
export {
  BLADE_PARTS,
  MOST_IN_CHAIN,
  namedChain,
  PART_LABELS,
  partChain,
  SLURRIES,
  type BladePart,
  type PartChain,
} from './part-chains';
export {
  DEFAULT_PRACTICE,
  LASTING_CLAIMS,
  LOW_SPOT_HABITS,
  MICRO_HABITS,
  OLD_EDGES,
  RETURN_STROKES,
  ROD_HABITS,
  type Practice,
} from './practice';
export { isSetAnew, refreshStone } from './razor-start';
export { SCHOOL_QUESTIONS, type SchoolQuestion, schoolsOf } from './schools';
export {
  MOST_IN_SERIES,
  MOST_OVER_DEG,
  SERIES_SURFACES,
  seriesOf,
  type SeriesPart,
  type SeriesSurface,
} from './series';
