/** Edge tests before and after, and the verdict: on to the owner, or back to a named step. */
import { readingsSchema, verdictSchema } from '@patient-edge/contract';
import { findUse, judgeEdge, textOf } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { reopenStepsFrom, stepsOfJob } from '../bench/queries';
import { conflict, invalid } from '../http/errors';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { changeJob, mustBeAt } from '../jobs/job';
import { addEvent, setNextRound, setStage } from '../jobs/queries';
import { wayBack } from '../jobs/reopen';
import { saveReadings, testRoundsOfJob } from './queries';

/** Readings before the work belong to no round of it. */
const BEFORE_ROUND = 0;

export const edgeTestRoutes = (pool: Pool): Router => {
  const router = Router();

  router.put('/jobs/:id/readings', allow(), async (request, response) => {
    const { version, phase, readings } = bodyOf(readingsSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        if (phase === 'before') mustBeAt(row, ['taken in', 'planned'], 'Testing as it came');
        else mustBeAt(row, ['testing'], 'Testing the edge');
        await saveReadings(
          on,
          row.id,
          phase,
          phase === 'before' ? BEFORE_ROUND : row.round,
          readings,
        );
        await setStage(on, row.id, row.stage);
      },
    );
    response.json(job);
  });

  router.post('/jobs/:id/verdict', allow('owner', 'bench'), async (request, response) => {
    const staff = staffOf(request);
    const { version, backToStepId, note } = bodyOf(verdictSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        mustBeAt(row, ['testing'], 'The verdict');
        const after = (await testRoundsOfJob(on, row.id)).find(
          ({ phase, round }) => phase === 'after' && round === row.round,
        );
        if (!after) throw conflict('Nothing has been tested yet', row.version);
        const { verdict, zones } = judgeEdge(after.readings, findUse(row.useId));
        const log = (kind: string, text: string) =>
          addEvent(on, {
            jobId: row.id,
            staffId: staff.id,
            kind,
            text: note ? `${text}: ${note}` : text,
          });
        if (backToStepId === null) {
          if (verdict !== 'meets' && verdict !== 'meets with remarks') {
            const reasons = zones.flatMap(({ zone, reasons: found }) =>
              found.map((reason) => `${zone}, ${reason}`),
            );
            throw invalid([
              { field: 'verdict', message: `The edge is ${verdict}: ${reasons.join('; ')}` },
            ]);
          }
          await setStage(on, row.id, 'ready');
          await log('passed', `tested: ${verdict}`);
          return;
        }
        const step = (await stepsOfJob(on, row.id, row.round)).find(
          ({ id, superseded }) => id === backToStepId && !superseded,
        );
        if (!step) {
          throw invalid([{ field: 'backToStepId', message: 'This step is not part of the plan' }]);
        }
        await reopenStepsFrom(on, row.id, step.id);
        await setNextRound(on, row.id);
        await log('sent back', `failed the test, back to "${textOf(step.step.title)}"`);
      },
    );
    response.json(job);
  });

  router.post(
    '/jobs/:id/verdict/undo',
    allow('owner', 'bench'),
    wayBack(pool, {
      from: 'ready',
      what: 'Testing again',
      undo: (on, row) => setStage(on, row.id, 'testing'),
      text: 'undid "passed": the edge is under test again',
    }),
  );

  return router;
};
