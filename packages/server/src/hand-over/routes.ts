/** Handing the blade back: to its customer, by the tag in the customer's hand. */
import { returnSchema } from '@patient-edge/contract';
import { say } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Queryable } from '../database/pool';
import { takeFiguresBack } from '../figures/queries';
import { conflict } from '../http/errors';
import { jobRoute } from '../jobs/job-route';
import { tagHolder, tagOfBladeInShop, undoReturned, type JobRow } from '../jobs/queries';
import { wayBack } from '../jobs/reopen';
import { handOver } from './hand-over';
import { STRINGS } from './strings';

/** Back on its tag; refused once the tag hangs on another blade, or the blade came again. */
const takeBackIn = async (db: Queryable, row: JobRow): Promise<void> => {
  const hangsOn = await tagOfBladeInShop(db, row.bladeId);
  if (hangsOn !== undefined) {
    throw conflict(STRINGS.thisBladeHasBeenTakenIn(hangsOn), row.version);
  }
  if ((await tagHolder(db, row.tagNumber)) !== undefined) {
    throw conflict(STRINGS.tagHangsOnAnotherBladeBy(row.tagNumber), row.version);
  }
  await takeFiguresBack(db, row.id);
  await undoReturned(db, row.id);
};

export const handOverRoutes = (pool: Pool): Router => {
  const router = Router();

  router.post(
    '/jobs/:id/return',
    ...jobRoute(pool, {
      action: 'hand over',
      body: returnSchema,
      work: ({ db, row, body: { tagNumber, sheathed, collectedBy, ...left }, staff }) =>
        handOver(db, row, { tagNumber, sheathed, collectedBy, ...left, staffId: staff.id }),
    }),
  );

  router.post(
    '/jobs/:id/return/undo',
    ...wayBack(pool, {
      action: 'undo hand over',
      undo: takeBackIn,
      event: say('event.hand-over-undone'),
    }),
  );

  return router;
};
