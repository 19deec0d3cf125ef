/** Steels of the shop's own, machines with their test cuts, and touch-ups, as they are sent. */
import Joi from 'joi';
import {
  MACHINE_KINDS,
  RUNGS,
  OPTIONAL_SIZES,
  SIZES_OF,
  type BurrHabit,
  type MachineKind,
  type MachineSizes,
  type Rung,
  type Steel,
} from '@patient-edge/core';
import {
  angleDeg,
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
import { STRINGS } from './field-strings';

export const BURR_HABITS: readonly BurrHabit[] = [
  'clinging',
  'moderate',
  'light',
  'releases',
  'flies off',
];
export const STAINLESS = ['yes', 'no', 'semi', 'unknown'] as const;
export const EDGE_HABITS = [
  'gummy',
  'sound',
  'tough',
  'very tough',
  'toothy',
  'chippy when thin',
  'chippy',
] as const;

export interface SteelBody extends Steel {
  readonly note: string;
}
const steelKeys = {
  designation: text(STRINGS.designation, 80).min(2).required(),
  standard: optionalText(STRINGS.standard, 40),
  steelClass: text(STRINGS.classWord, 60).required(),
  stainless: oneOf(STRINGS.stainless, STAINLESS),
  composition: optionalText(STRINGS.composition, 200),
  hrcLow: number().min(30).max(72).required().label(STRINGS.hardnessFromHrc),
  hrcHigh: number().min(Joi.ref('hrcLow')).max(72).required().label(STRINGS.hardnessToHrc),
  wearFactor: number().min(0.1).max(10).required().label(STRINGS.wearFactor),
  wearFactorDiamond: number().min(0.1).max(10).required().label(STRINGS.wearFactorWithDiamond),
  finestUsefulUm: number().min(0.1).max(100).required().label(STRINGS.finestUsefulM),
  burr: oneOf(STRINGS.burr, BURR_HABITS),
  edge: oneOf(STRINGS.edge, EDGE_HABITS),
  note: optionalText(STRINGS.note, 500),
};
export const steelSchema = Joi.object<Checked<SteelBody>, true>(steelKeys);
export interface ChangeSteelBody extends SteelBody {
  readonly version: number;
}
export const changeSteelSchema = Joi.object<Checked<ChangeSteelBody>, true>({
  ...steelKeys,
  version,
});

/** How the sizes of a machine are called. */
export const MACHINE_SIZE_LABELS: Readonly<Record<keyof MachineSizes, string>> = {
  sagRadiusMm: STRINGS.radiusOfTheSagMm,
  wheelDiameterMm: STRINGS.diameterOfTheWheelMm,
  pivotReachMm: STRINGS.edgeToPivotMm,
  rodToFaceMm: STRINGS.rodToFaceOfTheStone,
  stoneForRodMm: STRINGS.thicknessOfThatStoneMm,
  raiseDeg: STRINGS.raisedAtTheFinerStonesDegrees,
  railOffsetMm: STRINGS.railToTheCentrePlaneMm,
  shimMm: STRINGS.oneShimMm,
  rodLengthMm: STRINGS.lengthThatCutsMm,
  rodLeanDeg: STRINGS.leanOfTheRodDegrees0,
  speedMPerS: STRINGS.speedMS,
};

export interface MachineBody extends MachineSizes {
  readonly name: string;
  readonly kind: MachineKind;
  readonly note: string;
  readonly retired: boolean;
}
const machineKeys = {
  name: text(STRINGS.name, 60).required(),
  kind: oneOf(STRINGS.kind, MACHINE_KINDS),
  sagRadiusMm: openNumber(MACHINE_SIZE_LABELS.sagRadiusMm, 5, 5000),
  wheelDiameterMm: openNumber(MACHINE_SIZE_LABELS.wheelDiameterMm, 20, 2000),
  pivotReachMm: openNumber(MACHINE_SIZE_LABELS.pivotReachMm, 20, 1000),
  rodToFaceMm: openNumber(MACHINE_SIZE_LABELS.rodToFaceMm, 0, 100),
  stoneForRodMm: openNumber(MACHINE_SIZE_LABELS.stoneForRodMm, 0, 100),
  raiseDeg: openNumber(MACHINE_SIZE_LABELS.raiseDeg, 0, 0.3).default(null),
  railOffsetMm: openNumber(MACHINE_SIZE_LABELS.railOffsetMm, 0.5, 60),
  shimMm: openNumber(MACHINE_SIZE_LABELS.shimMm, 0.05, 10),
  rodLengthMm: openNumber(MACHINE_SIZE_LABELS.rodLengthMm, 50, 600),
  rodLeanDeg: openNumber(MACHINE_SIZE_LABELS.rodLeanDeg, 0, 40),
  speedMPerS: openNumber(MACHINE_SIZE_LABELS.speedMPerS, 0.1, 40),
  note: optionalText(STRINGS.note, 300),
  retired: yesOrNo().required().label(STRINGS.retired),
};
const hasItsSizes = (value: MachineBody, helpers: Joi.CustomHelpers) => {
  const missing = SIZES_OF[value.kind].find(
    (size) => value[size] === null && !OPTIONAL_SIZES.includes(size),
  );
  return missing === undefined
    ? value
    : helpers.error('machine.size', {
        field: missing,
        size: MACHINE_SIZE_LABELS[missing],
        machineKind: value.kind,
      });
};
const MACHINE_MESSAGES = { 'machine.size': STRINGS.sizeIsMissingAMachinekindNeeds };
export const machineSchema = Joi.object<Checked<MachineBody>, true>(machineKeys)
  .custom(hasItsSizes)
  .messages(MACHINE_MESSAGES);
export interface ChangeMachineBody extends MachineBody {
  readonly version: number;
}
export const changeMachineSchema = Joi.object<Checked<ChangeMachineBody>, true>({
  ...machineKeys,
  version,
})
  .custom(hasItsSizes)
  .messages(MACHINE_MESSAGES);

export interface TestCutBody {
  readonly setDeg: number;
  readonly measuredDeg: number;
}
export const testCutSchema = Joi.object<Checked<TestCutBody>, true>({
  setDeg: angleDeg(STRINGS.setDegreesPerSide),
  measuredDeg: angleDeg(STRINGS.measuredDegreesPerSide),
});

/** How the angle of a rod was set: so many coins at the middle, and what they gave. */
export interface CoinsFound {
  readonly coinMm: number;
  readonly count: number;
  readonly angleDeg: number;
}

export interface TouchUpBody {
  readonly version: number;
  readonly rung: Rung;
  readonly stoneId: number | null;
  readonly enough: boolean;
  readonly note: string;
  /** How the angle of a rod was set; null where it was not. */
  readonly coins: CoinsFound | null;
  /** On each side; null where nobody counted. */
  readonly passes: number | null;
}
export const coinsSchema = Joi.object<Checked<CoinsFound>, true>({
  coinMm: number().min(0.1).max(10).required().label(STRINGS.thicknessOfACoinMm),
  count: number().integer().min(1).max(60).required().label(STRINGS.coins),
  angleDeg: angleDeg(STRINGS.angleFoundDegreesPerSide),
});
export const touchUpSchema = Joi.object<Checked<TouchUpBody>, true>({
  version,
  rung: oneOf(
    STRINGS.rung,
    RUNGS.filter((rung) => rung !== 'full round'),
  ),
  stoneId: id(STRINGS.stone).allow(null).required(),
  enough: yesOrNo().required().label(STRINGS.enough),
  note: optionalText(STRINGS.note, 200),
  coins: coinsSchema.allow(null).default(null).label(STRINGS.coins),
  passes: number().integer().min(1).max(60).allow(null).default(null).label(STRINGS.passesASide),
});
