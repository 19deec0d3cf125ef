import type { Customer, CustomerBody, Phone } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';

/** The first telephone of the customer that stands as `c`. */
export const FIRST_PHONE = `COALESCE((SELECT p.number FROM customer_phone p
  WHERE p.customer_id = c.id ORDER BY p.position LIMIT 1), '')`;

export const CUSTOMER_COLUMNS = `c.id, c.name, c.trade, ${FIRST_PHONE} AS phone, c.note,
  c.edges_liked AS edgesLiked`;

/** The first so many by name, and how many there are; those who were forgotten are not listed. */
export const listCustomers = (on: Queryable, most: number): Promise<Customer[]> =>
  select<Customer>(
    on,
    `SELECT ${CUSTOMER_COLUMNS} FROM customer c WHERE c.erased_at IS NULL
     ORDER BY c.name, c.id LIMIT ${most}`,
  );

export const countCustomers = async (on: Queryable): Promise<number> =>
  (
    await select<{ n: number }>(on, 'SELECT COUNT(*) AS n FROM customer WHERE erased_at IS NULL')
  )[0]!.n;

export interface CustomerRow extends Customer {
  readonly version: number;
  readonly erasedAt: Date | null;
}
const ROW_SELECT = `SELECT ${CUSTOMER_COLUMNS}, c.version, c.erased_at AS erasedAt FROM customer c
  WHERE c.id = ?`;

export const findCustomer = async (on: Queryable, id: number): Promise<CustomerRow | undefined> =>
  (await select<CustomerRow>(on, ROW_SELECT, [id]))[0];

/** What others read of an owner. */
export const toCustomer = ({
  id,
  name,
  trade,
  phone,
  note,
  edgesLiked,
}: CustomerRow): Customer => ({ id, name, trade, phone, note, edgesLiked });

/** The same under a lock. */
export const lockCustomer = async (on: Queryable, id: number): Promise<CustomerRow | undefined> => {
  await select(on, 'SELECT id FROM customer WHERE id = ? FOR UPDATE', [id]);
  return findCustomer(on, id);
};

export const phonesOf = (on: Queryable, customerId: number): Promise<Phone[]> =>
  select<Phone>(
    on,
    'SELECT label, number FROM customer_phone WHERE customer_id = ? ORDER BY position',
    [customerId],
  );

const replacePhones = async (
  on: Queryable,
  customerId: number,
  phones: readonly Phone[],
): Promise<void> => {
  await change(on, 'DELETE FROM customer_phone WHERE customer_id = ?', [customerId]);
  for (const [position, { label, number }] of phones.entries()) {
    await change(
      on,
      'INSERT INTO customer_phone (customer_id, position, label, number) VALUES (?, ?, ?, ?)',
      [customerId, position, label, number],
    );
  }
};

export const addCustomer = async (on: Queryable, body: CustomerBody): Promise<number> => {
  const { insertId } = await change(
    on,
    'INSERT INTO customer (name, trade, note, edges_liked) VALUES (?, ?, ?, ?)',
    [body.name, body.trade, body.note, body.edgesLiked],
  );
  await replacePhones(on, insertId, body.phones);
  return insertId;
};

export const changeCustomer = async (
  on: Queryable,
  id: number,
  body: CustomerBody,
): Promise<void> => {
  await change(
    on,
    `UPDATE customer SET name = ?, trade = ?, note = ?, edges_liked = ?, version = version + 1
     WHERE id = ?`,
    [body.name, body.trade, body.note, body.edgesLiked, id],
  );
  await replacePhones(on, id, body.phones);
};

export const moveBlades = (on: Queryable, fromId: number, intoId: number) =>
  change(on, 'UPDATE blade SET customer_id = ? WHERE customer_id = ?', [intoId, fromId]);

export const removeCustomer = (on: Queryable, id: number) =>
  change(on, 'DELETE FROM customer WHERE id = ?', [id]);

export const bladesInShop = async (on: Queryable, customerId: number): Promise<number> =>
  (
    await select<{ n: number }>(
      on,
      `SELECT COUNT(*) AS n FROM job j JOIN blade b ON b.id = j.blade_id
       WHERE b.customer_id = ? AND j.tag_in_use IS NOT NULL`,
      [customerId],
    )
  )[0]!.n;

export const ERASED_NAME = 'Erased owner';

const THEIR_JOBS = 'job j JOIN blade b ON b.id = j.blade_id';

/**
 * Forgets the person: how they are called, also where somebody wrote it in a remark; what their blades are
 * called; what they said; how they are reached.
 */
export const eraseCustomer = async (
  on: Queryable,
  { id, name }: Pick<Customer, 'id' | 'name'>,
): Promise<void> => {
  for (const [table, column] of [
    ['job_event e', 'e.text'],
    ['plan_step e', 'e.override_reason'],
    ['touch_up e', 'e.note'],
  ] as const) {
    await change(
      on,
      `UPDATE ${table} JOIN ${THEIR_JOBS} ON j.id = e.job_id
       SET ${column} = REPLACE(IF(b.name = '', ${column}, REPLACE(${column}, b.name, 'a blade')), ?, 'the owner')
       WHERE b.customer_id = ?`,
      [name, id],
    );
  }
  await change(
    on,
    `UPDATE ${THEIR_JOBS} SET j.asked_for = '', j.cuts = '', j.remarks = '', j.holding = REPLACE(j.holding, ?, 'the owner'),
       j.decline_reason = REPLACE(j.decline_reason, ?, 'the owner') WHERE b.customer_id = ?`,
    [name, name, id],
  );
  await change(
    on,
    `UPDATE ${THEIR_JOBS} SET j.estimate_agreed_by = 'the owner'
     WHERE b.customer_id = ? AND j.estimate_agreed_by IS NOT NULL`,
    [id],
  );
  await change(
    on,
    `UPDATE consent e JOIN ${THEIR_JOBS} ON j.id = e.job_id SET e.given_by = 'the owner'
     WHERE b.customer_id = ?`,
    [id],
  );
  // A picture may show more than the blade.
  await change(
    on,
    `DELETE e FROM photograph e JOIN ${THEIR_JOBS} ON j.id = e.job_id WHERE b.customer_id = ?`,
    [id],
  );
  await change(on, "UPDATE blade SET name = '' WHERE customer_id = ?", [id]);
  await change(on, 'DELETE FROM customer_phone WHERE customer_id = ?', [id]);
  await change(
    on,
    `UPDATE customer SET name = ?, trade = '', note = '', edges_liked = '', version = version + 1,
       erased_at = CURRENT_TIMESTAMP(3) WHERE id = ?`,
    [ERASED_NAME, id],
  );
};
