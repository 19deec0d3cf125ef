import type { HistoryPage } from '@patient-edge/contract';
import type { Agent } from 'supertest';
import Papa from 'papaparse';
import { openShop, takeIn, type TestShop } from '../../test/test-shop';

let shop: TestShop;
let counter: Agent;
beforeAll(async () => {
  shop = await openShop('history');
  counter = await shop.person('front', 'counter');
});
afterAll(() => shop.close());

const history = async (asked = ''): Promise<HistoryPage> =>
  (await shop.owner.get(`/api/history?${asked}`).expect(200)).body as HistoryPage;
const didsOf = ({ entries }: HistoryPage) =>
  entries.map(({ subject, of, message }) => [subject, of, message.code]);

test('what was done to a blade, a customer, a stone and the shop stands there, the latest first', async () => {
  const job = await takeIn(shop.owner, {
    tagNumber: 9,
    customerId: null,
    newCustomer: { name: 'Fenna Burl' },
  });
  const stone = (
    (await shop.owner.get('/api/stones')).body as { id: number; version: number; name: string }[]
  ).find(({ name }) => name === 'Brown')!;
  await shop.owner
    .post(`/api/stones/${stone.id}/flattenings`)
    .send({ plate: 'plate', minutes: 3, lostMm: 0.1, gridGone: true })
    .expect(201);
  await shop.owner
    .put('/api/formats')
    .send({ language: 'de', clock: '24 h', length: 'in', force: 'N', temperature: '°C' })
    .expect(200);
  const all = await history();
  expect(didsOf(all).slice(0, 3)).toEqual([
    ['shop', '', 'event.shop-changed'],
    ['stone', 'Brown', 'event.stone-flattened'],
    ['blade', 'Tag 9, Long knife', 'event.taken-in'],
  ]);
  expect(all.entries[0]?.who).toBe('Nara Weir');

  const ofStone = await history(`subject=stone&subjectId=${stone.id}`);
  expect(ofStone.entries.map(({ message }) => message.code)).toEqual([
    'event.stone-flattened',
    'event.stone-added',
  ]);
  const ofBlade = await history(`subject=blade&subjectId=${job.blade.id}`);
  expect(ofBlade.entries.map(({ message }) => message.code)).toEqual(['event.taken-in']);
  const ofCustomer = await history(`subject=customer&subjectId=${job.customer.id}`);
  expect(ofCustomer.entries.map(({ subject }) => subject)).toContain('blade');
});

test('it is filtered by person and by days', async () => {
  await counter.post('/api/customers').send({ name: 'Pernel Bloom', trade: 'Florist' }).expect(201);
  const people = (await shop.owner.get('/api/people')).body as { id: number; name: string }[];
  const front = people.find(({ name }) => name !== 'Nara Weir')!;
  expect(didsOf(await history(`staffId=${front.id}`))).toEqual([
    ['customer', 'Pernel Bloom', 'event.customer-added'],
  ]);
  expect((await history('toDay=2020-01-01')).entries).toEqual([]);
  await shop.owner.get('/api/history?fromDay=yesterday').expect(422);
});

test('customers in general are customers alone', async () => {
  const { entries } = await history('subject=customer');
  expect(new Set(entries.map(({ subject }) => subject))).toEqual(new Set(['customer']));
});

test('an erased customer is named no more, and what was done stays', async () => {
  const [found] = (
    (await shop.owner.get('/api/search?q=Pernel')).body as {
      customers: { id: number; name: string }[];
    }
  ).customers;
  const { version } = (await shop.owner.get(`/api/customers/${found!.id}`)).body as {
    version: number;
  };
  await shop.owner
    .post(`/api/customers/${found!.id}/erase`)
    .send({ version, name: 'Pernel Bloom' })
    .expect(200);
  const page = await history(`subject=customer&subjectId=${found!.id}`);
  expect(page.entries.map(({ message }) => message.code)).toEqual([
    'event.customer-erased',
    'event.customer-added',
  ]);
  expect(JSON.stringify(page)).not.toContain('Pernel');
});

test('more than a page is read on from where it ended, nothing twice', async () => {
  const stones = Array.from({ length: 120 }, (_, index) => index);
  for (const index of stones)
    await shop.pool.query(
      `INSERT INTO shop_event (at, staff_id, subject, subject_id, message)
       VALUES ('2026-01-01 00:00:00.000', 1, 'shop', 0, '{"code":"own.text","params":{"text":"${index}"}}')`,
    );
  const first = await history('toDay=2026-01-02');
  expect(first.entries).toHaveLength(100);
  const rest = await history(
    `toDay=2026-01-02&${new URLSearchParams({ beforeAt: first.next!.at, beforeId: String(first.next!.id) })}`,
  );
  expect(rest.next).toBeNull();
  const ids = [...first.entries, ...rest.entries].map(({ id }) => id);
  expect(new Set(ids).size).toBe(120);
});

describe('exports', () => {
  const csv = async (name: string) =>
    Papa.parse<Record<string, string>>((await counter.get(`/api/${name}.csv`).expect(200)).text, {
      header: true,
    });

  test('jobs say lengths in the unit of the shop, and their heading names it', async () => {
    const { data, errors, meta } = await csv('jobs');
    expect(errors).toEqual([]);
    expect(meta.fields).toContain('edge length, in');
    expect(data[0]).toMatchObject({
      tag: '9',
      customer: 'Fenna Burl',
      stage: 'taken in',
      'edge length, in': '8.268',
    });
  });

  test('customers are there, the erased are not, and no cell is a formula', async () => {
    await shop.owner
      .post('/api/customers')
      .send({ name: '=1+1', phones: [{ label: '', number: '0555 1' }] })
      .expect(201);
    const { data } = await csv('customers');
    expect(data.map(({ name }) => name)).toEqual(expect.arrayContaining(['Fenna Burl', "'=1+1"]));
    expect(data.map(({ name }) => name)).not.toContain('Pernel Bloom');
  });

  test('the history reads as it does on screen', async () => {
    const { data } = await csv('history');
    expect(data.find(({ of }) => of === 'Tag 9, Long knife')?.did).toBe(
      'took in chef’s knife on tag 9, promised for 1 Dec 2026',
    );
  });
});
