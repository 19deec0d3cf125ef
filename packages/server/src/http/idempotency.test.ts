import type { DropOffAnswer, NextTag } from '@patient-edge/contract';
import { UNKNOWN_STEEL_DESIGNATION } from '@patient-edge/core';
import type { Response } from 'supertest';
import { errorOf, intake, jobOf, openShop, type TestShop } from '../../test/test-shop';
import { execute, select } from '../database/pool';
import { tidy } from '../housekeeping';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('idempotency');
});
afterAll(() => shop.close());

const blade = (tagNumber: number) => ({
  bladeId: null,
  tagNumber,
  kindId: 'chef',
  bladeName: '',
  steel: UNKNOWN_STEEL_DESIGNATION,
  useId: 'general-soft',
  cuts: '',
  askedFor: '',
  promisedOn: '2026-12-01',
  sharpness: 'dull',
  edgeLengthMm: null,
  heightHeelMm: null,
});
const bring = (key: string, ...tags: number[]) =>
  shop.owner
    .post('/api/drop-offs')
    .set('Idempotency-Key', key)
    .send({
      customerId: null,
      newCustomer: { name: 'Hollis Reed', trade: '', phones: [], note: '', edgesLiked: '' },
      blades: tags.map(blade),
    });
const tagsOf = (response: Response): number[] =>
  (response.body as DropOffAnswer).jobs.map(({ tagNumber }) => tagNumber);
const inUse = async (): Promise<readonly number[]> =>
  ((await shop.owner.get('/api/next-tag').expect(200)).body as NextTag).inUse;

describe('a drop-off sent again under its key', () => {
  test('as it was, answers as it did and makes nothing', async () => {
    const first = await bring('lost-answer-1', 1, 2).expect(201);
    const again = await bring('lost-answer-1', 1, 2).expect(201);
    expect(tagsOf(again)).toEqual(tagsOf(first));
    expect(await inUse()).toEqual([1, 2]);
  });

  test('with one more blade is refused, says what was made, and loses nothing silently', async () => {
    await bring('lost-answer-2', 11).expect(201);
    const refused = await bring('lost-answer-2', 11, 12).expect(409);
    expect(errorOf(refused)).toMatchObject({
      code: 'KEY_USED',
      message:
        'This was sent before with other contents, and the blade on tag 11 was saved then. Nothing was added this time.',
      made: { tagNumbers: [11] },
    });
    expect(await inUse()).not.toContain(12);
  });

  test('that was refused makes the key free again', async () => {
    await bring('refused-first', 11, 13).expect(422);
    await bring('refused-first', 13).expect(201);
  });

  test('on another route never answers with somebody else’s record', async () => {
    const key = 'one-key-two-routes';
    const { id } = jobOf(
      await shop.owner
        .post('/api/jobs')
        .set('Idempotency-Key', key)
        .send(intake({ tagNumber: 21 }))
        .expect(201),
    );
    const elsewhere = await shop.owner
      .post('/api/customers')
      .set('Idempotency-Key', key)
      .send({ name: 'Berit Quay', trade: '', phones: [], note: '', edgesLiked: '' })
      .expect(409);
    expect(errorOf(elsewhere)).toMatchObject({ code: 'KEY_USED', made: { id } });
    // To somebody else it is another key.
    const other = await shop.person('other', 'counter');
    await other
      .post('/api/customers')
      .set('Idempotency-Key', key)
      .send({ name: 'Berit Quay', trade: '', phones: [], note: '', edgesLiked: '' })
      .expect(201);
  });
});

test('twenty equal posts at once make one blade, and every one is told of it', async () => {
  for (let round = 0; round < 4; round += 1) {
    const tag = 100 + round;
    const answers = await Promise.all(
      Array.from({ length: 20 }, () => bring(`at-once-number-${round}`, tag)),
    );
    const statuses = answers.map(({ status }) => status);
    // Too many locks at once may be told to come back; never a failure of ours.
    expect(statuses.every((status) => status === 201 || status === 503)).toBe(true);
    expect(statuses.filter((status) => status === 201).length).toBeGreaterThan(0);
    expect((await inUse()).filter((each) => each === tag)).toHaveLength(1);
    const ids = new Set(
      answers.flatMap((answer) =>
        answer.status === 201 ? (answer.body as DropOffAnswer).jobs.map(({ id }) => id) : [],
      ),
    );
    expect(ids.size).toBe(1);
  }
});

test('keys nobody repeats any more are thrown out', async () => {
  await bring('an-old-key-1', 201).expect(201);
  await bring('a-young-key-1', 202).expect(201);
  await execute(
    shop.pool,
    "UPDATE idempotency SET created_at = created_at - INTERVAL 31 DAY WHERE idempotency_key = 'an-old-key-1'",
  );
  expect((await tidy(shop.pool)).keys).toBe(1);
  const left = await select<{ held: string }>(
    shop.pool,
    "SELECT idempotency_key AS held FROM idempotency WHERE idempotency_key LIKE '%-key-1'",
  );
  expect(left).toEqual([{ held: 'a-young-key-1' }]);
});
