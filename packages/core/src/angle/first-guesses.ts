/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const ANGLE_GUESSES = {
  GAUGE_HELD_DEG: {
    what: 'A blade within so much of the angle it is held at lies on the stone; further off it is lifted',
    value: 5,
    unit: '°',
    source: TRADE_HABIT,
    range: [3, 8],
  },
  GAUGE_TURN_DEG: {
    what: 'The handle goes back by so much before a stroke is over, back and forth without lifting',
    value: 2,
    unit: '°',
    source: TRADE_HABIT,
    range: [1, 4],
  },
  GAUGE_STROKE_S: {
    what: 'A shorter touch is no stroke',
    value: 0.25,
    unit: 's',
    source: TRADE_HABIT,
    range: [0.15, 0.4],
  },
  GAUGE_STILL_DEG: {
    what: 'A gauge that moves less in a second lies still: its zero can be taken',
    value: 0.5,
    unit: '°',
    source: TRADE_HABIT,
    range: [0.2, 1],
  },
  ZERO_LASTS_S: {
    what: 'A zero older than this has drifted: the gauge is laid on the stone again',
    value: 300,
    unit: 's',
    source: TRADE_HABIT,
    range: [120, 900],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const { GAUGE_HELD_DEG, GAUGE_TURN_DEG, GAUGE_STROKE_S, GAUGE_STILL_DEG, ZERO_LASTS_S } =
  valuesOf(ANGLE_GUESSES);
