/** The laws of plans, held against two thousand of them and more. */
import { execFile } from 'node:child_process';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { build } from 'esbuild';
import { PLAN_LAWS } from '../packages/core/test/laws/plan-laws';
import type { LawsHeld } from './plan-laws';
import { DIST, ROOT } from './paths';

let held: LawsHeld;

beforeAll(async () => {
  await mkdir(DIST, { recursive: true });
  const program = join(DIST, 'plan-laws.mjs');
  await build({
    entryPoints: [join(ROOT, 'scripts', 'plan-laws.ts')],
    outfile: program,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    external: ['fast-check'],
    logLevel: 'warning',
  });
  const { stdout } = await promisify(execFile)(process.execPath, [program]);
  held = JSON.parse(stdout) as LawsHeld;
}, 300_000);

test('most blades at random can be planned, and there are two thousand of them', () => {
  expect(held.planned).toBeGreaterThan(0.8 * held.asked);
  expect(held.planned).toBeGreaterThanOrEqual(2000);
});

test.each(PLAN_LAWS.map(([sentence]) => sentence))('%s', (sentence) => {
  expect(held.broken[sentence]).toEqual([]);
});
