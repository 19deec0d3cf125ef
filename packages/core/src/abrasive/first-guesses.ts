/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const ABRASIVE_GUESSES = {
  START_FINE_SHARE: {
    what: 'How much longer than the quickest a finer start may take',
    value: 1.5,
    unit: 'times the quickest',
    source: TRADE_HABIT,
    range: [1.1, 3],
  },
  NAMED_FINISH_RATIO: {
    what: 'A finish the customer names by grain: what counts as meeting it',
    value: 1.25,
    unit: 'ratio',
    source: TRADE_HABIT,
    range: [1.05, 1.6],
  },
  HARD_CARBIDES_WEAR: {
    what: 'Carbides this hard wear out a conventional abrasive',
    value: 1.8,
    unit: 'wear resistance',
    source: TRADE_HABIT,
    range: [1.3, 2.5],
  },
  LARGE_RATIO: {
    what: 'Past this ratio a jump is said to be large even where no limit was asked for',
    value: 4,
    unit: 'ratio',
    source: TRADE_HABIT,
    range: [3, 6],
  },
  STROP_FINER_THAN: {
    what: 'A strop this much finer than the stone only polishes the tops of its scratches',
    value: 10,
    unit: 'ratio',
    source: TRADE_HABIT,
    range: [5, 20],
  },
  SOON_SHARE: {
    what: 'From this share of its minutes on a stone is due soon',
    value: 0.75,
    unit: 'share of the minutes flat',
    source: TRADE_HABIT,
    range: [0.5, 0.95],
  },
  HOLLOW_SHARE: {
    what: 'From this share on it is hollow beyond doubt',
    value: 1.5,
    unit: 'share of the minutes flat',
    source: TRADE_HABIT,
    range: [1.1, 3],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const {
  START_FINE_SHARE,
  NAMED_FINISH_RATIO,
  HARD_CARBIDES_WEAR,
  LARGE_RATIO,
  STROP_FINER_THAN,
  SOON_SHARE,
  HOLLOW_SHARE,
} = valuesOf(ABRASIVE_GUESSES);
