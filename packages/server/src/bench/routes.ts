/** At the bench: begin, keep the work of a step as it happens, leave a step through its gate. */
import {
  finishStepSchema,
  replanSchema,
  reworkOfJob,
  versionSchema,
  workSchema,
  type StepRecord,
} from '@patient-edge/contract';
import {
  ABOUT_THE_BLADE,
  asksMissing,
  asksOfStep,
  gateOf,
  isForgotten,
  LONGEST_RUN_S,
  withoutYes,
  can,
  say,
  sideMissing,
  ZONES,
  type Zone,
} from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Compute } from '../compute/compute';
import { inTransaction, type Queryable } from '../database/pool';
import { ApiError, conflict, notFound } from '../http/errors';
import { bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { jobRoute } from '../jobs/job-route';
import { consentsOfJob, lastAnswers } from '../judge/queries';
import { testRoundsOfJob, testsInUse } from '../edge-tests/queries';
import { inHandOf, stateFor } from '../jobs/job';
import { lockJobRow, setInHand, setStage, type JobRow } from '../jobs/queries';
import {
  finishStep,
  keepForecasts,
  reopenStep,
  reopenStepsFrom,
  replaceBurr,
  saveWork,
  stepsOfJob,
  stopClocks,
} from './queries';
import { ratesOfBlade } from '../record/rates';
import { planWhatIsLeft } from './what-is-left';
import { STRINGS } from './strings';

const isBegun = ({
  strokesRight,
  strokesLeft,
  workedSeconds,
  runningSeconds,
}: StepRecord): boolean =>
  strokesRight + strokesLeft + workedSeconds > 0 || runningSeconds !== null;

/** A step that asks the customer something stands until the answer is yes. */
const mustBeAllowed = async (db: Queryable, { asks }: StepRecord, row: JobRow): Promise<void> => {
  // Most steps ask nothing: their strokes wait for no further question to the records.
  if (asks.length === 0) return;
  const [open] = withoutYes(asks, await consentsOfJob(db, row.id));
  if (!open) return;
  throw new ApiError(409, 'ASK_FIRST', `Ask the customer first: “${open.text}”`, {
    currentVersion: row.version,
  });
};

/** Where a burr is felt for: everywhere, or where the round before failed. */
const zonesToFeel = async (db: Queryable, row: JobRow): Promise<readonly Zone[]> =>
  row.round < 2
    ? ZONES
    : (reworkOfJob({
        tests: await testRoundsOfJob(db, row.id),
        round: row.round,
        useId: row.useId,
        testsInUse: await testsInUse(db),
        plan: row.planRecord,
      })?.zones ?? ZONES);

/** Looked at so often, ms: not every stroke writes who made it. */
const IN_HAND_EVERY_MS = 60_000;

/** Whoever works a blade that nobody else has in hand has it then; what is another's is taken over by a press alone. */
const takeInHand = async (db: Queryable, row: JobRow, staffId: number): Promise<void> => {
  const held = inHandOf(row);
  if (held && held.staffId !== staffId) return;
  const isFresh = held !== null && Date.now() - row.inHandAt!.getTime() < IN_HAND_EVERY_MS;
  if (!isFresh) await setInHand(db, row.id, staffId);
};

export const benchRoutes = (pool: Pool, compute: Compute): Router => {
  const router = Router();

  router.post(
    '/jobs/:id/bench',
    ...jobRoute(pool, {
      action: 'start work',
      body: versionSchema,
      work: async ({ db, row, staff, log }) => {
        const steps = await stepsOfJob(db, row.id, row.round);
        const matters = new Set([
          ...ABOUT_THE_BLADE,
          ...steps.flatMap(({ superseded, asks }) => (superseded ? [] : asks.map(({ id }) => id))),
        ]);
        const refused = [...lastAnswers(await consentsOfJob(db, row.id)).values()].find(
          ({ matter, answer }) => answer === 'no' && matters.has(matter),
        );
        if (refused) {
          throw conflict(STRINGS.theCustomerSaidNoChangeThe(refused.text), row.version);
        }
        await setStage(db, row.id, 'on the bench');
        await keepForecasts(db, row.id, row.steel, await ratesOfBlade(db, row.steel, staff.id));
        await log('bench', say('event.started'));
      },
    }),
  );

  router.put('/jobs/:id/steps/:stepId/work', mayDo('work step'), async (request, response) => {
    const jobId = pathId(request, 'id', STRINGS.thisBlade);
    const stepId = pathId(request, 'stepId', STRINGS.thisStep);
    const body = bodyOf(workSchema, request);
    const step = await inTransaction(pool, async (db) => {
      const row = await lockJobRow(db, jobId);
      if (!row) throw notFound(STRINGS.thisBlade);
      const before = (await stepsOfJob(db, jobId, row.round)).find(({ id }) => id === stepId);
      if (!before) throw notFound(STRINGS.thisStep);
      if (before.status === 'done' || !can(await stateFor('work step', db, row), 'work step')) {
        throw conflict(STRINGS.thisStepHasBeenLeftThe, before.revision);
      }
      // What was begun with a yes is kept whatever was said later: strokes are not lost.
      if (!isBegun(before)) await mustBeAllowed(db, before, row);
      if (!(await saveWork(db, stepId, body))) {
        throw conflict(STRINGS.thisStepIsBeingWorkedAt, before.revision);
      }
      await replaceBurr(db, stepId, row.round, body.burr);
      await takeInHand(db, row, staffOf(request).id);
      return { ...before, ...body, revision: body.revision + 1 } satisfies StepRecord;
    });
    response.json(step);
  });

  router.post(
    '/jobs/:id/steps/:stepId/finish',
    ...jobRoute(pool, {
      action: 'finish step',
      body: finishStepSchema,
      work: async ({ db, row, body: { overrideReason, shown }, request, staff, log }) => {
        const stepId = pathId(request, 'stepId', STRINGS.thisStep);
        const steps = (await stepsOfJob(db, row.id, row.round)).filter(
          ({ superseded }) => !superseded,
        );
        const open = steps.find(({ status }) => status === 'to do');
        if (!steps.some(({ id }) => id === stepId)) throw notFound(STRINGS.thisStep);
        if (open?.id !== stepId) {
          throw conflict(STRINGS.anotherStepIsOpenTheSteps, row.version);
        }
        await mustBeAllowed(db, open, row);
        if (isForgotten(open.runningSeconds)) {
          throw new ApiError(
            422,
            'HOW_LONG',
            `The clock has run for more than ${LONGEST_RUN_S / 3600} hours: say how long you worked`,
            { fields: [{ field: 'runningSeconds', message: STRINGS.howLongDidYouWork }] },
          );
        }
        const gate = gateOf(
          open.step.gate,
          row.planRecord!.choices.burrPolicy,
          open.burr,
          open.step.burrOn,
          await zonesToFeel(db, row),
        );
        const missing = [
          ...gate.missing,
          ...asksMissing(
            asksOfStep(open.step),
            [...shown, ...open.notes.shown],
            open.notes.readings,
            open.step.afterMm,
          ),
          ...sideMissing(open.step, {
            right: open.strokesRight - open.earlier.right,
            left: open.strokesLeft - open.earlier.left,
          }),
        ];
        const isOpen = missing.length === 0;
        if (!isOpen && overrideReason === null) {
          throw new ApiError(422, 'GATE_CLOSED', `Not yet: ${missing.join('; ')}`, {
            fields: [{ field: 'overrideReason', message: missing.join('; ') }],
          });
        }
        await finishStep(db, stepId, isOpen ? null : overrideReason, staff.id);
        const last = steps.at(-1)!.id === stepId;
        await setStage(db, row.id, last ? 'testing' : 'on the bench');
        await log(
          isOpen ? 'step' : 'override',
          isOpen
            ? say('event.step-done', {
                step: open.step.title,
                right: open.strokesRight,
                left: open.strokesLeft,
              })
            : say('event.check-skipped', { step: open.step.title, reason: overrideReason ?? '' }),
        );
      },
    }),
  );

  router.post(
    '/jobs/:id/steps/:stepId/undo',
    ...jobRoute(pool, {
      action: 'reopen step',
      body: versionSchema,
      work: async ({ db, row, request, log }) => {
        const stepId = pathId(request, 'stepId', STRINGS.thisStep);
        const steps = (await stepsOfJob(db, row.id, row.round)).filter(
          ({ superseded }) => !superseded,
        );
        const step = steps.find(({ id }) => id === stepId);
        if (!step) throw notFound(STRINGS.thisStep);
        if (steps.findLast(({ status }) => status === 'done')?.id !== stepId) {
          throw conflict(STRINGS.onlyTheStepDoneLastCan, row.version);
        }
        await stopClocks(db, row.id);
        await reopenStep(db, stepId);
        await setStage(db, row.id, 'on the bench');
        await log('reopened', say('event.step-reopened', { step: step.step.title }));
      },
    }),
  );

  router.post(
    '/jobs/:id/steps/:stepId/back-to',
    ...jobRoute(pool, {
      action: 'reopen step',
      body: versionSchema,
      work: async ({ db, row, request, log }) => {
        const stepId = pathId(request, 'stepId', STRINGS.thisStep);
        const step = (await stepsOfJob(db, row.id, row.round)).find(
          ({ id, superseded }) => id === stepId && !superseded,
        );
        if (!step) throw notFound(STRINGS.thisStep);
        if (step.status !== 'done') {
          throw conflict(STRINGS.thisStepIsNotDoneYet, row.version);
        }
        await stopClocks(db, row.id);
        await reopenStepsFrom(db, row.id, stepId);
        await setStage(db, row.id, 'on the bench');
        await log('reopened', say('event.back-to-step', { step: step.step.title }));
      },
    }),
  );

  router.post(
    '/jobs/:id/take-over',
    ...jobRoute(pool, {
      action: 'work step',
      body: versionSchema,
      work: async ({ db, row, staff, log }) => {
        const held = inHandOf(row);
        // Their clock stands: nobody works it twice at once.
        await stopClocks(db, row.id);
        await setInHand(db, row.id, staff.id);
        if (held && held.staffId !== staff.id) {
          await log('bench', say('event.taken-over', { from: held.name }));
        }
      },
    }),
  );

  router.post(
    '/jobs/:id/replan',
    ...jobRoute(pool, {
      action: 'approve plan',
      body: replanSchema,
      work: async ({ db, row, body: { measured }, staff, log }) => {
        if (row.stage !== 'on the bench') {
          throw conflict(STRINGS.onlyWorkOnTheBenchIs, row.version);
        }
        const { steps, text } = await planWhatIsLeft(db, compute, row, measured, staff.id);
        await log('planned', say('event.replanned', { measured: text, steps }));
      },
    }),
  );

  return router;
};
