/**
 * Strokes counted by ear. Sound comes as it is played and waits for nobody, so that this is run when all else is done, with
 * the machine to itself (`playwright.config.ts`).
 */
import { expect, test, type Page } from '@playwright/test';
import { strokesEvery } from '../packages/core/test/stroke-sound';
import { launchWithMedia } from './support/fake-media';
import { writeSound } from './support/fake-microphone';
import { countOn, leave, openBench } from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const STROKES = 25;
/** A machine that is busy loses sound on its way to the page; then it is played again. */
const MOST_PLAYED = 6;

test('strokes are counted by ear from the microphone, within one', async () => {
  const file = test.info().outputPath('strokes.wav');
  // The sound begins when the microphone opens, and the page may take its time to listen.
  const strokes = strokesEvery(STROKES, 0.8, 0.45, 8);
  await writeSound(file, { sampleRateHz: 44_100, strokes, seconds: 32, loudness: 0.3, hiss: 0.01 });
  let heard = await heardOf(file);
  for (let played = 1; played < MOST_PLAYED && Math.abs(heard - STROKES) > 1; played += 1)
    heard = await heardOf(file);
  expect(Math.abs(heard - STROKES)).toBeLessThanOrEqual(1);
});

/** So many strokes are counted while the file is played to the microphone; the last of them is taken back. */
const heardOf = async (file: string): Promise<number> => {
  const browser = await launchWithMedia({ microphone: file });
  const context = await browser.newContext({ permissions: ['microphone'] });
  const page = await context.newPage();
  await openBench(page, shop.address, 'Long cheese knife');
  await leaveUntilStone(page);
  const total = async (): Promise<number> =>
    (await countOn(page, 'Right')) + (await countOn(page, 'Left'));
  const before = await total();
  await page.getByRole('button', { name: 'Count by ear' }).click();
  const status = page.getByRole('status', { name: 'Counted by ear' });
  await expect(status).toContainText(/[1-9]\d* heard/);
  // Until it has been silent for as long as no pause between two strokes is.
  let [heard, isSilent] = [0, false];
  while (!isSilent) {
    await page.waitForTimeout(4000);
    const now = (await total()) - before;
    isSilent = now === heard;
    heard = now;
  }
  await expect(status).toContainText(`${heard} heard`);
  // What was counted too many is taken back like any other stroke.
  await page.keyboard.press('u');
  await expect.poll(total).toBe(before + heard - 1);
  await browser.close();
  return heard;
};

/** Leaves what makes stones ready until strokes are counted. */
const leaveUntilStone = async (page: Page): Promise<void> => {
  while (!(await page.getByRole('button', { name: /^Right side/ }).isVisible())) await leave(page);
};
