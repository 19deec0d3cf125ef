/** Thinning: one straight cut a side at a low angle, from a kept height of the bevel upwards (docs/method.md, G9). */
import {
  fail,
  ok,
  perSide,
  toRadians,
  type DegreesPerSide,
  type Millimetres,
  type Result,
} from '../units';
import { cutBothSides } from './cuts';
import type { FlatGrind } from './flat-grind';
import { measureFace, thicknessAtMm, type Section } from './section';
import { STRINGS } from './strings';

export interface Thinned {
  readonly section: Section;
  /** Both sides, mm². */
  readonly removedAreaMm2: number;
  /** Width of the new face on one side, mm. */
  readonly faceWidthMm: number;
  /** Height above the apex where the new face runs out into the old profile, mm. */
  readonly upperMeetMm: number;
  /** Full thickness after the cut at heights above the apex; null above the spine. */
  readonly thicknessAt: (yMm: number) => number | null;
}

/** Errors: CUT_DOES_NOT_CLOSE when α is not above the primary half angle, or the cut leaves above the spine. */
export const thin = (
  blade: FlatGrind,
  kept: Millimetres,
  angle: DegreesPerSide,
): Result<Thinned> => {
  const { angleDeg, heightMm } = blade.measures;
  if (angle <= blade.primaryAngle) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      STRINGS.thinningAtDegreesPerSideDoes(angle, blade.primaryAngle.toFixed(2)),
      'angleDeg',
    );
  }
  const outsideTheSteel = kept >= blade.bevelHeightMm || angle >= angleDeg;
  if (outsideTheSteel) {
    return ok({
      section: blade.section,
      removedAreaMm2: 0,
      faceWidthMm: 0,
      upperMeetMm: kept,
      thicknessAt: (yMm) => thicknessAtMm(blade.section, yMm),
    });
  }
  const xMm = kept * Math.tan(toRadians(perSide(angleDeg)));
  const cut = cutBothSides(blade.section, angle, xMm, kept, 'thinned');
  const face = measureFace(cut.section, { side: 'right', roles: ['thinned'] });
  if (!face || face.topYMm >= heightMm) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      STRINGS.thinningAtDegreesPerSideFrom(angle, kept, heightMm),
      'angleDeg',
    );
  }
  return ok({
    section: cut.section,
    removedAreaMm2: cut.removedAreaMm2,
    faceWidthMm: face.widthMm,
    upperMeetMm: face.topYMm,
    thicknessAt: (yMm) => thicknessAtMm(cut.section, yMm),
  });
};
