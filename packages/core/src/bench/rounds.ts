/** Where the hand stands in the pattern of a step: which round, whose turn, how many are left in it. */
import type { StrokeRound } from '../plan/steps';
import { BLADE_SIDES, type BladeSide } from './session';

export type Counted = Readonly<Record<BladeSide, number>>;

export interface RoundAtWork {
  /** In the order of the rounds; as many as were laid out. */
  readonly rounds: readonly { readonly round: StrokeRound; readonly done: Counted }[];
  /** The first that is not worked yet; null when all are. */
  readonly now: {
    readonly index: number;
    readonly side: BladeSide;
    /** Still due on that side in this round. */
    readonly left: number;
  } | null;
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
  if (!at) return { rounds: filled, now: null };
  const side = sidesOf(at.round).reduce((behind, each) =>
    at.done[each] < at.done[behind] ? each : behind,
  );
  return { rounds: filled, now: { index, side, left: at.round.count - at.done[side] } };
};
