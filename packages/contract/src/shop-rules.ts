/** Who there is in a shop, and how much a rack may hold. */

export { ROLES, type Role } from '@patient-edge/core';

/** A rack larger than this is a warehouse. */
export const MOST_STONES = 500;

/** Strokes by the gauge in one request at most. */
export const MOST_GAUGE_STROKES = 500;
