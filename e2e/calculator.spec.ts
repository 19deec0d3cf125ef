/** The three doors of the computation: the command line, the API and the calculator on the screen. */
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { ROOT } from '../scripts/paths';
import { fill, OWNER, pick, enterShop, signIn, watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';

interface Case {
  readonly operation: string;
  readonly name: string;
  readonly in: unknown;
  readonly out: { readonly error?: { readonly code: string; readonly field?: string } };
}
const { cases } = JSON.parse(
  readFileSync(join(ROOT, 'packages', 'core', 'test', 'calc-vectors.json'), 'utf8'),
) as { cases: Case[] };

const calc = (operation: string, input: string) => {
  const run = spawnSync('./patient-edge', ['calc', operation], {
    cwd: ROOT,
    input,
    encoding: 'utf8',
  });
  return {
    code: run.status,
    answer: JSON.parse(run.stdout) as { error?: { code: string; field?: string } },
  };
};

test.describe('the command line', () => {
  test('answers every worked case in a list, each for itself', () => {
    for (const operation of new Set(cases.map((each) => each.operation))) {
      const asked = cases.filter((each) => each.operation === operation);
      const { code, answer } = calc(operation, JSON.stringify(asked.map((each) => each.in)));
      expect(code).toBe(0);
      asked.forEach(({ name, out }, index) => {
        const got = (answer as unknown as { error?: { code: string } }[])[index]!;
        expect({ name, code: got.error?.code }).toEqual({ name, code: out.error?.code });
      });
    }
  });

  test('ends with 2 for what cannot be computed, and says it in JSON', () => {
    for (const [operation, input, field] of [
      ['lift', '{"heightMm":0,"spineOffsetMm":1,"angleDeg":15}', 'heightMm'],
      ['lift', '{"heightMm":1e999,"spineOffsetMm":1,"angleDeg":15}', 'heightMm'],
      ['lift', '{"heightMm":"48","spineOffsetMm":1,"angleDeg":15}', 'heightMm'],
      ['lift', '{"spineOffsetMm":1,"angleDeg":15}', 'heightMm'],
      ['lift', '{"heightMm":48,"spineOffsetMm":1,"angleDeg":15,"colour":1}', 'colour'],
      ['lift', 'not json', 'input'],
      ['polish', '{}', 'operation'],
    ] as const) {
      const { code, answer } = calc(operation, input);
      expect({ input, code, error: answer.error }).toMatchObject({
        input,
        code: 2,
        error: { code: 'INVALID_INPUT', field },
      });
    }
  });
});

test.describe('the calculator', () => {
  let shop: RunningShop;
  test.beforeAll(async () => {
    shop = await RunningShop.open('demo');
  });
  test.afterAll(() => shop.close());

  const answerOf = (page: Page) => page.getByRole('region', { name: 'Answer' });

  test('answers every question as the command line does, each with a picture and a reason', async ({
    page,
  }) => {
    const errors = watchConsole(page);
    await enterShop(page, shop.address, ...OWNER);
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByRole('link', { name: 'Calculator' }).click();
    for (const [question, sign] of [
      ['What lift', '11.36 mm'],
      ['How many shims', '7 of them, the nearest'],
      ['What angle is this bevel', '14.1°'],
      ['What does a razor rest at', '8.0°'],
      ['What angle does a clip-on rail', '16.8°'],
      ['Where to clamp', 'Slide the blade by, for the evenest angle'],
      ['Which facets', 'Facet 5 from the shoulder'],
      ['What is this grit', '11.5 µm'],
    ] as const) {
      await test.step(question, async () => {
        await page.getByRole('link', { name: question }).click();
        await expect(answerOf(page)).toContainText(sign);
        await expect(answerOf(page).getByRole('img')).toBeVisible();
        await answerOf(page).getByRole('button', { name: /^Why/ }).first().click();
        await expect(page.getByRole('dialog')).toBeVisible();
        await page.keyboard.press('Escape');
      });
    }
    expect(errors).toEqual([]);
  });

  test('a link holds the inputs', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await signIn(page, shop.address, ...OWNER);
    await page.goto(`${shop.address}/calculator/lift`);
    await fill(page, { 'Height, edge to spine, mm': '62', 'Angle per side, °': '20' });
    await page.getByRole('button', { name: 'Copy the link' }).click();
    const link = await page.evaluate(() => navigator.clipboard.readText());
    await page.goto(`${shop.address}/rack`);
    await page.goto(link);
    await expect(page.getByLabel('Height, edge to spine, mm')).toHaveValue('62');
    await expect(answerOf(page)).toContainText('20.17 mm');
  });

  test('every wrong input is told beside its field, and what was typed stays', async ({ page }) => {
    const errors = watchConsole(page);
    await enterShop(page, shop.address, ...OWNER);
    for (const [question, field] of [
      ['lift', 'Height, edge to spine, mm'],
      ['shims', 'Thickness of one, mm'],
      ['bevel', 'Width of the bevel face, mm'],
      ['razor', 'Spine thickness there, mm'],
      ['rail', 'Edge to the rail, mm'],
      ['clamp', 'Pivot off the blade plane, mm'],
      ['convex', 'Facets'],
      ['grit', 'Number'],
      ['chip', 'Its depth, mm'],
    ] as const) {
      await page.goto(`${shop.address}/calculator/${question}`);
      const input = page.getByLabel(field, { exact: true });
      for (const wrong of ['0', '-4', 'abc', '', '1e999', '999999999']) {
        await input.fill(wrong);
        if (wrong === '999999999') {
          // An absurd measure is refused or answered; it is never met with a blank.
          const met = page
            .locator('[aria-invalid=true]')
            .or(page.getByRole('alert'))
            .or(answerOf(page));
          await expect(met.first()).toBeVisible();
        } else await expect(input).toHaveAttribute('aria-invalid', 'true');
        await expect(input).toHaveValue(wrong);
      }
    }
    expect(errors).toEqual([]);
  });

  test('a chip is worked out in steps, and can be stopped', async ({ page }) => {
    await signIn(page, shop.address, ...OWNER);
    await page.goto(`${shop.address}/calculator/chip`);
    await page.getByRole('button', { name: 'Calculate' }).click();
    await expect(page.getByRole('status').filter({ hasText: '400 stations' })).toBeVisible();
    await expect(answerOf(page)).toContainText('0.80 mm');
    await pick(page, 'Kind', 'Vegetable knife');
    await expect(page.getByRole('status').filter({ hasText: 'stations' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Calculate' }).click();
    const stop = page.getByRole('button', { name: 'Stop' });
    await stop.click({ timeout: 2000 }).catch(() => undefined);
    await expect(stop).toBeHidden();
    await expect(page.getByRole('button', { name: 'Calculate' })).toBeEnabled();
  });

  test('a wedge and a lift gauge print at true size with a 50 mm check line', async ({ page }) => {
    await signIn(page, shop.address, ...OWNER);
    await page.goto(`${shop.address}/calculator/lift`);
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Wedge, SVG' }).click(),
    ]);
    const svg = readFileSync(await file.path(), 'utf8');
    const [, widthMm, viewWidth] = svg.match(/width="([\d.]+)mm".*viewBox="0 0 ([\d.]+) /)!;
    expect(widthMm).toBe(viewWidth);
    const wedge = svg
      .match(/d="M([\d.]+) ([\d.]+)L([\d.]+) [\d.]+L[\d.]+ ([\d.]+)Z"/)!
      .slice(1)
      .map(Number);
    const [x0, y0, x1, y1] = wedge as [number, number, number, number];
    expect((Math.atan2(y0 - y1, x1 - x0) * 180) / Math.PI).toBeCloseTo(15, 3);
    const line = svg
      .match(/d="M([\d.]+) ([\d.]+)L([\d.]+) \2"/)!
      .slice(1)
      .map(Number);
    expect(line[2]! - line[0]!).toBeCloseTo(50, 9);
    const pdf = await page.request.get(
      `${shop.address}/api/print/lift-gauge.pdf?angleDeg=15&liftMm=11.36&liftMm=9`,
    );
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    expect((await pdf.body()).toString('latin1')).toMatch(
      /^%PDF-[\s\S]*\/MediaBox \[0 0 396\.8\d+ /,
    );
    expect(
      (await page.request.get(`${shop.address}/api/print/wedge.pdf?angleDeg=99`)).status(),
    ).toBe(422);
  });

  test('after the bank card a wedge stands on the screen at true size', async ({ page }) => {
    await signIn(page, shop.address, ...OWNER);
    await page.goto(`${shop.address}/calculator/lift`);
    const card = page.getByRole('img', { name: 'A frame the size of a bank card' });
    await page.getByRole('slider').focus();
    for (let press = 0; press < 40; press += 1) await page.keyboard.press('ArrowRight');
    const shown = (await card.boundingBox())!;
    expect(shown.width / shown.height).toBeCloseTo(85.6 / 53.98, 2);
    await page.getByRole('button', { name: 'It is the size of the card' }).click();
    const wedge = (await page.getByRole('img', { name: /^Wedge.*true size$/ }).boundingBox())!;
    expect(wedge.width / 140).toBeCloseTo(shown.width / 85.6, 2);
  });
});
