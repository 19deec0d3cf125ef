import type { Customer, CustomerBody, Phone } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';
import { addSearchWords } from '../search-words/queries';

/** The first telephone of the customer that stands as `c`. */
export const FIRST_PHONE = `COALESCE((SELECT p.number FROM customer_phone p
  WHERE p.customer_id = c.id ORDER BY p.position LIMIT 1), '')`;

/** All but who it is: for a row that has an id of its own. */
export const CUSTOMER_FACTS = `c.name, c.trade, ${FIRST_PHONE} AS phone, c.note,
  c.edges_liked AS edgesLiked`;
export const CUSTOMER_COLUMNS = `c.id, ${CUSTOMER_FACTS}`;

/** Where a page of the list ends: the next begins behind it. */
export interface CustomerKey {
  readonly name: string;
  readonly id: number;
}

/** Behind a key: two ranges of one index, each read no further than the page. One range with OR would be read whole. */
const BEHIND = (most: number): string =>
  `((SELECT id, name FROM customer FORCE INDEX (customer_listed) WHERE erased_at IS NULL AND name = ? AND id > ?
       ORDER BY id LIMIT ${most})
     UNION ALL
    (SELECT id, name FROM customer FORCE INDEX (customer_listed) WHERE erased_at IS NULL AND name > ?
       ORDER BY name, id LIMIT ${most})
    ORDER BY name, id LIMIT ${most})`;

const FIRST = (most: number): string =>
  `(SELECT id, name FROM customer FORCE INDEX (customer_listed) WHERE erased_at IS NULL ORDER BY name, id LIMIT ${most})`;

/** So many by name, from behind a key; those who were erased are not listed. */
export const listCustomers = (
  db: Queryable,
  most: number,
  after: CustomerKey | null,
): Promise<Customer[]> =>
  select<Customer>(
    db,
    `SELECT ${CUSTOMER_COLUMNS} FROM ${after ? BEHIND(most) : FIRST(most)} page
     STRAIGHT_JOIN customer c ON c.id = page.id ORDER BY c.name, c.id`,
    after ? [after.name, after.id, after.name] : [],
  );

export interface CustomerRow extends Customer {
  readonly email: string;
  readonly mayWrite: CustomerBody['mayWrite'];
  readonly mayWriteSince: Date | null;
  readonly onAccount: number;
  readonly version: number;
  readonly erasedAt: Date | null;
}
const ROW_SELECT = `SELECT ${CUSTOMER_COLUMNS}, c.email, c.may_write AS mayWrite,
  c.may_write_since AS mayWriteSince, c.on_account AS onAccount, c.version, c.erased_at AS erasedAt FROM customer c
  WHERE c.id = ?`;

export const findCustomer = async (db: Queryable, id: number): Promise<CustomerRow | undefined> =>
  (await select<CustomerRow>(db, ROW_SELECT, [id]))[0];

/** What others read of a customer. */
export const toCustomer = ({
  id,
  name,
  trade,
  phone,
  note,
  edgesLiked,
}: CustomerRow): Customer => ({ id, name, trade, phone, note, edgesLiked });

/** The same under a lock. */
export const lockCustomer = async (db: Queryable, id: number): Promise<CustomerRow | undefined> => {
  await select(db, 'SELECT id FROM customer WHERE id = ? FOR UPDATE', [id]);
  return findCustomer(db, id);
};

export const phonesOf = (db: Queryable, customerId: number): Promise<Phone[]> =>
  select<Phone>(
    db,
    'SELECT label, number FROM customer_phone WHERE customer_id = ? ORDER BY position',
    [customerId],
  );

const replacePhones = async (
  db: Queryable,
  customerId: number,
  phones: readonly Phone[],
): Promise<void> => {
  await execute(db, 'DELETE FROM customer_phone WHERE customer_id = ?', [customerId]);
  for (const [position, { label, number }] of phones.entries()) {
    await execute(
      db,
      'INSERT INTO customer_phone (customer_id, position, label, number) VALUES (?, ?, ?, ?)',
      [customerId, position, label, number],
    );
  }
};

export const addCustomer = async (db: Queryable, body: CustomerBody): Promise<number> => {
  const { insertId } = await execute(
    db,
    `INSERT INTO customer (name, trade, note, edges_liked, email, may_write, may_write_since, on_account)
     VALUES (?, ?, ?, ?, ?, ?, IF(? = 'not asked', NULL, CURRENT_TIMESTAMP(3)), ?)`,
    [
      body.name,
      body.trade,
      body.note,
      body.edgesLiked,
      body.email,
      body.mayWrite,
      body.mayWrite,
      body.onAccount,
    ],
  );
  await replacePhones(db, insertId, body.phones);
  await addSearchWords(db, body.name, body.trade);
  return insertId;
};

export const changeCustomer = async (
  db: Queryable,
  id: number,
  body: CustomerBody,
): Promise<void> => {
  await execute(
    db,
    `UPDATE customer SET name = ?, trade = ?, note = ?, edges_liked = ?, email = ?, on_account = ?,
       may_write_since = IF(may_write = ?, may_write_since, IF(? = 'not asked', NULL, CURRENT_TIMESTAMP(3))),
       may_write = ?, version = version + 1 WHERE id = ?`,
    [
      body.name,
      body.trade,
      body.note,
      body.edgesLiked,
      body.email,
      body.onAccount,
      body.mayWrite,
      body.mayWrite,
      body.mayWrite,
      id,
    ],
  );
  await replacePhones(db, id, body.phones);
  await addSearchWords(db, body.name, body.trade);
};

