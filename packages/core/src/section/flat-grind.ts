/** A two-sided blade, both sides alike, ground flat to a height and parallel above it (docs/method.md, G9). */
import {
  fail,
  ok,
  perSide,
  radians,
  toDegrees,
  toRadians,
  type DegreesPerSide,
  type Result,
} from '../units';
import { sectionFromSides, type Section, type SidePoint } from './section';

export interface FlatSectionMeasures {
  readonly heightMm: number;
  readonly spineThicknessMm: number;
  readonly grindHeightMm: number;
  readonly thicknessBehindEdgeMm: number;
  /** Edge bevel, per side. */
  readonly angleDeg: number;
}

export interface FlatGrind {
  readonly measures: FlatSectionMeasures;
  readonly section: Section;
  /** Half thickness at the shoulder (e), mm. */
  readonly shoulderMm: number;
  /** Height of the edge bevel (b), mm. */
  readonly bevelHeightMm: number;
  /** Angle of the primary grind to the datum plane (φ). */
  readonly primaryAngle: DegreesPerSide;
}

/**
 * The section from what the caliper and the gauge give.
 * Errors: IMPOSSIBLE_BEVEL (thicker behind the edge than at the spine; a bevel as high as the grind; an
 * edge angle not above the primary's), INVALID_INPUT (grind higher than the blade).
 *
 * @example
 * flatGrind({ heightMm: 40, spineThicknessMm: 2, grindHeightMm: 40, thicknessBehindEdgeMm: 0.4, angleDeg: 15 }).ok; // true
 */
export const flatGrind = (measures: FlatSectionMeasures): Result<FlatGrind> => {
  const { heightMm, spineThicknessMm, grindHeightMm, thicknessBehindEdgeMm } = measures;
  if (grindHeightMm > heightMm) {
    return fail(
      'INVALID_INPUT',
      `grindHeightMm ${grindHeightMm} is above heightMm ${heightMm}`,
      'section.grindHeightMm',
    );
  }
  if (thicknessBehindEdgeMm > spineThicknessMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      `The blade cannot be thicker behind the edge (${thicknessBehindEdgeMm} mm) than at the spine (${spineThicknessMm} mm)`,
      'section.thicknessBehindEdgeMm',
    );
  }
  const theta = toRadians(perSide(measures.angleDeg));
  const shoulderMm = thicknessBehindEdgeMm / 2;
  const halfSpineMm = spineThicknessMm / 2;
  const bevelHeightMm = shoulderMm / Math.tan(theta);
  if (bevelHeightMm >= grindHeightMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      `A bevel ${bevelHeightMm.toFixed(2)} mm high does not fit below a grind height of ${grindHeightMm} mm`,
      'section.thicknessBehindEdgeMm',
    );
  }
  const phi = Math.atan((halfSpineMm - shoulderMm) / (grindHeightMm - bevelHeightMm));
  if (theta <= phi) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      `An edge angle of ${measures.angleDeg}° per side is not above the primary grind's ${toDegrees(radians(phi)).toFixed(2)}°`,
      'section.angleDeg',
    );
  }
  const side: SidePoint[] = [
    { xMm: 0, yMm: 0, face: 'bevel' },
    { xMm: shoulderMm, yMm: bevelHeightMm, face: 'primary' },
    { xMm: halfSpineMm, yMm: grindHeightMm, face: 'parallel' },
  ];
  if (grindHeightMm < heightMm) side.push({ xMm: halfSpineMm, yMm: heightMm, face: 'parallel' });
  return ok({
    measures,
    section: sectionFromSides(side, side),
    shoulderMm,
    bevelHeightMm,
    primaryAngle: toDegrees(radians(phi)),
  });
};
