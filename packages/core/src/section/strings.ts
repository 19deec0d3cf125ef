/** Strings of the section of a blade. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/section', {
  aBevelThroughAnApexAt: (apexMm: number, spineMm: number) =>
    `A bevel through an apex at ${apexMm} mm does not close below the spine at ${spineMm} mm`,
  grindheightmmIsAboveHeightmm: (grindHeightMm: number, heightMm: number) =>
    `grindHeightMm ${grindHeightMm} is above heightMm ${heightMm}`,
  theBladeCannotBeThickerBehind: (thicknessBehindEdgeMm: number, spineThicknessMm: number) =>
    `The blade cannot be thicker behind the edge (${thicknessBehindEdgeMm} mm) than at the spine (${spineThicknessMm} mm)`,
  aBevelMmHighDoesNot: (bevelHeightMm: string, grindHeightMm: number) =>
    `A bevel ${bevelHeightMm} mm high does not fit below a grind height of ${grindHeightMm} mm`,
  anEdgeAngleOfDegreesPer: (angleDeg: number, phi: string) =>
    `An edge angle of ${angleDeg}° per side is not above the primary grind's ${phi}°`,
  aShoulderMmFromThePlane: (shoulderMm: number, spineOffsetMm: number) =>
    `A shoulder ${shoulderMm} mm from the plane is beyond the spine at ${spineOffsetMm} mm`,
  aBevelMmHighDoesNotFit: (bevelHeightMm: string, heightMm: number) =>
    `A bevel ${bevelHeightMm} mm high does not fit a blade of ${heightMm} mm`,
  aRadiusOfMmDoesNot: (radiusMm: number, chord: string) =>
    `A radius of ${radiusMm} mm does not span a grind ${chord} mm wide`,
  aHollowMmWideDoesNot: (chord: string, heightMm: number) =>
    `A hollow ${chord} mm wide does not fit a back of ${heightMm} mm`,
  anAngleOfDegreesPerSide: (angle: number, primaryAngle: string) =>
    `An angle of ${angle}° per side does not clear the primary grind at ${primaryAngle}°`,
  withTheApexUpByMm: (apexRise: number, angle: number, heightMm: number) =>
    `With the apex up by ${apexRise} mm a bevel of ${angle}° per side comes out above the spine at ${heightMm} mm`,
  thinningAtDegreesPerSideDoes: (angle: number, primaryAngle: string) =>
    `Thinning at ${angle}° per side does not leave the primary grind at ${primaryAngle}°`,
  thinningAtDegreesPerSideFrom: (angle: number, kept: number, heightMm: number) =>
    `Thinning at ${angle}° per side from ${kept} mm above the edge comes out above the spine at ${heightMm} mm`,
});
