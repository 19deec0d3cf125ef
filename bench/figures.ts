/**
 * The shop's figures at 200,000 blades and two million steps, each beside the same sums read from the steps and bills
 * themselves, with the plans of their queries: `node --import tsx bench/figures.ts`. None is to take over 300 ms.
 */
import { mkdir } from 'node:fs/promises';
import mysql from 'mysql2/promise';
import { RunningShop } from '../e2e/support/running-shop';
import { addAllFigures, customerSums, daySums } from '../packages/server/src/figures/queries';
import type { Queryable } from '../packages/server/src/database/pool';
import { copyJob } from '../packages/server/test/many';
import { build } from '../scripts/build';
import { databaseEnvironment, startDatabase } from '../scripts/database';
import { dataFolder } from '../scripts/paths';

const BLADES = 200_000;
/** As many as bring ten blades each. */
const CUSTOMERS = 20_000;
const DAYS = 1825;
const ROUNDS = 15;

const say = (text: string): void => void process.stdout.write(`${text}\n`);

/** Over five years, eight kinds and all places, by the numbers of the rows. */
const SPREAD = [
  `UPDATE job SET returned_at = NOW() - INTERVAL MOD(id * 7919, ${DAYS}) DAY, decline_reason = NULL,
     taken_in_at = NOW() - INTERVAL MOD(id * 7919, ${DAYS}) + 3 DAY,
     promised_on = DATE(NOW() - INTERVAL MOD(id * 7919, ${DAYS}) DAY) - INTERVAL IF(MOD(id, 12) = 0, 2, 0) DAY,
     round = IF(MOD(id, 20) = 0, 2, 1), place_id = (SELECT MIN(id) FROM place) + MOD(id, 2)
   WHERE stage = 'returned'`,
  `UPDATE blade SET kind = ELT(1 + MOD(id, 8), 'chef', 'utility', 'paring', 'fillet', 'boning', 'outdoor', 'cleaver', 'carving')`,
  `UPDATE blade b JOIN (SELECT id, ROW_NUMBER() OVER (ORDER BY id DESC) - 1 AS nth FROM customer) k
       ON k.nth = MOD(b.id, ${CUSTOMERS}) SET b.customer_id = k.id`,
  'UPDATE plan_step p JOIN job j ON j.id = p.job_id SET p.finished_at = j.taken_in_at WHERE p.finished_at IS NOT NULL',
  'ANALYZE TABLE job',
  'ANALYZE TABLE plan_step',
  'ANALYZE TABLE blade',
];

/** The same sums as `daySums`, read from where they come from. */
const FROM_ALL = `SELECT COUNT(*) AS blades, SUM(w.seconds) AS workedSeconds, SUM(l.price_minor - l.discount_minor) AS earnedMinor
  FROM job j JOIN blade b ON b.id = j.blade_id LEFT JOIN bill l ON l.job_id = j.id
    LEFT JOIN (SELECT p.job_id, SUM(p.worked_seconds) AS seconds FROM plan_step p GROUP BY p.job_id) w ON w.job_id = j.id
  WHERE j.stage = 'returned' AND j.returned_at >= ? AND j.returned_at < ?`;

await build();
const folder = dataFolder('test').replace(/test$/, 'bench');
await mkdir(folder, { recursive: true });
const database = await startDatabase(folder, 3339);
Object.assign(process.env, databaseEnvironment(database));
const shop = await RunningShop.open('demo');
const pool = mysql.createPool({
  host: '127.0.0.1',
  port: Number(process.env['DATABASE_PORT']),
  user: process.env['DATABASE_USER'],
  password: process.env['DATABASE_PASSWORD'],
  database: shop.databaseName,
  decimalNumbers: true,
});

const p95 = async (work: () => Promise<unknown>, rounds = ROUNDS): Promise<number> => {
  const times: number[] = [];
  for (let round = 0; round < rounds; round += 1) {
    const from = performance.now();
    await work();
    if (round > 0 || rounds === 1) times.push(performance.now() - from);
  }
  return times.sort((a, b) => a - b)[Math.floor(0.95 * (times.length - 1))]!;
};

