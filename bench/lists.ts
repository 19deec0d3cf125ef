/**
 * Every list at 2,000 and at 200,000 blades, in one run on one database server: `node --import tsx bench/lists.ts`.
 * The 95th percentile of each at 200,000 is to be at most one and a half times that at 2,000. What is found by words has
 * a bench of its own (`search.ts`): there it is how many match that counts.
 */
import { mkdir } from 'node:fs/promises';
import mysql from 'mysql2/promise';
import { RunningShop } from '../e2e/support/running-shop';
import { copyJob } from '../packages/server/test/many';
import { build } from '../scripts/build';
import { databaseEnvironment, startDatabase } from '../scripts/database';
import { dataFolder } from '../scripts/paths';

const SIZES = [2_000, 200_000] as const;
const ROUNDS = 60;
const DATABASE_PORT = 3339;

interface Timed {
  readonly name: string;
  readonly p95Ms: number;
}

const cookieOf = async (address: string): Promise<string> => {
  const answer = await fetch(`${address}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login: 'ansa', password: 'reed-and-river' }),
  });
  return answer.headers.getSetCookie()[0]!.split(';')[0]!;
};

/** Of so many rounds, each asking for everything once. */
const time = async (address: string, paths: Readonly<Record<string, string>>): Promise<Timed[]> => {
  const cookie = await cookieOf(address);
  const took = new Map<string, number[]>(Object.keys(paths).map((name) => [name, []]));
  for (let round = 0; round < ROUNDS; round += 1) {
    for (const [name, path] of Object.entries(paths)) {
      const from = performance.now();
      const answer = await fetch(`${address}/api${path}`, { headers: { cookie } });
      await answer.arrayBuffer();
      if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
      // The first rounds warm the caches of both.
      if (round >= 10) took.get(name)!.push(performance.now() - from);
    }
  }
  return [...took].map(([name, each]) => ({
    name,
    p95Ms: each.sort((a, b) => a - b)[Math.floor(0.95 * each.length)]!,
  }));
};

const QUIET_PAGES = 500;

/** So many rows written at once are still being put away: what is timed is a shop at work, not that. */
const untilQuiet = async (pool: mysql.Pool): Promise<void> => {
  for (let tries = 0; tries < 120; tries += 1) {
    const [rows] = await pool.query<mysql.RowDataPacket[]>(
      "SHOW GLOBAL STATUS LIKE 'Innodb_buffer_pool_pages_dirty'",
    );
    if (Number((rows[0] as { Value: string }).Value) < QUIET_PAGES) return;
    await new Promise((resolve) => setTimeout(resolve, 2000));
  }
};

const folder = dataFolder('bench');
await mkdir(folder, { recursive: true });
await build();
const database = await startDatabase(folder, DATABASE_PORT);
try {
  Object.assign(process.env, databaseEnvironment(database));
  const results: Timed[][] = [];
  for (const size of SIZES) {
    const shop = await RunningShop.open('demo');
    const pool = mysql.createPool({
      host: '127.0.0.1',
      port: DATABASE_PORT,
      user: process.env['DATABASE_USER']!,
      password: process.env['DATABASE_PASSWORD']!,
      database: shop.databaseName,
    });
    const [rows] = await pool.query<mysql.RowDataPacket[]>(
      `SELECT j.id, j.blade_id AS bladeId, b.customer_id AS customerId FROM job j
       JOIN blade b ON b.id = j.blade_id WHERE j.stage = 'returned' AND j.plan_record IS NOT NULL
       ORDER BY j.id LIMIT 1`,
    );
    const pattern = rows[0] as { id: number; bladeId: number; customerId: number };
    const from = performance.now();
    await copyJob(pool, pattern.id, size);
    process.stdout.write(
      `${size} blades made in ${Math.round((performance.now() - from) / 1000)} s\n`,
    );
    await untilQuiet(pool);
    results.push(
      await time(shop.address, {
        'the shop': '/shop',
        'customers, first page': '/customers',
        'customers, a page in the middle': '/customers?afterName=Person%20150&afterId=1',
        'search by telephone': '/search?q=04000199',
        'a customer': `/customers/${pattern.customerId}`,
        'a blade': `/blades/${pattern.bladeId}`,
        'a job': `/jobs/${pattern.id}`,
        'the next tag': '/next-tag',
        'the rack': '/stones',
        'touch-ups of a blade': `/jobs/${pattern.id}/touch-ups`,
      }),
    );
    await pool.end();
    await shop.close();
  }
  const [small, large] = results as [Timed[], Timed[]];
  process.stdout.write(
    `\n${'p95, ms'.padEnd(34)}${SIZES.map((each) => String(each).padStart(10)).join('')}     ratio\n`,
  );
  for (const [index, { name, p95Ms }] of small.entries()) {
    const later = large[index]!.p95Ms;
    process.stdout.write(
      `${name.padEnd(34)}${p95Ms.toFixed(1).padStart(10)}${later.toFixed(1).padStart(10)}${(later / p95Ms).toFixed(2).padStart(10)}\n`,
    );
  }
} finally {
  await database.stop();
}
