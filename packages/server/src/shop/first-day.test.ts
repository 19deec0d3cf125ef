import type { FirstDay, SessionInfo } from '@patient-edge/contract';
import {
  errorOf,
  onePrice,
  openShop,
  shopDetails,
  takeIn,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('first day');
});
afterAll(() => shop.close());

const firstDay = async (): Promise<FirstDay> =>
  (await shop.owner.get('/api/first-day').expect(200)).body as FirstDay;

test('the list of the first day ticks itself, thing by thing', async () => {
  expect(await firstDay()).toEqual({
    shop: false,
    places: false,
    people: false,
    // The stones of every test shop.
    stones: true,
    prices: false,
    blade: false,
  });
  await shop.owner.put('/api/shop-details').send(shopDetails()).expect(200);
  expect((await firstDay()).shop).toBe(true);
  await shop.owner
    .put('/api/places')
    .send({
      version: 0,
      places: [
        {
          id: null,
          name: 'Workshop',
          address: '',
          weekdays: [1],
          opensAt: null,
          closesAt: null,
          inUse: true,
        },
      ],
      closed: [],
    })
    .expect(200);
  await onePrice(shop.owner, 1200);
  await takeIn(shop.owner);
  expect(await firstDay()).toMatchObject({
    places: true,
    prices: true,
    blade: true,
    people: false,
  });
  await shop.owner.post('/api/first-day/alone').send({}).expect(200);
  expect(Object.values(await firstDay())).toEqual([true, true, true, true, true, true]);
});

test('units, dates and instruments come with the session', async () => {
  const formats = {
    language: 'fr',
    clock: '12 h',
    length: 'in',
    force: 'lbf',
    temperature: '°F',
  };
  await shop.owner.put('/api/formats').send(formats).expect(200);
  await shop.owner
    .put('/api/instruments')
    .send({ owned: ['rule', 'gauge'] })
    .expect(200);
  const session = (await shop.owner.get('/api/session')).body as SessionInfo;
  expect(session.formats).toEqual(formats);
  expect(session.instruments).toEqual(['rule', 'gauge']);
  const refused = await shop.owner
    .put('/api/instruments')
    .send({ owned: ['gauge'] })
    .expect(422);
  expect(errorOf(refused).fields?.[0]?.message).toContain('Choose a caliper');
});

test('a forgotten password is set anew by the owner, never one’s own', async () => {
  const bench = await shop.person('forgets', 'bench');
  const people = (await shop.owner.get('/api/staff')).body as {
    id: number;
    login: string;
    sessions: number;
  }[];
  const them = people.find(({ login }) => login === 'forgets')!;
  expect(them.sessions).toBe(1);
  await shop.owner
    .put(`/api/staff/${them.id}/password`)
    .send({ password: 'a-new-first-password' })
    .expect(200);
  // Out with the old one, in with the new.
  await bench.get('/api/shop').expect(401);
  await bench
    .post('/api/session')
    .send({ login: 'forgets', password: 'a-new-first-password' })
    .expect(200);
  const own = people.find(({ login }) => login === 'nara')!;
  await shop.owner
    .put(`/api/staff/${own.id}/password`)
    .send({ password: 'a-new-first-password' })
    .expect(409);
});

test('the currency stays once a price was agreed in it, whoever changes it where', async () => {
  const job = await takeIn(shop.owner, { tagNumber: 44 });
  await shop.owner
    .put(`/api/jobs/${job.id}/estimate`)
    .send({
      version: job.version,
      lines: [{ label: 'Sharpening', lowMinor: 1000, highMinor: 1200 }],
      agreedBy: null,
    })
    .expect(200);
  const refused = await shop.owner
    .put('/api/shop-details')
    .send(shopDetails({ currency: 'CHF' }))
    .expect(422);
  expect(errorOf(refused).fields?.[0]?.field).toBe('currency');
});
