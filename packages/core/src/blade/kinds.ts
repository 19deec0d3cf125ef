/** Kinds of blade: how each is called, drawn and measured, and what a new one is assumed to be. */
import { named } from '../text';
export const GRINDS = [
  'two-sided flat',
  'two-sided with ridge',
  'one-sided, hollow back',
  'single flat bevel',
  'hollow',
  'convex',
  'serrated',
  'razor',
  'chisel',
] as const;
export type Grind = (typeof GRINDS)[number];

export type HandleStyle = 'riveted' | 'octagonal' | 'turned' | 'haft' | 'scales' | 'none';

/** Shape of the edge seen from the side, as shares of edge length and heel height. */
export interface OutlineShape {
  /** Where the straight part ends. */
  readonly straightShare: number;
  /** How high the edge rises at the tip. */
  readonly tipRise: number;
  /** How suddenly it rises. */
  readonly bellyPower: number;
  /** Height left at the tip: 0 for a point, about 1 for a square end. */
  readonly tipHeightShare: number;
}

export interface BladeKind {
  readonly id: string;
  readonly label: string;
  readonly group: 'kitchen' | 'trade' | 'outdoor' | 'leather and wood' | 'axe' | 'razor';
  readonly grind: Grind;
  readonly handle: HandleStyle;
  readonly outline: OutlineShape;
  readonly usual: {
    readonly edgeLengthMm: number;
    readonly heightsMm: readonly [heel: number, middle: number, tip: number];
    readonly spineMm: readonly [heel: number, middle: number, tip: number];
    readonly thicknessBehindEdgeMm: number;
    readonly anglePerSideDeg: number;
    readonly use: string;
  };
  /** Below this height at the heel the blade is spent, mm. */
  readonly minHeightMm: number;
}

const straightToBelly = (
  straightShare: number,
  tipRise: number,
  bellyPower = 2.2,
): OutlineShape => ({
  straightShare,
  tipRise,
  bellyPower,
  tipHeightShare: 0,
});
const squareEnd = (
  straightShare: number,
  tipRise: number,
  tipHeightShare: number,
): OutlineShape => ({
  straightShare,
  tipRise,
  bellyPower: 2,
  tipHeightShare,
});

type Row = [
  id: string,
  label: string,
  group: BladeKind['group'],
  grind: Grind,
  handle: HandleStyle,
  outline: OutlineShape,
  edgeLengthMm: number,
  heightsMm: readonly [number, number, number],
  spineMm: readonly [number, number, number],
  thicknessBehindEdgeMm: number,
  anglePerSideDeg: number,
  use: string,
  minHeightMm: number,
];

