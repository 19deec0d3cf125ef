/** Another language is a file: with every word two fifths longer each screen is that language, and holds its lines. */
import { expect, test } from '@playwright/test';
import { OWNER, signIn, watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';
import { SCREENS } from './support/screens';
import { laidOutAt, SIZES } from './support/sizes';
import { IS_WHOLE } from './support/whole-matrix';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

/** Where words have least room; all sizes, and all screens, are looked at with all else. */
const LOOKED_AT = IS_WHOLE ? SIZES : SIZES.filter(({ name }) => name === 'telephone');

const CROWDED = [
  'the shop',
  'take in',
  'an intake',
  'a judgement',
  'a plan',
  'the bench',
  'the tests',
  'the return',
  'what is ready',
  'the rack',
  'a stone',
  'where to clamp',
  'forecasts',
  'the day',
  'the shop in figures',
  'trials',
  'people',
];
const SCREENS_READ = IS_WHOLE ? SCREENS : SCREENS.filter(({ name }) => CROWDED.includes(name));

test('no screen loses its layout to words that are two fifths longer', async ({ page }) => {
  test.setTimeout(1_200_000);
  const errors = watchConsole(page);
  await page.context().addCookies([{ name: 'language', value: 'lengthened', url: shop.address }]);
  await signIn(page, shop.address, ...OWNER);
  const faults: string[] = [];
  for (const { name, path } of SCREENS_READ) {
    await page.setViewportSize(LOOKED_AT[0]);
    await page.goto(shop.address + (await path(page, shop.address)));
    await page.locator('main h1').first().waitFor({ state: 'attached' });
    await page.waitForLoadState('networkidle');
    for (const size of LOOKED_AT)
      for (const fault of await laidOutAt(page, size, size.theme))
        faults.push(`${name}, ${size.name}: ${fault}`);
  }
  expect(faults).toEqual([]);
  expect(SCREENS_READ.length).toBeGreaterThanOrEqual(CROWDED.length);
  expect(errors).toEqual([]);
});
