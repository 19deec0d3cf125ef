/** The bench looks at a blade: measured by several routes, photographed, traced, judged, asked for and priced. */
import { expect, test, type Page } from '@playwright/test';
import { bladeOutline, usualMeasuresOf } from '../packages/core/src/index';
import { drawPhotograph, type DrawnPhotograph } from '../packages/server/src/demo/photograph';
import { BENCH, fill, OWNER, pick, signIn, watchConsole, jobNumber } from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

/** The latest job of the demo's blade of that name. */
const jobNamed = async (page: Page, name: string): Promise<string> =>
  `${shop.address}/jobs/${await jobNumber(page, shop.address, name)}`;

test('the angle by three routes: one disagrees and is named; the marker test leads to a match', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${await jobNamed(page, 'Old carbon knife')}/intake`);
  const angle = page.getByRole('region', { name: 'Angle' });
  await angle.getByRole('button', { name: 'Digital gauge' }).click();
  await fill(angle, { 'Reading, °': '20.5' });
  await pick(angle, 'Sat on', 'The primary face');
  await expect(angle.getByText(/less \d\.\d° for the lean of that face/)).toBeVisible();
  await angle.getByRole('button', { name: 'Maker’s figure' }).click();
  await fill(angle, { 'Maker’s figure, °': '35' });
  await angle.getByText('Per side', { exact: true }).click();
  await expect(angle.getByText(/was it per side or inclusive/)).toBeVisible();
  await angle.getByRole('button', { name: 'Marker test' }).click();
  await angle.getByRole('button', { name: 'gone only at the edge' }).click();
  await expect(angle.getByText(/Only the very edge was rubbed: too high. Try 20.0°/)).toBeVisible();
  await angle.getByRole('button', { name: 'gone only at the shoulder' }).click();
  await expect(angle.getByText('Between 20° and 22°: try 21.0°.')).toBeVisible();
  await angle.getByRole('button', { name: 'Undo last try' }).click();
  await fill(angle, { 'Angle tried, °': '18' });
  await angle.getByRole('button', { name: 'gone across the bevel' }).click();
  await expect(angle.getByText('Matched at 18.0° per side.')).toBeVisible();
  await angle.getByRole('button', { name: /^Take \d+\.\d° per side/ }).click();
  const taken = await angle.getByLabel('Angle per side, °').inputValue();
  expect(Number(taken)).toBeGreaterThan(17);
  expect(Number(taken)).toBeLessThan(19.5);

  // Kept on this device until it is sent, and on record afterwards.
  await page.reload();
  await expect(angle.getByText('Matched at 18.0° per side.')).toBeVisible();
  await page.getByRole('button', { name: 'Save and assess' }).click();
  await expect(page.getByText('Do it', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Intake', exact: true }).click();
  await expect(angle.getByLabel('Angle per side, °')).toHaveValue(taken);
  await expect(angle.getByText('Matched at 18.0° per side.')).toBeVisible();
  expect(errors).toEqual([]);
});

test.describe('a photograph', () => {
  const measures = { ...usualMeasuresOf('chef', 214), heightHeelMm: 47 };
  let photograph: DrawnPhotograph;
  test.beforeAll(async () => {
    // Twelve megapixels, as a telephone takes them.
    photograph = await drawPhotograph(measures, 4000, 3000);
  });

  test('is added, marked, and the outline traced from it with the perspective set right', async ({
    page,
  }) => {
    const errors = watchConsole(page);
    await signIn(page, shop.address, ...BENCH);
    const job = await jobNamed(page, 'Old carbon knife');
    await page.goto(`${job}/intake`);
    const chosen = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Add a photograph' }).click();
    await (
      await chosen
    ).setFiles({ name: 'blade.jpg', mimeType: 'image/jpeg', buffer: photograph.jpeg });
    await page.getByRole('img', { name: 'Photograph 1 of the blade' }).click();
    const picture = page.getByRole('application', { name: /^Photograph/ });
    await expect(picture).toHaveAttribute('data-ready', '');
    await picture.click({ position: { x: 300, y: 200 } });
    await page.getByRole('textbox', { name: 'Mark 1' }).fill('rust under the handle');
    await page.getByRole('button', { name: 'Save marks' }).click();
    await expect(page.getByRole('button', { name: 'Save marks' })).toBeDisabled();

    await page.getByText('Trace the outline', { exact: true }).click();
    await expect(picture).toHaveAttribute('data-ready', '');
    const box = (await picture.boundingBox())!;
    const scale = Math.min(box.width / 4000, box.height / 3000);
    const click = ([x, y]: readonly [number, number]) =>
      picture.click({
        position: {
          x: (box.width - 4000 * scale) / 2 + x * scale,
          y: (box.height - 3000 * scale) / 2 + y * scale,
        },
      });
    for (const corner of photograph.card) await click(corner);
    const { edge, spine } = bladeOutline(measures);
    const every = <T>(points: readonly T[], count: number): T[] =>
      Array.from(
        { length: count },
        (_, index) => points[Math.round((index * (points.length - 1)) / (count - 1))]!,
      );
    for (const point of every(edge, 9)) await click(photograph.toPicture(point));
    await page.getByText(/^Spine \d/).click();
    for (const point of every(spine, 7)) await click(photograph.toPicture(point));
    const read = async (label: string): Promise<number> =>
      parseFloat(
        (await page
          .locator('dt', { hasText: new RegExp(`^${label}$`) })
          .locator('+ dd')
          .textContent())!,
      );
    // A click is a pixel of the screen: about half a millimetre of this blade.
    expect(Math.abs((await read('Edge, heel to tip')) - 214)).toBeLessThan(2.5);
    expect(Math.abs((await read('Height at heel')) - 47)).toBeLessThan(1.5);
    // A point is nudged by key, and the figures follow.
    const before = await read('Height at heel');
    await page.getByRole('button', { name: 'Spine point 1' }).focus();
    for (let step = 0; step < 6; step += 1) await page.keyboard.press('ArrowUp');
    await expect.poll(() => read('Height at heel')).toBeGreaterThan(before + 1);
    for (let step = 0; step < 6; step += 1) await page.keyboard.press('ArrowDown');
    await page.getByRole('button', { name: 'Use this outline' }).click();
    await expect(page.getByText('Outline from a photograph.')).toBeVisible();
    await expect(page.getByText(/by traced/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Save and assess' }).click();
    await expect(page.getByText('Do it', { exact: true })).toBeVisible();
    expect(errors).toEqual([]);
  });
});

test('an outline comes in from SVG, and a file that is none is told so', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${await jobNamed(page, 'Rope knife')}/intake`);
  const choose = async (name: string, text: string): Promise<void> => {
    const chosen = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Outline from SVG or DXF' }).click();
    await (await chosen).setFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) });
  };
  await choose('list.svg', 'no drawing at all');
  await expect(page.getByRole('alert')).toContainText('is not a readable SVG');
  await choose(
    'blade.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" width="140mm" viewBox="0 0 280 80"><path d="M0 60 L160 60 Q240 58 270 30 Q200 8 0 6 Z"/></svg>',
  );
  await expect(page.getByText('Outline from a SVG.')).toBeVisible();
  await expect(page.getByLabel('Edge length, mm')).toHaveValue('135');
  await page.getByRole('button', { name: 'Remove traced outline' }).click();
  await expect(page.getByText('Outline from a SVG.')).toHaveCount(0);
});

