import { planFileSchema, validate, type PlanFile, type PlanVersion } from '@patient-edge/contract';
import { DEFAULT_CHOICES, DEFAULT_PRACTICE, type StepChange, textOf } from '@patient-edge/core';
import Ajv from 'ajv';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Agent } from 'supertest';
import {
  begun,
  edgeOf,
  errorOf,
  intake,
  jobOf,
  openShop,
  planned,
  takeIn,
  workBody,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let bench: Agent;
let counter: Agent;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('plan');
  bench = await shop.person('bench', 'bench');
  counter = await shop.person('counter', 'counter');
});
afterAll(() => shop.close());

const taken = (part: Record<string, unknown> = {}) => {
  tag += 1;
  return takeIn(counter, { tagNumber: tag, ...part });
};
const change = (part: Partial<StepChange> = {}): StepChange => ({
  step: 'edge 1',
  what: 'strokes',
  to: '44',
  reason: 'the heel is narrow',
  ...part,
});
const versionsOf = async (jobId: number): Promise<PlanVersion[]> =>
  (await bench.get(`/api/jobs/${jobId}/plan/versions`).expect(200)).body as PlanVersion[];

describe('versions of a plan', () => {
  test('every settled plan is kept with who, when and why', async () => {
    const first = await planned(bench, await taken());
    await bench
      .put(`/api/jobs/${first.id}/plan`)
      .send({
        version: first.version,
        choices: { ...DEFAULT_CHOICES, angleDeg: 20 },
        reason: 'they meet bone after all',
      })
      .expect(200);
    const versions = await versionsOf(first.id);
    expect(versions.map(({ number, reason }) => [number, reason])).toEqual([
      [1, ''],
      [2, 'they meet bone after all'],
    ]);
    expect(versions[0]!.record.angleDeg).toBe(18);
    expect(versions[1]!.record.angleDeg).toBe(20);
    expect(versions[1]!.who).toBe('bench');
    expect(versions[0]!.steps.map(({ key }) => key)).toEqual([
      'ready 1',
      'edge 1',
      'deburr 1',
      'ready 2',
      'deburr 2',
      'strop 1',
      'wash 1',
    ]);
  });

  test('a change by hand survives every recomputing, with its reason', async () => {
    const job = await planned(bench, await taken(), { changes: [change()] });
    const edge = edgeOf(job).step;
    expect(edge.strokesPerSide).toBe(44);
    expect(edge.changed).toEqual(['the heel is narrow']);
    expect(textOf(job.events.at(-1)!.message)).toContain('1 changed by hand');
    const again = await planned(bench, job, { changes: [change()], angleDeg: 19 });
    expect(edgeOf(again).step).toMatchObject({ strokesPerSide: 44, angleDeg: 19 });
  });

  test('a changed intake sets the plan aside and loses none of its choices', async () => {
    const job = await planned(bench, await taken(), { changes: [change()] });
    const { customerId, newCustomer, bladeId, tagNumber, ...body } = intake({ sharpness: 'blunt' });
    expect([customerId, newCustomer, bladeId, tagNumber]).toHaveLength(4);
    const changed = jobOf(
      await bench
        .put(`/api/jobs/${job.id}/intake`)
        .send({ ...body, version: job.version })
        .expect(200),
    );
    expect(changed.plan).toBeNull();
    expect(changed.lastChoices!.changes).toEqual([change()]);
  });

  test.each([
    ['strokes beyond any bench', change({ to: '9000' }), 'Strokes a side must be from 0 to 5000'],
    [
      'a direction nobody knows',
      change({ what: 'direction', to: 'up' }),
      'Direction must be one of',
    ],
    ['a change without a reason', change({ reason: '' }), 'Reason'],
  ])('%s is refused beside its field', async (_what, wrong, words) => {
    const job = await taken();
    const answer = await bench
      .put(`/api/jobs/${job.id}/plan`)
      .send({ version: job.version, choices: { ...DEFAULT_CHOICES, changes: [wrong] } })
      .expect(422);
    const [field] = errorOf(answer).fields!;
    expect(field!.field).toMatch(/^choices\.changes\.0/);
    expect(field!.message).toContain(words);
  });
});

