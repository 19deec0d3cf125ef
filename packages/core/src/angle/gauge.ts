/** Reading a digital angle gauge: zeroed on the stone, read on a face that may lean from the datum plane. */
import { perSide, type DegreesPerSide } from '../units/quantities';

/**
 * θ = reading − zero + lean: the gauge tells how the face it sits on stands to the stone; a face that
 * leans by ψ from the datum plane (positive when the blade thickens towards the spine) hides that much.
 */
export const gaugeAngle = (
  readingDeg: number,
  zeroDeg: number,
  faceLeanDeg: number,
): DegreesPerSide => perSide(readingDeg - zeroDeg + faceLeanDeg);
