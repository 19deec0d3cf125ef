/** The shop at a glance. */
import type { Board } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Queryable } from '../database/pool';
import { allow } from '../http/request';
import { listClosedDays, listPlaces } from '../places/queries';
import { localDay } from './days';
import { openJobs } from './queries';

/** Every blade in the shop, and where and when blades can be promised. */
export const readBoard = async (db: Queryable): Promise<Board> => ({
  today: localDay(new Date()),
  jobs: await openJobs(db),
  places: await listPlaces(db),
  closed: await listClosedDays(db),
});

export const shopRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/shop', allow(), async (_request, response) => {
    response.json(await readBoard(pool));
  });
  return router;
};