describe('tapping out a hollow back', () => {
  test('stops at its step until the customer’s yes is in writing', async () => {
    const job = await planned(
      bench,
      await taken({
        kindId: 'leather',
        useId: 'leather',
        edgeLengthMm: 42,
        heightHeelMm: 62,
        heightMiddleMm: 62,
        heightTipMm: 62,
        spineHeelMm: 3.2,
        spineMiddleMm: 3.2,
        spineTipMm: 3.2,
        thicknessBehindEdgeMm: 3.1,
        presentAngle: { valueDeg: 18, as: 'per side' },
        answers: {
          backTest: 'light only at the edge',
          hollowDepthMm: 0.4,
          hollowWidthMm: 30,
          rimEdgeMm: 0,
        },
      }),
      { kind: { ...DEFAULT_CHOICES.kind, tapForRimMm: 1 } },
    );
    // It is warmed in the hands first; what cannot be undone is asked for before its own step.
    expect(job.steps.slice(0, 2).map(({ step }) => step.operation)).toEqual(['ready', 'tapping']);
    expect(job.steps[1]!.asks.map(({ id }) => id)).toEqual(['tapping']);
    const begunAt = await begun(bench, job);
    const at = jobOf(
      await bench
        .post(`/api/jobs/${job.id}/steps/${begunAt.steps[0]!.id}/finish`)
        .send({ version: begunAt.version, overrideReason: null })
        .expect(200),
    );
    const tapping = at.steps[1];
    const work = () => bench.put(`/api/jobs/${job.id}/steps/${tapping!.id}/work`).send(workBody());
    const refused = errorOf(await work().expect(409));
    expect(refused).toMatchObject({ code: 'ASK_FIRST' });
    expect(refused.message).toContain('Tapping out the back may crack the blade');
    await bench
      .post(`/api/jobs/${job.id}/steps/${tapping!.id}/finish`)
      .send({ version: at.version, overrideReason: 'in a hurry' })
      .expect(409);
    const asked = jobOf(
      await bench
        .post(`/api/jobs/${job.id}/consents`)
        .send({
          version: at.version,
          matter: 'tapping',
          text: 'Tapping out the back may crack the blade: rare, risky, and never undone.',
          answer: 'yes',
          name: 'Hollis Reed',
        })
        .expect(201),
    );
    expect(asked.stage).toBe('on the bench');
    await work().expect(200);
  });
});

describe('the habits of the shop', () => {
  test('keep the schools and nothing of one blade, and refuse a second hand', async () => {
    const practice = { ...DEFAULT_PRACTICE, micro: 'never' as const };
    const sent = { ...DEFAULT_CHOICES, practice, angleDeg: 22, chipsLeft: ['x'] };
    const kept = await bench.put('/api/habits').send({ version: 0, choices: sent }).expect(200);
    expect(kept.body).toMatchObject({
      version: 1,
      choices: { practice: { micro: 'never' }, angleDeg: null, chipsLeft: [] },
    });
    await bench.put('/api/habits').send({ version: 0, choices: sent }).expect(409);
    await counter.put('/api/habits').send({ version: 1, choices: sent }).expect(403);
  });
});

describe('templates', () => {
  test('a good plan is kept for the next of its kind under a name of its own', async () => {
    const job = await planned(bench, await taken(), { angleDeg: 17, chipsLeft: ['c'] });
    const path = `/api/jobs/${job.id}/templates`;
    const made = await bench.post(path).send({ name: 'School kitchen', note: '' }).expect(201);
    expect(made.body).toMatchObject([
      { kindId: 'chef', name: 'School kitchen', choices: { angleDeg: 17, chipsLeft: [] } },
    ]);
    const twice = await bench.post(path).send({ name: 'School kitchen', note: '' }).expect(409);
    expect(errorOf(twice).fields![0]!.message).toContain('is taken');
    const id = (made.body as { id: number }[])[0]!.id;
    await bench.delete(`/api/templates/${id}`).expect(200);
    await bench.delete(`/api/templates/${id}`).expect(404);
  });

  test('what was never planned is no template', async () => {
    const job = await taken();
    await bench.post(`/api/jobs/${job.id}/templates`).send({ name: 'Early', note: '' }).expect(409);
  });
});

