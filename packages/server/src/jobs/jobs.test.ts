import type { BladeRecord, Board, Job } from '@patient-edge/contract';
import request from 'supertest';
import { intake, jobOf, openShop, planned, takeIn, type TestShop } from '../../test/test-shop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('jobs');
});
afterAll(() => shop.close());

describe('taking a blade in', () => {
  test('keeps what was measured, the inclusive angle as half of it per side', async () => {
    const damage = [
      { id: 'a', kind: 'chip', side: 'right', fromMm: 60.5, lengthMm: 2, depthMm: 0.35 },
    ];
    const job = await takeIn(shop.owner, { tagNumber: 1, damage });
    expect(job).toMatchObject({
      stage: 'taken in',
      tagNumber: 1,
      promisedOn: '2026-12-01',
      version: 0,
      damage,
    });
    expect(job.measures).toMatchObject({
      edgeLengthMm: 210,
      presentAnglePerSideDeg: 17,
      bevelFaceMm: null,
    });
    expect(job.customer).toMatchObject({ name: 'Hollis Reed', trade: 'Thatcher' });
    expect(job.events.map(({ kind }) => kind)).toEqual(['taken in']);
  });

  test('refuses every wrong field by name, limit and value, and an unknown one too', async () => {
    const answer = await shop.owner
      .post('/api/jobs')
      .send(
        intake({ heightHeelMm: -4, edgeLengthMm: '210', promisedOn: '2026-02-30', colour: 'red' }),
      )
      .expect(422);
    const fields = (answer.body as { error: { fields: { field: string; message: string }[] } })
      .error.fields;
    expect(fields).toEqual(
      expect.arrayContaining([
        {
          field: 'heightHeelMm',
          message: 'Height at the heel, mm must be at least 3; -4 was given',
        },
        { field: 'edgeLengthMm', message: 'Edge length, mm must be a number' },
        {
          field: 'promisedOn',
          message: 'Promised date must be a date of the calendar; "2026-02-30" was given',
        },
        { field: 'colour', message: 'colour is not a field here' },
      ]),
    );
  });

  test.each([
    ['no owner at all', { newCustomer: null }, 'customerId'],
    ['an owner who is not known', { newCustomer: null, customerId: 9999 }, 'customerId'],
    [
      'damage beyond the tip',
      { damage: [{ id: 'a', kind: 'chip', side: 'both', fromMm: 209, lengthMm: 3, depthMm: 1 }] },
      'damage.0.fromMm',
    ],
    ['an angle nobody said how to read', { presentAngle: { valueDeg: 17 } }, 'presentAngle.as'],
  ])('refuses %s beside its field', async (_name, part, field) => {
    const answer = await shop.owner
      .post('/api/jobs')
      .send(intake({ tagNumber: 90, ...part }))
      .expect(422);
    expect(
      (answer.body as { error: { fields: { field: string }[] } }).error.fields.map(
        (each) => each.field,
      ),
    ).toContain(field);
  });

  test('does not hang two blades on one tag, and says whose it is', async () => {
    await takeIn(shop.owner, { tagNumber: 2 });
    const answer = await shop.owner
      .post('/api/jobs')
      .send(intake({ tagNumber: 2 }))
      .expect(422);
    expect(answer.body).toMatchObject({
      error: { fields: [{ field: 'tagNumber', message: 'Tag 2 hangs on a blade of Hollis Reed' }] },
    });
  });

  test('two counters giving out one tag at the same moment: one of them gets it', async () => {
    const answers = await Promise.all(
      [1, 2, 3].map(() => shop.owner.post('/api/jobs').send(intake({ tagNumber: 3 }))),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 422, 422]);
  });

  test('repeated with the same key makes one blade, not two', async () => {
    const send = () =>
      shop.owner
        .post('/api/jobs')
        .set('Idempotency-Key', 'once-and-only-once')
        .send(intake({ tagNumber: 4 }))
        .expect(201);
    const [first, second] = [jobOf(await send()), jobOf(await send())];
    expect(second.id).toBe(first.id);
  });

  test('offers the next tag', async () => {
    const answer = await shop.owner.get('/api/next-tag').expect(200);
    expect((answer.body as { tagNumber: number }).tagNumber).toBe(5);
  });

  test('a blade that comes again is the same blade, and nobody else’s', async () => {
    const first = await takeIn(shop.owner, { tagNumber: 20 });
    const again = await takeIn(shop.owner, {
      tagNumber: 21,
      newCustomer: null,
      customerId: first.customer.id,
      bladeId: first.blade.id,
      heightHeelMm: 45.4,
    });
    expect(again.blade.id).toBe(first.blade.id);
    const record = (await shop.owner.get(`/api/blades/${first.blade.id}`).expect(200))
      .body as BladeRecord;
    expect(record.visits.map(({ heightHeelMm }) => heightHeelMm)).toEqual([45.4, 46]);
    await shop.owner
      .post('/api/jobs')
      .send(intake({ tagNumber: 22, bladeId: first.blade.id }))
      .expect(422);
  });
});

