/** The shop's price list and its currency. */
import { priceListSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { conflict, invalid } from '../http/errors';
import { allow, bodyOf } from '../http/request';
import { lockPriceList, readPriceList, writePriceList } from './queries';

export const priceRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/prices', allow(), async (_request, response) => {
    response.json(await readPriceList(pool));
  });

  router.put('/prices', allow('owner'), async (request, response) => {
    const { version, ...body } = bodyOf(priceListSchema, request);
    await inTransaction(pool, async (db) => {
      // One list: whoever comes second waits here.
      await lockPriceList(db);
      const held = await readPriceList(db);
      if (held.version !== version)
        throw conflict('The price list was changed by someone else; look again', held.version);
      if (held.currencySettled && body.currency !== held.currency) {
        throw invalid([
          {
            field: 'currency',
            message: `Currency: it stays ${held.currency}, prices were written down in it`,
          },
        ]);
      }
      await writePriceList(db, body, version + 1);
    });
    response.json(await readPriceList(pool));
  });

  return router;
};
