/** The counter on a bad day: an empty shop, a closed tab, wrong input, no connection, a colleague who was quicker. */
import { expect, test } from '@playwright/test';
import { BENCH, COUNTER, fill, find, OWNER, enterShop, signIn, unfold } from './support/hands';
import { RunningShop } from './support/running-shop';

test.describe('the demo shop', () => {
  let shop: RunningShop;
  test.beforeAll(async () => {
    shop = await RunningShop.open('demo');
  });
  test.afterAll(() => shop.close());

  test('shows its own sign-ins on the page, and a wrong password a clear word', async ({
    page,
  }) => {
    await page.goto(shop.address);
    await fill(page, { 'Sign-in name': 'ansa', Password: 'not this one' });
    await page.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(page.getByText('Name or password is not right')).toBeVisible();
    await page.getByRole('button', { name: 'teodor, bench' }).click();
    await expect(page.getByText('Teodor Lock').first()).toBeVisible();
  });

  test('a customer is found by telephone, merged with a double and corrected', async ({ page }) => {
    await enterShop(page, shop.address, ...OWNER);
    const made = async (name: string, number: string): Promise<number> => {
      const answer = await page.request.post(`${shop.address}/api/customers`, {
        data: { name, trade: '', phones: [{ label: '', number }], note: '', edgesLiked: '' },
      });
      return ((await answer.json()) as { customer: { id: number } }).customer.id;
    };
    const kept = await made('Odile Hemp', '0911 555 017');
    const double = await made('O. Hemp', '0911 555 018');
    await page.goto(`${shop.address}/customers`);
    await page.getByLabel(/^Find a customer/).fill('555018');
    await page.getByRole('link', { name: 'O. Hemp' }).click();
    await expect(page.getByRole('heading', { name: 'O. Hemp' })).toBeVisible();
    await find(page, 'Who stays', 'odile', 'Odile Hemp');
    await page.getByRole('button', { name: 'Merge O. Hemp into Odile Hemp' }).click();
    await expect(page).toHaveURL(`${shop.address}/customers/${kept}`);
    await expect(page.getByRole('textbox', { name: /Telephone/ })).toHaveCount(2);
    expect((await page.request.get(`${shop.address}/api/customers/${double}`)).status()).toBe(404);

    await page.getByLabel('How they like their edges').fill('Toothy');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('button', { name: 'Save' })).toBeDisabled();
    await page.reload();
    await expect(page.getByLabel('How they like their edges')).toHaveValue('Toothy');
  });

  test('a draft survives a closed tab, and is discarded only when asked', async ({
    page,
    context,
  }) => {
    await signIn(page, shop.address, ...COUNTER);
    await page.goto(`${shop.address}/take-in`);
    await fill(page, {
      'What the customer calls it': 'Grandmother’s knife',
      'Edge length, mm': '183',
    });
    await page.close();
    const again = await context.newPage();
    await again.goto(`${shop.address}/take-in`);
    await expect(again.getByLabel('What the customer calls it')).toHaveValue('Grandmother’s knife');
    await expect(again.getByLabel('Edge length, mm')).toHaveValue('183');
    await again.getByRole('button', { name: 'Discard the draft' }).click();
    await expect(again.getByLabel('Edge length, mm')).toHaveValue('');
  });

  test('every wrong field is told apart, and nothing typed is lost', async ({ page }) => {
    await signIn(page, shop.address, ...COUNTER);
    await page.goto(`${shop.address}/take-in`);
    await find(page, 'Customer', 'cor', 'Corin Whey');
    await fill(page, {
      'Edge length, mm': '2100',
      'Height at heel, mm': 'tall',
      'Tag number': '0',
    });
    await page.getByRole('button', { name: 'Add to the list' }).click();
    await expect(page.getByText('"tall" is not a number', { exact: true })).toBeVisible();
    await expect(
      page.getByText('Edge length, mm must be from 20 to 900; 2100 was given'),
    ).toBeVisible();
    await expect(page.getByText('Tag number must be from 1 to 9999; "0" was given')).toBeVisible();
    await expect(page.getByText('Promised date is missing')).toBeVisible();
    await expect(page.getByLabel('Edge length, mm')).toHaveValue('2100');
    await expect(page.getByRole('combobox', { name: 'Customer', exact: true })).toHaveValue(
      'Corin Whey',
    );
  });

  test('strokes counted without a connection arrive when it is back', async ({ page, context }) => {
    await signIn(page, shop.address, ...BENCH);
    await page.goto(`${shop.address}/jobs/15/bench`);
    const right = page.getByRole('button', { name: /^Right side/ });
    await expect(right).toBeVisible();
    const before = Number(await right.locator('b').textContent());
    await page.keyboard.press('ArrowRight');
    const standing = page.getByRole('button', {
      name: /^(Right|Left) side|^Done, next|^All |^\+10/,
    });
    const places = (): Promise<number[]> =>
      standing.evaluateAll((buttons) => buttons.map((each) => each.getBoundingClientRect().top));
    const stood = await places();
    await context.setOffline(true);
    for (let stroke = 0; stroke < 4; stroke += 1) await page.keyboard.press('ArrowRight');
    const connection = page.getByRole('status', { name: 'Connection' });
    await expect(connection).toContainText('everything is saved on this device');
    // What is pressed with a wet hand stays where it was.
    expect(await places()).toEqual(stood);
    await context.setOffline(false);
    await expect(connection).toHaveCount(0);
    expect(await places()).toEqual(stood);
    await page.reload();
    await expect(right.locator('b')).toHaveText(String(before + 5));
  });

  test('the pattern is counted round by round, and hands over by itself', async ({ page }) => {
    await signIn(page, shop.address, ...BENCH);
    await page.goto(`${shop.address}/jobs/15/bench`);
    const stands = page.getByText(/^\d+ more on the (right|left)/);
    const [, left, side] = /^(\d+) more on the (right|left)/.exec(
      (await stands.textContent()) ?? '',
    )!;
    const worked = page.getByRole('button', {
      name: side === 'right' ? /^Right side/ : /^Left side/,
    });
    const before = Number(await worked.locator('b').textContent());
    for (let stroke = 0; stroke < Number(left); stroke += 1) await page.keyboard.press(' ');
    await expect(worked.locator('b')).toHaveText(String(before + Number(left)));
    const other = side === 'right' ? 'left' : 'right';
    await expect(page.getByText(new RegExp(`^\\d+ more on the ${other}`))).toBeVisible();
    // A hand that goes on with the same side is not corrected, only counted.
    await page.keyboard.press(side === 'right' ? 'ArrowRight' : 'ArrowLeft');
    await page.keyboard.press(' ');
    await expect(worked.locator('b')).toHaveText(String(before + Number(left) + 2));
    await page.keyboard.press('u');
    await page.keyboard.press('u');
    await expect(worked.locator('b')).toHaveText(String(before + Number(left)));
  });

  test('two at one bench: both counts are kept', async ({ page, browser }) => {
    await signIn(page, shop.address, ...BENCH);
    await page.goto(`${shop.address}/jobs/8/bench`);
    const other = await (await browser.newContext()).newPage();
    await signIn(other, shop.address, ...OWNER);
    await other.goto(`${shop.address}/jobs/8/bench`);
    const side = (at: typeof page, name: string) =>
      at.getByRole('button', { name: new RegExp(`^${name} side`) }).locator('b');
    await expect(side(other, 'Right')).toBeVisible();
    const [left, right] = [
      Number(await side(page, 'Left').textContent()),
      Number(await side(page, 'Right').textContent()),
    ];
    await page.keyboard.press('ArrowLeft');
    await other.keyboard.press('ArrowRight');
    // Each of them sees both before long, and so does whoever comes later.
    for (const at of [page, other]) {
      await expect(side(at, 'Left')).toHaveText(String(left + 1));
      await expect(side(at, 'Right')).toHaveText(String(right + 1));
    }
    await page.reload();
    await expect(side(page, 'Left')).toHaveText(String(left + 1));
    await expect(side(page, 'Right')).toHaveText(String(right + 1));
    await other.context().close();
  });

  test('a plan settled on an older version says who was quicker', async ({ page, browser }) => {
    await signIn(page, shop.address, ...BENCH);
    await page.goto(`${shop.address}/jobs/18/plan`);
    await expect(page.getByRole('button', { name: 'Approve plan' })).toBeVisible();
    const other = await (await browser.newContext()).newPage();
    await signIn(other, shop.address, ...OWNER);
    await other.goto(`${shop.address}/jobs/18/plan`);
    await other.getByRole('button', { name: 'Approve plan' }).click();
    await expect(other.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
    await page.getByRole('button', { name: /^Approve / }).click();
    await expect(page.getByRole('alert')).toContainText('Ansa Quill: approved a plan');
    // Looked at anew meanwhile: a second press goes through.
    await page.getByRole('button', { name: 'Approve changed plan' }).click();
    await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
    await other.context().close();
  });

  test('the counter cannot reach the bench, and is told so', async ({ page }) => {
    await signIn(page, shop.address, ...COUNTER);
    await page.goto(`${shop.address}/jobs/21/plan`);
    await expect(page.getByText('The bench approves plans')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Approve/ })).toHaveCount(0);
    await expect(page.getByRole('link', { name: 'Bench', exact: true })).toHaveCount(0);
    await page.goto(`${shop.address}/jobs/21/bench`);
    await expect(
      page.getByText('Only the owner and the bench can open this; you are signed in as counter.'),
    ).toBeVisible();
    await page.goto(`${shop.address}/settings/people`);
    await expect(page.getByText('Only the owner can open this')).toBeVisible();
  });

  test('anything is found from anywhere by one key: a customer, a stone, an action', async ({
    page,
  }) => {
    await signIn(page, shop.address, ...OWNER);
    await page.goto(`${shop.address}/takings`);
    await expect(page.getByRole('heading', { name: /^Takings/ })).toBeVisible();
    const sought = async (typed: string, found: RegExp): Promise<void> => {
      await page.keyboard.press('/');
      await page.getByRole('searchbox', { name: 'Find anything' }).fill(typed);
      await page.getByRole('menuitem', { name: found }).first().click();
    };
    await sought('corin whay', /^Corin Whey/);
    await expect(page).toHaveURL(/\/customers\/\d+$/);
    await sought('brown', /^Brown stone/);
    await expect(page).toHaveURL(/\/rack\/stones\/\d+$/);
    await sought('add a stone', /^Add a stone/);
    await expect(page.getByRole('button', { name: 'Add an abrasive' })).toBeVisible();
    await expect(page.getByLabel('Name', { exact: true })).toBeVisible();
    await sought('dark', /^Change between light and dark/);
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
    await sought('dark', /^Change between light and dark/);
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'light');
  });

  test('the plan follows the choices at once: angle, chips, thinning, finish', async ({ page }) => {
    await signIn(page, shop.address, ...OWNER);
    await page.goto(`${shop.address}/jobs/17/plan`);
    const figure = (label: string) =>
      page
        .locator('dt', { hasText: new RegExp(`^${label}$`) })
        .first()
        .locator('+ dd');
    await unfold(page, 'Edge profile and chips', 'Stones');
    await expect(figure('Height lost')).toContainText('0.53 mm');
    await page.getByText(/Take out the chip at 170 mm/).click();
    await expect(figure('Height lost')).toContainText('0.28 mm');
    await page.getByRole('button', { name: /^[\d.]+° Lowest that clears/ }).click();
    await unfold(page, 'Holding the angle');
    await expect(page.getByText('Lift of the spine at 10.0° per side')).toBeVisible();
    await page.getByText(/^Thin it/).click();
    await expect(page.getByText(/Thin on /).first()).toBeVisible();
    await page.getByLabel('Finish: coarsest, µm').fill('4');
    await expect(page.getByText(/finish 4–3 µm/)).toBeVisible();
    await page.getByLabel('Finish: finest, µm').fill('3.9');
    await expect(
      page.getByRole('alert').filter({ hasText: 'No abrasive ends between 3.9 and 4 µm' }),
    ).toBeVisible();
    await expect(page.getByRole('button', { name: /^Approve/ })).toBeDisabled();
  });
});
