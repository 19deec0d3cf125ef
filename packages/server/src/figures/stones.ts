/** What stones and plates did, cost and wore, by all blades that went home. */
import type { PlateFigures, StoneFigures, StoneSheet } from '@patient-edge/contract';
import { plateSlowdown, stoneWear, type StoneFlattening } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { listStones } from '../stones/queries';
import { allFlattenings, kindsOf, stoneSums, type Days, type FlatteningLine } from './queries';

const historyOf = (lines: readonly FlatteningLine[]): StoneFlattening[] =>
  lines.map(({ at, workedUntil, lostMm, thicknessAfterMm }, index) => ({
    at: at.toISOString(),
    workedSeconds: workedUntil - (lines[index - 1]?.workedUntil ?? 0),
    lostMm,
    thicknessAfterMm,
  }));

const platesIn = (lines: readonly FlatteningLine[]): PlateFigures[] =>
  [...new Set(lines.map(({ plate }) => plate))]
    .map((plate) => ({ plate, uses: lines.filter((line) => line.plate === plate) }))
    .map(({ plate, uses }) => ({
      plate,
      uses: uses.length,
      minutes: uses.reduce((sum, { minutes }) => sum + minutes, 0),
      stoneMm3: uses.reduce(
        (sum, { lostMm, lengthMm, widthMm }) => sum + lostMm * (lengthMm ?? 0) * (widthMm ?? 0),
        0,
      ),
      slowdown: plateSlowdown(uses),
    }))
    .sort((a, b) => b.uses - a.uses);

const NOTHING = { blades: 0, workedSeconds: 0, steelMm3: 0, steelInYearMm3: 0 };

export const stoneSheet = async (db: Queryable, year: Days): Promise<StoneSheet> => {
  const [stones, sums, lines] = [
    await listStones(db),
    await stoneSums(db, `${year.from.slice(0, 7)}-01`),
    await allFlattenings(db),
  ];
  return {
    stones: stones.map((stone): StoneFigures => {
      const did = sums.find(({ stoneId }) => stoneId === stone.id) ?? NOTHING;
      return {
        ...did,
        stoneId: stone.id,
        ...stoneWear({
          ...stone,
          ...did,
          flattenings: historyOf(lines.filter(({ stoneId }) => stoneId === stone.id)),
        }),
      };
    }),
    plates: platesIn(lines),
    kinds: await kindsOf(db, year),
  };
};
