/** Strings of plans by kind of blade. */
import { stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/kinds', {
  thicknessHalfWayAlongMmAbove: (at: number) =>
    `Thickness half way along, ${at} mm above the new edge, after the work.`,
  beforeAboveTheOldEdge: 'Before, above the old edge',
  apexRiseThere: 'Apex rise there',
  whereTheHighestBandRunsOut:
    'Where the highest band runs out into the face, above the new edge, half way along.',
  band: (index: number) => `Band ${index}`,
  theCladdingLineLessTheTop:
    'The cladding line less the top of the new bevel: it must stay clear of the edge.',
  coreBareAboveTheOldEdge: 'Core bare above the old edge',
  topOfTheNewBevelAbove: 'Top of the new bevel, above the old edge',
  claddingBevelTop: 'cladding − bevel top',
  tenMmBehindTheEdge: '10 mm behind the edge',
  flushOnTheBevelAndRaised:
    'Flush on the bevel, and raised twice: the last tangent stands at the apex.',
  leftFlatAsFiled: 'Left flat, as filed.',
  bevel: 'Bevel',
  widthOfTheFiledBevelAbove: 'Width of the filed bevel above the rounding, half way along.',
  degreesOnTheDoesNotClear: (angleDeg: string, side: string, primaryDeg: string) =>
    `${angleDeg}° on the ${side} does not clear the primary grind at ${primaryDeg}°`,
  theBladeCannotBeThickerAt: (shoulder: number, thicknessMm: number) =>
    `The blade cannot be thicker at its shoulder (${shoulder} mm) than at the spine (${thicknessMm} mm)`,
  aBevelMmHighDoesNot: (bevelMm: string, heightMm: number) =>
    `A bevel ${bevelMm} mm high does not fit a blade of ${heightMm} mm`,
  anAngleOfDegreesDoesNot: (angleDeg: number, primaryDeg: string) =>
    `An angle of ${angleDeg}° does not clear the face above the bevel at ${primaryDeg}°`,
  atTheShoulder: 'At the shoulder',
  almostFlatSoThatTheBurr: 'Almost flat, so that the burr goes and no back bevel is made.',
  firstGuessOfTheTrade: 'First guess of the trade',
  oneSideIsGroundTheBack:
    'One side is ground, the back is the plane: the bevel is the whole angle.',
  theRidgeCannotBeThickerMm: (ridgeX: number, thicknessMm: number) =>
    `The ridge cannot be thicker (${ridgeX} mm) than the spine (${thicknessMm} mm)`,
  aFrontBevelOfDegreesTo: (presentDeg: string, ridgeX: string, bevelMm: string, heightMm: number) =>
    `A front bevel of ${presentDeg}° to a ridge ${ridgeX} mm thick is ${bevelMm} mm high and does not fit a blade of ${heightMm} mm`,
  aFrontBevelOfDegreesNever: (angleDeg: number, primaryDeg: string) =>
    `A front bevel of ${angleDeg}° never meets an upper face that leans ${primaryDeg}°`,
  atTheRidge: 'At the ridge',
  geometryOfOneSidedBlades: 'Geometry of one-sided blades',
  theBevelIsCarriedUpWith:
    'The bevel is carried up with the apex; where it meets the upper face the ridge stands.',
  cApexRiseHalfWay: 'c, apex rise half way',
  thetaFrontBevel: 'θ, front bevel',
  psiLeanOfTheUpperFace: 'ψ, lean of the upper face',
  cTanThetaTanThetaTan: 'c tan θ / (tan θ − tan ψ), and what the back gave',
  whereTheFrontBevelEndsAfter: 'Where the front bevel ends after the work, half way along.',
  rimAtTheEdgeNow: 'Rim at the edge now',
  rimTappedOut: 'Rim tapped out',
  depthOfTheHollow: 'Depth of the hollow',
  radiusOfTheHollow: 'Radius of the hollow',
  deltaOffTheBackAVisit: 'δ, off the back a visit',
  cApexRiseAVisit: 'c, apex rise a visit',
  theHollowNarrowsAsTheBack:
    'The hollow narrows as the back comes off, and the edge comes up to meet it.',
  rimWW2C: 'rim + (W − W′) / 2 − c',
  visitsLikeThisOneThisOne:
    'Visits like this one, this one included, before the hollow reaches the edge.',
  behindTheEdge: 'Behind the edge',
  noLiftSpineAndEdgeLie: 'No lift: spine and edge lie on the stone at once.',
  width: 'Width',
  spine: 'Spine',
  tapeEachSide: 'Tape, each side',
  thetaAtanT2TapeH: 'θ = atan((T/2 + tape) / H)',
  whatTheSameStrokeTakesOff: 'What the same stroke takes off the spine: none under tape.',
  apexRise: 'Apex rise',
  aRidgeMmAboveTheEdge: (
    ridgeY: string,
    thicknessMm: number,
    presentDeg: string,
    shoulderMm: string,
  ) =>
    `A ridge ${ridgeY} mm above the edge and a spine of ${thicknessMm} mm leave no room for an edge of ${presentDeg}° per side, ${shoulderMm} mm behind it`,
  flatBelowTheRidgeMmAt: (at5Mm: string | number, at10Mm: string | number) =>
    `Flat below the ridge, ${at5Mm} mm at 5 mm and ${at10Mm} mm at 10 mm leave nothing of the edge: ask for more thickness, or make it slightly convex`,
  anAngleOfDegreesPerSide: (angleDeg: number, primaryDeg: string) =>
    `An angle of ${angleDeg}° per side does not clear the wide bevel at ${primaryDeg}°`,
  theEdgeIsGroundTheWider: (ratio: string) =>
    `The edge is ground ${ratio}: the wider bevel is the lower one.`,
  inclusive: 'Inclusive',
  shareOfTheWidth: 'Share of the width',
  sinThetaRSinThetaL: 'sin θr / sin θl = wl / wr',
  whereTheWorkedBevelMeetsThe:
    'Where the worked bevel meets the upper face, above the new edge: a band that reaches it raises it, the apex comes up under it.',
  laidDownItTouchesWhereX:
    'Laid down, it touches where x / y is largest: on its ridge, or at the shoulder, not on the spine.',
  touchesAtAboveTheEdge: 'Touches at, above the edge',
  theta0MaxAtanXY: 'θ0 = max atan(x / y)',
  pPointToPoint: 'p, point to point',
  qDepthInTheFlatFace: 'q, depth in the flat face',
  theBevelOfTheScallopsAnd: 'The bevel of the scallops and the facet of the flat side together.',
  facet: 'Facet',
  inclusiveBevelFacet: 'inclusive = bevel + facet',
  wholeScallopsAlongTheEdge: 'Whole scallops along the edge.',
  edge: 'Edge',
  edgeP: 'edge / p',
  atTheAngleOfTheScallop:
    'At the angle of the scallop a rod cuts an ellipse in the flat face; a thicker one never reaches its bottom.',
  rP24H22hH: 'r = (p²/4 + h²) / 2h, h = q sin θ',
  theSameScallopCutDeeperBy:
    'The same scallop cut deeper by the apex rise, less what is gone already.',
  theSteelOfOneScallopBy:
    'The steel of one scallop by the tool, times the scallops, and six seconds to come to the next.',
  nScallops: 'n, scallops',
  vOfOneScallop: 'V, of one scallop',
  removalModelFirstGuessesToBe: 'Removal model; first guesses, to be corrected by the bench',
  fromTheNewEdgeToWhere: 'From the new edge to where the bevel meets the flat of the blade.',
  before: 'Before',
  theDepthOfTheHollowInside: (rimMm: number | null) =>
    `The depth of the hollow ${rimMm} mm inside its margin: so far the steel must come out for a rim of that width.`,
});
