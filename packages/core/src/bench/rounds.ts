/** Where the hand stands in the pattern of a step: which round, whose turn, how many are left in it, and what is said. */
import type { Zone } from '../geometry';
import type { BurrGate, StrokeRound } from '../plan/steps';
import { moreStrokes } from './more-strokes';
import type { AddedRound } from './notes';
import { BLADE_SIDES, type BladeSide, type BurrCheck } from './session';
import { named } from '../text';
import { STRINGS } from './strings';

export type Counted = Readonly<Record<BladeSide, number>>;

export interface RoundAtWork {
  /** In the order of the rounds; as many as were laid out. */
  readonly rounds: readonly { readonly round: StrokeRound; readonly done: Counted }[];
  /** The first that is not worked yet; null when all are. */
  readonly now: {
    readonly index: number;
    readonly side: BladeSide;
    /** Still due on that side in this round: strokes, or seconds where the clock leads. */
    readonly left: number;
  } | null;
  /** Led by the clock, not by strokes. */
  readonly isTimed: boolean;
}

const sidesOf = ({ side }: StrokeRound): readonly BladeSide[] =>
  side === null ? BLADE_SIDES : [side];

/**
 * Strokes are counted a side, whatever the order they fell in: each side's strokes fill its rounds one after
 * another. Where sides go in turn, the one behind is next, the right before the left.
 *
 * @example
 * roundsAtWork([], { right: 0, left: 0 }).now; // null
 */
export const roundsAtWork = (rounds: readonly StrokeRound[], counted: Counted): RoundAtWork => {
  const over = { ...counted };
  const filled = rounds.map((round) => {
    const done = { right: 0, left: 0 };
    for (const side of sidesOf(round)) {
      done[side] = Math.min(round.count, over[side]);
      over[side] -= done[side];
    }
    return { round, done };
  });
  const index = filled.findIndex(({ round, done }) =>
    sidesOf(round).some((side) => done[side] < round.count),
  );
  const at = filled[index];
  if (!at) return { rounds: filled, now: null, isTimed: false };
  const side = sidesOf(at.round).reduce((behind, each) =>
    at.done[each] < at.done[behind] ? each : behind,
  );
  return {
    rounds: filled,
    now: { index, side, left: at.round.count - at.done[side] },
    isTimed: false,
  };
};

/**
 * Rounds that last so long: the clock of the step leads from one to the next, and strokes are nobody's business.
 *
 * @example
 * timedRounds([], 0).now; // null
 */
export const timedRounds = (rounds: readonly StrokeRound[], workedS: number): RoundAtWork => {
  let from = 0;
  let now: RoundAtWork['now'] = null;
  const filled = rounds.map((round, index) => {
    const lastsS = round.seconds ?? 0;
    const share = lastsS > 0 ? Math.min(1, Math.max(0, (workedS - from) / lastsS)) : 1;
    if (now === null && share < 1) {
      now = { index, side: round.side ?? 'right', left: from + lastsS - workedS };
    }
    from += lastsS;
    const done = { right: 0, left: 0 };
    for (const side of sidesOf(round)) done[side] = share * round.count;
    return { round, done };
  });
  return { rounds: filled, now, isTimed: true };
};

/** Whether a pattern is led by the clock: every round of it says how long. */
export const isTimed = (rounds: readonly StrokeRound[]): boolean =>
  rounds.length > 0 && rounds.every(({ seconds }) => seconds !== null);

/** Added strokes as rounds behind those of the plan. */
export const withAdded = (
  rounds: readonly StrokeRound[],
  added: readonly AddedRound[],
): readonly StrokeRound[] => [
  ...rounds,
  ...added.map(({ side, count, zone }) => ({ side, count, zone, seconds: null })),
];

/** What a hand that does not look hears: change sides, next round, or the pattern is through. */
export type Cue = 'swap' | 'next' | 'finished';

/**
 * What is sounded between two moments of a pattern; null within a round. Where sides go in turn each stroke changes
 * them, and nothing is sounded for it.
 *
 * @example
 * cueBetween(roundsAtWork([], { right: 0, left: 0 }), roundsAtWork([], { right: 0, left: 0 })); // null
 */
export const cueBetween = (before: RoundAtWork, after: RoundAtWork): Cue | null => {
  if (before.now === null) return null;
  if (after.now === null) return 'finished';
  if (after.now.index <= before.now.index) return null;
  const [from, to] = [before, after].map(({ rounds, now }) => rounds[now!.index]!.round);
  return from!.side !== to!.side && to!.side !== null ? 'swap' : 'next';
};

const other = (side: BladeSide): BladeSide => (side === 'right' ? 'left' : 'right');

/**
 * Strokes where the burr is not as it must be, and only there. A burr rises on the side away from the stone: where it is
 * missing, the other side is worked; where it still stands, its own.
 *
 * @example
 * moreThere('no check', { right: {}, left: {} }, []); // []
 */
export const moreThere = (
  gate: BurrGate,
  burr: BurrCheck,
  sides: readonly { readonly side: BladeSide; readonly strokes: number }[],
  allowed: readonly string[] = ['none'],
): readonly AddedRound[] => {
  if (gate !== 'everywhere' && gate !== 'gone') return [];
  const worked = (side: BladeSide) => sides.find((each) => each.side === side && each.strokes > 0);
  return BLADE_SIDES.flatMap((felt) =>
    (Object.entries(burr[felt]) as [Zone, string][]).flatMap(([zone, finding]): AddedRound[] => {
      const isWanting = gate === 'everywhere' ? finding === 'none' : !allowed.includes(finding);
      const wanted = gate === 'everywhere' ? other(felt) : felt;
      const at = worked(wanted) ?? worked(other(wanted));
      if (!isWanting || !at) return [];
      const because =
        gate === 'everywhere'
          ? STRINGS.noBurrOnThe(named(felt), named(zone))
          : STRINGS.aBurrOnThe(named(felt), named(zone));
      return [{ side: at.side, count: moreStrokes(at.strokes), zone, because }];
    }),
  );
};
