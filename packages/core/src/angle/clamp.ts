/** Clamp and guide rod: the angle along the edge, and where to clamp (docs/method.md, G6). */
import { perSide, radians, SOLVER_PRECISION, toDegrees, type DegreesPerSide } from '../units';
import type { BladePoint } from '../geometry';

export interface Pivot {
  readonly xMm: number;
  readonly yMm: number;
  readonly zMm: number;
}

export interface ClampAngles {
  readonly angleDeg: readonly number[];
  /** Largest less smallest. */
  readonly spreadDeg: number;
}

export interface BestSlide extends ClampAngles {
  readonly slideMm: number;
}

/**
 * θ at each edge point: the stone's face holds the tangent there and passes a distance d inside the rod
 * through the pivot: θ = φ − asin(d / ρ). The tangent is from the neighbours; one-sided at the ends.
 *
 * @example
 * clampAngles(edge, pivot, 0).spreadDeg >= 0; // true
 */
export const clampAngles = (
  edge: readonly BladePoint[],
  pivot: Pivot,
  faceOffsetMm: number,
  slideMm = 0,
): ClampAngles => {
  const angleDeg = edge.map(([z, y], index): DegreesPerSide => {
    const [z0, y0] = edge[Math.max(0, index - 1)]!;
    const [z1, y1] = edge[Math.min(edge.length - 1, index + 1)]!;
    const length = Math.hypot(z1 - z0, y1 - y0);
    // In the blade plane, at right angles to the edge, towards the spine.
    const inward = ((pivot.yMm - y) * (z1 - z0) - (pivot.zMm - z - slideMm) * (y1 - y0)) / length;
    const reach = Math.hypot(pivot.xMm, inward);
    const theta = Math.atan2(pivot.xMm, inward) - Math.asin(faceOffsetMm / reach);
    return toDegrees(radians(theta));
  });
  return { angleDeg, spreadDeg: Math.max(...angleDeg) - Math.min(...angleDeg) };
};

/**
 * The least of a function on an interval: a grid finds its valleys, a golden section goes down the best
 * three. The functions here are smooth but for the corners of a maximum.
 */
const leastOn = (value: (at: number) => number, [low, high]: readonly [number, number]): number => {
  const cells = 600;
  const step = (high - low) / cells;
  const at = (index: number): number => low + index * step;
  const grid = Array.from({ length: cells + 1 }, (_, index) => ({
    index,
    value: value(at(index)),
  }));
  const starts = [...grid].sort((a, b) => a.value - b.value).slice(0, 3);
  const golden = (Math.sqrt(5) - 1) / 2;
  let best = { at: at(starts[0]!.index), value: starts[0]!.value };
  for (const { index } of starts) {
    let a = Math.max(low, at(index - 1));
    let b = Math.min(high, at(index + 1));
    let c = b - golden * (b - a);
    let d = a + golden * (b - a);
    let [atC, atD] = [value(c), value(d)];
    // One of the two inner points is an inner point of the next turn too.
    for (let turn = 0; turn < 60 && b - a > SOLVER_PRECISION; turn += 1) {
      if (atC < atD) {
        [b, d, atD] = [d, c, atC];
        c = b - golden * (b - a);
        atC = value(c);
      } else {
        [a, c, atC] = [c, d, atD];
        d = a + golden * (b - a);
        atD = value(d);
      }
    }
    const middle = (a + b) / 2;
    const found = value(middle);
    if (found < best.value) best = { at: middle, value: found };
  }
  return best.at;
};

/** Where to slide the blade along z, within limits, for the evenest angle. */
export const evenestSlide = (
  edge: readonly BladePoint[],
  pivot: Pivot,
  faceOffsetMm: number,
  limitsMm: readonly [number, number],
): BestSlide => {
  const slideMm = leastOn(
    (slide) => clampAngles(edge, pivot, faceOffsetMm, slide).spreadDeg,
    limitsMm,
  );
  return { slideMm, ...clampAngles(edge, pivot, faceOffsetMm, slideMm) };
};

/**
 * Where to slide the blade so that the angles come nearest to those the bevel has already, by least squares.
 *
 * @example
 * Number.isFinite(matchingSlide(edge, pivot, 0, [-100, 0], edge.map(() => 15)).slideMm); // true
 */
export const matchingSlide = (
  edge: readonly BladePoint[],
  pivot: Pivot,
  faceOffsetMm: number,
  limitsMm: readonly [number, number],
  presentDeg: readonly number[],
): BestSlide => {
  const error = (slide: number): number =>
    clampAngles(edge, pivot, faceOffsetMm, slide).angleDeg.reduce(
      (sum, angle, index) => sum + (angle - presentDeg[index]!) ** 2,
      0,
    );
  const slideMm = leastOn(error, limitsMm);
  return { slideMm, ...clampAngles(edge, pivot, faceOffsetMm, slideMm) };
};

/**
 * The height of the pivot above the blade plane (p_x) that gives an angle on a straight edge, corrected for
 * each stone's thickness: d is the distance from the rod to that stone's face.
 *
 * @example
 * Math.round(pivotForAngle(perSide(45), 100, 0)); // 100
 */
export const pivotForAngle = (
  angle: DegreesPerSide,
  alongMm: number,
  faceOffsetMm: number,
): number => {
  const theta = (perSide(angle) * Math.PI) / 180;
  return alongMm * Math.tan(theta) + faceOffsetMm / Math.cos(theta);
};
