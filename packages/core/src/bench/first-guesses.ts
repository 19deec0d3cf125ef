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
  AFTER_SLACK_MM: {
    what: 'The caliper may read this much over the thickness aimed at: its own doubt',
    value: 0.02,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.01, 0.05],
  },
  MORE_SHARE: {
    what: 'Strokes added where the burr is missing, of what the step asks for on that side',
    value: 0.1,
    unit: 'share of the strokes',
    source: TRADE_HABIT,
    range: [0.05, 0.3],
  },
  FEWEST_MORE: {
    what: 'Fewer added strokes than this change nothing that can be felt',
    value: 4,
    unit: 'strokes',
    source: TRADE_HABIT,
    range: [2, 10],
  },
  MOST_MORE: {
    what: 'After so many added strokes it is felt again before more are given',
    value: 40,
    unit: 'strokes',
    source: TRADE_HABIT,
    range: [20, 80],
  },
  ANGLE_SLACK_DEG: {
    what: 'An angle found this far off the planned one is worth another look at what is left',
    value: 0.7,
    unit: '°',
    source: TRADE_HABIT,
    range: [0.3, 1.5],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const {
  LONGEST_RUN_S,
  STEADY_SHARE,
  AFTER_SLACK_MM,
  MORE_SHARE,
  FEWEST_MORE,
  MOST_MORE,
  ANGLE_SLACK_DEG,
} = valuesOf(BENCH_GUESSES);