test('only what matters is asked: a hollow back is tested, and a worn one is sent on with its reason', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Thin slicer');
  await page.goto(`${job}/intake`);
  const questions = page.getByRole('region', { name: 'Questions for this kind' });
  await expect(questions.getByText(/Truly hollow, on a radius of \d+ mm/)).toBeVisible();
  await expect(questions.getByLabel('From point to point, mm')).toHaveCount(0);
  await pick(questions, 'Straightedge across the back shows', 'Light only at the edge');
  await fill(questions, { 'Depth of the hollow, mm': '0.04' });
  await expect(questions.getByText(/the rim has worn away/)).toBeVisible();
  await fill(questions, { 'Rim at the edge, mm': '99' });
  await page.getByRole('button', { name: 'Save and assess' }).click();
  await expect(
    page.getByText('Rim at the edge, mm must be from 0 to 15; 99 was given'),
  ).toBeVisible();
  await fill(questions, { 'Rim at the edge, mm': '0' });
  await page.getByRole('button', { name: 'Save and assess' }).click();
  await expect(page.getByText('Send it on', { exact: true })).toBeVisible();
  await expect(page.getByRole('rowheader', { name: /^Lowest that clears/ })).toBeVisible();
  const decision = page.getByRole('region', { name: 'Decision' });
  await decision.getByRole('button', { name: 'Decline it or send it on' }).click();
  await expect(decision.getByLabel('Why it is declined')).toHaveValue(
    /regrinding on a large wheel/,
  );
  await decision.getByRole('button', { name: 'Decline', exact: true }).click();
  await expect(page.getByText(/^Declined: The hollow is 0.04 mm deep/)).toBeVisible();

  await page.goto(`${await jobNamed(page, 'Bread knife')}/intake`);
  await expect(questions.getByLabel('From point to point, mm')).toBeVisible();
  await expect(questions.getByText('Straightedge across the back shows')).toHaveCount(0);
});

test('a razor is asked for width and spine, and its angle follows', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  await page.goto(`${await jobNamed(page, 'Round-point razor')}/intake`);
  await fill(page, { 'Width half way, mm': '18', 'Spine half way, mm': '5' });
  await expect(page.getByText('it rests at 7.9° per side · 15.8° inclusive')).toBeVisible();
  await expect(page.getByLabel('Behind the edge, mm')).toHaveCount(0);
});

