/** What stands on receipts and in messages, and where customers reach their page. */
import { shopDetailsSchema, type ShopDetails, type ShopSheet } from '@patient-edge/contract';
import { USUAL_TEMPLATES } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { readSetting, writeSetting } from '../auth/queries';
import { inTransaction, type Queryable } from '../database/pool';
import { allow, bodyOf, mayDo } from '../http/request';
import { isCurrencySettled, lockPriceList, readCurrency, writeCurrency } from '../prices/queries';
import { refuseCurrency } from '../prices/routes';
import { noteChanged } from '../history/note';
import { STRINGS } from './strings';

const SETTING = 'shop details';
const SHOP_NAME = 'shop name';

const BEGINS_WITH: ShopDetails = {
  address: '',
  phone: '',
  email: '',
  taxLines: '',
  publicAddress: '',
  houseDays: 14,
  templates: USUAL_TEMPLATES,
};

/** What was kept before something could be said has its usual value. */
export const readShopDetails = async (db: Queryable): Promise<ShopDetails> => {
  const kept = await readSetting(db, SETTING);
  return kept === null ? BEGINS_WITH : { ...BEGINS_WITH, ...(JSON.parse(kept) as ShopDetails) };
};

export const writeShopDetails = (db: Queryable, details: ShopDetails) =>
  writeSetting(db, SETTING, JSON.stringify(details));

export const shopName = async (db: Queryable): Promise<string> =>
  (await readSetting(db, SHOP_NAME)) ?? '';

const writeShopName = (db: Queryable, name: string) => writeSetting(db, SHOP_NAME, name);

const readShop = async (db: Queryable): Promise<ShopSheet> => ({
  ...(await readShopDetails(db)),
  shopName: await shopName(db),
  currency: await readCurrency(db),
  currencySettled: await isCurrencySettled(db),
});

export const shopDetailRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/shop-details', allow(), async (_request, response) => {
    response.json(await readShop(pool));
  });
  router.put('/shop-details', mayDo('change the shop'), async (request, response) => {
    const { shopName: name, currency, ...details } = bodyOf(shopDetailsSchema, request);
    await inTransaction(pool, async (db) => {
      await lockPriceList(db);
      const held = await readShop(db);
      refuseCurrency(held, currency);
      await writeShopDetails(db, details);
      await writeShopName(db, name);
      if (currency !== held.currency) await writeCurrency(db, currency);
      await noteChanged(db, request, STRINGS.theShopsDetails);
    });
    response.json(await readShop(pool));
  });
  return router;
};

/** Name, address and telephone, a line each, as they stand on paper. */
export const shopLines = async (db: Queryable): Promise<string[]> => {
  const { address, phone } = await readShopDetails(db);
  return [await shopName(db), ...address.split('\n'), phone].filter(Boolean);
};
