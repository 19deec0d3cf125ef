import { asksOfStep, DEFAULT_CHOICES, DEFAULT_PRACTICE, textOf } from '@patient-edge/core';
import type { Job, StepRecord } from '@patient-edge/contract';
import type { Agent } from 'supertest';
import {
  begun,
  burrEverywhere,
  errorOf,
  jobOf,
  openShop,
  planned,
  takeIn,
  tested,
  workBody,
  edgeOf,
  workThrough,
  type TestShop,
} from '../../test/test-shop';
import { execute, select } from '../database/pool';

let shop: TestShop;
let bench: Agent;
let counter: Agent;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('bench');
  bench = await shop.person('bench', 'bench');
  counter = await shop.person('counter', 'counter');
});
afterAll(() => shop.close());

const onTheBench = async (): Promise<Job> => {
  tag += 1;
  const job = await begun(bench, await planned(bench, await takeIn(counter, { tagNumber: tag })));
  return workThrough(bench, job, 'edge 1');
};
const finish = (
  job: Job,
  step: StepRecord,
  overrideReason: string | null = null,
  shown = asksOfStep(step.step).map(({ code }) => code),
) =>
  bench
    .post(`/api/jobs/${job.id}/steps/${step.id}/finish`)
    .send({ version: job.version, overrideReason, shown });
const work = (job: Job, step: StepRecord, part: Record<string, unknown> = {}) =>
  bench.put(`/api/jobs/${job.id}/steps/${step.id}/work`).send(workBody(part));

describe('planning', () => {
  test('lays the steps in order with the figures and their reasons', async () => {
    tag += 1;
    const job = await planned(bench, await takeIn(counter, { tagNumber: tag }));
    expect(job.stage).toBe('planned');
    expect(job.steps.map(({ step }) => step.key)).toEqual([
      'ready 1',
      'edge 1',
      'deburr 1',
      'ready 2',
      'deburr 2',
      'strop 1',
      'wash 1',
    ]);
    expect(job.plan!.figures.angle).toMatchObject({ value: 18, unit: '° per side' });
    expect(job.plan!.figures.angle.why.rule).toContain('middle of the window');
  });

  test('is for the bench, not for the counter', async () => {
    tag += 1;
    const job = await takeIn(counter, { tagNumber: tag });
    await counter.put(`/api/jobs/${job.id}/plan`).send({}).expect(403);
  });

  test('refuses an angle out of range beside its field', async () => {
    tag += 1;
    const job = await takeIn(counter, { tagNumber: tag });
    const answer = await bench
      .put(`/api/jobs/${job.id}/plan`)
      .send({ version: 0, choices: { approach: 'keep', angleDeg: 70 } })
      .expect(422);
    expect((answer.body as { error: { fields: unknown[] } }).error.fields).toContainEqual({
      field: 'choices.angleDeg',
      message: 'Angle per side, ° must be at most 40; 70 was given',
    });
  });

  test('refuses a finish no stone reaches, and names the nearest', async () => {
    tag += 1;
    const job = await takeIn(counter, { tagNumber: tag });
    const answer = await bench
      .put(`/api/jobs/${job.id}/plan`)
      .send({
        version: 0,
        choices: { ...DEFAULT_CHOICES, approach: 'keep', finishUm: [0.3, 0.8] },
      })
      .expect(422);
    expect(answer.body).toMatchObject({
      error: { code: 'NO_PROGRESSION', fields: [{ field: 'finishUm' }] },
    });
  });

  test('a one-sided blade is ground on its front; its burr is felt for on the back alone', async () => {
    tag += 1;
    const job = await planned(
      bench,
      await takeIn(counter, {
        tagNumber: tag,
        kindId: 'slicing-one-sided',
        spineHeelMm: 4,
        spineMiddleMm: 3.6,
        thicknessBehindEdgeMm: 3,
        presentAngle: { valueDeg: 13, as: 'inclusive' },
      }),
    );
    // The bevel is the whole angle: nothing is halved.
    expect(job.plan!.angleDeg).toBe(13);
    const edge = job.steps.find(({ step }) => step.operation === 'edge')!.step;
    expect(edge.sides.map(({ side }) => side)).toEqual(['right']);
    expect(edge.burrOn).toEqual(['left']);
    let at = await begun(bench, job);
    for (const { step } of job.steps) {
      const open = at.steps.find(({ status }) => status === 'to do')!;
      expect(open.step.key).toBe(step.key);
      const burr = { right: {}, left: burrEverywhere('clear').left };
      await work(at, open, step.operation === 'edge' ? { burr } : {}).expect(200);
      if (step.operation !== 'edge') {
        at = jobOf(await finish(at, open, 'not the matter here').expect(200));
        continue;
      }
      at = jobOf(await finish(at, open).expect(200));
      break;
    }
    expect(at.steps.find(({ step }) => step.operation === 'edge')!.status).toBe('done');
  });
});

