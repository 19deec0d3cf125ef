/** The shelf by hand: stones and their care, soaking, steels, progressions, machines, pressure, touch-ups. */
import { expect, test, type Page } from '@playwright/test';
import {
  BENCH,
  COUNTER,
  OWNER,
  ZONES,
  choose,
  fill,
  find,
  jobNumber,
  leave,
  pick,
  readZone,
  signIn,
  unfold,
  watchConsole,
  workThrough,
  workUpTo,
} from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

/** The blade of that name, wherever it stands. */
const jobOf = async (page: Page, name: string): Promise<string> =>
  `${shop.address}/jobs/${await jobNumber(page, shop.address, name)}`;

test('a stone comes on the rack, is corrected, taken back, and found again by typing', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack`);
  await page.getByRole('button', { name: 'Add an abrasive' }).click();
  const form = page.getByRole('region', { name: 'Add an abrasive' });
  await fill(form, { Name: 'Pale slate', 'Grit number': '3000' });
  await pick(form, 'Grit scale', 'JIS');
  // The printed grit gives the grain; the owner's own figure may stand against it.
  await form.getByLabel('Grit number').blur();
  await expect(form.getByLabel('Median grain, µm')).toHaveValue('4');
  await unfold(form, 'Everything else');
  await fill(form, { 'Thickness left, mm': '30', 'Thickness when new, mm': '25' });
  await form.getByRole('button', { name: 'Add to rack' }).click();
  await expect(
    form.getByText('Thickness left must be at most 25 mm, as when new; 30 was given'),
  ).toBeVisible();
  await expect(form.getByLabel('Name', { exact: true })).toHaveValue('Pale slate');
  await fill(form, { 'Thickness left, mm': '24' });
  await form.getByRole('button', { name: 'Add to rack' }).click();
  await expect(page.getByText('Pale slate is on the rack.')).toBeVisible();

  await page.getByLabel('Find by name, grit, abrasive or place').fill('pale');
  await expect(page.getByText(/^1 of \d+$/)).toBeVisible();
  await page.getByRole('link', { name: 'Pale slate' }).click();
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  const correct = page.getByRole('region', { name: 'Edit Pale slate' });
  await fill(correct, { Name: 'Dark slate' });
  await correct.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Dark slate', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Pale slate', exact: true })).toBeVisible();
  expect(errors).toEqual([]);
});

test('a flattening counts from the grid, takes from the thickness, and can be taken back', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack`);
  await page.getByText('Only what needs care').click();
  await page.getByRole('link', { name: 'Grey coarse stone' }).click();
  const care = page.getByRole('region', { name: 'Care' });
  await expect(page.getByText(/^Make it flat: \d+ min of work since/)).toBeVisible();
  await fill(care, { Minutes: '4', 'Thickness now, mm': '38.3' });
  await expect(care.getByLabel('Thickness lost, mm')).toHaveValue('0.30');
  await care.getByRole('button', { name: 'Save flattening' }).click();
  await expect(care.getByText('rub on until it is')).toBeVisible();
  await care.getByText('The pencil grid is gone everywhere').click();
  await care.getByRole('button', { name: 'Save flattening' }).click();
  await expect(page.getByText('Grey coarse stone is flat.')).toBeVisible();
  await expect(page.getByText(/^Make it flat/)).toHaveCount(0);
  await expect(page.getByText('38.3 mm').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText(/^Make it flat/)).toBeVisible();
});

