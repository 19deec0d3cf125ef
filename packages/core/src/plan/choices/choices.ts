/** What the operator decides; everything else follows from it. */
import type { ProgressionSchool } from '../../abrasive';
import type { Approach } from './advice';
import type { AddedStep, StepChange } from './changes';
import { DEFAULT_FINISHING, type Finishing } from './finishing';
import { DEFAULT_KIND_CHOICES, type KindChoices } from './kind-choices';
import type { BurrPolicy, Direction, StrokePattern, ThinTargets } from './manner';
import type { PartChain } from './part-chains';
import { DEFAULT_PRACTICE, type Practice } from './practice';

/** How far thinning goes: down to a remnant of the old bevel, or a little at each visit. */
export const THIN_DEPTHS = ['to the remnant', 'a little each visit'] as const;
export type ThinDepth = (typeof THIN_DEPTHS)[number];

export interface PlanChoices {
  /** Null takes what is usual of the kind: set by use, or kept where the bevel is its own guide. */
  readonly approach: Approach | null;
  /** Set by hand, per side; null follows the approach. */
  readonly angleDeg: number | null;
  /** Chips left in on purpose, by id. */
  readonly chipsLeft: readonly string[];
  /** Null follows the advice. */
  readonly thin: boolean | null;
  /** Null goes by how far it has outgrown its use. */
  readonly thinDepth: ThinDepth | null;
  readonly thinTo: ThinTargets;
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
  /** The machine or rig that holds the angle; null by hand. */
  readonly machineId: string | null;
  /** Null leaves it to the kind and the count. */
  readonly pattern: StrokePattern | null;
  readonly practice: Practice;
  readonly kind: KindChoices;
  /** What the operator changed in single steps, and why; kept through every recomputing. */
  readonly changes: readonly StepChange[];
  readonly added: readonly AddedStep[];
}

export const DEFAULT_CHOICES: PlanChoices = {
  approach: null,
  angleDeg: null,
  chipsLeft: [],
  thin: null,
  thinDepth: null,
  thinTo: { at5Mm: null, at10Mm: null },
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
  pattern: null,
  practice: DEFAULT_PRACTICE,
  kind: DEFAULT_KIND_CHOICES,
  changes: [],
  added: [],
};

/**
 * Choices kept before a choice existed get its default.
 *
 * @example
 * withDefaults({}).maxRatio; // 3
 */
export const withDefaults = (kept: Partial<PlanChoices>): PlanChoices => ({
  ...DEFAULT_CHOICES,
  ...kept,
  practice: { ...DEFAULT_CHOICES.practice, ...kept.practice },
  kind: { ...DEFAULT_CHOICES.kind, ...kept.kind },
});

/** Angles an edge can be planned at, per side. */
export const ANGLE_LIMITS_DEG = [5, 40] as const;
