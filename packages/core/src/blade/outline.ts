/** The blade seen from the side, drawn from its kind and its measurements. */
import { interpolate, type BladePoint } from '../geometry';
import type { EdgeCurves } from '../outline';
import { bladeKind } from './kinds';
import { MEASURED_AT, type BladeMeasures } from './measures';

const POINTS = 61;
/** The nose is round: its spine wants closer points than the rest. */
const NOSE_SHARES = [0.987, 0.991, 0.994, 0.9965, 0.9985];

/** How a pointed blade runs out beyond the last measured height: a root, so that the nose is round. */
const NOSE_POWER = 0.55;

/**
 * Height along the blade as a monotone cubic through the measured points (Fritsch and Carlson 1980), and
 * beyond the last of them a nose that runs out to a point, or straight to a square end.
 */
const heightCurve = (
  [heel, middle, tip]: readonly [number, number, number],
  endHeightMm: number,
): ((share: number) => number) => {
  const [atHeel, atMiddle, atTip] = MEASURED_AT;
  const rear = (middle - heel) / (atMiddle - atHeel);
  const front = (tip - middle) / (atTip - atMiddle);
  const end = (endHeightMm - tip) / (1 - atTip);
  const pointed = endHeightMm === 0;
  const meet = (a: number, b: number): number => (a * b <= 0 ? 0 : (2 * a * b) / (a + b));
  const noseSlope = pointed ? (-NOSE_POWER * tip) / (1 - atTip) : meet(front, end);
  const slopes = [
    rear,
    meet(rear, front),
    // Steeper than three times the chord would overshoot.
    front < 0 ? Math.max(noseSlope, 3 * front) : 0,
  ] as const;
  const cubic = (share: number, from: 0 | 1): number => {
    const heights = [heel, middle, tip] as const;
    const z0 = MEASURED_AT[from];
    const h = MEASURED_AT[from === 0 ? 1 : 2] - z0;
    const t = (share - z0) / h;
    const next = from === 0 ? 1 : 2;
    return (
      (1 + 2 * t) * (1 - t) ** 2 * heights[from] +
      t * (1 - t) ** 2 * h * slopes[from] +
      t * t * (3 - 2 * t) * heights[next] +
      t * t * (t - 1) * h * slopes[next]
    );
  };
  return (share) => {
    if (share <= atMiddle) return cubic(share, 0);
    if (share <= atTip) return cubic(share, 1);
    return pointed ? tip * ((1 - share) / (1 - atTip)) ** NOSE_POWER : tip + end * (share - atTip);
  };
};

/** The straight never takes the whole edge: the belly needs a place to rise in. */
const MOST_STRAIGHT = 0.98;

/**
 * Edge and spine curves in mm, heel at (0, 0), and the taper of the spine: as traced, or the outline of the
 * kind fitted to the heights, the belly's start and the tip's rise as far as they were measured.
 *
 * @example
 * bladeOutline(usualMeasuresOf('chef', 210)).edge.at(-1)![0]; // 210
 */
export const bladeOutline = (measures: BladeMeasures): EdgeCurves => {
  const length = measures.edgeLengthMm;
  const spineThickness: BladePoint[] = [
    [MEASURED_AT[0] * length, measures.spineHeelMm],
    [MEASURED_AT[1] * length, measures.spineMiddleMm],
    [MEASURED_AT[2] * length, measures.spineTipMm],
  ];
  if (measures.traced) {
    const { edge, spine } = measures.traced;
    return { edge, spine, thickness: spineThickness };
  }
  const shape = bladeKind(measures.kindId).outline;
  const rise = measures.tipRiseMm ?? shape.tipRise * measures.heightHeelMm;
  const belly = measures.bellyStartMm ?? null;
  const straightShare = Math.min(
    MOST_STRAIGHT,
    belly === null ? shape.straightShare : belly / length,
  );
  const edgeAt = (share: number): number =>
    share <= straightShare
      ? 0
      : rise * ((share - straightShare) / (1 - straightShare)) ** shape.bellyPower;
  const heightAt = heightCurve(
    [measures.heightHeelMm, measures.heightMiddleMm, measures.heightTipMm],
    measures.heightTipMm * shape.tipHeightShare,
  );
  const shares = Array.from({ length: POINTS }, (_, index) => index / (POINTS - 1));
  return {
    edge: shares.map((share) => [share * length, edgeAt(share)]),
    spine: [...shares, ...NOSE_SHARES]
      .sort((a, b) => a - b)
      .map((share) => [share * length, edgeAt(share) + heightAt(share)]),
    thickness: spineThickness,
  };
};

/**
 * The outline as one closed line for a drawing: mm from the heel along, and down from the top of the spine at the heel.
 *
 * @example
 * closedOutline(usualMeasuresOf('chef', 210))[0]![0]; // 0
 */
export const closedOutline = (measures: BladeMeasures): readonly BladePoint[] => {
  const { edge, spine } = bladeOutline(measures);
  const top = spine[0]![1];
  return [...edge, ...[...spine].reverse()].map(([along, up]): BladePoint => [along, top - up]);
};

/** Height of the edge curve at z. */
export const edgeHeightAt = (curves: EdgeCurves, z: number): number => interpolate(curves.edge, z);
