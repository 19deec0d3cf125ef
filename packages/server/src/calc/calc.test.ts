import vectors from '../../../core/test/calc-vectors.json';
import { calculateAll, type AnyOperation } from '@patient-edge/core';
import request from 'supertest';
import { openShop, type TestShop } from '../../test/test-shop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('calc');
});
afterAll(() => shop.close());

const ask = (operation: string, body: object) =>
  request(shop.app).post(`/api/calc/${operation}`).send(body);

describe('the computation over the wire', () => {
  test('answers without signing in, to full precision', async () => {
    const answer = await ask('lift', { heightMm: 48, spineOffsetMm: 1.1, angleDeg: 15 }).expect(
      200,
    );
    expect(answer.body).toEqual({
      restingAngleDeg: 1.3127984969750188,
      liftMm: expect.closeTo(11.36079575600302, 10) as number,
    });
  });

  test('gives the same error as everywhere, with its field', async () => {
    const answer = await ask('lift', { heightMm: -1, spineOffsetMm: 1.1, angleDeg: 15 }).expect(
      422,
    );
    expect(answer.body).toEqual({
      error: {
        code: 'INVALID_INPUT',
        field: 'heightMm',
        message: 'heightMm must be above 0; -1 was given',
      },
    });
  });

  test('a list in gives a list out, in order, a wrong one alone refused', async () => {
    const answer = await ask('wheel', [
      { bevelFaceMm: 1.4, wheelRadiusMm: 125, angleDeg: 16 },
      { bevelFaceMm: 30, wheelRadiusMm: 12, angleDeg: 20 },
    ]).expect(200);
    expect(answer.body).toMatchObject([
      { apexAngleDeg: 15.679141957693803 },
      { error: { code: 'IMPOSSIBLE_BEVEL' } },
    ]);
  });

  test('an operation that is not there names those that are', async () => {
    const answer = await ask('polish', {}).expect(404);
    expect((answer.body as { error: { message: string } }).error.message).toContain('progression');
  });

  test('every worked case gets the same code over the wire', async () => {
    for (const { operation, in: input, out } of vectors.cases as {
      operation: string;
      in: object;
      out: { error?: { code: string } };
    }[]) {
      const answer = await ask(operation, input);
      expect({ operation, input, status: answer.status }).toEqual({
        operation,
        input,
        status: out.error ? 422 : 200,
      });
      if (out.error) expect(answer.body).toMatchObject({ error: { code: out.error.code } });
    }
  });

  test('every field of every operation is refused over the wire as it is inside', async () => {
    const seen = new Set<string>();
    for (const { operation, in: input, out } of vectors.cases as {
      operation: AnyOperation;
      in: Record<string, unknown>;
      out: { error?: object };
    }[]) {
      if (out.error || seen.has(operation)) continue;
      seen.add(operation);
      const wrong = Object.keys(input).flatMap((field) => [
        { ...input, [field]: null },
        { ...input, [field]: 'x' },
        { ...input, [field]: -1e300 },
      ]);
      const body = [...wrong, { ...input, colour: 1 }, {}];
      const answer = await ask(operation, body).expect(200);
      expect(answer.body).toEqual(JSON.parse(JSON.stringify(calculateAll(operation, body))));
    }
    expect(seen.size).toBe(22);
  });

  test('a body that is no JSON is refused', async () => {
    await request(shop.app)
      .post('/api/calc/lift')
      .set('Content-Type', 'application/json')
      .send('{"a":')
      .expect(400);
    await request(shop.app).post('/api/calc/lift').type('form').send('a=1').expect(415);
  });
});

describe('templates on paper', () => {
  test('come as PDF of their true size', async () => {
    const answer = await request(shop.app)
      .get('/api/print/wedge.pdf')
      .query({ angleDeg: 15 })
      .buffer(true)
      .expect(200);
    expect(answer.headers['content-type']).toBe('application/pdf');
    const [, width] = /MediaBox \[0 0 ([\d.]+) /.exec((answer.body as Buffer).toString('latin1'))!;
    expect(Number(width) / (72 / 25.4)).toBeCloseTo(140, 1);
  });

  test.each([
    ['/api/print/wedge.pdf', {}],
    ['/api/print/wedge.pdf', { angleDeg: 0 }],
    ['/api/print/wedge.pdf', { angleDeg: 'steep' }],
    ['/api/print/lift-gauge.pdf', { angleDeg: 15 }],
    ['/api/print/lift-gauge.pdf', { angleDeg: 15, liftMm: 900 }],
    ['/api/print/wedge.pdf', { angleDeg: 15, colour: 'red' }],
  ])('%s refuses %j', async (path, query) => {
    await request(shop.app).get(path).query(query).expect(422);
  });
});
