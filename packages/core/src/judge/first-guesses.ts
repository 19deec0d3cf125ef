/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const JUDGE_GUESSES = {
  SHALLOW_BURN_MM: {
    what: 'A burnt edge this shallow may be ground away behind the colour; deeper it goes back',
    value: 1,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.3, 2],
  },
  ASK_ABOVE_MM: {
    what: 'From here on a loss of height is worth asking for',
    value: 1.5,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.5, 3],
  },
  SPENT_HOLLOW_MM: {
    what: 'A hollow this shallow gives the back no more than a visit or two',
    value: 0.05,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.02, 0.15],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { SHALLOW_BURN_MM, ASK_ABOVE_MM, SPENT_HOLLOW_MM } = valuesOf(JUDGE_GUESSES);
