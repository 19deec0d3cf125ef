/** Nothing mixed up and nothing lost: what two blades, a lost answer, a full device or a dead worker must not do. */
import { expect, test, type Page } from '@playwright/test';
import type { Board, Job } from '../packages/contract/src/index';
import { textOf } from '../packages/core/src/index';
import {
  BENCH,
  OWNER,
  done,
  enterShop,
  fill,
  jobNumber,
  leave,
  pick,
  signIn,
  stepTitle,
  unfold,
  watchConsole,
} from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const jobOf = async (page: Page, id: number): Promise<Job> =>
  (await (await page.request.get(`${shop.address}/api/jobs/${id}`)).json()) as Job;

/** Goes to another page of the application without loading it anew, as a link does. */
const follow = (page: Page, path: string): Promise<void> =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);

test('what is chosen for one blade is neither seen nor settled on another', async ({ page }) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  const first = await jobNumber(page, shop.address, 'Old carbon knife');
  const second = await jobNumber(page, shop.address, 'Bread knife');
  await page.goto(`${shop.address}/jobs/${first}/plan`);
  const settle = page.getByRole('button', { name: 'Approve plan' });
  await expect(settle).toBeVisible();
  const kept = (): Promise<string[]> =>
    page.evaluate(() => Object.keys(localStorage).filter((name) => name.includes('plan choices')));
  await unfold(page, 'Holding the angle');
  await pick(page, 'The angle is held', 'Brass shims');
  await expect.poll(kept).toEqual([`patient-edge plan choices ${first}`]);
  await follow(page, `/jobs/${second}/plan`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bread knife');
  await expect(settle).toBeVisible();
  await settle.click();
  await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
  const [mine, other] = [await jobOf(page, first), await jobOf(page, second)];
  expect(mine.plan).toBeNull();
  // As the shop's habits have it: nothing of the first blade's choices.
  const habits = (await (await page.request.get(`${shop.address}/api/habits`)).json()) as {
    choices: object;
  };
  expect(other.plan!.choices).toEqual(habits.choices);
  expect(await kept()).toEqual([`patient-edge plan choices ${first}`]);
  expect(errors).toEqual([]);
});

test('an intake that was typed and not saved is said where it would be missed', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Thin slicer');
  await page.goto(`${shop.address}/jobs/${id}/intake`);
  await page.getByLabel('Height at heel, mm').fill('39.5');
  await page.getByRole('navigation', { name: 'This blade' }).getByText('Assess').click();
  const said = page.getByRole('alert').filter({ hasText: 'changes that are not saved' });
  await expect(said).toBeVisible();
  await page.getByRole('navigation', { name: 'This blade' }).getByText('Plan').click();
  await expect(said).toBeVisible();
  await said.getByRole('link', { name: 'Go to intake' }).click();
  await expect(page.getByLabel('Height at heel, mm')).toHaveValue('39.5');
});

test('save right after a damage was added, and a start right after a tick, go through', async ({
  page,
}) => {
  await signIn(page, shop.address, ...OWNER);
  const id = await jobNumber(page, shop.address, 'Willow knife');
  await page.goto(`${shop.address}/jobs/${id}/intake`);
  await page.getByRole('button', { name: 'Add by numbers' }).click();
  await fill(page, { 'From heel, mm': '40', 'Length, mm': '2', 'Depth, mm': '0.4' });
  await page.getByRole('button', { name: 'Save and assess' }).click();
  await expect(page).toHaveURL(/\/judge$/);
  expect((await jobOf(page, id)).damage).toMatchObject([{ fromMm: 40, depthMm: 0.4 }]);
  // A tick whose answer takes its time must not make the start a conflict.
  const planned = await jobNumber(page, shop.address, 'Rope knife');
  await page.route('**/protection', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  await page.goto(`${shop.address}/jobs/${planned}/bench`);
  await page.getByText('I have read this').click();
  await page.getByText('Wrap the handle against slurry.').click();
  await page.getByRole('button', { name: 'Start work' }).click();
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
  expect((await jobOf(page, planned)).protectionDone).toContain('handle');
});

test('space is a stroke whatever was touched last, and a step done is undone', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Big knife with the red band');
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  const right = page.getByRole('button', { name: /^Right side/ }).locator('b');
  const left = page.getByRole('button', { name: /^Left side/ }).locator('b');
  const total = async (): Promise<number> =>
    Number(await right.innerText()) + Number(await left.innerText());
  const before = await total();
  await page.getByRole('button', { name: /^\+10/ }).click();
  await expect.poll(total).toBe(before + 10);
  for (let stroke = 0; stroke < 3; stroke += 1) await page.keyboard.press('Space');
  await expect.poll(total).toBe(before + 13);
  const done = (await jobOf(page, id)).steps.filter(({ status }) => status === 'done').length;
  await page.keyboard.press('l');
  await page.getByRole('button', { name: 'Undo last step' }).click();
  await expect
    .poll(
      async () => (await jobOf(page, id)).steps.filter(({ status }) => status === 'done').length,
    )
    .toBe(done - 1);
  expect((await jobOf(page, id)).events.at(-1)!.kind).toBe('reopened');
});

