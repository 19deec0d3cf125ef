/** Every screen at three sizes: nothing sideways, nothing too small, no accessibility fault, no stored date, no console error. */
import { expect, test } from '@playwright/test';
import { faultsOf } from './support/axe';
import { OWNER, enterShop, signIn, watchConsole, unfold } from './support/hands';
import { RunningShop } from './support/running-shop';
import { jobAt, SCREENS } from './support/screens';
import { faultsAt, SIZES, type Size } from './support/sizes';
import { IS_WHOLE } from './support/whole-matrix';
import { wordingFaults } from './support/wording';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const appearancesAt = (size: Size): readonly ('light' | 'dark')[] =>
  IS_WHOLE ? ['light', 'dark'] : [size.theme];

test.describe('every screen at three sizes', () => {
  // The halves side by side, each with a shop of its own.
  test.describe.configure({ mode: 'parallel' });
  const halves = [0, 1].map((half) => SCREENS.filter((_, index) => index % 2 === half));
  for (const [half, screens] of halves.entries())
    test(`is wide enough, readable, touchable, accessible, well worded and quiet (${half + 1} of 2)`, async ({
      page,
    }) => {
      test.setTimeout(1_200_000);
      const errors = watchConsole(page);
      await page.goto(shop.address);
      await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible();
      expect(await faultsOf(page)).toEqual([]);
      await enterShop(page, shop.address, ...OWNER);
      const faults: string[] = [];
      for (const { name, path, sign, open = [] } of screens) {
        await page.setViewportSize(SIZES[0]);
        await page.goto(shop.address + (await path(page, shop.address)));
        await page.getByText(sign).first().waitFor();
        for (const part of open) await unfold(page, part);
        await expect(page.getByText('Opening…')).toHaveCount(0);
        for (const fault of await wordingFaults(page)) faults.push(`${name}: ${fault}`);
        for (const size of SIZES)
          for (const theme of appearancesAt(size))
            for (const fault of await faultsAt(page, size, theme))
              faults.push(`${name}, ${size.name}, ${theme}: ${fault}`);
      }
      expect(faults).toEqual([]);
      expect(errors).toEqual([]);
    });
});

test('the whole of a step can be done by keyboard alone', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}${await jobAt(page, shop.address, 'on the bench')}/bench`);
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
  await page.goto(`${shop.address}${await jobAt(page, shop.address, 'ready')}/return`);
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
