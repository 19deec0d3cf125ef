/** Reading a digital angle gauge: zeroed on the stone, read on a face that may lean from the datum plane. */
import { perSide, type DegreesPerSide } from '../units';

/**
 * θ = reading − zero − lean. The blade lies on its bevel, its datum plane at θ to the stone; the face that
 * looks up leans away from the stone by ψ more, and that is what the gauge on it tells. Zeroed on that face
 * itself and read on the stone that lies along the bevel above it, the lean counts the other way: −ψ.
 */
export const gaugeAngle = (
  readingDeg: number,
  zeroDeg: number,
  faceLeanDeg: number,
): DegreesPerSide => perSide(readingDeg - zeroDeg - faceLeanDeg);

/** What a gauge zeroed on the stone must show on a face that leans so, for an angle: the same turned round. */
export const gaugeReading = (angleDeg: number, faceLeanDeg: number): number =>
  angleDeg + faceLeanDeg;
