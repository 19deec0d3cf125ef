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

const stoneId = (label: string) => text(label, 20);
const finishWindow = Joi.array()
  .ordered(
    number().min(0.1).max(800).required().label('Finest, µm'),
    number().min(Joi.ref('0')).max(800).required().label('Coarsest, µm'),
  )
  .label('Finish window');

/** Which side a gauge is for, where the sides are held differently. */
export const planOutputSchema = Joi.object<Checked<{ readonly side?: 'right' | 'left' }>, true>({
  side: Joi.string().valid('right', 'left').label('Side'),
});

const partChainSchema = Joi.object<Checked<PartChain>, true>({
  part: oneOf('Part of the blade', BLADE_PARTS),
  stones: Joi.array()
    .items(stoneId('Stone'))
    .min(1)
    .max(MOST_IN_CHAIN)
    .allow(null)
    .required()
    .label('Stones'),
  bond: Joi.string()
    .valid(...BONDS)
    .allow(null)
    .required()
    .label('Bond'),
  finishUm: finishWindow.allow(null).required(),
  faceMm: openNumber('Width of the face, mm', 0.02, 80),
  direction: oneOf('Direction', DIRECTIONS),
  slurry: oneOf('Slurry', SLURRIES),
});

const finishingSchema = Joi.object<Checked<Finishing>, true>({
  on: oneOf('Finished on', FINISHING_SURFACES),
  stropId: stoneId('Strop').allow(null).required(),
  back: oneOf('Back of the strop', STROP_BACKS),
  underDeg: number().min(0).max(MOST_UNDER_DEG).required().label('Under the bevel, °'),
  strokes: number().integer().min(1).max(MOST_STROP_STROKES).required().label('Strokes a side'),
});

const thinTargetsSchema = Joi.object<Checked<ThinTargets>, true>({
  at5Mm: openNumber('Thickness 5 mm above the edge, mm', 0.05, 20),
  at10Mm: openNumber('Thickness 10 mm above the edge, mm', 0.05, 20),
});

const practiceSchema = Joi.object<Checked<Practice>, true>({
  oldEdge: oneOf('Old edge', OLD_EDGES),
  returnStroke: oneOf('Return stroke', RETURN_STROKES),
  slurry: oneOf('Slurry', SLURRIES),
  micro: oneOf('Micro bevel', MICRO_HABITS),
  rod: oneOf('Rod', ROD_HABITS),
  lowSpots: oneOf('Low spots', LOW_SPOT_HABITS),
  lasts: oneOf('Which lasts', LASTING_CLAIMS),
  mustCutAfterFirst: yesOrNo().required().label('Must cut after the first stone'),
});

const kindChoicesSchema = Joi.object<Checked<KindChoices>, true>({
  frontForm: Joi.string()
    .valid(...FRONT_FORMS)
    .allow(null)
    .required()
    .label('Form of the front'),
  backTurn: Joi.string()
    .valid(...BACK_TURNS)
    .default(DEFAULT_CHOICES.kind.backTurn)
    .label('Back on each stone'),
  ridgeForm: Joi.string()
    .valid(...RIDGE_FORMS)
    .default(DEFAULT_CHOICES.kind.ridgeForm)
    .label('Bevel below the ridge'),
  fingerOrder: Joi.string()
    .valid(...FINGER_ORDERS)
    .default(DEFAULT_CHOICES.kind.fingerOrder)
    .label('Order of the finger positions'),
  tapForRimMm: openNumber('Rim to tap out for, mm', 0.1, WIDEST_TAPPED_RIM_MM),
  serrationWay: oneOf('Way of the scallops', SERRATION_WAYS),
  // Plans settled before it could be chosen have none.
  flatSideDeg: number()
    .min(0)
    .max(MOST_FLAT_SIDE_DEG)
    .allow(null)
    .default(DEFAULT_CHOICES.kind.flatSideDeg)
    .label('Flat side, °'),
  axeService: oneOf('Service', AXE_SERVICES),
  tipWay: Joi.string()
    .valid(...TIP_WAYS)
    .default(DEFAULT_CHOICES.kind.tipWay)
    .label('Way of the tip'),
  razorStart: Joi.string()
    .valid(...RAZOR_STARTS)
    .default(DEFAULT_CHOICES.kind.razorStart)
    .label('Where a razor begins'),
  tapeLayers: number().integer().min(0).max(MOST_TAPE_LAYERS).required().label('Layers of tape'),
});

const reason = text('Reason', 200).min(3).required();
const changeSchema = Joi.object<Checked<StepChange>, true>({
  step: text('Step', 40).required(),
  what: oneOf('What is changed', CHANGEABLE),
  to: Joi.string().allow('').max(600).required().label('Changed to'),
  reason,
})
  .custom((change: StepChange, helpers) => {
    const problem = changeProblem(change);
    return problem === null ? change : helpers.error('change.wrong', { problem });
  })
  .messages({ 'change.wrong': '{#problem}' });
const addedSchema = Joi.object<Checked<AddedStep>, true>({
  after: text('After', 40).allow(null).required(),
  title: text('Title', 80).min(3).required(),
  instruction: text('What to do', 600).min(3).required(),
  minutes: number().min(0.1).max(600).required().label('Minutes'),
  reason,
});

const [lowestAngle, highestAngle] = ANGLE_LIMITS_DEG;

const bandSchema = Joi.object<Checked<ThinBandChoice>, true>({
  angleDeg: number().greater(0).max(highestAngle).required().label('Angle of the band, °'),
  toMm: openNumber('Height the band runs out at, mm', 0.1, HIGHEST_BAND_MM).default(null),
  stoneId: stoneId('Stone of the band').allow(null).required(),
});

