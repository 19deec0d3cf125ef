/** Steels of the shop's own, beside the table of the trade. */
import { changeSteelSchema, steelSchema, type SteelBody } from '@patient-edge/contract';
import { findSteel } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { DUPLICATE_ENTRY, errnoOf } from '../database/pool';
import { conflict, invalid, notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId } from '../http/request';
import {
  addOwnSteel,
  bladesOfSteel,
  changeOwnSteel,
  findOwnSteel,
  listOwnSteels,
  removeOwnSteel,
} from './queries';
import { STRINGS } from './strings';

const THIS = STRINGS.thisSteel;

const taken = (designation: string) =>
  invalid([{ field: 'designation', message: STRINGS.designationIsInTheTableAlready(designation) }]);

/** Runs a write that a designation in use refuses. */
const unlessTaken = async <T>(body: SteelBody, write: () => Promise<T>): Promise<T> => {
  if (findSteel(body.designation)) throw taken(body.designation);
  try {
    return await write();
  } catch (error) {
    if (errnoOf(error) === DUPLICATE_ENTRY) throw taken(body.designation);
    throw error;
  }
};

export const steelRoutes = (pool: Pool): Router => {
  const router = Router();
  const mayChange = mayDo('change steels');

  router.get('/steels', allow(), async (_request, response) => {
    response.json(await listOwnSteels(pool));
  });

  router.post('/steels', mayChange, async (request, response) => {
    const body = bodyOf(steelSchema, request);
    const id = await unlessTaken(body, () => addOwnSteel(pool, body));
    response.status(201).json(await findOwnSteel(pool, id));
  });

  router.put('/steels/:id', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, ...body } = bodyOf(changeSteelSchema, request);
    const before = await findOwnSteel(pool, id);
    if (!before) throw notFound(THIS);
    // Blades name their steel: one in use keeps its designation.
    if (body.designation !== before.designation) {
      const blades = await bladesOfSteel(pool, before.designation);
      if (blades > 0) {
        throw invalid([
          {
            field: 'designation',
            message: STRINGS.designationAddAnotherSteelInstead(
              blades,
              blades === 1 ? STRINGS.bladeNames : STRINGS.bladesName,
              before.designation,
            ),
          },
        ]);
      }
    }
    if (!(await unlessTaken(body, () => changeOwnSteel(pool, id, version, body)))) {
      throw conflict(STRINGS.wasChangedBySomeoneElseLook(before.designation), before.version);
    }
    response.json(await findOwnSteel(pool, id));
  });

  router.delete('/steels/:id', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const steel = await findOwnSteel(pool, id);
    if (!steel) throw notFound(THIS);
    if ((await bladesOfSteel(pool, steel.designation)) > 0) {
      throw conflict(STRINGS.bladesOfAreOnRecordIt(steel.designation), steel.version);
    }
    await removeOwnSteel(pool, id);
    response.json({ removed: id });
  });

  return router;
};
