/** Every route of the API: who may use it, and that nothing sent to it is a failure of ours. */
import { DEFAULT_CHOICES, USUAL_TEMPLATES } from '@patient-edge/core';
import fc from 'fast-check';
import request, { type Agent } from 'supertest';
import {
  begun,
  intake,
  jobOf,
  openShop,
  PASSWORD,
  planned,
  readings,
  stone,
  takeIn,
  workBody,
  type TestShop,
} from '../../test/test-shop';

interface Layer {
  readonly route?: {
    readonly path: string | readonly string[];
    readonly methods: Record<string, boolean>;
  };
  readonly handle?: { readonly stack?: readonly Layer[] };
}

/** Method and path of every route the application answers, as they are declared. */
const routesOf = (stack: readonly Layer[]): string[] =>
  stack.flatMap(({ route, handle }) => {
    if (route) {
      return Object.keys(route.methods).map(
        (method) => `${method.toUpperCase()} ${String(route.path)}`,
      );
    }
    return handle?.stack ? routesOf(handle.stack) : [];
  });

type Who = 'all' | 'signed in' | 'bench' | 'owner' | 'owner and counter';

/** Who may use each route. A route that is added stands here first. */
const ROUTES: Readonly<Record<string, Who>> = {
  'GET /health': 'all',
  'POST /calc/:operation': 'all',
  'GET /print/wedge.pdf': 'all',
  'GET /print/lift-gauge.pdf': 'all',
  'GET /session': 'all',
  'POST /session': 'all',
  'DELETE /session': 'all',
  'POST /set-up': 'all',
  'PUT /account/password': 'signed in',
  'POST /account/end-sessions': 'signed in',
  'GET /staff': 'owner',
  'POST /staff': 'owner',
  'PUT /staff/:id': 'owner',
  'POST /staff/:id/end-sessions': 'owner',
  'GET /shop': 'signed in',
  'GET /customers': 'signed in',
  'GET /customers/:id': 'signed in',
  'POST /customers': 'signed in',
  'PUT /customers/:id': 'signed in',
  'POST /customers/:id/merge': 'owner and counter',
  'POST /customers/:id/erase': 'owner',
  'GET /search': 'signed in',
  'GET /blades/:id/years.pdf': 'signed in',
  'GET /blades/:id': 'signed in',
  'GET /stones': 'signed in',
  'GET /stones.csv': 'signed in',
  'POST /stones': 'bench',
  'POST /stones/import': 'bench',
  'PUT /stones/:id': 'bench',
  'DELETE /stones/:id': 'bench',
  'GET /stones/:id/flattenings': 'signed in',
  'POST /stones/:id/flattenings': 'bench',
  'DELETE /stones/:id/flattenings/:flatteningId': 'bench',
  'POST /stones/:id/soak': 'bench',
  'DELETE /stones/:id/soak': 'bench',
  'POST /stones/:id/soak/undo': 'bench',
  'GET /steels': 'signed in',
  'POST /steels': 'bench',
  'PUT /steels/:id': 'bench',
  'DELETE /steels/:id': 'bench',
  'GET /machines': 'signed in',
  'POST /machines': 'bench',
  'PUT /machines/:id': 'bench',
  'POST /machines/:id/cuts': 'bench',
  'DELETE /machines/:id/cuts/:cutId': 'bench',
  'GET /jobs/:id/touch-ups': 'signed in',
  'POST /jobs/:id/touch-ups': 'bench',
  'GET /devices': 'signed in',
  'GET /devices/scale': 'signed in',
  'GET /devices/force': 'signed in',
  'GET /devices/microscope': 'signed in',
  'POST /jobs/:id/photographs/microscope': 'signed in',
  'GET /next-tag': 'signed in',
  'POST /jobs': 'signed in',
  'POST /drop-offs': 'signed in',
  'GET /jobs/:id': 'signed in',
  'PUT /jobs/:id/intake': 'signed in',
  'POST /jobs/:id/decline': 'signed in',
  'POST /jobs/:id/decline/undo': 'signed in',
  'POST /jobs/:id/consents': 'signed in',
  'PUT /jobs/:id/protection': 'signed in',
  'PUT /jobs/:id/estimate': 'signed in',
  'GET /prices': 'signed in',
  'PUT /prices': 'owner',
  'POST /jobs/:id/photographs': 'signed in',
  'GET /photographs/:id/full.jpg': 'signed in',
  'GET /photographs/:id/small.jpg': 'signed in',
  'PUT /photographs/:id': 'signed in',
  'DELETE /photographs/:id': 'signed in',
  'GET /jobs/:id/tag.pdf': 'signed in',
  'GET /jobs/:id/ticket.pdf': 'signed in',
  'POST /jobs/:id/labels': 'signed in',
  'GET /labels': 'signed in',
  'GET /labels/:name': 'signed in',
  'PUT /jobs/:id/plan': 'bench',
  'GET /jobs/:id/plan/versions': 'signed in',
  'GET /habits': 'signed in',
  'PUT /habits': 'bench',
  'GET /templates': 'signed in',
  'GET /tests-in-use': 'signed in',
  'GET /own-faults': 'signed in',
  'PUT /own-faults': 'bench',
  'GET /confirmed-causes': 'signed in',
  'PUT /tests-in-use': 'bench',
  'POST /jobs/:id/templates': 'bench',
  'DELETE /templates/:id': 'bench',
  'GET /jobs/:id/plan/card.pdf': 'signed in',
  'GET /jobs/:id/plan/wedge.pdf': 'signed in',
  'GET /jobs/:id/plan/wedge.svg': 'signed in',
  'GET /jobs/:id/plan/lift-gauge.pdf': 'signed in',
  'GET /jobs/:id/plan/lift-gauge.svg': 'signed in',
  'GET /jobs/:id/plan/outline.pdf': 'signed in',
  'GET /jobs/:id/plan/outline.svg': 'signed in',
  'GET /jobs/:id/plan/outline.dxf': 'signed in',
  'GET /jobs/:id/plan/plan.json': 'signed in',
  'POST /jobs/:id/bench': 'bench',
  'PUT /jobs/:id/steps/:stepId/work': 'bench',
  'POST /jobs/:id/steps/:stepId/finish': 'bench',
  'POST /jobs/:id/steps/:stepId/undo': 'bench',
  'POST /jobs/:id/steps/:stepId/back-to': 'bench',
  'POST /jobs/:id/replan': 'bench',
  'POST /jobs/:id/take-over': 'bench',
  'GET /jobs/:id/steps/:stepId/gauge-strokes': 'signed in',
  'POST /jobs/:id/steps/:stepId/gauge-strokes': 'bench',
  'GET /devices/stream': 'signed in',
  'PUT /jobs/:id/readings': 'signed in',
  'POST /jobs/:id/verdict': 'bench',
  'POST /jobs/:id/verdict/undo': 'bench',
  'POST /jobs/:id/return': 'signed in',
  'POST /jobs/:id/return/undo': 'signed in',
  'GET /ready': 'signed in',
  'GET /to-write': 'signed in',
  'POST /hand-overs': 'signed in',
  'PUT /jobs/:id/bill': 'signed in',
  'POST /payments': 'signed in',
  'POST /payments/:id/undo': 'signed in',
  'GET /jobs/:id/payments': 'signed in',
  'GET /payments/:id/receipt.pdf': 'signed in',
  'GET /takings': 'owner and counter',
  'GET /takings.csv': 'owner and counter',
  'GET /customers/:id/statement': 'owner and counter',
  'GET /customers/:id/statement.csv': 'owner and counter',
  'GET /customers/:id/statement.pdf': 'owner and counter',
  'GET /jobs/:id/sheet': 'signed in',
  'GET /jobs/:id/sheet.pdf': 'signed in',
  'GET /messages': 'signed in',
  'POST /messages': 'signed in',
  'POST /messages/:id/again': 'signed in',
  'GET /mail-box': 'signed in',
  'GET /visits/:token': 'all',
  'POST /visits/:token/answers': 'all',
  'GET /jobs/:id/page': 'signed in',
  'POST /jobs/:id/page/revoke': 'signed in',
  'GET /complaints': 'signed in',
  'PUT /jobs/:id/complaint': 'signed in',
  'GET /shop-details': 'signed in',
  'PUT /shop-details': 'owner',
  'GET /people': 'signed in',
  'PUT /staff/:id/password': 'owner',
  'GET /places': 'signed in',
  'PUT /places': 'owner',
  'PUT /formats': 'owner',
  'PUT /instruments': 'bench',
  'GET /first-day': 'signed in',
  'POST /first-day/alone': 'owner',
  'POST /promises': 'signed in',
  'GET /rates': 'signed in',
  'GET /rates/blade': 'signed in',
  'PUT /rates/people/:id': 'owner',
  'GET /forecasts': 'signed in',
  'GET /lives': 'signed in',
  'GET /figures': 'owner and counter',
  'GET /day': 'signed in',
  'GET /day.csv': 'signed in',
  'PUT /day/presence': 'signed in',
  'PUT /day/marks/:id': 'bench',
  'GET /day/when': 'signed in',
  'GET /day/load': 'signed in',
  'GET /day/review': 'signed in',
  'GET /day/calendars': 'signed in',
  'GET /calendars/:token.ics': 'all',
  'GET /trials': 'signed in',
  'POST /trials': 'bench',
  'POST /trials/:id/blades': 'bench',
  'POST /trials/:id/stop': 'bench',
  'GET /stone-figures': 'signed in',
  'GET /figures/regulars': 'owner and counter',
  'GET /figures.csv': 'owner and counter',
  'GET /history': 'signed in',
  'GET /history.csv': 'owner and counter',
  'GET /customers.csv': 'owner and counter',
  'GET /jobs.csv': 'owner and counter',
};

