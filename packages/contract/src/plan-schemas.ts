/** What the operator decides about a plan, as it is sent. */
import Joi from 'joi';
import {
  ANGLE_LIMITS_DEG,
  AXE_SERVICES,
  BACK_TURNS,
  CHANGEABLE,
  changeProblem,
  FORCE_LIMITS,
  FINGER_ORDERS,
  RIDGE_FORMS,
  FRONT_FORMS,
  LASTING_CLAIMS,
  LOW_SPOT_HABITS,
  MICRO_HABITS,
  MICRO_STROKES_LIMITS,
  MOST_HIGH_SPOT_VISITS,
  MOST_ADDED,
  HIGHEST_BAND_MM,
  MOST_BANDS,
  MOST_CHANGES,
  MOST_DEBURR_RAISE_DEG,
  MOST_IN_SERIES,
  MOST_OVER_DEG,
  MOST_OWN_ROUNDS,
  MOST_FLAT_SIDE_DEG,
  MOST_TAPE_LAYERS,
  OLD_EDGES,
  OWN_ZONES,
  PLAN_OPERATIONS,
  REFINED_FACES,
  RETURN_STROKES,
  ROD_HABITS,
  SERIES_SURFACES,
  RAZOR_STARTS,
  SERRATION_WAYS,
  STROKE_PATTERNS,
  THIN_DEPTHS,
  TIP_WAYS,
  WIDEST_TAPPED_RIM_MM,
  WORK_ORDERS,
  type AddedStep,
  type ForceHabit,
  type KindChoices,
  type OwnPatterns,
  type OwnRound,
  type Practice,
  type SeriesPart,
  type StepChange,
  type ThinBandChoice,
  type ThinTargets,
  APPROACHES,
  BLADE_PARTS,
  BONDS,
  BURR_POLICIES,
  DEFAULT_CHOICES,
  DIRECTIONS,
  FINISHING_SURFACES,
  MOST_IN_CHAIN,
  MOST_STROP_STROKES,
  MOST_UNDER_DEG,
  PROGRESSION_SCHOOLS,
  SLURRIES,
  STROP_BACKS,
  type Finishing,
  type PartChain,
  type PlanChoices,
} from '@patient-edge/core';
import { number, oneOf, openNumber, text, yesOrNo, type Checked } from './schema-parts';
import { MOST_STONES } from './shop-rules';
import { STRINGS } from './field-strings';

const stoneId = (label: string) => text(label, 20);
const finishWindow = Joi.array()
  .ordered(
    number().min(0.1).max(800).required().label(STRINGS.finestM),
    number().min(Joi.ref('0')).max(800).required().label(STRINGS.coarsestM),
  )
  .label(STRINGS.finishWindow);

/** Which side a gauge is for, where the sides are held differently. */
export const planOutputSchema = Joi.object<Checked<{ readonly side?: 'right' | 'left' }>, true>({
  side: Joi.string().valid('right', 'left').label(STRINGS.side),
});

const partChainSchema = Joi.object<Checked<PartChain>, true>({
  part: oneOf(STRINGS.partOfTheBlade, BLADE_PARTS),
  stones: Joi.array()
    .items(stoneId(STRINGS.stone))
    .min(1)
    .max(MOST_IN_CHAIN)
    .allow(null)
    .required()
    .label(STRINGS.stones),
  bond: Joi.string()
    .valid(...BONDS)
    .allow(null)
    .required()
    .label(STRINGS.bond),
  finishUm: finishWindow.allow(null).required(),
  faceMm: openNumber(STRINGS.widthOfTheFaceMm, 0.02, 80),
  direction: oneOf(STRINGS.direction, DIRECTIONS),
  slurry: oneOf(STRINGS.slurry, SLURRIES),
});

const finishingSchema = Joi.object<Checked<Finishing>, true>({
  on: oneOf(STRINGS.finishedOn, FINISHING_SURFACES),
  stropId: stoneId(STRINGS.strop).allow(null).required(),
  back: oneOf(STRINGS.backOfTheStrop, STROP_BACKS),
  underDeg: number().min(0).max(MOST_UNDER_DEG).required().label(STRINGS.underTheBevelDegrees),
  strokes: number().integer().min(1).max(MOST_STROP_STROKES).required().label(STRINGS.strokesASide),
});

const thinTargetsSchema = Joi.object<Checked<ThinTargets>, true>({
  at5Mm: openNumber(STRINGS.thickness5MmAboveTheEdge, 0.05, 20),
  at10Mm: openNumber(STRINGS.thickness10MmAboveTheEdge, 0.05, 20),
});

const practiceSchema = Joi.object<Checked<Practice>, true>({
  oldEdge: oneOf(STRINGS.oldEdge, OLD_EDGES),
  returnStroke: oneOf(STRINGS.returnStroke, RETURN_STROKES),
  slurry: oneOf(STRINGS.slurry, SLURRIES),
  micro: oneOf(STRINGS.microBevel, MICRO_HABITS),
  rod: oneOf(STRINGS.rod, ROD_HABITS),
  lowSpots: oneOf(STRINGS.lowSpots, LOW_SPOT_HABITS),
  lasts: oneOf(STRINGS.whichLasts, LASTING_CLAIMS),
  mustCutAfterFirst: yesOrNo().required().label(STRINGS.mustCutAfterTheFirstStone),
});

