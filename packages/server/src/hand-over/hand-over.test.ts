import { asksOfStep, textOf, USUAL_TESTS } from '@patient-edge/core';
import type { BladeRecord, Job } from '@patient-edge/contract';
import type { Agent } from 'supertest';
import {
  begun,
  edgeOf,
  errorOf,
  jobOf,
  openShop,
  planned,
  readings,
  takeIn,
  tested,
  workBody,
  workThrough,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let bench: Agent;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('hand-over');
  bench = await shop.person('bench', 'bench');
});
afterAll(() => shop.close());

const worked = async (): Promise<Job> => {
  tag += 1;
  const job = await takeIn(shop.owner, { tagNumber: tag });
  return workThrough(bench, await begun(bench, await planned(bench, job)));
};
const decide = (job: Job, backToStepId: number | null, note = '', cause: string | null = null) =>
  bench
    .post(`/api/jobs/${job.id}/verdict`)
    .send({ version: job.version, backToStepId, cause, note });
const ready = async (): Promise<Job> =>
  jobOf(await decide(await tested(bench, await worked()), null).expect(200));
const giveBack = (job: Job, part: Record<string, unknown> = {}) =>
  shop.owner
    .post(`/api/jobs/${job.id}/return`)
    .send({ version: job.version, tagNumber: job.tagNumber, sheathed: true, remarks: '', ...part });

