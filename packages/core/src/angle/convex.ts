/** A convex edge, and the facets that make it on a flat stone (docs/method.md, G8). */
import {
  fail,
  ok,
  perSide,
  toRadians,
  type DegreesPerSide,
  type Millimetres,
  type Result,
} from '../units';
import { STRINGS } from './strings';

export interface ConvexFacet {
  readonly angle: DegreesPerSide;
  readonly widthMm: number;
}

export interface ConvexEdge {
  readonly radiusMm: number;
  readonly bevelHeightMm: number;
  /** From the shoulder to the apex. */
  readonly facets: readonly ConvexFacet[];
}

/**
 * R = e / (cos α − cos β), b = R (sin β − sin α). Facets are tangents at equal steps of angle, both ends
 * included, so the two end facets are half as wide as the inner ones. Errors: IMPOSSIBLE_BEVEL when β ≤ α.
 */
export const convexEdge = (
  shoulder: Millimetres,
  shoulderAngle: DegreesPerSide,
  apexAngle: DegreesPerSide,
  facets: number,
): Result<ConvexEdge> => {
  if (apexAngle <= shoulderAngle) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aConvexEdgeIsSteeperAt(apexAngle, shoulderAngle),
      'apexAngleDeg',
    );
  }
  const alpha = toRadians(shoulderAngle);
  const beta = toRadians(apexAngle);
  const radiusMm = shoulder / (Math.cos(alpha) - Math.cos(beta));
  const half = radiusMm * Math.tan((beta - alpha) / (facets - 1) / 2);
  return ok({
    radiusMm,
    bevelHeightMm: radiusMm * (Math.sin(beta) - Math.sin(alpha)),
    facets: Array.from({ length: facets }, (_, index) => ({
      angle: perSide(shoulderAngle + ((apexAngle - shoulderAngle) * index) / (facets - 1)),
      widthMm: index === 0 || index === facets - 1 ? half : 2 * half,
    })),
  });
};
