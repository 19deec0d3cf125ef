/** The threads themselves, from the worker as it is built. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import {
  DEFAULT_CHOICES,
  findSteel,
  UNKNOWN_STEEL_DESIGNATION,
  usualMeasuresOf,
} from '@patient-edge/core';
import request from 'supertest';
import { errorOf, openShop, planned, takeIn, type TestShop } from '../../test/test-shop';
import { threadedCompute, type Compute } from './compute';

const ROOT = join(__dirname, '..', '..', '..', '..');
// Beside the packages, so that what the worker imports is found.
const folder = mkdtempSync(join(ROOT, 'node_modules', '.compute-test-'));
let compute: Compute;
let shop: TestShop;

beforeAll(async () => {
  const file = join(folder, 'worker.mjs');
  execFileSync(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    join(__dirname, 'worker.ts'),
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    '--external:pdfkit',
    '--external:qrcode',
    '--external:number-to-words',
    `--outfile=${file}`,
    '--log-level=warning',
  ]);
  compute = threadedCompute(file);
  shop = await openShop('compute', { compute });
});
afterAll(async () => {
  await shop.close();
  await compute.close();
  rmSync(folder, { recursive: true, force: true });
});

const ask = (operation: string, body: object) =>
  request(shop.app).post(`/api/calc/${operation}`).send(body);

/** A rack in which every stone leads to every other: more chains than anybody can weigh. */
const rack = (stones: number) =>
  Array.from({ length: stones }, (_, index) => ({
    id: `s${index}`,
    um: 200 / 1.01 ** index,
    abrasive: 'diamond',
  }));
const heavy = {
  steel: { wearFactor: 1 },
  rack: rack(500),
  work: { stockMm3: 5, faceAreaMm2: 200 },
  stroke: { forceN: 8, speedMPerS: 0.15 },
  finishUm: [1, 3],
  maxRatio: 50,
};

/** A question may wait for its thread to start, which a busy machine may not manage in the time a question has. */
const isAnswered = async (): Promise<boolean> => {
  const question = { heightMm: 48, spineOffsetMm: 1.1, angleDeg: 15 };
  for (let turn = 0; turn < 10; turn += 1)
    if ((await ask('lift', question)).status === 200) return true;
  return false;
};

describe('the calculator in threads of its own', () => {
  beforeAll(isAnswered);

  test('answers as everywhere', async () => {
    const answer = await ask('lift', { heightMm: 48, spineOffsetMm: 1.1, angleDeg: 15 }).expect(
      200,
    );
    expect(answer.body).toMatchObject({ restingAngleDeg: 1.3127984969750188 });
  });

  test('what takes too long is ended, and the next question is answered', async () => {
    const many = Array.from({ length: 60 }, () => ({ ...heavy, rack: rack(120) }));
    await expect(compute.calc('progression', many, 30)).rejects.toMatchObject({
      status: 422,
      code: 'TOO_LONG',
    });
    expect(await isAnswered()).toBe(true);
  });

  test('a flood of questions is told to come back, and the shop goes on meanwhile', async () => {
    const small = { ...heavy, rack: rack(60) };
    const flood = Promise.all(Array.from({ length: 60 }, () => ask('progression', small)));
    await shop.owner.get('/api/shop').expect(200);
    const statuses = (await flood).map(({ status }) => status);
    expect(statuses.every((status) => [200, 422, 503].includes(status))).toBe(true);
    expect(statuses).toContain(503);
  });

  test('a plan comes back whole', async () => {
    const planned = await compute.plan({
      measures: usualMeasuresOf('chef', 210),
      steel: findSteel(UNKNOWN_STEEL_DESIGNATION)!,
      useId: 'general-soft',
      sharpness: 'dull',
      carefulHands: false,
      damage: [],
      answers: {},
      rack: [],
      machine: null,
      choices: DEFAULT_CHOICES,
    });
    expect(planned.ok).toBe(true);
  });
});

describe('the shop’s own work in threads', () => {
  test('tags, tickets and cards are drawn there and come whole', async () => {
    const job = await planned(shop.owner, await takeIn(shop.owner));
    for (const sheet of ['tag', 'ticket', 'plan/card']) {
      const answer = await shop.owner
        .get(`/api/jobs/${job.id}/${sheet}.pdf`)
        .buffer(true)
        .expect(200);
      expect((answer.body as Buffer).subarray(0, 5).toString('latin1')).toBe('%PDF-');
      expect((answer.body as Buffer).subarray(-6).toString('latin1')).toContain('%%EOF');
    }
  });
});

describe('what the open door does not take', () => {
  test.each([
    ['12,000 stones', 'progression', { ...heavy, rack: rack(501) }, 422, 'rack'],
    [
      '8,000 points at 10,000 stations',
      'along-edge',
      {
        edge: Array.from({ length: 120 }, (_, z) => [z, 0]),
        spine: [[0, 40]],
        thickness: [[0, 2]],
        angleDeg: 15,
        stations: 9_900,
      },
      422,
      'stations',
    ],
    ['a list of 201', 'wheel', Array.from({ length: 201 }, () => ({})), 422, 'input'],
    [
      'many stations in one list',
      'along-edge',
      Array.from({ length: 10 }, () => ({ stations: 3_000 })),
      422,
      'input',
    ],
    [
      'a nest without end',
      'lift',
      JSON.parse('['.repeat(60) + ']'.repeat(60)) as object,
      422,
      null,
    ],
    ['a key that runs', 'grit', { scale: { toString: 1 }, grit: 4 }, 422, 'scale.toString'],
  ])('%s', async (_what, operation, body, status, field) => {
    const refused = errorOf(await ask(operation, body).expect(status));
    expect(refused.code).toBe('TOO_LARGE');
    if (field !== null) expect((refused as { field?: string }).field).toBe(field);
  });

  test('a body of more than 64 kB', async () => {
    await ask('wobble', { anglesDeg: Array.from({ length: 20_000 }, () => 15.25) }).expect(413);
  });
});
