/** First guesses of this room, to be corrected by the shop's own visits. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const HANDOVER_GUESSES = {
  COME_BACK_DAYS: {
    what: 'Until an edge wants sharpening again, by how often it is used',
    value: { daily: 45, weekly: 90, kitchen: 150, season: 270 },
    unit: 'days',
    source: TRADE_HABIT,
    range: [20, 400],
  },
  FEWEST_LIVES: {
    what: 'Fewer edges of a blade say less than the usual of its use',
    value: 2,
    unit: 'edges',
    source: TRADE_HABIT,
    range: [1, 5],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { COME_BACK_DAYS, FEWEST_LIVES } = valuesOf(HANDOVER_GUESSES);
