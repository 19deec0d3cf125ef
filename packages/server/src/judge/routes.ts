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
import { jobRoute } from '../jobs/job-route';
import { readCurrency } from '../prices/queries';
import { addConsent, replaceEstimate, setProtection } from './queries';

export const judgeRoutes = (pool: Pool): Router => {
  const router = Router();

  router.post(
    '/jobs/:id/consents',
    ...jobRoute(pool, {
      action: 'ask customer',
      body: consentSchema,
      status: 201,
      work: async ({ db, row, body, staff, log }) => {
        await addConsent(db, row.id, staff.id, body);
        // Whose name it was is kept with the answer alone.
        await log('consent', say('event.asked', { question: body.text, answer: body.answer }));
      },
    }),
  );

  router.put(
    '/jobs/:id/protection',
    ...jobRoute(pool, {
      action: 'protect blade',
      body: protectionSchema,
      work: async ({ db, row, body: { done } }) => {
        await setProtection(db, row.id, done);
      },
    }),
  );

  router.put(
    '/jobs/:id/estimate',
    ...jobRoute(pool, {
      action: 'estimate',
      body: estimateSchema,
      work: async ({ db, row, body: { lines, agreedBy }, log }) => {
        await replaceEstimate(db, row.id, lines, agreedBy);
        const withdrawn = agreedBy === null && row.estimateAgreedBy !== null;
        const { lowMinor, highMinor } = totalOf(lines);
        const range = moneyRange(lowMinor, highMinor, await readCurrency(db));
        await log(
          'estimate',
          withdrawn
            ? say('event.agreement-withdrawn', { range })
            : agreedBy === null
              ? say('event.estimated', { range })
              : say('event.agreed', { range }),
        );
      },
    }),
  );

  return router;
};