describe('what is taken from a plan', () => {
  const settled = async () => planned(bench, await taken());

  test('the card, the wedge, the gauge and the outline as PDF', async () => {
    const { id } = await settled();
    for (const name of ['card', 'wedge', 'lift-gauge', 'outline']) {
      const pdf = await bench.get(`/api/jobs/${id}/plan/${name}.pdf`).expect(200);
      expect(pdf.type).toBe('application/pdf');
      expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    }
  });

  test('the gauges as SVG at true size', async () => {
    const { id } = await settled();
    const wedge = await bench.get(`/api/jobs/${id}/plan/wedge.svg`).expect(200);
    const svg = (wedge.body as Buffer).toString();
    expect(svg).toContain('18.0° per side');
    expect(svg).toMatch(/width="\d+mm"/);
    const outline = await bench.get(`/api/jobs/${id}/plan/outline.svg`).expect(200);
    const widthMm = /width="([\d.]+)mm"/.exec((outline.body as Buffer).toString())![1];
    // 210 mm of blade and twelve on each side.
    expect(Number(widthMm)).toBeCloseTo(234, 3);
  });

  test('an uneven edge has a wedge, a gauge and an outline for each side', async () => {
    const { id } = await planned(bench, await taken({ answers: { ratio: '70:30' } }));
    const svgOf = async (name: string): Promise<string> =>
      ((await bench.get(`/api/jobs/${id}/plan/${name}`).expect(200)).body as Buffer).toString();
    const [right, left] = await Promise.all(
      ['right', 'left'].map((side) => svgOf(`wedge.svg?side=${side}`)),
    );
    const angleOf = (svg: string): number => Number(/Wedge: ([\d.]+)° on the/.exec(svg)![1]);
    expect(right).toContain('on the right');
    expect(angleOf(left!)).toBeGreaterThan(angleOf(right!));
    expect(angleOf(left!) + angleOf(right!)).toBeCloseTo(36, 0);
    expect(await svgOf('lift-gauge.svg?side=left')).toContain(
      `${angleOf(left!).toFixed(1)}° on the left`,
    );
    expect(await svgOf('outline.svg?side=left')).toContain('on the left');
    const refused = await bench.get(`/api/jobs/${id}/plan/wedge.svg?side=front`).expect(422);
    expect(errorOf(refused).fields![0]!.field).toBe('side');
    const named = await bench.get(`/api/jobs/${id}/plan/wedge.pdf?side=left`).expect(200);
    expect(named.headers['content-disposition']).toContain('wedge-left-tag-');
  });

  test('the outline as DXF in millimetres, with a lift at every station drawn', async () => {
    const { id } = await settled();
    const dxf = await bench
      .get(`/api/jobs/${id}/plan/outline.dxf`)
      .buffer()
      .parse((response, done) => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString()));
        response.on('end', () => done(null, text));
      })
      .expect(200);
    const lines = (dxf.body as string).split(/\r?\n/).map((line) => line.trim());
    expect(lines).toContain('LWPOLYLINE');
    expect(lines.filter((line) => line === 'TEXT').length).toBeGreaterThan(5);
    // $INSUNITS 4 is millimetres.
    expect(lines[lines.indexOf('$INSUNITS') + 2]).toBe('4');
  });

  test('the plan as a file obeys its published schema, and is read back as the same choices', async () => {
    const choices = { ...DEFAULT_CHOICES, angleDeg: 19, changes: [change()] };
    const job = await planned(bench, await taken(), choices);
    const file = (await bench.get(`/api/jobs/${job.id}/plan/plan.json`).expect(200))
      .body as PlanFile;
    const schema = JSON.parse(
      readFileSync(join(__dirname, '../../../../docs/plan.schema.json'), 'utf8'),
    ) as object;
    const check = new Ajv({ allErrors: true, allowUnionTypes: true }).compile(schema);
    check(file);
    expect(check.errors).toBeNull();
    const back = validate(planFileSchema, file);
    expect(back.ok && back.value.choices).toEqual(choices);
    const again = await planned(bench, await taken(), back.ok ? back.value.choices : {});
    expect(again.steps.map(({ step }) => step.title)).toEqual(
      job.steps.map(({ step }) => step.title),
    );
    // One written before is still read; one from later is not.
    expect(validate(planFileSchema, { ...file, version: 1 }).ok).toBe(true);
    expect(check({ ...file, version: 3 })).toBe(false);
    expect(validate(planFileSchema, { ...file, version: 3 }).ok).toBe(false);
  });

  test('the card stays as it was settled when its stone has gone since', async () => {
    const job = await settled();
    const stones = (await bench.get('/api/stones').expect(200)).body as Record<string, unknown>[];
    const used = stones.find(({ id }) => String(id) === edgeOf(job).step.stoneId)!;
    const sent = Object.fromEntries(
      Object.entries(used).filter(
        ([key]) =>
          ![
            'id',
            'workedSeconds',
            'secondsSinceFlat',
            'flattenedAt',
            'soak',
            'takenOutAt',
          ].includes(key),
      ),
    );
    const gone = (retired: boolean, version: unknown) =>
      bench.put(`/api/stones/${String(used['id'])}`).send({ ...sent, retired, version });
    const retired = await gone(true, used['version']).expect(200);
    await bench.get(`/api/jobs/${job.id}/plan/card.pdf`).expect(200);
    await gone(false, (retired.body as { version: number }).version).expect(200);
  });

  test('without a plan there is nothing to take, and the counter may look', async () => {
    const bare = await taken();
    await counter.get(`/api/jobs/${bare.id}/plan/card.pdf`).expect(409);
    const job = await planned(bench, bare);
    await counter.get(`/api/jobs/${job.id}/plan/card.pdf`).expect(200);
    await counter.get('/api/jobs/99999/plan/card.pdf').expect(404);
  });

  test('a razor holds no angle by lift: no gauge is cut for it', async () => {
    await bench
      .post('/api/stones')
      .send({ ...(await import('../../test/test-shop')).stone({ name: 'Razor stone', um: 0.8 }) })
      .expect(201);
    const razor = await taken({
      kindId: 'razor',
      useId: 'razor',
      edgeLengthMm: 76,
      heightHeelMm: 18,
      heightMiddleMm: 18,
      heightTipMm: 17.5,
      spineHeelMm: 5,
      spineMiddleMm: 5,
      spineTipMm: 4.8,
      thicknessBehindEdgeMm: 4.8,
      presentAngle: null,
    });
    const job = await planned(bench, razor, { maxRatio: null });
    expect(job.plan!.angleDeg).toBeCloseTo((Math.atan(2.5 / 18) * 180) / Math.PI, 9);
    await bench.get(`/api/jobs/${job.id}/plan/lift-gauge.pdf`).expect(409);
  });
});
