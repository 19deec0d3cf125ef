import type { StepRecord, WorkBody } from '@patient-edge/contract';
import {
  abrasiveKind,
  BLADE_SIDES,
  LONGEST_RUN_S,
  MODEL_VERSION,
  MOST_STEP_S,
  NO_NOTES,
  stepTime,
  withStepDefaults,
  ZONES,
  type AbrasiveKindId,
  type BladeRates,
  type BladeSide,
  type BurrCheck,
  type BurrFinding,
  type PlanStep,
  type Said,
  type StepNotes,
  type Zone,
} from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

/** As a question was kept before its text was called so. */
interface KeptQuestion {
  readonly id: string;
  readonly words: string;
}

interface StepRow {
  readonly id: number;
  readonly jobId: number;
  readonly detail: PlanStep;
  readonly forecastSeconds: number | null;
  readonly asks: readonly (Said | KeptQuestion)[] | null;
  readonly status: StepRecord['status'];
  readonly strokesRight: number;
  readonly strokesLeft: number;
  readonly workedSeconds: number;
  readonly runningSeconds: number | null;
  readonly overrideReason: string | null;
  readonly revision: number;
  readonly superseded: number;
  readonly earlierRight: number;
  readonly earlierLeft: number;
  readonly notes: StepNotes | null;
}

/** Elapsed by this database's own clock, and no longer than is believed; null while the clock stands. */
const RUNNING_SECONDS = `LEAST(${LONGEST_RUN_S}, running_seconds +
    GREATEST(0, TIMESTAMPDIFF(MICROSECOND, running_at, CURRENT_TIMESTAMP(3)) / 1000000))`;
/** The time of a step with the run its clock is in. */
const TOTAL_SECONDS = `LEAST(${MOST_STEP_S}, worked_seconds + COALESCE(${RUNNING_SECONDS}, 0))`;

const STEP_SELECT = `SELECT id, job_id AS jobId, detail, forecast_p50_seconds AS forecastSeconds, asks, status,
  strokes_right AS strokesRight, strokes_left AS strokesLeft, worked_seconds AS workedSeconds,
  ${RUNNING_SECONDS} AS runningSeconds,
  override_reason AS overrideReason, revision, superseded, earlier_right AS earlierRight,
  earlier_left AS earlierLeft, notes FROM plan_step`;

interface BurrRow {
  readonly stepId: number;
  readonly side: BladeSide;
  readonly zone: Zone;
  readonly finding: BurrFinding;
}

const burrOf = (rows: readonly BurrRow[], stepId: number): BurrCheck => {
  const burr: Record<BladeSide, Partial<Record<Zone, BurrFinding>>> = { right: {}, left: {} };
  for (const row of rows) if (row.stepId === stepId) burr[row.side][row.zone] = row.finding;
  return burr;
};

const toRecord = (row: StepRow, burr: BurrCheck): StepRecord => ({
  id: row.id,
  step: withStepDefaults(row.detail),
  forecastSeconds: row.forecastSeconds,
  status: row.status,
  strokesRight: row.strokesRight,
  strokesLeft: row.strokesLeft,
  workedSeconds: row.workedSeconds,
  runningSeconds: row.runningSeconds,
  burr,
  // Steps from before anything was noted beside strokes.
  notes: { ...NO_NOTES, ...row.notes },
  asks: (row.asks ?? []).map((ask) => ('text' in ask ? ask : { id: ask.id, text: ask.words })),
  overrideReason: row.overrideReason,
  revision: row.revision,
  superseded: Boolean(row.superseded),
  earlier: { right: row.earlierRight, left: row.earlierLeft },
});

/** All steps of a job in order, superseded ones first; burr as found in this round. */
export const stepsOfJob = async (
  db: Queryable,
  jobId: number,
  round: number,
): Promise<StepRecord[]> => {
  const [rows, burr] = await Promise.all([
    select<StepRow>(db, `${STEP_SELECT} WHERE job_id = ? ORDER BY superseded DESC, position, id`, [
      jobId,
    ]),
    select<BurrRow>(
      db,
      `SELECT b.plan_step_id AS stepId, b.side, b.zone, b.finding FROM burr_check b
       JOIN plan_step p ON p.id = b.plan_step_id WHERE p.job_id = ? AND b.round = ?`,
      [jobId, round],
    ),
  ]);
  return rows.map((row) => toRecord(row, burrOf(burr, row.id)));
};

