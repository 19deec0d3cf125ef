/** Moves the apex up and sets a new edge bevel on both sides of a flat-ground blade (docs/method.md, G9). */
import { fail, mm, ok, type DegreesPerSide, type Millimetres, type Result } from '../units';
import { cutBothSides, jointLine } from './cuts';
import { JOINT } from './face';
import type { FlatGrind } from './flat-grind';
import { cutSection, measureFace, sectionExtent, type Section } from './section';
import { STRINGS } from './strings';

export interface Rebevelled {
  readonly section: Section;
  /** Of the whole removal, the part that jointing takes before the bevel is set, mm². */
  readonly jointedAreaMm2: number;
  /** Both sides, jointing included, mm². */
  readonly removedAreaMm2: number;
  readonly thicknessBehindEdgeMm: number;
  readonly bevelFaceMm: number;
  readonly bevelHeightMm: number;
  readonly heightMm: number;
}

/**
 * Errors: CUT_DOES_NOT_CLOSE when the new angle is not above the primary grind's, or when the bevel would
 * come out above the spine.
 */
export const rebevel = (
  blade: FlatGrind,
  apexRise: Millimetres,
  angle: DegreesPerSide,
): Result<Rebevelled> => {
  const { heightMm, angleDeg, thicknessBehindEdgeMm } = blade.measures;
  if (angle <= blade.primaryAngle) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      STRINGS.anAngleOfDegreesPerSide(angle, blade.primaryAngle.toFixed(2)),
      'angleDeg',
    );
  }
  if (apexRise === 0 && angle >= angleDeg) {
    // A steeper face through the old apex meets no steel: the old figures stand.
    return ok({
      section: blade.section,
      jointedAreaMm2: 0,
      removedAreaMm2: 0,
      thicknessBehindEdgeMm,
      bevelFaceMm: Math.hypot(blade.shoulderMm, blade.bevelHeightMm),
      bevelHeightMm: blade.bevelHeightMm,
      heightMm,
    });
  }
  const doesNotClose = fail(
    'CUT_DOES_NOT_CLOSE',
    STRINGS.withTheApexUpByMm(apexRise, angle, heightMm),
    'apexRiseMm',
  );
  if (apexRise >= heightMm) return doesNotClose;
  const jointed = cutSection(blade.section, jointLine(mm(apexRise)), JOINT);
  const bevelled = cutBothSides(jointed.section, angle, 0, apexRise, 'new bevel');
  const face = measureFace(bevelled.section, { side: 'right', roles: ['new bevel'] });
  if (!face || sectionExtent(bevelled.section).spineMm < heightMm || face.topYMm >= heightMm) {
    return doesNotClose;
  }
  return ok({
    section: bevelled.section,
    jointedAreaMm2: jointed.removedAreaMm2,
    removedAreaMm2: jointed.removedAreaMm2 + bevelled.removedAreaMm2,
    thicknessBehindEdgeMm: 2 * face.topXMm,
    bevelFaceMm: face.widthMm,
    bevelHeightMm: face.topYMm - apexRise,
    heightMm: heightMm - apexRise,
  });
};