test('damage of every kind is placed, kept, and compared at the next visit', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Ground at a market');
  await page.goto(`${job}/judge`);
  await expect(page.getByText('Send it on', { exact: true })).toBeVisible();
  await expect(page.getByText(/Burnt 2.5 mm deep/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Intake', exact: true }).click();
  await page.getByRole('button', { name: 'Remove damage 3' }).click();
  await pick(page, 'Fault', 'Low spot');
  await page.locator('[data-lane=left]').click({ position: { x: 200, y: 20 } });
  await page.getByRole('button', { name: 'Save and assess' }).click();
  await expect(page.getByText('Do it', { exact: true })).toBeVisible();
  await expect(page.getByText(/^Straightening the outline takes height/)).toBeVisible();

  // The next visit of a blade that has been here: what was there stands beside what is found now.
  await page.goto(`${await jobNamed(page, 'Thin long knife')}/intake`);
  await expect(page.getByText(/^Since the last visit: chip at \d+ mm: new/)).toBeVisible();
});

test('the customer is asked, a no stops the work, the price is agreed, and tag and ticket come out', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  const job = await jobNamed(page, 'Wedding knife');
  await page.goto(`${job}/judge`);
  await page.getByLabel('Who answers').fill('Greet Marsh’s daughter');
  await page.getByRole('button', { name: /^No: The damage was on the blade/ }).click();
  await expect(page.getByText(/^Greet Marsh’s daughter said no/)).toBeVisible();
  await page.getByText('Wrap the handle against slurry.').click();

  await page.getByRole('button', { name: 'Use: Keep what came' }).click();
  await page.getByRole('button', { name: 'Approve plan' }).click();
  await page.getByText(/^I have read this/).click();
  await page.getByRole('button', { name: 'Start work' }).click();
  await expect(page.getByRole('alert')).toContainText('The customer said no');
  await page.getByRole('link', { name: 'Assess', exact: true }).click();
  await expect(page.getByRole('checkbox', { name: /Wrap the handle/ })).toBeChecked();
  await page.getByRole('button', { name: /^Yes: The damage was on the blade/ }).click();
  await expect(page.getByText(/said yes/)).toBeVisible();

  const price = page.getByRole('region', { name: 'Price' });
  await expect(price.getByText('from the price list')).toBeVisible();
  await price.getByLabel('From, EUR').first().fill('a lot');
  await price.getByRole('button', { name: 'Customer agreed' }).click();
  await expect(price.getByRole('alert')).toContainText('Line 1: "a lot"');
  await price.getByLabel('From, EUR').first().fill('12,50');
  await price.getByLabel('To, EUR').first().fill('12,50');
  await price.getByRole('button', { name: 'Customer agreed' }).click();
  await expect(price.getByText(/^agreed with Greet Marsh/)).toBeVisible();
  await expect(price.getByLabel('From, EUR').first()).toHaveValue('12.50');

  await page.getByRole('button', { name: 'Print the ticket' }).click();
  await expect(page.getByText('The ticket is in the printer’s tray.')).toBeVisible();
  await page.getByRole('link', { name: 'Open the tray' }).click();
  await expect(page.getByRole('heading', { name: /^Ticket of tag/ })).toBeVisible();
  // Something was drawn on the sheet: not all of it is white.
  const dark = () =>
    page.locator('canvas').evaluate((canvas: HTMLCanvasElement) => {
      const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
      return data.filter((value, index) => index % 4 === 0 && value < 80).length;
    });
  await expect.poll(dark).toBeGreaterThan(500);
  expect(errors).toEqual([]);
});

test('the price list is the owner’s, and a wrong price is told in its line', async ({ page }) => {
  await signIn(page, shop.address, ...OWNER);
  await page.goto(`${shop.address}/prices`);
  await page.getByRole('button', { name: 'Add price' }).click();
  await page.getByLabel('Price, EUR').last().fill('cheap');
  await page.getByRole('button', { name: 'Save price list' }).click();
  await expect(page.getByText('Price must be a number from 0; "cheap" was given')).toBeVisible();
  await page.getByLabel('Price, EUR').last().fill('7');
  await page.getByRole('button', { name: 'Save price list' }).click();
  await expect(page.getByText('This item stands twice for the same kind')).toBeVisible();
  await pick(page.getByRole('row').last(), 'For', 'Outdoor');
  await page.getByRole('button', { name: 'Save price list' }).click();
  await expect(page.getByRole('button', { name: 'Save price list' })).toBeDisabled();
  await page.reload();
  await expect(page.getByLabel('Price, EUR')).toHaveCount(13);
});
