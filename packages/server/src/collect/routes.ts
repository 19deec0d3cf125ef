/** What can be collected, whom to write to, and handing over several blades of one customer at once. */
import { handOverSchema, type HandedOver, type ReadyList } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { handOver } from '../hand-over/hand-over';
import { conflict } from '../http/errors';
import { withIdempotency } from '../http/idempotency';
import { allow, bodyOf, mayDo, staffOf } from '../http/request';
import { changeJobIn } from '../jobs/job';
import { NO_RIG_SETTING } from '@patient-edge/contract';
import { takePayment } from '../money/take';
import { localDay } from '../shop/days';
import { dueBlades, lateBlades, readyBlades, uncollectedBlades } from './queries';
import { STRINGS } from './strings';

const DAY_MS = 24 * 60 * 60 * 1000;
/** Ready so long and not collected: somebody forgot. */
const UNCOLLECTED_DAYS = 7;
/** Customers are written to from a week before an edge is due until two months after. */
const DUE_AHEAD_DAYS = 7;
const DUE_PAST_DAYS = 60;

export const collectRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/ready', allow(), async (_request, response) => {
    const list: ReadyList = {
      today: localDay(new Date()),
      blades: await readyBlades(pool),
    };
    response.json(list);
  });

  router.get('/to-write', allow(), async (_request, response) => {
    const now = Date.now();
    const day = (days: number): string => localDay(new Date(now + days * DAY_MS));
    response.json([
      ...(await lateBlades(pool, day(0))),
      ...(await uncollectedBlades(pool, new Date(now - UNCOLLECTED_DAYS * DAY_MS))),
      ...(await dueBlades(pool, day(-DUE_PAST_DAYS), day(DUE_AHEAD_DAYS))),
    ]);
  });

  router.post('/hand-overs', mayDo('hand over'), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(handOverSchema, request);
    const { lines, sheathed, collectedBy, payment } = body;
    const answer = await withIdempotency<HandedOver>(pool, request, body, {
      work: async (db) => {
        let customerId: number | null = null;
        for (const [index, { jobId, version, tagNumber }] of lines.entries()) {
          await changeJobIn(db, jobId, version, 'hand over', async (_db, row) => {
            if (customerId !== null && customerId !== row.customerId)
              throw conflict(
                STRINGS.tagIsSHandOverOne(row.tagNumber, row.customerName),
                row.version,
              );
            customerId = row.customerId;
            await handOver(db, row, {
              tagNumber,
              sheathed,
              collectedBy,
              staffId: staff.id,
              path: `lines.${index}.`,
              remarks: row.remarks,
              holding: row.holding || (row.planRecord?.setAgain ?? '').slice(0, 200),
              rigSetting: {
                ...NO_RIG_SETTING,
                jawMm: row.jawMm,
                ruleMarkMm: row.ruleMarkMm,
                block: row.block,
              },
            });
          });
        }
        const saleId = payment === null ? null : await takePayment(db, staff.id, payment);
        return { jobIds: lines.map(({ jobId }) => jobId), saleId };
      },
      madeInWords: ({ jobIds }) => STRINGS.handOversWere(jobIds.length),
    });
    response.status(201).json(answer);
  });

  return router;
};
