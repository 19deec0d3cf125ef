/** Strokes as the operator lays them: a list of rounds for an operation or for one step, instead of the usual pattern. */
import { ZONES, type Zone } from '../../geometry';
import type { Side } from '../../section';

export interface OwnRound {
  readonly side: Side;
  /** One of the two: so many strokes, or so long by the clock. */
  readonly strokes: number | null;
  readonly seconds: number | null;
  /** Null: the whole length. */
  readonly zone: Zone | null;
}

/** By operation ("edge") or by the key of a step ("refine 2"), which goes before its operation. */
export type OwnPatterns = Readonly<Record<string, readonly OwnRound[]>>;

export const MOST_OWN_ROUNDS = 40;
export const OWN_ZONES = ZONES;

/**
 * The rounds of one's own for a step; null where the usual pattern holds.
 */
export const ownRoundsOf = (
  own: OwnPatterns | null,
  { key, operation }: { readonly key: string; readonly operation: string },
): readonly OwnRound[] | null => {
  const rounds = own?.[key] ?? own?.[operation];
  return rounds && rounds.length > 0 ? rounds : null;
};
