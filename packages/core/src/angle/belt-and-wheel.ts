/** Belts and wheels: the set angle is that of the chord (docs/method.md, G7). */
import {
  fail,
  ok,
  perSide,
  radians,
  toDegrees,
  type DegreesPerSide,
  type Millimetres,
  type Result,
} from '../units';
import { STRINGS } from './strings';

export interface WheelBevel {
  readonly apexAngle: DegreesPerSide;
  readonly hollowDepthMm: number;
}

/** Apex θ − asin(w / 2R), hollow R − √(R² − w²/4). Errors: IMPOSSIBLE_BEVEL (w > 2R, or no apex left). */
export const wheelBevel = (
  bevelFace: Millimetres,
  wheelRadius: Millimetres,
  angle: DegreesPerSide,
): Result<WheelBevel> => {
  if (bevelFace > 2 * wheelRadius) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aBevelOfMmIsWider(bevelFace, 2 * wheelRadius),
      'bevelFaceMm',
    );
  }
  const apexAngle = perSide(angle - toDegrees(radians(Math.asin(bevelFace / (2 * wheelRadius)))));
  if (apexAngle <= 0) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.atDegreesTheHollowOfThis(angle, apexAngle.toFixed(2)),
      'angleDeg',
    );
  }
  return ok({
    apexAngle,
    // √ of a difference of squares as a product: exact for shallow hollows.
    hollowDepthMm:
      (bevelFace * bevelFace) /
      4 /
      (wheelRadius + Math.sqrt((wheelRadius - bevelFace / 2) * (wheelRadius + bevelFace / 2))),
  });
};

export interface BeltBevel {
  readonly apexAngle: DegreesPerSide;
  readonly shoulderAngle: DegreesPerSide;
}

/** Convex: apex θ + w / 2R_b, shoulder θ less the same; w is measured along the curve. */
export const beltBevel = (
  bevelFace: Millimetres,
  sagRadius: Millimetres,
  angle: DegreesPerSide,
): BeltBevel => {
  const half = toDegrees(radians(bevelFace / (2 * sagRadius)));
  return { apexAngle: perSide(angle + half), shoulderAngle: perSide(angle - half) };
};
