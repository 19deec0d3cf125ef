/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../../units';

export const PLAN_CHOICES_GUESSES = {
  OLD_EDGE_RISE_MM: {
    what: 'Taking the old edge off first: the apex comes up by at least this',
    value: 0.05,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.02, 0.15],
  },
  SOFT_BACK_ROUNDS_DEG: {
    what: 'A soft back gives under the edge and rounds it: by as many degrees at the apex',
    value: 3,
    unit: '°',
    source: TRADE_HABIT,
    range: [1, 6],
  },
  SAME_GRADE_RATIO: {
    what: 'Two abrasives nearer than this in grain are of one grade',
    value: 1.15,
    unit: 'ratio',
    source: TRADE_HABIT,
    range: [1.05, 1.3],
  },
  MICRO_ABOVE_DEG: {
    what: 'A micro bevel stands steeper than the bevel it protects',
    value: 4,
    unit: '°',
    source: TRADE_HABIT,
    range: [2, 10],
  },
  MICRO_FACE_MM: {
    what: 'Width of a micro bevel where none is said',
    value: 0.1,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.03, 0.4],
  },
  BAND_FACE_MM: {
    what: 'Width of a band of core or cladding where none is said',
    value: 8,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [3, 20],
  },
  FACE_STOCK_UM: {
    what: 'What the first stone of a face takes beyond scratches, to come to an even look',
    value: 3,
    unit: 'µm',
    source: TRADE_HABIT,
    range: [1, 10],
  },
  HAND_ALLOWANCE_DEG: {
    what: 'What a hand wanders at the bench; the primary must stay clear of it',
    value: 3,
    unit: '°',
    source: TRADE_HABIT,
    range: [1, 5],
  },
  BELOW_WINDOW_DEG: {
    what: 'How far below the window of its use an edge may go before it will not stand',
    value: 2,
    unit: '°',
    source: TRADE_HABIT,
    range: [1, 4],
  },
  SHEEN_UM: {
    what: 'The last abrasive a bevel came from, by its sheen',
    value: { mirror: 1, bright: 4, haze: 6, satin: 12, dull: 20 },
    unit: 'µm',
    source: TRADE_HABIT,
    range: [0.5, 30],
  },
  AS_IT_CAME_RATIO: {
    what: 'As it came is met by a last stone up to this much coarser',
    value: 2,
    unit: 'ratio',
    source: TRADE_HABIT,
    range: [1.3, 3],
  },
  TAPE_MM: {
    what: "One layer of the tape that is put on a razor's spine",
    value: 0.1,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [0.05, 0.2],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const {
  OLD_EDGE_RISE_MM,
  SOFT_BACK_ROUNDS_DEG,
  SAME_GRADE_RATIO,
  MICRO_ABOVE_DEG,
  MICRO_FACE_MM,
  BAND_FACE_MM,
  FACE_STOCK_UM,
  HAND_ALLOWANCE_DEG,
  BELOW_WINDOW_DEG,
  SHEEN_UM,
  AS_IT_CAME_RATIO,
  TAPE_MM,
} = valuesOf(PLAN_CHOICES_GUESSES);
