/** Who there is in a shop, and how much a rack may hold. */

export { ROLES, type Role } from '@patient-edge/core';

/** A rack larger than this is a warehouse. */
export const MOST_STONES = 500;
