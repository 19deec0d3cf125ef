/**
 * Stroke patterns: how the strokes a step needs are laid out. The count follows from the steel to be taken;
 * a pattern only orders it, and both sides always come to what they are due.
 */
import { say, type Message } from '../../text';
import { ZONES, zoneSpan, type Zone } from '../../geometry';
import type { Side } from '../../section';
import type { StrokePattern } from '../choices';
import { MOST_BEFORE_SWAP, MOST_N } from './first-guesses';

export interface StrokeRound {
  /** Null: both sides in turn, that many on each. */
  readonly side: Side | null;
  readonly count: number;
  /** Null: the whole length. */
  readonly zone: Zone | null;
  /** With the timed pattern: how long, s. */
  readonly seconds: number | null;
}

export interface LaidOut {
  readonly pattern: StrokePattern;
  readonly rounds: readonly StrokeRound[];
  readonly text: Message;
}

/** Strokes due on each side. */
export type SideCounts = Readonly<Partial<Record<Side, number>>>;

const sidesOf = (due: SideCounts): Side[] =>
  (['right', 'left'] as const).filter((side) => (due[side] ?? 0) > 0);

/** Splits a count by weights into whole numbers that add up to it exactly. */
export const shared = (count: number, weights: readonly number[]): number[] => {
  const total = weights.reduce((sum, each) => sum + each, 0);
  let given = 0;
  let weight = 0;
  return weights.map((each) => {
    weight += each;
    const upTo = Math.round((count * weight) / total);
    const part = upTo - given;
    given = upTo;
    return part;
  });
};

const round = (side: Side | null, count: number, zone: Zone | null = null): StrokeRound => ({
  side,
  count,
  zone,
  seconds: null,
});

/** The same shares of its due on every side, side after side. */
const inShares = (due: SideCounts, weights: readonly number[]): StrokeRound[] => {
  const sides = sidesOf(due);
  const parts = sides.map((side) => shared(due[side]!, weights));
  return weights.flatMap((_, index) =>
    sides.flatMap((side, at) => {
      const count = parts[at]![index]!;
      return count > 0 ? [round(side, count)] : [];
    }),
  );
};

/** Both in turn as far as both are due; what one is due beyond that follows on its own. */
const inTurn = (due: SideCounts): StrokeRound[] => {
  const sides = sidesOf(due);
  if (sides.length < 2) return sides.map((side) => round(side, due[side]!));
  const both = Math.min(due.right!, due.left!);
  return [
    ...(both > 0 ? [round(null, both)] : []),
    ...sides.flatMap((side) => (due[side]! > both ? [round(side, due[side]! - both)] : [])),
  ];
};

const less = (due: SideCounts, share: number): [SideCounts, SideCounts] => {
  const first: Partial<Record<Side, number>> = {};
  const rest: Partial<Record<Side, number>> = {};
  for (const side of sidesOf(due)) {
    first[side] = Math.ceil(due[side]! * share);
    rest[side] = due[side]! - first[side];
  }
  return [first, rest];
};

/** What each side is due in each of several turns. */
const countsOf = (due: SideCounts, weights: readonly number[]): SideCounts[] => {
  const parts = sidesOf(due).map((side) => [side, shared(due[side]!, weights)] as const);
  return weights.map((_, turn) =>
    Object.fromEntries(parts.map(([side, counts]) => [side, counts[turn]!])),
  );
};

const roundsFor = (most: number): number =>
  Math.max(most >= 30 ? 3 : 1, Math.ceil(most / MOST_BEFORE_SWAP));

const LADDER = [8, 4, 2, 1] as const;

const roundsOf = (pattern: StrokePattern, due: SideCounts, seconds: number): StrokeRound[] => {
  const most = Math.max(0, ...sidesOf(due).map((side) => due[side]!));
  switch (pattern) {
    case 'N and swap':
      return inShares(
        due,
        Array.from({ length: roundsFor(most) }, () => 1),
      );
    case 'alternating':
      return inTurn(due);
    case 'N, N, then alternating': {
      const turns = Math.max(1, Math.ceil(most / (2 * MOST_N)));
      const weights = Array.from({ length: turns }, () => 1);
      const [ownDue, turnDue] = less(due, 0.5);
      const own = countsOf(ownDue, weights);
      const inBoth = countsOf(turnDue, weights);
      return weights.flatMap((_, turn) => [...inShares(own[turn]!, [1]), ...inTurn(inBoth[turn]!)]);
    }
    case 'falling ladder':
      return inShares(due, LADDER);
    case 'timed, falling': {
      const sides = sidesOf(due);
      const rounds = inShares(due, LADDER);
      const total = sides.reduce((sum, side) => sum + due[side]!, 0);
      return rounds.map((each) => ({ ...each, seconds: (seconds * each.count) / total }));
    }
    case 'by section':
      return sidesOf(due).flatMap((side) => {
        const spans = ZONES.map((zone) => zoneSpan(zone));
        const counts = shared(
          due[side]!,
          spans.map(({ from, to }) => to - from),
        );
        return ZONES.flatMap((zone, index) =>
          counts[index]! > 0 ? [round(side, counts[index]!, zone)] : [],
        );
      });
    case 'one long sweep':
    case 'circles':
      return inShares(due, [1]);
  }
};

/** A zone that is due a share more than the rest. */
export interface ExtraZone {
  readonly zone: Zone;
  readonly share: number;
}

/** Every round over the whole length is followed by its extra strokes, where somewhere needs more. */
const withExtras = (
  rounds: readonly StrokeRound[],
  extras: readonly ExtraZone[],
): readonly StrokeRound[] =>
  rounds.flatMap((each) => [
    each,
    ...(each.zone === null
      ? extras.flatMap(({ zone, share }) => {
          const count = Math.round(each.count * share);
          return count > 0
            ? [{ ...each, zone, count, seconds: each.seconds && each.seconds * share }]
            : [];
        })
      : []),
  ]);

/** The rounds of a pattern for what each side is due, with more where a zone needs it. */
export const layStrokes = (
  pattern: StrokePattern,
  due: SideCounts,
  seconds: number,
  extras: readonly ExtraZone[] = [],
): LaidOut => {
  const rounds = withExtras(roundsOf(pattern, due, seconds), extras);
  return {
    pattern,
    rounds,
    text: say('pattern.laid', { pattern, rounds: rounds.map((each) => ({ ...each })) }),
  };
};

/** What the rounds come to on each side. */
export const totalsOf = (rounds: readonly StrokeRound[]): Record<Side, number> => {
  const totals = { right: 0, left: 0 };
  for (const { side, count } of rounds) {
    if (side !== 'left') totals.right += count;
    if (side !== 'right') totals.left += count;
  }
  return totals;
};

/** Whether every side gets what it is due: equal work on both sides of a symmetric edge. */
export const isEqualWork = (rounds: readonly StrokeRound[], due: SideCounts): boolean => {
  const { right, left } = totalsOf(rounds);
  return right === (due.right ?? 0) && left === (due.left ?? 0);
};