export const addSteps = async (
  db: Queryable,
  jobId: number,
  steps: readonly PlanStep[],
  asks: readonly (readonly Said[])[],
  /** The place of the last step that stands before them. */
  after = 0,
): Promise<void> => {
  for (const [index, step] of steps.entries()) {
    await execute(
      db,
      'INSERT INTO plan_step (job_id, position, operation, stone_id, detail, asks) VALUES (?, ?, ?, ?, ?, ?)',
      [
        jobId,
        after + index + 1,
        step.operation,
        step.stoneId === null ? null : Number(step.stoneId),
        JSON.stringify(step),
        JSON.stringify(asks[index] ?? []),
      ],
    );
  }
};

export const deleteUnworkedSteps = (db: Queryable, jobId: number) =>
  execute(
    db,
    `DELETE FROM plan_step WHERE job_id = ? AND status = 'to do' AND strokes_right = 0
       AND strokes_left = 0 AND worked_seconds = 0 AND running_at IS NULL AND superseded = FALSE`,
    [jobId],
  );

/** What was worked of the plan before stays on record; with `isOpenOnly` what is done stays in the plan too. */
export const supersedeSteps = async (
  db: Queryable,
  jobId: number,
  isOpenOnly = false,
): Promise<void> => {
  await stopClocks(db, jobId);
  await execute(
    db,
    `UPDATE plan_step SET superseded = TRUE WHERE job_id = ? AND superseded = FALSE
       ${isOpenOnly ? "AND status = 'to do'" : ''}`,
    [jobId],
  );
};

/**
 * A step goes on as the plan made again has it, with what was worked on it; false where it is there no more. What it was
 * foreseen to take is another question now: it is kept anew.
 */
export const changeStep = async (
  db: Queryable,
  stepId: number,
  position: number,
  step: PlanStep,
  asks: readonly Said[],
): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE plan_step SET detail = ?, asks = ?, position = ?, superseded = FALSE,
         model_version = NULL, revision = revision + 1 WHERE id = ?`,
      [JSON.stringify(step), JSON.stringify(asks), position, stepId],
    )
  ).affectedRows === 1;

/** The place of the last step of a plan that is done; 0 where none is. */
export const lastDonePosition = async (db: Queryable, jobId: number): Promise<number> =>
  (
    await select<{ readonly position: number }>(
      db,
      `SELECT COALESCE(MAX(position), 0) AS position FROM plan_step
       WHERE job_id = ? AND superseded = FALSE AND status = 'done'`,
      [jobId],
    )
  )[0]!.position;

/** Stops whatever clock of a job runs; its time is kept. */
export const stopClocks = (db: Queryable, jobId: number) =>
  execute(
    db,
    `UPDATE plan_step SET worked_seconds = ${TOTAL_SECONDS}, running_at = NULL, running_seconds = NULL,
       revision = revision + 1 WHERE job_id = ? AND running_at IS NOT NULL`,
    [jobId],
  );

/** Keeps the work of a step if nobody kept other work since; false otherwise. */
export const saveWork = async (db: Queryable, stepId: number, body: WorkBody): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE plan_step SET strokes_right = ?, strokes_left = ?, worked_seconds = ?, running_seconds = ?,
         running_at = IF(? IS NULL, NULL, CURRENT_TIMESTAMP(3)), notes = ?, revision = revision + 1
       WHERE id = ? AND revision = ?`,
      [
        body.strokesRight,
        body.strokesLeft,
        body.workedSeconds,
        body.runningSeconds,
        body.runningSeconds,
        JSON.stringify(body.notes),
        stepId,
        body.revision,
      ],
    )
  ).affectedRows === 1;

export const replaceBurr = async (
  db: Queryable,
  stepId: number,
  round: number,
  burr: BurrCheck,
): Promise<void> => {
  await execute(db, 'DELETE FROM burr_check WHERE plan_step_id = ? AND round = ?', [stepId, round]);
  for (const side of BLADE_SIDES) {
    for (const zone of ZONES) {
      const finding = burr[side][zone];
      if (finding === undefined) continue;
      await execute(
        db,
        'INSERT INTO burr_check (plan_step_id, round, side, zone, finding) VALUES (?, ?, ?, ?, ?)',
        [stepId, round, side, zone, finding],
      );
    }
  }
};

