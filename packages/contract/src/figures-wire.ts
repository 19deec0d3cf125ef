/** The shop in figures, as it is sent: what went home, what came back, what was late, and who brings what when. */

import type { StoneWear } from '@patient-edge/core';

export const FIGURE_GROUPS = ['week', 'month', 'place', 'kind', 'customer'] as const;
export type FigureGroup = (typeof FIGURE_GROUPS)[number];

/** Why a blade was ready after its day. */
export const LATE_REASONS = [
  'sent back',
  'took longer',
  'waited for an answer',
  'begun late',
  'other',
] as const;
export type LateReason = (typeof LATE_REASONS)[number];

/** Sums of the blades that went home. */
export interface FigureSums {
  readonly blades: number;
  readonly workedSeconds: number;
  readonly earnedMinor: number;
  readonly late: number;
  readonly sentBack: number;
  readonly declined: number;
}
export interface FigureLine extends FigureSums {
  /** The first day of a week or month, the number of a place or customer, the id of a kind. */
  readonly id: string;
  readonly name: string;
}

export interface Counted {
  readonly name: string;
  readonly blades: number;
}

/** What blades of one kind were quoted, and what became of it. */
export interface QuoteLine {
  readonly id: string;
  readonly name: string;
  readonly blades: number;
  /** Of those with an estimate: what was said before the work, and what was charged. */
  readonly quoted: number;
  /** Of those, to which the customer said yes before the work. */
  readonly agreed: number;
  readonly quotedLowMinor: number;
  readonly quotedHighMinor: number;
  readonly chargedMinor: number;
  /** Charged more than was said, or less. */
  readonly above: number;
  readonly below: number;
  /** Of those whose time was foreseen. */
  readonly foreseenSeconds: number;
  readonly workedSeconds: number;
  /** Earned with all of its blades, in all of their time. */
  readonly earnedMinor: number;
  readonly earnedSeconds: number;
}

/** A customer who comes again and again. */
export interface Regular {
  readonly customerId: number;
  readonly name: string;
  readonly blades: number;
  /** Kind they bring most. */
  readonly brings: string;
  /** Between one visit and the next, on average; null for one visit. */
  readonly everyDays: number | null;
  readonly lastOn: string;
}

export interface FigureSheet {
  readonly fromDay: string;
  readonly toDay: string;
  readonly by: FigureGroup;
  readonly total: FigureSums;
  /** In their order for weeks and months; those with most blades first for all else, the first fifty. */
  readonly lines: readonly FigureLine[];
  /** Told by customers after a blade went home, by sign. */
  readonly complaints: readonly Counted[];
  /** Failed a test in the shop, by cause. */
  readonly sentBack: readonly Counted[];
  readonly late: readonly { readonly because: LateReason; readonly blades: number }[];
  /** Blades of each group of kinds by month of the year, January first. */
  readonly seasons: readonly { readonly group: string; readonly months: readonly number[] }[];
  readonly quotes: readonly QuoteLine[];
}
export const FIGURE_TABLES = ['lines', 'back', 'late', 'seasons', 'regulars', 'quotes'] as const;
export type FigureTable = (typeof FIGURE_TABLES)[number];

/** What a stone did for blades that went home, what it cost, and how long it will last. */
export interface StoneFigures extends StoneWear {
  readonly stoneId: number;
  readonly blades: number;
  readonly workedSeconds: number;
  readonly steelMm3: number;
  /** Within the last twelve months. */
  readonly steelInYearMm3: number;
}

/** What stones were made flat on. */
export interface PlateFigures {
  readonly plate: string;
  readonly uses: number;
  readonly minutes: number;
  /** Rubbed off stones that were measured. */
  readonly stoneMm3: number;
  /** Times as long for the same loss as when it was new; null where too little is known. */
  readonly slowdown: number | null;
}

export interface StoneSheet {
  readonly stones: readonly StoneFigures[];
  readonly plates: readonly PlateFigures[];
  /** Kinds of blades that came within a year: what the rack must reach. */
  readonly kinds: readonly string[];
}
