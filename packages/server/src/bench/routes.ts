/** At the bench: begin, keep the work of a step as it happens, leave a step through its gate. */
import {
  finishStepSchema,
  versionSchema,
  workSchema,
  type StepRecord,
} from '@patient-edge/contract';
import { gateOf, secondsWorked } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { ApiError, conflict, notFound } from '../http/errors';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { consentsOfJob, lastAnswers } from '../judge/queries';
import { changeJob, mustBeAt } from '../jobs/job';
import { addEvent, lockJobRow, setStage } from '../jobs/queries';
import { finishStep, replaceBurr, saveWork, stepsOfJob } from './queries';

export const benchRoutes = (pool: Pool): Router => {
  const router = Router();
  router.use('/jobs/:id/bench', allow('owner', 'bench'));
  router.use('/jobs/:id/steps', allow('owner', 'bench'));

  router.post('/jobs/:id/bench', async (request, response) => {
    const staff = staffOf(request);
    const { version } = bodyOf(versionSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        mustBeAt(row, ['planned'], 'Beginning at the bench');
        const refused = [...lastAnswers(await consentsOfJob(on, row.id)).values()].find(
          ({ answer }) => answer === 'no',
        );
        if (refused) {
          throw conflict(
            `The owner said no: "${refused.words}" Change the plan or ask again first`,
            row.version,
          );
        }
        const taps = (await stepsOfJob(on, row.id, row.round)).some(
          ({ superseded, step }) => !superseded && step.operation === 'tapping',
        );
        const said = lastAnswers(await consentsOfJob(on, row.id)).get('tapping');
        if (taps && said?.answer !== 'yes') {
          throw conflict(
            'Tapping out the back wants the owner’s yes in writing first: ask on the judgement page',
            row.version,
          );
        }
        await setStage(on, row.id, 'on the bench');
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'bench',
          text: 'began at the bench; cautions read',
        });
      },
    );
    response.json(job);
  });

  router.put('/jobs/:id/steps/:stepId/work', async (request, response) => {
    const jobId = pathId(request, 'id', 'This blade');
    const stepId = pathId(request, 'stepId', 'This step');
    const body = bodyOf(workSchema, request);
    const step = await inTransaction(pool, async (on) => {
      const row = await lockJobRow(on, jobId);
      if (!row) throw notFound('This blade');
      const before = (await stepsOfJob(on, jobId, row.round)).find(({ id }) => id === stepId);
      if (!before) throw notFound('This step');
      if (before.status === 'done' || row.stage !== 'on the bench') {
        throw conflict(
          'This step has been left; the work on it is kept as it was',
          before.revision,
        );
      }
      if (!(await saveWork(on, stepId, body))) {
        throw conflict('This step is being worked at another place too', before.revision);
      }
      await replaceBurr(on, stepId, row.round, body.burr);
      return { ...before, ...body, revision: body.revision + 1 } satisfies StepRecord;
    });
    response.json(step);
  });

  router.post('/jobs/:id/steps/:stepId/finish', async (request, response) => {
    const staff = staffOf(request);
    const stepId = pathId(request, 'stepId', 'This step');
    const { version, overrideReason } = bodyOf(finishStepSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        mustBeAt(row, ['on the bench'], 'Leaving a step');
        const steps = (await stepsOfJob(on, row.id, row.round)).filter(
          ({ superseded }) => !superseded,
        );
        const open = steps.find(({ status }) => status === 'to do');
        if (!steps.some(({ id }) => id === stepId)) throw notFound('This step');
        if (open?.id !== stepId) {
          throw conflict('Another step is open: the steps are left in their order', row.version);
        }
        const gate = gateOf(
          open.step.gate,
          row.planRecord!.choices.burrPolicy,
          open.burr,
          open.step.burrOn,
        );
        if (!gate.open && overrideReason === null) {
          throw new ApiError(422, 'GATE_CLOSED', `Not yet: ${gate.missing.join('; ')}`, {
            fields: [{ field: 'overrideReason', message: gate.missing.join('; ') }],
          });
        }
        await finishStep(
          on,
          stepId,
          secondsWorked(open, Date.now()),
          gate.open ? null : overrideReason,
        );
        const last = steps.at(-1)!.id === stepId;
        await setStage(on, row.id, last ? 'testing' : 'on the bench');
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: gate.open ? 'step' : 'override',
          text: gate.open
            ? `${open.step.title}: done, ${open.strokesRight} right and ${open.strokesLeft} left`
            : `${open.step.title}: left in spite of the check (${overrideReason})`,
        });
      },
    );
    response.json(job);
  });

  return router;
};
