/** Every SELECT of the application, put to the database as a question about its plan. */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { RowDataPacket } from 'mysql2/promise';
import { begun, openShop, planned, takeIn, workBody, type TestShop } from '../../test/test-shop';
import { copyJob, GROWING } from '../../test/many';
import { TEXT_TABLES } from '../customers/queries';
import type { Queryable } from './pool';

const SOURCE = join(__dirname, '..');
const BLADES = 20_000;
/** More rows than this of a growing table are not looked at to answer one question. */
const MOST_ROWS = 500;

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('query plans');
  const job = await begun(shop.owner, await planned(shop.owner, await takeIn(shop.owner)));
  await shop.owner
    .put(`/api/jobs/${job.id}/steps/${job.steps[0]!.id}/work`)
    .send(workBody({ strokesRight: 3 }))
    .expect(200);
  for (const sql of [
    'INSERT INTO bill (job_id, price_minor) VALUES (:job, 100)',
    "INSERT INTO sale (id, number, customer_id, staff_id, method) VALUES (1, 1, :customer, 1, 'cash')",
    'INSERT INTO payment (sale_id, job_id, amount_minor) VALUES (1, :job, 100)',
    `INSERT INTO message (message_key, kind, customer_id, job_id, address, subject, body, state)
       VALUES ('one', 'ready', :customer, :job, 'x@home.example', 'x', 'x', 'sent')`,
    "INSERT INTO complaint (job_id, signs, settled_at) VALUES (:job, '{}', NOW())",
    "INSERT INTO visit_page (job_id, token) VALUES (:job, 'one')",
    "INSERT INTO visit_answer (job_id, answer) VALUES (:job, 'wish')",
  ])
    await shop.pool.query(
      sql.replaceAll(':job', String(job.id)).replaceAll(':customer', String(job.customer.id)),
    );
  await copyJob(shop.pool, job.id, BLADES, { emptied: true });
});
afterAll(() => shop.close());

/** Stands in for whatever a query asks for: 1 as a number, nothing as a list, itself as a field. */
const anything: unknown = new Proxy(() => anything, {
  get: (_target, name) => {
    if (name === Symbol.toPrimitive) return () => 1;
    if (name === Symbol.iterator) return () => [][Symbol.iterator]();
    if (name === 'toJSON') return () => 1;
    if (name === 'length') return 0;
    if (['map', 'flatMap', 'filter', 'entries', 'slice'].includes(String(name))) return () => [];
    if (name === 'then') return undefined;
    return anything;
  },
});

/** What names a table cannot be anything. */
const FIRST_ARGUMENTS: Readonly<Record<string, readonly unknown[]>> = {
  textsOfCustomer: TEXT_TABLES,
};

interface Asked {
  readonly module: string;
  readonly name: string;
  readonly sql: string;
}

/** What every function of a `queries.ts` asks, found by calling each with a connection that only listens. */
const askedBy = async (module: string): Promise<{ asked: Asked[]; silent: string[] }> => {
  const functions = (await import(join(SOURCE, module, 'queries'))) as Record<string, unknown>;
  const asked: Asked[] = [];
  const silent: string[] = [];
  for (const [name, each] of Object.entries(functions)) {
    if (typeof each !== 'function') continue;
    let heard = 0;
    const listening = {
      execute: (sql: string) => {
        heard += 1;
        asked.push({ module, name, sql });
        return Promise.resolve([[], []]);
      },
    } as unknown as Queryable;
    const usual = Array.from({ length: 8 }, () => anything);
    for (const first of FIRST_ARGUMENTS[name] ?? [anything]) {
      try {
        await (each as (...args: unknown[]) => unknown)(listening, first, ...usual);
      } catch (error) {
        // It was answered with nothing: what it asked is on the list.
        if (!(error instanceof TypeError)) throw error;
      }
    }
    if (heard === 0 && /\bselect\b/.test(each.toString())) silent.push(`${module}: ${name}`);
  }
  return { asked, silent };
};

const modules = readdirSync(SOURCE).filter((name) =>
  readdirSync(join(SOURCE), { recursive: true, encoding: 'utf8' }).includes(`${name}/queries.ts`),
);

interface PlanRow extends RowDataPacket {
  readonly table: string | null;
  readonly type: string | null;
  readonly rows: number | null;
  readonly key: string | null;
}

test.each(modules)('%s reads no growing table whole', async (module) => {
  const { asked, silent } = await askedBy(module);
  // Only what needs a real answer before it asks again may stay unheard.
  expect(silent).toEqual([]);
  const selects = asked.filter(({ sql }) => /^\s*\(?SELECT/.test(sql));
  const slow: string[] = [];
  for (const { name, sql } of selects) {
    const marks = sql.split('?').length - 1;
    const [rows] = await shop.pool.query<PlanRow[]>(
      `EXPLAIN ${sql}`,
      Array.from({ length: marks }, () => '1'),
    );
    for (const { table, type, rows: read, key } of rows) {
      const of = aliasesIn(sql).get(String(table)) ?? String(table);
      const isWhole = type === 'ALL' || type === 'index';
      if (GROWING.includes(of) && isWhole && (read ?? 0) > MOST_ROWS)
        slow.push(`${name}: ${of} by ${key ?? 'no key'}, ${read} rows`);
    }
  }
  expect(slow).toEqual([]);
});

/** Names that tables go by in a statement. */
const aliasesIn = (sql: string): ReadonlyMap<string, string> =>
  new Map(
    [
      ...sql.matchAll(
        /(?:FROM|JOIN)\s+(\w+)(?:\s+(?:AS\s+)?(?!WHERE|JOIN|ON|ORDER|GROUP|LIMIT|LEFT)(\w+))?/g,
      ),
    ].map(([, table, alias]) => [alias ?? table!, table!]),
  );
