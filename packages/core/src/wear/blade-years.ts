/** The years of a blade, from the measures of its visits: growth rings, lines through each measure, and thinning weighed. */
import { bevelsOf, bladeKind, findUse, type BladeMeasures } from '../blade';
import { wearTrend, type MeasuredAtVisit, type WearTrend } from '../record';
import { flatGrind } from '../section';
import { perSide, toRadians } from '../units';
import { compareYears } from './years';

export interface VisitMeasured {
  /** ISO 8601. */
  readonly at: string;
  readonly measures: BladeMeasures;
  /** Rim of a hollow back at the edge; null where there is none, or nobody measured it. */
  readonly rimMm: number | null;
  /** Ridge above the edge. */
  readonly ridgeMm: number | null;
}

export const YEAR_MEASURES = ['height', 'behind the edge', 'bevel', 'rim', 'ridge'] as const;
export type YearMeasure = (typeof YEAR_MEASURES)[number];

export interface YearSeries {
  readonly of: YearMeasure;
  readonly visits: readonly MeasuredAtVisit[];
  /** What it wears towards: spent, due for thinning, rim gone. */
  readonly limit: number | null;
  readonly trend: WearTrend;
}

/**
 * Width of the bevel face: as measured, or from the angle and the thickness behind the edge, w = e / 2 sin θ (of one
 * bevel e / sin θ). Null where the angle is not known.
 *
 * @example
 * bevelFaceMm({ ...usualMeasuresOf('chef', 210), bevelFaceMm: 0.7 }); // 0.7
 */
export const bevelFaceMm = (measures: BladeMeasures): number | null => {
  if (measures.bevelFaceMm !== null) return measures.bevelFaceMm;
  const angleDeg = measures.presentAnglePerSideDeg;
  if (angleDeg === null || angleDeg <= 0) return null;
  const bevels = bevelsOf(bladeKind(measures.kindId));
  return measures.thicknessBehindEdgeMm / bevels / Math.sin(toRadians(perSide(angleDeg)));
};

const READ: Readonly<Record<YearMeasure, (visit: VisitMeasured) => number | null>> = {
  height: ({ measures }) => measures.heightHeelMm,
  'behind the edge': ({ measures }) => measures.thicknessBehindEdgeMm,
  bevel: ({ measures }) => bevelFaceMm(measures),
  rim: ({ rimMm }) => rimMm,
  ridge: ({ ridgeMm }) => ridgeMm,
};

/** Every measure that was taken at three visits or more, with the robust line through it. Visits in the order of their days. */
export const yearSeries = (visits: readonly VisitMeasured[], useId: string): YearSeries[] => {
  const last = visits.at(-1);
  if (!last) return [];
  const limits: Readonly<Record<YearMeasure, number | null>> = {
    height: bladeKind(last.measures.kindId).minHeightMm,
    'behind the edge': findUse(useId).limitBehindEdgeMm,
    bevel: null,
    rim: 0,
    ridge: null,
  };
  return YEAR_MEASURES.flatMap((of): YearSeries[] => {
    const taken = visits.flatMap((visit) => {
      const value = READ[of](visit);
      return value === null ? [] : [{ at: visit.at, value }];
    });
    const trend = wearTrend(taken, limits[of]);
    return trend === null ? [] : [{ of, visits: taken, limit: limits[of], trend }];
  });
};

/** Across the blade half way along: half widths right and left of the middle, mm below the spine. */
export type RingPoint = readonly [xMm: number, belowSpineMm: number];

/**
 * The section of one visit as a closed outline, spine at the top and to scale, from its measures half way along: apex,
 * shoulder of the bevel, spine. One-sided kinds have their flat at the left.
 *
 * @example
 * growthRing(usualMeasuresOf('chef', 210)).length; // 5
 */
export const growthRing = (measures: BladeMeasures): RingPoint[] => {
  const height = measures.heightMiddleMm;
  const behind = measures.thicknessBehindEdgeMm;
  const oneSided = bevelsOf(bladeKind(measures.kindId)) === 1;
  const angleDeg =
    measures.presentAnglePerSideDeg ?? bladeKind(measures.kindId).usual.anglePerSideDeg;
  const wide = oneSided ? behind : behind / 2;
  const bevelHeight = Math.min(height, wide / Math.tan(toRadians(perSide(angleDeg))));
  const spine = oneSided ? measures.spineMiddleMm : measures.spineMiddleMm / 2;
  const right: RingPoint[] = [
    [spine, 0],
    [wide, height - bevelHeight],
  ];
  const left: RingPoint[] = oneSided
    ? [[0, 0]]
    : [
        [-wide, height - bevelHeight],
        [-spine, 0],
      ];
  return [...right, [0, height], ...left];
};

export interface ThinningWeighed {
  readonly visits: number;
  /** What each visit takes off the height, mm. */
  readonly risePerVisitMm: number;
  readonly edgeOnly: { readonly behindEdgeMm: number; readonly steelMm3: number };
  readonly thinEachTime: { readonly behindEdgeMm: number; readonly steelMm3: number };
}

/** Degrees above the primary grind at which a blade is thinned a little. */
const THIN_ABOVE_DEG = 1.5;

/**
 * What thinning a little at each visit would have saved, or cost: the first section worked as often as it was, the edge
 * alone against a little of the face each time. Null for fewer than three visits, for grinds other than the flat two-sided,
 * and for blades that lost no height.
 */
export const thinningWeighed = (visits: readonly VisitMeasured[]): ThinningWeighed | null => {
  const [first, last] = [visits[0], visits.at(-1)];
  if (!first || !last || visits.length < 3) return null;
  const { measures } = first;
  const kind = bladeKind(measures.kindId);
  if (kind.grind !== 'two-sided flat') return null;
  const lost = measures.heightMiddleMm - last.measures.heightMiddleMm;
  const made = flatGrind({
    heightMm: measures.heightMiddleMm,
    spineThicknessMm: measures.spineMiddleMm,
    grindHeightMm: measures.heightMiddleMm,
    thicknessBehindEdgeMm: measures.thicknessBehindEdgeMm,
    angleDeg: measures.presentAnglePerSideDeg ?? kind.usual.anglePerSideDeg,
  });
  if (!made.ok || lost <= 0) return null;
  const times = visits.length - 1;
  const compared = compareYears({
    blade: made.value,
    apexRisePerVisitMm: lost / times,
    visits: times,
    edgeLengthMm: measures.edgeLengthMm,
    removalMm3PerS: 1,
    thinAboveDeg: THIN_ABOVE_DEG,
  });
  const outcome = ({ visits: done, steelMm3 }: typeof compared.edgeOnly) => ({
    behindEdgeMm: done.at(-1)?.thicknessBehindEdgeMm ?? measures.thicknessBehindEdgeMm,
    steelMm3,
  });
  return {
    visits: times,
    risePerVisitMm: lost / times,
    edgeOnly: outcome(compared.edgeOnly),
    thinEachTime: outcome(compared.thinEachTime),
  };
};