// prettier-ignore
const ROWS: readonly Row[] = [
  ['chef', 'Chef’s knife', 'kitchen', 'two-sided flat', 'riveted', straightToBelly(0.38, 0.42), 210, [46, 40, 17], [2.4, 2.0, 1.1], 0.42, 18, 'general-soft', 30],
  ['long-kitchen', 'Long kitchen knife, thin', 'kitchen', 'two-sided flat', 'octagonal', straightToBelly(0.5, 0.3), 240, [49, 44, 17], [2.3, 1.9, 0.9], 0.3, 14, 'general-hard', 32],
  ['ridge-kitchen', 'Kitchen knife with a ridge', 'kitchen', 'two-sided with ridge', 'octagonal', straightToBelly(0.5, 0.3), 210, [48, 43, 18], [3.4, 2.8, 1.4], 0.3, 14, 'general-hard', 32],
  ['layered', 'Kitchen knife, three layers', 'kitchen', 'two-sided flat', 'octagonal', straightToBelly(0.5, 0.3), 210, [47, 42, 17], [2.2, 1.9, 0.9], 0.3, 13, 'general-hard', 32],
  ['flat-tip', 'Kitchen knife with dropped tip', 'kitchen', 'two-sided flat', 'octagonal', straightToBelly(0.6, 0.16), 165, [46, 45, 26], [2.0, 1.8, 1.2], 0.3, 14, 'general-hard', 30],
  ['vegetable', 'Vegetable knife, square', 'kitchen', 'two-sided flat', 'octagonal', squareEnd(0.7, 0.03, 0.92), 165, [50, 50, 48], [2.0, 1.9, 1.7], 0.25, 12, 'vegetable-fine', 34],
  ['utility', 'Utility knife', 'kitchen', 'two-sided flat', 'riveted', straightToBelly(0.5, 0.35), 130, [27, 23, 11], [1.9, 1.6, 0.9], 0.35, 17, 'general-soft', 16],
  ['paring', 'Paring knife', 'kitchen', 'two-sided flat', 'riveted', straightToBelly(0.55, 0.4), 85, [20, 17, 8], [1.6, 1.4, 0.8], 0.3, 16, 'general-soft', 11],
  ['slicer', 'Slicing knife', 'kitchen', 'two-sided flat', 'riveted', straightToBelly(0.7, 0.45, 3), 260, [32, 30, 17], [2.2, 1.8, 1.1], 0.35, 16, 'raw-meat', 20],
  ['bread', 'Bread knife, serrated', 'kitchen', 'serrated', 'riveted', straightToBelly(0.75, 0.3, 3), 225, [34, 32, 22], [2.0, 1.8, 1.2], 0.5, 17, 'bread', 26],
  ['cleaver', 'Cleaver', 'kitchen', 'two-sided flat', 'turned', squareEnd(0.3, 0.08, 0.9), 200, [92, 92, 88], [3.2, 2.6, 2.0], 0.5, 18, 'general-soft', 60],
  ['bone-cleaver', 'Bone cleaver', 'trade', 'two-sided flat', 'riveted', squareEnd(0.3, 0.07, 0.92), 180, [95, 95, 90], [6, 5.2, 4.5], 1.4, 25, 'bone', 65],
  ['boning', 'Boning knife', 'trade', 'two-sided flat', 'turned', straightToBelly(0.45, 0.55), 150, [22, 17, 9], [2.2, 1.8, 1.1], 0.45, 17, 'boning', 11],
  ['fillet', 'Filleting knife', 'trade', 'two-sided flat', 'turned', straightToBelly(0.5, 0.6), 190, [22, 18, 9], [1.8, 1.4, 0.8], 0.4, 16, 'boning', 11],
  ['butcher', 'Butcher’s knife', 'trade', 'two-sided flat', 'turned', straightToBelly(0.4, 0.7, 2.6), 260, [42, 41, 30], [3.0, 2.6, 1.8], 0.5, 20, 'butchery', 28],
  ['cheese', 'Cheese knife', 'trade', 'two-sided flat', 'riveted', straightToBelly(0.6, 0.2), 300, [62, 60, 34], [2.8, 2.5, 1.8], 0.5, 18, 'general-soft', 44],
  ['fish-one-sided', 'Fish knife, one-sided', 'kitchen', 'one-sided, hollow back', 'octagonal', straightToBelly(0.45, 0.42), 180, [54, 48, 22], [7, 5.5, 3], 3.4, 16, 'raw-fish', 38],
  ['slicing-one-sided', 'Slicing knife, one-sided', 'kitchen', 'one-sided, hollow back', 'octagonal', straightToBelly(0.6, 0.35), 270, [34, 30, 15], [4, 3.4, 2], 3.2, 12, 'raw-fish', 22],
  ['vegetable-one-sided', 'Vegetable knife, one-sided', 'kitchen', 'one-sided, hollow back', 'octagonal', squareEnd(0.7, 0.03, 0.92), 195, [47, 47, 45], [3.6, 3.4, 3.0], 2.4, 13, 'vegetable-fine', 32],
  ['curved-fish', 'Fish butchering knife, deeply curved', 'trade', 'two-sided flat', 'turned', straightToBelly(0.12, 0.75, 1.7), 250, [70, 78, 44], [3.2, 2.8, 1.8], 0.5, 18, 'butchery', 52],
  ['outdoor', 'Outdoor knife', 'outdoor', 'two-sided flat', 'scales', straightToBelly(0.5, 0.5), 110, [29, 27, 14], [4, 3.8, 2.4], 0.7, 20, 'outdoor', 20],
  ['hollow-outdoor', 'Outdoor knife, hollow-ground', 'outdoor', 'hollow', 'scales', straightToBelly(0.45, 0.5), 105, [27, 25, 13], [3.5, 3.4, 2.2], 0.4, 19, 'field', 19],
  ['clip-outdoor', 'Outdoor knife with false back edge', 'outdoor', 'two-sided flat', 'scales', straightToBelly(0.55, 0.45), 150, [31, 29, 13], [4.2, 4.0, 2.2], 0.7, 20, 'outdoor', 22],
  ['bushcraft', 'Woodcraft knife, single bevel', 'outdoor', 'single flat bevel', 'turned', straightToBelly(0.6, 0.45), 95, [24, 23, 12], [3.0, 3.0, 2.4], 2.6, 12, 'woodcarving', 17],
  ['carving', 'Carving knife for wood', 'leather and wood', 'single flat bevel', 'turned', straightToBelly(0.75, 0.25), 60, [14, 12, 6], [2.5, 2.3, 1.6], 2.2, 11, 'woodcarving', 8],
  ['grafting', 'Florist’s knife', 'trade', 'two-sided flat', 'scales', straightToBelly(0.85, 0.1), 70, [17, 16, 13], [2.2, 2.1, 1.8], 0.3, 15, 'vegetable-fine', 11],
  ['leather', 'Leather knife, one-sided', 'leather and wood', 'one-sided, hollow back', 'none', squareEnd(0.9, 0, 0.98), 42, [62, 62, 62], [3.2, 3.2, 3.2], 3.1, 18, 'leather', 40],
  ['paper', 'Bookbinder’s knife', 'leather and wood', 'two-sided flat', 'turned', straightToBelly(0.6, 0.3), 120, [26, 24, 14], [2.6, 2.4, 1.6], 0.3, 15, 'leather', 17],
  ['axe-carving', 'Carving axe', 'axe', 'convex', 'haft', squareEnd(0.1, 0.12, 0.8), 105, [140, 130, 120], [22, 22, 22], 5, 14, 'axe-carving', 115],
  ['axe-camp', 'Camp axe', 'axe', 'convex', 'haft', squareEnd(0.1, 0.12, 0.85), 80, [120, 115, 108], [20, 20, 20], 4, 17, 'axe-camp', 98],
  ['axe-splitting', 'Splitting axe', 'axe', 'convex', 'haft', squareEnd(0.1, 0.08, 0.9), 85, [180, 175, 168], [52, 52, 52], 9, 20, 'axe-splitting', 150],
  ['axe-felling', 'Felling axe', 'axe', 'convex', 'haft', squareEnd(0.1, 0.1, 0.85), 115, [165, 160, 150], [26, 26, 26], 6, 16, 'axe-felling', 140],
  ['billhook', 'Billhook', 'outdoor', 'convex', 'turned', straightToBelly(0.6, 0.1), 220, [58, 60, 40], [6, 5.5, 4], 1.6, 20, 'outdoor', 45],
  ['razor', 'Straight razor', 'razor', 'razor', 'scales', squareEnd(0.9, 0.02, 0.95), 76, [18, 18, 17.5], [5, 5, 4.8], 4.8, 8, 'razor', 12],
  ['dagger-double', 'Dagger, double-edged', 'outdoor', 'chisel', 'scales', straightToBelly(0.55, 0.5), 140, [26, 22, 11], [4.5, 4.5, 3], 2.2, 28, 'dagger', 17],
  ['dagger', 'Dagger, chisel-ground', 'outdoor', 'chisel', 'scales', straightToBelly(0.6, 0.4), 120, [24, 20, 10], [4, 4, 3], 2, 28, 'dagger', 16],
];

