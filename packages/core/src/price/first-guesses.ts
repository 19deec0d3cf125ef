/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const PRICE_GUESSES = {
  DEEP_CHIP_MM: {
    what: 'Chips beyond this depth count twice: they take the whole edge up',
    value: 1,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.5, 2],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { DEEP_CHIP_MM } = valuesOf(PRICE_GUESSES);
