/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const BENCH_GUESSES = {
  LONGEST_RUN_S: {
    what: 'A run of the clock longer than this was forgotten: nobody strokes for so long without stopping. How long they worked is asked',
    value: 3 * 3600,
    unit: 's',
    source: TRADE_HABIT,
    range: [3600, 28800],
  },
  STEADY_SHARE: {
    what: 'Inside the band this often is steady',
    value: 0.8,
    unit: 'share of the strokes',
    source: TRADE_HABIT,
    range: [0.6, 0.95],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { LONGEST_RUN_S, STEADY_SHARE } = valuesOf(BENCH_GUESSES);
