/** What is asked of the owner, protected and agreed before work begins. */
import {
  consentSchema,
  estimateSchema,
  moneyRange,
  protectionSchema,
} from '@patient-edge/contract';
import { totalOf } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { changeJob, mustBeAt } from '../jobs/job';
import { addEvent, markChanged } from '../jobs/queries';
import { readCurrency } from '../prices/queries';
import { addConsent, replaceEstimate, setProtection } from './queries';

const BEFORE_HAND_OVER = ['taken in', 'planned', 'on the bench', 'testing', 'ready'] as const;
const THIS = 'This blade';

export const judgeRoutes = (pool: Pool): Router => {
  const router = Router();

  router.post('/jobs/:id/consents', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(consentSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', THIS),
      body.version,
      async (on, row) => {
        mustBeAt(row, ['taken in', 'planned', 'on the bench'], 'Asking the owner');
        await addConsent(on, row.id, staff.id, body);
        await markChanged(on, row.id);
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'consent',
          // Whose name it was is kept with the answer alone.
          text: `asked: "${body.words}" The answer was ${body.answer}`,
        });
      },
    );
    response.status(201).json(job);
  });

  router.put('/jobs/:id/protection', allow(), async (request, response) => {
    const { version, done } = bodyOf(protectionSchema, request);
    const job = await changeJob(pool, pathId(request, 'id', THIS), version, async (on, row) => {
      mustBeAt(row, ['taken in', 'planned', 'on the bench'], 'Protecting the blade');
      await setProtection(on, row.id, done);
    });
    response.json(job);
  });

  router.put('/jobs/:id/estimate', allow(), async (request, response) => {
    const staff = staffOf(request);
    const { version, lines, agreedBy } = bodyOf(estimateSchema, request);
    const job = await changeJob(pool, pathId(request, 'id', THIS), version, async (on, row) => {
      mustBeAt(row, BEFORE_HAND_OVER, 'Changing the estimate');
      await replaceEstimate(on, row.id, lines, agreedBy);
      const withdrawn = agreedBy === null && row.estimateAgreedBy !== null;
      const { lowMinor, highMinor } = totalOf(lines);
      const currency = await readCurrency(on);
      await addEvent(on, {
        jobId: row.id,
        staffId: staff.id,
        kind: 'estimate',
        text: `${withdrawn ? 'no longer agreed; estimated' : agreedBy === null ? 'estimated' : 'agreed:'} ${moneyRange(lowMinor, highMinor, currency)}`,
      });
    });
    response.json(job);
  });

  return router;
};
