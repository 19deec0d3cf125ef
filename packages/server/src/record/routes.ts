/** What the record says: the bench's own rates, and whether forecasts were right. */
import {
  bladeRatesSchema,
  forecastSchema,
  lifeSchema,
  teachesSchema,
  type ForecastSheet,
  type RatesSheet,
} from '@patient-edge/contract';
import { asMessage, MODEL_VERSION } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction, type Queryable } from '../database/pool';
import { noteChanged } from '../history/note';
import { notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, queryOf, staffOf } from '../http/request';
import { localDay, stretchOfDay } from '../shop/days';
import { scoreForecasts } from './forecasts';
import { lifeSheet } from './lives';
import { forecastRows, lifeRows, peopleLeftOut, setTeaches, stepTitle } from './queries';
import { learnRatesOf, ratesOfBlade, sheetOf } from './rates';
import { STRINGS } from './strings';

const ratesSheet = async (db: Queryable): Promise<RatesSheet> => {
  const { byHand, byMachine } = await learnRatesOf(db);
  return {
    byHand: sheetOf(byHand),
    byMachine: sheetOf(byMachine),
    leftOut: await peopleLeftOut(db),
  };
};

/** Older lives are of another bench: other stones, other hands. */
const YEARS_OF_LIVES = 5;

/** A year back, where no day is named. */
const aYearBack = (): string => {
  const now = new Date();
  return localDay(new Date(now.getFullYear() - 1, now.getMonth(), now.getDate()));
};

export const recordRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/rates', allow(), async (_request, response) => {
    response.json(await ratesSheet(pool));
  });

  router.get('/rates/blade', allow(), async (request, response) => {
    const { steel } = queryOf(bladeRatesSchema, request);
    response.json(await ratesOfBlade(pool, steel, staffOf(request).id));
  });

  router.put('/rates/people/:id', mayDo('change people'), async (request, response) => {
    const staffId = pathId(request, 'id', STRINGS.thisPerson);
    const { teaches } = bodyOf(teachesSchema, request);
    await inTransaction(pool, async (db) => {
      if (!(await setTeaches(db, staffId, teaches))) throw notFound(STRINGS.thisPerson);
      await noteChanged(db, request, STRINGS.whoseStepsCount);
    });
    response.json(await ratesSheet(pool));
  });

  router.get('/forecasts', allow(), async (request, response) => {
    const { fromDay, toDay } = queryOf(forecastSchema, request);
    const from = fromDay ?? aYearBack();
    const to = toDay ?? localDay(new Date());
    const rows = await forecastRows(
      pool,
      MODEL_VERSION,
      stretchOfDay(from)[0],
      stretchOfDay(to)[1],
    );
    const { worst, ...scores } = scoreForecasts(rows, from, to);
    response.json({
      ...scores,
      // Only the few that are shown are looked up by their titles.
      worst: await Promise.all(
        worst.map(async ({ stepId, ...miss }) => ({
          ...miss,
          title: asMessage(await stepTitle(pool, stepId)),
        })),
      ),
    } satisfies ForecastSheet);
  });

  router.get('/lives', allow(), async (request, response) => {
    const now = new Date();
    const from = new Date(now.getFullYear() - YEARS_OF_LIVES, now.getMonth(), now.getDate());
    response.json(lifeSheet(await lifeRows(pool, from, now), queryOf(lifeSchema, request), now));
  });

  return router;
};
