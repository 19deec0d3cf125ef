/** The front of a one-sided blade: where the ridge goes when the apex comes up (docs/method.md, G11). */
import {
  fail,
  ok,
  perSide,
  toRadians,
  type DegreesPerSide,
  type Millimetres,
  type Result,
} from '../units';
import { cutSection, faceLine, measureFace, SPINE, type Section } from '../section';
import { STRINGS } from './strings';

export interface ShinogiMove {
  readonly shinogiRiseMm: number;
  /** Above the new apex. */
  readonly shinogiHeightMm: number;
  /** Of the front alone, mm². */
  readonly removedAreaMm2: number;
}

/** The front half of a one-sided blade: back plane at x = 0, bevel to the shinogi, and the face above it. */
export const oneSidedSection = (
  angle: DegreesPerSide,
  faceLean: DegreesPerSide,
  shinogiHeightMm: number,
  topMm: number,
): Section => {
  const shinogiX = shinogiHeightMm * Math.tan(toRadians(angle));
  const topX = shinogiX + (topMm - shinogiHeightMm) * Math.tan(toRadians(faceLean));
  return {
    vertices: [
      { x: 0, y: 0, face: { side: 'right', role: 'bevel' } },
      { x: shinogiX, y: shinogiHeightMm, face: { side: 'right', role: 'upper' } },
      { x: topX, y: topMm, face: SPINE },
      { x: 0, y: topMm, face: { side: 'left', role: 'back' } },
    ],
  };
};

/**
 * Apex up by c at the same θ: the ridge rises by c tan θ / (tan θ − tan ψ), read off the cut itself.
 * Errors: CUT_DOES_NOT_CLOSE when the face leans as much as the bevel.
 */
export const moveShinogi = (
  angle: DegreesPerSide,
  faceLean: DegreesPerSide,
  shinogiHeight: Millimetres,
  apexRise: Millimetres,
): Result<ShinogiMove> => {
  if (faceLean >= angle) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      STRINGS.aFaceThatLeansDegreesNever(faceLean, angle),
      'faceLeanDeg',
    );
  }
  if (apexRise === 0) {
    return ok({ shinogiRiseMm: 0, shinogiHeightMm: shinogiHeight, removedAreaMm2: 0 });
  }
  const bevel = Math.tan(toRadians(angle));
  const lean = Math.tan(toRadians(faceLean));
  // High enough for the new face to come out below the top of what is drawn.
  const topMm = shinogiHeight + (2 * apexRise * bevel) / (bevel - lean) + shinogiHeight;
  const before = oneSidedSection(angle, faceLean, shinogiHeight, topMm);
  const cut = cutSection(before, faceLine('right', perSide(angle), 0, apexRise), {
    side: 'right',
    role: 'new bevel',
  });
  const face = measureFace(cut.section, { roles: ['new bevel'] });
  if (!face) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      STRINGS.anApexRiseOfMmLeaves(apexRise, shinogiHeight),
      'apexRiseMm',
    );
  }
  const top = face.topYMm;
  return ok({
    shinogiRiseMm: top - shinogiHeight,
    shinogiHeightMm: top - apexRise,
    removedAreaMm2: cut.removedAreaMm2,
  });
};
