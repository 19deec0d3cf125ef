/** Without the workshop: the application opens, reloads and works; what was done arrives in order, once, with its age. */
import { expect, test, type Browser, type Page } from '@playwright/test';
import type { Job, StepRecord } from '../packages/contract/src/index';
import {
  BENCH,
  done,
  feelBurr,
  jobNumber,
  showGates,
  signIn,
  stepTitle,
  watchConsole,
} from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

/** A window whose pages are kept on the device, at the shop, with every blade at work read ahead. */
const openKept = async (browser: Browser): Promise<Page> => {
  const context = await browser.newContext({ serviceWorkers: 'allow' });
  const page = await context.newPage();
  await signIn(page, shop.address, ...BENCH);
  await page.goto(shop.address);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null))
    .toBe(true);
  // The page is read by the worker from now on, and reads ahead.
  await page.reload();
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
  return page;
};

const isKept = (page: Page, path: string): Promise<boolean> =>
  page.evaluate(
    async (asked) => (await (await caches.open('records')).match(asked)) !== undefined,
    path,
  );

const jobOf = async (page: Page, id: number): Promise<Job> =>
  (await (await page.request.get(`${shop.address}/api/jobs/${id}`)).json()) as Job;
const worked = (job: Job): readonly StepRecord[] =>
  job.steps.filter(({ superseded }) => !superseded);

test('ten minutes without it, in the middle of a step: reloaded, three steps done, and nothing is lost', async ({
  browser,
}) => {
  const page = await openKept(browser);
  const errors = watchConsole(page);
  const id = await jobNumber(page, shop.address, 'Square knife');
  await expect.poll(() => isKept(page, `/api/jobs/${id}`)).toBe(true);
  const before = worked(await jobOf(page, id));
  const open = before.findIndex(({ status }) => status === 'to do');
  await page.clock.install();
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  await expect(done(page)).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect
    .poll(async () => worked(await jobOf(page, id))[open]!.strokesRight)
    .toBe(before[open]!.strokesRight + 1);

  await shop.kill();
  for (let stroke = 0; stroke < 6; stroke += 1) await page.keyboard.press('ArrowRight');
  for (let stroke = 0; stroke < 5; stroke += 1) await page.keyboard.press('ArrowLeft');
  await feelBurr(page, 'slight');
  const first = await stepTitle(page).last().innerText();
  await page.clock.fastForward('03:00');
  await page.keyboard.press('d');
  await expect(stepTitle(page).last()).not.toHaveText(first);
  await expect(page.getByRole('status', { name: 'Connection' })).toContainText(
    '2 changes are waiting',
  );

  // Reloaded with the server dead: the same blade, the next step.
  await page.clock.fastForward('03:00');
  const second = await stepTitle(page).last().innerText();
  await page.reload();
  await expect(stepTitle(page).last()).toHaveText(second);
  await page.goto(shop.address);
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  await expect(stepTitle(page).last()).toHaveText(second);
  for (const { step } of before.slice(open + 1, open + 3)) {
    const title = await stepTitle(page).last().innerText();
    if (step.stoneId !== null) {
      for (const key of ['ArrowRight', 'ArrowLeft', 'ArrowLeft']) await page.keyboard.press(key);
      await feelBurr(page, step.gate === 'gone' ? 'none' : 'slight');
    }
    await showGates(page);
    await page.keyboard.press('d');
    await expect(stepTitle(page).last()).not.toHaveText(title);
  }
  // A photograph taken meanwhile waits behind them.
  await page.goto(`${shop.address}/jobs/${id}/intake`);
  const pictures = page.getByRole('region', { name: 'Photographs' });
  await expect(pictures).toBeVisible();
  const photographs = (
    await page.evaluate(
      async (path) => (await (await (await caches.open('records')).match(path))!.json()) as Job,
      `/api/jobs/${id}`,
    )
  ).photographs.length;
  await pictures.locator('input[type=file]').setInputFiles({
    name: 'edge.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
  });
  await expect(page.getByRole('status', { name: 'Connection' })).toContainText(
    '7 changes are waiting',
  );
  // Signing out would give up what waits.
  await page.clock.fastForward('04:00');
  await page.goto(shop.address);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByText(/things are not sent yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Stay' }).click();
  // What is shown a moment after the page was opened: else its absence would say nothing.
  await expect(page.getByRole('status', { name: 'Connection' })).toContainText(
    '7 changes are waiting',
  );

  await shop.start();
  await page.clock.resume();
  await expect(page.getByRole('status', { name: 'Connection' })).toHaveCount(0);
  const after = await jobOf(page, id);
  const steps = worked(after);
  expect(steps[open]).toMatchObject({
    status: 'done',
    strokesRight: before[open]!.strokesRight + 7,
    strokesLeft: before[open]!.strokesLeft + 5,
  });
  expect(steps.slice(0, open + 3).every(({ status }) => status === 'done')).toBe(true);
  expect(steps[open + 3]!.status).toBe('to do');
  expect(after.photographs).toHaveLength(photographs + 1);
  // In the order they were done, each as long ago as it was.
  const told = after.events.filter(({ kind }) => kind === 'step').slice(-3);
  const agesS = told.map(({ at }) => (Date.now() - Date.parse(at)) / 1000);
  expect(agesS[0]).toBeGreaterThan(400);
  expect(agesS[0]!).toBeGreaterThan(agesS[2]!);
  expect(errors).toEqual([]);
});

test('what the server would not take is kept and shown, until somebody decides', async ({
  browser,
}) => {
  const page = await openKept(browser);
  const id = await jobNumber(page, shop.address, 'Long cheese knife');
  await expect.poll(() => isKept(page, `/api/jobs/${id}`)).toBe(true);
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  await expect(done(page)).toBeVisible();
  await page.context().setOffline(true);
  await showGates(page);
  const title = await stepTitle(page).last().innerText();
  await page.keyboard.press('d');
  if (await page.getByLabel('Skip this check: reason').isVisible()) {
    await page.getByLabel('Skip this check: reason').fill('without a connection');
    await page.getByRole('button', { name: 'Skip with this reason' }).click();
  }
  await expect(stepTitle(page).last()).not.toHaveText(title);
  // Meanwhile somebody else sends the blade away.
  const other = await browser.newContext();
  const owner = await other.newPage();
  await signIn(owner, shop.address, 'ansa', 'reed-and-river');
  const { version } = await jobOf(owner, id);
  const declined = await owner.request.post(`${shop.address}/api/jobs/${id}/decline`, {
    data: { version, reason: 'the customer came back for it' },
    headers: { origin: shop.address },
  });
  expect(declined.ok()).toBe(true);
  await page.context().setOffline(false);
  const refused = page.getByRole('alert', { name: 'Not accepted' });
  // One after the other: what hangs on it waits behind what was refused.
  for (const what of ['strokes of a step', 'a step done']) {
    await expect(refused).toContainText(what);
    await refused.getByRole('button', { name: 'Discard' }).click();
  }
  await expect(refused).toHaveCount(0);
});

test('signing out clears what the device kept', async ({ browser }) => {
  const page = await openKept(browser);
  await expect.poll(() => isKept(page, '/api/session')).toBe(true);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  expect(await isKept(page, '/api/shop')).toBe(false);
});
