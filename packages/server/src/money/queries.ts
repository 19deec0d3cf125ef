import type { Bill, PaymentBody, Sale, SaleLine, Statement } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';

/** Paid for the job that stands as `j`; what was undone is not. */
const PAID = `(SELECT COALESCE(SUM(p.amount_minor), 0) FROM payment p JOIN sale s ON s.id = p.sale_id
  WHERE p.job_id = j.id AND s.undone_at IS NULL)`;

/** The bill of the job that stands as `j`, by a join that may find none. */
export const BILL_COLUMNS = `l.price_minor AS priceMinor, l.discount_minor AS discountMinor,
  l.discount_reason AS discountReason, ${PAID} AS paidMinor`;
export const BILL_JOIN = 'LEFT JOIN bill l ON l.job_id = j.id';

export interface BillRow {
  readonly priceMinor: number | null;
  readonly discountMinor: number | null;
  readonly discountReason: string | null;
  readonly paidMinor: number;
}

export const billOf = ({
  priceMinor,
  discountMinor,
  discountReason,
  paidMinor,
}: BillRow): Bill | null =>
  priceMinor === null
    ? null
    : { priceMinor, discountMinor: discountMinor!, discountReason: discountReason!, paidMinor };

export const billOfJob = async (db: Queryable, jobId: number): Promise<Bill | null> => {
  const [row] = await select<BillRow>(
    db,
    `SELECT ${BILL_COLUMNS} FROM job j ${BILL_JOIN} WHERE j.id = ?`,
    [jobId],
  );
  return row ? billOf(row) : null;
};

/**
 * The same as it is this moment, held until the end of the transaction: a plain read would see it as it was when the
 * transaction began, and two tills would take the same money.
 */
export const lockBill = async (db: Queryable, jobId: number): Promise<Bill | null> => {
  const [bill] = await select<Omit<Bill, 'paidMinor'>>(
    db,
    `SELECT price_minor AS priceMinor, discount_minor AS discountMinor, discount_reason AS discountReason
     FROM bill WHERE job_id = ? FOR UPDATE`,
    [jobId],
  );
  if (!bill) return null;
  const paid = await select<{ amountMinor: number }>(
    db,
    `SELECT p.amount_minor AS amountMinor FROM payment p JOIN sale s ON s.id = p.sale_id
     WHERE p.job_id = ? AND s.undone_at IS NULL FOR UPDATE`,
    [jobId],
  );
  return { ...bill, paidMinor: paid.reduce((sum, { amountMinor }) => sum + amountMinor, 0) };
};

/** A price that somebody set is not reckoned anew at the next pass. */
export const setBill = (
  db: Queryable,
  jobId: number,
  { priceMinor, discountMinor, discountReason }: Omit<Bill, 'paidMinor'>,
  byHand: boolean,
) =>
  execute(
    db,
    `INSERT INTO bill (job_id, price_minor, discount_minor, discount_reason, by_hand) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE
       price_minor = IF(by_hand AND NOT VALUES(by_hand), price_minor, VALUES(price_minor)),
       discount_minor = IF(by_hand AND NOT VALUES(by_hand), discount_minor, VALUES(discount_minor)),
       discount_reason = IF(by_hand AND NOT VALUES(by_hand), discount_reason, VALUES(discount_reason)),
       by_hand = by_hand OR VALUES(by_hand)`,
    [jobId, priceMinor, discountMinor, discountReason, byHand],
  );

/** Under the lock of the last receipt, so that they are numbered without a gap. */
export const addSale = async (
  db: Queryable,
  {
    customerId,
    staffId,
    method,
    lines,
    at = new Date(),
  }: PaymentBody & { customerId: number; staffId: number; at?: Date },
): Promise<number> => {
  const [last] = await select<{ number: number }>(
    db,
    'SELECT number FROM sale ORDER BY number DESC LIMIT 1 FOR UPDATE',
  );
  const { insertId } = await execute(
    db,
    'INSERT INTO sale (number, customer_id, staff_id, method, at) VALUES (?, ?, ?, ?, ?)',
    [(last?.number ?? 0) + 1, customerId, staffId, method, at],
  );
  for (const { jobId, amountMinor } of lines)
    await execute(db, 'INSERT INTO payment (sale_id, job_id, amount_minor) VALUES (?, ?, ?)', [
      insertId,
      jobId,
      amountMinor,
    ]);
  return insertId;
};