let shop: TestShop;
let people: Readonly<Record<'nobody' | 'counter' | 'bench' | 'owner', Agent>>;
let jobId: number;
let stepId: number;
beforeAll(async () => {
  shop = await openShop('every-route');
  people = {
    nobody: request.agent(shop.app),
    counter: await shop.person('front', 'counter'),
    bench: await shop.person('bencher', 'bench'),
    owner: shop.owner,
  };
  const job = await begun(shop.owner, await planned(shop.owner, await takeIn(shop.owner)));
  jobId = job.id;
  stepId = job.steps[0]!.id;
});
afterAll(() => shop.close());

const addressOf = (route: string): { method: string; path: string } => {
  const [method, path] = route.split(' ') as [string, string];
  const filled = path
    .replace(':operation', 'lift')
    .replace(':name', 'tag-1-job-1.pdf')
    .replace(':stepId', '999999')
    .replace(/:\w+/g, '999999');
  return { method, path: path === '/health' ? path : `/api${filled}` };
};

const send = (agent: Agent, route: string, body: unknown = {}) => {
  const { method, path } = addressOf(route);
  const asked =
    method === 'GET'
      ? agent.get(path)
      : method === 'POST'
        ? agent.post(path)
        : method === 'PUT'
          ? agent.put(path)
          : agent.delete(path);
  return method === 'GET' ? asked : asked.send(body as object);
};

