/** Stones of the rack and their care, as they are sent. */
import Joi from 'joi';
import {
  ABRASIVE_KIND_IDS,
  BENCH_ABRASIVES,
  BONDS,
  GRIT_SCALES,
  GRIT_TABLES,
  LIQUIDS,
  SOAKINGS,
  STROKE_LIKINGS,
  type BenchAbrasive,
  type AbrasiveKindId,
  type Bond,
  type GritScale,
  type Liquid,
  type Soaking,
  type StrokeLiking,
} from '@patient-edge/core';
import {
  id,
  number,
  oneOf,
  openNumber,
  optionalText,
  text,
  version,
  yesOrNo,
  type Checked,
} from './schema-parts';
import { MOST_STONES } from './shop-rules';
import { STRINGS } from './field-strings';

export interface StoneBody {
  readonly name: string;
  readonly kind: AbrasiveKindId;
  readonly abrasive: BenchAbrasive;
  /** Median grain that is planned with: that of the printed grit, or the owner's own figure. */
  readonly um: number;
  /** As it is printed on the stone; both or none. */
  readonly gritScale: GritScale | null;
  readonly gritNumber: number | null;
  readonly gritLabel: string;
  readonly bond: Bond;
  readonly soaking: Soaking;
  readonly soakMinutes: number;
  readonly dryHours: number;
  readonly liquid: Liquid;
  readonly lengthMm: number | null;
  readonly radiusMm: number | null;
  readonly widthMm: number | null;
  readonly thicknessNewMm: number | null;
  readonly thicknessMm: number | null;
  readonly minThicknessMm: number | null;
  /** The stone on whose other side this grit is. */
  readonly otherSideId: number | null;
  readonly strokes: StrokeLiking;
  readonly needsDressing: boolean;
  /** Goes into the clamp rig; null where nobody has said. */
  readonly fitsRig: boolean | null;
  /** Goes into the pack. */
  readonly portable: boolean;
  readonly cutFactor: number;
  readonly scratchFactor: number;
  readonly changeSeconds: number;
  /** Minutes of work between flattenings; null where it does not dish. */
  readonly minutesFlat: number | null;
  readonly priceMinor: number | null;
  readonly place: string;
  readonly retired: boolean;
}

const size = (label: string, max: number) => openNumber(label, 0.01, max);
const stoneKeys = {
  name: text(STRINGS.name, 60).required(),
  kind: oneOf(STRINGS.kind, ABRASIVE_KIND_IDS),
  abrasive: oneOf(STRINGS.abrasive, BENCH_ABRASIVES),
  um: number().min(0.05).max(1000).required().label(STRINGS.medianGrainM),
  gritScale: Joi.string()
    .valid(...GRIT_SCALES)
    .allow(null)
    .required()
    .label(STRINGS.gritScale),
  gritNumber: openNumber(STRINGS.gritNumber, 1, 30000),
  gritLabel: optionalText(STRINGS.printedOnIt, 40),
  bond: oneOf(STRINGS.bond, BONDS),
  soaking: oneOf(STRINGS.water, SOAKINGS),
  soakMinutes: number()
    .max(1440)
    .required()
    .when('soaking', { is: 'soak', then: number().min(1), otherwise: number().min(0) })
    .label(STRINGS.soakMinutes),
  dryHours: number().min(0).max(240).required().label(STRINGS.driesInHours),
  liquid: oneOf(STRINGS.liquid, LIQUIDS),
  lengthMm: size(STRINGS.lengthMm, 3000),
  radiusMm: size(STRINGS.radiusOfItsRoundMm, 400).optional().default(null),
  widthMm: size(STRINGS.widthMm, 1000),
  thicknessNewMm: size(STRINGS.thicknessWhenNewMm, 500),
  thicknessMm: size(STRINGS.thicknessLeftMm, 500),
  minThicknessMm: size(STRINGS.thinnestItMayGetMm, 500),
  otherSideId: id(STRINGS.otherSideOf).allow(null).required(),
  strokes: oneOf(STRINGS.strokesItLikes, STROKE_LIKINGS),
  needsDressing: yesOrNo().required().label(STRINGS.wantsADressingStone),
  fitsRig: yesOrNo().allow(null).default(null).label(STRINGS.fitsTheClampRig),
  portable: yesOrNo().default(false).label(STRINGS.goesIntoThePack),
  cutFactor: number().min(0.1).max(10).required().label(STRINGS.cutFactor),
  scratchFactor: number().min(0.1).max(5).required().label(STRINGS.scratchFactor),
  changeSeconds: number().min(0).max(3600).required().label(STRINGS.timeToChangeToItS),
  minutesFlat: openNumber(STRINGS.minutesBetweenFlattenings, 1, 10000),
  priceMinor: number()
    .integer()
    .min(0)
    .max(100_000_000)
    .allow(null)
    .required()
    .label(STRINGS.price),
  place: optionalText(STRINGS.place, 60),
  retired: yesOrNo().required().label(STRINGS.retired),
};

