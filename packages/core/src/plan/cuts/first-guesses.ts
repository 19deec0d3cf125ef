/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../../units';

export const PLAN_CUTS_GUESSES = {
  REMNANT_MM: {
    what: 'What is left of the old bevel so that the edge is never reached: seen, and no wider than 0.1 mm',
    value: 0.08,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.02, 0.1],
  },
  BANDS_ABOVE_PRIMARY_DEG: {
    what: 'Degrees above the primary half angle: the first band, the second, and the last that runs out',
    value: [2.5, 1.2, 0.5],
    unit: '°',
    source: TRADE_HABIT,
    range: [0.2, 5],
  },
  ONE_GIVEN_SHARE: {
    what: 'With only the thickness at 10 mm given: how far the first band stands above the mean lean',
    value: 0.5,
    unit: 'share of the lean',
    source: TRADE_HABIT,
    range: [0.2, 0.8],
  },
  THIN_TO_SHARE: {
    what: 'Thinning brings the blade to this share of its limit, so that it lasts several visits',
    value: 0.75,
    unit: 'share of the limit',
    source: TRADE_HABIT,
    range: [0.5, 0.95],
  },
  OUTGROWN_SHARE: {
    what: 'Thinned down to the remnant when it has outgrown its limit by this; a little at each visit before',
    value: 1.2,
    unit: 'share of the limit',
    source: TRADE_HABIT,
    range: [1.05, 1.6],
  },
  APEX_RISE_MM: {
    what: 'How far a dull apex has to come up before it is sharp again',
    value: {
      keen: 0.005,
      tired: 0.015,
      dull: 0.03,
      blunt: 0.06,
    },
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.001, 0.3],
  },
  BLEND_TIMES: {
    what: 'The new line of a tip is blended in over so many times what is missing',
    value: 3,
    unit: 'times the depth',
    source: TRADE_HABIT,
    range: [2, 6],
  },
  LEAST_BLEND_MM: {
    what: 'The new line of a tip is blended in over no less than this',
    value: 8,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [4, 20],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const {
  REMNANT_MM,
  BANDS_ABOVE_PRIMARY_DEG,
  ONE_GIVEN_SHARE,
  THIN_TO_SHARE,
  OUTGROWN_SHARE,
  APEX_RISE_MM,
  BLEND_TIMES,
  LEAST_BLEND_MM,
} = valuesOf(PLAN_CUTS_GUESSES);
