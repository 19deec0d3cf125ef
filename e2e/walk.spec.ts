/** One blade through the whole shop, undisturbed. */
import { expect, test } from '@playwright/test';
import { watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';
import { walk } from './support/walk-steps';

const PORT = 4891;

test('a blade walks through the whole shop', async ({ page }) => {
  test.setTimeout(900_000);
  const shop = await RunningShop.open('demo', PORT);
  const errors = watchConsole(page);
  try {
    for (const { name, act } of walk(shop)) await test.step(name, () => act(page));
  } finally {
    await shop.kill();
  }
  expect(errors).toEqual([]);
  expect(shop.logged).not.toContain('"msg":"unexpected"');
});
