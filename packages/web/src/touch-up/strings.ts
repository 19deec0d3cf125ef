/** Strings of touching up. */
import { counted, stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('touch-up', {
  coinsOfMmBetweenRodAnd: (count: number, coinMm: number, angleDeg: string, heightMm: number) =>
    `${counted(count, 'coin', 'coins')} of ${coinMm} mm between rod and blade by the spine hold ${angleDeg}° at ${heightMm} mm of height`,
  coin: 'coin',
  coins: 'coins',
  lastTimeCoinsOfAtThe: (count: number, coinMm: string, perSideDeg: string, inclusiveDeg: string) =>
    `Last time: ${counted(count, 'coin', 'coins')} of ${coinMm} at the middle, ${perSideDeg}° per side, ${inclusiveDeg}° inclusive.`,
  thicknessOfACoinMm: 'Thickness of a coin, mm',
  aDiscOrCoinAnotherThickness: 'A disc or coin; another thickness starts again',
  passesASideSoFar: 'Passes a side so far',
  paperBeforeMoreThan: (mostPasses: number) => `Paper before more than ${mostPasses}`,
  found: ', found',
  assumed: ', assumed',
  perSide: (coinsText: string, perSideDeg: string, remark: string) =>
    `${coinsText}: ${perSideDeg}° per side${remark}`,
  low: 'low',
  high: 'high',
  nobodyMeasuredItSoughtFromThe: (end: string, angleDeg: string) =>
    `Nobody measured it: sought from the ${end} end of ${angleDeg}°.`,
  atTheMiddleHighALift: (heightMiddleMm: string, length: string, remark: string) =>
    `at the middle, ${heightMiddleMm} high; a lift of ${length}. ${remark}`,
  belowAboveWantedALiftOf: (below: string, above: string, angleDeg: string, liftMm: string) =>
    `Below: ${below}. Above: ${above}. Wanted ${angleDeg}°, a lift of ${liftMm}.`,
  coinsShowTheHandTheAngle:
    'Coins show the hand the angle at the middle only: carried to the tip they would be too steep.',
  coinsOfDoNotHoldThis: (coinMm: string) =>
    `Coins of ${coinMm} do not hold this blade: take another thickness.`,
  theInkHasGone: 'The ink has gone',
  afterTheTrialPassTheInk: 'After the trial pass the ink is off:',
  heldTooLow: 'Held too low',
  heldTooHigh: 'Held too high',
  inkAgainAndTryRoundOf: (held: string, coinsText: string, round: number, mostInkRounds: number) =>
    `${held}: ink again and try ${coinsText}. Round ${round} of ${mostInkRounds}.`,
  fourRoundsOfInkAndNo:
    'Four rounds of ink and no answer: put the rod down, the blade needs a full sharpening.',
  theInkWentAtTheEdge: 'The ink is gone at the edge and across: this is the angle.',
  seekItAnew: 'Search again',
  coinsAlone: 'Coins',
  stepsOnThe: (rung: string) => `Steps on the ${rung}`,
  aSide: (passes: number) => `${passes} a side`,
  passesASide: (passes: string) => `${passes} a side`,
  smoothRod: 'Smooth rod',
  fineCutRod: 'Fine-cut rod',
  ceramicRod: 'Ceramic rod',
  diamondRod: 'Diamond rod',
  strop: 'Strop',
  finestStone: 'Finest stone',
  fullRound: 'Full round',
  notTriedOnThisBladeYet: 'not tried on this blade yet',
  lastTimeItWasNotEnough: 'last time it was not enough',
  enoughLastTimeStillHolding: 'enough last time, still holding',
  lastedDaysLastTime: (lastedDays: number) =>
    `lasted ${counted(lastedDays, 'day', 'days')} last time`,
  loadingTouchUps: 'Loading touch-ups…',
  theSteelOfThisBladeIs: 'The steel of this blade is no longer known.',
  theLadder: 'The ladder',
  leastInterventionFirst: 'Least intervention first',
  itCameATiredBladeIs: (sharpness: string, sharpness2: string) =>
    `It came ${sharpness}: a tired blade is helped by this ladder, a ${sharpness2} one usually wants the full round.`,
  tryTheLowestRungThatSuits: 'Try the lowest rung that suits, test, and go up only when it fails.',
  triedNowNotEnough: 'tried now, not enough',
  touchUpsOfThisBlade: 'Touch-ups of this blade',
  before: 'Before',
  theBladeIsNoRungIs: (stage: string) => `The blade is ${stage}: touch-ups are closed.`,
  onlyTheBenchCanTouchUp: 'Only the bench can touch up; you are signed in at the counter.',
  assessAndPlanTheFullSharpening: 'Assess and plan the full sharpening',
  now: (instruction: string) => `Now: ${instruction}`,
  thenTest: (touchUpTest: string) => `Then test. ${touchUpTest}`,
  note: 'Note',
  enoughTestTheEdge: 'Enough: test the edge',
  notEnoughNextRung: 'Not enough: next rung',
  day: 'Day',
  by: 'By',
  rung: 'Rung',
  foundAlone: 'Found',
  lasted: 'Lasted',
  coinsOf: (count: number, coinMm: string, angleDeg: string) =>
    `: ${counted(count, 'coin', 'coins')} of ${coinMm}, ${angleDeg}°`,
  passesASideWithin: (passes: number) => `, ${passes} a side`,
  enough: 'enough',
  notEnough: 'not enough',
  days: (lastedDays: number) => counted(lastedDays, 'day', 'days'),
});