test('a device without room counts on: the server keeps every stroke', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Paper knife');
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
  await page.evaluate(() => {
    let size = 1 << 22;
    while (size > 8) {
      try {
        localStorage.setItem(`fill ${size} ${Math.random()}`, 'x'.repeat(size));
      } catch {
        size = Math.floor(size / 2);
      }
    }
  });
  const strokes = async (): Promise<number> => {
    const open = (await jobOf(page, id)).steps.find(({ status }) => status === 'to do')!;
    return open.strokesRight + open.strokesLeft;
  };
  const before = await strokes();
  for (let stroke = 0; stroke < 5; stroke += 1) await page.keyboard.press('Space');
  await expect.poll(strokes).toBe(before + 5);
  await page.evaluate(() => localStorage.clear());
});

test('a question to the customer stands before the step it concerns', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  const id = await jobNumber(page, shop.address, 'Thin long knife');
  await page.goto(`${shop.address}/jobs/${id}/plan`);
  await expect(page.getByText('Ask the customer before the work reaches it')).toBeVisible();
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  await page.getByText('I have read this').click();
  await page.getByRole('button', { name: 'Start work' }).click();
  const asked = page.getByRole('region', { name: 'Ask the customer first' });
  // Only making the stones ready may come before it.
  await expect(asked.or(done(page))).toBeVisible();
  while (!(await asked.isVisible())) {
    await expect(stepTitle(page).last()).toHaveText(/^(Soak|Ready|Flatten)/);
    await leave(page);
    await expect(asked.or(done(page))).toBeVisible();
  }
  await expect(page.getByRole('button', { name: 'Done, next step' })).toHaveCount(0);
  await asked.getByRole('button', { name: /^No: / }).click();
  await expect(asked.getByText('The customer said no')).toBeVisible();
  await asked.getByRole('button', { name: /^Yes: / }).click();
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
});

test('a declined blade stays on the board until it is handed back, and each is undone', async ({
  page,
}) => {
  await signIn(page, shop.address, ...OWNER);
  const id = await jobNumber(page, shop.address, 'Ground at a market');
  const { tagNumber } = await jobOf(page, id);
  await page.goto(`${shop.address}/jobs/${id}/judge`);
  // The one beside the history, below the assessment.
  await expect(page.getByRole('region', { name: 'Decision' })).toBeVisible();
  await page
    .getByRole('region', { name: 'History' })
    .getByRole('button', { name: 'Decline it or send it on' })
    .click();
  await page.getByLabel('Why it is declined').fill('Ground hollow at the heel');
  await page.getByRole('button', { name: 'Decline', exact: true }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(async () => (await jobOf(page, id)).stage).toBe('taken in');
  await page.getByRole('button', { name: 'Decline', exact: true }).click();
  await expect.poll(async () => (await jobOf(page, id)).stage).toBe('declined');
  await page.goto(shop.address);
  await page.getByRole('link', { name: /Ground at a market/ }).click();
  const sheet = page.getByRole('region', { name: 'Sheet for the customer' });
  await expect(sheet).toContainText(/Returned without sharpening.*Ground hollow at the heel/);
  await expect(sheet).not.toContainText('How to keep it so');
  await page.getByLabel('Tag number').fill(String(tagNumber));
  await page.getByText('The edge is sheathed').click();
  await page.getByRole('button', { name: 'Hand over' }).click();
  await expect(page.getByText('Handed back, not sharpened')).toBeVisible();
  await page.getByRole('button', { name: 'Undo return' }).click();
  await expect.poll(async () => (await jobOf(page, id)).stage).toBe('declined');
});

test('a drop-off whose answer is lost is frozen, sent again as it was, and made once', async ({
  page,
}) => {
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}/take-in`);
  await page.getByText('New', { exact: true }).click();
  await fill(page, { 'Customer’s name': 'Tilde Marsh' });
  await page.getByRole('button', { name: /Promised for$/ }).click();
  await page.getByRole('option').nth(2).click();
  const count = async (): Promise<number> =>
    ((await (await page.request.get(`${shop.address}/api/shop`)).json()) as Board).jobs.length;
  const before = await count();
  // The server takes it in; the answer never comes.
  await page.route('**/api/drop-offs', async (route) => {
    await route.fetch();
    await route.abort();
  });
  await page.getByRole('button', { name: /^Take in on tag/ }).click();
  const again = page.getByRole('button', { name: 'Send again' });
  await expect(again).toBeVisible();
  await expect(page.getByText('no answer has come yet')).toBeVisible();
  expect(await count()).toBe(before + 1);
  // Nothing can be added to what was sent, also after the page was opened anew.
  await page.reload();
  await expect(again).toBeVisible();
  await expect(page.locator('[inert]').getByLabel('Customer’s name')).toHaveValue('Tilde Marsh');
  await page.unroute('**/api/drop-offs');
  await again.click();
  await expect(page).toHaveURL(/\/jobs\/\d+\/intake$/);
  expect(await count()).toBe(before + 1);
});

test('a blade that is in the shop is not offered again, nor under a strange address', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  const job = await jobOf(page, await jobNumber(page, shop.address, 'Stall knife'));
  await page.goto(`${shop.address}/take-in?blade=${job.blade.id}`);
  await expect(
    page.getByText(`That blade is in the shop already, on tag ${job.tagNumber}.`),
  ).toBeVisible();
  await page.goto(`${shop.address}/take-in?blade=${encodeURIComponent('../session?x=')}`);
  await expect(page.getByRole('alert')).toContainText('is not here');
  expect(errors).toEqual([]);
});

test('a calculation whose worker does not come says so, and answers at the next try', async ({
  page,
}) => {
  await enterShop(page, shop.address, ...OWNER);
  const id = await jobNumber(page, shop.address, 'Cod splitter');
  await page.route(/planning-worker-[^/]*\.js$/, (route) => route.abort());
  await page.goto(`${shop.address}/jobs/${id}/plan`);
  await expect(page.getByText('The calculation stopped unexpectedly')).toBeVisible();
  await page.unroute(/planning-worker-[^/]*\.js$/);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('button', { name: 'Approve plan' })).toBeVisible();
});

test('a plan does not wait for a record that does not come', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  const id = await jobNumber(page, shop.address, 'Old carbon knife');
  await page.route('**/api/blades/*', (route) => route.abort());
  await page.goto(`${shop.address}/jobs/${id}/plan`);
  await expect(page.getByRole('button', { name: 'Approve plan' })).toBeVisible();
});

test('a stone taken out of the water goes back in', async ({ page }) => {
  await enterShop(page, shop.address, ...BENCH);
  const bar = page.getByRole('region', { name: 'Stones in the water' });
  // Others may be in it by now: the bench starts the clocks of what the day wants soaked.
  const taken = bar.getByRole('button', { name: 'Take out Brown stone' });
  await taken.click();
  await expect(taken).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(taken).toBeVisible();
});

test('one’s own password is changed, and a person who leaves is deactivated', async ({
  page,
  browser,
}) => {
  await enterShop(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}/settings/account`);
  await fill(page, { 'Current password': 'not-this-one', 'New password': 'a-longer-password' });
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('This is not your current password')).toBeVisible();
  await fill(page, { 'Current password': OWNER[1] });
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('Every other device of yours is signed out')).toBeVisible();
  const other = await browser.newPage();
  await enterShop(other, shop.address, ...BENCH);
  await page.goto(`${shop.address}/settings/people`);
  await page.getByRole('button', { name: 'Deactivate Teodor Lock' }).click();
  await expect(page.getByText('deactivated', { exact: false }).first()).toBeVisible();
  await other.reload();
  await expect(other.getByLabel('Sign-in name')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Deactivate Teodor Lock' })).toBeVisible();
  await other.close();
});

