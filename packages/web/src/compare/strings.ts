/** Strings of plans side by side. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('compare', {
  minutes: 'Minutes',
  steel: 'Steel',
  thicknessAfter: 'Thickness after',
  mapOverAngleAndFinish: 'Map over angle and finish',
  angleAgainstFinish: 'Angle against finish',
  stop: 'Stop',
  drawTheMapAgain: 'Draw the map again',
  drawTheMap: 'Draw the map',
  ofFinishes: (columnsCount: number, most: string | number) =>
    `${columnsCount} of ${most} finishes`,
  finishesDone: 'Finishes done',
  shown: 'Shown',
  inByAngleAndLastStone: (label: string, unit: string) =>
    `${label} in ${unit}, by angle and last stone`,
  text: '° \\ µm',
  perSideLastStone: (angleDeg: number, finishUm: number, said: string, unit: string) =>
    `${angleDeg}° per side, last stone ${finishUm} µm: ${said} ${unit}`,
  darkerTakesMoreBoldWithinThe: (label: string) =>
    `Darker takes more. Bold: within the window of ${label}. A dash: it does not clear the primary, or no stones lead there.`,
  perSideLastStoneBehindThe: (
    angleDeg: number,
    finishUm: number,
    roughly: string,
    steelMm3: string,
    length: string,
  ) =>
    `${angleDeg}° per side, last stone ${finishUm} µm: ${roughly}, ${steelMm3} mm³, ${length} behind the edge.`,
  useThisPlan: 'Use this plan',
  angle: 'Angle',
  heightLost: 'Height lost',
  eightCasesOfTen: 'eight cases of ten',
  visitsUntilThinning: 'Visits until thinning',
  likeThisOne: 'like this one',
  visitsUntilSpent: 'Visits until spent',
  lastStone: 'Last stone',
  stones: 'Stones',
  plansSideBySide: 'Plans side by side',
  sideBySide: 'Side by side',
  backToThePlan: 'Back to the plan',
  plansToCompare: 'Plans to compare',
  twoToAtOnceTheLeast: (most: number) =>
    `Two to ${most} at once. The least of a row is set off; with visits, the most.`,
  chooseAtLeastTwo: 'Choose at least two.',
  workingOutThePlans: 'Working out the plans…',
  price: 'Price',
  byTheList: 'by the list',
  choose: 'Choose',
  chooseThisPlan: (label: string) => `Use this plan: ${label}`,
});
