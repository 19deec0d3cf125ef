/** Every screen, light and dark: no accessibility fault, no console error, no blank page. */
import type { Board } from '../packages/contract/src/index';
import { expect, test, type Page } from '@playwright/test';
import { faultsOf, OF_COLOUR } from './support/axe';
import { OWNER, enterShop, signIn, watchConsole, unfold } from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo', 4893);
});
test.afterAll(() => shop.kill());

/** Jobs of the demo by the stage they stand at. */
const jobAt = async (page: Page, stage: string): Promise<string> => {
  const board = (await (await page.request.get(`${shop.address}/api/shop`)).json()) as Board;
  const job = board.jobs.find(
    (each) =>
      each.stage === stage &&
      each.blade.measures.kindId !== 'razor' &&
      each.blade.measures.kindId !== 'carving',
  )!;
  return `/jobs/${job.jobId}`;
};

const SCREENS: readonly {
  name: string;
  path: (page: Page) => Promise<string> | string;
  sign: string;
  /** Parts that are folded away, opened first. */
  open?: readonly string[];
}[] = [
  { name: 'the shop', path: () => '/', sign: 'Next' },
  { name: 'take in', path: () => '/take-in', sign: 'What the customer calls it' },
  { name: 'prices', path: () => '/prices', sign: 'What the price of a blade holds' },
  { name: 'the label printer', path: () => '/labels', sign: 'The tray is empty' },
  { name: 'a photograph', path: () => '/jobs/24/photographs/1', sign: 'Save marks' },
  { name: 'a trace', path: () => '/jobs/24/photographs/1?trace', sign: 'Use this outline' },
  { name: 'a judgement', path: () => '/jobs/24/judge', sign: 'Keep the angle or change it' },
  {
    name: 'a one-sided blade',
    path: () => '/jobs/26/intake',
    sign: 'Straightedge across the back',
  },
  { name: 'customers', path: () => '/customers', sign: 'Corin Whey' },
  { name: 'a customer', path: () => '/customers/9', sign: 'No. 5' },
  { name: 'the rack', path: () => '/rack', sign: 'Red stone' },
  { name: 'a stone', path: () => '/rack/stones/3', sign: 'Save flattening' },
  { name: 'a progression', path: () => '/rack/progression', sign: 'What each change costs' },
  { name: 'steels', path: () => '/rack/steels', sign: 'Unknown steel?' },
  { name: 'machines', path: () => '/rack/machines', sign: 'Slow belt' },
  { name: 'the habits of the shop', path: () => '/rack/habits', sign: 'Save habits' },
  { name: 'plans side by side', path: () => '/jobs/24/compare', sign: 'Use this plan' },
  { name: 'pressure', path: () => '/rack/pressure', sign: 'Nothing pressed yet' },
  { name: 'a quick question', path: () => '/calculator/lift', sign: 'Lift of the spine' },
  { name: 'where to clamp', path: () => '/calculator/clamp', sign: 'Spread there' },
  { name: 'what a chip costs', path: () => '/calculator/chip', sign: 'Calculate' },
  { name: 'settings', path: () => '/settings', sign: 'Teodor Lock' },
  { name: 'the tray', path: () => '/tray', sign: 'Several blades at once' },
  { name: 'a blade’s record', path: () => '/blades/4', sign: 'Visits' },
  {
    name: 'an intake',
    path: async (page) => `${await jobAt(page, 'planned')}/intake`,
    sign: 'Condition along the edge',
  },
  {
    name: 'the ladder of touch-ups',
    path: async (page) => `${await jobAt(page, 'taken in')}/touch-up`,
    sign: 'Least intervention first',
  },
  {
    name: 'a plan',
    path: async (page) => `${await jobAt(page, 'planned')}/plan`,
    sign: 'Working time',
    open: [
      'Edge profile and chips',
      'Holding the angle',
      'Stones',
      'Change stones',
      'Habits',
      'Cards, gauges and files',
    ],
  },
  {
    name: 'cautions before the bench',
    path: async (page) => `${await jobAt(page, 'planned')}/bench`,
    sign: 'Before the first stroke',
  },
  {
    name: 'the bench',
    path: async (page) => `${await jobAt(page, 'on the bench')}/bench`,
    sign: 'Done, next step',
  },
  {
    name: 'the tests',
    path: async (page) => `${await jobAt(page, 'testing')}/test`,
    sign: 'Verdict',
  },
  {
    name: 'the return',
    path: async (page) => `${await jobAt(page, 'ready')}/return`,
    sign: 'Hand over',
  },
  { name: 'what is ready', path: () => '/ready', sign: 'wait to be collected' },
  { name: 'the takings', path: () => '/takings', sign: 'Takings of' },
  { name: 'messages', path: () => '/messages', sign: 'Inbox' },
  { name: 'a complaint', path: () => '/jobs/10/complaint', sign: 'What is wrong' },
  { name: 'nothing', path: () => '/no/such/page', sign: 'nothing at this address' },
  { name: 'a blade that is not here', path: () => '/jobs/99999/plan', sign: 'is not here' },
];

const TELEPHONE = { width: 390, height: 844 };

/** What is wider than a telephone moves within its sheet; the page itself never goes sideways. */
const fitsATelephone = async (page: Page): Promise<void> => {
  const before = page.viewportSize()!;
  await page.setViewportSize(TELEPHONE);
  const widthPx = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(widthPx, 'width of the page').toBeLessThanOrEqual(TELEPHONE.width);
  await page.setViewportSize(before);
};

/** From light to dark or back, as the page lets anybody do. */
const otherAppearance = (page: Page): Promise<void> =>
  page.getByRole('button', { name: /^(Light|Dark) appearance$/ }).click();

test('every screen is accessible and quiet, light and dark', async ({ page }) => {
  test.setTimeout(1_200_000);
  const errors = watchConsole(page);
  await page.goto(shop.address);
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
  expect(await faultsOf(page)).toEqual([]);
  await enterShop(page, shop.address, ...OWNER);
  for (const { name, path, sign, open = [] } of SCREENS) {
    await test.step(name, async () => {
      await page.goto(shop.address + (await path(page)));
      await expect(page.getByText(sign).first()).toBeVisible();
      for (const part of open) await unfold(page, part);
      await expect(page.getByText('Opening…')).toHaveCount(0);
      expect(await faultsOf(page)).toEqual([]);
      // Every second screen opens dark: the appearance is kept from one to the next.
      await otherAppearance(page);
      expect(await faultsOf(page, OF_COLOUR)).toEqual([]);
      await fitsATelephone(page);
    });
  }
  expect(errors).toEqual([]);
});

test('the whole of a step can be done by keyboard alone', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}${await jobAt(page, 'on the bench')}/bench`);
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
  // Whose turn it is the pattern says.
  const sides = page.getByRole('button', { name: /^(Right|Left) side/ });
  const counted = async (): Promise<number> =>
    (await sides.locator('b').allTextContents()).reduce((sum, each) => sum + Number(each), 0);
  const before = await counted();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect.poll(counted).toBe(before + 2);
  await page.keyboard.press('t');
  await expect(page.getByRole('button', { name: 'Start the clock' })).toBeVisible();
  await page.getByRole('button', { name: 'Done, next step' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not yet.').or(page.getByText(/^Step 3 of/))).toBeVisible();
});

test('the sheet prints without the buttons around it, on one page', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}${await jobAt(page, 'ready')}/return`);
  await expect(page.getByRole('region', { name: 'Sheet for the customer' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Hand over' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
  const pdf = (
    await page.pdf({
      format: 'A4',
      margin: { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' },
    })
  ).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});