describe('work on a step', () => {
  test('is kept as it happens, whatever happens to the page', async () => {
    const job = await onTheBench();
    const step = edgeOf(job);
    await work(job, step, {
      strokesRight: 7,
      strokesLeft: 5,
      workedSeconds: 33.5,
      runningSeconds: 12.5,
    }).expect(200);
    const now = jobOf(await bench.get(`/api/jobs/${job.id}`));
    expect(edgeOf(now)).toMatchObject({
      strokesRight: 7,
      strokesLeft: 5,
      workedSeconds: 33.5,
      revision: 1,
    });
    // By the server's own clock from then on: what a tablet's says is never compared with it.
    expect(edgeOf(now).runningSeconds).toBeGreaterThanOrEqual(12.5);
    expect(edgeOf(now).runningSeconds).toBeLessThan(20);
  });

  test('counted at two places at once is refused, not overwritten', async () => {
    const job = await onTheBench();
    await work(job, edgeOf(job), { strokesRight: 9 }).expect(200);
    const late = await work(job, edgeOf(job), { strokesRight: 3 }).expect(409);
    expect(late.body).toMatchObject({ error: { code: 'CONFLICT', currentVersion: 1 } });
    expect(edgeOf(jobOf(await bench.get(`/api/jobs/${job.id}`))).strokesRight).toBe(9);
  });

  test.each([
    [{ strokesRight: -1 }, 'strokesRight'],
    [{ strokesLeft: 2.5 }, 'strokesLeft'],
    [{ workedSeconds: 1e9 }, 'workedSeconds'],
    [{ burr: { right: { heel: 'huge' }, left: {} } }, 'burr.right.heel'],
    [{ burr: { right: {} } }, 'burr.left'],
  ])('refuses %j', async (part, field) => {
    const job = await onTheBench();
    const answer = await work(job, edgeOf(job), part).expect(422);
    expect(answer.body).toMatchObject({ error: { fields: [{ field }] } });
  });

  test('a body that did not arrive is refused, not taken for nothing', async () => {
    const job = await onTheBench();
    await bench
      .put(`/api/jobs/${job.id}/steps/${edgeOf(job).id}/work`)
      .set('Content-Type', 'application/json')
      .expect((answer) => expect([415, 422]).toContain(answer.status));
  });

  test('of another blade is not here', async () => {
    const [one, other] = [await onTheBench(), await onTheBench()];
    await work(one, edgeOf(other)).expect(404);
  });
});

describe('what is noted at a step', () => {
  const notes = {
    added: [{ side: 'left', count: 8, zone: 'tip', because: 'no burr on the right, tip' }],
    shown: ['first stone'],
    readings: { angleMiddleDeg: 16.5 },
    interrupted: false,
  };

  test('stays with it, and what is out of its limits is refused by name', async () => {
    const job = await onTheBench();
    await work(job, edgeOf(job), { notes }).expect(200);
    expect(edgeOf(jobOf(await bench.get(`/api/jobs/${job.id}`))).notes).toEqual(notes);
    const wrong = { ...notes, readings: { angleMiddleDeg: 95 } };
    const refused = await work(job, edgeOf(job), { revision: 1, notes: wrong }).expect(422);
    expect(refused.body).toMatchObject({
      error: { fields: [{ field: 'notes.readings.angleMiddleDeg' }] },
    });
  });

  test('a step worked on one side only is not left without a word', async () => {
    const job = await onTheBench();
    const burr = burrEverywhere('slight');
    await work(job, edgeOf(job), {
      strokesRight: 20,
      strokesLeft: 0,
      burr,
      notes: { ...notes, readings: {} },
    }).expect(200);
    const refused = await finish(job, edgeOf(job)).expect(422);
    expect(refused.body).toMatchObject({
      error: { message: 'Not yet: left side: nothing done there yet' },
    });
  });
});

