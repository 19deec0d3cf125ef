/** The angle of a bevel from its width and the thickness above it (docs/method.md, G2). */
import {
  fail,
  mm,
  ok,
  radians,
  toDegrees,
  toRadians,
  type DegreesPerSide,
  type Millimetres,
  type Result,
} from '../units';
import { STRINGS } from './strings';

export interface MeasuredBevel {
  readonly angle: DegreesPerSide;
  readonly bevelHeight: Millimetres;
}

/**
 * θ = asin(e / w), b = e / tan θ. Errors: IMPOSSIBLE_BEVEL when the shoulder is wider than the face.
 *
 * @example
 * angleFromBevel(mm(1), mm(0.5)).ok; // true
 */
export const angleFromBevel = (
  bevelFace: Millimetres,
  shoulder: Millimetres,
): Result<MeasuredBevel> => {
  if (shoulder > bevelFace) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aBevelFaceOfMmCannot(bevelFace, shoulder),
      'shoulderMm',
    );
  }
  const angle = toDegrees(radians(Math.asin(shoulder / bevelFace)));
  return ok({ angle, bevelHeight: mm(shoulder / Math.tan(toRadians(angle))) });
};
