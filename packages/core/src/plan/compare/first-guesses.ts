/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../../units';

export const PLAN_COMPARE_GUESSES = {
  SHARPNESS_SIGMA: {
    what: 'A class of sharpness is judged by feel: half a class',
    value: 0.5,
    unit: 'class',
    source: TRADE_HABIT,
    range: [0.2, 1],
  },
  DAMAGE_DEPTH_SIGMA_MM: {
    what: 'The depth of a chip under a lens',
    value: 0.1,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.03, 0.3],
  },
  LEAST_SHARE: {
    what: 'A doubt with less of the variance than this is not worth a word',
    value: 0.02,
    unit: 'share of the variance',
    source: TRADE_HABIT,
    range: [0.005, 0.1],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { SHARPNESS_SIGMA, DAMAGE_DEPTH_SIGMA_MM, LEAST_SHARE } =
  valuesOf(PLAN_COMPARE_GUESSES);