test('a soak clock runs on through a reload, on every page, until the stone is taken out', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack`);
  await page.getByLabel('Find by name, grit, abrasive or place').fill('red stone');
  await page.getByRole('link', { name: 'Red stone' }).click();
  await page.getByRole('button', { name: /^Start soaking, 8 min/ }).click();
  const clocks = page.getByRole('region', { name: 'Stones in the water' });
  await expect(clocks.getByText('Red stone')).toBeVisible();
  await expect(clocks.getByText(/^7:\d\d to go$/)).toBeVisible();
  await page.clock.install({ time: Date.now() + 9 * 60_000 });
  await page.goto(`${shop.address}/customers`);
  await expect(clocks.getByText('ready').first()).toBeVisible();
  await clocks.getByRole('button', { name: 'Take out Red stone' }).click();
  await expect(clocks.getByRole('link', { name: 'Red stone' })).toHaveCount(0);
});

test('the rack goes out as a file, and comes in only when every line is right', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('rack.csv');
  const file = (text: string) => ({
    name: 'neighbour.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  });
  const input = page.getByLabel('CSV file of a rack');
  await input.setInputFiles(file('name,kind,abrasive,um\nLent stone,water stone,ceramic,much\n'));
  const preview = page.getByRole('region', { name: 'File contents' });
  await expect(preview.getByText('Median grain, µm must be a number')).toBeVisible();
  await expect(preview.getByRole('button', { name: 'Import all' })).toBeDisabled();
  await input.setInputFiles(
    file(
      'name,kind,abrasive,um\nLent stone,water stone,ceramic,"6,5"\nRed stone,water stone,aluminium-oxide,12\n',
    ),
  );
  await expect(preview.getByText('1 new, 1 by the name of one on the rack')).toBeVisible();
  await preview.getByRole('button', { name: 'Import all' }).click();
  await page.getByLabel('Find by name, grit, abrasive or place').fill('lent');
  await expect(page.getByRole('link', { name: 'Lent stone' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Lent stone' })).toHaveCount(0);
});

test('five hundred abrasives stay in hand', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack`);
  const held = await page.getByText(/^\d+ of \d+$/).textContent();
  const room = 500 - Number(held!.split(' ')[0]);
  const lines = Array.from(
    { length: room },
    (_, index) => `Batch ${index},film,diamond,${(0.5 * 1.011 ** index).toFixed(3)}`,
  );
  await page.getByLabel('CSV file of a rack').setInputFiles({
    name: 'batch.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`name,kind,abrasive,um\n${lines.join('\n')}\n`),
  });
  await page.getByRole('button', { name: 'Import all' }).click();
  await expect(page.getByText('500 of 500')).toBeVisible();
  // Only the rows in view are made.
  expect(await page.getByRole('row').count()).toBeLessThan(60);
  await page.getByLabel('Find by name, grit, abrasive or place').fill('batch 123');
  await expect(page.getByRole('link', { name: 'Batch 123' })).toBeVisible();
  await page.goto(`${shop.address}/rack/progression`);
  await expect(page.getByText('Together, changes of stone included')).toBeVisible();
  await page.goto(`${shop.address}/rack`);
  // Too many are refused, and the rack stays as it was.
  await page.getByRole('button', { name: 'Add an abrasive' }).click();
  const form = page.getByRole('region', { name: 'Add an abrasive' });
  await fill(form, { Name: 'One too many', 'Median grain, µm': '9' });
  await form.getByRole('button', { name: 'Add to rack' }).click();
  await expect(form.getByText('The rack must hold at most 500; it holds 500')).toBeVisible();
  const stones = (await (await page.request.get(`${shop.address}/api/stones`)).json()) as {
    id: number;
    name: string;
  }[];
  for (const { id } of stones.filter(({ name }) => name.startsWith('Batch'))) {
    await page.request.delete(`${shop.address}/api/stones/${id}`);
  }
});

