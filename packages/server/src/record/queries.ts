import {
  abrasiveKind,
  type AbrasiveKindId,
  type AlikeSums,
  type Message,
  type PlanChoices,
} from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

/** Sums of the steps alike that one stone, one steel and one person did. */
export interface RateRow extends AlikeSums {
  readonly stoneId: number;
  readonly stone: string;
  readonly isMachine: boolean;
  readonly steel: string;
  readonly staffId: number;
  readonly person: string;
}

/** Of the forecasts of one model, of those whose steps count. */
export const rateRows = async (db: Queryable, modelVersion: number): Promise<RateRow[]> =>
  (
    await select<Omit<RateRow, 'isMachine'> & { readonly kind: AbrasiveKindId }>(
      db,
      `SELECT r.stone_id AS stoneId, s.name AS stone, s.kind, r.steel,
         r.staff_id AS staffId, p.name AS person, r.records, r.log_sum AS logSum, r.square_sum AS squareSum
       FROM step_rate r JOIN stone s ON s.id = r.stone_id JOIN staff p ON p.id = r.staff_id
       WHERE r.model_version = ? AND r.records > 0 AND p.teaches`,
      [modelVersion],
    )
  ).map(({ kind, ...row }) => ({ ...row, isMachine: abrasiveKind(kind).task === 'machine' }));

/** Changes with every record: what was learnt from the sums so far need not be learnt anew. */
export const rateStamp = async (db: Queryable, modelVersion: number): Promise<string> => {
  const [row] = await select<{ readonly stamp: string }>(
    db,
    `SELECT CONCAT_WS(' ', COUNT(*), SUM(r.records), SUM(r.log_sum), SUM(r.square_sum), SUM(p.teaches * r.staff_id)) AS stamp
     FROM step_rate r JOIN staff p ON p.id = r.staff_id WHERE r.model_version = ?`,
    [modelVersion],
  );
  return row!.stamp;
};

export const stoneIds = async (db: Queryable): Promise<string[]> =>
  (
    await select<{ readonly id: number }>(
      db,
      'SELECT id FROM stone WHERE retired = FALSE ORDER BY id',
    )
  ).map(({ id }) => String(id));

export const peopleLeftOut = (
  db: Queryable,
): Promise<{ readonly id: number; readonly name: string }[]> =>
  select(db, 'SELECT id, name FROM staff WHERE teaches = FALSE ORDER BY name');

/** False where nobody has that number. */
export const setTeaches = async (
  db: Queryable,
  staffId: number,
  teaches: boolean,
): Promise<boolean> => {
  const [person] = await select(db, 'SELECT id FROM staff WHERE id = ?', [staffId]);
  await execute(db, 'UPDATE staff SET teaches = ? WHERE id = ?', [teaches, staffId]);
  return person !== undefined;
};

/** A step as it was foreseen and as it went. */
export interface ForecastRow {
  readonly stepId: number;
  readonly jobId: number;
  readonly blade: string;
  readonly kind: string;
  readonly operation: string;
  readonly stone: string;
  readonly steel: string;
  readonly person: string;
  readonly foreseenSeconds: number;
  readonly p10Seconds: number;
  readonly p50Seconds: number;
  readonly p90Seconds: number;
  readonly takenSeconds: number;
  readonly finishedAt: Date;
}

/** More are not scored at once: of more, every second, third or hundredth of the stretch. */
export const MOST_SCORED = 1_200;

/** Every so many of a stretch to come to about as many as are wanted, by the first and last number in it. */
const everyNth = async (
  db: Queryable,
  table: 'plan_step' | 'job',
  at: 'finished_at' | 'returned_at',
  [from, until]: readonly [Date, Date],
  most: number,
): Promise<number> => {
  const [row] = await select<{ readonly first: number | null; readonly last: number | null }>(
    db,
    `SELECT (SELECT f.id FROM ${table} f WHERE f.${at} >= CAST(? AS DATETIME(3)) AND f.${at} < CAST(? AS DATETIME(3)) ORDER BY f.${at}, f.id LIMIT 1) AS first,
       (SELECT f.id FROM ${table} f WHERE f.${at} >= CAST(? AS DATETIME(3)) AND f.${at} < CAST(? AS DATETIME(3)) ORDER BY f.${at} DESC, f.id DESC LIMIT 1) AS last`,
    [from, until, from, until],
  );
  const span = Math.abs((row?.last ?? 0) - (row?.first ?? 0));
  return Math.max(1, Math.floor(span / most));
};