/**
 * What each step is foreseen to take, and by which model, kept as work begins, and when the rest is planned again; what was
 * kept before stays. Where the bench has rates of its own they correct it; the model's own figure is kept beside it, for the
 * rates are learnt from that.
 */
export const keepForecasts = async (
  db: Queryable,
  jobId: number,
  steel: string,
  rates: BladeRates | null,
): Promise<void> => {
  const fresh = await select<{
    readonly id: number;
    readonly stoneId: number;
    readonly kind: AbrasiveKindId;
    readonly seconds: number;
  }>(
    db,
    `SELECT p.id, p.stone_id AS stoneId, s.kind, CAST(JSON_VALUE(p.detail, '$.seconds') AS DOUBLE) AS seconds
     FROM plan_step p JOIN stone s ON s.id = p.stone_id
     WHERE p.job_id = ? AND p.superseded = FALSE AND p.model_version IS NULL`,
    [jobId],
  );
  await execute(
    db,
    `UPDATE plan_step SET forecast_p10_seconds = JSON_VALUE(detail, '$.rangeS[0]'),
       forecast_p50_seconds = JSON_VALUE(detail, '$.seconds'),
       forecast_p90_seconds = JSON_VALUE(detail, '$.rangeS[1]'),
       foreseen_seconds = JSON_VALUE(detail, '$.seconds'), foreseen_steel = ?, model_version = ?
     WHERE job_id = ? AND superseded = FALSE AND model_version IS NULL`,
    [steel, MODEL_VERSION, jobId],
  );
  if (rates === null) return;
  for (const { id, stoneId, kind, seconds } of fresh) {
    // The rates are those of work by hand: what the page tells of a machine's step is kept of it too.
    if (abrasiveKind(kind).task === 'machine') continue;
    const { p10Seconds, p50Seconds, p90Seconds } = stepTime(seconds, String(stoneId), rates);
    await execute(
      db,
      `UPDATE plan_step SET forecast_p10_seconds = ?, forecast_p50_seconds = ?, forecast_p90_seconds = ? WHERE id = ?`,
      [p10Seconds, p50Seconds, p90Seconds, id],
    );
  }
};

/** Done: the clock stops, its time is kept, and whose it was. */
export const finishStep = (
  db: Queryable,
  stepId: number,
  overrideReason: string | null,
  staffId: number,
) =>
  execute(
    db,
    `UPDATE plan_step SET status = 'done', override_reason = ?, finished_at = CURRENT_TIMESTAMP(3),
       finished_by = ?, worked_seconds = ${TOTAL_SECONDS},
       running_at = NULL, running_seconds = NULL, revision = revision + 1 WHERE id = ?`,
    [overrideReason, staffId, stepId],
  );

/** A step that was left is open again, as it was. */
export const reopenStep = (db: Queryable, stepId: number) =>
  execute(
    db,
    `UPDATE plan_step SET status = 'to do', override_reason = NULL, finished_at = NULL, finished_by = NULL, revision = revision + 1
     WHERE id = ?`,
    [stepId],
  );

/** The named step and all after it are to be done again; the work so far stays counted. */
export const reopenStepsFrom = (db: Queryable, jobId: number, stepId: number) =>
  execute(
    db,
    `UPDATE plan_step SET status = 'to do', override_reason = NULL, finished_at = NULL, finished_by = NULL, revision = revision + 1,
       earlier_right = strokes_right, earlier_left = strokes_left
     WHERE job_id = ? AND superseded = FALSE
       AND position >= (SELECT position FROM (SELECT position FROM plan_step WHERE id = ?) AS named)`,
    [jobId, stepId],
  );

export const isStepOfJob = async (db: Queryable, jobId: number, stepId: number): Promise<boolean> =>
  (await select(db, 'SELECT id FROM plan_step WHERE id = ? AND job_id = ?', [stepId, jobId]))
    .length === 1;