const kindChoicesSchema = Joi.object<Checked<KindChoices>, true>({
  frontForm: Joi.string()
    .valid(...FRONT_FORMS)
    .allow(null)
    .required()
    .label(STRINGS.formOfTheFront),
  backTurn: Joi.string()
    .valid(...BACK_TURNS)
    .default(DEFAULT_CHOICES.kind.backTurn)
    .label(STRINGS.backOnEachStone),
  ridgeForm: Joi.string()
    .valid(...RIDGE_FORMS)
    .default(DEFAULT_CHOICES.kind.ridgeForm)
    .label(STRINGS.bevelBelowTheRidge),
  fingerOrder: Joi.string()
    .valid(...FINGER_ORDERS)
    .default(DEFAULT_CHOICES.kind.fingerOrder)
    .label(STRINGS.orderOfTheFingerPositions),
  tapForRimMm: openNumber(STRINGS.rimToTapOutForMm, 0.1, WIDEST_TAPPED_RIM_MM),
  serrationWay: oneOf(STRINGS.wayOfTheScallops, SERRATION_WAYS),
  // Plans settled before it could be chosen have none.
  flatSideDeg: number()
    .min(0)
    .max(MOST_FLAT_SIDE_DEG)
    .allow(null)
    .default(DEFAULT_CHOICES.kind.flatSideDeg)
    .label(STRINGS.flatSideDegrees),
  axeService: oneOf(STRINGS.service, AXE_SERVICES),
  tipWay: Joi.string()
    .valid(...TIP_WAYS)
    .default(DEFAULT_CHOICES.kind.tipWay)
    .label(STRINGS.wayOfTheTip),
  razorStart: Joi.string()
    .valid(...RAZOR_STARTS)
    .default(DEFAULT_CHOICES.kind.razorStart)
    .label(STRINGS.whereARazorBegins),
  tapeLayers: number()
    .integer()
    .min(0)
    .max(MOST_TAPE_LAYERS)
    .required()
    .label(STRINGS.layersOfTape),
});

const reason = text(STRINGS.reason, 200).min(3).required();
const changeSchema = Joi.object<Checked<StepChange>, true>({
  step: text(STRINGS.step, 40).required(),
  what: oneOf(STRINGS.whatIsChanged, CHANGEABLE),
  to: Joi.string().allow('').max(600).required().label(STRINGS.changedTo),
  reason,
})
  .custom((change: StepChange, helpers) => {
    const problem = changeProblem(change);
    return problem === null ? change : helpers.error('change.wrong', { problem });
  })
  .messages({ 'change.wrong': '{#problem}' });
const addedSchema = Joi.object<Checked<AddedStep>, true>({
  after: text(STRINGS.after, 40).allow(null).required(),
  title: text(STRINGS.title, 80).min(3).required(),
  instruction: text(STRINGS.whatToDo, 600).min(3).required(),
  minutes: number().min(0.1).max(600).required().label(STRINGS.minutes),
  reason,
});

const [lowestAngle, highestAngle] = ANGLE_LIMITS_DEG;

const bandSchema = Joi.object<Checked<ThinBandChoice>, true>({
  angleDeg: number().greater(0).max(highestAngle).required().label(STRINGS.angleOfTheBandDegrees),
  toMm: openNumber(STRINGS.heightTheBandRunsOutAt, 0.1, HIGHEST_BAND_MM).default(null),
  stoneId: stoneId(STRINGS.stoneOfTheBand).allow(null).required(),
});

const seriesPartSchema = Joi.object<Checked<SeriesPart>, true>({
  surface: oneOf(STRINGS.surface, SERIES_SURFACES),
  stoneId: stoneId(STRINGS.stoneOrStrop).allow(null).required(),
  strokes: number().integer().min(1).max(MOST_STROP_STROKES).required().label(STRINGS.strokesASide),
  underDeg: openNumber(STRINGS.underTheBevelDegrees, -MOST_OVER_DEG, MOST_UNDER_DEG),
});

/** Strokes or seconds, one of the two. */
const ownRoundSchema = Joi.object<Checked<OwnRound>, true>({
  side: oneOf(STRINGS.side, ['right', 'left'] as const),
  strokes: number().integer().min(1).max(5000).allow(null).required().label(STRINGS.strokes),
  seconds: number()
    .greater(0)
    .max(36_000)
    .allow(null)
    .required()
    .when('strokes', { is: null, then: Joi.invalid(null) })
    .label(STRINGS.seconds),
  zone: Joi.string()
    .valid(...OWN_ZONES)
    .allow(null)
    .required()
    .label(STRINGS.zone),
});
const ownPatternsSchema = Joi.object<OwnPatterns>()
  .pattern(
    Joi.string().pattern(new RegExp(`^(${PLAN_OPERATIONS.join('|')})( \\d{1,2})?$`)),
    Joi.array().items(ownRoundSchema).min(1).max(MOST_OWN_ROUNDS),
  )
  .label(STRINGS.ownPatterns);