describe('edge tests', () => {
  test('as it came are kept before the work, and after it only for the work', async () => {
    tag += 1;
    const job = await takeIn(shop.owner, { tagNumber: tag });
    const before = jobOf(
      await shop.owner
        .put(`/api/jobs/${job.id}/readings`)
        .send({
          version: job.version,
          phase: 'before',
          readings: readings([420, 430, 440], 'glint'),
        })
        .expect(200),
    );
    expect(before.tests).toEqual([
      { phase: 'before', round: 0, readings: readings([420, 430, 440], 'glint') },
    ]);
    await shop.owner
      .put(`/api/jobs/${job.id}/readings`)
      .send({ version: before.version, phase: 'after', readings: readings([200]) })
      .expect(409);
  });

  test('a blade that was not tested is not passed', async () => {
    const job = await worked();
    await decide(job, null).expect(409);
    const half = await tested(bench, job, [200, 205]);
    const refused = await decide(half, null).expect(422);
    expect((refused.body as { error: { message: string } }).error.message).toContain(
      'cut force: 2 of 3 readings',
    );
  });

  test('a failure sends it back to the step named, with a new round; the work so far stays counted', async () => {
    const failed = await tested(bench, await worked(), [200, 205, 210], 'glint');
    await decide(failed, null).expect(422);
    const edge = failed.steps.find(({ step }) => step.operation === 'deburr')!;
    const back = jobOf(await decide(failed, edge.id, 'glint all along').expect(200));
    expect(back).toMatchObject({ stage: 'on the bench', round: 2 });
    // The stone is still ready: all from the burr on is to be done again.
    expect(back.steps.map(({ step, status }) => [step.key, status])).toEqual([
      ['ready 1', 'done'],
      ['edge 1', 'done'],
      ['deburr 1', 'to do'],
      ['ready 2', 'to do'],
      ['deburr 2', 'to do'],
      ['strop 1', 'to do'],
      ['wash 1', 'to do'],
    ]);
    expect(back.steps[2]).toMatchObject({ strokesRight: 20, burr: { right: {}, left: {} } });
    expect(textOf(back.events.at(-1)!.message)).toContain('glint all along');
    const again = await workThrough(bench, back);
    const passed = jobOf(await decide(await tested(bench, again), null).expect(200));
    expect(passed.stage).toBe('ready');
    expect(passed.tests.map(({ round }) => round)).toEqual([1, 2]);
  });

  test('sent back for the tip, the burr is felt for at the tip, and its strokes are counted from there', async () => {
    const job = await worked();
    const atTip = { ...readings([200]), tip: readings([200], 'glint').tip };
    const failed = jobOf(
      await bench
        .put(`/api/jobs/${job.id}/readings`)
        .send({ version: job.version, phase: 'after', readings: atTip })
        .expect(200),
    );
    const back = jobOf(await decide(failed, edgeOf(failed).id).expect(200));
    const open = edgeOf(back);
    expect(open.earlier).toEqual({ right: 20, left: 20 });
    const work = (burr: object) =>
      bench
        .put(`/api/jobs/${back.id}/steps/${open.id}/work`)
        .send(workBody({ revision: open.revision, burr, strokesRight: 27, strokesLeft: 27 }));
    await work({ right: { tip: 'slight' }, left: { tip: 'slight' } }).expect(200);
    const left = jobOf(
      await bench
        .post(`/api/jobs/${back.id}/steps/${open.id}/finish`)
        .send({
          version: back.version,
          overrideReason: null,
          shown: asksOfStep(open.step).map(({ code }) => code),
        })
        .expect(200),
    );
    expect(edgeOf(left)).toMatchObject({ status: 'done', strokesRight: 27 });
  });

  test('a cause is confirmed when what was sent back for it then passes, and no longer once that is undone', async () => {
    const counted = async () =>
      (await bench.get('/api/confirmed-causes').expect(200)).body as Record<string, number>;
    const failed = await tested(bench, await worked(), [500, 510, 520], 'glint');
    const deburr = failed.steps.find(({ step }) => step.operation === 'deburr')!;
    await decide(failed, deburr.id, '', 'the moon').expect(422);
    const back = jobOf(await decide(failed, deburr.id, '', 'wire edge').expect(200));
    expect(await counted()).toEqual({});
    const passed = jobOf(
      await decide(await tested(bench, await workThrough(bench, back)), null).expect(200),
    );
    expect(await counted()).toEqual({ 'wire edge': 1 });
    await bench
      .post(`/api/jobs/${passed.id}/verdict/undo`)
      .send({ version: passed.version })
      .expect(200);
    expect(await counted()).toEqual({});
  });

  test('what was read of every test comes back, on what it was tested with it', async () => {
    const job = await worked();
    const kept = readings([200]);
    const more = {
      ...kept,
      heel: { classes: { ...kept.heel.classes, hair: 'scrapes', burr: 'slight' }, forceGf: [] },
      blade: { tip: 'skids', food: 'parts freely' },
      media: { paper: 'newsprint, sliced', food: 'tomato' },
      places: [{ test: 'paper', zone: 'belly', atMm: 118.5, read: 'catches' }],
    };
    const saved = jobOf(
      await bench
        .put(`/api/jobs/${job.id}/readings`)
        .send({ version: job.version, phase: 'after', readings: more })
        .expect(200),
    );
    expect(saved.tests.at(-1)!.readings).toEqual(more);
    // A tester that is not in use is not missing; one that is counts again.
    const inUse = async (tests: readonly string[]) =>
      bench.put('/api/tests-in-use').send({ inUse: tests }).expect(200);
    await inUse(['light', 'paper']);
    const bare = jobOf(await bench.get(`/api/jobs/${job.id}`).expect(200));
    expect(bare.verdict!.verdict).toBe('meets with remarks');
    await inUse(['light', 'paper', 'force']);
    const whole = jobOf(await bench.get(`/api/jobs/${job.id}`).expect(200));
    expect(whole.verdict!.verdict).toBe('not tested');
    await bench.put('/api/tests-in-use').send({ inUse: [] }).expect(422);
  });

  test('a test of the shop’s own is kept, counts for its uses, and its readings are held to', async () => {
    const rope = {
      id: 'own-rope',
      label: 'Tarred rope',
      how: 'One pull through it',
      at: 'zone',
      classes: [
        { id: 'parts', means: 'good' },
        { id: 'frays', means: 'fault' },
      ],
      minutes: 0.5,
      countsFor: ['general-soft'],
    };
    const keep = (own: readonly object[]) =>
      bench.put('/api/tests-in-use').send({ inUse: ['light', 'paper'], own });
    await keep([{ ...rope, id: 'rope' }]).expect(422);
    await keep([{ ...rope, classes: rope.classes.slice(0, 1) }]).expect(422);
    await keep([rope]).expect(200);
    const job = await worked();
    const read = (rope: string) => {
      const kept = readings([200]);
      const at = (zone: 'heel' | 'middle' | 'belly' | 'tip') => ({
        ...kept[zone],
        classes: { ...kept[zone].classes, 'own-rope': rope },
      });
      return bench.put(`/api/jobs/${job.id}/readings`).send({
        version: job.version,
        phase: 'after',
        readings: {
          ...kept,
          heel: at('heel'),
          middle: at('middle'),
          belly: at('belly'),
          tip: at('tip'),
        },
      });
    };
    expect((await read('sings').expect(422)).body).toMatchObject({
      error: { fields: [{ field: 'readings.heel.own-rope' }] },
    });
    expect(jobOf(await read('frays').expect(200)).verdict!.verdict).toBe('back to the bench');
    await bench
      .put('/api/own-faults')
      .send({
        own: [
          {
            id: 'own-whistle',
            sign: 'The belt whistles',
            at: 'bench',
            minutes: 0.1,
            cause: 'Worn smooth.',
            remedy: 'A fresh belt.',
            backTo: 'edge',
          },
        ],
      })
      .expect(200);
    await bench
      .put('/api/own-faults')
      .send({ own: [{ id: 'own-x' }] })
      .expect(422);
    await bench
      .put('/api/tests-in-use')
      .send({ inUse: [...USUAL_TESTS, 'force'] })
      .expect(200);
  });

  test('a step of another blade is no place to go back to', async () => {
    const [one, other] = [await tested(bench, await worked(), [500, 510, 520]), await worked()];
    await decide(one, other.steps[0]!.id).expect(422);
  });
});

