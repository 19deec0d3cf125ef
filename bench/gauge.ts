/**
 * The angle gauge on the bench page of a running demo: how old a sample is when the needle has it, frames kept while it moves
 * at fifty samples a second against the same page without it, and the heap over many minutes of strokes:
 * `npx tsx bench/gauge.ts [address] [minutes]`. Needs the demo: `./patient-edge demo --fresh`.
 */
import { chromium, type Page } from '@playwright/test';
import { recordingCsv } from '@patient-edge/core';
import { GAUGE_RATE_HZ, gaugeAt } from '@patient-edge/devices';
import browserSettings from '../playwright.config';

const FRAMES = 600;
const DAY_MS = 86_400_000;
const address = process.argv[2] ?? 'http://127.0.0.1:4870';
const minutes = Number(process.argv[3] ?? '2');

/** Runs in the page, as text: frames missed in so many. */
const MISSED = `new Promise((resolve) => {
  let last = null;
  let drawn = 0;
  let missed = 0;
  const frame = (now) => {
    if (last !== null) missed += Math.max(0, Math.round((now - last) / (1000 / 60)) - 1);
    last = now;
    drawn += 1;
    if (drawn <= ${FRAMES}) requestAnimationFrame(frame);
    else resolve(missed);
  };
  requestAnimationFrame(frame);
})`;
const missedFrames = (page: Page): Promise<number> => page.evaluate<number>(MISSED);

/** Ages of samples as they come through the stream of the server, ms; the gauge and the page share one clock here. */
const AGES = `new Promise((resolve) => {
  const found = [];
  const source = new EventSource('/api/devices/stream?topics=gauge');
  source.addEventListener('gauge', ({ data }) => {
    found.push((Date.now() % ${DAY_MS}) - JSON.parse(data).ms);
    if (found.length < 500) return;
    source.close();
    resolve(found);
  });
})`;
const ages = (page: Page): Promise<readonly number[]> => page.evaluate<readonly number[]>(AGES);

const browser = await chromium.launch({
  ...browserSettings.use?.launchOptions,
  args: [
    ...(browserSettings.use?.launchOptions?.args ?? []),
    '--enable-precise-memory-info',
    '--js-flags=--expose-gc',
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.request.post(`${address}/api/session`, {
  data: { login: 'teodor', password: 'stone-and-water' },
});
const board = (await (await page.request.get(`${address}/api/shop`)).json()) as {
  jobs: { jobId: number; blade: { name: string } }[];
};
const { jobId } = board.jobs.find(({ blade }) => blade.name === 'Square knife')!;
await page.goto(`${address}/jobs/${jobId}/bench`);
await page.getByRole('button', { name: 'Done, next step' }).waitFor();
const tell = (line: string): void => void process.stdout.write(`${line}\n`);
const share = (missed: number): string => `${(100 * (1 - missed / FRAMES)).toFixed(2)} %`;

const without = await missedFrames(page);
await page.getByRole('button', { name: 'Angle gauge' }).click();
await page.getByRole('button', { name: 'Zero it here' }).click();
await page.waitForTimeout(2000);
const withIt = await missedFrames(page);
tell(`frames kept: ${share(without)} without the gauge, ${share(withIt)} while its needle moves`);

const aged = [...(await ages(page))].sort((a, b) => a - b);
tell(
  `a sample is ${aged[250]} ms old when the page has it; one in twenty is older than ${aged[475]} ms, the oldest of 500 ${aged.at(-1)} ms`,
);

const HEAP_MB = `(gc(), performance.memory.usedJSHeapSize / 2 ** 20)`;
const heapMb = (): Promise<number> => page.evaluate<number>(HEAP_MB);
/** Two hours of the stand-in's hand, ten minutes at a time, as fast as the page takes them. */
const SIMULATED_MINUTES = 120;
const PART_MINUTES = 10;
const recordingOfPart = (): Buffer => {
  const samples = Array.from({ length: PART_MINUTES * 60 * GAUGE_RATE_HZ }, (_, index) =>
    gaugeAt(index / GAUGE_RATE_HZ),
  );
  return Buffer.from(recordingCsv(samples, GAUGE_RATE_HZ));
};
const part = { name: 'part.csv', mimeType: 'text/csv', buffer: recordingOfPart() };
const simulated: number[] = [await heapMb()];
for (let minute = 0; minute < SIMULATED_MINUTES; minute += PART_MINUTES) {
  await page.locator('input[type=file]').setInputFiles([]);
  await page.locator('input[type=file]').setInputFiles(part);
  await page.waitForTimeout(3000);
  simulated.push(await heapMb());
}
tell(
  `heap, MB, every ten of ${SIMULATED_MINUTES} simulated minutes: ${simulated.map((mb) => mb.toFixed(1)).join(', ')}`,
);

const heaps: number[] = [];
for (let minute = 0; minute <= minutes; minute += 1) {
  heaps.push(await heapMb());
  if (minute < minutes) await page.waitForTimeout(60_000);
}
tell(`heap, MB, minute by minute: ${heaps.map((mb) => mb.toFixed(1)).join(', ')}`);
await browser.close();
