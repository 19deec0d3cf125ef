/** Owners and blades as one types. */
import { searchSchema, validate } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { invalid } from '../http/errors';
import { allow } from '../http/request';
import { find } from './find';

export const searchRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/search', allow(), async (request, response) => {
    const checked = validate(searchSchema, request.query);
    if (!checked.ok) throw invalid(checked.fields);
    response.json(await find(pool, checked.value.q));
  });
  return router;
};
