/** The shop's price list and its currency. */
import { priceListSchema, type PriceList } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { conflict, invalid } from '../http/errors';
import { allow, bodyOf, mayDo } from '../http/request';
import { lockPriceList, readPriceList, writePriceList } from './queries';
import { noteChanged } from '../history/note';
import { STRINGS } from './strings';

/** Once money was written down, it was in that currency. */
export const refuseCurrency = (
  held: Pick<PriceList, 'currency' | 'currencySettled'>,
  wanted: string,
): void => {
  if (held.currencySettled && wanted !== held.currency) {
    throw invalid([
      {
        field: 'currency',
        message: STRINGS.currencyItStaysPricesWereWritten(held.currency),
      },
    ]);
  }
};

export const priceRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/prices', allow(), async (_request, response) => {
    response.json(await readPriceList(pool));
  });

  router.put('/prices', mayDo('set prices'), async (request, response) => {
    const { version, ...body } = bodyOf(priceListSchema, request);
    await inTransaction(pool, async (db) => {
      // One list: whoever comes second waits here.
      await lockPriceList(db);
      const held = await readPriceList(db);
      if (held.version !== version) throw conflict(STRINGS.thePriceListWasChangedBy, held.version);
      refuseCurrency(held, body.currency);
      await writePriceList(db, body, version + 1);
      await noteChanged(db, request, STRINGS.thePriceList);
    });
    response.json(await readPriceList(pool));
  });

  return router;
};
