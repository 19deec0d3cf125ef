/** One blade, end to end: in over the counter, planned, worked, tested, sent back, passed, and home again. */
import { expect, type Page } from '@playwright/test';
import {
  choose,
  done,
  leave,
  fill,
  find,
  OWNER,
  readZone,
  enterShop,
  stepTitle,
  workThrough,
  workUpTo,
  ZONES,
  unfold,
} from './hands';
import type { RunningShop } from './running-shop';

interface Step {
  readonly name: string;
  readonly act: (page: Page) => Promise<void>;
}

const strokesCounted = (page: Page, side: 'Left' | 'Right', count: number) =>
  expect(page.getByRole('button', { name: new RegExp(`^${side} side`) })).toContainText(
    String(count),
  );

export const walk = (shop: RunningShop): readonly Step[] => [
  {
    name: 'sign in and begin an intake: a new customer',
    act: async (page) => {
      await enterShop(page, shop.address, ...OWNER);
      await page.getByRole('link', { name: 'Take in', exact: true }).click();
      await page.getByText('New', { exact: true }).click();
      await fill(page, {
        'Customer’s name': 'Jorun Tallow',
        Trade: 'Candle maker',
        'What they cut': 'wax, wick, lunch',
      });
      await find(page, 'Kind', 'chef', 'Chef’s knife');
      await find(page, 'Steel', 'x50', 'X50CrMoV15');
    },
  },
  {
    name: 'take it in',
    act: async (page) => {
      await expect(page.getByLabel('Customer’s name')).toHaveValue('Jorun Tallow');
      await page.getByRole('button', { name: /Promised for$/ }).click();
      await page.getByRole('option').nth(2).click();
      await page.getByRole('button', { name: /^Take in on tag/ }).click();
      await expect(page.getByRole('heading', { name: 'Measures' })).toBeVisible();
    },
  },
  {
    name: 'measure it',
    act: async (page) => {
      await fill(page, {
        'Edge length, mm': '208',
        'Height at heel, mm': '45.5',
        'Height half way, mm': '39,5',
        'Height near tip, mm': '17',
        'Spine at heel, mm': '2.4',
        'Spine half way, mm': '2.0',
        'Spine near tip, mm': '1.1',
        'Behind the edge, mm': '0.42',
      });
      await choose(page, 'Present angle is known from', 'Inclusive angle');
      await fill(page, { 'Inclusive angle, °': '34' });
      await expect(page.getByText('17.0° per side · 34.0° inclusive')).toBeVisible();
    },
  },
  {
    name: 'mark its damage',
    act: async (page) => {
      await expect(page.getByLabel('Height half way, mm')).toHaveValue('39,5');
      await page.locator('[data-lane=right]').click({ position: { x: 300, y: 20 } });
      await fill(page, { 'From heel, mm': '70', 'Length, mm': '2.5', 'Depth, mm': '0.4' });
      await page.getByRole('button', { name: 'Save and assess' }).click();
      await expect(page.getByText('Do it', { exact: true })).toBeVisible();
    },
  },
  {
    name: 'show the customer what was there, and agree on a price',
    act: async (page) => {
      await page.getByRole('button', { name: /^Yes: The damage was on the blade/ }).click();
      await expect(page.getByText(/^Jorun Tallow said yes/)).toBeVisible();
    },
  },
  {
    name: 'test it as it came',
    act: async (page) => {
      await page.getByRole('link', { name: 'Test', exact: true }).click();
      for (const zone of ZONES) await readZone(page, zone, 'glint', 'tears', ['410', '420', '430']);
      await page.getByRole('button', { name: 'Save readings' }).click();
      await expect(page.getByText('Saved.', { exact: true })).toBeVisible();
    },
  },
  {
    name: 'plan it, with an angle of one’s own',
    act: async (page) => {
      await page.getByRole('link', { name: 'Plan', exact: true }).click();
      await expect(page.getByText(/because of one chip, 0.4 mm deep/)).toBeVisible();
      await page.getByLabel('Per side, °').fill('19');
      await unfold(page, 'Holding the angle');
      await expect(page.getByText(/Lift of the spine at 19.0° per side/)).toBeVisible();
      await page.getByRole('button', { name: 'Why: Target angle' }).click();
      await expect(page.getByRole('dialog')).toContainText('Set by hand; advised was 20.0°');
      await page.keyboard.press('Escape');
    },
  },
  {
    name: 'settle the plan',
    act: async (page) => {
      await expect(page.getByLabel('Per side, °')).toHaveValue('19.0');
      await page.getByRole('button', { name: 'Approve plan' }).click();
      await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
    },
  },
  {
    name: 'begin at the bench',
    act: async (page) => {
      await page.getByText(/^I have read this/).click();
      await page.getByRole('button', { name: 'Start work' }).click();
      await workUpTo(page, /^Take the chips out/);
      await expect(stepTitle(page).last()).toContainText('Take the chips out');
    },
  },
  {
    name: 'count strokes by key and by touch',
    act: async (page) => {
      await expect(done(page)).toBeVisible();
      for (let stroke = 0; stroke < 3; stroke += 1) await page.keyboard.press('ArrowRight');
      await page.getByRole('button', { name: /^Left side/ }).click();
      await page.getByRole('button', { name: '+10 on the left' }).click();
      await strokesCounted(page, 'Left', 11);
      await page.keyboard.press('u');
      await strokesCounted(page, 'Left', 1);
    },
  },
  {
    name: 'find every stroke again in mid-step, and leave the step',
    act: async (page) => {
      await strokesCounted(page, 'Right', 3);
      await strokesCounted(page, 'Left', 1);
      await expect(page.getByRole('timer', { name: 'Time on this step' })).not.toHaveText('0:00');
      await leave(page);
      await workUpTo(page, /^Set the edge/);
      await expect(stepTitle(page).last()).toContainText('Set the edge');
    },
  },
  {
    name: 'not leave the first stone without a burr',
    act: async (page) => {
      await expect(done(page)).toBeVisible();
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('1');
      await expect(page.getByRole('button', { name: 'Burr, right heel: none' })).toBeVisible();
      await done(page).click();
      await expect(page.getByRole('alert')).toContainText('right heel: no burr yet');
      await page.getByLabel('Skip this check: reason').fill('customer waits at the counter');
      await expect(page.getByRole('button', { name: 'Skip with this reason' })).toBeEnabled();
    },
  },
  {
    name: 'work through to the end',
    act: async (page) => {
      // The finding from before is still there: one press goes on from none to slight.
      await page.getByRole('button', { name: 'Burr, right heel: none' }).click();
      for (const key of ['2', '3', '4', '5', '6', '7', '8']) {
        await page.keyboard.press(key);
        await page.keyboard.press(key);
      }
      // A side with nothing done would be asked for.
      await page.keyboard.press('ArrowLeft');
      await leave(page);
      await workThrough(page);
    },
  },
  {
    name: 'fail the test at the tip and send it back to a named step',
    act: async (page) => {
      await page.getByRole('link', { name: 'Test', exact: true }).click();
      for (const zone of ZONES)
        await readZone(page, zone, zone === 'tip' ? 'glint' : 'dark', 'cuts clean', [
          '220',
          '230',
          '240',
        ]);
      await expect(page.getByText('Glint along a zone (tip)')).toBeVisible();
      await page.getByRole('button', { name: 'Back to the bench' }).click();
      await expect(page.getByText(/round 2, sent back after a test/)).toBeVisible();
      await expect(stepTitle(page).last()).toContainText('Set the edge');
    },
  },
  {
    name: 'work the named step and all after it again',
    act: async (page) => {
      await workThrough(page);
    },
  },
  {
    name: 'read the edge again',
    act: async (page) => {
      await page.getByRole('link', { name: 'Test', exact: true }).click();
      // Where it passed it is not read again.
      await readZone(page, 'tip', 'dark', 'cuts clean', ['200', '210', '215']);
      await expect(page.getByRole('heading', { name: /Verdict: meets/ })).toBeVisible();
    },
  },
  {
    name: 'pass it with the readings typed before',
    act: async (page) => {
      await page.getByRole('button', { name: 'Pass: ready for the customer' }).click();
      await expect(page.getByRole('heading', { name: 'Hand over to Jorun Tallow' })).toBeVisible();
    },
  },
  {
    name: 'hand it over by its tag, and by no other',
    act: async (page) => {
      const tag = (await page.getByRole('heading', { level: 1 }).first().textContent())!.match(
        /Tag (\d+)/,
      )![1]!;
      await page.getByLabel('Tag number').fill(String(Number(tag) + 1));
      await page.getByText(/The edge is sheathed/).click();
      await page.getByRole('button', { name: 'Hand over' }).click();
      await expect(page.getByText(`it has tag ${tag}`)).toBeVisible();
      await page.getByLabel('Tag number').fill(tag);
      await page.getByRole('button', { name: 'Hand over' }).click();
      await expect(page.getByText('Handed over to Jorun Tallow. Its record')).toBeVisible();
    },
  },
  {
    name: 'find its sheet: angle, before and after, care, when to come back',
    act: async (page) => {
      const sheet = page.getByRole('region', { name: 'Sheet for the customer' });
      await expect(sheet).toContainText('19.0° on each side, 38.0° in all. It came with 17.0°');
      await expect(sheet).toContainText('420 g, dull → 225 g, good working edge');
      await expect(sheet).toContainText('A new edge ground and refined.');
      await expect(sheet).toContainText('no dishwasher');
      await expect(sheet).toContainText('When to come back');
    },
  },
  {
    name: 'find its record at the next visit',
    act: async (page) => {
      await page.getByRole('link', { name: 'The blade’s record' }).click();
      await expect(page.getByRole('heading', { name: /Last set at 19.0° per side/ })).toBeVisible();
      await page.getByRole('link', { name: 'Take it in again' }).click();
      await expect(
        page.getByText(/^Here before, last on .*: went home at 19.0° per side/),
      ).toBeVisible();
      await expect(page.getByLabel('What they cut')).toHaveValue('wax, wick, lunch');
    },
  },
];
