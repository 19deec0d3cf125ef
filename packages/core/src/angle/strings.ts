/** Strings of reading and holding an angle. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/angle', {
  aBevelOfMmIsWider: (bevelFace: number, wheelRadius: number) =>
    `A bevel of ${bevelFace} mm is wider than the wheel of ${wheelRadius} mm`,
  atDegreesTheHollowOfThis: (angle: number, apexAngle: string) =>
    `At ${angle}° the hollow of this wheel leaves no apex (${apexAngle}°)`,
  aBevelFaceOfMmCannot: (bevelFace: number, shoulder: number) =>
    `A bevel face of ${bevelFace} mm cannot span ${shoulder} mm at the shoulder`,
  aConvexEdgeIsSteeperAt: (apexAngle: number, shoulderAngle: number) =>
    `A convex edge is steeper at the apex (${apexAngle}°) than at the shoulder (${shoulderAngle}°)`,
  raise: 'Raise',
  lower: 'Lower',
  byDegreesAndInkAgain: (turnDegSaid: string, turnDeg: number) =>
    `${turnDegSaid} by ${turnDeg}° and ink again.`,
  tooAtTheTipForWhat: (slopeSaid: string, slideMm: number, slideMmSaid: string) =>
    `Too ${slopeSaid} at the tip for what the heel shows: slide the jaws ${slideMm} mm towards the ${slideMmSaid}, then ink again.`,
  matchedAtHeelMiddleAndTip: 'Matched at heel, middle and tip: lock it and write the figure down.',
  matchedAtBothEndsInThe: (offSaid: string) =>
    `Matched at both ends, ${offSaid} in the middle: the bevel is not even. Keep the setting; the first stone evens it.`,
  theBladeRestsAtDegreesPer: (resting: string, angle: number) =>
    `The blade rests at ${resting}° per side; ${angle}° cannot be held`,
  aLiftOfMmIsMore: (lift: number, reach: string) =>
    `A lift of ${lift} mm is more than this blade allows: ${reach} mm`,
  halfTheThicknessBehindTheEdge: 'half the thickness behind the edge',
  theThicknessAtTheShoulder: 'the thickness at the shoulder',
  asinFromAndTheWidthOf: (shoulder: string, faceMm: number, bevelsSaid: string) =>
    `asin(${shoulder} / ${faceMm}) from ${bevelsSaid} and the width of the face`,
  colourTheBevelOneLightPass: (startDeg: string) =>
    `Colour the bevel; one light pass on the finest abrasive at ${startDeg}°. Begin wide: nothing is lost if the guess is wrong.`,
  goneHereAndLeftThereThe:
    'Gone here and left there: the blade twists, or the clamp or lift wants a correction at that place. Set it and try the same angle again.',
  matchedAtDegreesPerSide: (matchedDeg: string) => `Matched at ${matchedDeg}° per side.`,
  degreesWasFoundTooLowAnd: (aboveDeg: number, belowDeg: number) =>
    `${aboveDeg}° was found too low and ${belowDeg}° too high: one of them was not held. Try between them again.`,
  betweenDegreesAndDegreesTryDegrees: (aboveDeg: number, belowDeg: number, next: string) =>
    `Between ${aboveDeg}° and ${belowDeg}°: try ${next}°.`,
  onlyTheShoulderWasRubbedToo: (aboveDeg: string) =>
    `Only the shoulder was rubbed: too low. Try ${aboveDeg}°.`,
  onlyTheVeryEdgeWasRubbed: (said: string) =>
    `Only the very edge was rubbed: too high. Try ${said}°.`,
  inkGoneAcrossTheBevelAt: (matchedDeg: string) => `ink gone across the bevel at ${matchedDeg}°`,
  theMarkerTrialsDoNotClose: 'The marker trials do not close in on an angle yet',
  tooLowAtDegreesTooHigh: (aboveDeg: number, belowDeg: number) =>
    `too low at ${aboveDeg}°, too high at ${belowDeg}°`,
  theBevelLiesFlatWithThe: (liftMm: number, heightMm: number) =>
    `the bevel lies flat with the spine ${liftMm} mm up, on ${heightMm} mm of blade: the hand decides, the figure guides`,
  degreesWithALeanOfDegrees: (readingDeg: number, lean: string) =>
    `${readingDeg}° with a lean of ${lean}° is no angle of an edge`,
  degreesForTheLeanOfThat: (onFaceSaid: string, lean: string) =>
    `, ${onFaceSaid} ${lean}° for the lean of that face`,
  degreesReadOnZeroedOn: (readingDeg: number, seat: string, zeroed: string, leanSaid: string) =>
    `${readingDeg}° read on ${seat}, zeroed on ${zeroed}${leanSaid}`,
  degreesByItsMakerWhenIt: (valueDeg: number, asSaid: string) =>
    `${valueDeg}° ${asSaid} by its maker, when it was new`,
  halfOfAtanTheFaceTurns: (spotMm: number, distanceMm: number) =>
    `half of atan(${spotMm} / ${distanceMm}): the face turns the beam by twice its angle`,
  oneIsAboutTwiceTheOther: ' One is about twice the other: was it per side or inclusive?',
  andAreDegreesApartMoreThan: (
    routeLabels: string,
    routeLabels2: string,
    byDeg: string,
    sigmaDeg: string,
    halvedSaid: string,
  ) =>
    `${routeLabels} and ${routeLabels2} are ${byDeg}° apart, more than their uncertainties allow: trust the first (± ${sigmaDeg}°).${halvedSaid}`,
  high: 'high',
  low: 'low',
  tip: 'tip',
  heel: 'heel',
  and: 'and',
  less: 'less',
});
