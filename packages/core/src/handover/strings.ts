/** Strings of what goes home with a blade. */
import { counted, stringsOf } from '../text';

export const STRINGS = stringsOf('core/handover', {
  aFewLightStrokesOnA:
    'A few light strokes on a smooth honing rod between visits: it straightens the edge, it does not sharpen.',
  aFewLightStrokesOnARidged:
    'A few light strokes on a ridged honing rod bring the edge back for a while; when they no longer do, it wants sharpening.',
  noHoningRodAFewStrokes: 'No honing rod: a few strokes on a plain strop between visits keep it.',
  washByHandAndDryAt: 'Wash by hand and dry at once; no dishwasher.',
  thisSteelRustsDryItAfter:
    'This steel rusts: dry it after use and wipe on a little food-safe oil. A grey-blue film is patina, and normal.',
  hardSteelNoBoneNoFrozen:
    'Hard steel: no bone, no frozen food, no twisting. No honing rod unless its maker agrees; a plain strop keeps it.',
  aFewStrokesOnAPlain: 'A few strokes on a plain strop between visits keep it.',
  woodOrSoftPlasticUnderThe: 'Wood or soft plastic under the edge; never glass, stone or a plate.',
  keepItSheathedOrInA: 'Keep it sheathed or in a block. It is at its sharpest today.',
  aDay: 'a day',
  days: (daysSince: number) => `${daysSince} days`,
  itWentHomeAgoTheShop: (days: string, houseDays: number) =>
    `It went home ${days} ago; the shop mends for nothing within ${houseDays}.`,
  itIsNothingTheWorkDid: 'It is nothing the work did.',
  ago: (days: string) => `${days} ago`,
  itWentHomeWithinTheDays: (daysSinceSaid: string, houseDays: number) =>
    `It went home ${daysSinceSaid}, within the shop’s ${counted(houseDays, 'day', 'days')}.`,
  itCameStillSharp: 'It came still sharp.',
  itCameTiredItCutBut: 'It came tired: it cut, but not as it should.',
  itCameDull: 'It came dull.',
  itCameBlunt: 'It came blunt.',
  theDeepest: 'the deepest ',
  foundOnIt: (damageSaid: string) => `Found on it: ${damageSaid}.`,
  youAskedFor: (askedFor: string) => `You asked for: ${askedFor}.`,
  thePointBroughtBackAndThe: 'The point brought back and the edge line made true.',
  chipsTakenOutDownToSound:
    'Chips taken out down to sound steel: what is left in breaks out again.',
  theEdgeLineMadeTrueSo: 'The edge line made true, so that it meets the board all along.',
  theBackTappedOutSoThat: 'The back tapped out, so that there is steel to sharpen again.',
  thinnedJustAboveTheEdgeFrom: (behindBeforeMm: string, behindAfterMm: string) =>
    `Thinned just above the edge, from ${behindBeforeMm} to ${behindAfterMm} mm, so that it goes through food without wedging.`,
  theFacesCleanedAndBlended: 'The faces cleaned and blended.',
  theBackLaidFlatWithoutThat: 'The back laid flat: without that the edge does not meet.',
  aNewEdgeGroundAndRefined: 'A new edge ground and refined.',
  aHairOfASteeperEdge: 'A hair of a steeper edge at the very end, so that it lasts.',
  theBurrTakenOffItIs: 'The burr taken off: it is sharp, not only rough.',
  touchedUpTheEdgeBroughtBack: 'Touched up: the edge brought back without grinding it anew.',
  testedBeforeItLeaves: 'Tested before it leaves.',
  theBladeIsMmLowerThan: (heightLostMm: string) =>
    `The blade is ${heightLostMm} mm lower than it came.`,
  degreesOnEachSideDegreesIn: (angleDeg: string, angleDeg2: string, presentDeg: string) =>
    `${angleDeg}° on each side, ${angleDeg2}° in all. It came with ${presentDeg}° on each side.`,
  asItCameTheAngleWas: 'As it came: the angle was not changed.',
  onYourRodSpineRaisedBy: (count: number, countSaid: string, coinMm: string) =>
    `On your rod: spine raised by ${count} ${countSaid} of ${coinMm} mm.`,
  weightToCutAStandardThread: 'Weight to cut a standard thread',
  placesAlongTheEdgeThatDid: 'Places along the edge that did not cut clean',
  of: (bad: number, zonesCount: number) => `${bad} of ${zonesCount}`,
  of2: (left: number, zonesCount: number) => `${left} of ${zonesCount}`,
  aboutItsLastEdgesLastedDays: (comeBackDay: string, fromLives: number, days: number) =>
    `About ${comeBackDay}: its last ${fromLives} edges lasted ${counted(days, 'day', 'days')}.`,
  aboutAsMostBladesOfIts: (comeBackDay: string) =>
    `About ${comeBackDay}, as most blades of its use do; sooner if it slides where it used to bite.`,
  leftInOnPurpose: (damageSaid: string) => `Left in on purpose: ${damageSaid}.`,
  atTheTest: (remark: string) => `At the test: ${remark}.`,
  whatCame: 'What came',
  returnedWithoutSharpening: 'Returned without sharpening',
  whatWasDoneAndWhy: 'What was done, and why',
  angle: 'Angle',
  howToKeepItSo: 'How to keep it so',
  notedNotRepaired: 'Noted, not repaired',
  whenToComeBack: 'When to come back',
  edgeMm: (label: string, edgeLengthMm: number, steelName: string) =>
    `${label}, edge ${edgeLengthMm} mm, ${steelName}`,
  readyToCollectBlades: 'Ready to collect: {blades}',
  goodDayCustomerBladesCanBe: (signed: string) =>
    `Good day {customer},\n\n{blades} can be collected (tag {tags}). To pay: {price}.\n{place}\n{page}${signed}`,
  aLittleLaterBlades: 'A little later: {blades}',
  goodDayCustomerBladesTagTags: (signed: string) =>
    `Good day {customer},\n\n{blades} (tag {tags}) will take longer than promised. We are sorry, and write again as soon as it is ready.\n{page}${signed}`,
  isItStillSharpBlades: 'Is it still sharp? {blades}',
  goodDayCustomerByNowBlades: (signed: string) =>
    `Good day {customer},\n\nby now {blades} may want sharpening again. If it still cuts as you like it, leave it.\n{place}${signed}`,
  stillHereBlades: 'Still here: {blades}',
  goodDayCustomerBladesTagTagsIs: (signed: string) =>
    `Good day {customer},\n\n{blades} (tag {tags}) is still here to be collected. To pay: {price}.\n{place}\n{page}${signed}`,
  today: 'today',
  coin: 'coin',
  coins: 'coins',
});