describe('handing over', () => {
  test('to the tag in the owner’s hand, and to no other', async () => {
    const job = await ready();
    const wrong = await giveBack(job, { tagNumber: job.tagNumber + 1000 }).expect(422);
    expect(wrong.body).toMatchObject({ error: { fields: [{ field: 'tagNumber' }] } });
    const right = jobOf(await giveBack(job, { remarks: 'a loose rivet' }).expect(200));
    expect(right).toMatchObject({ stage: 'returned', remarks: 'a loose rivet' });
    expect(right.returnedAt).not.toBeNull();
  });

  test('how the rig was set is on the record, and what is no figure of it is named', async () => {
    const job = await ready();
    const rigSetting = { jawMm: 96, ruleMarkMm: -12.5, block: '10 mm' };
    const wrong = await giveBack(job, { rigSetting: { ...rigSetting, jawMm: 'far' } }).expect(422);
    expect(wrong.body).toMatchObject({ error: { fields: [{ field: 'rigSetting.jawMm' }] } });
    const home = jobOf(await giveBack(job, { rigSetting }).expect(200));
    const record = (await shop.owner.get(`/api/blades/${home.blade.id}`).expect(200))
      .body as BladeRecord;
    expect(record.lastJob?.rigSetting).toEqual(rigSetting);
  });

  test('only with the edge covered', async () => {
    const refused = await giveBack(await ready(), { sheathed: false }).expect(422);
    expect(refused.body).toMatchObject({ error: { fields: [{ field: 'sheathed' }] } });
  });

  test('not before the test is passed, and not twice', async () => {
    await giveBack(await worked()).expect(409);
    const job = jobOf(await giveBack(await ready()).expect(200));
    await giveBack(job).expect(409);
  });

  test('leaves a record for the next visit', async () => {
    const job = jobOf(await giveBack(await ready()).expect(200));
    const record = (await shop.owner.get(`/api/blades/${job.blade.id}`).expect(200))
      .body as BladeRecord;
    expect(record.visits[0]).toMatchObject({
      stage: 'returned',
      anglePerSideDeg: 18,
      forceBeforeGf: null,
      forceAfterGf: 205,
      // Seven steps of a minute and a half.
      workedSeconds: 630,
      stones: ['Brown', 'Strop'],
    });
    expect(edgeOf(record.lastJob!).step.lifts).toHaveLength(4);
  });
});

