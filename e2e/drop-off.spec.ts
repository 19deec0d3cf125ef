/** A crateful of blades at the counter. How long a person takes is measured in `bench/drop-off.ts`. */
import { expect, test } from '@playwright/test';
import { COUNTER, find, signIn, watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const KINDS = [
  ['chef', 'Chef’s knife'],
  ['pari', 'Paring knife'],
  ['bread', 'Bread knife, serrated'],
  ['fillet', 'Filleting knife'],
] as const;

test('twenty blades of one customer are taken in by keyboard alone', async ({ page }) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...COUNTER);
  await page.goto(`${shop.address}/take-in`);
  await page.getByRole('combobox', { name: 'Customer', exact: true }).click();
  await page.keyboard.type('hollow');
  await page.getByRole('option', { name: /^Hollow Lane/ }).waitFor();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /Promised for$/ }).click();
  await page.getByRole('option').nth(3).click();
  await page.getByRole('combobox', { name: 'Kind', exact: true }).click();
  for (let blade = 0; blade < 20; blade += 1) {
    const [letters] = KINDS[Math.floor(blade / 5)]!;
    // Five of a kind one after the other: the kind stays until it is typed over.
    if (blade % 5 === 0) {
      await page.keyboard.press('ControlOrMeta+a');
      await page.keyboard.type(letters);
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('Enter');
    }
    await page.keyboard.press('Tab');
    await page.keyboard.type(`No ${blade + 1}`);
    await page.keyboard.press('Tab');
    if (blade % 4 === 0) await page.keyboard.type('bite for tomatoes');
    await page.keyboard.press('Enter');
    await expect(
      page.getByRole('list', { name: 'Blades to take in' }).getByRole('listitem'),
    ).toHaveCount(blade + 1);
  }
  await page.getByRole('button', { name: 'Take in these 20 blades' }).click();
  await expect(
    page.getByRole('heading', { name: '20 blades of Hollow Lane school kitchen taken in' }),
  ).toBeVisible();

  await page.getByRole('link', { name: 'Tags and tickets in the tray' }).click();
  await expect(page.getByRole('button', { name: /^Tag \d+/ })).toHaveCount(20);
  await expect(page.getByRole('button', { name: /^Ticket of tag \d+/ })).toHaveCount(20);
  await expect(page.locator('canvas')).toBeVisible();
  for (const [, label] of KINDS) await expect(page.getByText(label)).toHaveCount(0);
  expect(errors).toEqual([]);
});

test('a blade seen before is found by tag and by outline, and brings its record', async ({
  page,
}) => {
  await signIn(page, shop.address, ...COUNTER);
  await page.goto(`${shop.address}/take-in`);
  // By outline: the caliper says which of the smokehouse’s knives it may be.
  await find(page, 'Customer', 'saltgate', 'Saltgate smokehouse');
  await find(page, 'Kind', 'fillet', 'Filleting knife');
  await page.getByLabel('Edge length, mm').fill('201');
  await page.getByLabel('Height at heel, mm').fill('22.5');
  const likely = page.getByRole('button', { name: /looks like this one/ });
  await expect(likely.first()).toBeVisible();
  await page.getByRole('button', { name: /^No. 1/ }).click();
  await expect(
    page.getByText(/^Here before, last on .* went home at \d+\.\d° per side/),
  ).toBeVisible();
  await expect(page.getByLabel('What the customer calls it')).toHaveValue('No. 1');
  await page.getByRole('button', { name: /Promised for$/ }).click();
  await page.getByRole('option').nth(1).click();
  await page.getByRole('button', { name: /^Take in on tag/ }).click();
  await expect(page.getByText(/^last time/).first()).toBeVisible();

  // By tag: it hangs here now, and says so.
  const tag = /Tag (\d+)/.exec(
    (await page.getByRole('heading', { level: 1 }).textContent()) ?? '',
  )![1]!;
  await page.goto(`${shop.address}/take-in`);
  await find(page, 'Seen before: tag or name', tag, 'No. 1');
  await expect(page.getByRole('alert')).toContainText(`is here already, on tag ${tag}`);
});

test('a tag that a colleague gave away meanwhile is told beside its blade, and nothing is lost', async ({
  page,
}) => {
  await signIn(page, shop.address, ...COUNTER);
  await page.goto(`${shop.address}/take-in`);
  await find(page, 'Customer', 'corin', 'Corin Whey');
  await page.getByRole('button', { name: /Promised for$/ }).click();
  await page.getByRole('option').nth(1).click();
  await page.getByLabel('Tag number').fill('8');
  await page.getByRole('button', { name: 'Add to the list' }).click();
  await page.getByRole('button', { name: 'Take in this blade' }).click();
  const list = page.getByRole('list', { name: 'Blades to take in' });
  await expect(list.getByRole('alert')).toContainText('Tag 8 is on a blade of');
  await page.reload();
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Change tag 8' }).click();
  await page.getByLabel('Tag number').fill('801');
  await page.getByRole('button', { name: 'Add to the list' }).click();
  await page.getByRole('button', { name: 'Take in this blade' }).click();
  await expect(page.getByRole('heading', { name: /^Tag 801/ })).toBeVisible();
});
