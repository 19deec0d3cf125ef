import { textOf } from '@patient-edge/core';
import type { CustomerRecord, Job, PriceList } from '@patient-edge/contract';
import type { Agent } from 'supertest';
import {
  errorOf,
  jobOf,
  openShop,
  planned,
  sentHome,
  takeIn,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let counter: Agent;
beforeAll(async () => {
  shop = await openShop(__filename);
  counter = await shop.person('cal', 'counter');
});
afterAll(() => shop.close());

const MATTER = { matter: 'height', text: 'About 2.0 mm of height goes for good.', name: 'Berit' };

describe('the owner’s yes', () => {
  test('is kept with name and time, and every answer stays', async () => {
    const job = await takeIn(counter, { tagNumber: 501 });
    const path = `/api/jobs/${job.id}/consents`;
    const no = jobOf(
      await counter
        .post(path)
        .send({ ...MATTER, answer: 'no', version: job.version })
        .expect(201),
    );
    const yes = jobOf(
      await counter
        .post(path)
        .send({ ...MATTER, answer: 'yes', version: no.version })
        .expect(201),
    );
    expect(yes.consents.map(({ answer }) => answer)).toEqual(['no', 'yes']);
    expect(yes.consents[1]).toMatchObject({ name: 'Berit', who: 'cal' });
    expect(Date.parse(yes.consents[1]!.at)).not.toBeNaN();
    const late = await counter.post(path).send({ ...MATTER, answer: 'yes', version: job.version });
    expect(late.status).toBe(409);
    const unnamed = await counter
      .post(path)
      .send({ ...MATTER, name: ' ', answer: 'yes', version: yes.version })
      .expect(422);
    expect(errorOf(unnamed).fields![0]!.field).toBe('name');
  });

  test('a no keeps the blade from the bench until it is asked again', async () => {
    const chip = { id: 'c', kind: 'chip', side: 'both', fromMm: 90, lengthMm: 3, depthMm: 2 };
    let job = await planned(shop.owner, await takeIn(counter, { tagNumber: 502, damage: [chip] }));
    const [asked] = job.steps.flatMap(({ asks }) => asks);
    expect(asked!.id).toBe('height');
    const ask = async (answer: string): Promise<Job> =>
      jobOf(
        await counter
          .post(`/api/jobs/${job.id}/consents`)
          .send({ ...MATTER, matter: asked!.id, text: asked!.text, answer, version: job.version })
          .expect(201),
      );
    job = await ask('no');
    const begin = () => shop.owner.post(`/api/jobs/${job.id}/bench`).send({ version: job.version });
    const refused = await begin();
    expect(refused.status).toBe(409);
    expect(errorOf(refused).message).toContain('The customer said no');
    job = await ask('yes');
    expect((await begin()).status).toBe(200);
  });
});

test('what was protected is ticked off and kept', async () => {
  const job = await takeIn(counter, { tagNumber: 503 });
  const held = jobOf(
    await counter
      .put(`/api/jobs/${job.id}/protection`)
      .send({ version: job.version, done: ['handle', 'mark'] })
      .expect(200),
  );
  expect(held.protectionDone).toEqual(['handle', 'mark']);
});

describe('the estimate', () => {
  const lines = [
    { label: 'Chef’s knife', lowMinor: 1000, highMinor: 1000 },
    { label: '2 chips taken out', lowMinor: 300, highMinor: 600 },
  ];

  test('is kept line by line, and agreed by name', async () => {
    const job = await takeIn(counter, { tagNumber: 504 });
    const path = `/api/jobs/${job.id}/estimate`;
    const open = jobOf(
      await counter.put(path).send({ version: job.version, lines, agreedBy: null }).expect(200),
    );
    expect(open.estimate).toEqual({ lines, agreedBy: null, agreedAt: null });
    const agreed = jobOf(
      await counter
        .put(path)
        .send({ version: open.version, lines: lines.slice(0, 1), agreedBy: 'Berit' })
        .expect(200),
    );
    expect(agreed.estimate).toMatchObject({ lines: lines.slice(0, 1), agreedBy: 'Berit' });
    expect(agreed.estimate!.agreedAt).not.toBeNull();
    expect(textOf(agreed.events.at(-1)!.message)).toBe('customer agreed to EUR\u00a010.00');
    const wrong = await counter.put(path).send({
      version: agreed.version,
      lines: [{ label: 'x', lowMinor: 5, highMinor: 2 }],
      agreedBy: null,
    });
    expect(errorOf(wrong).fields![0]!.message).toContain('must not be below');
  });
});

describe('the price list', () => {
  const list = {
    currency: 'SEK',
    prices: [
      { item: 'blade', group: 'any', amountMinor: 12000 },
      { item: 'blade', group: 'razor', amountMinor: 30000 },
    ],
    lengthIncludedMm: 200,
    lengthStepMm: 50,
    minutesIncluded: 15,
  };
  let fresh: TestShop;
  beforeAll(async () => {
    fresh = await openShop(`${__filename} prices`);
  });
  afterAll(() => fresh.close());

  test('is the owner’s, whole, and changed by one at a time', async () => {
    const { version } = (await fresh.owner.get('/api/prices').expect(200)).body as PriceList;
    const bench = await fresh.person('bea', 'bench');
    await bench
      .put('/api/prices')
      .send({ ...list, version })
      .expect(403);
    const kept = (
      await fresh.owner
        .put('/api/prices')
        .send({ ...list, version })
        .expect(200)
    ).body as PriceList;
    expect(kept).toMatchObject({ ...list, version: version + 1, currencySettled: false });
    await fresh.owner
      .put('/api/prices')
      .send({ ...list, version })
      .expect(409);
    const twice = await fresh.owner
      .put('/api/prices')
      .send({ ...list, prices: [list.prices[0], list.prices[0]], version: version + 1 })
      .expect(422);
    expect(errorOf(twice).fields![0]!.message).toContain('twice');
  });

  test('its currency stays once money was written down in it', async () => {
    const job = await takeIn(fresh.owner, { tagNumber: 1 });
    await fresh.owner
      .put(`/api/jobs/${job.id}/estimate`)
      .send({
        version: job.version,
        lines: [{ label: 'a', lowMinor: 1, highMinor: 1 }],
        agreedBy: null,
      })
      .expect(200);
    const { version } = (await fresh.owner.get('/api/prices').expect(200)).body as PriceList;
    const refused = await fresh.owner
      .put('/api/prices')
      .send({ ...list, currency: 'EUR', version })
      .expect(422);
    expect(errorOf(refused).fields).toEqual([
      {
        field: 'currency',
        message: 'Currency: SEK cannot be changed, prices have been recorded in it',
      },
    ]);
  });
});

test('an erased owner leaves no name on consent or estimate', async () => {
  let job = await takeIn(counter, { tagNumber: 505 });
  job = jobOf(
    await counter
      .post(`/api/jobs/${job.id}/consents`)
      .send({ ...MATTER, answer: 'yes', name: 'Quilla Tarn', version: job.version })
      .expect(201),
  );
  job = jobOf(
    await counter
      .put(`/api/jobs/${job.id}/estimate`)
      .send({
        version: job.version,
        lines: [{ label: 'a', lowMinor: 1, highMinor: 2 }],
        agreedBy: 'Quilla Tarn',
      })
      .expect(200),
  );
  await sentHome(counter, job);
  const owner = (await counter.get(`/api/customers/${job.customer.id}`)).body as CustomerRecord;
  await shop.owner
    .post(`/api/customers/${job.customer.id}/erase`)
    .send({ version: owner.version, name: owner.customer.name })
    .expect(200);
  const kept = (await counter.get(`/api/jobs/${job.id}`).expect(200)).text;
  expect(kept).not.toContain('Quilla');
  expect(kept).toContain('the customer');
});