const forceSchema = Joi.object<Checked<ForceHabit>, true>({
  firstN: number()
    .min(FORCE_LIMITS.firstN[0])
    .max(FORCE_LIMITS.firstN[1])
    .required()
    .label(STRINGS.onTheFirstStoneN),
  fall: number()
    .min(FORCE_LIMITS.fall[0])
    .max(FORCE_LIMITS.fall[1])
    .required()
    .label(STRINGS.shareLeftAtEachFinerStone),
});

export const choicesSchema = Joi.object<Checked<PlanChoices>, true>({
  approach: Joi.string()
    .valid(...APPROACHES)
    .allow(null)
    .required()
    .label(STRINGS.approach),
  angleDeg: number()
    .min(lowestAngle)
    .max(highestAngle)
    .allow(null)
    .required()
    .label(STRINGS.anglePerSideDegrees),
  chipsLeft: Joi.array()
    .items(text(STRINGS.chip, 40))
    .max(60)
    .required()
    .label(STRINGS.chipsLeftIn),
  thin: yesOrNo().allow(null).required().label(STRINGS.thinning),
  thinDepth: Joi.string()
    .valid(...THIN_DEPTHS)
    .allow(null)
    .default(null)
    .label(STRINGS.howFarThinned),
  thinTo: thinTargetsSchema.default({ at5Mm: null, at10Mm: null }).label(STRINGS.thicknessWanted),
  thinBands: Joi.array()
    .items(bandSchema)
    .min(1)
    .max(MOST_BANDS)
    .allow(null)
    .default(null)
    .label(STRINGS.bandsOfTheThinning),
  thinStopMm: openNumber(STRINGS.thicknessToStopAtMm, 0.05, 20).default(null),
  highSpotVisits: number()
    .integer()
    .min(1)
    .max(MOST_HIGH_SPOT_VISITS)
    .allow(null)
    .default(null)
    .label(STRINGS.visitsForAHighSpot),
  finishUm: finishWindow.allow(null).required(),
  maxRatio: number().greater(1).max(100).allow(null).required().label(STRINGS.largestJump),
  direction: oneOf(STRINGS.direction, DIRECTIONS),
  burrPolicy: oneOf(STRINGS.burrPolicy, BURR_POLICIES),
  school: oneOf(STRINGS.schoolOfTheProgression, PROGRESSION_SCHOOLS),
  first: stoneId(STRINGS.firstStone).allow(null).required(),
  skip: Joi.array()
    .items(stoneId(STRINGS.stone))
    .max(MOST_STONES)
    .required()
    .label(STRINGS.doneWithout),
  through: Joi.array().items(stoneId(STRINGS.stone)).max(20).required().label(STRINGS.insistedOn),
  chains: Joi.array()
    .items(partChainSchema)
    .max(BLADE_PARTS.length)
    .unique('part')
    .required()
    .label(STRINGS.chains),
  finishing: finishingSchema.required().label(STRINGS.finishing),
  series: Joi.array()
    .items(seriesPartSchema)
    .min(1)
    .max(MOST_IN_SERIES)
    .allow(null)
    .default(null)
    .label(STRINGS.finishingSeries),
  machineId: stoneId(STRINGS.machine).allow(null).required(),
  handFromUm: openNumber(STRINGS.byHandFromM, 0.1, 800).default(null),
  pattern: Joi.string()
    .valid(...STROKE_PATTERNS)
    .allow(null)
    .default(null)
    .label(STRINGS.strokePattern),
  ownPatterns: ownPatternsSchema.allow(null).default(null),
  force: forceSchema.allow(null).default(null).label(STRINGS.pressure),
  order: Joi.string()
    .valid(...WORK_ORDERS)
    .allow(null)
    .default(null)
    .label(STRINGS.orderOfTheWork),
  refineFace: Joi.string()
    .valid(...REFINED_FACES)
    .allow(null)
    .default(null)
    .label(STRINGS.whatFinerStonesClear),
  deburrRaiseDeg: number()
    .min(0)
    .max(MOST_DEBURR_RAISE_DEG)
    .default(DEFAULT_CHOICES.deburrRaiseDeg)
    .label(STRINGS.raisedToDeburrDegrees),
  microStrokes: number()
    .integer()
    .min(MICRO_STROKES_LIMITS[0])
    .max(MICRO_STROKES_LIMITS[1])
    .default(DEFAULT_CHOICES.microStrokes)
    .label(STRINGS.strokesOfAMicroBevel),
  practice: practiceSchema.default(DEFAULT_CHOICES.practice).label(STRINGS.schools),
  kind: kindChoicesSchema.default(DEFAULT_CHOICES.kind).label(STRINGS.ofThisKind),
  changes: Joi.array().items(changeSchema).max(MOST_CHANGES).default([]).label(STRINGS.changes),
  added: Joi.array().items(addedSchema).max(MOST_ADDED).default([]).label(STRINGS.ownSteps),
});
