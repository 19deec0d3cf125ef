/**
 * The shop over a line of 50 kB/s and 600 ms, cold and warm, and over a quick line in the same run:
 * `node --import tsx bench/slow-network.ts`. Cold is a device where somebody was signed in before, its cache empty.
 */
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { RunningShop } from '../e2e/support/running-shop';
import { databaseEnvironment, startDatabase } from '../scripts/database';
import { build } from '../scripts/build';
import { dataFolder } from '../scripts/paths';
import { mkdir } from 'node:fs/promises';

const BYTES_PER_S = 50 * 1024;
const LATENCY_MS = 600;
const ROUNDS = 3;

const say = (text: string): void => void process.stdout.write(`${text}\n`);
const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;

interface Opened {
  readonly skeletonMs: number;
  readonly shopMs: number;
}

/** From the first byte to the skeleton, and from asking to the shop. */
const open = async (page: Page, address: string): Promise<Opened> => {
  const began = performance.now();
  await page.goto(address, { waitUntil: 'commit' });
  const firstByte = performance.now();
  await page.locator('[data-skeleton]').first().waitFor({ state: 'attached' });
  const skeletonMs = performance.now() - firstByte;
  await page.locator('main h1').first().waitFor();
  const shopMs = performance.now() - began;
  await page.waitForLoadState('networkidle');
  return { skeletonMs, shopMs };
};

const lineOf = (session: CDPSession, isSlow: boolean) =>
  session.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: isSlow ? LATENCY_MS : 0,
    downloadThroughput: isSlow ? BYTES_PER_S : -1,
    uploadThroughput: isSlow ? BYTES_PER_S : -1,
  });

await build();
const folder = dataFolder('test').replace(/test$/, 'bench');
await mkdir(folder, { recursive: true });
const database = await startDatabase(folder, 3339);
Object.assign(process.env, databaseEnvironment(database));
const shop = await RunningShop.open('demo');
const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: { width: 390, height: 844 },
  });
  const page = await context.newPage();
  await page.request.post(`${shop.address}/api/session`, {
    data: { login: 'ansa', password: 'reed-and-river' },
  });
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await open(page, shop.address);
  for (const isSlow of [false, true]) {
    await lineOf(session, isSlow);
    const cold: Opened[] = [];
    const warm: Opened[] = [];
    for (let round = 0; round < ROUNDS; round += 1) {
      await session.send('Network.clearBrowserCache');
      cold.push(await open(page, shop.address));
      warm.push(await open(page, shop.address));
    }
    for (const [name, all] of [
      ['cold', cold],
      ['warm', warm],
    ] as const)
      say(
        `${isSlow ? 'thin line' : 'quick line'}, ${name}: skeleton ${median(all.map((each) => each.skeletonMs)).toFixed(0)} ms after the first byte, shop ${(median(all.map((each) => each.shopMs)) / 1000).toFixed(2)} s`,
      );
  }
} finally {
  await browser.close();
  await shop.kill();
  await database.stop();
}
