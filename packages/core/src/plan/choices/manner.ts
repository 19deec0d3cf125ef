/** The manner of a stroke, and what is left of the burr: schools, none of them wrong. */
export const DIRECTIONS = ['edge-leading', 'edge-trailing', 'back and forth', 'circles'] as const;
export type Direction = (typeof DIRECTIONS)[number];

export const BURR_POLICIES = ['none', 'small and centred', 'a trace'] as const;
export type BurrPolicy = (typeof BURR_POLICIES)[number];

export const STROKE_PATTERNS = [
  'N and swap',
  'alternating',
  'N, N, then alternating',
  'falling ladder',
  'timed, falling',
  'by section',
  'one long sweep',
  'circles',
] as const;

export type StrokePattern = (typeof STROKE_PATTERNS)[number];

/** Thickness wanted, mm; null leaves it to the falling angles. */
export interface ThinTargets {
  readonly at5Mm: number | null;
  readonly at10Mm: number | null;
}
