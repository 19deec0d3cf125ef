/**
 * A scallop as cuts: at each place along it a one-sided bevel at the rod's angle, its apex as high as the
 * rod's round leaves it. The rod at angle θ to the flat face cuts an ellipse there (docs/method.md, G13).
 */
import { toRadians, type DegreesPerSide } from '../units';
import { cutSection, faceLine, type Cut, type Section } from '../section';

export interface Scallop {
  readonly pitchMm: number;
  /** As seen in the flat face. */
  readonly depthMm: number;
  readonly angle: DegreesPerSide;
  readonly rodRadiusMm: number;
}

/** Height of the edge above its points at a place u from the scallop's middle; 0 outside it. */
export const scallopHeightMm = (scallop: Scallop, uMm: number): number => {
  const { depthMm, angle, rodRadiusMm, pitchMm } = scallop;
  if (Math.abs(uMm) > Math.min(pitchMm / 2, rodRadiusMm)) return 0;
  const sagitta = rodRadiusMm - Math.sqrt(rodRadiusMm ** 2 - uMm ** 2);
  return Math.max(0, depthMm - sagitta / Math.sin(toRadians(angle)));
};

/** The section at u, ground from the right; the flat side is left alone. */
export const cutScallop = (section: Section, scallop: Scallop, uMm: number): Cut =>
  cutSection(section, faceLine('right', scallop.angle, 0, scallopHeightMm(scallop, uMm)), {
    side: 'right',
    role: 'scallop',
  });

/** Steel of one scallop, mm³: the areas of its cuts summed over the pitch by trapezoids. */
export const scallopVolumeMm3 = (section: Section, scallop: Scallop, slices = 200): number => {
  const step = scallop.pitchMm / slices;
  let sum = 0;
  for (let index = 0; index <= slices; index += 1) {
    const { removedAreaMm2 } = cutScallop(section, scallop, -scallop.pitchMm / 2 + index * step);
    sum += (index === 0 || index === slices ? 0.5 : 1) * removedAreaMm2 * step;
  }
  return sum;
};
