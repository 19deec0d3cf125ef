/** The test of an edge: without any instrument in a few presses, and what failed found, said at the bench and cured there. */
import { expect, test } from '@playwright/test';
import {
  BENCH,
  done,
  fill,
  jobNumber,
  OWNER,
  pick,
  signIn,
  stepTitle,
  unfold,
  watchConsole,
  workThrough,
} from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo', 4912);
});
test.afterAll(() => shop.kill());

test('a tester that is not owned is never missing: a fillet knife passes in three presses', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}/settings`);
  const tests = page.getByRole('region', { name: 'Edge tests' });
  await tests.getByText('Cut force', { exact: true }).click();
  await expect(tests.getByRole('checkbox', { name: 'Cut force' })).not.toBeChecked();

  const id = await jobNumber(page, shop.address, 'No. 5');
  await page.goto(`${shop.address}/jobs/${id}/test`);
  await expect(page.getByRole('heading', { name: /^Verdict: not tested/ })).toBeVisible();
  let presses = 0;
  await page.exposeFunction('pressed', () => {
    presses += 1;
  });
  await page.evaluate("addEventListener('pointerdown', () => window.pressed(), true)");
  const everywhere = page.getByRole('group', { name: 'Everywhere' });
  await everywhere.getByText('dark', { exact: true }).click();
  await everywhere.getByText('cuts clean', { exact: true }).click();
  await expect(page.getByRole('heading', { name: /^Verdict: meets/ })).toBeVisible();
  await page.getByRole('button', { name: 'Pass: ready for the customer' }).click();
  await expect(page).toHaveURL(/\/return$/);
  expect(presses).toBeLessThanOrEqual(6);
  expect(errors).toEqual([]);
});

test('a glint at the tip: what it probably is, what to look at next, and what the bench is told', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  await page.request.put(`${shop.address}/api/tests-in-use`, {
    data: { inUse: ['light', 'paper', 'food', 'tip'] },
  });
  const id = await jobNumber(page, shop.address, 'Rigger’s knife');
  await page.goto(`${shop.address}/jobs/${id}/test`);
  const everywhere = page.getByRole('group', { name: 'Everywhere' });
  await everywhere.getByText('dark', { exact: true }).click();
  await everywhere.getByText('cuts clean', { exact: true }).click();
  await pick(page.getByRole('region', { name: 'Readings at the tip' }), 'Light', 'glint');
  await expect(page.getByRole('heading', { name: /^Verdict: back to the bench/ })).toBeVisible();

  const cause = page.getByRole('group', { name: 'Which cause' });
  await expect(cause.getByText(/^\d+ % The apex was not reached there/)).toBeVisible();
  await pick(cause, 'Another sign seen', 'No burr near the tip');
  await expect(cause.getByRole('listitem').first()).toContainText('The handle was not raised');
  await expect(cause.getByRole('button', { name: 'Not seen' })).toBeVisible();
  // What was told stays through a closed page.
  await page.reload();
  await expect(cause.getByRole('listitem').first()).toContainText('The handle was not raised');

  await unfold(page, 'Other tests');
  await page.getByText('skids', { exact: true }).click();
  await page.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(page.getByText(/^Came back: glint along a zone \(tip\)/)).toBeVisible();
  await expect(done(page)).toBeVisible();
  await expect(stepTitle(page).last()).toContainText('Set the edge');
  // At the bench a sign is told as it is met, and space is a stroke again.
  await unfold(page, 'Something is wrong');
  const atBench = page.getByRole('group', { name: 'Which cause' });
  await pick(atBench, 'Another sign seen', 'The stone squeals, catches, does not cut');
  await expect(atBench.getByRole('listitem').first()).toContainText('dressing stone');

  // Worked at the tip alone, tested at the tip alone, and passed.
  await expect(page.getByRole('img', { name: /^Work here: tip\. Passed: heel/ })).toBeVisible();
  await expect(page.getByText(/^of about \d+ at tip; \d+ before$/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Burr, right heel: passed' })).toBeDisabled();
  await workThrough(page);
  await page.getByRole('link', { name: 'Test', exact: true }).click();
  await expect(
    page.getByText('Test tip again. The rest stays as it was read in round 1.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Pass: ready for the customer' })).toHaveCount(0);
  await pick(page.getByRole('region', { name: 'Readings at the tip' }), 'Light', 'dark');
  await pick(page.getByRole('region', { name: 'Readings at the tip' }), 'Paper', 'cuts clean');
  await everywhere.getByText('parts freely', { exact: true }).click();
  await page.getByRole('button', { name: 'Pass: ready for the customer' }).click();
  await expect(page).toHaveURL(/\/return$/);
  expect(errors).toEqual([]);
});

test('the force tester is read as it cuts: three peaks at the heel, then the middle is asked', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  await page.request.put(`${shop.address}/api/tests-in-use`, {
    data: { inUse: ['light', 'paper', 'force'] },
  });
  const id = await jobNumber(page, shop.address, 'Stall knife');
  await page.goto(`${shop.address}/jobs/${id}/test`);
  const heel = page.getByRole('region', { name: 'Readings at the heel' });
  await fill(heel, { '1': '', '2': '', '3': '' });
  const tester = page.getByRole('group', { name: 'Force tester' });
  await tester.getByRole('button', { name: 'Read from the tester' }).click();
  await expect(tester.getByText('Cut with the heel: 0 of 3.')).toBeVisible();
  // The stand-in cuts with 196, 204 and 212 gf.
  for (const [field, gf] of [
    ['1', 196],
    ['2', 204],
    ['3', 212],
  ] as const)
    await expect
      .poll(async () => Math.abs(Number(await heel.getByLabel(field).inputValue()) - gf))
      .toBeLessThanOrEqual(7);
  await tester.getByRole('button', { name: 'Stop the tester' }).click();
  // What was read is typed: it stays through a closed page.
  await page.reload();
  await expect(heel.getByText(/^median 20\d gf/)).toBeVisible();
  expect(errors).toEqual([]);
});
