/** Rows of the demo's past, each like a row of its present. */
import { MODEL_VERSION } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

/** A job of the demo a blade of the past was like. */
export interface Template {
  readonly jobId: number;
  readonly steel: string;
}
export interface TemplateStep {
  readonly id: number;
  readonly stoneId: number | null;
  readonly seconds: number;
  readonly strokes: number;
}

export const templatesIn = (db: Queryable): Promise<Template[]> =>
  select<Template>(
    db,
    `SELECT MAX(j.id) AS jobId, b.steel FROM job j JOIN blade b ON b.id = j.blade_id
     WHERE j.plan_record IS NOT NULL AND j.decline_reason IS NULL GROUP BY b.id, b.steel ORDER BY jobId`,
  );

export const stepsOf = (db: Queryable, jobId: number): Promise<TemplateStep[]> =>
  select<TemplateStep>(
    db,
    `SELECT id, stone_id AS stoneId, CAST(JSON_VALUE(detail, '$.seconds') AS DOUBLE) AS seconds,
       CAST(COALESCE(JSON_VALUE(detail, '$.strokesPerSide'), 0) AS UNSIGNED) AS strokes
     FROM plan_step WHERE job_id = ? AND superseded = FALSE ORDER BY position, id`,
    [jobId],
  );

export const addBladeLike = async (db: Queryable, jobId: number, name: string): Promise<number> =>
  (
    await execute(
      db,
      `INSERT INTO blade (customer_id, name, kind, steel)
       SELECT b.customer_id, CONCAT(IF(b.name = '', 'Knife', LEFT(b.name, 50)), ', ', ?), b.kind, b.steel
       FROM job j JOIN blade b ON b.id = j.blade_id WHERE j.id = ?`,
      [name, jobId],
    )
  ).insertId;

/** What a visit has of its own; all else is as the job it is like. */
export interface Visit {
  readonly bladeId: number;
  readonly tagNumber: number;
  readonly takenInAt: Date;
  readonly promisedAt: Date;
  readonly returnedAt: Date;
  readonly round: number;
  readonly burrPolicy: string;
  readonly slurry: string;
  /** Higher than the job it is like, mm. */
  readonly higherMm: number;
  /** Thinner behind the edge, mm. */
  readonly thinnerMm: number;
}

const LIKE_IT = [
  'use_id',
  'cuts',
  'careful_hands',
  'edge_length_mm',
  'spine_heel_mm',
  'spine_middle_mm',
  'spine_tip_mm',
  'bevel_face_mm',
  'present_angle_per_side_deg',
  'plan_choices',
  'measured_with',
  'angle_assumed',
  'answers',
  'place_id',
];

export const addVisit = async (db: Queryable, jobId: number, visit: Visit): Promise<number> =>
  (
    await execute(
      db,
      `INSERT INTO job (blade_id, tag_number, stage, round, promised_on, taken_in_at, returned_at, sharpness,
         height_heel_mm, height_middle_mm, height_tip_mm, thickness_behind_edge_mm, plan_record, ${LIKE_IT.join(', ')})
       SELECT ?, ?, 'returned', ?, DATE(?), ?, ?, 'dull', height_heel_mm + ?, height_middle_mm + ?,
         height_tip_mm + ?, GREATEST(0.05, thickness_behind_edge_mm - ?),
         JSON_SET(plan_record, '$.choices.burrPolicy', ?, '$.choices.practice.slurry', ?), ${LIKE_IT.join(', ')}
       FROM job WHERE id = ?`,
      [
        visit.bladeId,
        visit.tagNumber,
        visit.round,
        visit.promisedAt,
        visit.takenInAt,
        visit.returnedAt,
        visit.higherMm,
        visit.higherMm,
        visit.higherMm,
        visit.thinnerMm,
        visit.burrPolicy,
        visit.slurry,
        jobId,
      ],
    )
  ).insertId;

export interface WorkedStep {
  readonly foreseenSeconds: number;
  readonly takenSeconds: number;
  readonly range: readonly [p10: number, p50: number, p90: number];
  readonly steel: string;
  readonly staffId: number;
  readonly finishedAt: Date;
}

