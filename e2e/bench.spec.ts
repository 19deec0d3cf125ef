/** The bench as it is used all day: by foot, by gauge, interrupted, and in sight at every size. */
import { expect, test, type Page } from '@playwright/test';
import type { Board, DropOffAnswer, Job } from '../packages/contract/src/index';
import type { GaugeStroke } from '../packages/core/src/index';
import {
  BENCH,
  countOn,
  done,
  jobNumber,
  openBench,
  showGates,
  signIn,
  stepTitle,
  watchConsole,
  workThrough,
} from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

test('a blade is worked to its end with three pedals alone', async ({ page }) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/settings/bench`);
  const settings = page.getByRole('region', { name: 'Sounds and pedals' });
  await settings.getByRole('radiogroup', { name: 'Foot pedals' }).getByText('Three').click();
  await expect(settings.getByRole('button', { name: /^Pedal 2 sends PageDown/ })).toBeVisible();
  await openBench(page, shop.address, 'Paper knife');
  const finished = page.getByText('The work on this blade');
  for (let step = 0; step < 12 && !(await finished.isVisible()); step += 1) {
    const title = await stepTitle(page).last().innerText();
    const left = page.getByText(/ more (on the|a side)/);
    for (let stroke = 0; stroke < 200 && (await left.isVisible()); stroke += 1) {
      await page.keyboard.press('Space');
    }
    // The second pedal says what is usual: burr on each side, what must be shown, done.
    for (let press = 0; press < 8; press += 1) {
      await page.keyboard.press('PageDown');
      if ((await finished.isVisible()) || (await stepTitle(page).last().innerText()) !== title) {
        break;
      }
      await page.waitForTimeout(150);
    }
  }
  await expect(finished).toBeVisible();
  expect(errors).toEqual([]);
});

test('a blade is worked to its end by touch on a tablet, and another on a telephone', async ({
  page,
}) => {
  const errors = watchConsole(page);
  for (const [name, width, height] of [
    ['Stall knife', 820, 1180],
    ['Rope knife', 390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    await signIn(page, shop.address, ...BENCH);
    const id = await jobNumber(page, shop.address, name);
    await page.goto(`${shop.address}/jobs/${id}/bench`);
    await page.getByText(/^I have read this/).click();
    await page.getByRole('button', { name: 'Start work' }).click();
    await expect(done(page)).toBeVisible();
    await workThrough(page);
    await expect(page.getByText('The work on this blade')).toBeVisible();
  }
  expect(errors).toEqual([]);
});

test('step, lift, counts, clock, burr and Done are in sight at three sizes, with large targets', async ({
  page,
}) => {
  const id = await openBench(page, shop.address, 'Square knife');
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(`${shop.address}/jobs/${id}/bench`);
    const inSight = [
      stepTitle(page).last(),
      page.getByText('mm lift at the spine'),
      page.getByRole('button', { name: /^Left side/ }),
      page.getByRole('button', { name: /^Right side/ }),
      page.getByRole('timer', { name: 'Time on this step' }),
      page.getByRole('button', { name: /^Burr, left tip/ }),
      done(page),
    ];
    for (const part of inSight) {
      await expect(part).toBeVisible();
      const box = (await part.boundingBox())!;
      expect(box.y, `${width}`).toBeGreaterThanOrEqual(0);
      expect(box.y + box.height, `${width}`).toBeLessThanOrEqual(height);
      expect(box.x + box.width, `${width}`).toBeLessThanOrEqual(width);
    }
    const bench = page.getByRole('main');
    for (const button of await bench.getByRole('button').all()) {
      const box = await button.boundingBox();
      // What is opened in the panel of instructions is no target of the work.
      if (!box || (await button.getAttribute('aria-expanded')) !== null) continue;
      if ((await button.getAttribute('aria-label'))?.startsWith('Why')) continue;
      expect(Math.round(box.height), await button.innerText()).toBeGreaterThanOrEqual(56);
    }
    const overflow = await page.evaluate(() => {
      const { scrollWidth, clientWidth, scrollHeight, clientHeight } = document.documentElement;
      return [scrollWidth - clientWidth, scrollHeight - clientHeight];
    });
    expect(overflow).toEqual([0, 0]);

    // Nothing moves under the finger while what was counted is sent.
    const places = page.evaluate(async () => {
      const seen = new Set<number>();
      const until = performance.now() + 1500;
      while (performance.now() < until) {
        await new Promise(requestAnimationFrame);
        const buttons = [...document.querySelectorAll('main button')];
        const at = buttons.find(({ textContent }) => textContent === 'Done, next step');
        seen.add(Math.round(at?.getBoundingClientRect().y ?? -1));
      }
      return [...seen];
    });
    const sent = page.waitForResponse(/\/work$/);
    await page.keyboard.press('ArrowRight');
    expect((await sent).ok()).toBe(true);
    expect(await places, `${width}`).toEqual([Math.round((await done(page).boundingBox())!.y)]);
  }
});

test('a customer: one key parks the clock and opens the counter, the same key comes back', async ({
  page,
}) => {
  await openBench(page, shop.address, 'Square knife');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Stop the clock' })).toBeVisible();
  const before = await countOn(page, 'Right');
  await page.keyboard.press('F2');
  await expect(page).toHaveURL(/\/take-in$/);
  await expect(page.getByText(/^Parked: tag \d+, Refine on/)).toBeVisible();
  // From within a field too: somebody was typing.
  await page.getByRole('combobox').first().focus();
  await page.keyboard.press('F2');
  await expect(page.getByRole('button', { name: 'Stop the clock' })).toBeVisible();
  expect(await countOn(page, 'Right')).toBe(before);
  await page.keyboard.press('t');
});

test('what goes wrong on the stone: heat stops the clock, no burr at the tip adds strokes there', async ({
  page,
}) => {
  await openBench(page, shop.address, 'Square knife');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('w');
  const signs = page.locator('section[aria-label="Something is wrong"]');
  await signs.getByRole('button', { name: 'Blade is hot' }).click();
  await expect(signs.getByRole('alert')).toContainText('loses its temper');
  await expect(page.getByRole('button', { name: 'Start the clock' })).toBeVisible();
  await signs.getByRole('button', { name: 'Cool again: continue' }).click();
  await expect(page.getByRole('button', { name: 'Stop the clock' })).toBeVisible();
  await page.keyboard.press('w');
  await signs.getByRole('button', { name: 'No burr at the tip' }).click();
  await signs.getByRole('button', { name: /^Add \d+ on the right, tip/ }).click();
  await expect(page.getByText(/round \d+ of 14/)).toBeVisible();
  await page.keyboard.press('t');
});

test('back to a step before: it opens again with all after it, as a line of the history', async ({
  page,
}) => {
  const id = await openBench(page, shop.address, 'Long cheese knife');
  const title = await stepTitle(page).last().innerText();
  await page.keyboard.press('l');
  await page
    .getByRole('button', { name: /^Back to: / })
    .last()
    .click();
  await expect(stepTitle(page).last()).not.toHaveText(title);
  await page.goto(`${shop.address}/jobs/${id}/plan`);
  await page.getByRole('button', { name: 'History' }).click();
  await expect(page.getByText(/^went back to “/)).toBeVisible();
});

test('an angle found by gauge at three places plans the rest again, once it is accepted', async ({
  page,
}) => {
  await openBench(page, shop.address, 'Big knife with the red band');
  await page.getByRole('button', { name: 'Measure' }).click();
  for (const place of ['at the heel', 'in the middle', 'at the tip']) {
    await page.getByLabel(`Angle ${place}, °`).fill('21,5');
  }
  await page.getByRole('button', { name: 'Show what changes' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: '→ 21.5°' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Use the changed plan' }).click();
  await expect(page.getByText('21.5°').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Show what changes' })).toHaveCount(0);
});

test('the angle gauge: zeroed on the stone, counted on its side, kept with the step', async ({
  page,
}) => {
  const errors = watchConsole(page);
  const id = await openBench(page, shop.address, 'Square knife');
  const before = await countOn(page, 'Right');
  await page.getByRole('button', { name: 'Angle gauge' }).click();
  await page.getByRole('button', { name: 'Zero it here' }).click();
  await expect
    .poll(() => countOn(page, 'Right'), { timeout: 30_000 })
    .toBeGreaterThanOrEqual(before + 5);
  await expect(page.getByText(/ by gauge, 1\d\.\d° ± 0\.\d°/)).toBeVisible();
  const job = (await (await page.request.get(`${shop.address}/api/jobs/${id}`)).json()) as {
    steps: { id: number; status: string; superseded: boolean }[];
  };
  const open = job.steps.find(({ status, superseded }) => status === 'to do' && !superseded)!;
  const kept = async (): Promise<GaugeStroke[]> =>
    (await (
      await page.request.get(`${shop.address}/api/jobs/${id}/steps/${open.id}/gauge-strokes`)
    ).json()) as GaugeStroke[];
  await expect.poll(async () => (await kept()).length).toBeGreaterThanOrEqual(4);
  expect((await kept()).every(({ side }) => side === 'right')).toBe(true);
  await page.getByRole('button', { name: 'Angle gauge' }).click();
  await page.keyboard.press('t');
  expect(errors).toEqual([]);
});

test('a tray of six: stone by stone, a stone made ready once, the next blade by one key', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  // Six blades of one kind, planned alike and begun.
  const ids = await sixOnTheBench(page);
  await page.goto(`${shop.address}/tray`);
  const bench = page.getByRole('region', { name: 'Blades on the bench' });
  for (const tag of ids.map(({ tagNumber }) => tagNumber))
    await bench.getByText(new RegExp(`^${tag} · `)).click();
  const order = page.getByRole('region', { name: 'Order' });
  await expect(order.getByText(/wash blades, hands and bench first/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Work these together' }).click();
  const tray = page.getByRole('navigation', { name: 'Tray' });
  await expect(tray.getByRole('link')).toHaveCount(6);

  // The stone is made ready on the first; the others find it ready.
  await expect(done(page)).toBeVisible();
  const seen: string[] = [];
  for (let turn = 0; turn < 14 && seen.length < 6; turn += 1) {
    const title = await stepTitle(page).last().innerText();
    if (/^(Set|Refine)/.test(title)) {
      seen.push(new URL(page.url()).pathname);
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('ArrowLeft');
      for (const key of ['9', '0']) await page.keyboard.press(key);
    }
    const place = async (): Promise<string> =>
      `${page.url()} ${await stepTitle(page).last().innerText()}`;
    const here = await place();
    await showGates(page);
    await page.keyboard.press('d');
    await expect.poll(place).not.toBe(here);
    // The blade in hand is the one of the address: its keys are heard from now on.
    await expect
      .poll(async () =>
        page.url().endsWith((await tray.locator('[aria-current=page]').getAttribute('href'))!),
      )
      .toBe(true);
  }
  // Each blade once on the first stone, before any is taken to the next.
  expect(new Set(seen).size).toBe(6);
  const before = page.url();
  await page.keyboard.press('b');
  await expect(page).not.toHaveURL(before);
  expect(errors).toEqual([]);
});

/** Takes in, plans and begins six paring knives, as the owner would at three pages each. */
const sixOnTheBench = async (page: Page): Promise<readonly { tagNumber: number }[]> => {
  const api = `${shop.address}/api`;
  const post = async <T>(method: 'post' | 'put', path: string, data: object): Promise<T> => {
    const answer = await page.request[method](`${api}${path}`, {
      data,
      headers: { origin: shop.address },
    });
    expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true);
    return (await answer.json()) as T;
  };
  const jobs: { tagNumber: number }[] = [];
  const board = (await (await page.request.get(`${api}/shop`)).json()) as Board;
  const pattern = await jobOf(
    page,
    board.jobs.find(({ stage }) => stage === 'on the bench')!.jobId,
  );
  for (let index = 0; index < 6; index += 1) {
    const taken = await post<DropOffAnswer>('post', '/drop-offs', {
      customerId: pattern.customer.id,
      newCustomer: null,
      blades: [
        {
          bladeId: null,
          tagNumber: 801 + index,
          kindId: 'chef',
          bladeName: `Canteen ${index + 1}`,
          steel: pattern.steel,
          useId: pattern.useId,
          cuts: '',
          askedFor: '',
          promisedOn: pattern.promisedOn < board.today ? board.today : pattern.promisedOn,
          sharpness: 'dull',
          edgeLengthMm: null,
          heightHeelMm: null,
        },
      ],
    });
    const job = taken.jobs[0]!;
    const planned = await post<Job>('put', `/jobs/${job.id}/plan`, {
      version: job.version,
      choices: pattern.plan!.choices,
      reason: '',
    });
    const begun = await post<Job>('post', `/jobs/${job.id}/bench`, { version: planned.version });
    jobs.push({ tagNumber: begun.tagNumber });
  }
  return jobs;
};

const jobOf = async (page: Page, id: number): Promise<Job> =>
  (await (await page.request.get(`${shop.address}/api/jobs/${id}`)).json()) as Job;
