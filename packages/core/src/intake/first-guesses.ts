/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const INTAKE_GUESSES = {
  LEAST_RIM_MM: {
    what: 'Below this the rim at the edge is as good as gone',
    value: 0.3,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.1, 0.8],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { LEAST_RIM_MM } = valuesOf(INTAKE_GUESSES);
