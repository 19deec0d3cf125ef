/** Settling a plan. */
import { planSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { changeJob, mustBeAt } from '../jobs/job';
import { addEvent } from '../jobs/queries';
import { makePlan } from './make-plan';

export const planRoutes = (pool: Pool): Router => {
  const router = Router();

  router.put('/jobs/:id/plan', allow('owner', 'bench'), async (request, response) => {
    const staff = staffOf(request);
    const { version, choices } = bodyOf(planSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        mustBeAt(row, ['taken in', 'planned', 'on the bench'], 'Planning');
        const plan = await makePlan(on, row, choices);
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'planned',
          text: `planned ${plan.angleDeg.toFixed(1)}° per side (${(2 * plan.angleDeg).toFixed(1)}° inclusive) in ${plan.steps.length} steps`,
        });
      },
    );
    response.json(job);
  });

  return router;
};
