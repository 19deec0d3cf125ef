/** What stands on the shelves of the demo: abrasives, machines and a steel of the shop's own. */
import type { MachineBody, SteelBody, StoneBody, TestCutBody } from '@patient-edge/contract';
import {
  abrasiveKind,
  DEMO_STONES,
  NO_SIZES,
  usualMinutesFlat,
  type DemoStone,
} from '@patient-edge/core';

const stone = (given: DemoStone): StoneBody => {
  const { dishes, scratchFactor, liquids } = abrasiveKind(given.kind);
  const bond = given.bond ?? 'middling';
  return {
    gritScale: null,
    gritNumber: null,
    gritLabel: '',
    bond,
    soaking: liquids[0] === 'water' ? 'splash' : 'dry',
    soakMinutes: 0,
    dryHours: 24,
    liquid: liquids[0]!,
    lengthMm: null,
    radiusMm: null,
    widthMm: null,
    thicknessNewMm: null,
    thicknessMm: null,
    minThicknessMm: null,
    otherSideId: null,
    strokes: 'both',
    needsDressing: false,
    fitsRig: null,
    portable: given.kind === 'diamond plate' || given.kind === 'file',
    cutFactor: 1,
    scratchFactor,
    changeSeconds: 45,
    minutesFlat: dishes ? usualMinutesFlat(given.kind, bond, given.um) : null,
    priceMinor: null,
    place: '',
    retired: false,
    ...given,
  };
};

export const RACK: readonly StoneBody[] = DEMO_STONES.map(stone);

export interface DemoMachine extends MachineBody {
  readonly cuts: readonly TestCutBody[];
}
export const MACHINES: readonly DemoMachine[] = [
  {
    ...NO_SIZES,
    name: 'Slow belt',
    kind: 'belt',
    sagRadiusMm: 160,
    speedMPerS: 3.2,
    note: 'Water tray full before the blade',
    retired: false,
    cuts: [
      { setDeg: 14, measuredDeg: 15.1 },
      { setDeg: 17, measuredDeg: 18.4 },
      { setDeg: 20, measuredDeg: 21.5 },
      { setDeg: 23, measuredDeg: 24.9 },
    ],
  },
  {
    ...NO_SIZES,
    name: 'Clamp and rod',
    kind: 'clamp rig',
    pivotReachMm: 162,
    rodToFaceMm: 14,
    stoneForRodMm: 20,
    note: '',
    retired: false,
    cuts: [{ setDeg: 15, measuredDeg: 15.4 }],
  },
  { ...NO_SIZES, name: 'Tilting table', kind: 'table', note: '', retired: false, cuts: [] },
  {
    ...NO_SIZES,
    name: 'Clip-on rail',
    kind: 'guide rail',
    railOffsetMm: 7,
    note: '',
    retired: false,
    cuts: [],
  },
  {
    ...NO_SIZES,
    name: 'Brass shims',
    kind: 'shims',
    shimMm: 1.5,
    note: 'Twelve in the drawer',
    retired: false,
    cuts: [],
  },
  {
    ...NO_SIZES,
    name: 'Leaning rods',
    kind: 'honing rod',
    rodLengthMm: 230,
    rodLeanDeg: 20,
    note: 'A pair in a block of oak',
    retired: false,
    cuts: [],
  },
];

export const OWN_STEEL: SteelBody = {
  designation: 'Old lock-gate spring',
  standard: '',
  steelClass: 'spring steel',
  stainless: 'no',
  composition: '',
  hrcLow: 54,
  hrcHigh: 57,
  wearFactor: 0.85,
  wearFactorDiamond: 0.95,
  finestUsefulUm: 3,
  burr: 'moderate',
  edge: 'very tough',
  note: 'Hooks and drawknives forged at the lock from gate springs',
};
