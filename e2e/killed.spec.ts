/** The same walk, with servers killed and the power cut: nothing typed or counted is lost. */
import { expect, test } from '@playwright/test';
import { watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';
import { walk } from './support/walk-steps';

const PORT = 4892;

test('the same walk with the server killed between any two steps, and the power cut at every third', async ({
  page,
}) => {
  test.setTimeout(1_500_000);
  const shop = await RunningShop.open('demo', PORT, { mayLosePower: true });
  const errors = watchConsole(page);
  try {
    for (const [index, { name, act }] of walk(shop).entries()) {
      await test.step(name, () => act(page));
      if (index % 3 === 2) await shop.powerCut();
      else await shop.killAndRestart();
      await page.reload();
    }
  } finally {
    await shop.close();
  }
  expect(errors).toEqual([]);
  expect(shop.logged).not.toContain('"msg":"unexpected"');
});
