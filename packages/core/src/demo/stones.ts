/** The abrasives of the demo's shop: what it owns as data, for the demo and for plans computed without a shop. */
import type {
  AbrasiveKindId,
  Bond,
  BenchAbrasive,
  GritScale,
  Liquid,
  Soaking,
  StrokeLiking,
} from '../abrasive';

/** Sizes in mm, money in the minor unit of the demo's currency. What is left out is usual of the kind. */
export interface DemoStone {
  readonly name: string;
  readonly kind: AbrasiveKindId;
  readonly abrasive: BenchAbrasive;
  readonly um: number;
  readonly bond?: Bond;
  readonly liquid?: Liquid;
  readonly soaking?: Soaking;
  readonly soakMinutes?: number;
  readonly gritScale?: GritScale;
  readonly gritNumber?: number;
  readonly gritLabel?: string;
  readonly lengthMm?: number;
  readonly radiusMm?: number;
  readonly widthMm?: number;
  readonly thicknessNewMm?: number;
  readonly thicknessMm?: number;
  readonly minThicknessMm?: number;
  readonly strokes?: StrokeLiking;
  readonly needsDressing?: boolean;
  readonly cutFactor?: number;
  readonly scratchFactor?: number;
  readonly changeSeconds?: number;
  readonly priceMinor?: number;
  readonly place?: string;
}

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
const printed = (gritScale: GritScale, gritNumber: number) => ({
  gritScale,
  gritNumber,
  gritLabel: `${gritScale} ${gritNumber}`,
});
const PLATE = { kind: 'diamond plate', abrasive: 'diamond', bond: 'plate or film' } as const;
const STROP = { abrasive: 'compound', bond: 'strop', changeSeconds: 10 } as const;
const MACHINED = { lengthMm: 915, widthMm: 50, changeSeconds: 40, place: 'By the belt' } as const;

/** The two sides of one block, by name. */
export const DEMO_TWO_SIDED = ['Combination, coarse side', 'Combination, fine side'] as const;
/** Lies in the water when the demo is opened. */
export const DEMO_IN_WATER = 'Brown stone';

// prettier-ignore
export const DEMO_STONES: readonly DemoStone[] = [
  { name: 'Coarse plate', ...PLATE, um: 69, ...printed('FEPA-F', 180), cutFactor: 0.9, changeSeconds: 20, lengthMm: 200, widthMm: 75, priceMinor: 6400, place: 'Shelf 1' },
  { name: DEMO_TWO_SIDED[0], kind: 'oil stone', abrasive: 'silicon-carbide', um: 53, ...printed('FEPA-F', 230), bond: 'hard', ...bench(203, 50, 25, 22.4), cutFactor: 0.8, changeSeconds: 90, priceMinor: 3150, place: 'Oil tray' },
  { name: 'Grey coarse stone', kind: 'water stone', abrasive: 'silicon-carbide', um: 40, ...printed('JIS', 320), bond: 'soft, muddy', ...soaked(20), ...bench(205, 75, 50, 38.6, 12), cutFactor: 1.3, strokes: 'trailing', priceMinor: 4200, place: 'Basin' },
  { name: 'Medium plate', ...PLATE, um: 29.2, ...printed('FEPA-F', 320), cutFactor: 0.9, changeSeconds: 20, lengthMm: 200, widthMm: 75, priceMinor: 6800, place: 'Shelf 1' },
  { name: DEMO_TWO_SIDED[1], kind: 'oil stone', abrasive: 'aluminium-oxide', um: 22.8, ...printed('FEPA-F', 360), bond: 'hard', ...bench(203, 50, 25, 22.4), cutFactor: 0.7, changeSeconds: 90, place: 'Oil tray' },
  { name: 'Brown stone', kind: 'water stone', abrasive: 'aluminium-oxide', um: 17, ...printed('JIS', 700), ...soaked(10), ...bench(205, 75, 34, 26.1), cutFactor: 1.1, priceMinor: 4900, place: 'Basin' },
  { name: 'Paper on glass', kind: 'paper', abrasive: 'silicon-carbide', um: 15.3, ...printed('FEPA-P', 1200), bond: 'plate or film', cutFactor: 0.6, changeSeconds: 90, priceMinor: 60, place: 'Drawer' },
  { name: 'Red stone', kind: 'water stone', abrasive: 'aluminium-oxide', um: 11.5, ...printed('JIS', 1000), ...soaked(8), ...bench(205, 75, 34, 19.7), priceMinor: 4900, place: 'Basin' },
  { name: 'Film, nine', kind: 'film', abrasive: 'aluminium-oxide', um: 9, gritLabel: '9 µm', bond: 'plate or film', cutFactor: 0.6, changeSeconds: 90, priceMinor: 180, place: 'Drawer' },
  { name: 'White stone', kind: 'water stone', abrasive: 'aluminium-oxide', um: 5.5, ...printed('JIS', 2500), bond: 'hard', ...bench(205, 75, 20, 15.2, 6), strokes: 'trailing', priceMinor: 7200, place: 'Shelf 2' },
  { name: 'Cream stone', kind: 'water stone', abrasive: 'ceramic', um: 3, ...printed('JIS', 4000), bond: 'hard', ...bench(210, 70, 18, 7.1, 7.5), cutFactor: 0.9, priceMinor: 9100, place: 'Shelf 2' },
  { name: 'Fine natural', kind: 'water stone', abrasive: 'natural', um: 1.6, gritLabel: 'about JIS 7000', bond: 'hard', ...bench(190, 68, 42, 40.8, 10), cutFactor: 0.6, changeSeconds: 60, needsDressing: true, place: 'Shelf 2' },
  { name: 'Barber’s stone', kind: 'water stone', abrasive: 'ceramic', um: 0.9, gritLabel: 'about JIS 10000', bond: 'hard', ...bench(150, 60, 15, 14.2, 6), cutFactor: 0.7, changeSeconds: 60, priceMinor: 12500, place: 'Razor box' },
  { name: 'Strop, oxide', kind: 'strop', ...STROP, um: 2, gritLabel: '2 µm', place: 'By the vice' },
  { name: 'Strop, plain leather', kind: 'strop', ...STROP, um: 0.5, gritLabel: 'plain', place: 'By the vice' },
  { name: 'Belt, coarse', kind: 'belt', abrasive: 'ceramic', um: 125, ...printed('FEPA-P', 120), bond: 'plate or film', ...MACHINED, priceMinor: 420 },
  { name: 'Belt, fine', kind: 'belt', abrasive: 'aluminium-oxide', um: 35, ...printed('FEPA-P', 400), bond: 'plate or film', ...MACHINED, priceMinor: 380 },
  { name: 'Flat file', kind: 'file', abrasive: 'hardened steel', um: 400, gritLabel: 'second cut', bond: 'hard', lengthMm: 250, widthMm: 25, place: 'Axe bench' },
  { name: 'Ceramic rod', kind: 'rod', abrasive: 'ceramic', um: 9.3, ...printed('FEPA-F', 600), bond: 'hard', lengthMm: 260, place: 'By the vice' },
  { name: 'Cone for scallops', kind: 'cone', abrasive: 'diamond', um: 36.5, ...printed('FEPA-F', 280), bond: 'plate or film', lengthMm: 100, radiusMm: 4, place: 'Drawer' },
  { name: 'Smooth rod', kind: 'rod', abrasive: 'hardened steel', um: 1, bond: 'hard', lengthMm: 300, place: 'By the vice' },
  { name: 'Fine-cut rod', kind: 'rod', abrasive: 'hardened steel', um: 20, bond: 'hard', lengthMm: 300, place: 'By the vice' },
];
