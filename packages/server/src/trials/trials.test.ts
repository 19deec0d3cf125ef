/** Trials: drawn by lot before the work, told at the bench, counted only where they were done as drawn. */
import type { Job, Trial } from '@patient-edge/contract';
import { errorOf, openShop, takeIn, type TestShop } from '../../test/test-shop';

let shop: TestShop;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('trials');
});
afterAll(() => shop.close());

const blade = (part: Record<string, unknown> = {}): Promise<Job> => {
  tag += 1;
  return takeIn(shop.owner, { tagNumber: tag, ...part });
};
const jobNow = async (id: number): Promise<Job> =>
  (await shop.owner.get(`/api/jobs/${id}`).expect(200)).body as Job;
const trials = async (): Promise<Trial[]> =>
  (await shop.owner.get('/api/trials').expect(200)).body as Trial[];
const begin = async (): Promise<Trial> => {
  await shop.owner
    .post('/api/trials')
    .send({ question: 'burr', firstSchool: 'none', secondSchool: 'a trace', note: 'Which lasts' })
    .expect(201);
  return (await trials()).find(({ stoppedAt }) => stoppedAt === null)!;
};
const draw = (trialId: number, way: string, ...bladeIds: number[]) =>
  shop.owner.post(`/api/trials/${trialId}/blades`).send({ way, bladeIds });

/** A visit of the past: home after so many days of use, dull or not. */
const pastVisit = async (of: Job, burr: string, days: number, dull: boolean): Promise<number> => {
  const [added] = await shop.pool.query(
    `INSERT INTO job (blade_id, tag_number, stage, promised_on, taken_in_at, returned_at, sharpness, use_id, cuts, careful_hands,
       edge_length_mm, height_heel_mm, height_middle_mm, height_tip_mm, spine_heel_mm, spine_middle_mm, spine_tip_mm,
       thickness_behind_edge_mm, plan_record)
     SELECT blade_id, tag_number, 'returned', promised_on, taken_in_at, NOW() - INTERVAL ? DAY, sharpness, use_id, cuts, careful_hands,
       edge_length_mm, height_heel_mm, height_middle_mm, height_tip_mm, spine_heel_mm, spine_middle_mm, spine_tip_mm,
       thickness_behind_edge_mm, JSON_OBJECT('choices', JSON_OBJECT('burrPolicy', ?)) FROM job WHERE id = ?`,
    [days, burr, of.id],
  );
  const { insertId } = added as { insertId: number };
  if (dull)
    await shop.pool.query(
      "INSERT INTO visit_answer (job_id, answer, at) VALUES (?, 'dull again', NOW())",
      [insertId],
    );
  return insertId;
};

test('a pair gets one way each, the bench is told, and no blade is in two trials', async () => {
  const one = await blade();
  const other = await blade({ customerId: one.customer.id, newCustomer: null });
  const trial = await begin();
  await draw(trial.id, 'pair', one.blade.id, other.blade.id).expect(201);
  const lots = [(await jobNow(one.id)).trial!, (await jobNow(other.id)).trial!];
  expect(lots.map(({ school }) => school).sort()).toEqual(['a trace', 'none']);
  expect(lots[0]).toMatchObject({ trialId: trial.id, question: 'burr', other: lots[1]!.school });
  expect(errorOf(await draw(trial.id, 'alternate', one.blade.id).expect(422)).fields).toEqual([
    { field: 'bladeIds.0', message: 'It is in a running trial already' },
  ]);
  const stranger = await blade();
  const fourth = await blade({ customerId: one.customer.id, newCustomer: null });
  const refused = await draw(trial.id, 'pair', stranger.blade.id, fourth.blade.id).expect(422);
  expect(errorOf(refused).fields![0]!.message).toContain('one customer');
  await draw(trial.id, 'pair', stranger.blade.id).expect(422);
  await shop.owner.post(`/api/trials/${trial.id}/stop`).send({ reason: 'Began wrong' }).expect(200);
  await draw(trial.id, 'alternate', stranger.blade.id).expect(409);
});

test('visits go in turn; only those done as drawn count, and a clear difference is enough', async () => {
  const trial = await begin();
  const lives = { none: 20, 'a trace': 90 };
  for (let each = 0; each < 6; each += 1) {
    const job = await blade();
    await draw(trial.id, 'alternate', job.blade.id).expect(201);
    const { school, other } = (await jobNow(job.id)).trial!;
    // The visit that was open at the draw is its first: it goes home without a plan of its own here.
    await shop.pool.query(
      `UPDATE job SET stage = 'returned', returned_at = NOW() - INTERVAL 400 DAY, decline_reason = 'past' WHERE id = ?`,
      [job.id],
    );
    await pastVisit(job, school, lives[school as 'none'] + each, true);
    await pastVisit(job, other, lives[other as 'none'] + each, true);
    // Not what the lot says of the third.
    await pastVisit(job, other, 7, true);
  }
  const told = (await trials()).find(({ id }) => id === trial.id)!;
  expect(told.blades).toHaveLength(6);
  expect(told.otherwise).toBe(6);
  expect(told.result).toMatchObject({
    lives: { first: 6, second: 6 },
    ended: { first: 6, second: 6 },
  });
  expect(told.result!.isEnough).toBe(true);
  // The first way is the shorter one.
  expect(told.result!.longerProbability).toBeLessThan(0.05);
});

test('a question or way that is none is refused beside its field', async () => {
  const send = (part: object) =>
    shop.owner
      .post('/api/trials')
      .send({ question: 'burr', firstSchool: 'none', secondSchool: 'a trace', ...part })
      .expect(422);
  const field = async (part: object) => errorOf(await send(part)).fields!.map((each) => each.field);
  expect(await field({ question: 'colour' })).toEqual(['question']);
  expect(await field({ firstSchool: 'plenty' })).toEqual(['firstSchool']);
  expect(await field({ secondSchool: 'none' })).toEqual(['secondSchool']);
});