const MAY: Readonly<Record<Who, readonly (keyof typeof people)[]>> = {
  all: ['nobody', 'counter', 'bench', 'owner'],
  'signed in': ['counter', 'bench', 'owner'],
  bench: ['bench', 'owner'],
  owner: ['owner'],
  'owner and counter': ['counter', 'owner'],
};

test('every route of the application stands in the table, and no other', () => {
  const { stack } = (shop.app as unknown as { router: { stack: readonly Layer[] } }).router;
  expect([...new Set(routesOf(stack))].sort()).toEqual(Object.keys(ROUTES).sort());
});

// Signing out would end the session the other tests go on with.
const PROBED = Object.keys(ROUTES).filter(
  (route) => route !== 'DELETE /session' && route !== 'POST /account/end-sessions',
);

test.each(PROBED)('%s lets in who may, and nobody else', async (route) => {
  for (const who of ['nobody', 'counter', 'bench', 'owner'] as const) {
    const { status } = await send(people[who], route);
    const refused = status === 401 || status === 403;
    const signIn = route === 'POST /session';
    // Whoever may is refused for what was sent, or for what is not there: never for who they are.
    expect({ who, refused: refused && !signIn }).toEqual({
      who,
      refused: !MAY[ROUTES[route]!].includes(who),
    });
    expect(status).toBeLessThan(500);
  }
});