/** Whether it was there and not undone before. */
export const undoSale = async (db: Queryable, saleId: number): Promise<boolean> =>
  (
    await execute(
      db,
      'UPDATE sale SET undone_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND undone_at IS NULL',
      [saleId],
    )
  ).affectedRows === 1;

interface SaleRow extends Omit<Sale, 'at' | 'undoneAt' | 'lines'>, SaleLine {
  readonly at: Date;
  readonly undoneAt: Date | null;
}
const SALE_SELECT = `SELECT s.id, s.number, s.at, f.name AS who, s.customer_id AS customerId, c.name AS customer,
    s.method, s.undone_at AS undoneAt, p.job_id AS jobId, j.tag_number AS tagNumber, b.name AS blade,
    p.amount_minor AS amountMinor
  FROM sale s JOIN staff f ON f.id = s.staff_id JOIN customer c ON c.id = s.customer_id
    JOIN payment p ON p.sale_id = s.id JOIN job j ON j.id = p.job_id JOIN blade b ON b.id = j.blade_id`;

const salesFrom = (rows: readonly SaleRow[]): Sale[] => {
  const sales = new Map<number, Sale>();
  for (const { jobId, tagNumber, blade, amountMinor, at, undoneAt, ...sale } of rows) {
    const line = { jobId, tagNumber, blade, amountMinor };
    const held = sales.get(sale.id);
    sales.set(sale.id, {
      ...sale,
      at: at.toISOString(),
      undoneAt: undoneAt?.toISOString() ?? null,
      lines: [...(held?.lines ?? []), line],
    });
  }
  return [...sales.values()];
};

/** What was taken from one moment up to another, those undone too. */
export const salesBetween = async (db: Queryable, from: Date, until: Date): Promise<Sale[]> =>
  salesFrom(
    await select<SaleRow>(
      db,
      `${SALE_SELECT} WHERE s.at >= ? AND s.at < ? ORDER BY s.id, p.job_id`,
      [from, until],
    ),
  );

export const findSale = async (db: Queryable, id: number): Promise<Sale | undefined> =>
  salesFrom(await select<SaleRow>(db, `${SALE_SELECT} WHERE s.id = ? ORDER BY p.job_id`, [id]))[0];

/** The sales that a blade was paid in, the latest first. */
export const salesOfJob = async (db: Queryable, jobId: number): Promise<Sale[]> =>
  salesFrom(
    await select<SaleRow>(
      db,
      `${SALE_SELECT} WHERE s.id IN (SELECT sale_id FROM payment WHERE job_id = ?)
       ORDER BY s.id DESC, p.job_id`,
      [jobId],
    ),
  );

/** Every blade with a price that went home to a customer from one moment up to another. */
export const billedBetween = async (
  db: Queryable,
  customerId: number,
  from: Date,
  until: Date,
): Promise<Statement['lines']> =>
  (
    await select<
      BillRow & {
        readonly jobId: number;
        readonly tagNumber: number;
        readonly blade: string;
        readonly returnedAt: Date;
      }
    >(
      db,
      `SELECT j.id AS jobId, j.tag_number AS tagNumber, b.name AS blade, j.returned_at AS returnedAt,
         ${BILL_COLUMNS}
       FROM blade b JOIN job j ON j.blade_id = b.id JOIN bill l ON l.job_id = j.id
       WHERE b.customer_id = ? AND j.returned_at >= ? AND j.returned_at < ? ORDER BY j.returned_at, j.id`,
      [customerId, from, until],
    )
  ).map(({ jobId, tagNumber, blade, returnedAt, ...bill }) => ({
    jobId,
    tagNumber,
    blade,
    returnedAt: returnedAt.toISOString(),
    bill: billOf(bill)!,
  }));
