/** The rack: stones, plates, films and strops. */
import { changeStoneSchema, stoneSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { conflict, notFound } from '../http/errors';
import { allow, bodyOf, pathId } from '../http/request';
import { addStone, changeStone, findStone, listStones } from './queries';

export const stoneRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/stones', allow(), async (_request, response) => {
    response.json(await listStones(pool));
  });

  router.post('/stones', allow('owner', 'bench'), async (request, response) => {
    const id = await addStone(pool, bodyOf(stoneSchema, request));
    response.status(201).json(await findStone(pool, id));
  });

  router.put('/stones/:id', allow('owner', 'bench'), async (request, response) => {
    const id = pathId(request, 'id', 'This stone');
    const { version, ...body } = bodyOf(changeStoneSchema, request);
    const before = await findStone(pool, id);
    if (!before) throw notFound('This stone');
    if (!(await changeStone(pool, id, version, body))) {
      throw conflict(
        `${before.name} was changed by someone else; look at it again`,
        before.version,
      );
    }
    response.json(await findStone(pool, id));
  });

  return router;
};
