/** The blade's record: what makes the next visit quick. */
import type { BladeRecord } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Compute } from '../compute/compute';
import { findCustomer, toCustomer } from '../customers/queries';
import { conflict, notFound } from '../http/errors';
import { allow, pathId } from '../http/request';
import { readJob } from '../jobs/job';
import { shopLines } from '../shop/details';
import { readFormats } from '../shop/formats';
import { wishOfBlade } from '../visits/queries';
import { findBlade, visitsOfBlade } from './queries';
import { STRINGS } from './strings';
import { yearsPaper } from './years';

/** Fewer make no line. */
const LEAST_VISITS = 3;

export const bladeRoutes = (pool: Pool, compute: Compute): Router => {
  const router = Router();

  const recordOf = async (id: number): Promise<BladeRecord> => {
    const blade = await findBlade(pool, id);
    const customer = blade && (await findCustomer(pool, blade.customerId));
    if (!blade || !customer) throw notFound(STRINGS.thisBlade);
    const visits = await visitsOfBlade(pool, id);
    const last = visits.find(({ stage, declined }) => stage === 'returned' && !declined);
    return {
      blade: blade.summary,
      customer: toCustomer(customer),
      visits,
      lastJob: last ? await readJob(pool, last.jobId) : null,
      wish: await wishOfBlade(pool, id),
    };
  };

  router.get('/blades/:id', allow(), async (request, response) => {
    response.json(await recordOf(pathId(request, 'id', STRINGS.thisBlade)));
  });

  router.get('/blades/:id/years.pdf', allow(), async (request, response) => {
    const record = await recordOf(pathId(request, 'id', STRINGS.thisBlade));
    if (record.visits.length < LEAST_VISITS) throw conflict(STRINGS.tooFewVisits);
    const paper = yearsPaper(record, await shopLines(pool), await readFormats(pool));
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="years-of-blade-${record.blade.id}.pdf"`)
      .send(await compute.drawing('years', paper));
  });

  return router;
};
