import { textOf } from '@patient-edge/core';
import type { BladeRecord, Board, Job, NextTag } from '@patient-edge/contract';
import request from 'supertest';
import {
  errorOf,
  intake,
  jobOf,
  openShop,
  planned,
  sentHome,
  takeIn,
  type TestShop,
} from '../../test/test-shop';
import { execute } from '../database/pool';

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
      error: { fields: [{ field: 'tagNumber', message: 'Tag 2 is on a blade of Hollis Reed' }] },
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

  test('the same blade is in the shop once, also for two counters at once', async () => {
    const home = await takeIn(shop.owner, { tagNumber: 60 });
    const known = {
      newCustomer: null,
      customerId: home.customer.id,
      bladeId: home.blade.id,
    };
    const again = intake({ ...known, tagNumber: 61 });
    const refused = errorOf(await shop.owner.post('/api/jobs').send(again).expect(422));
    expect(refused.fields).toEqual([
      { field: 'bladeId', message: 'This blade is in the shop already, on tag 60' },
    ]);
    await sentHome(shop.owner, home);
    const both = await Promise.all(
      [62, 63].map((tagNumber) =>
        shop.owner.post('/api/jobs').send(intake({ ...known, tagNumber })),
      ),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([201, 422]);
    // Also where no code looks: the database itself holds one.
    const [stays] = both.filter(({ status }) => status === 201).map(jobOf);
    await expect(
      execute(shop.pool, 'UPDATE job SET stage = ? WHERE id = ?', ['taken in', home.id]),
    ).rejects.toThrow('job_blade_in_shop');
    await sentHome(shop.owner, stays!);
  });

  test('offers the next tag that hangs on nothing, round the corner too', async () => {
    const nextTag = async (): Promise<NextTag> =>
      (await shop.owner.get('/api/next-tag').expect(200)).body as NextTag;
    const last = await takeIn(shop.owner, { tagNumber: 9999 });
    const { tagNumber, inUse } = await nextTag();
    expect(inUse).toEqual(expect.arrayContaining([1, 9999]));
    let free = 1;
    while (inUse.includes(free)) free += 1;
    expect(tagNumber).toBe(free);
    await sentHome(shop.owner, last);
    expect((await nextTag()).inUse).not.toContain(9999);
  });

  test('a blade that comes again is the same blade, and nobody else’s', async () => {
    const first = await takeIn(shop.owner, { tagNumber: 20 });
    await sentHome(shop.owner, first);
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
    expect(record.visits.map(({ measures }) => measures.heightHeelMm)).toEqual([45.4, 46]);
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
      'Nara Weir: approved a plan',
    );
    const now = (await shop.owner.get(`/api/jobs/${job.id}`)).body as Job;
    expect(now.stage).toBe('planned');
  });
});

describe('declining', () => {
  test('keeps the blade on the board with its reason, until it is handed over by its tag', async () => {
    const job = await takeIn(shop.owner, { tagNumber: 40 });
    const declined = jobOf(
      await shop.owner
        .post(`/api/jobs/${job.id}/decline`)
        .send({ version: 0, reason: 'burnt along the belly' })
        .expect(200),
    );
    expect(declined).toMatchObject({ stage: 'declined', declineReason: 'burnt along the belly' });
    const board = (await shop.owner.get('/api/shop').expect(200)).body as Board;
    expect(board.jobs.find(({ jobId }) => jobId === job.id)?.stage).toBe('declined');
    await shop.owner
      .post('/api/jobs')
      .send(intake({ tagNumber: 40 }))
      .expect(422);
    const home = {
      version: declined.version,
      tagNumber: 40,
      sheathed: true,
      remarks: '',
      holding: '',
    };
    await shop.owner
      .post(`/api/jobs/${job.id}/return`)
      .send({ ...home, tagNumber: 41 })
      .expect(422);
    const returned = jobOf(
      await shop.owner.post(`/api/jobs/${job.id}/return`).send(home).expect(200),
    );
    expect(returned).toMatchObject({
      stage: 'returned',
      declineReason: 'burnt along the belly',
    });
    expect(textOf(returned.events.at(-1)!.message)).toBe(
      'handed back without work by tag 40, edge covered',
    );
    await takeIn(shop.owner, { tagNumber: 40 });
  });
});

describe('the shop at a glance', () => {
  test('shows every blade that is here, by promised date, and none that is not', async () => {
    const soon = await takeIn(shop.owner, { tagNumber: 50, promisedOn: '2026-11-02' });
    const board = (await shop.owner.get('/api/shop').expect(200)).body as Board;
    expect(board.jobs[0]).toMatchObject({
      jobId: soon.id,
      customer: 'Hollis Reed',
      stage: 'taken in',
    });
    expect(board.jobs.some(({ stage }) => stage === 'returned')).toBe(false);
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
