import { INSTRUMENTS, USUAL_FORMATS, type StaffRecord } from '@patient-edge/contract';
import type { Express } from 'express';
import request, { type Agent } from 'supertest';
import {
  emptyDatabase,
  errorOf,
  MIGRATIONS,
  openShop,
  PASSWORD,
  stone,
  type TestShop,
} from '../../test/test-shop';
import { migrate } from '../database/migrate';
import { execute, select } from '../database/pool';
import { waitAfter } from './throttle';
import { inProcessCompute } from '../compute/in-process';
import { reachFrom } from '../http/door';
import { loadDemo } from '../demo/load-demo';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('auth');
});
afterAll(() => shop.close());

test('who is signed in stands in no session: an id and an epoch do', async () => {
  const [row] = await select<{ data: string }>(shop.pool, 'SELECT data FROM session LIMIT 1');
  expect(Object.keys(JSON.parse(row!.data) as object).sort()).toEqual([
    'cookie',
    'epoch',
    'staffId',
  ]);
});

describe('the first owner', () => {
  test('is made once; the second try is told to sign in', async () => {
    const again = { shopName: 'Other', name: 'Other', login: 'other', password: PASSWORD };
    await request(shop.app).post('/api/set-up').send(again).expect(409);
    const session = await request(shop.app).get('/api/session').expect(200);
    expect(session.body).toEqual({
      staff: null,
      shopName: 'Test boat',
      currency: 'EUR',
      formats: USUAL_FORMATS,
      instruments: INSTRUMENTS,
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

  test('a wrong password makes that name wait from that address, longer each time, and nobody else', async () => {
    const own = await openShop('auth-limit');
    const signIn = (login: string, password: string) =>
      request(own.app).post('/api/session').send({ login, password });
    await own.person('mira', 'bench');
    // However it is written: the records know one of that name.
    for (const login of ['nara', 'NARA', 'Nara', 'nára'])
      await signIn(login, 'wrong-wrong').expect(401);
    const waits = await signIn('nara', PASSWORD).expect(429);
    expect(waits.headers['retry-after']).toBe('2');
    expect(errorOf(waits)).toMatchObject({ code: 'TOO_MANY_TRIES', retryAfterS: 2 });
    await signIn('mira', PASSWORD).expect(200);
    // The wait is over: the right password passes, and counts from nothing again.
    await execute(own.pool, 'UPDATE sign_in_failure SET last_at = last_at - INTERVAL 3 SECOND');
    await signIn('nara', PASSWORD).expect(200);
    await signIn('nara', 'wrong-wrong').expect(401);
    await own.close();
  });

  test.each([
    [3, 0],
    [4, 2],
    [5, 4],
    [7, 16],
    [9, 60],
    [1000, 60],
  ])('after %d wrong tries in a row the wait is %d s', (failures, seconds) => {
    expect(waitAfter(failures)).toBe(seconds);
  });

  test('a flood of tries is told to come back, and the shop goes on', async () => {
    const own = await openShop('auth-flood');
    const tries = Array.from({ length: 60 }, (_, index) =>
      request(own.app)
        .post('/api/session')
        .send({ login: `nobody-${index}`, password: 'wrong-wrong' }),
    );
    const statuses = (await Promise.all(tries)).map(({ status }) => status);
    expect(statuses.every((status) => status === 401 || status === 503)).toBe(true);
    expect(statuses).toContain(503);
    await own.owner.get('/api/shop').expect(200);
    await own.close();
  });
});

describe('one’s own account', () => {
  const signIn = async (login: string): Promise<Agent> => {
    const agent = request.agent(shop.app);
    await agent.post('/api/session').send({ login, password: PASSWORD }).expect(200);
    return agent;
  };

  test('a changed password ends every other session of that person', async () => {
    const here = await shop.person('changer', 'bench');
    const there = await signIn('changer');
    const to = 'another-long-one';
    const wrong = await here
      .put('/api/account/password')
      .send({ currentPassword: 'not-this-one', newPassword: to })
      .expect(422);
    expect(errorOf(wrong).fields![0]!.field).toBe('currentPassword');
    await here
      .put('/api/account/password')
      .send({ currentPassword: PASSWORD, newPassword: 'short' })
      .expect(422);
    await here
      .put('/api/account/password')
      .send({ currentPassword: PASSWORD, newPassword: to })
      .expect(200);
    await here.get('/api/shop').expect(200);
    await there.get('/api/shop').expect(401);
    await request(shop.app)
      .post('/api/session')
      .send({ login: 'changer', password: to })
      .expect(200);
  });

  test('signing out everywhere else keeps this device signed in', async () => {
    const here = await shop.person('twofold', 'counter');
    const there = await signIn('twofold');
    await here.post('/api/account/end-sessions').send({}).expect(200);
    await here.get('/api/shop').expect(200);
    await there.get('/api/shop').expect(401);
  });
});

test('two shops on one machine have cookies of different names, for browsers tell no ports apart', async () => {
  const other = await openShop('auth-second', { sessionSecret: 'of another shop' });
  const nameOf = async (app: Express): Promise<string> => {
    const answer = await request(app)
      .post('/api/session')
      .send({ login: 'nara', password: PASSWORD })
      .expect(200);
    return (answer.headers['set-cookie'] as unknown as string[])[0]!.split('=')[0]!;
  };
  expect(await nameOf(other.app)).not.toBe(await nameOf(shop.app));
  await other.close();
});

describe('people', () => {
  const idOf = async (login: string): Promise<number> =>
    ((await shop.owner.get('/api/staff').expect(200)).body as StaffRecord[]).find(
      (each) => each.login === login,
    )!.id;

  test('a role given anew counts with the next request, and a deactivated person is out at once', async () => {
    const agent = await shop.person('mover', 'counter');
    const id = await idOf('mover');
    await agent
      .post('/api/stones')
      .send(stone({ name: 'By mover' }))
      .expect(403);
    await shop.owner
      .put(`/api/staff/${id}`)
      .send({ name: 'Mover', role: 'bench', active: true })
      .expect(200);
    await agent
      .post('/api/stones')
      .send(stone({ name: 'By mover' }))
      .expect(201);
    await shop.owner
      .put(`/api/staff/${id}`)
      .send({ name: 'Nara Weir', role: 'bench', active: false })
      .expect(200);
    await agent.get('/api/shop').expect(401);
    await request(shop.app)
      .post('/api/session')
      .send({ login: 'mover', password: PASSWORD })
      .expect(401);
    // Coming back, they sign in anew: the old session stays ended.
    await shop.owner
      .put(`/api/staff/${id}`)
      .send({ name: 'Mover', role: 'bench', active: true })
      .expect(200);
    await agent.get('/api/shop').expect(401);
  });

  test('their sessions can be ended by the owner', async () => {
    const agent = await shop.person('lost-tablet', 'counter');
    const id = await idOf('lost-tablet');
    await shop.owner.post(`/api/staff/${id}/end-sessions`).send({}).expect(200);
    await agent.get('/api/shop').expect(401);
    await shop.owner.post('/api/staff/99999/end-sessions').send({}).expect(404);
  });

  test('the last owner stays owner', async () => {
    const id = await idOf('nara');
    for (const wanted of [
      { name: 'Mover', role: 'bench', active: true },
      { name: 'Nara Weir', role: 'owner', active: false },
    ]) {
      const refused = await shop.owner.put(`/api/staff/${id}`).send(wanted).expect(409);
      expect(errorOf(refused).message).toContain('needs an owner');
    }
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
  test.each([
    ['another name', 'evil.example', 421],
    ['a name that begins like ours', 'localhost.evil.example', 421],
    ['no name at all', 'a b', 421],
    ['a long name', `${'x'.repeat(4000)}.example`, 421],
    ['this machine by name', 'localhost:4870', 200],
    ['this machine by number', '[::1]:4870', 200],
  ])('under %s', async (_what, host, status) => {
    await request(shop.app).get('/api/session').set('Host', host).expect(status);
  });

  test('a name the shop was given is known, also through its proxy, which makes the cookie secure', async () => {
    const own = await openShop('auth-proxy', {
      reach: reachFrom('edge.example', 'loopback'),
    });
    const answer = await request(own.app)
      .post('/api/session')
      .set('Host', 'edge.example')
      .set('X-Forwarded-Proto', 'https')
      .set('Origin', 'https://edge.example')
      .send({ login: 'nara', password: PASSWORD })
      .expect(200);
    expect(answer.headers['set-cookie']![0]).toMatch(/^patient-edge-[0-9a-f]{8}=.*; Secure;/);
    await request(own.app)
      .get('/api/session')
      .set('Host', 'edge.example')
      .set('X-Forwarded-Host', 'evil.example')
      .expect(421);
    expect(() => reachFrom('not a name', undefined)).toThrow('not a name');
    await own.close();
  });

  test.each([
    ['a page of elsewhere', 'https://evil.example', 403],
    ['a sandboxed page', 'null', 403],
    ['our own page', 'http://127.0.0.1:4870', 401],
  ])('a write of %s whose browser says no more than its origin', async (_what, origin, status) => {
    await request(shop.app)
      .post('/api/session')
      .set('Host', '127.0.0.1:4870')
      .set('Origin', origin)
      .send({ login: 'nobody', password: 'wrong-wrong' })
      .expect(status);
  });

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
    expect(machine.body).toMatchObject({ status: 'ok', database: true, migrations: 37 });
    const person = await request(shop.app).get('/health').set('Accept', 'text/html').expect(200);
    expect(person.text).toContain('<h1>ok</h1>');
  });
});

describe('the demo', () => {
  test('loads once: blades at every stage, and nothing twice', async () => {
    const pool = await emptyDatabase('demo');
    await migrate(pool, MIGRATIONS);
    expect(await loadDemo(pool, inProcessCompute(), new Date('2026-11-25T09:00:00Z'), '')).toBe(
      true,
    );
    expect(await loadDemo(pool, inProcessCompute(), new Date('2026-11-26T09:00:00Z'), '')).toBe(
      false,
    );
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