/** Both of a printed grit or none, inside its scale; no more stone left than there was. */
const belongsTogether = (value: StoneBody, helpers: Joi.CustomHelpers) => {
  const { gritScale, gritNumber, thicknessMm, thicknessNewMm } = value;
  if ((gritScale === null) !== (gritNumber === null)) {
    return helpers.error('stone.grit', { field: gritScale === null ? 'gritScale' : 'gritNumber' });
  }
  if (gritScale !== null && gritNumber !== null) {
    const table = GRIT_TABLES[gritScale];
    const [low, high] = [table[0]!.grit, table[table.length - 1]!.grit];
    if (gritNumber < low || gritNumber > high) {
      return helpers.error('stone.scale', {
        field: 'gritNumber',
        gritScale,
        low,
        high,
        gritNumber,
      });
    }
  }
  if (thicknessMm !== null && thicknessNewMm !== null && thicknessMm > thicknessNewMm) {
    return helpers.error('stone.thicker', { field: 'thicknessMm', thicknessMm, thicknessNewMm });
  }
  return value;
};
const STONE_MESSAGES = {
  'stone.grit': STRINGS.giveTheScaleAndTheNumber,
  'stone.scale': STRINGS.gritNumberGritscaleRunsFromLow,
  'stone.thicker': STRINGS.thicknessLeftMustBeAtMost,
};

export const stoneSchema = Joi.object<Checked<StoneBody>, true>(stoneKeys)
  .custom(belongsTogether)
  .messages(STONE_MESSAGES);

export interface ChangeStoneBody extends StoneBody {
  readonly version: number;
}
export const changeStoneSchema = Joi.object<Checked<ChangeStoneBody>, true>({
  ...stoneKeys,
  version,
})
  .custom(belongsTogether)
  .messages(STONE_MESSAGES);

export interface ImportStonesBody {
  readonly stones: readonly StoneBody[];
}
export const importStonesSchema = Joi.object<Checked<ImportStonesBody>, true>({
  stones: Joi.array()
    .items(stoneSchema)
    .min(1)
    .max(MOST_STONES)
    .unique('name')
    .required()
    .label(STRINGS.stones),
});

export interface FlatteningBody {
  /** What it was rubbed on. */
  readonly plate: string;
  /** The pencil grid is gone everywhere: else it is not flat, and does not count. */
  readonly gridGone: boolean;
  readonly minutes: number;
  readonly lostMm: number;
}
export const flatteningSchema = Joi.object<Checked<FlatteningBody>, true>({
  plate: text(STRINGS.plateUsed, 60).required(),
  gridGone: Joi.boolean()
    .strict()
    .valid(true)
    .required()
    .label(STRINGS.pencilGridGone)
    .messages({ 'any.only': STRINGS.pencilGridGoneRubOnUntil }),
  minutes: number().min(0.1).max(600).required().label(STRINGS.minutes),
  lostMm: number().min(0).max(20).required().label(STRINGS.thicknessLostMm),
});

export interface SoakBody {
  readonly minutes: number;
  readonly jobId: number | null;
}
export const soakSchema = Joi.object<Checked<SoakBody>, true>({
  minutes: number().min(0.5).max(1440).required().label(STRINGS.soakMinutes),
  jobId: id(STRINGS.blade).allow(null).required(),
});
