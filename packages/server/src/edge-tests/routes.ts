/** Edge tests before and after, and the verdict: on to the customer, or back to a named step. */
import {
  readingsSchema,
  testsInUseSchema,
  verdictSchema,
  type TestsInUse,
} from '@patient-edge/contract';
import { findUse, judgeEdge, say, verdictReasons, type Message } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { reopenStepsFrom, stepsOfJob } from '../bench/queries';
import { invalid } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { changeJob } from '../jobs/job';
import { addEvent, setNextRound, setStage } from '../jobs/queries';
import { wayBack } from '../jobs/reopen';
import { withdrawMessages } from '../messages/queries';
import { tellWhenReady } from '../messages/write';
import { reckonBill } from '../money/reckon';
import {
  confirmedCauses,
  saveReadings,
  setCauseConfirmed,
  setTestsInUse,
  suspectCause,
  testRoundsOfJob,
  testsInUse,
} from './queries';

/** Readings before the work belong to no round of it. */
const BEFORE_ROUND = 0;

export const edgeTestRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/tests-in-use', allow(), async (_request, response) => {
    const tests: TestsInUse = { inUse: await testsInUse(pool) };
    response.json(tests);
  });

  router.put('/tests-in-use', allow('owner', 'bench'), async (request, response) => {
    const { inUse } = bodyOf(testsInUseSchema, request);
    await setTestsInUse(pool, inUse);
    response.json({ inUse });
  });

  router.get('/confirmed-causes', allow(), async (_request, response) => {
    response.json(await confirmedCauses(pool));
  });

  router.put('/jobs/:id/readings', mayDo('test after'), async (request, response) => {
    const { version, phase, readings } = bodyOf(readingsSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      phase === 'before' ? 'test before' : 'test after',
      async (db, row) => {
        await saveReadings(
          db,
          row.id,
          phase,
          phase === 'before' ? BEFORE_ROUND : row.round,
          readings,
        );
      },
    );
    response.json(job);
  });

  router.post('/jobs/:id/verdict', mayDo('pass'), async (request, response) => {
    const staff = staffOf(request);
    const { version, backToStepId, cause, note } = bodyOf(verdictSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      backToStepId === null ? 'pass' : 'send back',
      async (db, row) => {
        const after = (await testRoundsOfJob(db, row.id)).find(
          ({ phase, round }) => phase === 'after' && round === row.round,
        );
        const judged = judgeEdge(after!.readings, findUse(row.useId), await testsInUse(db));
        const { verdict } = judged;
        const log = (kind: string, message: Message) =>
          addEvent(db, { jobId: row.id, staffId: staff.id, kind, message });
        if (backToStepId === null) {
          if (verdict !== 'meets' && verdict !== 'meets with remarks') {
            throw invalid([
              {
                field: 'verdict',
                message: `The edge is ${verdict}: ${verdictReasons(judged).join('; ')}`,
              },
            ]);
          }
          await setStage(db, row.id, 'ready');
          await reckonBill(db, row);
          await tellWhenReady(db, row.customerId, row.promisedOn);
          await setCauseConfirmed(db, row.id, row.round, true);
          await log('passed', say('event.passed', { verdict, note: note ?? '' }));
          return;
        }
        const step = (await stepsOfJob(db, row.id, row.round)).find(
          ({ id, superseded }) => id === backToStepId && !superseded,
        );
        if (!step) {
          throw invalid([{ field: 'backToStepId', message: 'This step is not part of the plan' }]);
        }
        await reopenStepsFrom(db, row.id, step.id);
        if (cause !== null) await suspectCause(db, row.id, row.round, cause);
        await setNextRound(db, row.id);
        await log('sent back', say('event.sent-back', { step: step.step.title, note: note ?? '' }));
      },
    );
    response.json(job);
  });

  router.post(
    '/jobs/:id/verdict/undo',
    ...wayBack(pool, {
      action: 'undo pass',
      undo: async (db, row) => {
        await setStage(db, row.id, 'testing');
        await setCauseConfirmed(db, row.id, row.round, false);
        await withdrawMessages(db, 'job_id', row.id);
      },
      event: say('event.pass-undone'),
    }),
  );

  return router;
};
