/** Serrations: the rod that fits a scallop (docs/method.md, G13). */
import { exceeds, SLACK, toRadians, type DegreesPerSide, type Millimetres } from '../units';

export interface ScallopFit {
  /** Largest rod radius that reaches the whole scallop, mm. */
  readonly radiusMm: number;
  readonly scallops: number;
  /** The best of the rods owned; null when none fits. */
  readonly rodDiameterMm: number | null;
}

/** h = q sin θ, r = (p²/4 + h²) / (2h); whole scallops; the largest rod whose radius is at most r. */
export const fitScallop = (
  pitch: Millimetres,
  depth: Millimetres,
  angle: DegreesPerSide,
  edgeLength: Millimetres,
  rodDiametersMm: readonly number[],
): ScallopFit => {
  const across = depth * Math.sin(toRadians(angle));
  const radiusMm = (pitch ** 2 / 4 + across ** 2) / (2 * across);
  const fitting = rodDiametersMm.filter((diameter) => !exceeds(diameter / 2, radiusMm));
  return {
    radiusMm,
    scallops: Math.floor(edgeLength / pitch + SLACK),
    rodDiameterMm: fitting.length > 0 ? Math.max(...fitting) : null,
  };
};