describe('correcting an intake', () => {
  test('takes the plan back, because it was made for other measures', async () => {
    const { customerId, newCustomer, bladeId, tagNumber, ...fields } = intake({ heightHeelMm: 44 });
    expect([customerId, newCustomer, bladeId, tagNumber]).toHaveLength(4);
    const job = await planned(shop.owner, await takeIn(shop.owner, { tagNumber: 30 }));
    const corrected = jobOf(
      await shop.owner
        .put(`/api/jobs/${job.id}/intake`)
        .send({ ...fields, version: job.version })
        .expect(200),
    );
    expect(corrected).toMatchObject({ stage: 'taken in', plan: null, steps: [] });
    expect(corrected.measures.heightHeelMm).toBe(44);
  });

  test('on an older version says who changed it, and applies nothing', async () => {
    const job = await takeIn(shop.owner, { tagNumber: 31 });
    await planned(shop.owner, job);
    const late = await shop.owner
      .post(`/api/jobs/${job.id}/decline`)
      .send({ version: job.version, reason: 'cracked at the heel' })
      .expect(409);
    expect(late.body).toMatchObject({ error: { code: 'CONFLICT', currentVersion: 1 } });
    expect((late.body as { error: { message: string } }).error.message).toContain(
      'Nara Weir: planned',
    );
    const now = (await shop.owner.get(`/api/jobs/${job.id}`)).body as Job;
    expect(now.stage).toBe('planned');
  });
});

describe('declining', () => {
  test('keeps the reason on record and frees the tag', async () => {
    const job = await takeIn(shop.owner, { tagNumber: 40 });
    const declined = jobOf(
      await shop.owner
        .post(`/api/jobs/${job.id}/decline`)
        .send({ version: 0, reason: 'burnt along the belly' })
        .expect(200),
    );
    expect(declined).toMatchObject({ stage: 'declined', declineReason: 'burnt along the belly' });
    await takeIn(shop.owner, { tagNumber: 40 });
  });
});

describe('the shop at a glance', () => {
  test('shows every blade that is here, by promised date, and none that is not', async () => {
    const soon = await takeIn(shop.owner, { tagNumber: 50, promisedOn: '2026-11-02' });
    const board = (await shop.owner.get('/api/shop').expect(200)).body as Board;
    expect(board.jobs[0]).toMatchObject({
      jobId: soon.id,
      owner: 'Hollis Reed',
      stage: 'taken in',
    });
    expect(board.jobs.some(({ stage }) => stage === 'declined')).toBe(false);
    const dates = board.jobs.map(({ promisedOn }) => promisedOn);
    expect([...dates].sort()).toEqual(dates);
  });

  test.each([
    '/api/jobs/99999',
    '/api/jobs/none',
    '/api/jobs/-1',
    '/api/blades/0',
    '/api/customers/x',
    '/api/nowhere',
  ])('%s is not here, and says so as JSON', async (path) => {
    const answer = await shop.owner.get(path).expect(404);
    expect(answer.body).toMatchObject({ error: { code: 'NOT_FOUND' } });
  });

  test('nobody sees it without signing in', async () => {
    await request(shop.app).get('/api/shop').expect(401);
  });
});