export const moveBlades = (db: Queryable, fromId: number, intoId: number) =>
  execute(db, 'UPDATE blade SET customer_id = ? WHERE customer_id = ?', [intoId, fromId]);

/** Receipts and messages of one who is gone belong to the one who stays. */
export const moveDealings = async (
  db: Queryable,
  fromId: number,
  intoId: number,
): Promise<void> => {
  await execute(db, 'UPDATE sale SET customer_id = ? WHERE customer_id = ?', [intoId, fromId]);
  await execute(db, 'UPDATE visit_figure SET customer_id = ? WHERE customer_id = ?', [
    intoId,
    fromId,
  ]);
  await execute(db, 'UPDATE message SET customer_id = ? WHERE customer_id = ?', [intoId, fromId]);
  await execute(
    db,
    "UPDATE shop_event SET subject_id = ? WHERE subject = 'customer' AND subject_id = ?",
    [intoId, fromId],
  );
};

export const removeCustomer = (db: Queryable, id: number) =>
  execute(db, 'DELETE FROM customer WHERE id = ?', [id]);

export const bladesInShop = async (db: Queryable, customerId: number): Promise<number> =>
  (
    await select<{ n: number }>(
      db,
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
  { table: 'bill', keys: ['job_id'], plain: ['discount_reason'], json: [] },
  { table: 'complaint', keys: ['job_id'], plain: ['reason'], json: [] },
  { table: 'estimate_line', keys: ['job_id', 'position'], plain: ['label'], json: [] },
  {
    table: 'job',
    keys: ['id'],
    plain: ['holding', 'block', 'decline_reason'],
    json: ['plan_choices', 'plan_record', 'answers'],
  },
];

export type TextRow = Readonly<Record<string, string | number | null>>;

/** Every row of that table about a blade of theirs; JSON as it is written. */
export const textsOfCustomer = (
  db: Queryable,
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
    db,
    `SELECT ${columns.join(', ')} FROM ${table} e JOIN ${THEIR_JOBS} ON j.id = ${jobId}
     WHERE b.customer_id = ?`,
    [customerId],
  );
};

export const writeText = (
  db: Queryable,
  { table, keys }: TextTable,
  row: TextRow,
  column: string,
  text: string,
) =>
  execute(
    db,
    `UPDATE ${table} SET ${column} = ? WHERE ${keys.map((key) => `${key} = ?`).join(' AND ')}`,
    [text, ...keys.map((key) => row[key]!)],
  );

export const jobIdsOfCustomer = async (db: Queryable, customerId: number): Promise<number[]> =>
  (
    await select<{ id: number }>(db, `SELECT j.id FROM ${THEIR_JOBS} WHERE b.customer_id = ?`, [
      customerId,
    ])
  ).map(({ id }) => id);

/** Forgets what is theirs as such: how they and their blades are called, what they said, how they are reached. */
export const forgetCustomer = async (db: Queryable, id: number): Promise<void> => {
  await execute(
    db,
    `UPDATE ${THEIR_JOBS} SET j.asked_for = '', j.cuts = '', j.remarks = '' WHERE b.customer_id = ?`,
    [id],
  );
  await execute(
    db,
    `UPDATE ${THEIR_JOBS} SET j.estimate_agreed_by = 'the customer'
     WHERE b.customer_id = ? AND j.estimate_agreed_by IS NOT NULL`,
    [id],
  );
  await execute(
    db,
    `UPDATE consent e JOIN ${THEIR_JOBS} ON j.id = e.job_id SET e.given_by = 'the customer'
     WHERE b.customer_id = ?`,
    [id],
  );
  // A picture may show more than the blade.
  await execute(
    db,
    `DELETE e FROM photograph e JOIN ${THEIR_JOBS} ON j.id = e.job_id WHERE b.customer_id = ?`,
    [id],
  );
  await execute(db, `UPDATE ${THEIR_JOBS} SET j.collected_by = '' WHERE b.customer_id = ?`, [id]);
  await execute(
    db,
    `UPDATE visit_answer e JOIN ${THEIR_JOBS} ON j.id = e.job_id SET e.words = '' WHERE b.customer_id = ?`,
    [id],
  );
  await execute(
    db,
    `UPDATE complaint e JOIN ${THEIR_JOBS} ON j.id = e.job_id SET e.words = '' WHERE b.customer_id = ?`,
    [id],
  );
  await execute(
    db,
    `DELETE e FROM visit_page e JOIN ${THEIR_JOBS} ON j.id = e.job_id WHERE b.customer_id = ?`,
    [id],
  );
  await execute(db, 'DELETE FROM message WHERE customer_id = ?', [id]);
  await execute(db, "UPDATE blade SET name = '' WHERE customer_id = ?", [id]);
  await execute(db, 'DELETE FROM customer_phone WHERE customer_id = ?', [id]);
  await execute(
    db,
    `UPDATE customer SET name = ?, trade = '', note = '', edges_liked = '', email = '', may_write = 'no',
       may_write_since = NULL, version = version + 1,
       erased_at = CURRENT_TIMESTAMP(3) WHERE id = ?`,
    [ERASED_NAME, id],
  );
};
