/** Where an edge needs more strokes than the rest: where it is dull, rolled or glints, and where a carver works most. */
import { ZONES, zoneAt, zoneSpan, type Zone } from '../../geometry';
import type { BladeKind, Damage, DamageKind } from '../../blade';
import type { Answers } from '../../intake';

const NEEDS_MORE: readonly DamageKind[] = ['dull zone', 'glint', 'rolled edge', 'facet'];

const CARVES_MOST: Readonly<Record<string, Zone>> = {
  'the part at the handle': 'heel',
  'the middle': 'middle',
  'the tip': 'tip',
};

/**
 * The zones that are due more in every round; none where the whole edge is alike.
 */
export const extraZones = (
  kind: BladeKind,
  answers: Answers,
  damage: readonly Damage[],
  edgeLengthMm: number,
): readonly Zone[] => {
  const found = new Set<Zone>();
  for (const each of damage.filter(({ kind: id }) => NEEDS_MORE.includes(id))) {
    const [from, to] = [each.fromMm / edgeLengthMm, (each.fromMm + each.lengthMm) / edgeLengthMm];
    found.add(zoneAt(Math.min(1, (from + to) / 2)));
    for (const zone of ZONES) {
      const { centre } = zoneSpan(zone);
      if (centre >= from && centre <= to) found.add(zone);
    }
  }
  if (kind.grind === 'single flat bevel')
    found.add(CARVES_MOST[String(answers['carvesMost'] ?? 'the part at the handle')] ?? 'heel');
  return found.size === ZONES.length ? [] : ZONES.filter((zone) => found.has(zone));
};
