/** The manner of a stroke, and what is left of the burr: schools, none of them wrong. */

export const DIRECTIONS = ['edge-leading', 'edge-trailing', 'back and forth', 'circles'] as const;
export type Direction = (typeof DIRECTIONS)[number];

export const BURR_POLICIES = ['none', 'small and centred', 'a trace'] as const;
export type BurrPolicy = (typeof BURR_POLICIES)[number];
