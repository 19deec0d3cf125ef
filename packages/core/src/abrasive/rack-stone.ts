/** A stone of the rack as planning sees it: what it does to steel, and how it wants to be treated. */
import type { Flatness } from './care';
import {
  abrasiveKind,
  type AbrasiveKindId,
  type AbrasiveTask,
  type Bond,
  type Liquid,
  type Soaking,
  type StrokeLiking,
} from './kinds';
import type { RackEntry } from './progression';

export interface RackStone extends RackEntry {
  readonly name: string;
  readonly kind: AbrasiveKindId;
  readonly bond: Bond;
  readonly liquid: Liquid;
  readonly soaking: Soaking;
  readonly soakMinutes: number;
  readonly strokes: StrokeLiking;
  readonly needsDressing: boolean;
  readonly flatness: Flatness;
  /** It lies in the water now. */
  readonly inWater: boolean;
  /** Of a file: what it rises over its length is the angle. Null when nobody measured. */
  readonly lengthMm: number | null;
  /** Of what works in scallops: the radius of its round, mm. Null when nobody measured, or where it tapers. */
  readonly radiusMm: number | null;
  /** Left of it, mm; a clamp and rod is set by it. Null when nobody measured. */
  readonly thicknessMm: number | null;
  /** Goes into the clamp rig; null where nobody has said. */
  readonly fitsRig: boolean | null;
  /** Goes into the pack. */
  readonly portable: boolean;
}

/**
 * The abrasives of the rack for one task, in the order of the rack.
 *
 * @example
 * forTask(DEMO_RACK, 'finish').map(({ kind }) => kind); // ["strop","strop"]
 */
export const forTask = (rack: readonly RackStone[], task: AbrasiveTask): readonly RackStone[] =>
  rack.filter(({ kind }) => abrasiveKind(kind).task === task);

/** The coarsest; null of an empty rack. */
export const coarsestOf = (rack: readonly RackStone[]): RackStone | null =>
  rack.reduce<RackStone | null>((best, each) => (best && best.um >= each.um ? best : each), null);

/** The finest; null of an empty rack. */
export const finestOf = (rack: readonly RackStone[]): RackStone | null =>
  rack.reduce<RackStone | null>((best, each) => (best && best.um <= each.um ? best : each), null);
