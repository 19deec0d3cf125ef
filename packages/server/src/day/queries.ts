import type { DayMark, PresenceBody } from '@patient-edge/contract';
import type { BladeMeasures, PlanStep, Role, Stage } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';
import { MEASURE_COLUMNS } from '../jobs/rows';

/** A blade that is worked or to be worked. */
export interface QueueJobRow extends BladeMeasures {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly blade: string;
  readonly customer: string;
  readonly steel: string;
  readonly promisedOn: string;
  readonly placeId: number | null;
  readonly place: string | null;
  readonly closesAt: string | null;
  readonly inHandBy: number | null;
  readonly inHandAt: Date | null;
  readonly mark: DayMark | null;
  readonly round: number;
  /** Of the plan that is followed. */
  readonly doneSteps: number;
}
/** More do not stand at one bench. */
const MOST_JOBS = 400;
export const queueJobs = (db: Queryable): Promise<QueueJobRow[]> =>
  select<QueueJobRow>(
    db,
    `SELECT j.id AS jobId, j.tag_number AS tagNumber, j.stage, b.name AS blade, c.name AS customer, b.steel,
       j.promised_on AS promisedOn, j.place_id AS placeId, p.name AS place, TIME_FORMAT(p.closes_at, '%H:%i') AS closesAt,
       j.in_hand_by AS inHandBy, j.in_hand_at AS inHandAt, m.mark, j.round,
       (SELECT COUNT(*) FROM plan_step d WHERE d.job_id = j.id AND d.superseded = FALSE AND d.status = 'done') AS doneSteps, ${MEASURE_COLUMNS}
     FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id
       LEFT JOIN place p ON p.id = j.place_id LEFT JOIN day_mark m ON m.job_id = j.id
     WHERE j.stage IN ('planned', 'on the bench') ORDER BY j.promised_on, j.id LIMIT ${MOST_JOBS}`,
  );

export const countUnplanned = async (db: Queryable): Promise<number> =>
  (
    await select<{ readonly blades: number }>(
      db,
      "SELECT COUNT(*) AS blades FROM job j WHERE j.stage = 'taken in'",
    )
  )[0]!.blades;

export interface QueueStepRow {
  readonly jobId: number;
  readonly stepId: number;
  readonly stoneId: number | null;
  readonly title: PlanStep['title'];
  /** By the model alone. */
  readonly seconds: number;
  readonly workedSeconds: number;
  /** Open questions keep a step from being begun. */
  readonly asks: readonly { readonly id: string }[] | null;
}
/** Of all blades in the queue, each in its order. */
export const queueSteps = (db: Queryable): Promise<QueueStepRow[]> =>
  select<QueueStepRow>(
    db,
    `SELECT STRAIGHT_JOIN p.job_id AS jobId, p.id AS stepId, p.stone_id AS stoneId, JSON_EXTRACT(p.detail, '$.title') AS title,
       COALESCE(CAST(JSON_VALUE(p.detail, '$.seconds') AS DOUBLE), 0) AS seconds, p.worked_seconds AS workedSeconds, p.asks
     FROM job j JOIN plan_step p ON p.job_id = j.id AND p.status = 'to do' AND p.superseded = FALSE
     WHERE j.stage IN ('planned', 'on the bench') ORDER BY p.job_id, p.position, p.id`,
  );

/** What customers answered of blades in the queue, the last answer last. */
export const queueAnswers = (
  db: Queryable,
): Promise<{ readonly jobId: number; readonly matter: string; readonly answer: 'yes' | 'no' }[]> =>
  select(
    db,
    `SELECT STRAIGHT_JOIN c.job_id AS jobId, c.matter, c.answer FROM job j JOIN consent c ON c.job_id = j.id
     WHERE j.stage IN ('planned', 'on the bench') ORDER BY c.id`,
  );

export interface PresenceRow {
  readonly staffId: number;
  readonly name: string;
  readonly role: Role;
  readonly present: number | null;
  readonly fromTime: string | null;
  readonly untilTime: string | null;
}
export const presenceOn = (db: Queryable, day: string): Promise<PresenceRow[]> =>
  select<PresenceRow>(
    db,
    `SELECT s.id AS staffId, s.name, s.role, d.present, TIME_FORMAT(d.from_time, '%H:%i') AS fromTime,
       TIME_FORMAT(d.until_time, '%H:%i') AS untilTime
     FROM staff s LEFT JOIN day_presence d ON d.staff_id = s.id AND d.on_day = ?
     WHERE s.active ORDER BY s.role <> 'bench', s.id`,
    [day],
  );

