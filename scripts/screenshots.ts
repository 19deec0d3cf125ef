/** Takes the current picture of each main view from a running, freshly loaded demo into docs/screenshots. */
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import type { Job } from '../packages/contract/src/index';
import { bladeOutline } from '../packages/core/src/index';
import { drawPhotograph } from '../packages/server/src/demo/photograph';
import browserSettings from '../playwright.config';
import { ROOT } from './paths';
import { runOrExplain, say, Trouble } from './say';

interface View {
  readonly name: string;
  readonly path: string;
  readonly dark?: boolean;
  /** What to do before the picture is taken. */
  readonly prepare?: (page: Page) => Promise<void>;
}

/** Sets the points on the demo's photograph as a hand would: the card, the edge, the spine. */
const traceWeddingKnife = async (page: Page): Promise<void> => {
  const job = (await (
    await page.request.get(`${new URL(page.url()).origin}/api/jobs/24`)
  ).json()) as Job;
  const { widthPx, heightPx } = job.photographs[0]!;
  const { card, toPicture } = await drawPhotograph(job.measures, widthPx, heightPx);
  const { edge, spine } = bladeOutline(job.measures);
  const picture = page.locator('[role=application][data-ready]');
  await picture.waitFor();
  const box = (await picture.boundingBox())!;
  const fit = Math.min(box.width / widthPx, box.height / heightPx);
  const click = ([x, y]: readonly [number, number]): Promise<void> =>
    page.mouse.click(
      box.x + (box.width - widthPx * fit) / 2 + x * fit,
      box.y + (box.height - heightPx * fit) / 2 + y * fit,
    );
  const some = <T>(points: readonly T[]): T[] =>
    points.filter((_, index) => index % 8 === 0 || index === points.length - 1);
  for (const corner of card) await click(corner);
  for (const point of some(edge)) await click(toPicture(point));
  await page.getByText(/^Spine \d/).click();
  for (const point of some(spine)) await click(toPicture(point));
};

/** Takes the picture with the lamp along the edge, traces the edge and finds what glints. */
const lookAtTheEdge = async (page: Page): Promise<void> => {
  const { origin } = new URL(page.url());
  const answer = await page.request.post(`${origin}/api/jobs/12/photographs/microscope`, {
    data: { shot: 'lamp' },
    headers: { origin },
  });
  const { id, widthPx, heightPx } = ((await answer.json()) as Job).photographs.at(-1)!;
  await page.goto(`${origin}/jobs/12/photographs/${id}?close`);
  await page.getByText('Light', { exact: true }).click();
  const picture = page.locator('[role=application][data-ready]');
  await picture.waitFor();
  const { width, height } = (await picture.boundingBox())!;
  const fit = Math.min(width / widthPx, height / heightPx);
  for (const share of [0, 0.4, 0.7, 1])
    await picture.click({
      position: {
        x: (width - widthPx * fit) / 2 + (0.06 + 0.88 * share) * widthPx * fit,
        y: (height - heightPx * fit) / 2 + 0.55 * heightPx * fit,
      },
    });
  await page.getByRole('button', { name: 'Find glints' }).click();
  await page.getByRole('region', { name: 'Glints' }).scrollIntoViewIfNeeded();
};

const VIEWS: readonly View[] = [
  { name: 'shop', path: '/' },
  {
    name: 'drop-off',
    path: '/take-in',
    prepare: async (page) => {
      await page.getByRole('combobox', { name: 'Customer' }).fill('saltgate');
      await page.getByRole('option', { name: /^Saltgate/ }).click();
      await page.getByRole('button', { name: /Promised for$/ }).click();
      await page.getByRole('option').nth(2).click();
      await page.getByRole('button', { name: /^No. 2 \d/ }).click();
      await page.getByRole('button', { name: 'Add to the list' }).click();
      await page.getByRole('button', { name: /^No. 4 \d/ }).click();
      await page.getByText('Here before, last on').waitFor();
    },
  },
  {
    name: 'take-in',
    path: '/jobs/24/intake',
    prepare: (page) =>
      page
        .getByRole('heading', { name: 'Condition along the edge' })
        .evaluate((heading) => heading.scrollIntoView()),
  },
  { name: 'trace', path: '/jobs/24/photographs/1?trace', prepare: traceWeddingKnife },
  { name: 'judge', path: '/jobs/24/judge' },
  { name: 'plan', path: '/jobs/24/plan' },
  {
    name: 'plan-order',
    path: '/jobs/18/plan',
    prepare: async (page) => {
      await page
        .getByRole('button', { name: /^More of Thin/ })
        .first()
        .click();
      await page
        .getByRole('heading', { name: 'Steps' })
        .evaluate((heading) => heading.scrollIntoView());
    },
  },
  { name: 'lives', path: '/lives' },
  {
    name: 'compare',
    path: '/jobs/24/compare',
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Draw the map' }).click();
      await page.getByRole('button', { name: 'Draw the map again' }).waitFor();
      await page.getByRole('button', { name: /^18° per side, last stone 17 µm/ }).click();
      await page
        .getByRole('heading', { name: 'Angle against finish' })
        .evaluate((heading) => heading.scrollIntoView());
    },
  },
  { name: 'bench', path: '/jobs/8/bench', dark: true },
  { name: 'test', path: '/jobs/3/test' },
  { name: 'return', path: '/jobs/11/return' },
  { name: 'blade', path: '/blades/1' },
  { name: 'rack', path: '/rack' },
  { name: 'close-up', path: '/jobs/12/intake', prepare: lookAtTheEdge },
  {
    name: 'ready',
    path: '/ready',
    prepare: async (page) => {
      await page.getByLabel('Tag in the customer’s hand').fill('11');
      await page.getByRole('button', { name: 'Find', exact: true }).click();
      await page.getByRole('heading', { name: 'Hand over to Saltgate smokehouse' }).waitFor();
    },
  },
  {
    name: 'day',
    path: '/day',
    prepare: async (page) => {
      await page.getByText(/The best order found|No order is better/).waitFor();
    },
  },
  { name: 'figures', path: '/figures' },
  { name: 'calculator', path: '/calculator/shims' },
];

const take = async (): Promise<number> => {
  const address = process.argv[2] ?? 'http://127.0.0.1:4870';
  const folder = join(ROOT, 'docs', 'screenshots');
  await mkdir(folder, { recursive: true });
  const browser = await chromium.launch(browserSettings.use?.launchOptions);
  try {
    await takeAll(
      await browser.newPage({ viewport: { width: 1280, height: 800 } }),
      address,
      folder,
    );
  } finally {
    await browser.close();
  }
  return 0;
};

const takeAll = async (page: Page, address: string, folder: string): Promise<void> => {
  const reached = await page.goto(address).catch(() => null);
  if (!reached)
    throw new Trouble(
      `There is no demo at ${address}.`,
      'Start it with ./patient-edge demo --fresh',
    );
  await page.getByRole('button', { name: 'ansa, owner' }).click();
  await page.getByRole('navigation', { name: 'Main' }).waitFor();
  for (const { name, path, dark, prepare } of VIEWS) {
    await page.evaluate(
      (value) => localStorage.setItem('patient-edge appearance', JSON.stringify(value)),
      dark ? 'dark' : 'light',
    );
    await page.goto(address + path);
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(500);
    await prepare?.(page);
    await page.waitForTimeout(250);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    say(`  ${name}`);
  }
};

runOrExplain(take);
