import type { Trial, TrialBlade, TrialBody } from '@patient-edge/contract';
import type { TrialArm, TrialWay } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';
import { HAS_LIFE, LIFE_COLUMNS, LIFE_JOINS, type LifeRow } from '../record/queries';

/** A trial without what hangs on it. */
export type TrialRow = Omit<Trial, 'begunAt' | 'stoppedAt' | 'blades' | 'result' | 'otherwise'> & {
  readonly begunAt: Date;
  readonly stoppedAt: Date | null;
  readonly draws: number;
};
const TRIAL_SELECT = `SELECT t.id, t.question, t.first_school AS firstSchool, t.second_school AS secondSchool, t.note,
    t.seed, t.draws, t.begun_at AS begunAt, p.name AS begunBy, t.stopped_at AS stoppedAt, t.stop_reason AS stopReason
  FROM trial t JOIN staff p ON p.id = t.begun_by`;

/** Running ones first, then the latest. */
export const listTrials = (db: Queryable): Promise<TrialRow[]> =>
  select<TrialRow>(db, `${TRIAL_SELECT} ORDER BY t.stopped_at IS NOT NULL, t.id DESC`);

/** Held until the end of the transaction: its draws are numbered. */
export const lockTrial = async (db: Queryable, id: number): Promise<TrialRow | undefined> =>
  (await select<TrialRow>(db, `${TRIAL_SELECT} WHERE t.id = ? FOR UPDATE`, [id]))[0];

export const addTrial = async (
  db: Queryable,
  { question, firstSchool, secondSchool, note }: TrialBody,
  seed: number,
  staffId: number,
): Promise<number> =>
  (
    await execute(
      db,
      'INSERT INTO trial (question, first_school, second_school, note, seed, begun_by) VALUES (?, ?, ?, ?, ?, ?)',
      [question, firstSchool, secondSchool, note, seed, staffId],
    )
  ).insertId;

export const stopTrial = (db: Queryable, id: number, staffId: number, reason: string) =>
  execute(
    db,
    'UPDATE trial SET stopped_at = CURRENT_TIMESTAMP(3), stopped_by = ?, stop_reason = ? WHERE id = ?',
    [staffId, reason, id],
  );

export type TrialBladeRow = Omit<TrialBlade, 'drawnAt'> & {
  readonly trialId: number;
  readonly drawnAt: Date;
};
export const trialBlades = (db: Queryable): Promise<TrialBladeRow[]> =>
  select<TrialBladeRow>(
    db,
    `SELECT STRAIGHT_JOIN x.trial_id AS trialId, x.blade_id AS bladeId, b.name AS blade, b.customer_id AS customerId, c.name AS customer,
       x.way, x.begins_with AS beginsWith, x.drawn_at AS drawnAt
     FROM trial_blade x JOIN blade b ON b.id = x.blade_id JOIN customer c ON c.id = b.customer_id
     ORDER BY x.drawn_at, x.blade_id`,
  );

/** A visit of a blade within a trial, that has a life. */
export interface TrialLifeRow extends LifeRow {
  readonly trialId: number;
  readonly way: TrialWay;
  readonly beginsWith: TrialArm;
  /** Visits of its trial before it. */
  readonly visitsBefore: number;
}
const VISITS_BEFORE = `(SELECT COUNT(*) FROM job e
  WHERE e.blade_id = x.blade_id AND e.id >= x.from_job_id AND e.id < j.id AND e.decline_reason IS NULL)`;

/** Of a trial that was stopped, visits before that. */
export const trialLives = (db: Queryable): Promise<TrialLifeRow[]> =>
  select<TrialLifeRow>(
    db,
    `SELECT STRAIGHT_JOIN x.trial_id AS trialId, x.way, x.begins_with AS beginsWith, ${VISITS_BEFORE} AS visitsBefore, ${LIFE_COLUMNS}
     FROM trial t JOIN trial_blade x ON x.trial_id = t.id
       JOIN job j ON j.blade_id = x.blade_id AND j.id >= x.from_job_id ${LIFE_JOINS}
     WHERE ${HAS_LIFE} AND (t.stopped_at IS NULL OR j.taken_in_at < t.stopped_at) ORDER BY j.id`,
  );

/** The running trial of a blade, as it stands for one visit. */
export interface LotRow {
  readonly trialId: number;
  readonly question: string;
  readonly firstSchool: string;
  readonly secondSchool: string;
  readonly way: TrialWay;
  readonly beginsWith: TrialArm;
  readonly visitsBefore: number;
  readonly drawnAt: Date;
}
export const lotOfVisit = async (
  db: Queryable,
  bladeId: number,
  jobId: number,
): Promise<LotRow | undefined> =>
  (
    await select<LotRow>(
      db,
      `SELECT t.id AS trialId, t.question, t.first_school AS firstSchool, t.second_school AS secondSchool, x.way,
         x.begins_with AS beginsWith, ${VISITS_BEFORE} AS visitsBefore, x.drawn_at AS drawnAt
       FROM trial_blade x JOIN trial t ON t.id = x.trial_id JOIN job j ON j.id = ?
       WHERE x.blade_id = ? AND x.from_job_id <= j.id AND (t.stopped_at IS NULL OR j.taken_in_at < t.stopped_at)
       ORDER BY t.id DESC LIMIT 1`,
      [jobId, bladeId],
    )
  )[0];

/** What a draw must know of a blade. */
export interface DrawnBlade {
  readonly id: number;
  readonly customerId: number;
  readonly kind: string;
  /** The running trial it is in, or null. */
  readonly trialId: number | null;
  /** The visit on the bench or before it, where its plan was not settled yet; null where the next visit begins. */
  readonly openJobId: number | null;
}
export const bladeToDraw = async (db: Queryable, id: number): Promise<DrawnBlade | undefined> =>
  (
    await select<DrawnBlade>(
      db,
      `SELECT b.id, b.customer_id AS customerId, b.kind,
         (SELECT MAX(t.id) FROM trial_blade x JOIN trial t ON t.id = x.trial_id WHERE x.blade_id = b.id AND t.stopped_at IS NULL) AS trialId,
         (SELECT MAX(j.id) FROM job j WHERE j.blade_id = b.id AND j.stage = 'taken in') AS openJobId
       FROM blade b WHERE b.id = ? FOR UPDATE`,
      [id],
    )
  )[0];

export const lastJobId = async (db: Queryable): Promise<number> =>
  (await select<{ readonly id: number | null }>(db, 'SELECT MAX(j.id) AS id FROM job j'))[0]?.id ??
  0;

export const addTrialBlade = async (
  db: Queryable,
  trialId: number,
  bladeId: number,
  way: TrialWay,
  beginsWith: TrialArm,
  fromJobId: number,
): Promise<void> => {
  await execute(
    db,
    'INSERT INTO trial_blade (trial_id, blade_id, way, begins_with, from_job_id) VALUES (?, ?, ?, ?, ?)',
    [trialId, bladeId, way, beginsWith, fromJobId],
  );
};

export const countDraws = (db: Queryable, trialId: number, draws: number) =>
  execute(db, 'UPDATE trial SET draws = ? WHERE id = ?', [draws, trialId]);
