/** First guesses of this room, to be corrected by the bench's own log. */
import { TRADE_HABIT, valuesOf, type FirstGuesses } from '../units';

export const MACHINE_GUESSES = {
  SEEN_DEG: {
    what: 'A hand does not see less than this, degrees',
    value: 0.5,
    unit: '°',
    source: TRADE_HABIT,
    range: [0.2, 1],
  },
  LEAST_SLOPE: {
    what: 'A line flatter than this is a mistake in the cuts, not a machine',
    value: 0.2,
    unit: '° set per ° ground',
    source: TRADE_HABIT,
    range: [0.05, 0.5],
  },
  SERVES_WITHIN_DEG: {
    what: 'A rail or clamp may be off by this and still serve, degrees',
    value: 1,
    unit: '°',
    source: TRADE_HABIT,
    range: [0.5, 2],
  },
  RIG_REPEATS_DEG: {
    what: 'How well a rig comes back to its setting where its test cuts do not say, degrees',
    value: 0.2,
    unit: '°',
    source: TRADE_HABIT,
    range: [0.05, 0.5],
  },
  MOST_RAISE_DEG: {
    what: 'A finer stone on a rig is raised by no more than this: beyond, it is another bevel',
    value: 0.3,
    unit: '°',
    source: TRADE_HABIT,
    range: [0.1, 0.5],
  },
  RAIL_GRIP_MM: {
    what: "A blade must stand so far beyond the rail's underside for it to be clipped",
    value: 4,
    unit: 'mm',
    source: TRADE_HABIT,
    range: [2, 8],
  },
  EDGE_OVER_ROD: {
    what: 'An edge so much longer than the rod is drawn over it in parts',
    value: 1.5,
    unit: 'ratio',
    source: TRADE_HABIT,
    range: [1, 2],
  },
} as const satisfies FirstGuesses;

/** The values, by name. */
export const {
  SEEN_DEG,
  LEAST_SLOPE,
  SERVES_WITHIN_DEG,
  RIG_REPEATS_DEG,
  MOST_RAISE_DEG,
  RAIL_GRIP_MM,
  EDGE_OVER_ROD,
} = valuesOf(MACHINE_GUESSES);
