import type { Customer, CustomerBody, Phone } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';

/** The first telephone of the customer that stands as `c`. */
export const FIRST_PHONE = `COALESCE((SELECT p.number FROM customer_phone p
  WHERE p.customer_id = c.id ORDER BY p.position LIMIT 1), '')`;

export const CUSTOMER_COLUMNS = `c.id, c.name, c.trade, ${FIRST_PHONE} AS phone, c.note,
  c.edges_liked AS edgesLiked`;

/** Where a page of the list ends: the next begins behind it. */
export interface CustomerKey {
  readonly name: string;
  readonly id: number;
}

/** So many by name, from behind a key; those who were erased are not listed. */
export const listCustomers = (
  on: Queryable,
  most: number,
  after: CustomerKey | null,
): Promise<Customer[]> =>
  select<Customer>(
    on,
    `SELECT ${CUSTOMER_COLUMNS} FROM customer c WHERE c.erased_at IS NULL
     ${after ? 'AND (c.name > ? OR (c.name = ? AND c.id > ?))' : ''}
     ORDER BY c.name, c.id LIMIT ${most}`,
    after ? [after.name, after.name, after.id] : [],
  );

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

export const ERASED_NAME = 'Erased customer';

const THEIR_JOBS = 'job j JOIN blade b ON b.id = j.blade_id';

/** Texts that somebody typed, or that hold what somebody typed, and how a row of each is found again. */
export interface TextTable {
  readonly table: string;
  readonly keys: readonly string[];
  readonly plain: readonly string[];
  readonly json: readonly string[];
}
export const TEXT_TABLES: readonly TextTable[] = [
  { table: 'job_event', keys: ['id'], plain: ['text'], json: ['message'] },
  { table: 'plan_step', keys: ['id'], plain: ['override_reason'], json: ['detail', 'asks'] },
  { table: 'plan_version', keys: ['id'], plain: ['reason'], json: ['choices', 'record', 'steps'] },
  { table: 'plan_template', keys: ['id'], plain: ['name', 'note'], json: ['choices'] },
  { table: 'touch_up', keys: ['id'], plain: ['note'], json: [] },
  { table: 'consent', keys: ['id'], plain: ['words'], json: [] },
  { table: 'estimate_line', keys: ['job_id', 'position'], plain: ['label'], json: [] },
  {
    table: 'job',
    keys: ['id'],
    plain: ['holding', 'decline_reason'],
    json: ['plan_choices', 'plan_record', 'answers'],
  },
];

export type TextRow = Readonly<Record<string, string | number | null>>;

/** Every row of that table about a blade of theirs; JSON as it is written. */
export const textsOfCustomer = (
  on: Queryable,
  { table, keys, plain, json }: TextTable,
  customerId: number,
): Promise<TextRow[]> => {
  const columns = [
    ...[...keys, ...plain].map((column) => `e.${column}`),
    // As text, so that what is not changed is written back to the letter.
    ...json.map((column) => `CONCAT(e.${column}) AS ${column}`),
  ];
  const jobId = table === 'job' ? 'e.id' : 'e.job_id';
  return select<TextRow>(
    on,
    `SELECT ${columns.join(', ')} FROM ${table} e JOIN ${THEIR_JOBS} ON j.id = ${jobId}
     WHERE b.customer_id = ?`,
    [customerId],
  );
};

export const writeText = (
  on: Queryable,
  { table, keys }: TextTable,
  row: TextRow,
  column: string,
  text: string,
) =>
  change(
    on,
    `UPDATE ${table} SET ${column} = ? WHERE ${keys.map((key) => `${key} = ?`).join(' AND ')}`,
    [text, ...keys.map((key) => row[key]!)],
  );

export const jobIdsOfCustomer = async (on: Queryable, customerId: number): Promise<number[]> =>
  (
    await select<{ id: number }>(on, `SELECT j.id FROM ${THEIR_JOBS} WHERE b.customer_id = ?`, [
      customerId,
    ])
  ).map(({ id }) => id);

/** Forgets what is theirs as such: how they and their blades are called, what they said, how they are reached. */
export const forgetCustomer = async (on: Queryable, id: number): Promise<void> => {
  await change(
    on,
    `UPDATE ${THEIR_JOBS} SET j.asked_for = '', j.cuts = '', j.remarks = '' WHERE b.customer_id = ?`,
    [id],
  );
  await change(
    on,
    `UPDATE ${THEIR_JOBS} SET j.estimate_agreed_by = 'the customer'
     WHERE b.customer_id = ? AND j.estimate_agreed_by IS NOT NULL`,
    [id],
  );
  await change(
    on,
    `UPDATE consent e JOIN ${THEIR_JOBS} ON j.id = e.job_id SET e.given_by = 'the customer'
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