describe('two at one bench', () => {
  test('who has it in hand is told, and only a press takes it over, with its line of history', async () => {
    const other = await shop.person(`other-${tag}`, 'bench');
    const job = await onTheBench();
    await work(job, edgeOf(job), { runningSeconds: 5 }).expect(200);
    const seen = jobOf(await other.get(`/api/jobs/${job.id}`));
    expect(seen.inHand!.name).not.toBe('');
    // Strokes of another count, and take nothing out of the first one's hands.
    await other
      .put(`/api/jobs/${job.id}/steps/${edgeOf(job).id}/work`)
      .send(workBody({ revision: 1, strokesRight: 30, runningSeconds: 9 }))
      .expect(200);
    const still = jobOf(await other.get(`/api/jobs/${job.id}`));
    expect(still.inHand).toEqual(seen.inHand);
    const taken = jobOf(
      await other
        .post(`/api/jobs/${job.id}/take-over`)
        .send({ version: still.version })
        .expect(200),
    );
    expect(taken.inHand!.staffId).not.toBe(seen.inHand!.staffId);
    expect(edgeOf(taken)).toMatchObject({ strokesRight: 30, runningSeconds: null });
    expect(textOf(taken.events.at(-1)!.message)).toBe(`took over from ${seen.inHand!.name}`);
  });
});

describe('strokes by the gauge', () => {
  const stroke = (meanDeg: number) => ({
    side: 'right',
    meanDeg,
    sdDeg: 0.4,
    from: 0,
    to: 1,
    seconds: 0.8,
  });

  test('are kept a row each, in order; what is sent twice is there once', async () => {
    const job = await onTheBench();
    const path = `/api/jobs/${job.id}/steps/${edgeOf(job).id}/gauge-strokes`;
    const send = (from: number, angles: readonly number[]) =>
      bench.post(path).send({ from, strokes: angles.map(stroke) });
    await send(0, [15.2, 15.4]).expect(200);
    // The answer was lost: the same, and one more.
    await send(0, [15.2, 15.4, 16]).expect(200);
    const kept = (await bench.get(path).expect(200)).body as { meanDeg: number }[];
    expect(kept.map(({ meanDeg }) => meanDeg)).toEqual([15.2, 15.4, 16]);
    expect(kept[0]).toEqual(stroke(15.2));
  });

  test.each([
    [{ from: 0, strokes: [] }, 'strokes'],
    [{ from: -1, strokes: [stroke(15)] }, 'from'],
    [{ from: 0, strokes: [{ ...stroke(15), to: 1.5 }] }, 'strokes.0.to'],
  ])('%j is refused by name', async (body, field) => {
    const job = await onTheBench();
    const answer = await bench
      .post(`/api/jobs/${job.id}/steps/${edgeOf(job).id}/gauge-strokes`)
      .send(body)
      .expect(422);
    expect(answer.body).toMatchObject({ error: { fields: [{ field }] } });
  });

  test('are not another blade’s', async () => {
    const [one, other] = [await onTheBench(), await onTheBench()];
    await bench
      .post(`/api/jobs/${one.id}/steps/${edgeOf(other).id}/gauge-strokes`)
      .send({ from: 0, strokes: [stroke(15)] })
      .expect(404);
  });
});

