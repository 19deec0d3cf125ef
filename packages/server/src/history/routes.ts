/** Who did what when, page by page; and the records to take along as CSV. */
import { historySchema, type HistoryPage, type HistoryQuery } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { sendCsv } from '../http/csv';
import { mayDo, queryOf } from '../http/request';
import { stretchOfDay } from '../shop/days';
import { readFormats } from '../shop/formats';
import { customersCsv, historyCsv, jobsCsv } from './csv';
import { customerLines, historyEntries, jobLines, type HistoryFilter } from './queries';

const A_PAGE = 100;
/** Lines in one file; a stretch of days gives the others of the history. */
const MOST_IN_A_FILE = 100_000;
const READ_AT_ONCE = 5_000;

const filterOf = ({ fromDay, toDay, beforeAt, ...rest }: HistoryQuery): HistoryFilter => ({
  ...rest,
  from: fromDay === null ? null : stretchOfDay(fromDay)[0],
  until: toDay === null ? null : stretchOfDay(toDay)[1],
  before: beforeAt === null ? null : new Date(beforeAt),
});

/** All lines, read piece by piece by their number. */
const allLines = async <Line extends { readonly id: number }>(
  read: (afterId: number, most: number) => Promise<Line[]>,
): Promise<Line[]> => {
  const lines: Line[] = [];
  for (;;) {
    const piece = await read(lines.at(-1)?.id ?? 0, READ_AT_ONCE);
    lines.push(...piece);
    if (piece.length < READ_AT_ONCE || lines.length >= MOST_IN_A_FILE)
      return lines.slice(0, MOST_IN_A_FILE);
  }
};

export const historyRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/history', mayDo('see history'), async (request, response) => {
    const filter = filterOf(queryOf(historySchema, request));
    // One more than are shown tells whether there are more.
    const found = await historyEntries(pool, filter, A_PAGE + 1);
    const entries = found.slice(0, A_PAGE);
    const last = entries.at(-1);
    response.json({
      entries,
      next: found.length > A_PAGE && last ? { at: last.at, id: last.id } : null,
    } satisfies HistoryPage);
  });

  router.get('/history.csv', mayDo('export records'), async (request, response) => {
    const filter = filterOf(queryOf(historySchema, request));
    sendCsv(response, 'history', historyCsv(await historyEntries(pool, filter, MOST_IN_A_FILE)));
  });

  router.get('/customers.csv', mayDo('export records'), async (_request, response) => {
    const lines = await allLines((afterId, most) => customerLines(pool, afterId, most));
    sendCsv(response, 'customers', customersCsv(lines));
  });

  router.get('/jobs.csv', mayDo('export records'), async (_request, response) => {
    const lines = await allLines((afterId, most) => jobLines(pool, afterId, most));
    sendCsv(response, 'jobs', jobsCsv(lines, await readFormats(pool)));
  });

  return router;
};
