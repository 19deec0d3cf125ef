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
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

test('a tester that is not owned is never missing: a fillet knife passes in three presses', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}/settings/tests`);
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
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  await unfold(page, 'Other signs');
  const atBench = page.getByRole('group', { name: 'Which cause' });
  await pick(atBench, 'Another sign seen', 'The stone squeals, catches, does not cut');
  await expect(atBench.getByRole('listitem').first()).toContainText('dressing stone');
  await page.getByRole('button', { name: 'Close' }).click();

  // Worked at the tip alone, tested at the tip alone, and passed.
  await expect(page.getByRole('img', { name: /^Work here: tip\. Passed: heel/ })).toBeVisible();
  await expect(page.getByText(/^of about \d+ at tip; \d+ before$/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Burr, right heel: passed' })).toBeDisabled();
  await workThrough(page);
  await page.getByRole('link', { name: 'Test', exact: true }).click();
  await expect(
    page.getByText('Test tip again. The rest keeps its readings from round 1.'),
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
  // At one place: the strip is pressed there, or the place is typed.
  await page.getByLabel('At one place, mm from the heel').fill('20');
  await page.getByRole('button', { name: 'Add reading' }).click();
  const place = page.getByRole('button', { name: 'Undo: Light at 20 mm: glint' });
  await expect(place).toBeVisible();
  // What was read is typed: it stays through a closed page.
  await page.reload();
  await expect(heel.getByText(/^median 20\d gf/)).toBeVisible();
  await expect(place).toBeVisible();
  expect(errors).toEqual([]);
});

test('close pictures: a burr measured to the scale, scratches read, glints found on the drawn edge and confirmed', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  const id = await jobNumber(page, shop.address, 'Rope knife');
  await page.goto(`${shop.address}/jobs/${id}/intake`);
  const photographs = page.getByRole('region', { name: 'Photographs' });
  const shots = [
    'After the coarse stone',
    'After the fine stone',
    'The edge with the lamp along it',
  ];
  for (const [index, shot] of shots.entries()) {
    await pick(photographs, 'Under the microscope', shot);
    await photographs.getByRole('button', { name: 'Take its picture' }).click();
    await expect(photographs.getByRole('link')).toHaveCount(index + 1);
  }
  const pictures = await photographs
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => (link as HTMLAnchorElement).pathname));
  const open = (index: number) => page.goto(`${shop.address}${pictures[index]!}?close`);
  const picture = page.getByRole('application');
  /** Clicks at a pixel of the picture as it was drawn, 960 by 640. */
  const clickAt = async (x: number, y: number): Promise<void> => {
    await expect(picture).toHaveAttribute('data-ready', '');
    const { width, height } = (await picture.boundingBox())!;
    const scale = Math.min(width / 960, height / 640);
    const position = {
      x: (width - 960 * scale) / 2 + x * scale,
      y: (height - 640 * scale) / 2 + y * scale,
    };
    await picture.click({ position });
    // Two quick clicks would be one that enlarges.
    await page.waitForTimeout(450);
  };

  // The micrometer under the picture is 200 µm long; the burr was drawn 24 µm wide.
  await open(0);
  await clickAt(30, 603);
  await clickAt(430, 603);
  await page.getByRole('button', { name: 'Set the scale' }).click();
  await clickAt(480, 42);
  await clickAt(480, 90);
  const add = page.getByRole('button', { name: /^Add [\d.]+ µm$/ });
  const um = Number(/[\d.]+/.exec((await add.textContent()) ?? '')![0]);
  expect(Math.abs(um - 24)).toBeLessThan(2);
  await add.click();
  await page.getByLabel('Spot').fill('middle, right');
  // Drawn at 62°, 8 µm apart.
  await page.getByText('Scratches', { exact: true }).click();
  await clickAt(20, 110);
  await clickAt(940, 540);
  await page.getByRole('button', { name: 'Look at the scratches' }).click();
  const scratches = page.getByRole('region', { name: 'Scratches' });
  await expect(scratches.getByRole('heading', { name: 'Even from heel to tip' })).toBeVisible();
  const [, direction, spacing] = /at (\d+)°, \d+ % follow, ([\d.]+) µm/.exec(
    (await scratches.textContent()) ?? '',
  )!;
  expect(Math.abs(Number(direction) - 62)).toBeLessThanOrEqual(3);
  expect(Math.abs(Number(spacing) - 8)).toBeLessThan(1.2);
  await page.getByRole('button', { name: 'Save the close picture' }).click();
  await expect(page.getByRole('button', { name: 'Save the close picture' })).toBeDisabled();

  // The same spot later lies beside it.
  await open(1);
  await page.getByLabel('Spot').fill('middle, right');
  await expect(page.getByRole('region', { name: 'The same spot' })).toContainText('burr width 2');

  // Glints were drawn at 30 to 36 and at 82 to 86 hundredths of the edge.
  await open(2);
  await page.getByText('Light', { exact: true }).click();
  for (const share of [0, 0.5, 1]) await clickAt(58 + share * 845, 353);
  await page.getByRole('button', { name: 'Find glints' }).click();
  const glints = page.getByRole('region', { name: 'Glints' });
  const places = /Glints at (\d+) to (\d+) mm and (\d+) to (\d+) mm/.exec(
    (await glints.textContent()) ?? '',
  )!;
  const job = (await (await page.request.get(`${shop.address}/api/jobs/${id}`)).json()) as {
    measures: { edgeLengthMm: number };
  };
  [0.3, 0.36, 0.82, 0.86].forEach((share, index) =>
    expect(Math.abs(Number(places[index + 1]) - share * job.measures.edgeLengthMm)).toBeLessThan(
      0.02 * job.measures.edgeLengthMm + 1,
    ),
  );
  await glints.getByRole('button', { name: 'Confirm glints' }).click();
  await glints.getByRole('link', { name: 'In the readings of the test' }).click();
  const light = (zone: string) =>
    page
      .getByRole('region', { name: `Readings at the ${zone}` })
      .getByRole('button', { name: /Light$/ });
  await expect(light('middle')).toContainText('glint');
  await expect(light('heel')).toContainText('dark');
  expect(errors).toEqual([]);
});
