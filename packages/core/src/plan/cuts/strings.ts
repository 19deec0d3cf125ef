/** Strings of the cuts of a plan. */
import { stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/cuts', {
  withTheApexUpByMm: (riseMm: string, angleDeg: number) =>
    `With the apex up by ${riseMm} mm a bevel of ${angleDeg}° per side does not close below the spine`,
  aRazorLiesOnSpineAnd: 'A razor lies on spine and edge: its spine sets the angle.',
  thetaAtanT2H: 'θ = atan((T/2) / H)',
  tSpine: 'T, spine',
  hWidth: 'H, width',
  geometryOfTheSection: 'Geometry of the section',
  theAngleMeasuredAtTheCounter: 'The angle measured at the counter.',
  measured: 'Measured',
  measuredOnTheBlade: 'Measured on the blade',
  thePresentAngleNeedsTheWidth:
    'The present angle needs the width of the bevel or a measured angle',
  oneBevelOfThisWidthSpans: 'One bevel of this width spans the whole thickness at its shoulder.',
  aBevelOfThisWidthSpans: 'A bevel of this width spans half the thickness behind the edge.',
  thetaAsinEW: 'θ = asin(e / w)',
  eThicknessAtTheShoulder: 'e, thickness at the shoulder',
  eHalfTheThicknessBehindThe: 'e, half the thickness behind the edge',
  wWidthOfTheBevelFace: 'w, width of the bevel face',
  anAngleOfDegreesPerSide: (angleDeg: number, lowest: number, highest: number) =>
    `An angle of ${angleDeg}° per side is outside ${lowest} to ${highest}°`,
  anAngleOfDegreesPerSideDoes: (angleDeg: number, primaryDeg: string) =>
    `An angle of ${angleDeg}° per side does not clear the primary grind at ${primaryDeg}°`,
  mmAboveTheEdgeTheBlade: (at: number, present: string, target: number) =>
    `${at} mm above the edge the blade is ${present} mm thick; ${target} mm was asked for`,
  bandsOfDegreesAndDegreesNever: (angles: string, angles2: string, primaryDeg: string) =>
    `Bands of ${angles}° and ${angles2}° never run out into a primary of ${primaryDeg}°: ask for more thickness`,
  theSecondBandWouldBeSteeper: (angles: string, angles2: string) =>
    `The second band would be steeper (${angles}°) than the first (${angles2}°): thickness at 10 mm is too much for that at 5 mm`,
  aBandUpToMmDoes: (toMm: number, topMm: string) =>
    `A band up to ${toMm} mm does not end on a blade ${topMm} mm high`,
  aBandUpToMmDoesNot: (toMm: number, toMm2: number) =>
    `A band up to ${toMm} mm does not reach above the ${toMm2} mm of the one before it`,
  aBandOfDegreesDoesNot: (angleDeg: number, angleDeg2: number) =>
    `A band of ${angleDeg}° does not fall below the ${angleDeg2}° before it`,
  aBandOfDegreesNeverRuns: (angleDeg: number, primaryDeg: string) =>
    `A band of ${angleDeg}° never runs out into a face that leans ${primaryDeg}°`,
  howFarTheSpineIsLifted:
    'How far the spine is lifted off the stone to hold the angle at the middle of this zone, after the repair.',
  lHSinThetaXCos: 'L = H sin θ − x cos θ',
  hEdgeToSpine: 'H, edge to spine',
  xHalfTheSpine: 'x, half the spine',
  itWouldRestAt: 'It would rest at',
  theWholeEdgeComesUpBy: (maxDepthMm: string) =>
    `The whole edge comes up by ${maxDepthMm} mm, so that it keeps its curve.`,
  noChipToTakeOutThe: 'No chip to take out: the outline stays as it is.',
  theChipSitsOnTheStraight: (depth: string) =>
    `The chip sits on the straight: nearly the whole edge comes up, ${depth} mm at the deepest.`,
  theChipCanBeBlendedOf: (share: number, depth: string, percent: number) =>
    `The chip can be blended: ${share} % of the edge comes up, ${depth} mm at the deepest; ${percent} % less than jointing the whole edge.`,
  theBladeWantsThinningAndNo: (thinningLeastUm: number) =>
    `The blade wants thinning, and no stone of ${thinningLeastUm} µm or coarser is on the rack: with a finer one it takes hours`,
  mmBehindTheEdgeIsWithin: (thicknessMm: number, limitMm: number) =>
    `${thicknessMm} mm behind the edge is within what the measure may be off of ${limitMm} mm: measure it again before thinning.`,
  forThisBladeAndForThickness: (label: string) =>
    `For this blade, and for ${label}, thickness behind the edge is not judged.`,
  mmBehindTheEdgeWouldBe: (afterMm: string, label: string, limitMm: number) =>
    `${afterMm} mm behind the edge would be left, and ${label} wants at most ${limitMm} mm: it would be sharp and still wedge.`,
  mmBehindTheEdgeIsWithinMm: (afterMm: string, limitMm: number, label: string) =>
    `${afterMm} mm behind the edge is within ${limitMm} mm for ${label}.`,
  whatIsTakenInThePlane: 'What is taken in the plane of the blade to bring a point back this way.',
  bladeShorterBy: 'Blade shorter by',
  edgeShorterBy: 'Edge shorter by',
  blendedInOver: 'Blended in over',
  geometryOfTheOutline: 'Geometry of the outline',
});
