import type { Job, OpenComplaint, VisitPage } from '@patient-edge/contract';
import request, { type Agent } from 'supertest';
import {
  jobOf,
  onePrice,
  openShop,
  passed,
  shopDetails,
  takeIn,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let bench: Agent;
let nobody: Agent;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('visits');
  bench = await shop.person('bench', 'bench');
  nobody = request.agent(shop.app);
  await onePrice(shop.owner, 1200);
});
afterAll(() => shop.close());

const reachAt = (publicAddress: string) =>
  shop.owner.put('/api/shop-details').send(shopDetails({ publicAddress })).expect(200);
const brought = (part: Record<string, unknown> = {}): Promise<Job> => {
  tag += 1;
  return takeIn(shop.owner, { tagNumber: tag, ...part });
};
const home = async (job: Job): Promise<Job> => {
  const { id, version, tagNumber } = await passed(bench, job);
  return jobOf(
    await shop.owner
      .post(`/api/jobs/${id}/return`)
      .send({ version, tagNumber, sheathed: true, remarks: '' })
      .expect(200),
  );
};
const tokenOf = async ({ id }: Job): Promise<string> => {
  await reachAt('https://edge.example/');
  const { address } = (await bench.get(`/api/jobs/${id}/page`).expect(200)).body as {
    address: string;
  };
  expect(address).toMatch(/^https:\/\/edge\.example\/v\/[\w-]{43}$/);
  return address.split('/').at(-1)!;
};
const open = (token: string) => nobody.get(`/api/visits/${token}`);
const answer = (token: string, said: string, words = '') =>
  nobody.post(`/api/visits/${token}/answers`).send({ answer: said, words });

describe('the customer’s page', () => {
  test('there is none while the shop has no public address', async () => {
    await reachAt('');
    const { address } = (await bench.get(`/api/jobs/${(await brought()).id}/page`)).body as {
      address: string | null;
    };
    expect(address).toBeNull();
  });

  test('shows this visit without a sign-in, and nobody’s name', async () => {
    const job = await brought({ newCustomer: { name: 'Ysolde Quern' } });
    const token = await tokenOf(job);
    const page = (await open(token).expect(200)).body as VisitPage;
    expect(page).toMatchObject({ stage: 'taken in', tagNumber: job.tagNumber, sheet: null });
    expect(JSON.stringify(page)).not.toContain('Quern');
    // Its answers belong to a blade that is at home.
    await answer(token, 'dull again').expect(409);
    const done = await home(job);
    const later = (await open(token).expect(200)).body as VisitPage;
    expect(later.sheet!.parts.length).toBeGreaterThan(2);
    expect(later.bill).toMatchObject({ priceMinor: 1200 });
    expect((await answer(token, 'dull again').expect(201)).body).toMatchObject({
      answers: ['dull again'],
    });
    expect((await answer(token, 'give it away').expect(422)).body).toMatchObject({
      error: { fields: [{ field: 'answer' }] },
    });
    expect(done.stage).toBe('returned');
  });

  test('ends when it is closed, with the next drop-off of the blade, and after 400 days', async () => {
    const closed = await brought();
    const closedToken = await tokenOf(closed);
    await bench.post(`/api/jobs/${closed.id}/page/revoke`).send({}).expect(200);
    await open(closedToken).expect(404);
    await bench.post(`/api/jobs/${closed.id}/page/revoke`).send({}).expect(409);

    const old = await brought();
    const oldToken = await tokenOf(old);
    await shop.pool.query(
      'UPDATE visit_page SET made_at = CURRENT_TIMESTAMP(3) - INTERVAL 401 DAY WHERE job_id = ?',
      [old.id],
    );
    await open(oldToken).expect(404);

    const again = await home(await brought());
    const againToken = await tokenOf(again);
    await open(againToken).expect(200);
    await brought({ newCustomer: null, customerId: again.customer.id, bladeId: again.blade.id });
    await open(againToken).expect(404);
  });

  test('guesses find nothing and are slowed down; a right one is not held up, and no session is set', async () => {
    const token = await tokenOf(await brought());
    const statuses: number[] = [];
    for (let guess = 0; guess < 60; guess += 1) {
      const answered = await open(`${token.slice(0, -3)}${String(guess).padStart(3, '_')}`);
      statuses.push(answered.status);
      expect(answered.headers['set-cookie']).toBeUndefined();
    }
    expect([...new Set(statuses)]).toEqual([404, 429]);
    for (const bad of ['..%2f..', 'x'.repeat(500), '%00', "' OR 1=1 --"])
      expect([404, 429]).toContain((await open(encodeURIComponent(bad))).status);
    await open(token).expect(200);
  });
});

describe('a complaint', () => {
  test('opens from the page, is asked about at the counter, and the mending is on the house', async () => {
    const done = await home(await brought());
    await shop.pool.query(
      "INSERT INTO visit_answer (job_id, answer, words) VALUES (?, 'wish', 'toothy, please')",
      [done.id],
    );
    await shop.pool.query(
      "INSERT INTO complaint (job_id, words, signs) VALUES (?, 'it catches', '{}')",
      [done.id],
    );
    const list = (await bench.get('/api/complaints').expect(200)).body as OpenComplaint[];
    expect(list.find(({ jobId }) => jobId === done.id)).toMatchObject({ words: 'it catches' });
    const body = {
      words: 'it catches at the tip',
      signs: { 'paper catches': true },
      onTheHouse: true,
      reason: 'burr left, within 14 days',
    };
    await bench
      .put(`/api/jobs/${done.id}/complaint`)
      .send({ ...body, signs: { magic: true } })
      .expect(422);
    const said = jobOf(await bench.put(`/api/jobs/${done.id}/complaint`).send(body).expect(200));
    expect(said.complaint).toMatchObject({ onTheHouse: true, signs: { 'paper catches': true } });
    const back = await brought({
      newCustomer: null,
      customerId: done.customer.id,
      bladeId: done.blade.id,
    });
    const mended = await passed(bench, back);
    expect(mended.bill).toMatchObject({
      priceMinor: 1200,
      discountMinor: 1200,
      discountReason: 'Free of charge: our own work put right',
    });
    const settled = (await bench.get('/api/complaints').expect(200)).body as OpenComplaint[];
    expect(settled.some(({ jobId }) => jobId === done.id)).toBe(false);
  });

  test('is about a visit that ended', async () => {
    const job = await brought();
    await bench
      .put(`/api/jobs/${job.id}/complaint`)
      .send({ words: '', signs: {}, onTheHouse: null, reason: '' })
      .expect(409);
  });
});
