/** Strings of the assessment. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/judge', {
  aCrackMmFromTheHeel: (fromMm: number) =>
    `A crack ${fromMm} mm from the heel: grinding does not end it, and the blade may break in the hand.`,
  burntMmDeepTheEdgeMust: (burnt: number) =>
    `Burnt ${burnt} mm deep: the edge must come up past the colour, and the customer must know that it stays softer if the heat went deeper.`,
  burntMmDeepTheTemperIs: (burnt: number) =>
    `Burnt ${burnt} mm deep: the temper is gone where a bench stone cannot bring it back. A smith can harden it anew.`,
  theBladeIsBentStraighteningIs:
    'The blade is bent: straightening is a smith’s work and may break it.',
  theHollowIsMmDeepAnd: (depth: number) =>
    `The hollow is ${depth} mm deep and its rim worn: the back wants regrinding on a large wheel.`,
  haftNotToBeSwungAnd: (haft: string) =>
    `Haft: ${haft}. Not to be swung, and not to be held against a wheel, before it is hafted anew.`,
  afterTheWorkItStandsMm: (height: string, minHeightMm: number) =>
    `After the work it stands ${height} mm high at the heel; below ${minHeightMm} mm a blade of its kind is spent.`,
  thicknessBehindTheEdgeDoesNot: (label: string, label2: string) =>
    `Thickness behind the edge does not decide for ${label} and ${label2}.`,
  hollowGroundThinAndWeakBehind:
    'Hollow-ground: thin and weak behind the edge. Touch only the very edge.',
  mmBehindTheEdgeAndMm: (has: number, thicknessSigmaMm: string, limit: number, label: string) =>
    `${has} ± ${thicknessSigmaMm} mm behind the edge, and ${limit} mm is where ${label} begins to wedge`,
  thatIsWithinWhatTheMeasure: (figures: string) =>
    `${figures}: that is within what the measure may be off. Measure it again before anything is thinned.`,
  thinItOrItWillBe: (figures: string) =>
    `${figures}: thin it, or it will be sharp and still wedge.`,
  aLittleOffNowSparesA: (figures: string) => `${figures}: a little off now spares a lot later.`,
  leaveIt: (figures: string) => `${figures}: leave it.`,
  thisSteelCarriesMAtThe: (finestUsefulUm: number) =>
    ` This steel carries ${finestUsefulUm} µm at the finest: what goes beyond is for the eye, and goes with the first cuts.`,
  theCustomerNamedM: (wished: number, doubt: string) => `The customer named ${wished} µm.${doubt}`,
  mAndCarriesNothingFinerThan: (
    label: string,
    finest: number,
    coarsest: number,
    designation: string,
    low: number,
  ) =>
    `${label}: ${finest}–${coarsest} µm, and ${designation} carries nothing finer than ${low} µm.`,
  mAToothyEdgeBitesAnd: (label: string, finest: number, coarsest: number) =>
    `${label}: ${finest}–${coarsest} µm. A toothy edge bites, and still saws when it wears.`,
  mFinerThanThatIsFor: (label: string, finest: number, coarsest: number) =>
    `${label}: ${finest}–${coarsest} µm. Finer than that is for the eye.`,
  mAFineEdgePushesThrough: (label: string, finest: number, coarsest: number) =>
    `${label}: ${finest}–${coarsest} µm. A fine edge pushes through cleanly and lasts in clean cuts.`,
  scratches: (scratches: string) => `scratches ${scratches}`,
  writeDownItsSheenAndScratches: 'write down its sheen and scratches before the first stroke',
  theBevelIsToLookAs: (said: string) => ` The bevel is to look as it came: ${said}.`,
  aboutMmOfTheBladesHeight: (lost: string) =>
    `About ${lost} mm of the blade’s height goes for good.`,
  twoEdgesLawfulToHoldHere:
    'Two edges: lawful to hold here, and the customer known where the rules ask for it.',
  bothEdgesAreWorkedToThe: 'Both edges are worked to the point: it comes out a little shorter.',
  restoringTheTipShortensTheBlade: 'Restoring the tip shortens the blade or lowers its spine.',
  aBentTipMayBreakWhen:
    'A bent tip may break when it is straightened; then it is restored shorter.',
  straighteningTheOutlineTakesHeightAlong:
    'Straightening the outline takes height along the whole edge.',
  theEdgeWasBurntBeforeIt:
    'The edge was burnt before it came: it may stay softer than it was made.',
  workOnTheFacesMarksThe: (surface: string) => `Work on the faces marks the ${surface} surface.`,
  theCoatingOfTheBackMay: 'The coating of the back may show a bright line along the edge.',
  thePrintedMarkMaySufferEven: 'The printed mark may suffer, even under paper and tape.',
  thePatinaGoesWhereTheStones: 'The patina goes where the stones reach.',
  tappingOutTheBackMayCrack:
    'Tapping out the back may crack the blade: rare, risky, and never undone.',
  thinningScratchesTheFacesAboveThe:
    'Thinning scratches the faces above the edge, and they are then blended.',
  steelThisHardMayChipFurther: 'Steel this hard may chip further while it is ground.',
  takingTheRustOffBrightensThe:
    'Taking the rust off brightens the faces there; pits stay, and cost extra time.',
  theOldEdgeIsTakenOff:
    'The old edge is taken off: it will not shave until the whole work is done.',
  theDamageWasOnTheBlade:
    'The damage was on the blade when it came, as drawn and shown to the customer.',
  razorsArriveContaminatedDisinfectOnArrival:
    'Razors arrive contaminated: disinfect on arrival and before return.',
  doubleEdgedAndCarriedBladesAre:
    'Double-edged and carried blades are regulated differently everywhere: check the local rules and, where they ask for it, who the customer is.',
  cutResistantGloveOnTheHolding:
    'Cut-resistant glove on the holding hand; the points catch. Edge away from you.',
  fingersBehindTheFaceOfThe:
    'Fingers behind the face of the file; the head clamped, never held on the knee.',
  highCarbideSteelDiamondLowPressure:
    'High-carbide steel: diamond, low pressure, wet. Its dust harms the lungs.',
  handleHoldTheBladeNotThe: (handle: string) =>
    `Handle: ${handle}. Hold the blade, not the handle; tell the customer.`,
  thinAndWeakBehindTheEdge: 'Thin and weak behind the edge: no local work, no heat.',
  localLawTheEmployersRulesAnd:
    'Local law, the employer’s rules and the maker’s instructions come first.',
  disinfectBladeAndScales: 'Disinfect blade and scales.',
  wrapTheHandleAgainstSlurry: 'Wrap the handle against slurry.',
  paperOverThePrintedMarkFirst: 'Paper over the printed mark first, then the tape on the paper.',
  tapeTheCoatedFacesUpTo: 'Tape the coated faces up to the bevel.',
  tapeTheFacesWhereSlurryOr: 'Tape the faces where slurry or a clamp would scratch.',
  oilAndTapeThePatinaAbove: 'Oil and tape the patina above the bevel.',
  oneLayerOfTapeOnThe: 'One layer of tape on the spine, as it was honed before.',
  tapeTheSpineThinningBringsThe: 'Tape the spine: thinning brings the hand up to it.',
  aRodThenAStrop: 'A rod, then a strop',
  aStropThenTheFinestStone: 'A strop, then the finest stone',
  itIsOnlyTiredSteelHas: (takesARodSaid: string) =>
    `It is only tired: steel has moved, little is worn off. ${takesARodSaid}, a quarter of an hour, before any full round.`,
  nothingHereThatStonesAndA: 'Nothing here that stones and a steady hand cannot do.',
  cutsAsTheCustomerKnowsIt: 'Cuts as the customer knows it',
  much: 'much ',
  cutsEasierThanItCameAnd: (changedSaid: string) =>
    `Cuts ${changedSaid}easier than it came, and fails sooner under a twist or on something hard`,
  standsLongerThanItCameAnd: (changedSaid: string) =>
    `Stands ${changedSaid}longer than it came, and wants more push`,
  softSteelWillRoll: ': soft steel will roll',
  forCarefulHandsOnly: ': for careful hands only',
  belowTheDegreesOfItsUse: (low: number, high: number, hrcHighSaid: string) =>
    `below the ${low}–${high}° of its use${hrcHighSaid}`,
  aboveTheDegreesOfItsUse: (low: number, high: number) =>
    `above the ${low}–${high}° of its use: it will feel blunt early`,
  withinTheDegreesOfItsUse: (low: number, high: number) => `within the ${low}–${high}° of its use`,
});
