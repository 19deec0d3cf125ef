/** Least intervention: a rung tried and tested, and the blade goes on to its test or up the ladder. */
import { say } from '@patient-edge/core';
import { touchUpSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { invalid, notFound } from '../http/errors';
import { allow, pathId } from '../http/request';
import { jobRoute } from '../jobs/job-route';
import { findJobRow, setStage } from '../jobs/queries';
import { findStone } from '../stones/queries';
import { addTouchUp, touchUpsOfBlade } from './queries';
import { STRINGS } from './strings';

export const touchUpRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/jobs/:id/touch-ups', allow(), async (request, response) => {
    const row = await findJobRow(pool, pathId(request, 'id', STRINGS.thisBlade));
    if (!row) throw notFound(STRINGS.thisBlade);
    response.json(await touchUpsOfBlade(pool, row.bladeId));
  });

  router.post(
    '/jobs/:id/touch-ups',
    ...jobRoute(pool, {
      action: 'touch up',
      body: touchUpSchema,
      work: async ({ db, row, body: touchUp, staff, log }) => {
        const stone = touchUp.stoneId === null ? null : await findStone(db, touchUp.stoneId);
        if (stone === undefined) {
          throw invalid([{ field: 'stoneId', message: STRINGS.stoneItIsNotOnThe }]);
        }
        await addTouchUp(db, row.id, staff.id, touchUp);
        const back = row.stage === 'testing' ? 'taken in' : row.stage;
        await setStage(db, row.id, touchUp.enough ? 'testing' : back);
        await log(
          'touch-up',
          say('event.touched-up', {
            rung: touchUp.rung,
            stone: stone?.name ?? '',
            isEnough: touchUp.enough,
            note: touchUp.note ?? '',
          }),
        );
      },
    }),
  );

  return router;
};
