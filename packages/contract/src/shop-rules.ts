/** Who there is in a shop, and how much a rack may hold. */

export { ROLES, type Role } from '@patient-edge/core';

/** A rack larger than this is a warehouse. */
export const MOST_STONES = 500;

/** Strokes by the gauge in one request at most. */
export const MOST_GAUGE_STROKES = 500;

/** A round with more stops than these is two rounds. */
export const MOST_PLACES = 30;
export const MOST_CLOSED_STRETCHES = 100;

/** What a bench measures lengths and angles with, of what not every bench owns. */
export const INSTRUMENTS = ['caliper', 'micrometer', 'rule', 'gauge', 'laser'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

/** Blades changed at once from the shop page at most. */
export const MOST_BOARD_BLADES = 200;
