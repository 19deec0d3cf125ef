/** The habits of a bench that have no other place among the choices of a plan. */
import type { Slurry } from './part-chains';

export const OLD_EDGES = ['take it off first', 'push it back first', 'remove the minimum'] as const;
export const RETURN_STROKES = ['pressure one way', 'pressure both ways'] as const;
export const MICRO_HABITS = ['only when brittle', 'always small', 'never'] as const;
export const ROD_HABITS = ['between sharpenings', 'a coarse one resets', 'no rod'] as const;
export const LOW_SPOT_HABITS = ['leave', 'blend'] as const;
export const LASTING_CLAIMS = ['fine edge', 'toothy edge'] as const;

/** The schools that had no place of their own among the choices. */
export interface Practice {
  readonly oldEdge: (typeof OLD_EDGES)[number];
  readonly returnStroke: (typeof RETURN_STROKES)[number];
  readonly slurry: Slurry;
  readonly micro: (typeof MICRO_HABITS)[number];
  readonly rod: (typeof ROD_HABITS)[number];
  readonly lowSpots: (typeof LOW_SPOT_HABITS)[number];
  /** A claim to test, not a fact: recorded, so that the bench's own outcomes can answer. */
  readonly lasts: (typeof LASTING_CLAIMS)[number];
  /** After the first stone: clean it, strop it, and it must already cut. */
  readonly mustCutAfterFirst: boolean;
}

export const DEFAULT_PRACTICE: Practice = {
  oldEdge: 'remove the minimum',
  returnStroke: 'pressure one way',
  slurry: 'keep the mud',
  micro: 'only when brittle',
  rod: 'between sharpenings',
  lowSpots: 'leave',
  lasts: 'fine edge',
  mustCutAfterFirst: false,
};
