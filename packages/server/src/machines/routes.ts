/** Belts, wheels, clamp rigs and tables, and the test cuts that calibrate them. */
import { changeMachineSchema, machineSchema, testCutSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { conflict, notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import {
  addMachine,
  addTestCut,
  changeMachine,
  findMachine,
  listMachines,
  removeTestCut,
} from './queries';
import { STRINGS } from './strings';

const THIS = STRINGS.thisMachine;

export const machineRoutes = (pool: Pool): Router => {
  const router = Router();
  const mayChange = mayDo('change machines');

  router.get('/machines', allow(), async (_request, response) => {
    response.json(await listMachines(pool));
  });

  router.post('/machines', mayChange, async (request, response) => {
    const id = await addMachine(pool, bodyOf(machineSchema, request));
    response.status(201).json(await findMachine(pool, id));
  });

  router.put('/machines/:id', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, ...body } = bodyOf(changeMachineSchema, request);
    const before = await findMachine(pool, id);
    if (!before) throw notFound(THIS);
    if (!(await changeMachine(pool, id, version, body))) {
      throw conflict(STRINGS.wasChangedBySomeoneElseLook(before.name), before.version);
    }
    response.json(await findMachine(pool, id));
  });

  router.post('/machines/:id/cuts', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const body = bodyOf(testCutSchema, request);
    if (!(await findMachine(pool, id))) throw notFound(THIS);
    await addTestCut(pool, id, body, staffOf(request).id);
    response.status(201).json(await findMachine(pool, id));
  });

  router.delete('/machines/:id/cuts/:cutId', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    if (!(await removeTestCut(pool, id, pathId(request, 'cutId', STRINGS.thisTestCut)))) {
      throw notFound(STRINGS.thisTestCut);
    }
    response.json(await findMachine(pool, id));
  });

  return router;
};
