/** What a traced outline says in figures. */
import { arcLengths, interpolate, type BladePoint } from '../geometry';

export interface TracedCurves {
  readonly edge: readonly BladePoint[];
  readonly spine: readonly BladePoint[];
}

export interface OutlineReadings {
  /** From heel to tip along the blade, mm. */
  readonly edgeLengthMm: number;
  /** The same along the curve, mm. */
  readonly edgeArcMm: number;
  readonly heightHeelMm: number;
  readonly heightMiddleMm: number;
  readonly heightTipMm: number;
  /** Where the edge has left the straight by 0.3 mm, mm from the heel. */
  readonly bellyStartMm: number;
  readonly tipRiseMm: number;
  /** Between the edge's directions at heel and tip, °. */
  readonly turnDeg: number;
}

const OFF_STRAIGHT_MM = 0.3;

/**
 * What a traced outline says in figures, at the places where a caliper would be set.
 *
 * @example
 * readOutline({ edge: [[0, 0], [200, 10]], spine: [[0, 40], [200, 20]] }).edgeLengthMm; // 200
 */
export const readOutline = ({ edge, spine }: TracedCurves): OutlineReadings => {
  const end = edge[edge.length - 1]!;
  const heightAt = (share: number): number =>
    Math.max(0, interpolate(spine, share * end[0]) - interpolate(edge, share * end[0]));
  const lengths = arcLengths(edge);
  const direction = (from: BladePoint, to: BladePoint): number =>
    (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI;
  const belly = edge.find(([z, y]) => z > 0.15 * end[0] && Math.abs(y) > OFF_STRAIGHT_MM);
  return {
    edgeLengthMm: end[0],
    edgeArcMm: lengths[lengths.length - 1]!,
    heightHeelMm: heightAt(0),
    heightMiddleMm: heightAt(0.5),
    heightTipMm: heightAt(0.9),
    bellyStartMm: belly?.[0] ?? end[0],
    tipRiseMm: end[1],
    turnDeg: direction(edge[edge.length - 2]!, end) - direction(edge[0]!, edge[1]!),
  };
};
