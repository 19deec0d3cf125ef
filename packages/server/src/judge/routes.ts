/** What is asked of the customer, protected and agreed before work begins. */
import {
  consentSchema,
  estimateSchema,
  moneyRange,
  protectionSchema,
} from '@patient-edge/contract';
import { totalOf, say } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { changeJob } from '../jobs/job';
import { addEvent } from '../jobs/queries';
import { readCurrency } from '../prices/queries';
import { addConsent, replaceEstimate, setProtection } from './queries';

const THIS = 'This blade';

export const judgeRoutes = (pool: Pool): Router => {
  const router = Router();

  router.post('/jobs/:id/consents', mayDo('ask customer'), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(consentSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', THIS),
      body.version,
      'ask customer',
      async (db, row) => {
        await addConsent(db, row.id, staff.id, body);
        await addEvent(db, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'consent',
          // Whose name it was is kept with the answer alone.
          message: say('event.asked', { question: body.text, answer: body.answer }),
        });
      },
    );
    response.status(201).json(job);
  });

  router.put('/jobs/:id/protection', mayDo('protect blade'), async (request, response) => {
    const { version, done } = bodyOf(protectionSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', THIS),
      version,
      'protect blade',
      async (db, row) => {
        await setProtection(db, row.id, done);
      },
    );
    response.json(job);
  });

  router.put('/jobs/:id/estimate', mayDo('estimate'), async (request, response) => {
    const staff = staffOf(request);
    const { version, lines, agreedBy } = bodyOf(estimateSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', THIS),
      version,
      'estimate',
      async (db, row) => {
        await replaceEstimate(db, row.id, lines, agreedBy);
        const withdrawn = agreedBy === null && row.estimateAgreedBy !== null;
        const { lowMinor, highMinor } = totalOf(lines);
        const range = moneyRange(lowMinor, highMinor, await readCurrency(db));
        await addEvent(db, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'estimate',
          message: withdrawn
            ? say('event.agreement-withdrawn', { range })
            : agreedBy === null
              ? say('event.estimated', { range })
              : say('event.agreed', { range }),
        });
      },
    );
    response.json(job);
  });

  return router;
};
