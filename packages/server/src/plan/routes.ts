/** Settling a plan, its versions, the shop's habits and its templates. */
import {
  habitsSchema,
  planSchema,
  templateSchema,
  type TemplateBody,
} from '@patient-edge/contract';
import { habitsOf, templateOf, withDefaults, say } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Compute } from '../compute/compute';
import { inTransaction } from '../database/pool';
import { ApiError, conflict, notFound } from '../http/errors';
import { noteChanged } from '../history/note';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { jobRoute } from '../jobs/job-route';
import { findJobRow } from '../jobs/queries';
import { makePlan } from './make-plan';
import {
  addTemplate,
  listTemplates,
  readHabits,
  removeTemplate,
  versionsOfJob,
  writeHabits,
} from './queries';
import { STRINGS } from './strings';

const THIS = STRINGS.thisBlade;
const TEMPLATE = STRINGS.thisTemplate;

export const planRoutes = (pool: Pool, compute: Compute): Router => {
  const router = Router();
  const mayPlan = mayDo('change habits');

  router.put(
    '/jobs/:id/plan',
    ...jobRoute(pool, {
      action: 'approve plan',
      body: planSchema,
      work: async ({ db, row, body: { choices, reason }, staff, log }) => {
        const plan = await makePlan(db, compute, row, choices, { staffId: staff.id, reason });
        const changes = choices.changes.length + choices.added.length;
        await log(
          'planned',
          say('event.planned', {
            angleDeg: plan.angle.angleDeg,
            inclusiveDeg: plan.report.figures.angleInclusive.value,
            steps: plan.work.steps.length,
            changes,
            reason: reason ?? '',
          }),
        );
      },
    }),
  );

  router.get('/jobs/:id/plan/versions', allow(), async (request, response) => {
    response.json(await versionsOfJob(pool, pathId(request, 'id', THIS)));
  });

  router.get('/habits', allow(), async (_request, response) => {
    response.json(await readHabits(pool));
  });

  router.put('/habits', mayPlan, async (request, response) => {
    const { choices, version } = bodyOf(habitsSchema, request);
    const habits = await inTransaction(pool, async (db) => {
      const before = await readHabits(db);
      if (!(await writeHabits(db, { choices: habitsOf(choices), version }))) {
        throw conflict(STRINGS.theHabitsWereChangedBySomeone, before.version);
      }
      await noteChanged(db, request, STRINGS.theHabits);
      return readHabits(db);
    });
    response.json(habits);
  });

  router.get('/templates', allow(), async (_request, response) => {
    response.json(await listTemplates(pool));
  });

  router.post('/jobs/:id/templates', mayPlan, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const body: TemplateBody = bodyOf(templateSchema, request);
    const row = await findJobRow(pool, id);
    if (!row) throw notFound(THIS);
    if (!row.planRecord) throw conflict(STRINGS.thereIsNoPlanToKeep, row.version);
    const choices = templateOf(withDefaults(row.planRecord.choices));
    if (!(await addTemplate(pool, row.kindId, body, choices, id, staffOf(request).id))) {
      throw new ApiError(409, 'TAKEN', 'A template of this kind has that name', {
        fields: [{ field: 'name', message: STRINGS.nameIsTakenForThisKind(body.name) }],
      });
    }
    response.status(201).json(await listTemplates(pool));
  });

  router.delete('/templates/:id', mayPlan, async (request, response) => {
    if (!(await removeTemplate(pool, pathId(request, 'id', TEMPLATE)))) throw notFound(TEMPLATE);
    response.json(await listTemplates(pool));
  });

  return router;
};