const seriesPartSchema = Joi.object<Checked<SeriesPart>, true>({
  surface: oneOf('Surface', SERIES_SURFACES),
  stoneId: stoneId('Stone or strop').allow(null).required(),
  strokes: number().integer().min(1).max(MOST_STROP_STROKES).required().label('Strokes a side'),
  underDeg: openNumber('Under the bevel, °', -MOST_OVER_DEG, MOST_UNDER_DEG),
});

/** Strokes or seconds, one of the two. */
const ownRoundSchema = Joi.object<Checked<OwnRound>, true>({
  side: oneOf('Side', ['right', 'left'] as const),
  strokes: number().integer().min(1).max(5000).allow(null).required().label('Strokes'),
  seconds: number()
    .greater(0)
    .max(36_000)
    .allow(null)
    .required()
    .when('strokes', { is: null, then: Joi.invalid(null) })
    .label('Seconds'),
  zone: Joi.string()
    .valid(...OWN_ZONES)
    .allow(null)
    .required()
    .label('Zone'),
});
const ownPatternsSchema = Joi.object<OwnPatterns>()
  .pattern(
    Joi.string().pattern(new RegExp(`^(${PLAN_OPERATIONS.join('|')})( \\d{1,2})?$`)),
    Joi.array().items(ownRoundSchema).min(1).max(MOST_OWN_ROUNDS),
  )
  .label('Own patterns');

const forceSchema = Joi.object<Checked<ForceHabit>, true>({
  firstN: number()
    .min(FORCE_LIMITS.firstN[0])
    .max(FORCE_LIMITS.firstN[1])
    .required()
    .label('On the first stone, N'),
  fall: number()
    .min(FORCE_LIMITS.fall[0])
    .max(FORCE_LIMITS.fall[1])
    .required()
    .label('Share left at each finer stone'),
});

export const choicesSchema = Joi.object<Checked<PlanChoices>, true>({
  approach: Joi.string()
    .valid(...APPROACHES)
    .allow(null)
    .required()
    .label('Approach'),
  angleDeg: number()
    .min(lowestAngle)
    .max(highestAngle)
    .allow(null)
    .required()
    .label('Angle per side, °'),
  chipsLeft: Joi.array().items(text('Chip', 40)).max(60).required().label('Chips left in'),
  thin: yesOrNo().allow(null).required().label('Thinning'),
  thinDepth: Joi.string()
    .valid(...THIN_DEPTHS)
    .allow(null)
    .default(null)
    .label('How far thinned'),
  thinTo: thinTargetsSchema.default({ at5Mm: null, at10Mm: null }).label('Thickness wanted'),
  thinBands: Joi.array()
    .items(bandSchema)
    .min(1)
    .max(MOST_BANDS)
    .allow(null)
    .default(null)
    .label('Bands of the thinning'),
  thinStopMm: openNumber('Thickness to stop at, mm', 0.05, 20).default(null),
  highSpotVisits: number()
    .integer()
    .min(1)
    .max(MOST_HIGH_SPOT_VISITS)
    .allow(null)
    .default(null)
    .label('Visits for a high spot'),
  finishUm: finishWindow.allow(null).required(),
  maxRatio: number().greater(1).max(100).allow(null).required().label('Largest jump'),
  direction: oneOf('Direction', DIRECTIONS),
  burrPolicy: oneOf('Burr policy', BURR_POLICIES),
  school: oneOf('School of the progression', PROGRESSION_SCHOOLS),
  first: stoneId('First stone').allow(null).required(),
  skip: Joi.array().items(stoneId('Stone')).max(MOST_STONES).required().label('Done without'),
  through: Joi.array().items(stoneId('Stone')).max(20).required().label('Insisted on'),
  chains: Joi.array()
    .items(partChainSchema)
    .max(BLADE_PARTS.length)
    .unique('part')
    .required()
    .label('Chains'),
  finishing: finishingSchema.required().label('Finishing'),
  series: Joi.array()
    .items(seriesPartSchema)
    .min(1)
    .max(MOST_IN_SERIES)
    .allow(null)
    .default(null)
    .label('Finishing series'),
  machineId: stoneId('Machine').allow(null).required(),
  handFromUm: openNumber('By hand from, µm', 0.1, 800).default(null),
  pattern: Joi.string()
    .valid(...STROKE_PATTERNS)
    .allow(null)
    .default(null)
    .label('Stroke pattern'),
  ownPatterns: ownPatternsSchema.allow(null).default(null),
  force: forceSchema.allow(null).default(null).label('Pressure'),
  order: Joi.string()
    .valid(...WORK_ORDERS)
    .allow(null)
    .default(null)
    .label('Order of the work'),
  refineFace: Joi.string()
    .valid(...REFINED_FACES)
    .allow(null)
    .default(null)
    .label('What finer stones clear'),
  deburrRaiseDeg: number()
    .min(0)
    .max(MOST_DEBURR_RAISE_DEG)
    .default(DEFAULT_CHOICES.deburrRaiseDeg)
    .label('Raised to deburr, °'),
  microStrokes: number()
    .integer()
    .min(MICRO_STROKES_LIMITS[0])
    .max(MICRO_STROKES_LIMITS[1])
    .default(DEFAULT_CHOICES.microStrokes)
    .label('Strokes of a micro bevel'),
  practice: practiceSchema.default(DEFAULT_CHOICES.practice).label('Schools'),
  kind: kindChoicesSchema.default(DEFAULT_CHOICES.kind).label('Of this kind'),
  changes: Joi.array().items(changeSchema).max(MOST_CHANGES).default([]).label('Changes'),
  added: Joi.array().items(addedSchema).max(MOST_ADDED).default([]).label('Own steps'),
});
