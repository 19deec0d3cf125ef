/** The shop in figures: of a year unless other days are named. */
import { figureSchema } from '@patient-edge/contract';
import { Router, type Request } from 'express';
import type { Pool } from 'mysql2/promise';
import { sendCsv } from '../http/csv';
import { allow, mayDo, queryOf } from '../http/request';
import { readCurrency } from '../prices/queries';
import { localDay } from '../shop/days';
import { figuresCsv } from './csv';
import { figureSheet } from './sheet';
import { stoneSheet } from './stones';

/** Weeks are counted whole: a year back, from a Monday. */
const aYearBack = (): string => {
  const now = new Date();
  const from = new Date(now.getFullYear() - 1, now.getMonth(), now.getDate());
  return localDay(
    new Date(from.getFullYear(), from.getMonth(), from.getDate() - ((from.getDay() + 6) % 7)),
  );
};

export const figureRoutes = (pool: Pool): Router => {
  const router = Router();
  const sheetOf = (request: Request) => {
    const { fromDay, toDay, by } = queryOf(figureSchema, request);
    return figureSheet(
      pool,
      { from: fromDay ?? aYearBack(), to: toDay ?? localDay(new Date()) },
      by,
    );
  };

  router.get('/figures', mayDo('see money'), async (request, response) => {
    response.json(await sheetOf(request));
  });

  router.get('/figures.csv', mayDo('see money'), async (request, response) => {
    const { table } = queryOf(figureSchema, request);
    const currency = await readCurrency(pool);
    sendCsv(response, `figures-${table}`, figuresCsv(await sheetOf(request), table, currency));
  });

  router.get('/stone-figures', allow(), async (_request, response) => {
    response.json(await stoneSheet(pool, { from: aYearBack(), to: localDay(new Date()) }));
  });

  return router;
};
