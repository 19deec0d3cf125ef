/**
 * Search over 50,000 owners and 200,000 blades, through the API and as the bare SQL of the same, in turn:
 * `npx tsx bench/search.ts`. The first run fills a database of its own.
 */
import { once } from 'node:events';
import { mkdir, readFile } from 'node:fs/promises';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { pino } from 'pino';
import { inProcessCompute } from '../packages/server/src/compute/in-process';
import { createApp } from '../packages/server/src/app';
import { migrate } from '../packages/server/src/database/migrate';
import { openPool } from '../packages/server/src/database/pool';
import { find } from '../packages/server/src/search/find';
import { databaseEnvironment, startDatabase } from '../scripts/database';
import { dataFolder, ROOT } from '../scripts/paths';

const OWNERS = 50_000;
const BLADES_EACH = 4;
const ROUNDS = 40;
const DATABASE_PORT = 3339;
const PASSWORD = 'long-enough-to-keep';
const TYPED = [
  'bar',
  'barlow t',
  'thatch',
  '0171 23',
  '4711',
  'ham kn',
  'zzz',
  'wi',
  'thathcer',
  'peler',
];

const SYLLABLES = [
  'bar',
  'low',
  'tam',
  'sin',
  'wick',
  'hol',
  'mere',
  'fen',
  'oak',
  'rud',
  'win',
  'der',
];
const TRADES = ['Thatcher', 'Baker', 'Cook', 'Gardener', 'Barber', 'Household'];
const BLADES = ['Ham knife', 'Bread knife', 'Long one', 'Red handle', 'Peeler'];

/** Names of two words, the same every time. */
const nameOf = (index: number): string => {
  const word = (seed: number): string => {
    const letters = [seed, seed * 7 + 3, seed * 13 + 5]
      .map((each) => SYLLABLES[each % 12]!)
      .join('');
    return letters[0]!.toUpperCase() + letters.slice(1);
  };
  return `${word(index)} ${word(Math.floor(index / 12) * 5 + index)}`;
};

const median = (times: number[]): number =>
  times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
const say = (words: string): void => void process.stdout.write(`${words}\n`);

const folder = dataFolder('test').replace(/test$/, 'bench');
await mkdir(folder, { recursive: true });
const database = await startDatabase(folder, DATABASE_PORT);
const environment = databaseEnvironment(database);
const pool = openPool({
  host: '127.0.0.1',
  port: DATABASE_PORT,
  user: environment['DATABASE_USER']!,
  password: environment['DATABASE_PASSWORD']!,
  database: environment['DATABASE_NAME']!,
});
await migrate(pool, join(ROOT, 'packages/server/src/database/migrations'));

const [held] = await pool.query('SELECT COUNT(*) AS n FROM job');
if ((held as { n: number }[])[0]!.n < OWNERS * BLADES_EACH) {
  say('filling the database');
  for (let from = 0; from < OWNERS; from += 1000) {
    const ids = Array.from({ length: 1000 }, (_, index) => from + index + 1);
    await pool.query('INSERT IGNORE INTO customer (id, name, trade) VALUES ?', [
      ids.map((id) => [id, nameOf(id), TRADES[id % TRADES.length]]),
    ]);
    await pool.query('INSERT INTO customer_phone (customer_id, position, number) VALUES ?', [
      ids.map((id) => [id, 0, `0${171 + (id % 40)} ${(id * 7919) % 1_000_000}`]),
    ]);
    const blades = ids.flatMap((id) =>
      Array.from({ length: BLADES_EACH }, (_, index) => (id - 1) * BLADES_EACH + index + 1),
    );
    await pool.query('INSERT IGNORE INTO blade (id, customer_id, name, kind, steel) VALUES ?', [
      blades.map((id) => [
        id,
        Math.ceil(id / BLADES_EACH),
        `${BLADES[id % BLADES.length]} ${nameOf(id).split(' ')[1]}`,
        'chef',
        'SAE 1095',
      ]),
    ]);
    await pool.query(
      `INSERT INTO job (blade_id, tag_number, stage, promised_on, use_id, sharpness, edge_length_mm,
         height_heel_mm, height_middle_mm, height_tip_mm, spine_heel_mm, spine_middle_mm, spine_tip_mm,
         thickness_behind_edge_mm) VALUES ?`,
      [
        blades.map((id) => [
          id,
          (id % 9999) + 1,
          'returned',
          '2026-01-01',
          'general-soft',
          'dull',
          ...[210, 46, 40, 17, 2.4, 2, 1.1, 0.4],
        ]),
      ],
    );
  }
}

// What names are made of, as the migration that brought it in fills it.
const [words] = await pool.query('SELECT 1 FROM search_word LIMIT 1');
if ((words as unknown[]).length === 0) {
  const migration = await readFile(
    join(ROOT, 'packages/server/src/database/migrations/032_search_words.sql'),
    'utf8',
  );
  await pool.query(migration.slice(migration.indexOf('INSERT IGNORE')));
}

const { app, close } = createApp({
  pool,
  mode: 'shop',
  sessionSecret: 'for the benchmark',
  webFolder: null,
  logger: pino({ level: 'silent' }),
  compute: inProcessCompute(),
});
const server = app.listen(0, '127.0.0.1');
await once(server, 'listening');
const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`;
const json = { 'Content-Type': 'application/json' };
const owner = { login: 'bench', password: PASSWORD };
await fetch(`${base}/set-up`, {
  method: 'POST',
  headers: json,
  body: JSON.stringify({ shopName: 'Bench', name: 'Bench', ...owner }),
});
const session = await fetch(`${base}/session`, {
  method: 'POST',
  headers: json,
  body: JSON.stringify(owner),
});
const cookie = session.headers.get('set-cookie')!.split(';')[0]!;
const ask = async (typed: string): Promise<unknown> =>
  (await fetch(`${base}/search?q=${encodeURIComponent(typed)}`, { headers: { cookie } })).json();

const timed = async (work: () => Promise<unknown>): Promise<number> => {
  const from = performance.now();
  await work();
  return performance.now() - from;
};
let through = 0;
let bare = 0;
for (const typed of TYPED) {
  for (let warm = 0; warm < 5; warm += 1) await Promise.all([ask(typed), find(pool, typed)]);
  const api: number[] = [];
  const sql: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    sql.push(await timed(() => find(pool, typed)));
    api.push(await timed(() => ask(typed)));
  }
  through += median(api);
  bare += median(sql);
  say(
    `  "${typed}": ${median(api).toFixed(1)} ms through the API, ${median(sql).toFixed(1)} ms bare`,
  );
}
say(
  `${(through / bare).toFixed(2)} times the bare SQL, ${(through / TYPED.length).toFixed(1)} ms a search`,
);
server.closeAllConnections();
server.close();
await close();
await pool.end();
await database.stop();
process.exit(0);
