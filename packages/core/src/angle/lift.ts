/** Lift of the spine, and the angle a blade rests at (docs/method.md, G1). */
import {
  fail,
  mm,
  ok,
  perSide,
  radians,
  SLACK,
  toDegrees,
  toRadians,
  type DegreesPerSide,
  type Millimetres,
  type Result,
} from '../units';
import { STRINGS } from './strings';

/**
 * θ0 = atan(x_s / H): the angle held when the spine touches the stone.
 *
 * @example
 * restingAngle(mm(50), mm(0)); // 0
 */
export const restingAngle = (height: Millimetres, spineOffset: Millimetres): DegreesPerSide =>
  toDegrees(radians(Math.atan2(spineOffset, height)));

/**
 * L = H sin θ − x_s cos θ: the spine corner's height above the stone.
 * Errors: ANGLE_BELOW_RESTING, which names the resting angle.
 */
export const liftFor = (
  height: Millimetres,
  spineOffset: Millimetres,
  angle: DegreesPerSide,
): Result<Millimetres> => {
  const resting = restingAngle(height, spineOffset);
  if (angle < resting - SLACK) {
    return fail(
      'ANGLE_BELOW_RESTING',
      STRINGS.theBladeRestsAtDegreesPer(resting.toFixed(2), angle),
      'angleDeg',
    );
  }
  const theta = toRadians(angle);
  return ok(mm(Math.max(0, height * Math.sin(theta) - spineOffset * Math.cos(theta))));
};

/** θ = θ0 + asin(L / √(H² + x_s²)). Errors: OUT_OF_RANGE when the lift is longer than the blade allows. */
export const angleFromLift = (
  height: Millimetres,
  spineOffset: Millimetres,
  lift: Millimetres,
): Result<DegreesPerSide> => {
  const reach = Math.hypot(height, spineOffset);
  if (lift > reach) {
    return fail('OUT_OF_RANGE', STRINGS.aLiftOfMmIsMore(lift, reach.toFixed(2)), 'liftMm');
  }
  const raised = toDegrees(radians(Math.asin(lift / reach)));
  return ok(perSide(restingAngle(height, spineOffset) + raised));
};
