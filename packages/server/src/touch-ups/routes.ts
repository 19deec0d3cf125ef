/** Least intervention: a rung tried and tested, and the blade goes on to its test or up the ladder. */
import { touchUpSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { invalid, notFound } from '../http/errors';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { changeJob, mustBeAt } from '../jobs/job';
import { addEvent, findJobRow, setStage } from '../jobs/queries';
import { findStone } from '../stones/queries';
import { addTouchUp, touchUpsOfBlade } from './queries';

export const touchUpRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/jobs/:id/touch-ups', allow(), async (request, response) => {
    const row = await findJobRow(pool, pathId(request, 'id', 'This blade'));
    if (!row) throw notFound('This blade');
    response.json(await touchUpsOfBlade(pool, row.bladeId));
  });

  router.post('/jobs/:id/touch-ups', allow('owner', 'bench'), async (request, response) => {
    const staff = staffOf(request);
    const { version, ...touchUp } = bodyOf(touchUpSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        // A blade under test without a plan came there by this ladder, and may come back to it.
        const stages = ['taken in', 'planned', ...(row.planRecord ? [] : ['testing'])] as const;
        mustBeAt(row, stages as Parameters<typeof mustBeAt>[1], 'Touching up');
        const stone = touchUp.stoneId === null ? null : await findStone(on, touchUp.stoneId);
        if (stone === undefined) {
          throw invalid([{ field: 'stoneId', message: 'Stone: it is not on the rack' }]);
        }
        await addTouchUp(on, row.id, staff.id, touchUp);
        const back = row.stage === 'testing' ? 'taken in' : row.stage;
        await setStage(on, row.id, touchUp.enough ? 'testing' : back);
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'touch-up',
          text: `touched up: ${touchUp.rung}${stone ? ` (${stone.name})` : ''}, ${touchUp.enough ? 'enough' : 'not enough'}${touchUp.note ? `: ${touchUp.note}` : ''}`,
        });
      },
    );
    response.json(job);
  });

  return router;
};
