/** How long edges last: a life begins when a blade goes home, and ends when it is dull. */
import type { LifeGroup, LifeQuery, LifeSheet } from '@patient-edge/contract';
import {
  compareLives,
  findUse,
  livesOf,
  SCHOOL_QUESTIONS,
  withDefaults,
  type EdgeLife,
} from '@patient-edge/core';
import type { LifeRow } from './queries';
import { STRINGS } from './strings';

const DAY_MS = 24 * 60 * 60 * 1000;

/** Told apart by what was done, on what, for what. */
interface Factor {
  readonly id: string;
  readonly name: string;
  readonly groupOf: (row: LifeRow) => { readonly id: string; readonly name: string };
}

/** Angles nearer to one another than this are alike. */
const ANGLE_STEP_DEG = 3;

const FACTORS: readonly Factor[] = [
  ...SCHOOL_QUESTIONS.map(({ id, label, of, schools }): Factor => ({
    id,
    name: label,
    groupOf: ({ choices }) => {
      const school = of(withDefaults(choices ?? {}));
      return { id: school, name: schools.find((each) => each.id === school)?.label ?? school };
    },
  })),
  {
    id: 'degrees',
    name: STRINGS.angleInDegrees,
    groupOf: ({ angleDeg }) => {
      if (angleDeg === null) return { id: 'none', name: STRINGS.notSaid };
      const from = ANGLE_STEP_DEG * Math.floor(angleDeg / ANGLE_STEP_DEG);
      return { id: String(from), name: STRINGS.degreesFrom(from, from + ANGLE_STEP_DEG) };
    },
  },
  {
    id: 'last stone',
    name: STRINGS.lastStone,
    groupOf: ({ lastStone }) => ({ id: lastStone ?? 'none', name: lastStone ?? STRINGS.notSaid }),
  },
  { id: 'steel', name: STRINGS.steel, groupOf: ({ steel }) => ({ id: steel, name: steel }) },
  {
    id: 'use',
    name: STRINGS.use,
    groupOf: ({ useId }) => ({ id: useId, name: findUse(useId).label }),
  },
];

/**
 * It ended when its customer said so, or when it came back no longer keen; still out, or back for another reason, it has
 * not ended.
 */
export const lifeOf = (row: LifeRow, group: string, now: Date): EdgeLife => {
  const cameDull = row.nextAt !== null && row.nextSharpness !== 'keen' && !row.nextHasChip;
  const until = row.dullAt ?? row.nextAt ?? now;
  return {
    group,
    days: Math.max(1, Math.round((until.getTime() - row.returnedAt.getTime()) / DAY_MS)),
    ended: row.dullAt !== null || cameDull,
  };
};

const usesIn = (rows: readonly LifeRow[]): LifeSheet['uses'] => {
  const lives = new Map<string, number>();
  for (const { useId } of rows) lives.set(useId, (lives.get(useId) ?? 0) + 1);
  return [...lives]
    .map(([id, count]) => ({ id, name: findUse(id).label, lives: count }))
    .sort((a, b) => b.lives - a.lives);
};

/** Only like with like: of one use, unless all are asked for. */
export const lifeSheet = (rows: readonly LifeRow[], asked: LifeQuery, now: Date): LifeSheet => {
  const factor = FACTORS.find(({ id }) => id === asked.by) ?? FACTORS[0]!;
  const uses = usesIn(rows);
  const useId =
    asked.use === 'all' || factor.id === 'use'
      ? null
      : (uses.find(({ id }) => id === asked.use)?.id ?? uses[0]?.id ?? null);
  const alike = new Map<string, { name: string; lives: EdgeLife[] }>();
  for (const row of rows) {
    if (useId !== null && row.useId !== useId) continue;
    const { id, name } = factor.groupOf(row);
    const group = alike.get(id) ?? { name, lives: [] };
    group.lives.push(lifeOf(row, id, now));
    alike.set(id, group);
  }
  const groups = [...alike]
    .map(([id, { name, lives }]): LifeGroup => ({ id, name, ...livesOf(lives) }))
    .sort((a, b) => b.lives - a.lives);
  const first = groups.find(({ id }) => id === asked.first) ?? groups[0];
  const second =
    groups.find(({ id }) => id === asked.second && id !== first?.id) ??
    groups.find(({ id }) => id !== first?.id);
  return {
    by: factor.id,
    factors: FACTORS.map(({ id, name }) => ({ id, name })),
    useId,
    uses,
    groups,
    compared:
      first && second
        ? {
            first: first.id,
            second: second.id,
            ...compareLives(alike.get(first.id)!.lives, alike.get(second.id)!.lives),
          }
        : null,
  };
};