/** What somebody who wants to break it puts into a field. */
const nasty = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    '',
    ' ',
    0,
    -1,
    1e308,
    0.1 + 0.2,
    2 ** 53,
    true,
    [],
    {},
    [[[[[]]]]],
    { toString: 1 },
    { valueOf: 2, length: -1 },
    'e\u0301',
    'é',
    '\ud800',
    'a\u0000b',
    "'; DROP TABLE job; --",
    '<img src=x onerror=alert(1)>',
    '=HYPERLINK("x")',
    'x'.repeat(5000),
    '2026-02-30',
    '9999-12-31',
    '../../etc/passwd',
  ),
  fc.integer(),
  fc.double(),
  fc.string({ maxLength: 40 }),
  fc.array(fc.integer(), { maxLength: 5 }),
);

const LONGEST_MS = 2000;
const BODIES = 2000;

test('two thousand bodies of every kind: no failure of ours, and none that holds the shop up', async () => {
  const job = jobOf(await shop.owner.get(`/api/jobs/${jobId}`));
  /** A body each route would take, to be spoilt in one place or several. */
  const good: Readonly<Record<string, object>> = {
    'POST /session': { login: 'nobody', password: PASSWORD },
    'POST /set-up': { shopName: 'x', name: 'x', login: 'xx', password: PASSWORD },
    'POST /staff': { name: 'x', login: 'xx', role: 'bench', password: 'short' },
    'PUT /staff/:id': { name: 'x', role: 'bench', active: true },
    'PUT /account/password': { currentPassword: '', newPassword: PASSWORD },
    'POST /stones': stone(),
    'POST /stones/import': { stones: [stone()] },
    'POST /jobs': intake({ tagNumber: 77 }),
    'POST /drop-offs': { customerId: 1, newCustomer: null, blades: [intake({ tagNumber: 78 })] },
    'PUT /jobs/:id/intake': { ...intake(), version: job.version },
    'PUT /jobs/:id/plan': { version: job.version, choices: DEFAULT_CHOICES, reason: 'x' },
    'PUT /habits': { version: 0, choices: DEFAULT_CHOICES },
    'PUT /jobs/:id/steps/:stepId/work': workBody(),
    'POST /jobs/:id/steps/:stepId/gauge-strokes': {
      from: 0,
      strokes: [{ side: 'right', meanDeg: 15, sdDeg: 0, from: 0, to: 1, seconds: 1 }],
    },
    'POST /jobs/:id/replan': { version: 0, measured: { behindEdgeMm: 0.3, angleDeg: null } },
    'PUT /jobs/:id/readings': { version: job.version, phase: 'before', readings: readings([200]) },
    'POST /jobs/:id/consents': {
      version: job.version,
      matter: 'tip',
      text: 'x',
      answer: 'yes',
      name: 'x',
    },
    'PUT /jobs/:id/estimate': {
      version: job.version,
      lines: [{ label: 'x', lowMinor: 1, highMinor: 2 }],
      agreedBy: null,
    },
    'PUT /jobs/:id/bill': {
      version: job.version,
      priceMinor: 100,
      discountMinor: 10,
      discountReason: 'a friend',
    },
    'PUT /day/presence': {
      day: '2026-11-30',
      staffId: 1,
      present: true,
      fromTime: '09:00',
      untilTime: '17:00',
    },
    'PUT /day/marks/:id': { mark: 'first' },
    'POST /trials': { question: 'burr', firstSchool: 'none', secondSchool: 'a trace', note: '' },
    'POST /trials/:id/blades': { way: 'alternate', bladeIds: [1] },
    'POST /trials/:id/stop': { reason: 'enough is known' },
    'POST /payments': { method: 'cash', lines: [{ jobId, amountMinor: 1 }] },
    'POST /hand-overs': {
      lines: [{ jobId, version: job.version, tagNumber: 1 }],
      sheathed: true,
      collectedBy: '',
      payment: null,
    },
    'POST /messages': { kind: 'late', jobIds: [jobId] },
    'PUT /jobs/:id/complaint': { words: 'x', signs: {}, onTheHouse: null, reason: '' },
    'POST /visits/:token/answers': { answer: 'wish', words: 'x' },
    'PUT /rates/people/:id': { teaches: true },
    'PUT /places': {
      version: 0,
      places: [
        {
          id: null,
          name: 'Quay',
          address: '',
          weekdays: [1, 3],
          opensAt: '08:00',
          closesAt: '17:00',
          inUse: true,
        },
      ],
      closed: [{ fromDay: '2026-12-24', toDay: '2026-12-31', reason: 'x' }],
    },
    'PUT /formats': {
      language: 'de',
      clock: '12 h',
      length: 'in',
      force: 'gf',
      temperature: '°F',
    },
    'PUT /instruments': { owned: ['caliper'] },
    'POST /promises': {
      promisedOn: '2026-12-01',
      placeId: null,
      blades: [{ jobId, version: job.version }],
    },
    'PUT /shop-details': {
      shopName: 'x',
      currency: 'EUR',
      address: 'x',
      phone: '1',
      email: 'x@shop.example',
      taxLines: '',
      publicAddress: 'http://localhost:1',
      houseDays: 14,
      templates: USUAL_TEMPLATES,
    },
    'POST /calc/:operation': { heightMm: 48, spineOffsetMm: 1, angleDeg: 15 },
  };
  const writes = Object.keys(ROUTES).filter(
    (route) => !route.startsWith('GET') && !/session|erase|merge|password/.test(route),
  );
  const spoil = (body: object, keys: readonly number[], values: readonly unknown[]): object => {
    const copy = structuredClone(body) as Record<string, unknown>;
    const names = Object.keys(copy);
    keys.forEach((key, index) => {
      const name = names.length > 0 ? names[key % names.length]! : 'x';
      const inside = copy[name];
      // Half of the time one level deeper.
      if (key % 2 === 0 && typeof inside === 'object' && inside !== null) {
        const deeper = Object.keys(inside);
        const at = deeper[key % Math.max(1, deeper.length)] ?? '0';
        copy[name] = { ...inside, [at]: values[index] };
      } else copy[name] = values[index];
    });
    return copy;
  };
  const slow: string[] = [];
  const answers = new Set<number>();
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...writes),
      fc.array(fc.nat(40), { minLength: 1, maxLength: 3 }),
      fc.array(nasty, { minLength: 3, maxLength: 3 }),
      fc.oneof(nasty, fc.constant(undefined), fc.constant(undefined), fc.constant(undefined)),
      async (route, keys, values, whole) => {
        const body = whole ?? spoil(good[route] ?? { version: 0 }, keys, values);
        const [method, path] = route.split(' ') as ['POST' | 'PUT' | 'DELETE', string];
        const filled = `/api${path
          .replace(':operation', 'lift')
          .replace('/jobs/:id', `/jobs/${jobId}`)
          .replace(':stepId', String(stepId))
          .replace(/:\w+/g, String(1 + (keys[0]! % 3)))}`;
        const began = Date.now();
        const { status } = await shop.owner[method.toLowerCase() as 'post' | 'put' | 'delete'](
          filled,
        )
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(body) ?? '');
        const took = Date.now() - began;
        if (took > LONGEST_MS) slow.push(`${route}: ${took} ms`);
        answers.add(status);
        if (status >= 500)
          throw new Error(`${route} answered ${status} to ${JSON.stringify(body)}`);
      },
    ),
    { numRuns: BODIES, seed: 20261126, endOnFailure: true },
  );
  // One that another program on this machine held up is not this shop’s; three are.
  expect(slow.length).toBeLessThan(3);
  // The bodies reached what they were sent to: some were taken, and nobody was signed out by one.
  expect([...answers]).toEqual(expect.arrayContaining([200, 404, 409, 422]));
  expect(answers.has(401)).toBe(false);
}, 400_000);

test('damage ids that differ by an accent alone are two places of damage', async () => {
  const at = (id: string, fromMm: number) => ({
    id,
    kind: 'chip',
    side: 'both',
    fromMm,
    lengthMm: 1,
    depthMm: 0.2,
  });
  const job = await takeIn(shop.owner, { tagNumber: 90, damage: [at('e', 10), at('é', 20)] });
  expect(job.damage.map(({ id }) => id)).toEqual(['e', 'é']);
});
