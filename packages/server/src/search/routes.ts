/** Customers and blades as one types. */
import { searchSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { allow, queryOf } from '../http/request';
import { find } from './find';

export const searchRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/search', allow(), async (request, response) => {
    response.json(await find(pool, queryOf(searchSchema, request).q));
  });
  return router;
};
