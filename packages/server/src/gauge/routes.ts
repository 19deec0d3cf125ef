/** Strokes counted by the angle gauge: kept with their step, a row each, apart from what the hand counts. */
import { gaugeStrokesSchema } from '@patient-edge/contract';
import { can } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction, type Queryable } from '../database/pool';
import { conflict, notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId } from '../http/request';
import { stateFor } from '../jobs/job';
import { findJobRow } from '../jobs/queries';
import { addGaugeStrokes, gaugeStrokesOf } from './queries';
import { isStepOfJob } from '../bench/queries';
import { STRINGS } from './strings';

const STEP = STRINGS.thisStep;

const mustBeStep = async (db: Queryable, jobId: number, stepId: number): Promise<void> => {
  if (!(await isStepOfJob(db, jobId, stepId))) throw notFound(STEP);
};

export const gaugeRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/jobs/:id/steps/:stepId/gauge-strokes', allow(), async (request, response) => {
    const stepId = pathId(request, 'stepId', STEP);
    await mustBeStep(pool, pathId(request, 'id', STRINGS.thisBlade), stepId);
    response.json(await gaugeStrokesOf(pool, stepId));
  });

  router.post(
    '/jobs/:id/steps/:stepId/gauge-strokes',
    mayDo('work step'),
    async (request, response) => {
      const jobId = pathId(request, 'id', STRINGS.thisBlade);
      const stepId = pathId(request, 'stepId', STEP);
      const { from, strokes } = bodyOf(gaugeStrokesSchema, request);
      await inTransaction(pool, async (db) => {
        const row = await findJobRow(db, jobId);
        if (!row) throw notFound(STRINGS.thisBlade);
        await mustBeStep(db, jobId, stepId);
        if (!can(await stateFor('work step', db, row), 'work step')) {
          throw conflict(STRINGS.thisBladeIsNotOnThe, row.version);
        }
        await addGaugeStrokes(db, stepId, from, strokes);
      });
      response.json({ kept: strokes.length });
    },
  );

  return router;
};
