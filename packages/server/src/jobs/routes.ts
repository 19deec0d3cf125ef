/** A visit of a blade: take in, correct, look at, decline. */
import {
  correctIntakeSchema,
  declineSchema,
  dropOffSchema,
  promiseSchema,
  takeInSchema,
  type DropOffAnswer,
} from '@patient-edge/contract';
import { say } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { updateBlade } from '../blades/queries';
import { deleteUnworkedSteps, stopClocks } from '../bench/queries';
import { refusedKeyOf } from '../database/pool';
import { withIdempotency } from '../http/idempotency';
import { invalid } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { withPlace } from '../places/place-of';
import { listPlaces } from '../places/queries';
import { readBoard } from '../shop/routes';
import { completeIntake, lastSeen } from './complete-intake';
import { changeJobIn, readJob } from './job';
import { jobRoute } from './job-route';
import {
  addEvent,
  clearPlan,
  nextTag,
  replaceDamage,
  setDeclined,
  setPromised,
  undoDeclined,
  updateIntake,
} from './queries';
import { wayBack } from './reopen';
import { checkSteel, dropOff, takeIn } from './take-in';
import { STRINGS } from './strings';

/** Two counters gave out the same tag, or took in the same blade, at the same moment. */
const unlessTaken = async <T>(field: string, write: () => Promise<T>): Promise<T> => {
  try {
    return await write();
  } catch (error) {
    const key = refusedKeyOf(error);
    if (key === null) throw error;
    const isTag = key === 'job_tag_in_use';
    throw invalid([
      {
        field: field || (isTag ? 'tagNumber' : 'bladeId'),
        message: isTag ? STRINGS.thisTagWasJustGivenTo : STRINGS.thisBladeWasJustTakenIn,
      },
    ]);
  }
};

export const jobRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/next-tag', allow(), async (_request, response) => {
    response.json(await nextTag(pool));
  });

  router.post('/jobs', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(takeInSchema, request);
    const { id } = await unlessTaken('', () =>
      withIdempotency(pool, request, body, {
        work: async (db) => ({ id: await takeIn(db, body, staff, new Date()) }),
        madeInWords: () => STRINGS.aBladeWas,
      }),
    );
    response.status(201).json(await readJob(pool, id));
  });

  router.post('/drop-offs', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(dropOffSchema, request);
    const { ids } = await unlessTaken('blades', () =>
      withIdempotency(pool, request, body, {
        work: async (db) => ({
          ids: await dropOff(db, body, staff, new Date()),
          tagNumbers: body.blades.map(({ tagNumber }) => tagNumber),
        }),
        madeInWords: ({ tagNumbers }) =>
          tagNumbers.length === 1
            ? STRINGS.theBladeOnTagWas(tagNumbers[0])
            : STRINGS.theBladesOnTagsWere(tagNumbers.join(', ')),
      }),
    );
    const jobs = await Promise.all(ids.map((id) => readJob(pool, id)));
    response.status(201).json({ jobs } satisfies DropOffAnswer);
  });

  router.get('/jobs/:id', allow(), async (request, response) => {
    response.json(await readJob(pool, pathId(request, 'id', STRINGS.thisBlade)));
  });

  router.put(
    '/jobs/:id/intake',
    ...jobRoute(pool, {
      action: 'correct intake',
      body: correctIntakeSchema,
      work: async ({ db, row, body, log }) => {
        await checkSteel(db, body.steel);
        await updateBlade(db, row.bladeId, {
          name: body.bladeName,
          kind: body.kindId,
          steel: body.steel,
        });
        await updateIntake(
          db,
          row.id,
          completeIntake(await withPlace(db, body), await lastSeen(db, row.bladeId, row.id)),
        );
        await replaceDamage(db, row.id, body.damage);
        await deleteUnworkedSteps(db, row.id);
        // The plan was made for other measurements.
        await clearPlan(db, row.id);
        await log('corrected', say('event.corrected'));
      },
    }),
  );

  /** All of them, or none. */
  router.post('/promises', mayDo('promise'), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(promiseSchema, request);
    await withIdempotency(pool, request, body, {
      work: async (db) => {
        const { promisedOn, placeId } = await withPlace(db, body);
        const place = (await listPlaces(db)).find(({ id }) => id === placeId)?.name ?? '';
        for (const { jobId, version } of body.blades) {
          await changeJobIn(db, jobId, version, 'promise', async (_db, row) => {
            await setPromised(db, row.id, promisedOn, placeId);
            await addEvent(db, {
              jobId: row.id,
              staffId: staff.id,
              kind: 'promised',
              message: say('event.promised', { day: promisedOn, place }),
            });
          });
        }
        return { jobIds: body.blades.map(({ jobId }) => jobId) };
      },
      madeInWords: ({ jobIds }) => STRINGS.promisesWere(jobIds.length),
    });
    response.json(await readBoard(pool));
  });

  router.post(
    '/jobs/:id/decline',
    ...jobRoute(pool, {
      action: 'decline',
      body: declineSchema,
      work: async ({ db, row, body: { reason }, log }) => {
        await stopClocks(db, row.id);
        await setDeclined(db, row.id, reason);
        await log('declined', say('event.declined', { reason }));
      },
    }),
  );

  router.post(
    '/jobs/:id/decline/undo',
    ...wayBack(pool, {
      action: 'undo decline',
      undo: (db, row) => undoDeclined(db, row.id),
      event: say('event.decline-undone'),
    }),
  );

  return router;
};
