import type { Board, Job, ShopPlaces } from '@patient-edge/contract';
import { errorOf, openShop, takeIn, type TestShop } from '../../test/test-shop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('places');
});
afterAll(() => shop.close());

const place = (part: object = {}) => ({
  id: null,
  name: 'Osier Wharf',
  address: '',
  weekdays: [2],
  opensAt: '08:00',
  closesAt: '17:00',
  inUse: true,
  ...part,
});
const put = (body: object) => shop.owner.put('/api/places').send(body);
const held = async (): Promise<ShopPlaces> =>
  (await shop.owner.get('/api/places').expect(200)).body as ShopPlaces;
const board = async (): Promise<Board> =>
  (await shop.owner.get('/api/shop').expect(200)).body as Board;

test('places and closed days are kept as one list, and a second owner is told of the first', async () => {
  const { version } = await held();
  const closed = [{ fromDay: '2026-12-24', toDay: '2027-01-02', reason: 'Winter' }];
  const kept = (
    await put({ version, places: [place(), place({ name: 'Market', weekdays: [6, 2] })], closed })
  ).body as ShopPlaces;
  expect(kept.places.map(({ name, weekdays, opensAt }) => [name, weekdays, opensAt])).toEqual([
    ['Market', [2, 6], '08:00'],
    ['Osier Wharf', [2], '08:00'],
  ]);
  expect(kept.closed).toEqual(closed);
  await put({ version, places: [], closed: [] }).expect(409);
  expect((await held()).places).toHaveLength(2);
});

test.each([
  ['two of one name', { places: [place(), place({ name: 'osier wharf' })] }, 'places.1'],
  ['a day that is none', { places: [place({ weekdays: [8] })] }, 'places.0.weekdays.0'],
  ['closing before opening', { places: [place({ closesAt: '07:00' })] }, 'places.0.closesAt'],
  [
    'an end before its beginning',
    { closed: [{ fromDay: '2026-12-24', toDay: '2026-12-01', reason: '' }] },
    'closed.0.toDay',
  ],
])('%s is refused beside its field', async (_what, part, field) => {
  const { version } = await held();
  const refused = await put({ version, places: [], closed: [], ...part }).expect(422);
  expect(errorOf(refused).fields?.map((each) => each.field)).toEqual([field]);
});

test('a blade is promised at the place that is open on its day, or at the one that is named', async () => {
  const { places } = await held();
  const market = places.find(({ name }) => name === 'Market')!;
  // 1 December 2026 is a Tuesday: both are open, and the first of the list is meant.
  const tuesday = await takeIn(shop.owner, { tagNumber: 1, promisedOn: '2026-12-01' });
  expect(tuesday).toMatchObject({ promisedOn: '2026-12-01', place: 'Market' });
  const named = await takeIn(shop.owner, {
    tagNumber: 2,
    promisedOn: '2026-12-01',
    placeId: places.find(({ name }) => name === 'Osier Wharf')!.id,
  });
  expect(named.place).toBe('Osier Wharf');
  const sunday = await takeIn(shop.owner, { tagNumber: 3, promisedOn: '2026-12-06' });
  expect(sunday.place).toBeNull();
  const holiday = await takeIn(shop.owner, { tagNumber: 4, promisedOn: '2026-12-29' });
  expect(holiday.place).toBeNull();
  expect(market.id).toBe(tuesday.placeId);
});

test('a place where blades were promised goes out of use and stays on record', async () => {
  const { version, places, closed } = await held();
  const wharf = places.find(({ name }) => name === 'Osier Wharf')!;
  await put({ version, places: places.filter(({ id }) => id !== wharf.id), closed }).expect(200);
  expect((await held()).places.find(({ id }) => id === wharf.id)).toMatchObject({ inUse: false });
  expect((await board()).jobs.find(({ tagNumber }) => tagNumber === 2)?.place).toBe('Osier Wharf');
});

describe('another day for several blades', () => {
  const chosen = async () =>
    (await board()).jobs
      .filter(({ tagNumber }) => tagNumber <= 2)
      .map(({ jobId, version }) => ({ jobId, version }));

  test('all of them get it, with its place, and their histories say so', async () => {
    const blades = await chosen();
    const answer = (
      await shop.owner
        .post('/api/promises')
        .send({ promisedOn: '2026-12-05', placeId: null, blades })
        .expect(200)
    ).body as Board;
    expect(
      answer.jobs.filter(({ tagNumber }) => tagNumber <= 2).map(({ place: at }) => at),
    ).toEqual(['Market', 'Market']);
    const job = (await shop.owner.get(`/api/jobs/${blades[0]!.jobId}`)).body as Job;
    expect(job.events.at(-1)?.message).toEqual({
      code: 'event.promised',
      params: { day: '2026-12-05', place: 'Market' },
    });
  });

  test('or none, where one was changed meanwhile', async () => {
    const [first, second] = await chosen();
    await shop.owner
      .post('/api/promises')
      .send({
        promisedOn: '2026-12-08',
        placeId: null,
        blades: [first, { ...second!, version: second!.version - 1 }],
      })
      .expect(409);
    expect((await board()).jobs.map(({ promisedOn }) => promisedOn)).not.toContain('2026-12-08');
  });

  test('sent twice with one key it is done once', async () => {
    const blades = await chosen();
    const send = () =>
      shop.owner
        .post('/api/promises')
        .set('Idempotency-Key', 'promise-them-once')
        .send({ promisedOn: '2026-12-12', placeId: null, blades })
        .expect(200);
    await send();
    await send();
    const { jobs } = await board();
    expect(jobs.find(({ jobId }) => jobId === blades[0]!.jobId)?.version).toBe(
      blades[0]!.version + 1,
    );
  });
});