describe('a step left without a connection', () => {
  test('arrives once, however often it is sent, and is told as long ago as it was', async () => {
    const job = await onTheBench();
    const edge = edgeOf(job);
    await work(job, edge, { burr: burrEverywhere('slight') }).expect(200);
    const send = () =>
      finish(job, edge).set('Idempotency-Key', `offline-${job.id}`).set('Age-Seconds', '600');
    const first = jobOf(await send().expect(200));
    // The answer was lost: the same again.
    const again = jobOf(await send().expect(200));
    expect(again.version).toBe(first.version);
    expect(again.events).toEqual(first.events);
    const ageS = (Date.now() - Date.parse(again.events.at(-1)!.at)) / 1000;
    expect(ageS).toBeGreaterThan(598);
    expect(ageS).toBeLessThan(660);
  });

  test.each(['-5', 'soon', '9999999999'])('an age of %s is none', async (age) => {
    const job = await onTheBench();
    await work(job, edgeOf(job), { burr: burrEverywhere('slight') }).expect(200);
    const left = jobOf(await finish(job, edgeOf(job)).set('Age-Seconds', age).expect(200));
    expect(Date.now() - Date.parse(left.events.at(-1)!.at)).toBeLessThan(30_000);
  });
});

describe('back to an earlier step', () => {
  test('opens it and all after it, keeps what was counted, and is a line of the history', async () => {
    const job = await onTheBench();
    const worked = await workThrough(bench, job, 'deburr 2');
    const edge = edgeOf(worked);
    const back = jobOf(
      await bench
        .post(`/api/jobs/${job.id}/steps/${edge.id}/back-to`)
        .send({ version: worked.version })
        .expect(200),
    );
    expect(edgeOf(back)).toMatchObject({
      status: 'to do',
      strokesRight: 20,
      earlier: { right: 20, left: 20 },
    });
    expect(back.steps.find(({ step }) => step.key === 'deburr 1')!.status).toBe('to do');
    expect(textOf(back.events.at(-1)!.message)).toMatch(/^went back to “Set the edge/);
    await bench
      .post(`/api/jobs/${job.id}/steps/${edge.id}/back-to`)
      .send({ version: back.version })
      .expect(409);
  });
});

describe('the rest planned again with what was measured', () => {
  test('what is done stays, the open step goes on with its strokes, later angles follow', async () => {
    const job = await onTheBench();
    const edge = edgeOf(job);
    await work(job, edge, { strokesRight: 11, strokesLeft: 9 }).expect(200);
    const measured = { behindEdgeMm: null, angleDeg: 23.5 };
    const again = jobOf(
      await bench
        .post(`/api/jobs/${job.id}/replan`)
        .send({ version: job.version, measured })
        .expect(200),
    );
    const steps = again.steps.filter(({ superseded }) => !superseded);
    expect(steps.filter(({ status }) => status === 'done').map(({ id }) => id)).toEqual(
      job.steps.filter(({ status }) => status === 'done').map(({ id }) => id),
    );
    const open = steps.find(({ status }) => status === 'to do')!;
    expect(open).toMatchObject({ id: edge.id, strokesRight: 11, strokesLeft: 9 });
    const deburr = steps.find(({ step }) => step.operation === 'deburr')!;
    expect(deburr.step.angleDeg).toBeCloseTo(23.5, 6);
    expect(again.plan!.measured).toEqual(measured);
    // What each is to take now is kept before it is worked, as at the beginning: the shop learns from these too.
    const byRates = edge.forecastSeconds! / edge.step.seconds;
    expect(open.step.seconds).not.toBeCloseTo(edge.step.seconds, 1);
    expect(open.forecastSeconds! / open.step.seconds).toBeCloseTo(byRates, 6);
    expect(steps.filter(({ forecastSeconds }) => forecastSeconds === null)).toEqual([]);
    expect(textOf(again.events.at(-1)!.message)).toMatch(
      /^planned the rest again, 23\.5° per side: \d+ steps left$/,
    );
    // Worked to its end, nothing is missing and nothing comes twice.
    expect((await workThrough(bench, again)).stage).toBe('testing');
  });

  test('only on the bench, and by whoever may plan', async () => {
    const job = await onTheBench();
    const body = { version: job.version, measured: { behindEdgeMm: 0.3, angleDeg: null } };
    await counter.post(`/api/jobs/${job.id}/replan`).send(body).expect(403);
    await bench
      .post(`/api/jobs/${job.id}/replan`)
      .send({ ...body, measured: { behindEdgeMm: 90, angleDeg: null } })
      .expect(422);
  });
});

