/** Shims and coins under the spine: how many, and the angle each count gives (docs/method.md, G3). */
import { mm, ok, type DegreesPerSide, type Millimetres, type Result } from '../units';
import { angleFromLift, liftFor } from './lift';

export interface ShimCount {
  readonly count: number;
  /** Null when the blade is not high enough for so many. */
  readonly angleDeg: number | null;
}

export interface Shims {
  readonly liftMm: number;
  readonly below: ShimCount;
  readonly above: ShimCount;
  /** By angle; a tie goes below. */
  readonly nearest: 'below' | 'above';
}

/** n = L / t. Errors: ANGLE_BELOW_RESTING. */
export const shimsFor = (
  height: Millimetres,
  spineOffset: Millimetres,
  angle: DegreesPerSide,
  shim: Millimetres,
): Result<Shims> => {
  const lift = liftFor(height, spineOffset, angle);
  if (!lift.ok) return lift;
  const counted = (count: number): ShimCount => {
    const reached = angleFromLift(height, spineOffset, mm(count * shim));
    return { count, angleDeg: reached.ok ? reached.value : null };
  };
  const below = counted(Math.floor(lift.value / shim));
  const above = counted(below.count + 1);
  const off = (of: ShimCount): number =>
    of.angleDeg === null ? Infinity : Math.abs(of.angleDeg - angle);
  return ok({
    liftMm: lift.value,
    below,
    above,
    nearest: off(above) < off(below) ? 'above' : 'below',
  });
};