/** What the database means to do with each statement that is asked through it. */
const explaining = (name: string): Queryable =>
  ({
    execute: async (sql: string, values: unknown[]) => {
      const [rows] = await pool.query<mysql.RowDataPacket[]>(`EXPLAIN ${sql}`, values);
      for (const row of rows)
        say(
          `  ${name}: ${row['table']} ${row['type']} by ${row['key'] ?? 'no key'}, ${row['rows']} rows, ${row['Extra'] ?? ''}`,
        );
      return [[{}], []];
    },
  }) as unknown as Queryable;

try {
  const [found] = await pool.query<mysql.RowDataPacket[]>(
    // Of a customer with one receipt: theirs is copied with every blade.
    `SELECT j.id, COUNT(*) AS steps FROM job j JOIN plan_step p ON p.job_id = j.id JOIN blade b ON b.id = j.blade_id
     WHERE j.stage = 'returned' AND p.status = 'done'
       AND (SELECT COUNT(*) FROM sale s WHERE s.customer_id = b.customer_id) <= 1
     GROUP BY j.id ORDER BY ABS(COUNT(*) - 10), j.id LIMIT 1`,
  );
  const job = found[0] as { id: number; steps: number };
  say(`Copying a blade of ${job.steps} steps ${BLADES} times …`);
  await copyJob(pool, job.id, BLADES, { emptied: true });
  for (const sql of SPREAD) await pool.query(sql);
  say(
    `All figures anew: ${((await p95(() => addAllFigures(pool, new Date()), 1)) / 1000).toFixed(0)} s`,
  );
  await pool.query('ANALYZE TABLE visit_figure');
  const now = new Date();
  const day = (back: number): string =>
    new Date(now.getTime() - back * 86_400_000).toISOString().slice(0, 10);
  const [year, all] = [
    { from: day(365), to: day(0) },
    { from: day(DAYS), to: day(0) },
  ];
  const cookie = (
    await fetch(`${shop.address}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ login: 'ansa', password: 'reed-and-river' }),
    })
  ).headers
    .getSetCookie()[0]!
    .split(';')[0]!;
  const ask = (path: string) => async (): Promise<void> => {
    const answer = await fetch(`${shop.address}/api${path}`, { headers: { cookie } });
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  };
  for (const [name, days] of [
    ['a year', year],
    ['five years', all],
  ] as const) {
    const rolled = await p95(() => daySums(pool, 'month', days));
    const read = await p95(
      () => pool.query(FROM_ALL, [`${days.from} 00:00`, `${days.to} 23:59`]),
      3,
    );
    say(
      `Sums of ${name}: ${rolled.toFixed(0)} ms; from steps and bills ${read.toFixed(0)} ms (${(read / rolled).toFixed(0)} times)`,
    );
    say(`Customers, ${name}: ${(await p95(() => customerSums(pool, days))).toFixed(0)} ms`);
    say(
      `Regular customers, ${name}: ${(await p95(ask(`/figures/regulars?fromDay=${days.from}&toDay=${days.to}`))).toFixed(0)} ms`,
    );
    for (const by of ['week', 'month', 'place', 'kind', 'customer'] as const)
      say(
        `The page by ${by}, ${name}: ${(await p95(ask(`/figures?by=${by}&fromDay=${days.from}&toDay=${days.to}`))).toFixed(0)} ms`,
      );
  }
  for (const path of ['/stone-figures', '/trials', '/rates', '/lives?by=burr', '/forecasts'])
    say(`${path}: ${(await p95(ask(path))).toFixed(0)} ms`);
  say('Plans, of five years:');
  await daySums(explaining('sums by week'), 'week', all);
  await customerSums(explaining('customers'), all);
} finally {
  await pool.end();
  await shop.close();
  await database.stop();
}
