/**
 * Frames kept while the slider of the angle moves on the plan page of a running demo, against a bare page
 * that only moves a slider and redraws one polygon, in turn: `npx tsx bench/frames.ts [address]`. The value
 * changes every frame, faster than a hand could.
 */
import { chromium, type Page } from '@playwright/test';
import browserSettings from '../playwright.config';

const FRAMES = 300;
const ROUNDS = 5;

const BARE = `<input type=range min=8 max=30 step=0.1><svg width=600 height=400><polygon fill=gray /></svg>
<script>document.querySelector('input').addEventListener('input', ({ target }) =>
  document.querySelector('polygon').setAttribute('points', '0,0 ' + target.value * 10 + ',10 100,' + target.value * 12))
</script>`;

/** Runs in the page: moves its slider once a frame, and counts the frames that were missed meanwhile. */
const MOVE_AND_COUNT = `new Promise((resolve) => {
  const slider = document.querySelector('input[type=range]');
  // The setter of the prototype: React then takes the change for one by hand.
  const { set } = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
  let last = null;
  let drawn = 0;
  let missed = 0;
  const frame = (now) => {
    if (last !== null) missed += Math.round((now - last) / ${1000 / 60}) - 1;
    last = now;
    set.call(slider, String(12 + (drawn % 80) / 10));
    slider.dispatchEvent(new Event('input', { bubbles: true }));
    drawn += 1;
    if (drawn <= ${FRAMES}) requestAnimationFrame(frame);
    else resolve(missed);
  };
  requestAnimationFrame(frame);
})`;

const missed = async (page: Page): Promise<number> => {
  await page.bringToFront();
  await page.waitForTimeout(800);
  return page.evaluate<number>(MOVE_AND_COUNT);
};

const address = process.argv[2] ?? 'http://127.0.0.1:4870';
const browser = await chromium.launch(browserSettings.use?.launchOptions);
const bare = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await bare.setContent(BARE);
const plan = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await plan.goto(address);
await plan.getByRole('button', { name: 'ansa, owner' }).click();
await plan.getByRole('navigation').waitFor();
await plan.goto(`${address}/jobs/24/plan`);
await plan.getByText('Or set it by hand').waitFor();
const lost = { bare: 0, plan: 0 };
for (let round = 0; round < ROUNDS; round += 1) {
  lost.bare += await missed(bare);
  lost.plan += await missed(plan);
}
await browser.close();
const share = (count: number): string =>
  `${(100 * (1 - count / (FRAMES * ROUNDS))).toFixed(2)} % of ${FRAMES * ROUNDS} frames kept`;
process.stdout.write(`a bare slider: ${share(lost.bare)}\nthe plan page: ${share(lost.plan)}\n`);
