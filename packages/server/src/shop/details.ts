/** What stands on receipts and in messages, and where customers reach their page. */
import { shopDetailsSchema, type ShopDetails } from '@patient-edge/contract';
import { USUAL_TEMPLATES } from '@patient-edge/core';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { readSetting, writeSetting } from '../auth/queries';
import type { Queryable } from '../database/pool';
import { allow, bodyOf } from '../http/request';

const SETTING = 'shop details';

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
  (await readSetting(db, 'shop name')) ?? '';

export const shopDetailRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/shop-details', allow(), async (_request, response) => {
    response.json(await readShopDetails(pool));
  });
  router.put('/shop-details', allow('owner'), async (request, response) => {
    await writeShopDetails(pool, bodyOf(shopDetailsSchema, request));
    response.json(await readShopDetails(pool));
  });
  return router;
};
