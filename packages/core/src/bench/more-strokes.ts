/** Strokes given on top of a step where something is missing. */
import { FEWEST_MORE, MORE_SHARE, MOST_MORE } from './first-guesses';

/**
 * How many more strokes are wanted at a place, of what the step asks for on a side.
 *
 * @example
 * moreStrokes(120); // 12
 */
export const moreStrokes = (quota: number): number =>
  Math.min(MOST_MORE, Math.max(FEWEST_MORE, Math.round(quota * MORE_SHARE)));
