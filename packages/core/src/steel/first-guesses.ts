/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const STEEL_GUESSES = {
  DIAMOND_WORTH: {
    what: 'From this ratio on diamond is worth reaching for',
    value: 1.3,
    unit: 'ratio of speeds',
    source: TRADE_HABIT,
    range: [1.1, 2],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { DIAMOND_WORTH } = valuesOf(STEEL_GUESSES);
