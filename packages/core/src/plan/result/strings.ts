/** Strings of what a plan gives. */
import { stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/result', {
  aCrackIsNotGroundAway: 'A crack is not ground away: it may end in the hand. Decline the blade.',
  burntSteelStaysSoftDeeperThan:
    'Burnt steel stays soft deeper than a bench stone reaches; told to the customer.',
  aBentBladeIsStraightenedBefore:
    'A bent blade is straightened before it is sharpened, not at the stone.',
  aBentTipIsStraightenedFirst: 'A bent tip is straightened first; it may break.',
  cosmeticTheStoneDoesNotReach:
    'Cosmetic: the stone does not reach it, and later visits shrink it.',
  deeperThanTheEdgeComesUp: 'Deeper than the edge comes up at this visit; said on the return.',
  notWorkedInThisPlanSight: 'Not worked in this plan; sight the edge again before any thinning.',
  leftInOnPurpose: 'Left in on purpose.',
  noStepOfThisPlanReaches: 'No step of this plan reaches it; said on the return.',
  timesThanAsked: (off: string, ratioSaid: string) => `${off} times ${ratioSaid} than asked`,
  finishMAskedForTheLast: (asked: string, um: string, um2: string, how: string) =>
    `Finish ${asked} (${um} µm) asked for; the last stone is ${um2} µm, ${how}`,
  isNotOnTheRackWhat: (id: string) =>
    `"${id}" is not on the rack: what suits best is taken instead.`,
  isNotInThisPlan: (saidSaid: string, reason: string) =>
    `"${saidSaid}" is not in this plan: ${reason}.`,
  finer: 'finer',
  coarser: 'coarser',
  asAsked: 'as asked',
});
