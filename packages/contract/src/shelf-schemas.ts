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
  designation: text('Designation', 80).min(2).required(),
  standard: optionalText('Standard', 40),
  steelClass: text('Class', 60).required(),
  stainless: oneOf('Stainless', STAINLESS),
  composition: optionalText('Composition', 200),
  hrcLow: number().min(30).max(72).required().label('Hardness from, HRC'),
  hrcHigh: number().min(Joi.ref('hrcLow')).max(72).required().label('Hardness to, HRC'),
  wearFactor: number().min(0.1).max(10).required().label('Wear factor'),
  wearFactorDiamond: number().min(0.1).max(10).required().label('Wear factor with diamond'),
  finestUsefulUm: number().min(0.1).max(100).required().label('Finest useful, µm'),
  burr: oneOf('Burr', BURR_HABITS),
  edge: oneOf('Edge', EDGE_HABITS),
  note: optionalText('Note', 500),
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
  sagRadiusMm: 'Radius of the sag, mm',
  wheelDiameterMm: 'Diameter of the wheel, mm',
  pivotReachMm: 'Edge to pivot, mm',
  rodToFaceMm: 'Rod to face of the stone, mm',
  stoneForRodMm: 'Thickness of that stone, mm',
  raiseDeg: 'Raised at the finer stones, ° (empty: as it repeats)',
  railOffsetMm: 'Rail to the centre plane, mm',
  shimMm: 'One shim, mm',
  rodLengthMm: 'Length that cuts, mm',
  rodLeanDeg: 'Lean of the rod, ° (0: held upright)',
  speedMPerS: 'Speed, m/s',
};

export interface MachineBody extends MachineSizes {
  readonly name: string;
  readonly kind: MachineKind;
  readonly note: string;
  readonly retired: boolean;
}
const machineKeys = {
  name: text('Name', 60).required(),
  kind: oneOf('Kind', MACHINE_KINDS),
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
  note: optionalText('Note', 300),
  retired: yesOrNo().required().label('Retired'),
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
const MACHINE_MESSAGES = { 'machine.size': '{#size} is missing: a {#machineKind} needs it' };
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
  setDeg: angleDeg('Set, ° per side'),
  measuredDeg: angleDeg('Measured, ° per side'),
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
  coinMm: number().min(0.1).max(10).required().label('Thickness of a coin, mm'),
  count: number().integer().min(1).max(60).required().label('Coins'),
  angleDeg: angleDeg('Angle found, ° per side'),
});
export const touchUpSchema = Joi.object<Checked<TouchUpBody>, true>({
  version,
  rung: oneOf(
    'Rung',
    RUNGS.filter((rung) => rung !== 'full round'),
  ),
  stoneId: id('Stone').allow(null).required(),
  enough: yesOrNo().required().label('Enough'),
  note: optionalText('Note', 200),
  coins: coinsSchema.allow(null).default(null).label('Coins'),
  passes: number().integer().min(1).max(60).allow(null).default(null).label('Passes a side'),
});
