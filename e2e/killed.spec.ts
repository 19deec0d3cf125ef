/**
 * One blade through the whole shop, with the server killed between any two steps and the power cut at every third:
 * nothing typed or counted is lost, on a page that stayed open through it and on one that is opened anew. With all
 * else after every other step.
 */
import { expect, test } from '@playwright/test';
import { watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';
import { walk } from './support/walk-steps';
import { IS_WHOLE } from './support/whole-matrix';

test('a blade walks through the whole shop, with the server killed between any two steps', async ({
  page,
}) => {
  test.setTimeout(1_500_000);
  const shop = await RunningShop.open('demo', { mayLosePower: true });
  const errors = watchConsole(page);
  try {
    for (const [index, { name, act }] of walk(shop).entries()) {
      await test.step(name, () => act(page));
      if (!IS_WHOLE && index % 2 === 1) continue;
      const isThird = index % 3 === 2;
      if (isThird) await shop.powerCut();
      else await shop.killAndRestart();
      // After every third the page stays as it was: what it shows must be as true as what is opened anew.
      if (index % 3 !== 1) await page.reload();
    }
  } finally {
    await shop.close();
  }
  expect(errors).toEqual([]);
  expect(shop.logged).not.toContain('"msg":"unexpected"');
});
