/** A guide rail clipped to the spine (docs/method.md, G5). */
import { radians, toDegrees, type DegreesPerSide } from '../units';

/** θ = atan(o / D): D from the edge to the rail along the normal, o from the datum plane to its underside. */
export const railAngle = (distanceMm: number, offsetMm: number): DegreesPerSide =>
  toDegrees(radians(Math.atan2(offsetMm, distanceMm)));
