/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const EDGETEST_GUESSES = {
  REWORK_SHARE: {
    what: 'What is missing at a place that failed, of what the step took for the whole edge',
    value: 1 / 3,
    unit: 'share of the strokes',
    source: TRADE_HABIT,
    range: [0.2, 0.5],
  },
  FEWEST_BACK: {
    what: 'Fewer strokes at a place that failed show nothing',
    value: 4,
    unit: 'strokes a side',
    source: TRADE_HABIT,
    range: [2, 8],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { REWORK_SHARE, FEWEST_BACK } = valuesOf(EDGETEST_GUESSES);
