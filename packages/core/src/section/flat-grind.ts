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
import { STRINGS } from './strings';

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
      STRINGS.grindheightmmIsAboveHeightmm(grindHeightMm, heightMm),
      'section.grindHeightMm',
    );
  }
  if (thicknessBehindEdgeMm > spineThicknessMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.theBladeCannotBeThickerBehind(thicknessBehindEdgeMm, spineThicknessMm),
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
      STRINGS.aBevelMmHighDoesNot(bevelHeightMm.toFixed(2), grindHeightMm),
      'section.thicknessBehindEdgeMm',
    );
  }
  const phi = Math.atan((halfSpineMm - shoulderMm) / (grindHeightMm - bevelHeightMm));
  if (theta <= phi) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.anEdgeAngleOfDegreesPer(measures.angleDeg, toDegrees(radians(phi)).toFixed(2)),
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
