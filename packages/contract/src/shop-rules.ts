/** Who there is in a shop, and how much a rack may hold. */

export const ROLES = ['owner', 'bench', 'counter'] as const;
export type Role = (typeof ROLES)[number];

/** A rack larger than this is a warehouse. */
export const MOST_STONES = 500;
