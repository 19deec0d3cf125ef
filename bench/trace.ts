/**
 * Frames kept while a photograph of twelve megapixels is moved, enlarged and its points dragged on the trace
 * page of a running demo, against a bare page that moves one square over a small picture, in turn:
 * `npx tsx bench/trace.ts [address]`.
 */
import { chromium, type Page } from '@playwright/test';
import browserSettings from '../playwright.config';
import { bladeOutline, usualMeasuresOf } from '../packages/core/src/index';
import { drawPhotograph } from '../packages/server/src/demo/photograph';

const ROUNDS = 4;
const STEPS = 240;

/** Counts in the page how many frames come later than the one before let expect. */
const COUNT = `window.missed = 0; window.counted = 0; window.last = null;
window.counting = true;
const frame = (now) => {
  if (window.last !== null) { window.missed += Math.max(0, Math.round((now - window.last) / ${1000 / 60}) - 1); window.counted += 1; }
  window.last = now;
  if (window.counting) requestAnimationFrame(frame);
};
requestAnimationFrame(frame);`;

interface Counted {
  readonly missed: number;
  readonly counted: number;
}

/** Does something on a page with the mouse held down, and counts the frames meanwhile. */
const during = async (page: Page, work: () => Promise<void>): Promise<Counted> => {
  await page.bringToFront();
  await page.waitForTimeout(400);
  await page.evaluate(COUNT);
  await work();
  return page.evaluate<Counted>(
    '(window.counting = false, { missed: window.missed, counted: window.counted })',
  );
};

const dragAbout = async (page: Page, x: number, y: number): Promise<void> => {
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 0; step < STEPS; step += 1) {
    await page.mouse.move(x + 90 * Math.sin(step / 12), y + 60 * Math.sin(step / 9));
  }
  await page.mouse.up();
};

const BARE = `<body style="margin:0"><svg width=900 height=600><rect id=r width=20 height=20 /></svg>
<script>addEventListener('mousemove', (e) => { r.setAttribute('x', e.clientX); r.setAttribute('y', e.clientY); })</script>`;

const address = process.argv[2] ?? 'http://127.0.0.1:4870';
const measures = usualMeasuresOf('chef', 210);
const photograph = await drawPhotograph(measures, 4000, 3000);
const browser = await chromium.launch(browserSettings.use?.launchOptions);
const bare = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await bare.setContent(BARE);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(address);
await page.getByRole('button', { name: 'ansa, owner' }).click();
await page.getByRole('navigation').waitFor();
const answer = await page.request.post(`${address}/api/jobs/24/photographs`, {
  multipart: {
    photograph: { name: 'b.jpg', mimeType: 'image/jpeg', buffer: photograph.jpeg },
  },
});
const { photographs } = (await answer.json()) as { photographs: { id: number }[] };
const { id } = photographs[photographs.length - 1]!;
await page.goto(`${address}/jobs/24/photographs/${id}?trace`);
const picture = page.getByRole('application');
await page.locator('[role=application][data-ready]').waitFor();
const box = (await picture.boundingBox())!;
const fit = Math.min(box.width / 4000, box.height / 3000);
const onScreen = ([x, y]: readonly [number, number]): [number, number] => [
  box.x + (box.width - 4000 * fit) / 2 + x * fit,
  box.y + (box.height - 3000 * fit) / 2 + y * fit,
];
for (const corner of photograph.card) await page.mouse.click(...onScreen(corner));
const { edge, spine } = bladeOutline(measures);
const some = <T>(points: readonly T[]): T[] => points.filter((_, index) => index % 6 === 0);
for (const point of some(edge)) await page.mouse.click(...onScreen(photograph.toPicture(point)));
await page.getByText(/^Spine \d/).click();
for (const point of some(spine)) await page.mouse.click(...onScreen(photograph.toPicture(point)));

const pointAt = onScreen(photograph.toPicture(some(edge)[3]!));
const works: Readonly<Record<string, () => Promise<Counted>>> = {
  'a bare square': () => during(bare, () => dragAbout(bare, 400, 300)),
  'a point dragged': () => during(page, () => dragAbout(page, ...pointAt)),
  'the picture moved': () => during(page, () => dragAbout(page, box.x + 60, box.y + 60)),
  'the picture enlarged and back': () =>
    during(page, async () => {
      await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
      for (let step = 0; step < STEPS; step += 1) {
        await page.mouse.wheel(0, step % 80 < 40 ? -40 : 40);
        await page.waitForTimeout(4);
      }
    }),
};
const sums = new Map<string, { missed: number; counted: number }>();
for (let round = 0; round < ROUNDS; round += 1) {
  for (const [name, work] of Object.entries(works)) {
    const { missed, counted } = await work();
    const sum = sums.get(name) ?? { missed: 0, counted: 0 };
    sums.set(name, { missed: sum.missed + missed, counted: sum.counted + counted });
    // What was moved goes back before the next.
    await page.getByRole('button', { name: 'The whole picture' }).click();
  }
}
await browser.close();
for (const [name, { missed, counted }] of sums) {
  const all = counted + missed;
  process.stdout.write(`${name}: ${((100 * counted) / all).toFixed(2)} % of ${all} frames kept\n`);
}
