/** Edge tests before and after, and the verdict: on to the customer, or back to a named step. */
import {
  ownFaultsSchema,
  readingsSchema,
  testsInUseSchema,
  verdictSchema,
  type TestsInUse,
} from '@patient-edge/contract';
import {
  findUse,
  judgeEdge,
  say,
  verdictReasons,
  ZONES,
  type EdgeReadings,
  type Message,
  type TestBench,
} from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { reopenStepsFrom, stepsOfJob } from '../bench/queries';
import { invalid } from '../http/errors';
import { inTransaction } from '../database/pool';
import { noteChanged } from '../history/note';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { changeJob, changeJobOnce } from '../jobs/job';
import { addEvent, setNextRound, setStage } from '../jobs/queries';
import { wayBack } from '../jobs/reopen';
import { withdrawReady } from '../messages/queries';
import { tellWhenReady } from '../messages/write';
import { reckonBill } from '../money/reckon';
import {
  confirmedCauses,
  ownFaults,
  saveReadings,
  setCauseConfirmed,
  setOwnFaults,
  setTestsInUse,
  suspectCause,
  testRoundsOfJob,
  testsInUse,
} from './queries';
import { STRINGS } from './strings';

/** What was read of the shop's own tests must be one of their readings; what was taken out since is let stand. */
const mustBeOwn = (readings: EdgeReadings, { own }: TestBench): void => {
  for (const at of [...ZONES, 'blade'] as const) {
    const classes = at === 'blade' ? readings.blade : readings[at].classes;
    for (const test of own) {
      const read = classes[test.id];
      if (read === undefined || test.classes.some(({ id }) => id === read)) continue;
      const known = test.classes.map(({ id }) => id).join(', ');
      throw invalid([
        {
          field: `readings.${at}.${test.id}`,
          message: STRINGS.mustBeOneOfWasGiven(test.label, known, read),
        },
      ]);
    }
  }
};

/** Readings before the work belong to no round of it. */
const BEFORE_ROUND = 0;

export const edgeTestRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/tests-in-use', allow(), async (_request, response) => {
    const tests: TestsInUse = await testsInUse(pool);
    response.json(tests);
  });

  router.put('/tests-in-use', mayDo('change tests in use'), async (request, response) => {
    const tests: TestsInUse = bodyOf(testsInUseSchema, request);
    await inTransaction(pool, async (db) => {
      await setTestsInUse(db, tests);
      await noteChanged(db, request, STRINGS.theTestsInUse);
    });
    response.json(tests);
  });

  router.get('/own-faults', allow(), async (_request, response) => {
    response.json({ own: await ownFaults(pool) });
  });

  router.put('/own-faults', mayDo('change tests in use'), async (request, response) => {
    const { own } = bodyOf(ownFaultsSchema, request);
    await inTransaction(pool, async (db) => {
      await setOwnFaults(db, own);
      await noteChanged(db, request, STRINGS.theFaultRules);
    });
    response.json({ own });
  });

  router.get('/confirmed-causes', allow(), async (_request, response) => {
    response.json(await confirmedCauses(pool));
  });

  router.put('/jobs/:id/readings', mayDo('test after'), async (request, response) => {
    const body = bodyOf(readingsSchema, request);
    const { phase, readings } = body;
    const job = await changeJobOnce(
      pool,
      request,
      body,
      pathId(request, 'id', STRINGS.thisBlade),
      phase === 'before' ? 'test before' : 'test after',
      async (db, row) => {
        mustBeOwn(readings, await testsInUse(db));
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
      pathId(request, 'id', STRINGS.thisBlade),
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
                message: STRINGS.theEdgeIs(verdict, verdictReasons(judged).join('; ')),
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
          throw invalid([{ field: 'backToStepId', message: STRINGS.thisStepIsNotPartOf }]);
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
        await withdrawReady(db, row.customerId);
      },
      event: say('event.pass-undone'),
    }),
  );

  return router;
};
