/**
 * The shop page with a thousand open blades beside the demo's few, in the same run: opening, scrolling from end to end,
 * and a filter: `node --import tsx bench/thousand-blades.ts`.
 */
import { mkdir } from 'node:fs/promises';
import { chromium, type Page } from '@playwright/test';
import mysql from 'mysql2/promise';
import { OWNER, signIn } from '../e2e/support/hands';
import { RunningShop } from '../e2e/support/running-shop';
import { copyJob } from '../packages/server/test/many';
import { build } from '../scripts/build';
import { databaseEnvironment, startDatabase } from '../scripts/database';
import { dataFolder } from '../scripts/paths';

const BLADES = 1000;
const PX_A_FRAME = 120;

const say = (text: string): void => void process.stdout.write(`${text}\n`);

/** Scrolls from end to end, a step each frame; gives how long each frame took, ms. */
const scrolled = (page: Page): Promise<number[]> =>
  page.evaluate(
    (step) =>
      new Promise<number[]>((done) => {
        const frames: number[] = [];
        let last = performance.now();
        const next = (): void => {
          const now = performance.now();
          frames.push(now - last);
          last = now;
          const before = scrollY;
          scrollBy(0, step);
          if (scrollY === before) done(frames);
          else requestAnimationFrame(next);
        };
        requestAnimationFrame(next);
      }),
    PX_A_FRAME,
  );

/** From a press to the picture after it, ms. */
const pressed = (page: Page, name: RegExp): Promise<number> =>
  page
    .getByRole('button', { name })
    .first()
    .evaluate(
      (button: HTMLElement) =>
        new Promise<number>((done) => {
          const from = performance.now();
          button.click();
          requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - from)));
        }),
    );

const measured = async (page: Page, address: string, view: string): Promise<string> => {
  const from = performance.now();
  await page.goto(`${address}/?view=${view}`);
  await page.getByRole('region', { name: 'Next' }).waitFor();
  const openMs = performance.now() - from;
  await page.waitForLoadState('networkidle');
  await page.locator('main a[href^="/jobs/"]').nth(20).waitFor({ state: 'attached' });
  const frames = (await scrolled(page)).sort((a, b) => a - b);
  await page.evaluate(() => scrollTo(0, 0));
  const filterMs = await pressed(page, /^Late/);
  const at = (share: number): string => frames[Math.floor(share * (frames.length - 1))]!.toFixed(0);
  return `${view}: opened in ${openMs.toFixed(0)} ms; ${frames.length} frames of scrolling, half under ${at(0.5)} ms, 99 of 100 under ${at(0.99)} ms, longest ${at(1)} ms; a filter in ${filterMs.toFixed(0)} ms`;
};

await build();
const folder = dataFolder('test').replace(/test$/, 'bench');
await mkdir(folder, { recursive: true });
const database = await startDatabase(folder, 3339);
const environment = databaseEnvironment(database);
Object.assign(process.env, environment);
const shop = await RunningShop.open('demo');
const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  // What is sent to the page calls functions by the name the loader gives them.
  await page.addInitScript('globalThis.__name = (each) => each');
  await signIn(page, shop.address, ...OWNER);
  for (const view of ['silhouettes', 'list'])
    say(`the demo's blades, ${await measured(page, shop.address, view)}`);
  const pool = mysql.createPool({
    host: '127.0.0.1',
    port: 3339,
    user: environment['DATABASE_USER']!,
    password: environment['DATABASE_PASSWORD']!,
    database: shop.databaseName,
  });
  const [open] = await pool.query<mysql.RowDataPacket[]>(
    "SELECT id FROM job WHERE stage = 'planned' ORDER BY id LIMIT 1",
  );
  const [last] = await pool.query<mysql.RowDataPacket[]>('SELECT MAX(id) AS id FROM job');
  await copyJob(pool, Number(open[0]!['id']), BLADES, { emptied: true });
  await pool.query(
    `UPDATE job SET tag_number = 1000 + MOD(id, 8000), stage = ELT(1 + MOD(id, 4), 'taken in', 'planned', 'testing', 'ready'),
       promised_on = DATE_ADD(DATE_SUB(CURRENT_DATE, INTERVAL 5 DAY), INTERVAL MOD(id, 60) DAY) WHERE id > ?`,
    [last[0]!['id']],
  );
  await pool.end();
  for (const view of ['silhouettes', 'list'])
    say(`${BLADES} more, ${await measured(page, shop.address, view)}`);
} finally {
  await browser.close();
  await shop.kill();
  await database.stop();
}
