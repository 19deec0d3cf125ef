/** Unsteady hands: strokes that wander leave the envelope of their angles (docs/method.md, G14). */
import { perSide, type DegreesPerSide } from '../units';
import { normalQuantile } from '../statistics';

export interface Wobble {
  readonly mean: DegreesPerSide;
  readonly sdDeg: number;
  readonly apex: DegreesPerSide;
  readonly shoulder: DegreesPerSide;
}

/** θ ± kσ with k = Φ⁻¹((N − 0.375) / (N + 0.25)), the expected extreme of N draws (Blom 1958). N at least 2. */
export const wobbleOf = (anglesDeg: readonly number[]): Wobble => {
  const count = anglesDeg.length;
  const mean = anglesDeg.reduce((sum, angle) => sum + angle, 0) / count;
  const squares = anglesDeg.reduce((sum, angle) => sum + (angle - mean) ** 2, 0);
  const sdDeg = Math.sqrt(squares / (count - 1));
  const k = normalQuantile((count - 0.375) / (count + 0.25));
  return {
    mean: perSide(mean),
    sdDeg,
    apex: perSide(mean + k * sdDeg),
    shoulder: perSide(mean - k * sdDeg),
  };
};
