/** Strings of the figures of a plan. */
import { stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/planner', {
  geometryOfTheSection: 'Geometry of the section',
  degreesBecauseOf: (deltaDegSaid: string, deltaDeg: number, reason: string) =>
    `${deltaDegSaid}${deltaDeg}° because of ${reason}`,
  setByHandAdvisedWasDegrees: (angleDeg: string) => `Set by hand; advised was ${angleDeg}°.`,
  start: 'Start',
  present: 'Present',
  windowOfTheUseAndThe: 'Window of the use and the moves of the trade; first guess',
  theBevelOfTheGroundSide: 'The bevel of the ground side and the facet of the flat side together.',
  oneSideIsGroundAgainstA: 'One side is ground against a plane: the bevel is the whole angle.',
  bothSidesTogether: 'Both sides together.',
  inclusiveBevelFacet: 'inclusive = bevel + facet',
  inclusiveBevel: 'inclusive = bevel',
  inclusiveRightLeft: 'inclusive = right + left',
  facet: 'Facet',
  howTheFaceAboveTheBevel:
    'How the face above the bevel leans from the datum plane, half way along.',
  tanPhiT2EH: 'tan φ = (T/2 − e) / (H − b)',
  tSpine: 'T, spine',
  hHeight: 'H, height',
  behindTheEdge: 'Behind the edge',
  bBevelHeight: 'b, bevel height',
  widthOfTheNewBevelFace:
    'Width of the new bevel face half way along, from the new apex to where it runs out.',
  wYCCosTheta: 'w = (y′ − c) / cos θ′',
  cApexRiseHalfWay: 'c, apex rise half way',
  aEdgeHasToComeUp: (sharpness: string) =>
    `A ${sharpness} edge has to come up this far before the two faces meet again.`,
  sharpnessAsItCame: 'Sharpness as it came',
  firstGuessOfTheTradeTo: 'First guess of the trade, to be corrected by the bench',
  theDeepestChipTakenOutAnd: 'The deepest chip taken out, and what the tired apex needs.',
  deepestOutlineRepairApexRise: 'deepest outline repair + apex rise',
  deepestRepair: 'Deepest repair',
  apexRise: 'Apex rise',
  outlineAsALinearProgramme: 'Outline as a linear programme',
  areasCutFromTheSectionSummed: 'Areas cut from the section, summed along the edge.',
  vIntegralASDs: 'V = ∫ A(s) ds',
  stations: 'Stations',
  sectionAndCut: 'Section and cut',
  steelLostTimesItsDensity: 'Steel lost times its density.',
  densityOfKnifeSteel: 'Density of knife steel',
  measuredAtTheShoulderAtThe: 'Measured at the shoulder at the counter.',
  measuredOnTheBlade: 'Measured on the blade',
  thinnedInBandsTheNewBevel: 'Thinned in bands; the new bevel meets the lowest of them here.',
  theNewBevelEndsInsideThe: 'The new bevel ends inside the old one: the old shoulder stays.',
  theApexMovesUpIntoThicker:
    'The apex moves up into thicker steel; the shoulder is where the new bevel meets the primary.',
  tYCTanTheta: (sidesSaid: string) => `t = ${sidesSaid}(y′ − c) tan θ′`,
  limitOfItsUse: 'Limit of its use',
  steelEachAbrasiveMustTakeDivided:
    'Steel each abrasive must take, divided by how fast it cuts this steel by hand.',
  vUsefulTravelMS: 'v, useful travel, m/s',
  wearFactorOfTheSteel: 'Wear factor of the steel',
  removalModelFirstGuessesToBe: 'Removal model; first guesses, to be corrected by the bench',
  areasCutFromTheSectionAt:
    'Areas cut from the section at this angle, summed along the edge; without thinning.',
  theDeepestChipAndTheTired: 'The deepest chip and the tired apex set it, whatever the angle.',
  settingTheEdgeAndRefiningIt:
    'Setting the edge and refining it on the quickest chain of stones, with the changes between them.',
  m: (um: number) => `${um} µm`,
});
