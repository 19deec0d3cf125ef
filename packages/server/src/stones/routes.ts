/** The rack and its care: stones in and out, flattened, soaked and dried; as a file in and out. */
import {
  changeStoneSchema,
  flatteningSchema,
  importStonesSchema,
  MOST_STONES,
  rackToCsv,
  soakSchema,
  stoneSchema,
  type Stone,
  type StoneBody,
} from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { inTransaction, type Queryable } from '../database/pool';
import { conflict, invalid, notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { findJobRow } from '../jobs/queries';
import {
  addFlattening,
  addStone,
  changeStone,
  countStones,
  findStone,
  flatteningsOf,
  isStoneUsed,
  listStones,
  lockStone,
  pairSides,
  putBackInWater,
  putInWater,
  removeFlattening,
  removeStone,
  setThickness,
  stoneIdsByName,
  takeOutOfWater,
} from './queries';
import { say } from '@patient-edge/core';
import { noteShop, noteStone } from '../history/note';
import { STRINGS } from './strings';

const THIS = STRINGS.thisStone;

/** The other side must be there, and no stone is its own other side. */
const checkOtherSide = async (db: Queryable, id: number | null, body: StoneBody): Promise<void> => {
  const { otherSideId } = body;
  if (otherSideId === null) return;
  if (otherSideId === id || !(await findStone(db, otherSideId))) {
    throw invalid([{ field: 'otherSideId', message: STRINGS.otherSideOfChooseAnotherStone }]);
  }
};

const mustHaveRoom = async (db: Queryable, more: number): Promise<void> => {
  const held = await countStones(db);
  if (held + more > MOST_STONES) {
    throw invalid([{ field: 'stones', message: STRINGS.theRackMustHoldAtMost(MOST_STONES, held) }]);
  }
};

const lockedStone = async (db: PoolConnection, id: number): Promise<Stone> => {
  const stone = await lockStone(db, id);
  if (!stone) throw notFound(THIS);
  return stone;
};

export const stoneRoutes = (pool: Pool): Router => {
  const router = Router();
  const mayChange = mayDo('change stones');

  router.get('/stones', allow(), async (_request, response) => {
    response.json(await listStones(pool));
  });

  router.get('/stones.csv', allow(), async (_request, response) => {
    response
      .type('text/csv')
      .set('Content-Disposition', 'attachment; filename="rack.csv"')
      .send(rackToCsv(await listStones(pool)));
  });

  router.post('/stones', mayChange, async (request, response) => {
    const body = bodyOf(stoneSchema, request);
    const id = await inTransaction(pool, async (db) => {
      await mustHaveRoom(db, 1);
      await checkOtherSide(db, null, body);
      const added = await addStone(db, body);
      await pairSides(db, added, body.otherSideId);
      await noteStone(db, request, added, say('event.stone-added'));
      return added;
    });
    response.status(201).json(await findStone(pool, id));
  });

  /** Adds what is new and corrects what is there, by name; all of it or nothing. */
  router.post('/stones/import', mayChange, async (request, response) => {
    const { stones } = bodyOf(importStonesSchema, request);
    const outcome = await inTransaction(pool, async (db) => {
      const known = await stoneIdsByName(db);
      const fresh = stones.filter(({ name }) => !known.has(name.toLowerCase()));
      await mustHaveRoom(db, fresh.length);
      const added: number[] = [];
      for (const body of stones) {
        const id = known.get(body.name.toLowerCase());
        if (id === undefined) {
          added.push(await addStone(db, body));
          continue;
        }
        const { otherSideId } = (await findStone(db, id))!;
        await changeStone(db, id, null, { ...body, otherSideId });
      }
      const changed = stones.length - added.length;
      await noteShop(db, request, say('event.stones-imported', { added: added.length, changed }));
      return { added, changed };
    });
    response.status(201).json(outcome);
  });

  router.put('/stones/:id', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, ...body } = bodyOf(changeStoneSchema, request);
    await inTransaction(pool, async (db) => {
      const before = await lockedStone(db, id);
      await checkOtherSide(db, id, body);
      if (!(await changeStone(db, id, version, body))) {
        throw conflict(STRINGS.wasChangedBySomeoneElseLook(before.name), before.version);
      }
      await pairSides(db, id, body.otherSideId);
      await noteStone(
        db,
        request,
        id,
        say(body.retired && !before.retired ? 'event.stone-retired' : 'event.stone-changed'),
      );
    });
    response.json(await findStone(pool, id));
  });

  /** Takes back an addition. What has been worked on stays on record, and can only be retired. */
  router.delete('/stones/:id', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    await inTransaction(pool, async (db) => {
      const stone = await lockedStone(db, id);
      if (await isStoneUsed(db, id)) {
        throw conflict(STRINGS.workIsOnRecordForRetire(stone.name), stone.version);
      }
      await removeStone(db, id);
    });
    response.json({ removed: id });
  });

  router.get('/stones/:id/flattenings', allow(), async (request, response) => {
    const id = pathId(request, 'id', THIS);
    if (!(await findStone(pool, id))) throw notFound(THIS);
    response.json(await flatteningsOf(pool, id));
  });

  router.post('/stones/:id/flattenings', mayChange, async (request, response) => {
    const staff = staffOf(request);
    const id = pathId(request, 'id', THIS);
    const { plate, minutes, lostMm } = bodyOf(flatteningSchema, request);
    await inTransaction(pool, async (db) => {
      const { workedSeconds, thicknessMm } = await lockedStone(db, id);
      if (thicknessMm !== null && lostMm >= thicknessMm) {
        throw invalid([
          {
            field: 'lostMm',
            message: STRINGS.thicknessLostMustBeLessThan(thicknessMm, lostMm),
          },
        ]);
      }
      // What a caliper reads, and not what two binary fractions leave.
      const left = thicknessMm === null ? null : Math.round((thicknessMm - lostMm) * 1000) / 1000;
      await addFlattening(db, {
        stoneId: id,
        staffId: staff.id,
        plate,
        minutes,
        lostMm,
        workedSeconds,
        thicknessAfterMm: left,
      });
      await setThickness(db, id, left);
      await noteStone(db, request, id, say('event.stone-flattened', { plate, lostMm }));
    });
    response.status(201).json(await findStone(pool, id));
  });

  /** Takes back the last flattening. */
  router.delete('/stones/:id/flattenings/:flatteningId', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const flatteningId = pathId(request, 'flatteningId', STRINGS.thisFlattening);
    await inTransaction(pool, async (db) => {
      const stone = await lockedStone(db, id);
      const last = (await flatteningsOf(db, id)).at(-1);
      if (last?.id !== flatteningId) {
        throw conflict(STRINGS.onlyTheLastFlatteningCanBe, stone.version);
      }
      await removeFlattening(db, flatteningId);
      if (last.thicknessAfterMm !== null && stone.thicknessMm !== null) {
        const before = Math.round((stone.thicknessMm + last.lostMm) * 1000) / 1000;
        await setThickness(db, id, before);
      }
      await noteStone(db, request, id, say('event.flattening-undone'));
    });
    response.json(await findStone(pool, id));
  });

  router.post('/stones/:id/soak', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { minutes, jobId } = bodyOf(soakSchema, request);
    await inTransaction(pool, async (db) => {
      const stone = await lockedStone(db, id);
      if (stone.soaking !== 'soak') {
        throw invalid([
          {
            field: 'minutes',
            message:
              stone.soaking === 'splash'
                ? STRINGS.isASplashStoneWetIt(stone.name)
                : STRINGS.isUsedDryItDoesNot(stone.name),
          },
        ]);
      }
      if (jobId !== null && !(await findJobRow(db, jobId))) throw notFound(STRINGS.thisBlade);
      if (stone.soak !== null || !(await putInWater(db, id, minutes, jobId))) {
        throw conflict(STRINGS.liesInTheWaterAlready(stone.name), stone.version);
      }
    });
    response.status(201).json(await findStone(pool, id));
  });

  router.delete('/stones/:id/soak', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const stone = await findStone(pool, id);
    if (!stone) throw notFound(THIS);
    await takeOutOfWater(pool, id, stone.otherSideId);
    response.json(await findStone(pool, id));
  });

  /** It was not taken out after all: its time in the water goes on. */
  router.post('/stones/:id/soak/undo', mayChange, async (request, response) => {
    const id = pathId(request, 'id', THIS);
    await inTransaction(pool, async (db) => {
      const stone = await lockedStone(db, id);
      if (stone.soak !== null || !(await putBackInWater(db, id, stone.otherSideId))) {
        throw conflict(STRINGS.cannotBePutBackItWas(stone.name), stone.version);
      }
    });
    response.json(await findStone(pool, id));
  });

  return router;
};
