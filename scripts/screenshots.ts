/** Takes the current picture of each main view from a running, freshly loaded demo into docs/screenshots. */
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
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

const VIEWS: readonly View[] = [
  { name: 'shop', path: '/' },
  {
    name: 'take-in',
    path: '/jobs/24/intake',
    prepare: (page) => page.getByText('Condition along the edge').scrollIntoViewIfNeeded(),
  },
  { name: 'plan', path: '/jobs/24/plan' },
  {
    name: 'plan-why',
    path: '/jobs/24/plan',
    prepare: (page) => page.getByRole('button', { name: 'Why: To be set' }).click(),
  },
  { name: 'bench', path: '/jobs/8/bench', dark: true },
  { name: 'test', path: '/jobs/3/test' },
  { name: 'return', path: '/jobs/11/return' },
  { name: 'blade', path: '/blades/1' },
  { name: 'rack', path: '/rack' },
  { name: 'stone', path: '/rack/stones/3' },
  {
    name: 'progression',
    path: '/rack/progression',
    prepare: (page) => page.getByText('Others of this rack').scrollIntoViewIfNeeded(),
  },
  {
    name: 'steels',
    path: `/rack/steels?steel=${encodeURIComponent('powder tool steel high vanadium (V 8-10)')}`,
  },
  { name: 'machines', path: '/rack/machines' },
  { name: 'touch-up', path: '/jobs/38/touch-up' },
  { name: 'calculator', path: '/calculator/shims' },
];

const take = async (): Promise<number> => {
  const address = process.argv[2] ?? 'http://127.0.0.1:4870';
  const folder = join(ROOT, 'docs', 'screenshots');
  await mkdir(folder, { recursive: true });
  const browser = await chromium.launch(browserSettings.use?.launchOptions);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
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
  await browser.close();
  return 0;
};

runOrExplain(take);
