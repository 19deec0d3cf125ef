/** Kinds of abrasive a bench owns, and what follows from the kind alone: data with reasons. */
import { named } from '../text';
export const ABRASIVE_KIND_IDS = [
  'water stone',
  'oil stone',
  'diamond plate',
  'film',
  'paper',
  'belt',
  'wheel',
  'file',
  'rod',
  'cone',
  'slip',
  'brush',
  'strop',
  'compound',
] as const;
export type AbrasiveKindId = (typeof ABRASIVE_KIND_IDS)[number];

export const LIQUIDS = ['water', 'oil', 'dry'] as const;
export type Liquid = (typeof LIQUIDS)[number];

/** What an abrasive is for. Only those for the edge stand in a progression by hand. */
export type AbrasiveTask = 'edge' | 'machine' | 'outline' | 'touch-up' | 'serration' | 'finish';

export interface AbrasiveKind {
  readonly id: AbrasiveKindId;
  readonly task: AbrasiveTask;
  /** What may be put on it. */
  readonly liquids: readonly Liquid[];
  /** Scratch depth against a bonded stone of the same grain. */
  readonly scratchFactor: number;
  /** Wears hollow, and has to be made flat again. */
  readonly dishes: boolean;
  /** Drinks water: may have to be soaked before and dried after. */
  readonly soaks: boolean;
  readonly reason: string;
}

const kind = (
  id: AbrasiveKindId,
  task: AbrasiveTask,
  liquids: readonly Liquid[],
  scratchFactor: number,
  dishes: boolean,
  soaks: boolean,
  reason: string,
): AbrasiveKind => ({ id, task, liquids, scratchFactor, dishes, soaks, reason: named(reason) });

// prettier-ignore
export const ABRASIVE_KINDS: readonly AbrasiveKind[] = [
  kind('water stone', 'edge', ['water'], 1, true, true, 'Bonded grain that drinks water and wears hollow; oil clogs it for good.'),
  kind('oil stone', 'edge', ['oil', 'water', 'dry'], 1, true, false, 'Hard bonded grain; light oil floats the steel off.'),
  kind('diamond plate', 'edge', ['water', 'oil', 'dry'], 1.2, false, false, 'One layer of grain on steel: stays flat, scratches deeper than a stone of its grain.'),
  kind('film', 'edge', ['dry', 'water', 'oil'], 1.2, false, false, 'Fixed grain on a sheet: as flat as what lies under it.'),
  kind('paper', 'edge', ['water', 'dry', 'oil'], 1.2, false, false, 'Wet abrasive paper on glass; used up and thrown away.'),
  kind('belt', 'machine', ['dry', 'water'], 1, false, false, 'Moves metres a second: quick, convex, and burns a thin edge.'),
  kind('wheel', 'machine', ['water', 'dry'], 1, true, false, 'Leaves a hollow of its own radius; dressed when out of true.'),
  kind('file', 'outline', ['dry'], 1, false, false, 'Cuts soft steel only; skates on hard.'),
  kind('rod', 'touch-up', ['dry'], 1, false, false, 'Straightens or scrapes an edge that is only tired.'),
  kind('cone', 'serration', ['dry', 'water'], 1, false, false, 'Fits scallops of its own radius.'),
  kind('slip', 'serration', ['water', 'oil', 'dry'], 1, false, false, 'A small shaped stone: its rounded edge fits scallops and gouges.'),
  kind('brush', 'serration', ['dry'], 0.4, false, false, 'A fine brush wheel pushes the burr over; it throws wires, and what it catches.'),
  kind('strop', 'finish', ['dry', 'oil'], 0.4, false, false, 'Gives under the edge: polishes and takes the last burr, and rounds the apex a little.'),
  kind('compound', 'finish', ['dry'], 0.4, false, false, 'Loose grain for a strop.'),
];

/**
 * The kind of that id.
 *
 * @example
 * abrasiveKind('belt').task; // "machine"
 */
export const abrasiveKind = (id: AbrasiveKindId): AbrasiveKind =>
  ABRASIVE_KINDS.find((each) => each.id === id)!;

export const BONDS = ['soft, muddy', 'middling', 'hard', 'plate or film', 'strop'] as const;
export type Bond = (typeof BONDS)[number];

/** How a stone wants its water. A splash stone may crack or soften when it is soaked. */
export const SOAKINGS = ['soak', 'splash', 'dry'] as const;
export type Soaking = (typeof SOAKINGS)[number];

export const STROKE_LIKINGS = ['leading', 'trailing', 'both'] as const;
export type StrokeLiking = (typeof STROKE_LIKINGS)[number];

/**
 * The minutes of work a stone bears between flattenings, where the owner has not said: coarse soft stones
 * dish fastest. First guess. Null for what does not dish.
 *
 * @example
 * usualMinutesFlat('diamond plate', 'plate or film', 30); // null
 */
export const usualMinutesFlat = (id: AbrasiveKindId, bond: Bond, um: number): number | null => {
  if (!abrasiveKind(id).dishes) return null;
  const byBond = bond === 'soft, muddy' ? 15 : bond === 'middling' ? 30 : 60;
  return um >= 30 ? byBond / 2 : byBond;
};