describe('leaving a step', () => {
  test('the first stone is not left before the burr is there, nor without a reason', async () => {
    const job = await onTheBench();
    const step = edgeOf(job);
    const burr = burrEverywhere('slight');
    await work(job, step, { burr: { ...burr, right: { ...burr.right, tip: 'none' } } }).expect(200);
    const refused = await finish(job, step).expect(422);
    expect(refused.body).toMatchObject({
      error: {
        code: 'GATE_CLOSED',
        message: 'Not yet: right tip: no burr yet, more there, not everywhere',
      },
    });
    const left = jobOf(await finish(job, step, 'the owner is waiting').expect(200));
    expect(edgeOf(left)).toMatchObject({ status: 'done', overrideReason: 'the owner is waiting' });
    expect(left.events.at(-1)).toMatchObject({ kind: 'override' });
  });

  test('what a step must show besides its burr is asked, and skipped only with a reason', async () => {
    tag += 1;
    const proved = { practice: { ...DEFAULT_PRACTICE, mustCutAfterFirst: true } };
    const taken = await takeIn(counter, { tagNumber: tag });
    const job = await workThrough(
      bench,
      await begun(bench, await planned(bench, taken, proved)),
      'test 1',
    );
    const proof = job.steps.find(({ step }) => step.key === 'test 1')!;
    expect(proof.step.gates).toEqual(['cuts']);
    const refused = await finish(job, proof, null, []).expect(422);
    expect(refused.body).toMatchObject({
      error: {
        code: 'GATE_CLOSED',
        message: 'Not yet: It cuts at heel, middle, belly and tip',
      },
    });
    await bench
      .post(`/api/jobs/${job.id}/steps/${proof.id}/finish`)
      .send({ version: job.version, overrideReason: null, shown: ['cuts'] })
      .expect(200);
  });

  test('keeps what each step was foreseen to take when work began, and by which model', async () => {
    const job = await onTheBench();
    const edge = edgeOf(job);
    const [kept] = await select<Record<'foreseen' | 'p10' | 'p50' | 'p90' | 'model', number>>(
      shop.pool,
      `SELECT foreseen_seconds AS foreseen, forecast_p10_seconds AS p10, forecast_p50_seconds AS p50,
         forecast_p90_seconds AS p90, model_version AS model FROM plan_step WHERE id = ?`,
      [edge.id],
    );
    // The model’s own figure, and beside it what the bench’s rates made of it.
    expect(kept!.foreseen).toBeCloseTo(edge.step.seconds, 3);
    expect(kept!.p10).toBeLessThan(kept!.p50);
    expect(kept!.p50).toBeLessThan(kept!.p90);
    expect(kept!.model).toBe(2);
    expect(edge.forecastSeconds).toBeCloseTo(kept!.p50, 3);
  });

  test('stops its clock and keeps the time worked', async () => {
    const job = await onTheBench();
    const step = edgeOf(job);
    await work(job, step, {
      workedSeconds: 10,
      runningSeconds: 60,
      burr: burrEverywhere('clear'),
    }).expect(200);
    const left = jobOf(await finish(job, step).expect(200));
    expect(edgeOf(left).runningSeconds).toBeNull();
    expect(edgeOf(left).workedSeconds).toBeGreaterThanOrEqual(70);
    expect(edgeOf(left).workedSeconds).toBeLessThan(80);
  });

  test.each([
    ['a time of day', { runningSinceMs: 7_258_118_400_000 }],
    ['more than three hours on the clock', { runningSeconds: 3 * 3600 + 1 }],
    ['time that runs backwards', { runningSeconds: -1 }],
    ['more hours than any step takes', { workedSeconds: 100 * 3600 + 1 }],
  ])('%s is refused by name', async (_what, part) => {
    const job = await onTheBench();
    const refused = await work(job, edgeOf(job), part).expect(422);
    expect(errorOf(refused).fields![0]!.field).toBe(Object.keys(part)[0]);
  });

  test('a clock left running for five days asks how long was worked, and then lets go', async () => {
    const job = await onTheBench();
    const step = edgeOf(job);
    const burr = burrEverywhere('clear');
    await work(job, step, { workedSeconds: 600, runningSeconds: 60, burr }).expect(200);
    await execute(
      shop.pool,
      'UPDATE plan_step SET running_at = running_at - INTERVAL 5 DAY WHERE id = ?',
      [step.id],
    );
    const asked = errorOf(await finish(job, step).expect(422));
    expect(asked).toMatchObject({
      code: 'HOW_LONG',
      fields: [{ field: 'runningSeconds', message: 'How long did you work?' }],
    });
    const forgotten = edgeOf(jobOf(await bench.get(`/api/jobs/${job.id}`)));
    expect(forgotten.runningSeconds).toBe(3 * 3600);
    await work(job, step, { revision: 1, workedSeconds: 1800, runningSeconds: null, burr }).expect(
      200,
    );
    const left = jobOf(await finish(job, step).expect(200));
    expect(edgeOf(left)).toMatchObject({ status: 'done', workedSeconds: 1800 });
  });

  test('a plan changed while the clock runs keeps its time', async () => {
    const job = await onTheBench();
    await work(job, edgeOf(job), { workedSeconds: 30, runningSeconds: 30 }).expect(200);
    const changed = await planned(bench, jobOf(await bench.get(`/api/jobs/${job.id}`)), {
      angleDeg: 20,
    });
    const before = changed.steps.find(({ id }) => id === edgeOf(job).id)!;
    expect(before).toMatchObject({ superseded: true, runningSeconds: null });
    expect(before.workedSeconds).toBeGreaterThanOrEqual(60);
  });

  test('a step left too early is opened again, as the history tells', async () => {
    const job = await onTheBench();
    const [first, second] = job.steps.slice(job.steps.indexOf(edgeOf(job)));
    await work(job, first!, { strokesRight: 12, burr: burrEverywhere('slight') }).expect(200);
    const left = jobOf(await finish(job, first!).expect(200));
    const undo = (stepId: number, version: number) =>
      bench.post(`/api/jobs/${job.id}/steps/${stepId}/undo`).send({ version });
    await undo(second!.id, left.version).expect(409);
    const again = jobOf(await undo(first!.id, left.version).expect(200));
    expect(edgeOf(again)).toMatchObject({ status: 'to do', strokesRight: 12 });
    expect(again.events.at(-1)).toMatchObject({ kind: 'reopened' });
    expect(again.version).toBe(left.version + 1);
    await undo(first!.id, again.version).expect(409);
  });

  test('the last step is opened again from the test, until something was read', async () => {
    const job = await workThrough(bench, await onTheBench());
    const last = job.steps.at(-1)!;
    const undo = (version: number) =>
      bench.post(`/api/jobs/${job.id}/steps/${last.id}/undo`).send({ version });
    const back = jobOf(await undo(job.version).expect(200));
    expect(back.stage).toBe('on the bench');
    const again = await tested(bench, await workThrough(bench, back));
    await undo(again.version).expect(409);
  });

  test('steps are left in their order', async () => {
    const job = await onTheBench();
    await finish(job, job.steps.at(-1)!, 'hurry').expect(409);
  });

  test('a step that was left takes no more work', async () => {
    const job = await onTheBench();
    await work(job, edgeOf(job), { burr: burrEverywhere('slight') }).expect(200);
    await finish(job, edgeOf(job)).expect(200);
    await work(job, edgeOf(job), { revision: 2 }).expect(409);
  });

  test('after the last step the blade is to be tested', async () => {
    const job = await workThrough(bench, await onTheBench());
    expect(job.stage).toBe('testing');
    expect(job.steps.every(({ status }) => status === 'done')).toBe(true);
  });
});

describe('changing the plan at the bench', () => {
  test('keeps what was worked under the plan before', async () => {
    const job = await onTheBench();
    await work(job, edgeOf(job), { burr: burrEverywhere('slight') }).expect(200);
    const left = jobOf(await finish(job, edgeOf(job)).expect(200));
    const changed = await planned(bench, left, { angleDeg: 20 });
    expect(changed.stage).toBe('on the bench');
    expect(
      changed.steps.find(({ superseded, step }) => superseded && step.key === 'edge 1'),
    ).toMatchObject({ strokesRight: 20, status: 'done' });
    expect(
      changed.steps
        .filter(({ superseded }) => !superseded)
        .every(({ status }) => status === 'to do'),
    ).toBe(true);
  });
});
