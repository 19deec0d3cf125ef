/** What a shop needs before its first blade, and which of it is there: the list ticks itself. */
import type { FirstDay } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { writeSetting } from '../auth/queries';
import { allow, mayDo } from '../http/request';
import { firstDay, WORKS_ALONE } from './queries';

export const firstDayRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/first-day', allow(), async (_request, response) => {
    response.json((await firstDay(pool)) satisfies FirstDay);
  });
  /** There is nobody to add: that is an answer too. */
  router.post('/first-day/alone', mayDo('change people'), async (_request, response) => {
    await writeSetting(pool, WORKS_ALONE, 'yes');
    response.json((await firstDay(pool)) satisfies FirstDay);
  });
  return router;
};
