import type { DropOffAnswer, Job } from '@patient-edge/contract';
import { bladeKind, usualMeasuresOf } from '@patient-edge/core';
import type { Agent } from 'supertest';
import {
  begun,
  errorOf,
  intake,
  jobOf,
  openShop,
  planned,
  takeIn,
  tested,
  workThrough,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let counter: Agent;
beforeAll(async () => {
  shop = await openShop(__filename);
  counter = await shop.person('cal', 'counter');
});
afterAll(() => shop.close());

const person = (name: string) => ({ name, trade: '', phones: [], note: '', edgesLiked: '' });
const quick = (tagNumber: number, part: Record<string, unknown> = {}) => ({
  bladeId: null,
  tagNumber,
  kindId: 'chef',
  bladeName: '',
  steel: 'unknown stamped stainless',
  useId: 'general-soft',
  cuts: '',
  askedFor: '',
  promisedOn: '2026-12-01',
  sharpness: 'dull',
  edgeLengthMm: null,
  heightHeelMm: null,
  ...part,
});
const drop = (body: object) => counter.post('/api/drop-offs').send(body);

describe('a drop-off', () => {
  test('takes several blades of one owner in at once, the rest left to the bench', async () => {
    const answer = await drop({
      customerId: null,
      newCustomer: person('Wick Holm'),
      blades: [quick(301), quick(302, { kindId: 'razor', useId: 'razor', edgeLengthMm: 70 })],
    }).expect(201);
    const { jobs } = answer.body as DropOffAnswer;
    expect(jobs.map(({ tagNumber }) => tagNumber)).toEqual([301, 302]);
    expect(new Set(jobs.map(({ customer }) => customer.id)).size).toBe(1);
    const [chef, razor] = jobs as [Job, Job];
    expect(chef.measures.edgeLengthMm).toBe(bladeKind('chef').usual.edgeLengthMm);
    expect(chef.measuredWith.edgeLengthMm).toBe('the usual');
    expect(chef.angleAssumed).toBe(true);
    expect(razor.measures.edgeLengthMm).toBe(70);
    expect(razor.measuredWith.edgeLengthMm).toBe('caliper');
    // A razor's angle follows from its spine and width, 5 mm on 18 mm.
    expect(razor.measures.presentAnglePerSideDeg).toBeCloseTo(
      (Math.atan2(2.5, 18) * 180) / Math.PI,
      3,
    );
  });

  test('is all or nothing, and names the blade at fault', async () => {
    const refused = await drop({
      customerId: null,
      newCustomer: person('Nobody Kept'),
      blades: [quick(310), quick(301)],
    }).expect(422);
    expect(errorOf(refused).fields).toEqual([
      { field: 'blades.1.tagNumber', message: 'Tag 301 is on a blade of Wick Holm' },
    ]);
    const found = await counter.get('/api/search').query({ q: 'Nobody Kept' });
    expect(found.body).toEqual({ customers: [], blades: [] });
    const steel = await drop({
      customerId: null,
      newCustomer: person('Nobody Kept'),
      blades: [quick(310, { steel: 'moon iron' })],
    }).expect(422);
    expect(errorOf(steel).fields![0]!.field).toBe('blades.0.steel');
  });

  test.each([
    ['no blade', [], 'blades'],
    ['one tag twice', [quick(320), quick(320)], 'blades.1'],
    ['a kind nobody knows', [quick(320, { kindId: 'spoon' })], 'blades.0.kindId'],
    ['no date', [quick(320, { promisedOn: undefined })], 'blades.0.promisedOn'],
    ['a length beyond all blades', [quick(320, { edgeLengthMm: 5000 })], 'blades.0.edgeLengthMm'],
  ])('is refused with %s', async (_, blades, field) => {
    const refused = await drop({ customerId: null, newCustomer: person('X'), blades }).expect(422);
    expect(errorOf(refused).fields![0]!.field).toBe(field);
  });

  test('asked again after a lost connection brings no second set', async () => {
    const send = () =>
      drop({ customerId: null, newCustomer: person('Once Only'), blades: [quick(330)] }).set(
        'Idempotency-Key',
        'drop-off-once',
      );
    const first = (await send().expect(201)).body as DropOffAnswer;
    const again = (await send().expect(201)).body as DropOffAnswer;
    expect(again.jobs[0]!.id).toBe(first.jobs[0]!.id);
  });
});

test('a blade that was here brings its measures and the angle it went home with', async () => {
  let job = await takeIn(counter, { tagNumber: 340, heightHeelMm: 44.5 });
  job = await planned(shop.owner, job, { angleDeg: 16.5 });
  job = await workThrough(shop.owner, await begun(shop.owner, job));
  job = await tested(shop.owner, job);
  job = jobOf(
    await shop.owner
      .post(`/api/jobs/${job.id}/verdict`)
      .send({ version: job.version, backToStepId: null, note: '' })
      .expect(200),
  );
  await counter
    .post(`/api/jobs/${job.id}/return`)
    .send({ version: job.version, tagNumber: 340, sheathed: true, remarks: '' })
    .expect(200);
  const answer = await drop({
    customerId: job.customer.id,
    newCustomer: null,
    blades: [quick(341, { bladeId: job.blade.id, edgeLengthMm: 209 })],
  }).expect(201);
  const [back] = (answer.body as DropOffAnswer).jobs;
  expect(back!.measures.heightHeelMm).toBe(44.5);
  expect(back!.measuredWith.heightHeelMm).toBe('last visit');
  expect(back!.measures.edgeLengthMm).toBe(209);
  expect(back!.measures.presentAnglePerSideDeg).toBeCloseTo(16.5, 4);
  expect(back!.angleAssumed).toBe(true);
  expect(back!.damageBefore).toEqual([]);
});

describe('what is written down at the bench', () => {
  const correct = (job: Job, part: Record<string, unknown>) => {
    const { customerId, newCustomer, bladeId, tagNumber, ...body } = intake(part);
    void [customerId, newCustomer, bladeId, tagNumber];
    return counter.put(`/api/jobs/${job.id}/intake`).send({ ...body, version: job.version });
  };

  test('answers to its kind, readings, the outline and how each measure was got come back', async () => {
    const job = await takeIn(counter, { tagNumber: 350 });
    const traced = {
      source: 'photograph',
      edge: [
        [0, 0],
        [100, 0],
        [210, 15],
      ],
      spine: [
        [0, 46],
        [210, 16],
      ],
    };
    const angleReadings = [
      { route: 'maker', valueDeg: 34, as: 'inclusive' },
      {
        route: 'gauge',
        readingDeg: 14,
        zeroed: 'the stone',
        seat: 'the primary face',
        leanDeg: null,
      },
      { route: 'marker', trials: [{ angleDeg: 17, seen: 'gone across the bevel' }] },
    ];
    const held = jobOf(
      await correct(job, {
        answers: { ratio: '60:40', surface: 'coated', facets: 2 },
        angleReadings,
        traced,
        bellyStartMm: 90,
        tipRiseMm: 15,
        measuredWith: { edgeLengthMm: 'traced' },
      }).expect(200),
    );
    expect(held.answers).toEqual({ ratio: '60:40', surface: 'coated', facets: 2 });
    expect(held.angleReadings).toEqual(angleReadings);
    expect(held.measures).toMatchObject({ traced, bellyStartMm: 90, tipRiseMm: 15 });
    expect(held.measuredWith).toMatchObject({ edgeLengthMm: 'traced', spineTipMm: 'caliper' });
    expect(jobOf(await counter.get(`/api/jobs/${job.id}`).expect(200)).measures.traced).toEqual(
      traced,
    );
    // The outline is what the plan is made on.
    const plan = await planned(shop.owner, held);
    expect(plan.plan).not.toBeNull();
  });

  test.each([
    ['an answer not asked of its kind', { answers: { pitchMm: 3 } }, 'answers.pitchMm'],
    ['a choice that is none', { answers: { ratio: '99:1' } }, 'answers.ratio'],
    ['an answer beyond its limits', { answers: { facets: 900 } }, 'answers.facets'],
    [
      'an outline of another length',
      {
        traced: {
          source: 'SVG',
          edge: [
            [0, 0],
            [50, 0],
            [150, 2],
          ],
          spine: [
            [0, 40],
            [150, 20],
          ],
        },
      },
      'edgeLengthMm',
    ],
    [
      'an outline that turns back',
      {
        traced: {
          source: 'SVG',
          edge: [
            [0, 0],
            [120, 0],
            [110, 2],
          ],
          spine: [
            [0, 40],
            [150, 20],
          ],
        },
      },
      'traced.edge',
    ],
    ['a belly beyond the edge', { bellyStartMm: 400 }, 'bellyStartMm'],
    [
      'a gauge on nothing',
      {
        angleReadings: [
          { route: 'gauge', readingDeg: 14, zeroed: 'the moon', seat: 'x', leanDeg: 0 },
        ],
      },
      'angleReadings.0.zeroed',
    ],
    ['a route nobody knows', { angleReadings: [{ route: 'guess' }] }, 'angleReadings.0.route'],
    [
      'damage beyond the edge',
      {
        damage: [{ id: 'a', kind: 'pit', side: 'right', fromMm: 205, lengthMm: 10, depthMm: 0.1 }],
      },
      'damage.0.fromMm',
    ],
  ])('%s is refused beside its field', async (_, part, field) => {
    const refused = await counter.post('/api/jobs').send(intake({ tagNumber: 390, ...part }));
    expect(refused.status).toBe(422);
    expect(errorOf(refused).fields![0]!.field).toBe(field);
  });

  test('what nobody measured is the usual of the kind, and said to be so', async () => {
    const job = await takeIn(counter, {
      tagNumber: 360,
      spineTipMm: null,
      thicknessBehindEdgeMm: null,
      presentAngle: null,
    });
    expect(job.measures.spineTipMm).toBe(usualMeasuresOf('chef', 210).spineTipMm);
    expect(job.measuredWith).toMatchObject({ spineTipMm: 'the usual', edgeLengthMm: 'caliper' });
    expect(job.angleAssumed).toBe(true);
  });
});
