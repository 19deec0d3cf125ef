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
  name: text('Name', 60).required(),
  kind: oneOf('Kind', ABRASIVE_KIND_IDS),
  abrasive: oneOf('Abrasive', BENCH_ABRASIVES),
  um: number().min(0.05).max(1000).required().label('Median grain, µm'),
  gritScale: Joi.string()
    .valid(...GRIT_SCALES)
    .allow(null)
    .required()
    .label('Grit scale'),
  gritNumber: openNumber('Grit number', 1, 30000),
  gritLabel: optionalText('Printed on it', 40),
  bond: oneOf('Bond', BONDS),
  soaking: oneOf('Water', SOAKINGS),
  soakMinutes: number()
    .max(1440)
    .required()
    .when('soaking', { is: 'soak', then: number().min(1), otherwise: number().min(0) })
    .label('Soak, minutes'),
  dryHours: number().min(0).max(240).required().label('Dries in, hours'),
  liquid: oneOf('Liquid', LIQUIDS),
  lengthMm: size('Length, mm', 3000),
  radiusMm: size('Radius of its round, mm', 400).optional().default(null),
  widthMm: size('Width, mm', 1000),
  thicknessNewMm: size('Thickness when new, mm', 500),
  thicknessMm: size('Thickness left, mm', 500),
  minThicknessMm: size('Thinnest it may get, mm', 500),
  otherSideId: id('Other side of').allow(null).required(),
  strokes: oneOf('Strokes it likes', STROKE_LIKINGS),
  needsDressing: yesOrNo().required().label('Wants a dressing stone'),
  fitsRig: yesOrNo().allow(null).default(null).label('Fits the clamp rig'),
  portable: yesOrNo().default(false).label('Goes into the pack'),
  cutFactor: number().min(0.1).max(10).required().label('Cut factor'),
  scratchFactor: number().min(0.1).max(5).required().label('Scratch factor'),
  changeSeconds: number().min(0).max(3600).required().label('Time to change to it, s'),
  minutesFlat: openNumber('Minutes between flattenings', 1, 10000),
  priceMinor: number().integer().min(0).max(100_000_000).allow(null).required().label('Price'),
  place: optionalText('Place', 60),
  retired: yesOrNo().required().label('Retired'),
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
  'stone.grit': 'Give the scale and the number together, or neither',
  'stone.scale': 'Grit number: {#gritScale} runs from {#low} to {#high}; {#gritNumber} was given',
  'stone.thicker':
    'Thickness left must be at most {#thicknessNewMm} mm, as when new; {#thicknessMm} was given',
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
    .label('Stones'),
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
  plate: text('Plate used', 60).required(),
  gridGone: Joi.boolean()
    .strict()
    .valid(true)
    .required()
    .label('Pencil grid gone')
    .messages({ 'any.only': 'Pencil grid gone: rub on until it is, then keep the flattening' }),
  minutes: number().min(0.1).max(600).required().label('Minutes'),
  lostMm: number().min(0).max(20).required().label('Thickness lost, mm'),
});

export interface SoakBody {
  readonly minutes: number;
  readonly jobId: number | null;
}
export const soakSchema = Joi.object<Checked<SoakBody>, true>({
  minutes: number().min(0.5).max(1440).required().label('Soak, minutes'),
  jobId: id('Blade').allow(null).required(),
});
