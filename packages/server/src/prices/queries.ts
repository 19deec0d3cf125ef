import type { PriceList, PriceListBody } from '@patient-edge/contract';
import type { Price } from '@patient-edge/core';
import { readSetting, writeSetting } from '../auth/queries';
import { execute, select, type Queryable } from '../database/pool';

export const DEFAULT_CURRENCY = 'EUR';
const TERMS = { lengthIncludedMm: 200, lengthStepMm: 50, minutesIncluded: 20 };
const TERMS_SETTING = 'price terms';
const VERSION_SETTING = 'price list version';

export const readCurrency = async (db: Queryable): Promise<string> =>
  (await readSetting(db, 'currency')) ?? DEFAULT_CURRENCY;

export const writeCurrency = (db: Queryable, currency: string) =>
  writeSetting(db, 'currency', currency);

/** Held until the end of the transaction; the row is there in every shop. */
export const lockPriceList = (db: Queryable) =>
  select(db, "SELECT value FROM setting WHERE name = 'shop name' FOR UPDATE");

/** Once money was written down, it was in that currency. */
export const isCurrencySettled = async (db: Queryable): Promise<boolean> =>
  (await select(db, 'SELECT 1 FROM estimate_line LIMIT 1')).length > 0 ||
  (await select(db, 'SELECT 1 FROM stone WHERE price_minor IS NOT NULL LIMIT 1')).length > 0;

export const readPriceList = async (db: Queryable): Promise<PriceList> => {
  const kept = await readSetting(db, TERMS_SETTING);
  return {
    version: Number((await readSetting(db, VERSION_SETTING)) ?? 0),
    currency: await readCurrency(db),
    currencySettled: await isCurrencySettled(db),
    prices: await select<Price>(
      db,
      'SELECT item, price_group AS `group`, amount_minor AS amountMinor FROM price ORDER BY item, price_group',
    ),
    ...(kept === null ? TERMS : (JSON.parse(kept) as typeof TERMS)),
  };
};

export const writePriceList = async (
  db: Queryable,
  body: Omit<PriceListBody, 'version'>,
  version: number,
): Promise<void> => {
  await execute(db, 'DELETE FROM price');
  for (const { item, group, amountMinor } of body.prices) {
    await execute(db, 'INSERT INTO price (item, price_group, amount_minor) VALUES (?, ?, ?)', [
      item,
      group,
      amountMinor,
    ]);
  }
  const { lengthIncludedMm, lengthStepMm, minutesIncluded } = body;
  await writeSetting(
    db,
    TERMS_SETTING,
    JSON.stringify({ lengthIncludedMm, lengthStepMm, minutesIncluded }),
  );
  await writeCurrency(db, body.currency);
  await writeSetting(db, VERSION_SETTING, String(version));
};
