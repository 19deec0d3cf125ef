/** Photographs of a blade, with marks and notes on them. */
import {
  MOST_PHOTOGRAPH_BYTES,
  MOST_PHOTOGRAPHS,
  photographSchema,
  type Job,
} from '@patient-edge/contract';
import { Router, type RequestHandler } from 'express';
import multer, { MulterError } from 'multer';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { invalid, notFound } from '../http/errors';
import { allow, pathId, bodyOf, staffOf } from '../http/request';
import { readJob } from '../jobs/job';
import { addEvent, lockJobRow } from '../jobs/queries';
import { toPicture } from './picture';
import {
  addPhotograph,
  changePhotograph,
  countPhotographs,
  jobOfPhotograph,
  pictureOf,
  removePhotograph,
} from './queries';

const FIELD = 'photograph';
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
                ? `Photograph: must be at most ${megabytes} MB`
                : `Photograph: one file is expected (${error.message})`,
          },
        ]),
      );
      return;
    }
    next(error);
  });
};

export const photographRoutes = (pool: Pool): Router => {
  const router = Router();

  router.post('/jobs/:id/photographs', allow(), readUpload, async (request, response) => {
    const staff = staffOf(request);
    const jobId = pathId(request, 'id', 'This blade');
    const { file } = request;
    if (!file) throw invalid([{ field: FIELD, message: 'Photograph is missing' }]);
    const picture = await toPicture(file.buffer);
    await inTransaction(pool, async (on) => {
      const row = await lockJobRow(on, jobId);
      if (!row) throw notFound('This blade');
      if ((await countPhotographs(on, jobId)) >= MOST_PHOTOGRAPHS) {
        throw invalid([
          {
            field: FIELD,
            message: `Photograph: at most ${MOST_PHOTOGRAPHS} of one visit are kept`,
          },
        ]);
      }
      await addPhotograph(on, jobId, staff.id, picture);
      await addEvent(on, { jobId, staffId: staff.id, kind: 'photograph', text: 'photographed it' });
    });
    response.status(201).json((await readJob(pool, jobId)) satisfies Job);
  });

  for (const size of ['full', 'small'] as const) {
    router.get(`/photographs/:id/${size}.jpg`, allow(), async (request, response) => {
      const picture = await pictureOf(pool, pathId(request, 'id', 'This photograph'), size);
      if (!picture) throw notFound('This photograph');
      response
        .type('image/jpeg')
        // A picture never changes under its number; it is for those signed in only.
        .set('Cache-Control', 'private, max-age=31536000, immutable')
        .send(picture);
    });
  }

  const ofPhotograph = async (id: number): Promise<number> => {
    const jobId = await jobOfPhotograph(pool, id);
    if (jobId === undefined) throw notFound('This photograph');
    return jobId;
  };

  router.put('/photographs/:id', allow(), async (request, response) => {
    const id = pathId(request, 'id', 'This photograph');
    const body = bodyOf(photographSchema, request);
    const jobId = await ofPhotograph(id);
    await changePhotograph(pool, id, body);
    response.json(await readJob(pool, jobId));
  });

  router.delete('/photographs/:id', allow(), async (request, response) => {
    const id = pathId(request, 'id', 'This photograph');
    const jobId = await ofPhotograph(id);
    await removePhotograph(pool, id);
    response.json(await readJob(pool, jobId));
  });

  return router;
};
