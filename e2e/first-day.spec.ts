/** A shop of one's own, from nothing: set up by its list, a blade planned, worked, tested and handed back; at each size. */
import { expect, test, type Page } from '@playwright/test';
import { fill, watchConsole, workThrough } from './support/hands';
import { RunningShop } from './support/running-shop';
import { SIZES } from './support/sizes';
import { IS_WHOLE } from './support/whole-matrix';

/** From an empty shop to a planned blade in less than this. */
const MOST_MINUTES = 5;

const thing = async (page: Page, name: string): Promise<void> => {
  await page.goto(new URL('/', page.url()).href);
  await page
    .getByRole('region', { name: 'First day' })
    .getByRole('link', { name, exact: true })
    .click();
};

/** The smallest is the hardest; the others are walked with all else. */
const WALKED = IS_WHOLE ? SIZES : SIZES.filter(({ name }) => name === 'telephone');

for (const size of WALKED)
  test.describe(`at ${size.width} by ${size.height}`, () => {
    let shop: RunningShop;
    test.beforeAll(async () => {
      shop = await RunningShop.open('shop');
    });
    test.afterAll(() => shop.close());
    test.use({ viewport: { width: size.width, height: size.height } });

    test('an empty shop is set up by its list, and its first blade goes home', async ({ page }) => {
      test.setTimeout(MOST_MINUTES * 60_000);
      const errors = watchConsole(page);
      const began = Date.now();
      await page.goto(shop.address);
      await fill(page, {
        'Name of the shop': 'Lower lock',
        'Your name': 'Edda Rill',
        'Sign-in name': 'edda',
        Password: 'short',
      });
      await page.getByRole('button', { name: 'Open the shop' }).click();
      await expect(page.getByText('Password needs at least 10 characters')).toBeVisible();
      await expect(page.getByLabel('Name of the shop')).toHaveValue('Lower lock');
      await page.getByLabel('Password').fill('long enough now');
      await page.getByRole('button', { name: 'Open the shop' }).click();
      await expect(page.getByRole('heading', { name: 'Set up your shop' })).toBeVisible();
      await expect(page.getByText('0 of 6 done')).toBeVisible();

      await thing(page, 'Your shop');
      await fill(page, { Address: 'Lock cottage', Telephone: '0555 2', 'Tax lines': 'No. 12' });
      await page.getByRole('button', { name: 'Save shop' }).click();
      await expect(page.getByText('Saved.')).toBeVisible();

      await thing(page, 'Places and days');
      await page.getByRole('button', { name: 'Add place' }).click();
      await fill(page, { Name: 'Lock cottage' });
      for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'])
        await page.getByRole('button', { name: day, exact: true }).click();
      await page.getByRole('button', { name: 'Save places' }).click();
      await expect(page.getByText('Saved.')).toBeVisible();

      await page.goto(shop.address);
      await page.getByRole('button', { name: 'I work alone' }).click();
      await expect(page.getByText('3 of 6 done')).toBeVisible();

      await thing(page, 'Stones');
      await page
        .getByRole('button', { name: 'Use this rack: Waterstones, coarse to fine' })
        .click();
      await expect(page.getByRole('link', { name: 'Medium waterstone' })).toBeVisible();

      await thing(page, 'Prices');
      await page.getByRole('button', { name: 'Fill with an example' }).click();
      await page.getByRole('button', { name: 'Save price list' }).click();
      await expect(page.getByText('Saved.')).toBeVisible();

      await thing(page, 'First blade');
      await page.getByText('New', { exact: true }).click();
      await fill(page, { 'Customer’s name': 'Bram Oakum' });
      await page
        .getByRole('radiogroup', { name: 'Kind by outline' })
        .getByText('Utility knife', { exact: true })
        .click();
      await page.getByRole('button', { name: /Promised for$/ }).click();
      await page.getByRole('option').nth(1).click();
      await page.getByRole('button', { name: 'Take in on tag 1' }).click();
      await page.getByRole('button', { name: 'Fill blanks with typical values' }).click();
      await page.getByRole('button', { name: 'Save and assess' }).click();
      await page.getByRole('link', { name: 'Make the plan' }).click();
      await page.getByRole('button', { name: 'Approve plan' }).click();
      await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
      const minutes = (Date.now() - began) / 60_000;
      test
        .info()
        .annotations.push({ type: 'planned after', description: `${minutes.toFixed(2)} min` });
      expect(minutes).toBeLessThan(MOST_MINUTES);

      await page.getByText(/^I have read this/).click();
      await page.getByRole('button', { name: 'Start work' }).click();
      await workThrough(page);
      await page.getByRole('link', { name: 'Test the edge' }).click();
      const everywhere = page.getByRole('group', { name: 'Everywhere' });
      for (const expected of ['dark', 'cuts clean'])
        await everywhere.getByText(expected, { exact: true }).click();
      await page.getByRole('button', { name: 'Pass: ready for the customer' }).click();
      await page.getByLabel('Tag number').fill('1');
      await page.getByText(/The edge is sheathed/).click();
      await page.getByRole('button', { name: 'Hand over', exact: true }).click();
      await expect(page.getByText('Handed over to Bram Oakum.')).toBeVisible();

      await page.goto(shop.address);
      await expect(page.getByRole('heading', { name: 'No blades in the shop' })).toBeVisible();
      expect(errors).toEqual([]);
    });
  });
