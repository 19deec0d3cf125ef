/** What the operator decides; everything else follows from it. */
import type { ProgressionSchool } from '../../abrasive';
import type { Approach } from './advice';
import type { AddedStep, StepChange } from './changes';
import { DEFAULT_FINISHING, type Finishing } from './finishing';
import { DEFAULT_KIND_CHOICES, type KindChoices } from './kind-choices';
import type { BurrPolicy, Direction, StrokePattern, ThinTargets } from './manner';
import type { OwnPatterns } from './own-patterns';
import type { PartChain } from './part-chains';
import { DEFAULT_PRACTICE, type Practice } from './practice';
import type { SeriesPart } from './series';

/** How far thinning goes: to what the use wants, a little at each visit, or down to a remnant of the old bevel. */
export const THIN_DEPTHS = ['to the use', 'a little each visit', 'to the remnant'] as const;
export type ThinDepth = (typeof THIN_DEPTHS)[number];

/** A band of the thinning as the operator wants it. */
export interface ThinBandChoice {
  readonly angleDeg: number;
  /** Height above the new edge it runs out at, mm: its angle follows from that. Null holds the angle. */
  readonly toMm: number | null;
  /** Null leaves the stone to the plan. */
  readonly stoneId: string | null;
}
export const MOST_BANDS = 4;
export const HIGHEST_BAND_MM = 100;

/** The faces before the last of the edge, or, as a maker does, the edge trued, the faces, and a light last edge. */
export const WORK_ORDERS = ['edge last', "maker's"] as const;
export type WorkOrder = (typeof WORK_ORDERS)[number];

/** What each finer stone clears of the scratches before it. */
export const REFINED_FACES = ['apex strip', 'whole face'] as const;
export type RefinedFace = (typeof REFINED_FACES)[number];

/** How hard the first stone of the edge is pressed, and what share of it is left at each finer one. */
export interface ForceHabit {
  readonly firstN: number;
  readonly fall: number;
}

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
  /** From the edge up; null leaves them to the blade. */
  readonly thinBands: readonly ThinBandChoice[] | null;
  /** Thickness behind the edge to stop at; null follows the depth. */
  readonly thinStopMm: number | null;
  /** Over how many visits a high spot comes down; null takes it all now. */
  readonly highSpotVisits: number | null;
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
  /** What follows the last stone, in order; null is the one surface of the finishing. */
  readonly series: readonly SeriesPart[] | null;
  /** The machine or rig that holds the angle; null by hand. */
  readonly machineId: string | null;
  /** Abrasives of the machine down to this grain, the hand from there; null where the machine does all it can. */
  readonly handFromUm: number | null;
  /** Null leaves it to the kind and the count. */
  readonly pattern: StrokePattern | null;
  readonly ownPatterns: OwnPatterns | null;
  /** Null is as usual of grain and steel. */
  readonly force: ForceHabit | null;
  /** Null: the edge last. */
  readonly order: WorkOrder | null;
  /** Null is as usual of the kind. */
  readonly refineFace: RefinedFace | null;
  /** Raised by so much to take the burr off. */
  readonly deburrRaiseDeg: number;
  /** A side, of a micro bevel. */
  readonly microStrokes: number;
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
  thinBands: null,
  thinStopMm: null,
  highSpotVisits: null,
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
  series: null,
  machineId: null,
  handFromUm: null,
  pattern: null,
  ownPatterns: null,
  force: null,
  order: null,
  refineFace: null,
  deburrRaiseDeg: 0,
  microStrokes: 5,
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
  // Bands kept before one could be given by its height were held at an angle.
  thinBands: kept.thinBands?.map((band) => ({ ...band, toMm: band.toMm ?? null })) ?? null,
});

/** Angles an edge can be planned at, per side. */
export const ANGLE_LIMITS_DEG = [5, 40] as const;

/** Strokes a side of a micro bevel: more is a bevel. */
export const MICRO_STROKES_LIMITS = [3, 10] as const;
export const MOST_HIGH_SPOT_VISITS = 9;
export const MOST_DEBURR_RAISE_DEG = 5;
/** Newtons on the first stone, and the share left at each finer one. */
export const FORCE_LIMITS = { firstN: [0.5, 20], fall: [0.3, 1] } as const;
