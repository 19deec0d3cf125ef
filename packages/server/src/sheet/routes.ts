/** The customer's sheet of a visit: as the screen draws it, and on paper. */
import { longDayText, money, sheetSizeSchema, type Bill, type Job } from '@patient-edge/contract';
import { toPayMinor, type CustomerSheet } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Compute } from '../compute/compute';
import type { Queryable } from '../database/pool';
import { allow, pathId, queryOf } from '../http/request';
import { readJob } from '../jobs/job';
import { livesOfBlade } from '../jobs/queries';
import { pictureOf } from '../photographs/queries';
import { readCurrency } from '../prices/queries';
import { shopLines } from '../shop/details';
import { readFormats } from '../shop/formats';
import { steelNamed } from '../steels/queries';
import { touchUpsOfBlade } from '../touch-ups/queries';
import type { SheetPaper } from './draw';
import { sheetOf } from './sheet';
import { STRINGS } from './strings';

/** The sheet of a job that was read. */
export const sheetOfJob = async (db: Queryable, job: Job): Promise<CustomerSheet> =>
  sheetOf({
    job,
    steel: (await steelNamed(db, job.steel)) ?? null,
    touchUps: await touchUpsOfBlade(db, job.blade.id),
    livesDays: await livesOfBlade(db, job.blade.id, job.id),
    formats: await readFormats(db),
  });

/** What is to pay or was paid, as it stands on the sheet. */
export const priceSaid = (bill: Bill | null, currency: string): string => {
  if (bill === null) return '';
  const price = money(bill.priceMinor - bill.discountMinor, currency);
  const less = bill.discountMinor > 0 ? `, ${bill.discountReason.toLowerCase()}` : '';
  const toPay = toPayMinor(bill);
  return toPay === 0
    ? STRINGS.paid(price, less)
    : STRINGS.price(
        price,
        less,
        bill.paidMinor > 0 ? STRINGS.stillToPay(money(toPay, currency)) : '',
      );
};

/** The first before the work and the last after it began. */
const picturesOf = async (db: Queryable, job: Job): Promise<SheetPaper['pictures']> => {
  const beganAt = job.events.find(({ kind }) => kind === 'bench')?.at ?? null;
  const came = job.photographs.find(({ at }) => beganAt === null || at < beganAt);
  const leaves = beganAt === null ? undefined : job.photographs.findLast(({ at }) => at >= beganAt);
  const pictures: { label: string; jpeg: Uint8Array }[] = [];
  for (const [label, photograph] of [
    [STRINGS.asItCame, came],
    [STRINGS.asItLeaves, leaves],
  ] as const) {
    const jpeg = photograph && (await pictureOf(db, photograph.id, 'full'));
    if (jpeg) pictures.push({ label, jpeg });
  }
  return pictures;
};

export const sheetRoutes = (pool: Pool, compute: Compute): Router => {
  const router = Router();

  router.get('/jobs/:id/sheet', allow(), async (request, response) => {
    const job = await readJob(pool, pathId(request, 'id', STRINGS.thisBlade));
    response.json(await sheetOfJob(pool, job));
  });

  router.get('/jobs/:id/sheet.pdf', allow(), async (request, response) => {
    const { size } = queryOf(sheetSizeSchema, request);
    const job = await readJob(pool, pathId(request, 'id', STRINGS.thisBlade));
    const formats = await readFormats(pool);
    const paper: SheetPaper = {
      size,
      sheet: await sheetOfJob(pool, job),
      measures: job.measures,
      shopLines: await shopLines(pool),
      day: longDayText(job.returnedAt ?? new Date().toISOString(), formats),
      units: formats,
      price: priceSaid(job.bill, await readCurrency(pool)),
      pictures: await picturesOf(pool, job),
    };
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="sheet-tag-${job.tagNumber}.pdf"`)
      .send(await compute.drawing('sheet', paper));
  });

  return router;
};
