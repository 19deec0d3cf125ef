/** What stands on the shelves of the demo: abrasives, machines and a steel of the shop's own. */
import type { MachineBody, SteelBody, StoneBody, TestCutBody } from '@patient-edge/contract';
import { abrasiveKind, NO_SIZES, usualMinutesFlat } from '@patient-edge/core';

type Given = Partial<StoneBody> & Pick<StoneBody, 'name' | 'kind' | 'abrasive' | 'um'>;

const stone = (given: Given): StoneBody => {
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
    widthMm: null,
    thicknessNewMm: null,
    thicknessMm: null,
    minThicknessMm: null,
    otherSideId: null,
    strokes: 'both',
    needsDressing: false,
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

const bench = (lengthMm: number, widthMm: number, newMm: number, leftMm: number, minMm = 8) => ({
  lengthMm,
  widthMm,
  thicknessNewMm: newMm,
  thicknessMm: leftMm,
  minThicknessMm: minMm,
});
const soaked = (soakMinutes: number) => ({
  soaking: 'soak' as const,
  soakMinutes,
  changeSeconds: 60,
});
const printed = (gritScale: StoneBody['gritScale'], gritNumber: number) => ({
  gritScale,
  gritNumber,
  gritLabel: `${gritScale} ${gritNumber}`,
});
const PLATE = { kind: 'diamond plate', abrasive: 'diamond', bond: 'plate or film' } as const;
const STROP = { abrasive: 'compound', bond: 'strop', changeSeconds: 10 } as const;
const MACHINED = { lengthMm: 915, widthMm: 50, changeSeconds: 40, place: 'By the belt' } as const;

/** The two sides of one block, by name. */
export const TWO_SIDED = ['Combination, coarse side', 'Combination, fine side'] as const;
/** Lies in the water when the demo is opened. */
export const IN_WATER = 'Brown stone';

// prettier-ignore
export const RACK: readonly StoneBody[] = [
  stone({ name: 'Coarse plate', ...PLATE, um: 69, ...printed('FEPA-F', 180), cutFactor: 0.9, changeSeconds: 20, lengthMm: 200, widthMm: 75, priceMinor: 6400, place: 'Shelf 1' }),
  stone({ name: TWO_SIDED[0], kind: 'oil stone', abrasive: 'silicon-carbide', um: 53, ...printed('FEPA-F', 230), bond: 'hard', ...bench(203, 50, 25, 22.4), cutFactor: 0.8, changeSeconds: 90, priceMinor: 3150, place: 'Oil tray' }),
  stone({ name: 'Grey coarse stone', kind: 'water stone', abrasive: 'silicon-carbide', um: 40, ...printed('JIS', 320), bond: 'soft, muddy', ...soaked(20), ...bench(205, 75, 50, 38.6, 12), cutFactor: 1.3, strokes: 'trailing', priceMinor: 4200, place: 'Basin' }),
  stone({ name: 'Medium plate', ...PLATE, um: 29.2, ...printed('FEPA-F', 320), cutFactor: 0.9, changeSeconds: 20, lengthMm: 200, widthMm: 75, priceMinor: 6800, place: 'Shelf 1' }),
  stone({ name: TWO_SIDED[1], kind: 'oil stone', abrasive: 'aluminium-oxide', um: 22.8, ...printed('FEPA-F', 360), bond: 'hard', ...bench(203, 50, 25, 22.4), cutFactor: 0.7, changeSeconds: 90, place: 'Oil tray' }),
  stone({ name: 'Brown stone', kind: 'water stone', abrasive: 'aluminium-oxide', um: 17, ...printed('JIS', 700), ...soaked(10), ...bench(205, 75, 34, 26.1), cutFactor: 1.1, priceMinor: 4900, place: 'Basin' }),
  stone({ name: 'Paper on glass', kind: 'paper', abrasive: 'silicon-carbide', um: 15.3, ...printed('FEPA-P', 1200), bond: 'plate or film', cutFactor: 0.6, changeSeconds: 90, priceMinor: 60, place: 'Drawer' }),
  stone({ name: 'Red stone', kind: 'water stone', abrasive: 'aluminium-oxide', um: 11.5, ...printed('JIS', 1000), ...soaked(8), ...bench(205, 75, 34, 19.7), priceMinor: 4900, place: 'Basin' }),
  stone({ name: 'Film, nine', kind: 'film', abrasive: 'aluminium-oxide', um: 9, gritLabel: '9 µm', bond: 'plate or film', cutFactor: 0.6, changeSeconds: 90, priceMinor: 180, place: 'Drawer' }),
  stone({ name: 'White stone', kind: 'water stone', abrasive: 'aluminium-oxide', um: 5.5, ...printed('JIS', 2500), bond: 'hard', ...bench(205, 75, 20, 15.2, 6), strokes: 'trailing', priceMinor: 7200, place: 'Shelf 2' }),
  stone({ name: 'Cream stone', kind: 'water stone', abrasive: 'ceramic', um: 3, ...printed('JIS', 4000), bond: 'hard', ...bench(210, 70, 18, 7.1, 7.5), cutFactor: 0.9, priceMinor: 9100, place: 'Shelf 2' }),
  stone({ name: 'Fine natural', kind: 'water stone', abrasive: 'natural', um: 1.6, gritLabel: 'about JIS 7000', bond: 'hard', ...bench(190, 68, 42, 40.8, 10), cutFactor: 0.6, changeSeconds: 60, needsDressing: true, place: 'Shelf 2' }),
  stone({ name: 'Barber’s stone', kind: 'water stone', abrasive: 'ceramic', um: 0.9, gritLabel: 'about JIS 10000', bond: 'hard', ...bench(150, 60, 15, 14.2, 6), cutFactor: 0.7, changeSeconds: 60, priceMinor: 12500, place: 'Razor box' }),
  stone({ name: 'Strop, oxide', kind: 'strop', ...STROP, um: 2, gritLabel: '2 µm', place: 'By the vice' }),
  stone({ name: 'Strop, plain leather', kind: 'strop', ...STROP, um: 0.5, gritLabel: 'plain', place: 'By the vice' }),
  stone({ name: 'Belt, coarse', kind: 'belt', abrasive: 'ceramic', um: 125, ...printed('FEPA-P', 120), bond: 'plate or film', ...MACHINED, priceMinor: 420 }),
  stone({ name: 'Belt, fine', kind: 'belt', abrasive: 'aluminium-oxide', um: 35, ...printed('FEPA-P', 400), bond: 'plate or film', ...MACHINED, priceMinor: 380 }),
  stone({ name: 'Flat file', kind: 'file', abrasive: 'hardened steel', um: 400, gritLabel: 'second cut', bond: 'hard', lengthMm: 250, widthMm: 25, place: 'Axe bench' }),
  stone({ name: 'Ceramic rod', kind: 'rod', abrasive: 'ceramic', um: 9.3, ...printed('FEPA-F', 600), bond: 'hard', lengthMm: 260, place: 'By the vice' }),
  stone({ name: 'Cone for scallops', kind: 'cone', abrasive: 'diamond', um: 36.5, ...printed('FEPA-F', 280), bond: 'plate or film', lengthMm: 100, place: 'Drawer' }),
];

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
