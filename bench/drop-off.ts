/**
 * How long twenty blades of one customer take at the counter, typed as fast as a person types.
 * Needs the demo: `./patient-edge demo --fresh`, then `node --import tsx bench/drop-off.ts`.
 */
import { chromium } from '@playwright/test';

const ADDRESS = process.env['PATIENT_EDGE_ADDRESS'] ?? 'http://127.0.0.1:4870';
/** About 55 words a minute, and a look at each blade before its first key. */
const KEY_MS = 220;
const LOOK_MS = 1500;
const BLADES = 20;
const KINDS = ['chef', 'pari', 'bread', 'fillet'] as const;

const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const type = (text: string) => page.keyboard.type(text, { delay: KEY_MS });
const press = async (key: string): Promise<void> => {
  await page.keyboard.press(key);
  await page.waitForTimeout(KEY_MS);
};

await page.request.post(`${ADDRESS}/api/session`, {
  data: { login: 'wilma', password: 'tag-and-twine' },
});
await page.goto(`${ADDRESS}/take-in`);
const from = Date.now();
await page.getByRole('combobox').first().click();
await type('hollow');
await page.getByRole('option', { name: /^Hollow Lane/ }).waitFor();
await press('ArrowDown');
await press('Enter');
await page.getByRole('button', { name: /Promised for$/ }).click();
await page.getByRole('option').nth(3).click();
await page.getByRole('combobox', { name: 'Kind', exact: true }).click();
const each: number[] = [];
for (let blade = 0; blade < BLADES; blade += 1) {
  const begun = Date.now();
  await page.waitForTimeout(LOOK_MS);
  // Five of a kind one after the other: the kind stays until it is typed over.
  if (blade % 5 === 0) {
    await page.keyboard.press('ControlOrMeta+a');
    await type(KINDS[Math.floor(blade / 5)]!);
    await press('ArrowDown');
    await press('Enter');
  }
  await press('Tab');
  await type(`No ${blade + 1}`);
  await press('Tab');
  if (blade % 4 === 0) await type('bite for tomatoes');
  await press('Enter');
  each.push(Date.now() - begun);
}
await page.getByRole('button', { name: `Take in these ${BLADES} blades` }).click();
await page.getByRole('link', { name: 'Tags and tickets in the tray' }).waitFor();
const median = each.sort((a, b) => a - b)[BLADES / 2]!;
process.stdout.write(
  `${BLADES} blades in ${Math.round((Date.now() - from) / 1000)} s; median ${(median / 1000).toFixed(1)} s a blade\n`,
);
await browser.close();
