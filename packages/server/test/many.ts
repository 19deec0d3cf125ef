/** Thousands of blades made by SQL from one that went through the shop: for plans of queries and for benchmarks. */
import type { Pool, RowDataPacket } from 'mysql2/promise';

/** What is copied of the pattern, and which columns differ from copy to copy, by the number `n` of the copy. */
const COPIES: readonly (readonly [
  table: string,
  of: string,
  differing: Readonly<Record<string, string>>,
])[] = [
  ['customer', 'id = :customer', { id: ':base + n', name: "CONCAT('Person ', n)" }],
  [
    'customer_phone',
    'customer_id = :customer',
    {
      id: ':base + n',
      customer_id: ':base + n',
      number: "CONCAT('0', 4000000 + n)",
      digits: "CONCAT('0', 4000000 + n)",
      digits_backwards: "REVERSE(CONCAT('0', 4000000 + n))",
    },
  ],
  [
    'blade',
    'id = :blade',
    { id: ':base + n', customer_id: ':base + n', name: "CONCAT('Knife ', n)" },
  ],
  [
    'job',
    'id = :job',
    {
      id: ':base + n',
      blade_id: ':base + n',
      tag_number: '1 + MOD(n, 9999)',
      stage: "'returned'",
    },
  ],
  ['damage', 'job_id = :job', { job_id: ':base + n' }],
  ['job_event', 'job_id = :job', { id: null as unknown as string, job_id: ':base + n' }],
  ['plan_step', 'job_id = :job', { id: null as unknown as string, job_id: ':base + n' }],
  ['edge_reading', 'job_id = :job', { job_id: ':base + n' }],
  ['consent', 'job_id = :job', { id: null as unknown as string, job_id: ':base + n' }],
  ['estimate_line', 'job_id = :job', { job_id: ':base + n' }],
  ['plan_version', 'job_id = :job', { id: null as unknown as string, job_id: ':base + n' }],
  ['touch_up', 'job_id = :job', { id: null as unknown as string, job_id: ':base + n' }],
  ['photograph', 'job_id = :job', { id: null as unknown as string, job_id: ':base + n' }],
  ['bill', 'job_id = :job', { job_id: ':base + n' }],
  [
    'sale',
    'customer_id = :customer',
    { id: ':base + n', customer_id: ':base + n', number: ':base + n' },
  ],
  ['payment', 'job_id = :job', { sale_id: ':base + n', job_id: ':base + n' }],
  [
    'message',
    'job_id = :job',
    {
      id: null as unknown as string,
      job_id: ':base + n',
      customer_id: ':base + n',
      message_key: "CONCAT('copy ', n)",
    },
  ],
  ['complaint', 'job_id = :job', { job_id: ':base + n' }],
  ['visit_page', 'job_id = :job', { job_id: ':base + n', token: "CONCAT('copy ', n)" }],
  ['visit_answer', 'job_id = :job', { job_id: ':base + n' }],
];

/** Tables that grow with the work of the shop: none of them may be read whole to answer one question. */
export const GROWING = [
  ...COPIES.map(([table]) => table),
  'burr_check',
  'shop_event',
  'search_word',
];

interface Column {
  readonly name: string;
  readonly isLong: boolean;
}

const columnsOf = async (pool: Pool, table: string): Promise<Column[]> => {
  const [rows] = await pool.query<RowDataPacket[]>(
    `SELECT COLUMN_NAME AS name, DATA_TYPE = 'longtext' AS isLong FROM information_schema.COLUMNS
     WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ? AND GENERATION_EXPRESSION IS NULL`,
    [table],
  );
  return rows.map(({ name, isLong }) => ({ name: String(name), isLong: Boolean(isLong) }));
};

interface Copying {
  /** Plans and what else is long come empty: enough where only the way to a row is looked at, and a gigabyte less. */
  readonly emptied?: boolean;
}

/** So many more blades like that of the job, all gone home, each of a customer of its own. */
export const copyJob = async (
  pool: Pool,
  jobId: number,
  count: number,
  { emptied = false }: Copying = {},
): Promise<void> => {
  const [found] = await pool.query<RowDataPacket[]>(
    `SELECT j.blade_id AS blade, b.customer_id AS customer,
       (SELECT MAX(id) FROM job) + (SELECT MAX(id) FROM customer) + 1000 AS base
     FROM job j JOIN blade b ON b.id = j.blade_id WHERE j.id = ?`,
    [jobId],
  );
  const { blade, customer, base } = found[0] as { blade: number; customer: number; base: number };
  const named = (sql: string): string =>
    sql
      .replaceAll(':customer', String(customer))
      .replaceAll(':blade', String(blade))
      .replaceAll(':job', String(jobId))
      .replaceAll(':base', String(base));
  for (const [table, of, differing] of COPIES) {
    const columns = (await columnsOf(pool, table)).filter(
      ({ name }) => !(name in differing) || differing[name] !== null,
    );
    const values = columns.map(
      ({ name, isLong }) =>
        differing[name] ?? (emptied && isLong ? `IF(t.${name} IS NULL, NULL, '{}')` : `t.${name}`),
    );
    await pool.query(
      named(
        `INSERT INTO ${table} (${columns.map(({ name }) => name).join(', ')})
         SELECT ${values.join(', ')} FROM ${table} t JOIN seq_1_to_${count} q
         CROSS JOIN (SELECT 0) z WHERE t.${of}`,
      ).replaceAll(/\bn\b/g, 'q.seq'),
    );
  }
  await pool.query(
    `INSERT IGNORE INTO burr_check (plan_step_id, round, side, zone, finding)
     SELECT id, 1, 'right', 'heel', 'none' FROM plan_step WHERE job_id > ${base}`,
  );
  await pool.query(
    `INSERT INTO shop_event (at, staff_id, subject, subject_id, message)
     SELECT CURRENT_TIMESTAMP(3), 1, 'customer', ${base} + seq, '{"code":"event.customer-added"}' FROM seq_1_to_${count}`,
  );
  await pool.query(
    `INSERT IGNORE INTO search_word (piece, word)
     SELECT CONCAT('knife', seq), CONCAT('knife', seq) FROM seq_1_to_${count}`,
  );
  for (const table of GROWING) await pool.query(`ANALYZE TABLE ${table}`);
};
