/** A blade that came back with a complaint: what is wrong with the work of a visit, and who pays for mending it. */
import { complaintSchema } from '@patient-edge/contract';
import { say } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { conflict, notFound } from '../http/errors';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { readJob } from '../jobs/job';
import { addEvent, lockJobRow, raiseVersion } from '../jobs/queries';
import { complaintOfJob, openComplaints, saveComplaint } from './queries';
import { STRINGS } from './strings';

const THIS = STRINGS.thisBlade;

export const complaintRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/complaints', allow(), async (_request, response) => {
    response.json(await openComplaints(pool));
  });

  router.put('/jobs/:id/complaint', allow(), async (request, response) => {
    const staff = staffOf(request);
    const id = pathId(request, 'id', THIS);
    const body = bodyOf(complaintSchema, request);
    await inTransaction(pool, async (db) => {
      const row = await lockJobRow(db, id);
      if (!row) throw notFound(THIS);
      if (row.stage !== 'returned') throw conflict(STRINGS.theBladeIsAComplaintIs(row.stage));
      const before = await complaintOfJob(db, id);
      await saveComplaint(db, id, body);
      const log = (message: Parameters<typeof addEvent>[1]['message']) =>
        addEvent(db, { jobId: id, staffId: staff.id, kind: 'complaint', message });
      if (before === null) await log(say('event.complaint', { words: body.words }));
      if (body.onTheHouse !== null && body.onTheHouse !== before?.onTheHouse)
        await log(
          say('event.complaint-settled', {
            onTheHouse: body.onTheHouse ? STRINGS.onTheHouse : STRINGS.paidByTheCustomer,
            reason: body.reason,
          }),
        );
      await raiseVersion(db, id);
    });
    response.json(await readJob(pool, id));
  });

  return router;
};