export const setPresence = (
  db: Queryable,
  { day, staffId, present, fromTime, untilTime }: PresenceBody,
) =>
  execute(
    db,
    `INSERT INTO day_presence (on_day, staff_id, present, from_time, until_time) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE present = VALUES(present), from_time = VALUES(from_time), until_time = VALUES(until_time)`,
    [day, staffId, present, fromTime, untilTime],
  );

export const setMark = (db: Queryable, jobId: number, mark: DayMark | null) =>
  mark === null
    ? execute(db, 'DELETE FROM day_mark WHERE job_id = ?', [jobId])
    : execute(
        db,
        'INSERT INTO day_mark (job_id, mark) VALUES (?, ?) ON DUPLICATE KEY UPDATE mark = VALUES(mark)',
        [jobId, mark],
      );

/** Blades at home whose edge is due within a stretch of days, by day. */
export const dueByDay = (
  db: Queryable,
  fromDay: string,
  toDay: string,
): Promise<{ readonly day: string; readonly blades: number }[]> =>
  select(
    db,
    `SELECT CAST(j.due_on AS CHAR) AS day, COUNT(*) AS blades FROM job j
     WHERE j.due_on BETWEEN CAST(? AS DATE) AND CAST(? AS DATE) AND j.stage = 'returned'
       AND NOT EXISTS (SELECT 1 FROM job n WHERE n.blade_id = j.blade_id AND n.id > j.id)
     GROUP BY j.due_on`,
    [fromDay, toDay],
  );

/** What blades of each kind took on average in a year. */
export const usualMinutes = async (db: Queryable): Promise<ReadonlyMap<string, number>> =>
  new Map(
    (
      await select<{ readonly kind: string; readonly minutes: number | null }>(
        db,
        `SELECT f.kind, SUM(f.worked_seconds) / NULLIF(SUM(f.blades - f.declined), 0) / 60 AS minutes FROM day_figure f
         WHERE f.returned_on >= CURRENT_DATE - INTERVAL 1 YEAR GROUP BY f.kind`,
      )
    ).flatMap(({ kind, minutes }) => (minutes === null ? [] : [[kind, minutes] as const])),
  );

/** Taken in and promised, and nobody knows its steps yet. */
export interface UnplannedRow {
  readonly tagNumber: number;
  readonly kind: string;
  readonly promisedOn: string;
  readonly place: string | null;
  readonly closesAt: string | null;
}
export const unplannedJobs = (db: Queryable): Promise<UnplannedRow[]> =>
  select<UnplannedRow>(
    db,
    `SELECT j.tag_number AS tagNumber, b.kind, j.promised_on AS promisedOn, p.name AS place,
       TIME_FORMAT(p.closes_at, '%H:%i') AS closesAt
     FROM job j JOIN blade b ON b.id = j.blade_id LEFT JOIN place p ON p.id = j.place_id
     WHERE j.stage = 'taken in' ORDER BY j.promised_on, j.id LIMIT ${MOST_JOBS}`,
  );

/** A step that was finished. */
export interface FinishedRow {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stone: string | null;
  readonly person: string;
  readonly foreseenSeconds: number | null;
  readonly workedSeconds: number;
  readonly teaches: number;
}
export const finishedSteps = (db: Queryable, from: Date, until: Date): Promise<FinishedRow[]> =>
  select<FinishedRow>(
    db,
    `SELECT p.job_id AS jobId, j.tag_number AS tagNumber, s.name AS stone, w.name AS person,
       p.forecast_p50_seconds AS foreseenSeconds, p.worked_seconds AS workedSeconds, p.log_ratio IS NOT NULL AS teaches
     FROM plan_step p JOIN job j ON j.id = p.job_id JOIN staff w ON w.id = p.finished_by
       LEFT JOIN stone s ON s.id = p.stone_id
     WHERE p.finished_at >= CAST(? AS DATETIME(3)) AND p.finished_at < CAST(? AS DATETIME(3)) AND p.status = 'done'
     ORDER BY p.finished_at, p.id`,
    [from, until],
  );

/** Promised for a day or before, and not yet through their test. */
export const notDoneBy = (
  db: Queryable,
  day: string,
): Promise<{ readonly jobId: number; readonly tagNumber: number }[]> =>
  select(
    db,
    `SELECT j.id AS jobId, j.tag_number AS tagNumber FROM job j
     WHERE j.stage IN ('taken in', 'planned', 'on the bench', 'testing') AND j.promised_on <= CAST(? AS DATE)
     ORDER BY j.promised_on, j.id LIMIT ${MOST_JOBS}`,
    [day],
  );
