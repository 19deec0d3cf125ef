import request from 'supertest';
import {
  emptyDatabase,
  MIGRATIONS,
  openShop,
  PASSWORD,
  stone,
  type TestShop,
} from '../../test/test-shop';
import { migrate } from '../database/migrate';
import { select } from '../database/pool';
import { loadDemo } from '../demo/load-demo';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('auth');
});
afterAll(() => shop.close());

describe('the first owner', () => {
  test('is made once; the second try is told to sign in', async () => {
    const again = { shopName: 'Other', name: 'Other', login: 'other', password: PASSWORD };
    await request(shop.app).post('/api/set-up').send(again).expect(409);
    const session = await request(shop.app).get('/api/session').expect(200);
    expect(session.body).toEqual({
      staff: null,
      shopName: 'Test boat',
      currency: 'EUR',
      needsSetUp: false,
    });
  });

  test('needs a password of ten characters and a plain sign-in name', async () => {
    const answer = await request(shop.app)
      .post('/api/set-up')
      .send({ shopName: 'S', name: 'N', login: 'Not Plain', password: 'short' })
      .expect(422);
    expect(
      (answer.body as { error: { fields: { field: string }[] } }).error.fields.map(
        ({ field }) => field,
      ),
    ).toEqual(['login', 'password']);
  });
});

describe('signing in', () => {
  test('keeps the password as a hash and the session in the database', async () => {
    const [row] = await select<{ password_hash: string }>(
      shop.pool,
      'SELECT password_hash FROM staff LIMIT 1',
    );
    expect(row!.password_hash).toMatch(/^\$argon2id\$/);
    const sessions = await select<{ n: number }>(shop.pool, 'SELECT COUNT(*) AS n FROM session');
    expect(sessions[0]!.n).toBeGreaterThan(0);
  });

  test('gives a cookie that scripts and other sites cannot use', async () => {
    const answer = await request(shop.app)
      .post('/api/session')
      .send({ login: 'nara', password: PASSWORD })
      .expect(200);
    const [cookie] = answer.headers['set-cookie'] as unknown as string[];
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
  });

  test('a wrong name and a wrong password get the same answer', async () => {
    const wrongName = await request(shop.app)
      .post('/api/session')
      .send({ login: 'nobody', password: PASSWORD })
      .expect(401);
    const wrongPassword = await request(shop.app)
      .post('/api/session')
      .send({ login: 'nara', password: 'wrong-wrong' })
      .expect(401);
    expect(wrongName.body).toEqual(wrongPassword.body);
  });

  test('out again ends the session', async () => {
    const person = await shop.person('leaver', 'counter');
    await person.get('/api/shop').expect(200);
    await person.delete('/api/session').expect(200);
    await person.get('/api/shop').expect(401);
  });

  test('is slowed down after many wrong tries', async () => {
    const own = await openShop('auth-limit');
    const tries = Array.from({ length: 21 }, () =>
      request(own.app).post('/api/session').send({ login: 'nara', password: 'wrong-wrong' }),
    );
    const answers = await Promise.all(tries);
    expect(answers.map(({ status }) => status)).toContain(429);
    await own.close();
  });
});

describe('roles', () => {
  test('only the owner adds people, and no name twice', async () => {
    const counter = await shop.person('front', 'counter');
    await counter.get('/api/staff').expect(403);
    const twice = { name: 'Again', login: 'front', role: 'bench', password: PASSWORD };
    const answer = await shop.owner.post('/api/staff').send(twice).expect(422);
    expect(answer.body).toMatchObject({
      error: { fields: [{ field: 'login', message: 'Sign-in name "front" is taken' }] },
    });
  });

  test('the counter looks at the rack but does not change it', async () => {
    const counter = await shop.person('looker', 'counter');
    await counter.get('/api/stones').expect(200);
    await counter.post('/api/stones').send(stone()).expect(403);
  });

  test('a stone changed by two people is changed by one', async () => {
    const made = (
      await shop.owner
        .post('/api/stones')
        .send(stone({ name: 'Grey' }))
        .expect(201)
    ).body as { id: number; version: number };
    const change = (um: number) =>
      shop.owner
        .put(`/api/stones/${made.id}`)
        .send({ ...stone({ name: 'Grey', um }), version: made.version });
    await change(20).expect(200);
    await change(30).expect(409);
  });
});

describe('what comes from elsewhere', () => {
  test('a write from another site is refused', async () => {
    await shop.owner
      .post('/api/stones')
      .set('Sec-Fetch-Site', 'cross-site')
      .send(stone())
      .expect(403);
  });

  test('a form post and broken JSON are refused without a fuss', async () => {
    await shop.owner.post('/api/stones').type('form').send('name=x').expect(415);
    await shop.owner
      .post('/api/stones')
      .set('Content-Type', 'application/json')
      .send('{"name":')
      .expect(400);
  });

  test('the page may run nothing foreign', async () => {
    const answer = await request(shop.app).get('/health').expect(200);
    const policy = answer.headers['content-security-policy'] as string;
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(answer.headers['x-powered-by']).toBeUndefined();
  });
});

describe('health', () => {
  test('answers a machine in JSON and a person in words', async () => {
    const machine = await request(shop.app)
      .get('/health')
      .set('Accept', 'application/json')
      .expect(200);
    expect(machine.body).toMatchObject({ status: 'ok', database: true, migrations: 10 });
    const person = await request(shop.app).get('/health').set('Accept', 'text/html').expect(200);
    expect(person.text).toContain('<h1>ok</h1>');
  });
});

describe('the demo', () => {
  test('loads once: blades at every stage, and nothing twice', async () => {
    const pool = await emptyDatabase('demo');
    await migrate(pool, MIGRATIONS);
    expect(await loadDemo(pool, new Date('2026-11-25T09:00:00Z'))).toBe(true);
    expect(await loadDemo(pool, new Date('2026-11-26T09:00:00Z'))).toBe(false);
    const count = async (sql: string): Promise<number> =>
      (await select<{ n: number }>(pool, sql))[0]!.n;
    expect(await count('SELECT COUNT(*) AS n FROM customer')).toBeGreaterThanOrEqual(12);
    expect(await count('SELECT COUNT(*) AS n FROM blade')).toBeGreaterThanOrEqual(40);
    expect(await count('SELECT COUNT(*) AS n FROM stone')).toBeGreaterThanOrEqual(10);
    expect(await count('SELECT COUNT(DISTINCT stage) AS n FROM job')).toBe(7);
    expect(
      await count(
        "SELECT COUNT(*) AS n FROM job WHERE promised_on < '2026-11-25' AND stage NOT IN ('returned', 'declined')",
      ),
    ).toBeGreaterThan(0);
    await pool.end();
  });
});
