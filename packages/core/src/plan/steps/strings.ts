/** Strings of the steps of a plan. */
import { counted, stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/steps', {
  atMm: (sMm: number, liftMm: string) => `at ${sMm} mm ${liftMm}`,
  forRoundsOfOnesOwn: (rule: string) => `${rule} For rounds of one's own.`,
  asWrittenByTheOperator: 'As written by the operator.',
  theOperator: 'The operator',
  forStrokesASideAsChanged: (rule: string, count: number, before: number) =>
    `${rule} For ${counted(count, 'stroke', 'strokes')} a side, as changed; ${before} were worked out.`,
  habitOfTheBenchFirstGuess: 'Habit of the bench; first guess',
  vSteelToTake: 'V, steel to take',
  kMm3PerNAndM: 'K, mm³ per N and m, × 1000',
  grain: 'Grain',
  itLeavesScratchesOf: 'It leaves scratches of',
  removalModelFirstGuessesToBe: 'Removal model; first guesses, to be corrected by the bench',
  theScratchesOfTheAbrasiveBefore: 'The scratches of the abrasive before, over the whole face.',
  theScratchesOfTheAbrasiveBeforeWhere:
    'The scratches of the abrasive before, where they decide the cut.',
  aboutMinutes: (minutes: number) => `About ${counted(minutes, 'minute', 'minutes')}.`,
  soFewStrokesSlowAndFlat: 'So few strokes, slow and flat, and the look after each.',
  lightPassesASwapAfterEach: 'Light passes, a swap after each.',
  stoneAndBladeRinsed: 'Stone and blade rinsed.',
  lightStrokesInFallingCountsUntil: 'Light strokes in falling counts until the burr is gone.',
  rinseStropLapsAndATest: 'Rinse, strop laps, and a test by zone.',
  theBurrOfTheFirstStone: 'The burr of the first stone brought down.',
  washingAndDrying: 'Washing and drying.',
  aCutInPaperAndA: 'A cut in paper, and a look in the light.',
  theSteelBetweenTheOldBevel: 'The steel between the old bevel and the new one.',
  aStoneNamedForItIs: 'A stone named for it is not in the rack any more',
  theSteelBetweenTheOldBevelAnd: 'The steel between the old bevel and the new one, by file.',
  mOverTheWholeFaceTo: (faceStockUm: number) =>
    `${faceStockUm} µm over the whole face, to come to an even look.`,
  halfOfLengthHeightThicknessBehind:
    'Half of length × height × thickness behind the edge, shared among the visits.',
  highSpotAllAtOnce: 'High spot, all at once',
  highSpotEachOfVisits: (among: number) => `High spot, each of ${among} visits`,
  theSteelOfTheHillShared:
    'The steel of the hill, shared among the visits, on the stone that takes it down.',
  height: 'Height',
  length: 'Length',
  whatStandsBeyondTheNewLine:
    'What stands beyond the new line of the tip, through the thickness near it.',
  theSteelBelowTheRestoredOutline: 'The steel below the restored outline.',
  paperTapeAndWrapping: 'Paper, tape and wrapping.',
  soManyLightStrokesASide: 'So many light strokes a side, and the surface made ready.',
  theSteelOutsideBand: (band: number) => `The steel outside band ${band}.`,
  theScratchesOfTheAbrasiveBeforeOver:
    'The scratches of the abrasive before, over all that was thinned.',
  mOverAllThatWasThinned: (evenStockUm: number) =>
    `${evenStockUm} µm over all that was thinned, to come to an even look.`,
  inTheWaterByHandIt: 'In the water by hand; it soaks while other work goes on.',
  theChangeToTheStoneAnd: 'The change to the stone, and the pencil grid rubbed off it.',
  theChangeToTheStoneAs: 'The change to the stone, as the rack has it.',
});
