/** The sums behind the figures: kept with each return, taken back with what is undone, and the same as adding all up. */
import type { FigureSheet } from '@patient-edge/contract';
import Papa from 'papaparse';
import { select } from '../database/pool';
import { jobOf, openShop, passed, sentHome, takeIn, type TestShop } from '../../test/test-shop';
import { addAllFigures } from './queries';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('figures');
});
afterAll(() => shop.close());

const sheet = async (query = ''): Promise<FigureSheet> =>
  (await shop.owner.get(`/api/figures${query}`).expect(200)).body as FigureSheet;
const kept = async () => ({
  visits: await select(shop.pool, 'SELECT * FROM visit_figure ORDER BY job_id'),
  days: await select(
    shop.pool,
    'SELECT * FROM day_figure WHERE blades > 0 ORDER BY returned_on, kind',
  ),
  stones: await select(
    shop.pool,
    `SELECT stone_id, month, blades, steps, ROUND(worked_seconds, 2) AS worked, ROUND(steel_mm3, 4) AS steel
     FROM stone_figure WHERE steps > 0 ORDER BY stone_id, month`,
  ),
});

test('a blade counts from its return until that is undone, and a price changed later is earned', async () => {
  const before = await sheet();
  expect(before.total.blades).toBe(0);
  const ready = await passed(shop.owner, await takeIn(shop.owner));
  const giveBack = async (version: number) =>
    jobOf(
      await shop.owner
        .post(`/api/jobs/${ready.id}/return`)
        .send({ version, tagNumber: ready.tagNumber, sheathed: true, remarks: '' })
        .expect(200),
    );
  const gone = await giveBack(ready.version);
  const first = await kept();
  const back = jobOf(
    await shop.owner
      .post(`/api/jobs/${ready.id}/return/undo`)
      .send({ version: gone.version })
      .expect(200),
  );
  expect(await kept()).toEqual({ visits: [], days: [], stones: [] });
  const job = await giveBack(back.version);
  expect(await kept()).toEqual(first);
  const { total, lines, quotes } = await sheet('?by=kind');
  expect(total).toMatchObject({ blades: 1, late: 0, sentBack: 0, declined: 0 });
  expect(lines).toEqual([expect.objectContaining({ id: job.measures.kindId, blades: 1 })]);
  expect(quotes).toHaveLength(1);
  const worked = await select<{ seconds: number; steel: number }>(
    shop.pool,
    `SELECT CAST(SUM(worked_seconds) AS DOUBLE) AS seconds, SUM(JSON_VALUE(detail, '$.removeMm3')) AS steel
     FROM plan_step WHERE job_id = ? AND stone_id IS NOT NULL`,
    [job.id],
  );
  const stones = await select<{ seconds: number; steel: number }>(
    shop.pool,
    'SELECT SUM(worked_seconds) AS seconds, SUM(steel_mm3) AS steel FROM stone_figure',
  );
  expect(stones[0]!.seconds).toBeCloseTo(worked[0]!.seconds, 3);
  expect(stones[0]!.steel).toBeCloseTo(worked[0]!.steel, 3);
  expect(stones[0]!.steel).toBeGreaterThan(0.5);

  await shop.owner
    .put(`/api/jobs/${job.id}/bill`)
    .send({ version: job.version, priceMinor: 4200, discountMinor: 200, discountReason: 'Friend' })
    .expect(200);
  expect((await sheet()).total.earnedMinor).toBe(4000);

  // Added up anew from all there is, it is the same.
  const one = await kept();
  await addAllFigures(shop.pool, new Date());
  expect(await kept()).toEqual(one);
});

test('what is declined, late or sent back is told apart, and each table comes as CSV', async () => {
  const declined = await sentHome(shop.owner, await takeIn(shop.owner, { tagNumber: 7 }));
  expect(declined.stage).toBe('returned');
  // As if it had been promised for two days before, and failed a test.
  await shop.pool.query(
    "UPDATE job SET round = 2, promised_on = DATE(returned_at) - INTERVAL 2 DAY WHERE decline_reason IS NULL AND stage = 'returned'",
  );
  await addAllFigures(shop.pool, new Date());
  const told = await sheet('?by=month');
  expect(told.total).toMatchObject({ blades: 2, late: 1, sentBack: 1, declined: 1 });
  expect(told.late).toEqual([{ because: 'sent back', blades: 1 }]);
  // Nobody said why.
  expect(told.sentBack).toEqual([{ name: 'Not found out', blades: 1 }]);
  expect(told.quotes[0]!.blades).toBe(1);
  for (const table of ['lines', 'back', 'late', 'seasons', 'regulars', 'quotes']) {
    const { text } = await shop.owner.get(`/api/figures.csv?table=${table}&by=place`).expect(200);
    const { data, errors, meta } = Papa.parse<Record<string, string>>(text, { header: true });
    expect([table, errors, meta.fields!.length > 1, data.length > 0]).toEqual([
      table,
      [],
      true,
      true,
    ]);
  }
});

test('days that are not days are refused by name', async () => {
  const answer = await shop.owner.get('/api/figures?fromDay=2026-02-31&by=hour').expect(422);
  expect(
    (answer.body as { error: { fields: { field: string }[] } }).error.fields.map(
      ({ field }) => field,
    ),
  ).toEqual(['fromDay', 'by']);
});