test('a steel explains itself, an unknown one is recognised, and one of the shop’s own is taken in', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack/steels`);
  await page.getByLabel('Find by name, class or composition').fill('vanadium');
  const list = page.getByRole('list', { name: 'Steels' });
  await list.getByRole('button', { name: /V 8-10/ }).click();
  await expect(page.getByText('Diamond is 2.4 times quicker: use it, lightly.')).toBeVisible();

  const unknown = page.getByRole('region', { name: 'Which steel is it' });
  await pick(unknown, 'A file drawn lightly over the spine', 'skates');
  await pick(unknown, 'What it cost new', 'a lot');
  await expect(unknown.getByRole('listitem').first()).toContainText('files skate');

  await page.getByRole('button', { name: 'Add a steel' }).click();
  const form = page.getByRole('region', { name: 'Add a steel' });
  await fill(form, { Designation: 'Mill-saw steel', 'Hardness to, HRC': '50' });
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(form.getByText('Hardness to, HRC must be at least')).toBeVisible();
  await fill(form, { 'Hardness to, HRC': '61' });
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('heading', { name: 'Mill-saw steel' })).toBeVisible();
  await page.goto(`${shop.address}/take-in`);
  await find(page, 'Steel', 'mill', 'Mill-saw steel');
});

test('a progression weighs its schools and wishes, and says what to mind and what to buy', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${shop.address}/rack/progression`);
  const board = page.getByRole('region', { name: 'The progression' });
  await expect(board.getByText('Together, changes of stone included')).toBeVisible();
  await board.getByRole('button', { name: 'Use Red stone' }).click();
  await expect(board.getByRole('cell', { name: 'Red stone' })).toBeVisible();
  await board.getByRole('button', { name: /^Over Red stone/ }).click();
  await expect(board.getByRole('cell', { name: 'Red stone' })).toHaveCount(0);

  await pick(page, 'School', 'One coarse stone, truly sharp');
  // One stone, and the line of the sum.
  await expect(board.getByRole('row')).toHaveCount(3);
  await pick(page, 'School', 'Quickest');

  await fill(page, { Number: '12000' });
  await page.getByRole('button', { name: 'To this finish' }).click();
  await expect(board.getByText('This steel gains little below').first()).toBeVisible();
  await fill(page, { 'Finish: finest, µm': '0.2', 'Finish: coarsest, µm': '0.3' });
  await expect(board.getByText('No stone leaves a finish of 0.2–0.3 µm')).toBeVisible();
  await fill(page, { 'Finish: coarsest, µm': '0.1' });
  await expect(
    page.getByText('Finish: coarsest must be from 0.2 to 800; "0.1" was given'),
  ).toBeVisible();
});

test('a one-sided blade is warned of a stone that is not flat', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobOf(page, 'Paring iron for leather');
  await page.goto(`${job}/plan`);
  await unfold(page, 'Stones');
  await page.getByRole('link', { name: 'Progression of this blade' }).click();
  await expect(page.getByText('One-sided, with a hollow back')).toBeVisible();
  await fill(page, { 'Finish: finest, µm': '35', 'Finish: coarsest, µm': '45' });
  await expect(
    page.getByText('Grey coarse stone is not flat: a one-sided blade takes its hollow at once.', {
      exact: false,
    }),
  ).toBeVisible();
});

