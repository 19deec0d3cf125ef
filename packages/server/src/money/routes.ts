/** What a blade costs, what is paid for it, the day's takings and a customer's month. */
import {
  billSchema,
  daySchema,
  money,
  monthSchema,
  paymentSchema,
  type Bill,
  type Statement,
  type Takings,
} from '@patient-edge/contract';
import { say } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Compute } from '../compute/compute';
import { findCustomer, toCustomer } from '../customers/queries';
import { inTransaction } from '../database/pool';
import { sendCsv } from '../http/csv';
import { conflict, invalid, notFound } from '../http/errors';
import { withIdempotency } from '../http/idempotency';
import { setEarned } from '../figures/queries';
import { allow, bodyOf, mayDo, pathId, queryOf, staffOf } from '../http/request';
import { jobRoute } from '../jobs/job-route';
import { readCurrency } from '../prices/queries';
import { readFormats } from '../shop/formats';
import { stretchOfDay, stretchOfMonth } from '../shop/days';
import { readShopDetails, shopName } from '../shop/details';
import { localDay } from '../shop/days';
import { statementCsv, takingsCsv } from './csv';
import type { PaperFacts } from './draw';
import {
  billedBetween,
  billOfJob,
  findSale,
  salesBetween,
  salesOfJob,
  setBill,
  undoSale,
} from './queries';
import { agreedRange } from './reckon';
import { takePayment } from './take';
import { STRINGS } from './strings';

const RECEIPT = STRINGS.thisReceipt;

export const moneyRoutes = (pool: Pool, compute: Compute): Router => {
  const router = Router();

  const paper = async (): Promise<PaperFacts> => ({
    shopName: await shopName(pool),
    details: await readShopDetails(pool),
    currency: await readCurrency(pool),
    formats: await readFormats(pool),
  });
  const takingsOf = async (day: string | null): Promise<Takings> => {
    const which = day ?? localDay(new Date());
    return { day: which, sales: await salesBetween(pool, ...stretchOfDay(which)) };
  };
  const statementOf = async (customerId: number, month: string): Promise<Statement> => {
    const customer = await findCustomer(pool, customerId);
    if (!customer) throw notFound(STRINGS.thisCustomer);
    return {
      customer: toCustomer(customer),
      month,
      lines: await billedBetween(pool, customerId, ...stretchOfMonth(month)),
    };
  };

  router.put(
    '/jobs/:id/bill',
    ...jobRoute(pool, {
      action: 'set price',
      body: billSchema,
      work: async ({ db, row, body: { priceMinor, discountMinor, discountReason }, log }) => {
        const currency = await readCurrency(db);
        const most = (await agreedRange(db, row))?.highMinor ?? null;
        if (most !== null && priceMinor > most) {
          throw invalid([
            {
              field: 'priceMinor',
              message: STRINGS.priceAtMostAsAgreedWas(
                money(most, currency),
                money(priceMinor, currency),
              ),
            },
          ]);
        }
        const paidMinor = (await billOfJob(db, row.id))?.paidMinor ?? 0;
        if (priceMinor - discountMinor < paidMinor) {
          throw invalid([
            {
              field: 'priceMinor',
              message: STRINGS.priceWasPaidAlreadyUndoThe(money(paidMinor, currency)),
            },
          ]);
        }
        await setBill(db, row.id, { priceMinor, discountMinor, discountReason }, true);
        await setEarned(db, row.id, priceMinor - discountMinor);
        await log(
          'price',
          say('event.price-set', {
            price: money(priceMinor - discountMinor, currency),
            reason: discountReason,
          }),
        );
      },
    }),
  );

  router.post('/payments', allow(), async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(paymentSchema, request);
    const { id } = await withIdempotency(pool, request, body, {
      work: async (db) => ({ id: await takePayment(db, staff.id, body) }),
      madeInWords: () => STRINGS.aReceiptWas,
    });
    response.status(201).json(await findSale(pool, id));
  });

  router.post('/payments/:id/undo', allow(), async (request, response) => {
    const id = pathId(request, 'id', RECEIPT);
    await inTransaction(pool, async (db) => {
      if (!(await findSale(db, id))) throw notFound(RECEIPT);
      if (!(await undoSale(db, id))) throw conflict(STRINGS.thisReceiptWasUndoneBefore);
    });
    response.json(await findSale(pool, id));
  });

  router.get('/jobs/:id/payments', allow(), async (request, response) => {
    response.json(await salesOfJob(pool, pathId(request, 'id', STRINGS.thisBlade)));
  });

  router.get('/payments/:id/receipt.pdf', allow(), async (request, response) => {
    const sale = await findSale(pool, pathId(request, 'id', RECEIPT));
    if (!sale) throw notFound(RECEIPT);
    const bills: Record<number, Bill> = {};
    for (const { jobId } of sale.lines) {
      const bill = await billOfJob(pool, jobId);
      if (bill) bills[jobId] = bill;
    }
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="receipt-${sale.number}.pdf"`)
      .send(await compute.drawing('receipt', { ...(await paper()), sale, bills }));
  });

  router.get('/takings', mayDo('see money'), async (request, response) => {
    response.json(await takingsOf(queryOf(daySchema, request).day));
  });
  router.get('/takings.csv', mayDo('see money'), async (request, response) => {
    const takings = await takingsOf(queryOf(daySchema, request).day);
    sendCsv(response, `takings-${takings.day}`, takingsCsv(takings, await readCurrency(pool)));
  });

  router.get('/customers/:id/statement', mayDo('see money'), async (request, response) => {
    const { month } = queryOf(monthSchema, request);
    response.json(await statementOf(pathId(request, 'id', STRINGS.thisCustomer), month));
  });
  router.get('/customers/:id/statement.csv', mayDo('see money'), async (request, response) => {
    const { month } = queryOf(monthSchema, request);
    const statement = await statementOf(pathId(request, 'id', STRINGS.thisCustomer), month);
    sendCsv(response, `statement-${month}`, statementCsv(statement, await readCurrency(pool)));
  });
  router.get('/customers/:id/statement.pdf', mayDo('see money'), async (request, response) => {
    const { month } = queryOf(monthSchema, request);
    const statement = await statementOf(pathId(request, 'id', STRINGS.thisCustomer), month);
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="statement-${month}.pdf"`)
      .send(await compute.drawing('statement', { ...(await paper()), statement }));
  });

  return router;
};
