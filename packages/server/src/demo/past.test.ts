/** Three years of work by a hidden truth: the bench finds it, and says how sure it is. */
import type { Pool } from 'mysql2/promise';
import { MODEL_VERSION } from '@patient-edge/core';
import { emptyDatabase, MIGRATIONS } from '../../test/test-shop';
import { inProcessCompute } from '../compute/in-process';
import { inTransaction, select } from '../database/pool';
import { migrate } from '../database/migrate';
import { scoreForecasts } from '../record/forecasts';
import { lifeSheet } from '../record/lives';
import { forecastRows, lifeRows } from '../record/queries';
import { learnRatesOf } from '../record/rates';
import { readTrials } from '../trials/sheet';
import { loadDemo } from './load-demo';
import { loadPast, type HiddenTruth } from './past';

const NOW = new Date('2026-11-25T09:00:00Z');
let pool: Pool;
let truth: HiddenTruth;
let lastOfPresent: number;
beforeAll(async () => {
  pool = await emptyDatabase('past');
  await migrate(pool, MIGRATIONS);
  await loadDemo(pool, inProcessCompute(), NOW, '');
  const people = await select<{ readonly id: number }>(pool, 'SELECT id FROM staff ORDER BY id');
  // The steps of the demo itself were worked at the model’s pace: of them nothing is hidden.
  await pool.query('UPDATE plan_step SET finished_by = NULL');
  const [last] = await select<{ readonly id: number }>(pool, 'SELECT MAX(id) AS id FROM job');
  lastOfPresent = last!.id;
  truth = await inTransaction(pool, (db) =>
    loadPast(db, { ownerId: people[0]!.id, benchId: people[1]!.id }, NOW),
  );
});
afterAll(() => pool.end());

test('the hidden factors are found within what the rates say of themselves', async () => {
  const { byHand } = await learnRatesOf(pool);
  const done = await select<{ stoneId: number; steel: string; staffId: number }>(
    pool,
    `SELECT r.stone_id AS stoneId, r.steel, r.staff_id AS staffId FROM step_rate r JOIN stone s ON s.id = r.stone_id
     WHERE s.kind NOT IN ('belt', 'wheel') AND r.records > 0`,
  );
  expect(byHand.records).toBeGreaterThan(1000);
  const beyond = done.map(({ stoneId, steel, staffId }) => {
    const { mean, variance } = byHand.rates.shared({
      abrasive: String(stoneId),
      steel,
      person: String(staffId),
    });
    const real = truth.stone.get(stoneId)! + truth.steel.get(steel)! + truth.person.get(staffId)!;
    return Math.abs(mean - real) / Math.sqrt(variance);
  });
  expect(Math.max(...beyond)).toBeLessThan(5);
  expect(beyond.filter((times) => times < 2).length / beyond.length).toBeGreaterThan(0.85);
  // The noise is read off the residuals.
  expect(byHand.rates.spreads.noiseSd).toBeGreaterThan(0.19);
  expect(byHand.rates.spreads.noiseSd).toBeLessThan(0.25);
});

test('the last year was forecast honestly, and better than by the model alone', async () => {
  const from = new Date(NOW.getTime() - 365 * 24 * 60 * 60 * 1000);
  const rows = await forecastRows(pool, MODEL_VERSION, from, NOW);
  const { all, months } = scoreForecasts(rows, '', '');
  expect(months.length).toBeGreaterThan(10);
  expect(all!.score.coverage).toBeGreaterThan(0.75);
  expect(all!.score.coverage).toBeLessThan(0.85);
  expect(all!.score.pinball).toBeLessThan(0.8 * all!.uncorrected.pinball);
});

test('a difference in how long edges last is called, where there is none it is not', async () => {
  const from = new Date(NOW.getTime() - 5 * 365 * 24 * 60 * 60 * 1000);
  const rows = await lifeRows(pool, from, NOW);
  const asked = { use: 'all', first: null, second: null };
  const burr = lifeSheet(rows, { ...asked, by: 'burr', first: 'a trace', second: 'none' }, NOW);
  expect(burr.compared!.longerProbability).toBeGreaterThan(0.95);
  expect(burr.compared!.p).toBeLessThan(0.05);
  // By the parity of the day it went home nothing differs.
  const even = rows.map((row) => ({
    ...row,
    steel: row.returnedAt.getDate() % 2 === 0 ? 'even' : 'odd',
  }));
  const chance = lifeSheet(even, { ...asked, by: 'steel' }, NOW);
  expect(chance.compared!.longerProbability).toBeGreaterThan(0.05);
  expect(chance.compared!.longerProbability).toBeLessThan(0.95);
});

test('the record is whole: every blade of the past went home, in the order of its visits', async () => {
  const [row] = await select<{ blades: number; visits: number; wrong: number }>(
    pool,
    `SELECT COUNT(DISTINCT a.blade_id) AS blades, COUNT(*) AS visits,
       SUM(EXISTS (SELECT 1 FROM job b WHERE b.blade_id = a.blade_id AND b.id > a.id
         AND (b.returned_at < a.returned_at OR b.height_heel_mm > a.height_heel_mm))) AS wrong
     FROM job a WHERE a.id > ?`,
    [lastOfPresent],
  );
  expect(row!.blades).toBeGreaterThan(25);
  expect(row!.visits).toBeGreaterThan(200);
  expect(Number(row!.wrong)).toBe(0);
});

test('of two trials the one that matters is called, and the one that does not is not', async () => {
  const trials = await readTrials(pool, NOW);
  const of = (question: string) => trials.find((trial) => trial.question === question)!;
  expect(of('burr').blades).toHaveLength(10);
  expect(of('burr').otherwise).toBe(0);
  expect(of('burr').result!.isEnough).toBe(true);
  // A trace of burr really lasts half as long again.
  expect(of('burr').result!.longerProbability).toBeLessThan(0.05);
  expect(of('slurry').blades).toHaveLength(10);
  expect(of('slurry').result!.isEnough).toBe(false);
  expect(of('slurry').result!.longerProbability).toBeGreaterThan(0.05);
  expect(of('slurry').result!.longerProbability).toBeLessThan(0.95);
});