test('a plan with a machine, a micro bevel and a strop of choice is worked as planned', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${await jobOf(page, 'Wedding knife')}/plan`);
  await unfold(page, 'Holding the angle');
  await pick(page, 'The angle is held', 'Clamp and rod');
  await unfold(page, 'Stones', 'Change stones');
  await page.getByRole('button', { name: 'Micro bevel on its own' }).click();
  const micro = page.getByRole('region', { name: 'Micro bevel' });
  await choose(micro, 'Stones', 'Named by hand');
  await pick(micro, 'Add a stone after these', 'Barber’s stone');
  await pick(page, 'Strop', 'Strop, plain leather');
  await fill(page, { 'Strokes a side': '300' });
  await expect(page.getByText('From 1 to 200, whole; "300" was given')).toBeVisible();
  await fill(page, { 'Strokes a side': '8' });
  const steps = page.getByRole('list', { name: 'Operations' }).getByRole('listitem');
  await expect(steps.filter({ hasText: 'Micro bevel on Barber’s stone' })).toBeVisible();
  await expect(steps.filter({ hasText: 'Strop on Strop, plain leather' })).toBeVisible();
  await expect(page.getByText('Set Clamp and rod to').first()).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Into the water' })).toBeVisible();
  await page.getByRole('button', { name: 'Approve plan' }).click();
  await page.getByText('I have read this').click();
  await page.getByRole('button', { name: 'Start work' }).click();
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
  // The plan looked at again is the plan that was settled.
  await page.goto(`${await jobOf(page, 'Wedding knife')}/plan`);
  await unfold(page, 'Stones', 'Change stones');
  await expect(page.getByRole('region', { name: 'Micro bevel' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Strokes a side' })).toHaveValue('8');
  expect(errors).toEqual([]);
});

test('a rig is set by ink, the edge goes over a series of surfaces, and next time begins where this ended', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${await jobOf(page, 'Counter slicer')}/plan`);
  await unfold(page, 'Holding the angle');
  await pick(page, 'The angle is held', 'Clamp and rod');
  await page.getByLabel('Per side, °', { exact: true }).fill('16');
  await unfold(page, 'Edge profile and chips');
  await page.getByText(/^Thin it/).click();
  await expect(page.getByRole('checkbox', { name: /^Thin it/ })).not.toBeChecked();
  await unfold(page, 'Stones', 'Change stones');
  await page.getByRole('button', { name: 'Several surfaces in a row' }).click();
  const series = page.getByRole('group', { name: 'Finishing series' });
  await pick(series, 'Surface 1', 'newspaper');
  await fill(series, { 'Strokes a side, 1': '7', 'Under the bevel, °, 2': '-3' });
  const steps = page.getByRole('list', { name: 'Operations' }).getByRole('listitem');
  await expect(steps.filter({ hasText: /newspaper/i })).toHaveCount(1);
  await expect(steps.filter({ hasText: 'Find the angle with ink' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Approve plan' }).click();

  // At the bench: ink on the bevel, one press a place, and what to turn or slide.
  await page.getByText('I have read this').click();
  await page.getByRole('button', { name: 'Start work' }).click();
  await workUpTo(page, /^Find the angle with ink/);
  const ink = page.getByRole('region', { name: 'Where the ink is gone' });
  await choose(ink, 'Ink gone, heel', 'Edge only');
  await choose(ink, 'Ink gone, middle', 'Edge only');
  await choose(ink, 'Ink gone, tip', 'Edge only');
  await expect(ink.getByRole('status')).toHaveText('Lower by 0.5° and ink again.');
  await ink.getByRole('button', { name: 'Ink again' }).click();
  for (const place of ['heel', 'middle', 'tip']) await choose(ink, `Ink gone, ${place}`, 'Across');
  await page.reload();
  await expect(ink.getByRole('status')).toHaveText(/^Matched at heel, middle and tip/);
  await leave(page);
  await workThrough(page);

  // How the rig was set goes into the record.
  await page.getByRole('link', { name: 'Test', exact: true }).click();
  for (const zone of ZONES) await readZone(page, zone, 'dark', 'cuts clean', ['120', '125', '130']);
  await page.getByRole('button', { name: 'Pass: ready for the customer' }).click();
  await fill(page, {
    'Jaws from the heel, mm': '912',
    'Mark on the rule, mm': '61,5',
    Block: '10 mm',
  });
  const heading = await page.getByRole('heading', { level: 1 }).first().textContent();
  await page.getByLabel('Tag number').fill(/Tag (\d+)/.exec(heading ?? '')![1]!);
  await page.getByText(/The edge is sheathed/).click();
  await page.getByRole('button', { name: 'Hand over', exact: true }).click();
  await expect(page.getByText(/912 was given/)).toBeVisible();
  await fill(page, { 'Jaws from the heel, mm': '91' });
  await page.getByRole('button', { name: 'Hand over', exact: true }).click();
  await expect(page.getByText(/^Handed over to/)).toBeVisible();

  // And comes back with the blade.
  await page.getByRole('link', { name: 'The blade’s record' }).click();
  await page.getByRole('link', { name: 'Take it in again' }).click();
  await page.getByRole('button', { name: /Promised for$/ }).click();
  await page.getByRole('option').nth(2).click();
  await page.getByRole('button', { name: /^Take in on tag/ }).click();
  await page.getByRole('button', { name: 'Save and assess' }).click();
  await expect(page).toHaveURL(/\/judge$/);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await unfold(page, 'Last visit');
  await expect(
    page.getByText('Rig: jaws 91 mm from the heel, mark 61.5 mm on the rule, block 10 mm'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Plan as last time' }).click();
  await expect(page.getByLabel('Per side, °', { exact: true })).toHaveValue('16.0');
  await expect(steps.filter({ hasText: /newspaper/i })).toHaveCount(1);
  await expect(page.getByText('Set Clamp and rod to').first()).toBeVisible();
  expect(errors).toEqual([]);
});

test('a machine is calibrated by test cuts, each of which can be taken out again', async ({
  page,
}) => {
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}/rack/machines`);
  const table = page.getByRole('region', { name: 'Tilting table' });
  await expect(table.getByText('Not calibrated: the setting')).toBeVisible();
  const cut = async (set: string, measured: string): Promise<void> => {
    await fill(table, { 'Set, ° per side': set, 'Measured, ° per side': measured });
    await table.getByRole('button', { name: 'Add test cut' }).click();
  };
  await cut('15', '90');
  await expect(
    table.getByText('Measured, ° per side must be at most 60; 90 was given'),
  ).toBeVisible();
  await cut('15', '16');
  await expect(table.getByText('from 1 cut', { exact: false }).first()).toBeVisible();
  await cut('20', '22');
  await expect(table.getByText('Set Tilting table to 15.0° for 16.0° per side')).toBeVisible();
  await table.getByRole('button', { name: 'Take out the cut at 20°' }).click();
  await expect(table.getByRole('button', { name: 'Take out the cut at 20°' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(table.getByRole('button', { name: 'Take out the cut at 20°' })).toBeVisible();

  await page.getByRole('button', { name: 'Add a machine' }).click();
  const form = page.getByRole('region', { name: 'Add a machine' });
  await fill(form, { Name: 'Quick belt', 'Speed, m/s': '6' });
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(form.getByText('Radius of the sag, mm is missing: a belt needs it')).toBeVisible();
});

test('pressure is read from the scale as it comes, or typed, in the unit of the shop', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  const readIn = async (unit: string): Promise<void> => {
    await page.goto(`${shop.address}/settings/units`);
    await choose(page, 'Forces', unit);
    await page.getByRole('button', { name: 'Save units' }).click();
    await expect(page.getByText('No changes.').or(page.getByText('Saved.'))).toBeVisible();
    await page.goto(`${shop.address}/rack/pressure`);
  };
  await readIn('pounds');
  await fill(page, { 'Or type what it shows, pounds': '1' });
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByRole('timer', { name: 'Pressed now' })).toHaveText('1 lb');
  await fill(page, { 'Or type what it shows, pounds': 'hard' });
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByText('"hard" was given')).toBeVisible();
  await readIn('grams-force');
  await page.getByRole('button', { name: 'Listen to the scale' }).click();
  await expect(page.getByText(/% inside, \d+ gf on average/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop listening' }).click();
  // The unit is kept, and the bench speaks in it.
  await page.goto(`${await jobOf(page, 'Square knife')}/bench`);
  await expect(page.getByText(/^\d+–\d+ gf \(/)).toBeVisible();
  expect(errors).toEqual([]);
});

test('a tired blade goes up the ladder, and home without a plan', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobOf(page, 'Willow knife');
  await page.goto(`${job}/touch-up`);
  await expect(page.getByText(/^lasted \d+ days last time$/).first()).toBeVisible();
  // Its steel does not bend back: the ceramic rod is the first that suits, its angle found with coins and ink.
  await expect(page.getByRole('heading', { name: 'Now: ceramic rod' })).toBeVisible();
  await page.getByRole('button', { name: 'shoulder only' }).click();
  await expect(page.getByText(/^Held too low: ink again/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Held too low: ink again/)).toBeVisible();
  await page.getByRole('button', { name: 'edge and across' }).click();
  await expect(page.getByText(/^\d+ coins: [\d.]+° per side, found$/)).toBeVisible();
  await page.getByRole('button', { name: 'Not enough: next rung' }).click();
  await expect(page.getByRole('heading', { name: 'Now: strop' })).toBeVisible();
  await page.getByRole('button', { name: 'Enough: test the edge' }).click();
  await expect(page.getByRole('heading', { name: /^Verdict/ })).toBeVisible();
  await page.goto(`${job}/return`);
  await expect(page.getByText('As it came: the angle was not changed.')).toBeVisible();
});

test('the counter looks at the shelf and changes nothing', async ({ page }) => {
  await signIn(page, shop.address, ...COUNTER);
  for (const path of ['', '/stones/3', '/steels', '/machines']) {
    await page.goto(`${shop.address}/rack${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByRole('button', { name: /^(Add|Edit|Save|Start)/ })).toHaveCount(0);
  }
});