export const addStep = (db: Queryable, jobId: number, of: TemplateStep, step: WorkedStep) =>
  execute(
    db,
    `INSERT INTO plan_step (job_id, position, operation, stone_id, detail, asks, status, strokes_right, strokes_left,
       worked_seconds, revision, forecast_p10_seconds, forecast_p50_seconds, forecast_p90_seconds, model_version,
       foreseen_seconds, foreseen_steel, finished_at, finished_by)
     SELECT ?, position, operation, stone_id, detail, asks, 'done', ?, ?, ?, 1, ?, ?, ?, ?, ?, ?, ?, ?
     FROM plan_step WHERE id = ?`,
    [
      jobId,
      of.strokes,
      of.strokes,
      Math.round(1000 * step.takenSeconds) / 1000,
      ...step.range,
      MODEL_VERSION,
      step.foreseenSeconds,
      step.steel,
      step.finishedAt,
      step.staffId,
      of.id,
    ],
  );

export const stoneIdsOf = async (db: Queryable): Promise<number[]> =>
  (await select<{ readonly id: number }>(db, 'SELECT id FROM stone ORDER BY id')).map(
    ({ id }) => id,
  );

export const steelsOf = async (db: Queryable): Promise<string[]> =>
  (
    await select<{ readonly steel: string }>(db, 'SELECT DISTINCT steel FROM blade ORDER BY steel')
  ).map(({ steel }) => steel);

/** What was said, charged and found of a visit beside its work. */
export interface Dealings {
  readonly staffId: number;
  readonly cause: string | null;
  readonly readyAt: Date;
  readonly returnedAt: Date;
  readonly isAgreed: boolean;
  readonly lowMinor: number;
  readonly highMinor: number;
  readonly priceMinor: number;
}

export const addDealings = async (db: Queryable, jobId: number, of: Dealings): Promise<void> => {
  await execute(
    db,
    "INSERT INTO estimate_line (job_id, position, label, low_minor, high_minor) VALUES (?, 0, 'New edge', ?, ?)",
    [jobId, of.lowMinor, of.highMinor],
  );
  if (of.isAgreed)
    await execute(
      db,
      "UPDATE job SET estimate_agreed_by = 'the customer', estimate_agreed_at = taken_in_at WHERE id = ?",
      [jobId],
    );
  await execute(db, 'INSERT INTO bill (job_id, price_minor) VALUES (?, ?)', [jobId, of.priceMinor]);
  await execute(
    db,
    `INSERT INTO job_event (job_id, staff_id, kind, text, message, at)
     SELECT ?, ?, 'passed', '', JSON_OBJECT('code', 'event.passed', 'params', JSON_OBJECT('verdict', 'meets', 'note', '')), ?`,
    [jobId, of.staffId, of.readyAt],
  );
  const { insertId } = await execute(
    db,
    `INSERT INTO sale (number, customer_id, staff_id, method, at)
     SELECT (SELECT COALESCE(MAX(s.number), 0) + 1 FROM sale s), b.customer_id, ?, 'card', ?
     FROM job j JOIN blade b ON b.id = j.blade_id WHERE j.id = ?`,
    [of.staffId, of.returnedAt, jobId],
  );
  await execute(db, 'INSERT INTO payment (sale_id, job_id, amount_minor) VALUES (?, ?, ?)', [
    insertId,
    jobId,
    of.priceMinor,
  ]);
  if (of.cause !== null)
    await execute(
      db,
      'INSERT INTO fault_cause (job_id, round, cause, confirmed) VALUES (?, 1, ?, TRUE)',
      [jobId, of.cause],
    );
};

/** As if they had been begun then. */
export const setTrialsBegun = async (db: Queryable, at: Date): Promise<void> => {
  await execute(db, 'UPDATE trial SET begun_at = ?', [at]);
  await execute(db, 'UPDATE trial_blade SET drawn_at = ?', [at]);
};
