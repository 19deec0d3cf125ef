/** The day looked back on: each step as it was foreseen when it began, and as it went. Rates learn from the same records. */
import type { DayReview } from '@patient-edge/contract';
import type { Queryable } from '../database/pool';
import { localDay, stretchOfDay } from '../shop/days';
import { finishedSteps, notDoneBy, type FinishedRow } from './queries';

/** Told of those that were furthest off. */
const FURTHEST = 5;

const sum = (rows: readonly FinishedRow[], of: (row: FinishedRow) => number): number =>
  rows.reduce((all, row) => all + of(row), 0);

/** Of those with both: what was not foreseen is in neither. */
const bothOf = (rows: readonly FinishedRow[]) => ({
  steps: rows.length,
  foreseenSeconds: sum(rows, ({ foreseenSeconds }) => foreseenSeconds ?? 0),
  workedSeconds: sum(rows, ({ workedSeconds }) => workedSeconds),
});

/** As far as it has come, where it is today. */
export const reviewDay = async (db: Queryable, at: Date): Promise<DayReview> => {
  const day = localDay(at);
  const all = await finishedSteps(db, ...stretchOfDay(day));
  const known = all.filter(({ foreseenSeconds, teaches }) => foreseenSeconds !== null && teaches);
  const off = ({ foreseenSeconds, workedSeconds }: FinishedRow): number =>
    Math.abs(workedSeconds - foreseenSeconds!);
  return {
    day,
    blades: new Set(all.map(({ jobId }) => jobId)).size,
    ...bothOf(known),
    leftOut: all.length - known.length,
    people: [...new Set(known.map(({ person }) => person))].map((name) => ({
      name,
      ...bothOf(known.filter(({ person }) => person === name)),
    })),
    furthest: [...known]
      .sort((a, b) => off(b) - off(a))
      .slice(0, FURTHEST)
      .map(({ jobId, tagNumber, stone, foreseenSeconds, workedSeconds }) => ({
        jobId,
        tagNumber,
        stone: stone ?? '',
        foreseenSeconds: foreseenSeconds!,
        workedSeconds,
      })),
    notDone: await notDoneBy(db, day),
  };
};
