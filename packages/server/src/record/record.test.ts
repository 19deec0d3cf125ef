/** The record learns from the bench: what counts as a record, what it says, and that every process reads the same. */
import type { BladeRates } from '@patient-edge/core';
import type { ForecastSheet, Job, RatesSheet, StepRecord } from '@patient-edge/contract';
import { asksOfStep } from '@patient-edge/core';
import type { Agent } from 'supertest';
import {
  begun,
  burrEverywhere,
  edgeOf,
  jobOf,
  openShop,
  planned,
  takeIn,
  workBody,
  workThrough,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let owner: Agent;
let bench: Agent;
let counter: Agent;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('record');
  owner = shop.owner;
  bench = await shop.person('bench', 'bench');
  counter = await shop.person('counter', 'counter');
});
afterAll(() => shop.close());

const rates = async (): Promise<RatesSheet> =>
  (await bench.get('/api/rates').expect(200)).body as RatesSheet;
const forecasts = async (): Promise<ForecastSheet> =>
  (await bench.get('/api/forecasts').expect(200)).body as ForecastSheet;

/** A blade whose first stone is worked for so many times the time it is foreseen to take. */
const worked = async (times: number, part: Record<string, unknown> = {}): Promise<Job> => {
  tag += 1;
  const job = await workThrough(
    bench,
    await begun(bench, await planned(bench, await takeIn(counter, { tagNumber: tag }))),
    'edge 1',
  );
  const edge = edgeOf(job);
  await bench
    .put(`/api/jobs/${job.id}/steps/${edge.id}/work`)
    .send(
      workBody({
        workedSeconds: Math.round(1000 * times * edge.step.seconds) / 1000,
        burr: burrEverywhere('clear'),
        ...part,
      }),
    )
    .expect(200);
  return jobOf(
    await bench
      .post(`/api/jobs/${job.id}/steps/${edge.id}/finish`)
      .send({
        version: job.version,
        overrideReason: null,
        shown: asksOfStep(edge.step).map(({ code }) => code),
      })
      .expect(200),
  );
};
const edgeStep = (job: Job): StepRecord => job.steps.find(({ step }) => step.key === 'edge 1')!;

test('an empty bench has nothing to say, and plans go on as foreseen', async () => {
  expect((await rates()).byHand.records).toBe(0);
  expect((await forecasts()).all).toBeNull();
  expect((await bench.get('/api/rates/blade?steel=SAE+1095').expect(200)).body).toBeNull();
});

test('finished steps teach; the next blade is foreseen by them, and kept so', async () => {
  const first = await worked(1.5);
  const { byHand } = await rates();
  const stoneId = String(edgeStep(first).step.stoneId);
  expect(byHand.records).toBe(1);
  const [stone] = byHand.effects.abrasive;
  // One record, three equal priors of 0.25 and a noise of 0.09: each takes 0.25 / 0.84 of ln 1.5.
  expect(stone).toMatchObject({ id: stoneId, records: 1 });
  expect(stone!.mean).toBeCloseTo((Math.log(1.5) * 0.25) / 0.84, 3);
  const said = (await bench.get('/api/rates/blade').query({ steel: first.steel }).expect(200))
    .body as BladeRates;
  const mean = said.stones.find(({ id }) => id === stoneId)!.mean;
  expect(mean).toBeCloseTo(3 * stone!.mean, 9);
  const second = await worked(1);
  const sheet = await forecasts();
  expect(sheet.all!.score.count).toBe(2);
  // The second was foreseen longer than it took; the model alone was right.
  const line = sheet.worst.find(({ jobId }) => jobId === second.id)!;
  expect(line.p50Seconds / line.takenSeconds).toBeCloseTo(Math.exp(mean), 3);
  // At the bench it stands beside the clock.
  const edge = edgeStep(second);
  expect(edge.forecastSeconds! / edge.step.seconds).toBeCloseTo(Math.exp(mean), 3);
  expect(sheet.by.person).toHaveLength(1);
});

test('what was interrupted, skipped or opened again is no record', async () => {
  const before = (await rates()).byHand.records;
  await worked(1, { notes: { added: [], shown: [], readings: {}, interrupted: true } });
  expect((await rates()).byHand.records).toBe(before);
  const job = await worked(1.2);
  expect((await rates()).byHand.records).toBe(before + 1);
  await bench
    .post(`/api/jobs/${job.id}/steps/${edgeStep(job).id}/undo`)
    .send({ version: job.version })
    .expect(200);
  expect((await rates()).byHand.records).toBe(before);
});

test('a person can be left out, by the owner alone, and comes back', async () => {
  const { byHand } = await rates();
  const { id, name } = byHand.effects.person[0]!;
  await bench.put(`/api/rates/people/${id}`).send({ teaches: false }).expect(403);
  const without = (await owner.put(`/api/rates/people/${id}`).send({ teaches: false }).expect(200))
    .body as RatesSheet;
  expect(without.byHand.records).toBe(0);
  expect(without.leftOut).toEqual([{ id: Number(id), name }]);
  const back = (await owner.put(`/api/rates/people/${id}`).send({ teaches: true }).expect(200))
    .body as RatesSheet;
  expect(back.byHand.records).toBe(byHand.records);
  await owner.put('/api/rates/people/999').send({ teaches: true }).expect(404);
});