export const BLADE_KINDS: readonly BladeKind[] = ROWS.map(
  ([
    id,
    label,
    group,
    grind,
    handle,
    outline,
    edgeLengthMm,
    heightsMm,
    spineMm,
    thicknessBehindEdgeMm,
    anglePerSideDeg,
    use,
    minHeightMm,
  ]) => ({
    id,
    label: named(label),
    group,
    grind,
    handle,
    outline,
    usual: { edgeLengthMm, heightsMm, spineMm, thicknessBehindEdgeMm, anglePerSideDeg, use },
    minHeightMm,
  }),
);

export const BLADE_KIND_IDS: readonly string[] = BLADE_KINDS.map(({ id }) => id);

/**
 * The kind of that id. An unknown id is a programming error: ids are validated where they come in.
 *
 * @example
 * bladeKind('chef').label; // "Chef’s knife"
 */
export const bladeKind = (id: string): BladeKind => {
  const kind = BLADE_KINDS.find((candidate) => candidate.id === id);
  if (!kind) throw new Error(`No such kind of blade: ${id}`);
  return kind;
};

/**
 * Ground on one side only, with a hollow back that a stone must meet dead flat.
 *
 * @example
 * isOneSided(bladeKind('leather')); // true
 */
export const isOneSided = ({ grind }: BladeKind): boolean => grind === 'one-sided, hollow back';

/** Ground on one side against a plane: its bevel spans the whole thickness at the shoulder. */
export const isOneFace = ({ grind }: BladeKind): boolean =>
  grind === 'one-sided, hollow back' || grind === 'chisel' || grind === 'serrated';

/**
 * An inclusive angle is the sum of so many bevels.
 *
 * @example
 * bevelsOf(bladeKind('chef')); // 2
 */
export const bevelsOf = (kind: BladeKind): 1 | 2 => (isOneFace(kind) ? 1 : 2);