test('a clock that was forgotten asks how long was worked, and the answer alone counts', async ({
  page,
}) => {
  await page.clock.install();
  await signIn(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Square knife');
  await page.goto(`${shop.address}/jobs/${id}/bench`);
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
  const open = async () => (await jobOf(page, id)).steps.find(({ status }) => status === 'to do')!;
  const { workedSeconds } = await open();
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await page.clock.fastForward('04:00:00');
  const asked = page.getByRole('alert').filter({ hasText: 'How long did you work?' });
  await expect(asked).toBeVisible();
  await asked.getByLabel('Minutes worked').fill('much');
  await asked.getByRole('button', { name: 'Save time' }).click();
  await expect(asked).toContainText('must be from 0 to 6000; "much" was given');
  await asked.getByLabel('Minutes worked').fill('25');
  await asked.getByRole('button', { name: 'Save time' }).click();
  await expect(asked).toHaveCount(0);
  await page.clock.fastForward('00:05');
  await expect
    .poll(async () => {
      const step = await open();
      return [Math.round(step.workedSeconds - workedSeconds), step.runningSeconds];
    })
    .toEqual([1500, null]);
});

test('a removed damage comes back, and an agreed price is withdrawn', async ({ page }) => {
  await enterShop(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Hook-backed carver');
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  await page.goto(`${shop.address}/jobs/${id}/intake`);
  const remove = page.getByRole('button', { name: /^Remove damage/ });
  const before = await remove.count();
  await page.getByRole('button', { name: 'Add by numbers' }).click();
  await page.getByLabel('From heel, mm').last().fill('61');
  await remove.last().click();
  await expect(remove).toHaveCount(before);
  await undo.click();
  await expect(remove).toHaveCount(before + 1);
  await expect(page.getByLabel('From heel, mm').last()).toHaveValue('61');

  await page.goto(`${shop.address}/jobs/${id}/judge`);
  const price = page.getByRole('region', { name: 'Price' });
  await price.getByRole('button', { name: 'Customer agreed' }).click();
  await expect(price.getByText(/^agreed with/)).toBeVisible();
  await undo.click();
  await expect(price.getByText('saved, not agreed yet')).toBeVisible();
  expect(textOf((await jobOf(page, id)).events.at(-1)!.message)).toContain('no longer agreed');
});
