/** A visit of a blade: take in, correct, look at, decline. */
import {
  correctIntakeSchema,
  declineSchema,
  dropOffSchema,
  takeInSchema,
  type DropOffAnswer,
} from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { updateBlade } from '../blades/queries';
import { deleteUnworkedSteps } from '../bench/queries';
import { DUPLICATE_ENTRY, errnoOf } from '../database/pool';
import { onceOnly } from '../http/idempotency';
import { invalid } from '../http/errors';
import { allow, bodyOf, idempotencyKey, pathId, staffOf } from '../http/request';
import { completeIntake, lastSeen } from './complete-intake';
import { changeJob, mustBeAt, readJob } from './job';
import {
  addEvent,
  clearPlan,
  nextTagNumber,
  replaceDamage,
  setDeclined,
  updateIntake,
} from './queries';
import { checkSteel, dropOff, takeIn } from './take-in';

export const jobRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/next-tag', allow(), async (_request, response) => {
    response.json({ tagNumber: await nextTagNumber(pool) });
  });

  router.post('/jobs', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(takeInSchema, request);
    try {
      const { id } = await onceOnly(pool, idempotencyKey(request), staff.id, async (on) => ({
        id: await takeIn(on, body, staff, new Date()),
      }));
      response.status(201).json(await readJob(pool, id));
    } catch (error) {
      // Two counters handed out the same tag at the same moment.
      if (errnoOf(error) !== DUPLICATE_ENTRY) throw error;
      throw invalid([
        { field: 'tagNumber', message: `Tag ${body.tagNumber} was just given to another blade` },
      ]);
    }
  });

  router.post('/drop-offs', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(dropOffSchema, request);
    try {
      const { ids } = await onceOnly(pool, idempotencyKey(request), staff.id, async (on) => ({
        ids: await dropOff(on, body, staff, new Date()),
      }));
      const jobs = await Promise.all(ids.map((id) => readJob(pool, id)));
      response.status(201).json({ jobs } satisfies DropOffAnswer);
    } catch (error) {
      if (errnoOf(error) !== DUPLICATE_ENTRY) throw error;
      throw invalid([
        { field: 'blades', message: 'One of these tags was just given to another blade' },
      ]);
    }
  });

  router.get('/jobs/:id', allow(), async (request, response) => {
    response.json(await readJob(pool, pathId(request, 'id', 'This blade')));
  });

  router.put('/jobs/:id/intake', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(correctIntakeSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      body.version,
      async (on, row) => {
        mustBeAt(row, ['taken in', 'planned'], 'Correcting the intake');
        await checkSteel(on, body.steel);
        await updateBlade(on, row.bladeId, {
          name: body.bladeName,
          kind: body.kindId,
          steel: body.steel,
        });
        await updateIntake(on, row.id, completeIntake(body, await lastSeen(on, row.bladeId)));
        await replaceDamage(on, row.id, body.damage);
        await deleteUnworkedSteps(on, row.id);
        // The plan was made for other measurements.
        await clearPlan(on, row.id);
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'corrected',
          text: 'corrected the intake; the plan is to be made again',
        });
      },
    );
    response.json(job);
  });

  router.post('/jobs/:id/decline', allow(), async (request, response) => {
    const staff = staffOf(request);
    const { version, reason } = bodyOf(declineSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        mustBeAt(row, ['taken in', 'planned', 'on the bench'], 'Declining');
        await setDeclined(on, row.id, reason);
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'declined',
          text: `declined: ${reason}`,
        });
      },
    );
    response.json(job);
  });

  return router;
};
