/** From a passed edge to its customer: told, paid, collected by a scanned code, and heard when something is wrong. */
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { faultsOf } from './support/axe';
import { writeFilmOfCode } from './support/fake-camera';
import { launchWithMedia } from './support/fake-media';
import {
  BENCH,
  COUNTER,
  fill,
  jobNumber,
  OWNER,
  pick,
  signIn,
  unfold,
  watchConsole,
} from './support/hands';
import { RunningShop } from './support/running-shop';
import { IS_WHOLE } from './support/whole-matrix';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

/** Of the visit of that blade, on this test's shop. */
const pageOf = async (page: Page, blade: string): Promise<string> => {
  const id = await jobNumber(page, shop.address, blade);
  const answer = await page.request.get(`${shop.address}/api/jobs/${id}/page`);
  const { address } = (await answer.json()) as { address: string };
  return address.replace(/^https?:\/\/[^/]+/, shop.address);
};

test('two blades of one customer: told when both are ready, collected by code and tag, paid by card', async ({
  page,
}, info) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  // The last of the smokehouse for this day passes: they are told of both.
  const last = await jobNumber(page, shop.address, 'No. 5');
  await page.goto(`${shop.address}/jobs/${last}/test`);
  const everywhere = page.getByRole('group', { name: 'Everywhere' });
  await everywhere.getByText('dark', { exact: true }).click();
  await everywhere.getByText('cuts clean', { exact: true }).click();
  for (const zone of ['heel', 'middle', 'belly', 'tip'])
    await fill(page.getByRole('region', { name: `Readings at the ${zone}` }), {
      '1': '200',
      '2': '205',
      '3': '210',
    });
  await page.getByRole('button', { name: 'Pass: ready for the customer' }).click();
  await expect(page.getByRole('heading', { name: 'Price', level: 2 })).toBeVisible();

  // A moment later one message about both lies in the box of the demo; it is withdrawn where they are quicker.
  await page.goto(`${shop.address}/messages`);
  const inbox = page.getByRole('region', { name: 'Inbox' });
  await unfold(inbox, 'Ready to collect: No. 3 and No. 5');
  await expect(inbox.getByText(/Good day Saltgate smokehouse/)).toContainText('(tag 11, 12)');

  // The code of the first one's ticket is held before the camera; the second one's tag is typed.
  const film = join(info.outputDir, 'code.y4m');
  await page.screenshot({ path: join(info.outputDir, 'made-the-folder.png') });
  await writeFilmOfCode(film, await pageOf(page, 'No. 3'));
  const scanning = await launchWithMedia({ camera: film });
  const till = await (await scanning.newContext()).newPage();
  const tillErrors = watchConsole(till);
  await signIn(till, shop.address, ...COUNTER);
  await till.goto(`${shop.address}/ready`);
  await till.getByRole('button', { name: 'Scan' }).click();
  const form = till.getByRole('region', { name: 'Hand over to Saltgate smokehouse' });
  await expect(form.getByRole('checkbox', { name: /No\. 3/ })).toBeChecked();
  await till.getByRole('button', { name: 'Close the camera' }).click();
  const tag = till.getByLabel('Tag in the customer’s hand');
  await tag.fill('13');
  await till.getByRole('button', { name: 'Find', exact: true }).click();
  await expect(
    till.getByText('Tag 13 is Crumb Street bakery’s, not Saltgate smokehouse’s.'),
  ).toBeVisible();
  await tag.fill('999');
  await till.getByRole('button', { name: 'Find', exact: true }).click();
  await expect(till.getByText('No blade in the shop hangs on tag 999')).toBeVisible();
  await tag.fill('12');
  await till.getByRole('button', { name: 'Find', exact: true }).click();
  await expect(form.getByRole('checkbox', { name: /No\. 5/ })).toBeChecked();
  await form.getByText('card', { exact: true }).click();
  await form.getByLabel('Collected by').fill('the deckhand');
  await form.getByRole('button', { name: /^Hand over 2 blades, EUR\s[\d.]+ card$/ }).click();
  await expect(form.getByText('Sheath, wrap or guard the edge')).toBeVisible();
  await form.getByText('Every edge is sheathed').click();
  await form.getByRole('button', { name: /^Hand over 2 blades/ }).click();
  await expect(till.getByText('2 blades handed over.')).toBeVisible();
  const receipt = await till.request.get(
    `${shop.address}${(await till.getByRole('link', { name: 'Receipt' }).getAttribute('href'))!}`,
  );
  expect((await receipt.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await till.getByRole('link', { name: 'Takings' }).click();
  await expect(till.getByRole('row', { name: /Saltgate smokehouse/ })).toContainText('card');
  await till.goBack();
  expect(tillErrors).toEqual([]);
  await scanning.close();

  expect(errors).toEqual([]);
});

test('the customer’s page answers, and a complaint is diagnosed and mended free of charge', async ({
  page,
  browser,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  const id = await jobNumber(page, shop.address, 'Stem knife');
  const address = await pageOf(page, 'Stem knife');
  const guest = await (
    await browser.newContext({ viewport: { width: 390, height: 844 } })
  ).newPage();
  const guestErrors = watchConsole(guest);
  await guest.goto(address);
  await expect(guest.getByText(/^It is ready to be collected/)).toBeVisible();
  await expect(guest.getByText('Pernel Bloom')).toHaveCount(0);
  // Nothing of the shop is behind it.
  expect((await guest.request.get(`${shop.address}/api/jobs/${id}`)).status()).toBe(401);

  await page.goto(`${shop.address}/ready`);
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Pernel Bloom' })
    .getByRole('button', { name: 'Hand over' })
    .click();
  const form = page.getByRole('region', { name: 'Hand over to Pernel Bloom' });
  await form.getByLabel('Paid now, EUR').fill('10');
  await expect(form.getByText(/stays open/)).toContainText('16.80');
  await form.getByText('Every edge is sheathed').click();
  await form.getByRole('button', { name: /^Hand over 1 blade, EUR\s10\.00 cash$/ }).click();
  await expect(page.getByText('Handed over.').first()).toBeVisible();

  await guest.reload();
  await expect(guest.getByText(/^It went home on/)).toBeVisible();
  await expect(guest.getByRole('region', { name: 'Sheet for the customer' })).toContainText(
    'How to keep it so',
  );
  expect(await faultsOf(guest)).toEqual([]);
  await guest.getByRole('button', { name: 'It is dull again' }).click();
  await expect(guest.getByText(/^Noted: it is dull again/)).toBeVisible();
  await guest.getByLabel('In your words').fill('it catches at one place');
  await guest.getByRole('button', { name: 'Something is wrong' }).click();
  await expect(guest.getByText(/^The shop knows/)).toBeVisible();

  await page.reload();
  await page.getByRole('link', { name: /Pernel Bloom: Stem knife/ }).click();
  await expect(page.getByLabel('In the customer’s words')).toHaveValue('it catches at one place');
  await pick(
    page.getByRole('group', { name: 'Which cause' }),
    'Another sign seen',
    'Paper catches at one place, always the same',
  );
  await expect(
    page.getByRole('group', { name: 'Which cause' }).getByRole('listitem').first(),
  ).toContainText('A burr is left there.');
  await expect(page.getByText('Free of charge, by the shop’s rule.')).toBeVisible();
  await page.getByRole('button', { name: 'Repair it free of charge' }).click();
  await expect(page.getByText('Decided: free of charge.')).toBeVisible();
  await page.getByRole('link', { name: 'Take it in again' }).click();
  await expect(page.getByText(/^It went home today\. Is something wrong/)).toBeVisible();
  await page.getByRole('button', { name: /Promised for$/ }).click();
  await page.getByRole('option').nth(2).click();
  await page.getByRole('button', { name: /^Take in on tag/ }).click();
  await expect(page).toHaveURL(/\/intake$/);
  // With that the page of the visit before has ended.
  await guest.reload();
  await expect(guest.getByRole('heading', { name: 'No longer open' })).toBeVisible();
  expect([...errors, ...guestErrors]).toEqual([]);
});

/** Of those who guess at it; with all else ten thousand. */
const GUESSES = IS_WHOLE ? 10_000 : 2_000;

test('thousands of guesses at a customer’s page open nothing', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  const token = (await pageOf(page, 'Fruit knife')).split('/').at(-1)!;
  const statuses = new Set<number>();
  const guess = async (index: number): Promise<void> => {
    const wrong = `${token.slice(0, 38)}${String(index).padStart(5, '-')}`;
    if (wrong === token) return;
    statuses.add((await fetch(`${shop.address}/api/visits/${wrong}`)).status);
  };
  for (let from = 0; from < GUESSES; from += 100)
    await Promise.all(Array.from({ length: 100 }, (_, offset) => guess(from + offset)));
  expect([...statuses].sort()).toEqual([404, 429]);
  expect((await fetch(`${shop.address}/api/visits/${token}`)).status).toBe(200);
});
