/** The shop in figures: of a year unless other days are named. */
import { figureSchema, type FigureQuery } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { sendCsv } from '../http/csv';
import { allow, mayDo, queryOf } from '../http/request';
import { readCurrency } from '../prices/queries';
import { localDay } from '../shop/days';
import { figuresCsv, regularsCsv } from './csv';
import { figureSheet, regularCustomers } from './sheet';
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
  const daysIn = ({ fromDay, toDay }: FigureQuery) => ({
    from: fromDay ?? aYearBack(),
    to: toDay ?? localDay(new Date()),
  });

  router.get('/figures', mayDo('see money'), async (request, response) => {
    const query = queryOf(figureSchema, request);
    response.json(await figureSheet(pool, daysIn(query), query.by));
  });

  // Apart: of many customers it takes longer than all the rest.
  router.get('/figures/regulars', mayDo('see money'), async (request, response) => {
    response.json(await regularCustomers(pool, daysIn(queryOf(figureSchema, request))));
  });

  router.get('/figures.csv', mayDo('see money'), async (request, response) => {
    const query = queryOf(figureSchema, request);
    const days = daysIn(query);
    sendCsv(
      response,
      `figures-${query.table}`,
      query.table === 'regulars'
        ? regularsCsv(await regularCustomers(pool, days))
        : figuresCsv(
            await figureSheet(pool, days, query.by),
            query.table,
            await readCurrency(pool),
          ),
    );
  });

  router.get('/stone-figures', allow(), async (_request, response) => {
    response.json(await stoneSheet(pool, { from: aYearBack(), to: localDay(new Date()) }));
  });

  return router;
};
