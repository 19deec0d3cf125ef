/** What the operator decides; everything else follows from it. */
import type { ProgressionSchool } from '../abrasive/schools';
import type { Approach } from './advice';
import { DEFAULT_FINISHING, type Finishing } from './finishing';
import type { PartChain } from './part-chains';

export const DIRECTIONS = ['edge-leading', 'edge-trailing', 'back and forth', 'circles'] as const;
export type Direction = (typeof DIRECTIONS)[number];

export const BURR_POLICIES = ['none', 'small and centred', 'a trace'] as const;
export type BurrPolicy = (typeof BURR_POLICIES)[number];

export interface PlanChoices {
  readonly approach: Approach;
  /** Set by hand, per side; null follows the approach. */
  readonly angleDeg: number | null;
  /** Chips left in on purpose, by id. */
  readonly chipsLeft: readonly string[];
  /** Null follows the advice. */
  readonly thin: boolean | null;
  /** Window for the last stone, µm; null follows the use. */
  readonly finishUm: readonly [finest: number, coarsest: number] | null;
  /** Largest jump between abrasives; null for no limit. */
  readonly maxRatio: number | null;
  readonly direction: Direction;
  readonly burrPolicy: BurrPolicy;
  readonly school: ProgressionSchool;
  /** The abrasive to begin on; null leaves it to the school. */
  readonly first: string | null;
  /** Abrasives to do without, and those the work must run over. */
  readonly skip: readonly string[];
  readonly through: readonly string[];
  /** Parts of the blade that have a chain of their own. */
  readonly chains: readonly PartChain[];
  readonly finishing: Finishing;
  /** The machine that holds the angle; null by hand. */
  readonly machineId: string | null;
}

export const DEFAULT_CHOICES: PlanChoices = {
  approach: 'by-use',
  angleDeg: null,
  chipsLeft: [],
  thin: null,
  finishUm: null,
  maxRatio: 3,
  direction: 'edge-trailing',
  burrPolicy: 'none',
  school: 'quickest',
  first: null,
  skip: [],
  through: [],
  chains: [],
  finishing: DEFAULT_FINISHING,
  machineId: null,
};

/** Choices kept before a choice existed get its default. */
export const withDefaults = (kept: Partial<PlanChoices>): PlanChoices => ({
  ...DEFAULT_CHOICES,
  ...kept,
});

/** Angles an edge can be planned at, per side. */
export const ANGLE_LIMITS_DEG = [5, 40] as const;
