/** Taking money: never more than is to pay, on one receipt of one customer. */
import type { PaymentBody } from '@patient-edge/contract';
import { money } from '@patient-edge/contract';
import { toPayMinor } from '@patient-edge/core';
import type { PoolConnection } from 'mysql2/promise';
import { conflict, invalid, notFound } from '../http/errors';
import { lockJobRow } from '../jobs/queries';
import { readCurrency } from '../prices/queries';
import { addSale, lockBill } from './queries';
import { STRINGS } from './strings';

/** Gives the sale. Each job is locked, so that two people cannot take the same money. */
export const takePayment = async (
  db: PoolConnection,
  staffId: number,
  { method, lines }: PaymentBody,
): Promise<number> => {
  let customerId: number | null = null;
  const currency = await readCurrency(db);
  for (const [index, { jobId, amountMinor }] of lines.entries()) {
    const row = await lockJobRow(db, jobId);
    if (!row) throw notFound(STRINGS.thisBlade);
    if (customerId !== null && customerId !== row.customerId)
      throw conflict(STRINGS.aReceiptIsForTheBlades, row.version);
    customerId = row.customerId;
    const bill = await lockBill(db, jobId);
    const field = `lines.${index}.amountMinor`;
    if (bill === null)
      throw invalid([{ field, message: STRINGS.tagHasNoPriceYetSet(row.tagNumber) }]);
    const toPay = toPayMinor(bill);
    if (amountMinor > toPay) {
      throw invalid([
        {
          field,
          message: STRINGS.tagIsToPayWasGiven(
            row.tagNumber,
            money(toPay, currency),
            money(amountMinor, currency),
          ),
        },
      ]);
    }
  }
  return addSale(db, { customerId: customerId!, staffId, method, lines });
};
