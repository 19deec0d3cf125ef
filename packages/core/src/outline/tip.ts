/** Restoring a broken tip (docs/method.md, G10): the edge goes up to the spine line, the spine down to the edge line, or they meet. */
import { fail, ok, type Result } from '../units';
import { arcLengths, interpolate, type BladePoint } from '../geometry';
import { STRINGS } from './strings';

export const TIP_WAYS = ['edge to spine', 'spine to edge', 'meet between'] as const;
export type TipWay = (typeof TIP_WAYS)[number];

export interface RestoredTip {
  readonly way: TipWay;
  readonly tip: BladePoint;
  /** Of the blade, along z. */
  readonly lengthLostMm: number;
  /** Of the edge, along itself; negative when the new edge is the longer one. */
  readonly edgeLostMm: number;
  /** In the blade plane, from the broken blade. */
  readonly removedAreaMm2: number;
  readonly edge: readonly BladePoint[];
  readonly spine: readonly BladePoint[];
}

const lengthOf = (points: readonly BladePoint[]): number => {
  const lengths = arcLengths(points);
  return lengths[lengths.length - 1]!;
};

/** The curve up to z, its end point included. */
const upTo = (curve: readonly BladePoint[], z: number): BladePoint[] => [
  ...curve.filter(([at]) => at < z),
  [z, interpolate(curve, z)],
];

/** The curve up to where the blend begins, and straight on to the tip. */
const blended = (curve: readonly BladePoint[], fromZ: number, tip: BladePoint): BladePoint[] => [
  ...upTo(curve, fromZ),
  tip,
];

const areaBelow = (curve: readonly BladePoint[]): number =>
  curve.slice(1).reduce((sum, [z, y], index) => {
    const [z0, y0] = curve[index]!;
    return sum + ((z - z0) * (y + y0)) / 2;
  }, 0);

/**
 * The three ways from a break at `breakMm` along the blade, each blended in over `blendMm` before it.
 * Errors: OUT_OF_RANGE when the break is not on the blade or the blend begins behind the heel.
 */
export const restoreTip = (
  edge: readonly BladePoint[],
  spine: readonly BladePoint[],
  breakMm: number,
  blendMm: number,
): Result<readonly RestoredTip[]> => {
  const end = edge[edge.length - 1]![0];
  const start = edge[0]![0];
  if (breakMm <= start || breakMm > end) {
    return fail('OUT_OF_RANGE', STRINGS.aBreakAtMmIsNot(breakMm, start, end), 'breakMm');
  }
  if (blendMm <= 0 || breakMm - blendMm < start) {
    return fail('OUT_OF_RANGE', STRINGS.aBlendOfMmDoesNot(blendMm, breakMm), 'blendMm');
  }
  const edgeY = interpolate(edge, breakMm);
  const spineY = interpolate(spine, breakMm);
  const from = breakMm - blendMm;
  const brokenArea = areaBelow(upTo(spine, breakMm)) - areaBelow(upTo(edge, breakMm));
  const tipY: Readonly<Record<TipWay, number>> = {
    'edge to spine': spineY,
    'spine to edge': edgeY,
    'meet between': (edgeY + spineY) / 2,
  };
  return ok(
    TIP_WAYS.map((way): RestoredTip => {
      const tip: BladePoint = [breakMm, tipY[way]];
      const newEdge = way === 'spine to edge' ? upTo(edge, breakMm) : blended(edge, from, tip);
      const newSpine = way === 'edge to spine' ? upTo(spine, breakMm) : blended(spine, from, tip);
      return {
        way,
        tip,
        lengthLostMm: end - breakMm,
        edgeLostMm: lengthOf(edge) - lengthOf(newEdge),
        removedAreaMm2: brokenArea - (areaBelow(newSpine) - areaBelow(newEdge)),
        edge: newEdge,
        spine: newSpine,
      };
    }),
  );
};
