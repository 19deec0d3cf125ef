/** The blade seen from the side, drawn from its kind and its measurements. */
import { interpolate, type BladePoint } from '../outline/polyline';
import type { EdgeCurves } from '../outline/stations';
import { bladeKind } from './kinds';
import { MEASURED_AT, type BladeMeasures } from './measures';

const POINTS = 61;

/** Slopes of a monotone cubic through the points (Fritsch and Carlson 1980). */
const monotoneSlopes = (points: readonly BladePoint[]): number[] => {
  const secants = points
    .slice(1)
    .map(([z, y], index) => (y - points[index]![1]) / (z - points[index]![0]));
  return points.map((_, index) => {
    const before = secants[index - 1];
    const after = secants[index];
    if (before === undefined) return after!;
    if (after === undefined) return before;
    return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
  });
};

const monotoneCurve = (points: readonly BladePoint[]): ((z: number) => number) => {
  const slopes = monotoneSlopes(points);
  return (z) => {
    let index = 0;
    while (index < points.length - 2 && z > points[index + 1]![0]) index += 1;
    const [z0, y0] = points[index]!;
    const [z1, y1] = points[index + 1]!;
    const h = z1 - z0;
    const t = (z - z0) / h;
    return (
      (1 + 2 * t) * (1 - t) ** 2 * y0 +
      t * (1 - t) ** 2 * h * slopes[index]! +
      t * t * (3 - 2 * t) * y1 +
      t * t * (t - 1) * h * slopes[index + 1]!
    );
  };
};

/** Edge and spine curves in mm, heel at (0, 0), and the taper of the spine. */
export const bladeOutline = (measures: BladeMeasures): EdgeCurves => {
  const shape = bladeKind(measures.kindId).outline;
  const length = measures.edgeLengthMm;
  const rise = shape.tipRise * measures.heightHeelMm;
  const edgeAt = (share: number): number =>
    share <= shape.straightShare
      ? 0
      : rise * ((share - shape.straightShare) / (1 - shape.straightShare)) ** shape.bellyPower;
  const heights: BladePoint[] = [
    [MEASURED_AT[0], measures.heightHeelMm],
    [MEASURED_AT[1], measures.heightMiddleMm],
    [MEASURED_AT[2], measures.heightTipMm],
    [1, measures.heightTipMm * shape.tipHeightShare],
  ];
  const heightAt = monotoneCurve(heights);
  const shares = Array.from({ length: POINTS }, (_, index) => index / (POINTS - 1));
  const spineThickness: BladePoint[] = [
    [MEASURED_AT[0] * length, measures.spineHeelMm],
    [MEASURED_AT[1] * length, measures.spineMiddleMm],
    [MEASURED_AT[2] * length, measures.spineTipMm],
  ];
  return {
    edge: shares.map((share) => [share * length, edgeAt(share)]),
    spine: shares.map((share) => [share * length, edgeAt(share) + heightAt(share)]),
    thickness: spineThickness,
  };
};

export const ZONES = ['heel', 'middle', 'belly', 'tip'] as const;
export type Zone = (typeof ZONES)[number];

/** A record with an entry for every zone. */
export const byZone = <T>(entry: (zone: Zone, index: number) => T): Record<Zone, T> => ({
  heel: entry('heel', 0),
  middle: entry('middle', 1),
  belly: entry('belly', 2),
  tip: entry('tip', 3),
});

/** Where each zone ends, as a share of the edge. */
const ZONE_ENDS: readonly (readonly [Zone, number])[] = [
  ['heel', 0.25],
  ['middle', 0.55],
  ['belly', 0.85],
  ['tip', 1],
];

export const zoneAt = (share: number): Zone =>
  (ZONE_ENDS.find(([, end]) => share <= end) ?? ZONE_ENDS[ZONE_ENDS.length - 1]!)[0];

/** Start, centre and end of a zone as shares of the edge. */
export const zoneSpan = (zone: Zone): { from: number; centre: number; to: number } => {
  const index = ZONES.indexOf(zone);
  const from = index === 0 ? 0 : ZONE_ENDS[index - 1]![1];
  const to = ZONE_ENDS[index]![1];
  return { from, centre: (from + to) / 2, to };
};

/** Height of the edge curve at z. */
export const edgeHeightAt = (curves: EdgeCurves, z: number): number => interpolate(curves.edge, z);
