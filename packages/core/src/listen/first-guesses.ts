/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const LISTEN_GUESSES = {
  BURST_DB: {
    what: 'A stroke stands out of the hiss of the room by so much',
    value: 7,
    unit: 'dB',
    source: TRADE_HABIT,
    range: [4, 12],
  },
  BURST_END_DB: {
    what: 'It is over when it has come down to so much above the hiss',
    value: 4,
    unit: 'dB',
    source: TRADE_HABIT,
    range: [2, 6],
  },
  FLOOR_RISE_DB_PER_S: {
    what: 'The hiss of the room is followed up so fast: slowly enough that a stroke is none',
    value: 2,
    unit: 'dB/s',
    source: TRADE_HABIT,
    range: [0.5, 6],
  },
  LISTEN_GAP_S: {
    what: 'Quiet for so long ends a stroke; shorter holes are the grain of the stone',
    value: 0.06,
    unit: 's',
    source: TRADE_HABIT,
    range: [0.03, 0.15],
  },
  LISTEN_SHORTEST_S: {
    what: 'A shorter burst is a knock',
    value: 0.1,
    unit: 's',
    source: TRADE_HABIT,
    range: [0.05, 0.2],
  },
  LISTEN_LONGEST_S: {
    what: 'A longer burst is a machine or water, and becomes the hiss of the room',
    value: 3,
    unit: 's',
    source: TRADE_HABIT,
    range: [2, 6],
  },
  LISTEN_WARM_UP_S: {
    what: 'So long the room is heard before anything is counted',
    value: 0.4,
    unit: 's',
    source: TRADE_HABIT,
    range: [0.2, 2],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const {
  BURST_DB,
  BURST_END_DB,
  FLOOR_RISE_DB_PER_S,
  LISTEN_GAP_S,
  LISTEN_SHORTEST_S,
  LISTEN_LONGEST_S,
  LISTEN_WARM_UP_S,
} = valuesOf(LISTEN_GUESSES);
