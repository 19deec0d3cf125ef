/** How much script a page loads before it can be used, gzipped: a telephone at a market has a thin line. */
import { stat } from 'node:fs/promises';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { SERVER_ENTRY } from '../scripts/paths';
import { BENCH, jobNumber, enterShop } from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const ASSETS = join(SERVER_ENTRY, '..', 'web', 'assets');

/** What a page loads once it stands, to work without a connection later: nobody waits for it. */
const FOR_LATER =
  /^(build|connection-banner|kept-work|send-outbox|virtual_pwa-register|workbox-window)[.-]/;

/** Sum of the gzipped scripts a fresh page asks for until nothing more comes, kB. */
const weightOf = async (page: Page, path: string, ready: () => Promise<void>): Promise<number> => {
  const encodings = new Map<string, string | undefined>();
  page.on('response', (response) => {
    const name = /\/assets\/([^/]+\.js)$/.exec(new URL(response.url()).pathname)?.[1];
    if (name !== undefined && !FOR_LATER.test(name))
      encodings.set(name, response.headers()['content-encoding']);
  });
  await page.goto(`${shop.address}${path}`);
  await ready();
  await page.waitForLoadState('networkidle');
  const sizes = await Promise.all(
    [...encodings].map(async ([name, encoding]) => {
      const small = await stat(join(ASSETS, `${name}.gz`)).catch(() => null);
      if (small === null) return (await stat(join(ASSETS, name))).size;
      // A browser asks for brotli over TLS only; a script that lies there compressed is never sent as it is.
      expect(['gzip', 'br']).toContain(encoding);
      return small.size;
    }),
  );
  return sizes.reduce((sum, each) => sum + each, 0) / 1000;
};

test('signing in loads at most 140 kB of script', async ({ page }) => {
  const kB = await weightOf(page, '/', () => page.getByLabel('Password').waitFor());
  test.info().annotations.push({ type: 'script', description: `${kB.toFixed(0)} kB` });
  expect(kB).toBeLessThanOrEqual(140);
});

test('the shop loads at most 185 kB of script', async ({ page, browser }) => {
  await enterShop(page, shop.address, ...BENCH);
  const state = await page.context().storageState();
  const fresh = await (await browser.newContext({ storageState: state })).newPage();
  const kB = await weightOf(fresh, '/', () => fresh.getByRole('heading', { level: 1 }).waitFor());
  test.info().annotations.push({ type: 'script', description: `${kB.toFixed(0)} kB` });
  expect(kB).toBeLessThanOrEqual(185);
  await fresh.context().close();
});

// The planner itself, which works in the page's own worker, is 80 kB of it, its sentences among them; 150 kB are there from the shop.
test('a plan loads at most 380 kB of script', async ({ page, browser }) => {
  await enterShop(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Squash cleaver');
  const state = await page.context().storageState();
  const fresh = await (await browser.newContext({ storageState: state })).newPage();
  const kB = await weightOf(fresh, `/jobs/${id}/plan`, () =>
    fresh.getByRole('list', { name: 'Operations' }).waitFor(),
  );
  test.info().annotations.push({ type: 'script', description: `${kB.toFixed(0)} kB` });
  expect(kB).toBeLessThanOrEqual(380);
  await fresh.context().close();
});
