/** Photographs of a blade, with marks and notes on them. */
import { say } from '@patient-edge/core';
import {
  MOST_PHOTOGRAPH_BYTES,
  microscopeSchema,
  MOST_PHOTOGRAPHS,
  photographSchema,
  versionQuerySchema,
  type Job,
} from '@patient-edge/contract';
import type { Microscope } from '@patient-edge/devices';
import { Router, type Request, type RequestHandler } from 'express';
import multer, { MulterError } from 'multer';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { ApiError, conflict, invalid, notFound } from '../http/errors';
import { withIdempotency } from '../http/idempotency';
import { allow, bodyOf, doneAt, pathId, queryOf, staffOf } from '../http/request';
import { readJob } from '../jobs/job';
import { addEvent, lockJobRow, type JobRow } from '../jobs/queries';
import { toPicture, type Picture } from './picture';
import {
  addPhotograph,
  changePhotograph,
  countPhotographs,
  jobOfPhotograph,
  pictureOf,
  removePhotograph,
  versionOfPhotograph,
} from './queries';
import { STRINGS } from './strings';

const FIELD = 'photograph';
const THIS = STRINGS.thisPhotograph;
const upload = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: MOST_PHOTOGRAPH_BYTES, files: 1, fields: 0 },
}).single(FIELD);

/** The file of the request in memory; what is too large is refused before it is read whole. */
const readUpload: RequestHandler = (request, response, next) => {
  upload(request, response, (error: unknown) => {
    if (error instanceof MulterError) {
      const megabytes = MOST_PHOTOGRAPH_BYTES / 1024 / 1024;
      next(
        invalid([
          {
            field: FIELD,
            message:
              error.code === 'LIMIT_FILE_SIZE'
                ? STRINGS.photographMustBeAtMostMb(megabytes)
                : STRINGS.photographOneFileIsExpected(error.message),
          },
        ]),
      );
      return;
    }
    // Cut short, or no form at all: whatever the reader of forms says of it, it is the sender's.
    next(error && new ApiError(400, 'BAD_REQUEST', 'The photograph did not arrive whole'));
  });
};

/** The stand-in draws; what comes of it is a picture like any other. */
const drawnAsPng = async (svg: string): Promise<Buffer> =>
  (await import('sharp')).default(Buffer.from(svg)).png().toBuffer();

export const photographRoutes = (pool: Pool, microscope: Microscope | null): Router => {
  const router = Router();

  /** Keeps a picture of a blade, with its line of history. */
  const keepPicture = async (jobId: number, request: Request, picture: Picture): Promise<void> => {
    const staffId = staffOf(request).id;
    const work = async (db: PoolConnection): Promise<{ readonly jobId: number }> => {
      const row = await lockJobRow(db, jobId);
      if (!row) throw notFound(STRINGS.thisBlade);
      if ((await countPhotographs(db, jobId)) >= MOST_PHOTOGRAPHS) {
        throw invalid([
          {
            field: FIELD,
            message: STRINGS.photographAtMostOfOneVisit(MOST_PHOTOGRAPHS),
          },
        ]);
      }
      await addPhotograph(db, jobId, staffId, picture);
      await addEvent(db, {
        jobId,
        staffId,
        kind: 'photograph',
        message: say('event.photographed'),
        at: doneAt(request),
      });
      return { jobId };
    };
    await withIdempotency(pool, request, null, { work, madeInWords: () => STRINGS.aPhotographWas });
  };

  router.post('/jobs/:id/photographs', allow(), readUpload, async (request, response) => {
    const jobId = pathId(request, 'id', STRINGS.thisBlade);
    const { file } = request;
    if (!file) throw invalid([{ field: FIELD, message: STRINGS.photographIsMissing }]);
    const picture = await toPicture(file.buffer);
    await keepPicture(jobId, request, picture);
    response.status(201).json((await readJob(pool, jobId)) satisfies Job);
  });

  router.get('/devices/microscope', allow(), (_request, response) => {
    if (!microscope) throw notFound(STRINGS.aMicroscope);
    response.json(microscope.shots().map(({ name, shows }) => ({ name, shows })));
  });

  router.post('/jobs/:id/photographs/microscope', allow(), async (request, response) => {
    const jobId = pathId(request, 'id', STRINGS.thisBlade);
    const { shot } = bodyOf(microscopeSchema, request);
    const seen = microscope?.shots().find(({ name }) => name === shot);
    if (!seen) throw notFound(STRINGS.thisPictureOfTheMicroscope);
    await keepPicture(jobId, request, await toPicture(await drawnAsPng(seen.svg)));
    response.status(201).json((await readJob(pool, jobId)) satisfies Job);
  });

  for (const size of ['full', 'small'] as const) {
    router.get(`/photographs/:id/${size}.jpg`, allow(), async (request, response) => {
      const picture = await pictureOf(pool, pathId(request, 'id', THIS), size);
      if (!picture) throw notFound(THIS);
      response
        .type('image/jpeg')
        // A picture never changes under its number; it is for those signed in only.
        .set('Cache-Control', 'private, max-age=31536000, immutable')
        .send(picture);
    });
  }

  /** Changes a photograph as the caller saw it, under the lock of its job. */
  const change = async (
    id: number,
    version: number,
    work: (db: PoolConnection, row: JobRow) => Promise<void>,
  ): Promise<Job> => {
    const jobId = await jobOfPhotograph(pool, id);
    if (jobId === undefined) throw notFound(THIS);
    await inTransaction(pool, async (db) => {
      const row = await lockJobRow(db, jobId);
      const held = await versionOfPhotograph(db, id);
      if (!row || held === undefined) throw notFound(THIS);
      if (held !== version) {
        throw conflict(STRINGS.thisPhotographWasChangedBySomeone, held);
      }
      await work(db, row);
    });
    return readJob(pool, jobId);
  };

  router.put('/photographs/:id', allow(), async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, ...body } = bodyOf(photographSchema, request);
    response.json(
      await change(id, version, async (db) => {
        await changePhotograph(db, id, body);
      }),
    );
  });

  router.delete('/photographs/:id', allow(), async (request, response) => {
    const staff = staffOf(request);
    const id = pathId(request, 'id', THIS);
    const { version } = queryOf(versionQuerySchema, request);
    response.json(
      await change(id, version, async (db, row) => {
        if (row.stage === 'returned') {
          throw conflict(STRINGS.theBladeHasGoneHomeIts, version);
        }
        await removePhotograph(db, id);
        await addEvent(db, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'photograph',
          message: say('event.photograph-deleted'),
        });
      }),
    );
  });

  return router;
};
