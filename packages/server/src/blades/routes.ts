/** The blade's record: what makes the next visit quick. */
import type { BladeRecord } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { findCustomer, toCustomer } from '../customers/queries';
import { notFound } from '../http/errors';
import { allow, pathId } from '../http/request';
import { readJob } from '../jobs/job';
import { wishOfBlade } from '../visits/queries';
import { findBlade, visitsOfBlade } from './queries';
import { STRINGS } from './strings';

export const bladeRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/blades/:id', allow(), async (request, response) => {
    const id = pathId(request, 'id', STRINGS.thisBlade);
    const blade = await findBlade(pool, id);
    const customer = blade && (await findCustomer(pool, blade.customerId));
    if (!blade || !customer) throw notFound(STRINGS.thisBlade);
    const visits = await visitsOfBlade(pool, id);
    const last = visits.find(({ stage, declined }) => stage === 'returned' && !declined);
    const record: BladeRecord = {
      blade: blade.summary,
      customer: toCustomer(customer),
      visits,
      lastJob: last ? await readJob(pool, last.jobId) : null,
      wish: await wishOfBlade(pool, id),
    };
    response.json(record);
  });

  return router;
};