describe('a way back', () => {
  const undo = (job: Job, what: string) =>
    bench.post(`/api/jobs/${job.id}/${what}/undo`).send({ version: job.version });

  test('from passed: the edge is under test again, and its readings are still there', async () => {
    const passed = await ready();
    const again = jobOf(await undo(passed, 'verdict').expect(200));
    expect(again).toMatchObject({ stage: 'testing', version: passed.version + 1 });
    expect(again.tests).toEqual(passed.tests);
    expect(again.events.at(-1)).toMatchObject({ kind: 'reopened', who: 'bench' });
    await undo(again, 'verdict').expect(409);
    expect(jobOf(await decide(again, null).expect(200)).stage).toBe('ready');
  });

  test('from handed over: the blade is in the shop, on its tag, ready as it was', async () => {
    const home = jobOf(await giveBack(await ready()).expect(200));
    const back = jobOf(await undo(home, 'return').expect(200));
    expect(back).toMatchObject({ stage: 'ready', returnedAt: null, tagNumber: home.tagNumber });
    await undo(home, 'return').expect(409);
    expect(jobOf(await giveBack(back).expect(200)).stage).toBe('returned');
  });

  test('is closed once its tag hangs on another blade, or the blade came again', async () => {
    const tagGone = jobOf(await giveBack(await ready()).expect(200));
    await takeIn(shop.owner, { tagNumber: tagGone.tagNumber });
    const refused = await undo(tagGone, 'return').expect(409);
    expect(errorOf(refused).message).toContain(`Tag ${tagGone.tagNumber} is on another blade`);
    const cameAgain = jobOf(await giveBack(await ready()).expect(200));
    tag += 1;
    await takeIn(shop.owner, {
      tagNumber: tag,
      newCustomer: null,
      customerId: cameAgain.customer.id,
      bladeId: cameAgain.blade.id,
    });
    const held = await undo(cameAgain, 'return').expect(409);
    expect(errorOf(held).message).toContain(`taken in again since, on tag ${tag}`);
  });

  test.each(['taken in', 'planned', 'on the bench'] as const)(
    'from declined: a blade that was %s is so again',
    async (stage) => {
      tag += 1;
      let job = await takeIn(shop.owner, { tagNumber: tag });
      if (stage !== 'taken in') job = await planned(bench, job);
      if (stage === 'on the bench') job = await begun(bench, job);
      const declined = jobOf(
        await bench
          .post(`/api/jobs/${job.id}/decline`)
          .send({ version: job.version, reason: 'burnt along the belly' })
          .expect(200),
      );
      const again = jobOf(await undo(declined, 'decline').expect(200));
      expect(again).toMatchObject({ stage, declineReason: null });
      expect(again.steps).toEqual(job.steps);
      await undo(again, 'decline').expect(409);
    },
  );

  test('from an agreed price: the lines stay, the word is withdrawn, and the history says so', async () => {
    tag += 1;
    const job = await takeIn(shop.owner, { tagNumber: tag });
    const lines = [{ label: 'Edge', lowMinor: 1000, highMinor: 1200 }];
    const put = (version: number, agreedBy: string | null) =>
      shop.owner.put(`/api/jobs/${job.id}/estimate`).send({ version, lines, agreedBy });
    const agreed = jobOf(await put(job.version, 'Hollis Reed').expect(200));
    const open = jobOf(await put(agreed.version, null).expect(200));
    expect(open.estimate).toMatchObject({ lines, agreedBy: null, agreedAt: null });
    expect(textOf(open.events.at(-1)!.message)).toMatch(/^no longer agreed/);
  });
});