/** Steps that count, finished in a stretch of time, spread evenly over it, the newest first. */
export const forecastRows = async (
  db: Queryable,
  modelVersion: number,
  from: Date,
  until: Date,
): Promise<ForecastRow[]> => {
  const nth = await everyNth(db, 'plan_step', 'finished_at', [from, until], MOST_SCORED);
  return select<ForecastRow>(
    db,
    `SELECT STRAIGHT_JOIN p.id AS stepId, p.job_id AS jobId, b.name AS blade, b.kind, p.operation, s.name AS stone, p.foreseen_steel AS steel,
       w.name AS person, p.foreseen_seconds AS foreseenSeconds,
       p.forecast_p10_seconds AS p10Seconds, p.forecast_p50_seconds AS p50Seconds,
       p.forecast_p90_seconds AS p90Seconds, p.worked_seconds AS takenSeconds, p.finished_at AS finishedAt
     FROM plan_step p JOIN stone s ON s.id = p.stone_id JOIN staff w ON w.id = p.finished_by
       JOIN job j ON j.id = p.job_id JOIN blade b ON b.id = j.blade_id
     WHERE p.finished_at >= CAST(? AS DATETIME(3)) AND p.finished_at < CAST(? AS DATETIME(3)) AND MOD(p.id, ?) = 0
       AND p.model_version = ? AND p.log_ratio IS NOT NULL
     ORDER BY p.finished_at DESC, p.id DESC LIMIT ${2 * MOST_SCORED}`,
    [from, until, nth, modelVersion],
  );
};

/** What a step is called. */
export const stepTitle = async (db: Queryable, stepId: number): Promise<Message | string> =>
  (
    await select<{ readonly title: Message | string }>(
      db,
      "SELECT JSON_EXTRACT(p.detail, '$.title') AS title FROM plan_step p WHERE p.id = ?",
      [stepId],
    )
  )[0]!.title;

/** Adds up every record there is: for steps that came another way than by being worked. */
export const learnFromAll = async (db: Queryable): Promise<void> => {
  await execute(db, 'DELETE FROM step_rate');
  await execute(
    db,
    `INSERT INTO step_rate (stone_id, steel, staff_id, model_version, records, log_sum, square_sum)
     SELECT stone_id, foreseen_steel, finished_by, model_version, COUNT(*), SUM(log_ratio), SUM(log_ratio * log_ratio)
     FROM plan_step WHERE log_ratio IS NOT NULL GROUP BY stone_id, foreseen_steel, finished_by, model_version`,
  );
};

/** A blade that went home, and what became of its edge. */
export interface LifeRow {
  readonly returnedAt: Date;
  readonly steel: string;
  readonly useId: string;
  readonly choices: PlanChoices;
  /** Per side; null where the plan does not say. */
  readonly angleDeg: number | null;
  /** The finest the edge was worked on; null where none was. */
  readonly lastStone: string | null;
  /** When its customer said that it is dull; null where nobody did. */
  readonly dullAt: Date | null;
  /** When it came again, how, and with a chip or not; null while it is out. */
  readonly nextAt: Date | null;
  readonly nextSharpness: string | null;
  readonly nextHasChip: number;
}

/** What became of the visit that stands as `j`, with its blade and the blade's next visit. */
export const LIFE_COLUMNS = `j.returned_at AS returnedAt, b.steel, j.use_id AS useId,
       JSON_EXTRACT(j.plan_record, '$.choices') AS choices, JSON_VALUE(j.plan_record, '$.angleDeg') + 0.0 AS angleDeg,
       (SELECT s.name FROM plan_step p JOIN stone s ON s.id = p.stone_id
         WHERE p.job_id = j.id AND p.operation IN ('edge', 'refine') AND p.status = 'done' AND p.superseded = FALSE
         ORDER BY p.position DESC, p.id DESC LIMIT 1) AS lastStone,
       (SELECT a.at FROM visit_answer a WHERE a.job_id = j.id AND a.answer = 'dull again') AS dullAt,
       n.taken_in_at AS nextAt, n.sharpness AS nextSharpness,
       EXISTS (SELECT 1 FROM damage d WHERE d.job_id = n.id AND d.kind = 'chip') AS nextHasChip`;
export const LIFE_JOINS = `JOIN blade b ON b.id = j.blade_id
       LEFT JOIN job n ON n.id = (SELECT MIN(l.id) FROM job l WHERE l.blade_id = j.blade_id AND l.id > j.id)`;
export const HAS_LIFE =
  "j.stage = 'returned' AND j.plan_record IS NOT NULL AND j.decline_reason IS NULL";

/** More are not read at once: of more, every so many of the stretch. */
export const MOST_LIVES = 1_200;

export const lifeRows = async (db: Queryable, from: Date, until: Date): Promise<LifeRow[]> => {
  const nth = await everyNth(db, 'job', 'returned_at', [from, until], MOST_LIVES);
  return select<LifeRow>(
    db,
    // Which of them is told by the key alone.
    `SELECT STRAIGHT_JOIN ${LIFE_COLUMNS}
     FROM (SELECT k.id FROM job k FORCE INDEX (job_returned_at)
       WHERE k.returned_at >= CAST(? AS DATETIME(3)) AND k.returned_at < CAST(? AS DATETIME(3)) AND MOD(k.id, ?) = 0) k
       JOIN job j ON j.id = k.id ${LIFE_JOINS}
     WHERE ${HAS_LIFE} LIMIT ${2 * MOST_LIVES}`,
    [from, until, nth],
  );
};
