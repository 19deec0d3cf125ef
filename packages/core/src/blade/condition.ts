/** What is found along an edge: how each fault is called, and how it compares with the last visit. */
import { localized } from '../text';
import type { Damage, DamageKind } from './measures';

/** What a fault is, in a colleague's words, and how its depth is meant where it has one. */
export const DAMAGE_WORDS: Readonly<Record<DamageKind, { what: string; depth?: string }>> =
  localized({
    chip: { what: 'a piece is out of the edge', depth: 'Depth, mm' },
    'rolled edge': { what: 'the edge leans to one side' },
    'dull zone': { what: 'it no longer bites here' },
    glint: { what: 'the apex throws light back' },
    recurve: { what: 'the edge bends in where it should be straight', depth: 'Hollow, mm' },
    'high spot': { what: 'it stands proud: the blade rocks on a board', depth: 'Proud by, mm' },
    'low spot': { what: 'the stone does not reach the face here', depth: 'Low by, mm' },
    'over-ground heel': { what: 'too much was taken at the heel', depth: 'Taken, mm' },
    'bent tip': { what: 'the tip leans sideways' },
    'missing tip': { what: 'the tip is broken off', depth: 'Missing, mm' },
    pit: { what: 'rust has eaten in', depth: 'Depth, mm' },
    facet: { what: 'an earlier hand left a flat' },
    crack: { what: 'the steel has parted', depth: 'Reaches, mm' },
    'heat tint': { what: 'ground hot: the temper is gone', depth: 'Reaches, mm' },
    bend: { what: 'the whole blade is bent', depth: 'Out of line, mm' },
  });

export type Since = 'new' | 'grown' | 'as before' | 'smaller';

export interface ComparedDamage {
  readonly damage: Damage;
  readonly since: Since;
  readonly before: Damage | null;
}

export interface ConditionChange {
  readonly now: readonly ComparedDamage[];
  /** Seen last time and not found again. */
  readonly gone: readonly Damage[];
}

/** Two places are one when they overlap, or lie this near, mm. */
const NEAR_MM = 3;
const SAME_DEPTH_MM = 0.05;
const SAME_LENGTH_MM = 1.5;

const sameSide = (a: Damage, b: Damage): boolean =>
  a.side === 'both' || b.side === 'both' || a.side === b.side;
const distanceMm = (a: Damage, b: Damage): number =>
  Math.max(0, a.fromMm - (b.fromMm + b.lengthMm), b.fromMm - (a.fromMm + a.lengthMm));

/**
 * Which of the faults were there last time; each earlier one is matched once, nearest first.
 *
 * @example
 * compareCondition([], []).gone; // []
 */
export const compareCondition = (
  now: readonly Damage[],
  before: readonly Damage[],
): ConditionChange => {
  const left = new Set(before);
  const compared = now.map((damage): ComparedDamage => {
    const candidates = [...left]
      .filter(
        (each) =>
          each.kind === damage.kind &&
          sameSide(each, damage) &&
          distanceMm(each, damage) <= NEAR_MM,
      )
      .sort((a, b) => Math.abs(a.fromMm - damage.fromMm) - Math.abs(b.fromMm - damage.fromMm));
    const match = candidates[0];
    if (!match) return { damage, since: 'new', before: null };
    left.delete(match);
    const deeper = damage.depthMm - match.depthMm;
    const longer = damage.lengthMm - match.lengthMm;
    const since: Since =
      deeper > SAME_DEPTH_MM || longer > SAME_LENGTH_MM
        ? 'grown'
        : deeper < -SAME_DEPTH_MM || longer < -SAME_LENGTH_MM
          ? 'smaller'
          : 'as before';
    return { damage, since, before: match };
  });
  return { now: compared, gone: [...left] };
};
