/**
 * Three years of the workshop boat, worked by a hidden truth: how long each stone, steel and person really takes against the
 * model, and how a customer's blade wears from visit to visit. The bench learns as it goes, so that every forecast is what
 * would have been told that month.
 */
import {
  MODEL_VERSION,
  RateSums,
  stepRange,
  type FinishedStep,
  type LearnedRates,
} from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';
import { learnFromAll } from '../record/queries';
import { chanceFrom, type Chance } from './chance';

const DAY_MS = 24 * 60 * 60 * 1000;
const YEARS = 3;
const MONTH_MS = 30 * DAY_MS;

/** ln of taken over foreseen, as it really is. */
export interface HiddenTruth {
  readonly stone: ReadonlyMap<number, number>;
  readonly steel: ReadonlyMap<string, number>;
  readonly person: ReadonlyMap<number, number>;
  readonly noiseSd: number;
}

/** A job of the demo a blade of the past was like. */
interface Template {
  readonly jobId: number;
  readonly steel: string;
}
interface TemplateStep {
  readonly id: number;
  readonly stoneId: number | null;
  readonly seconds: number;
  readonly strokes: number;
}

const templatesIn = (db: Queryable): Promise<Template[]> =>
  select<Template>(
    db,
    `SELECT MAX(j.id) AS jobId, b.steel FROM job j JOIN blade b ON b.id = j.blade_id
     WHERE j.plan_record IS NOT NULL AND j.decline_reason IS NULL GROUP BY b.id, b.steel ORDER BY jobId`,
  );

const stepsOf = (db: Queryable, jobId: number): Promise<TemplateStep[]> =>
  select<TemplateStep>(
    db,
    `SELECT id, stone_id AS stoneId, CAST(JSON_VALUE(detail, '$.seconds') AS DOUBLE) AS seconds,
       CAST(COALESCE(JSON_VALUE(detail, '$.strokesPerSide'), 0) AS UNSIGNED) AS strokes
     FROM plan_step WHERE job_id = ? AND superseded = FALSE ORDER BY position, id`,
    [jobId],
  );

/** Called as its customer calls it. */
const NAMES = ['the old one', 'the spare', 'the borrowed one', 'grandmother’s'];

const addBladeLike = async (db: Queryable, jobId: number, name: string): Promise<number> =>
  (
    await execute(
      db,
      `INSERT INTO blade (customer_id, name, kind, steel)
       SELECT b.customer_id, CONCAT(LEFT(b.name, 50), ', ', ?), b.kind, b.steel
       FROM job j JOIN blade b ON b.id = j.blade_id WHERE j.id = ?`,
      [name, jobId],
    )
  ).insertId;

/** What a visit has of its own; all else is as the job it is like. */
interface Visit {
  readonly bladeId: number;
  readonly tagNumber: number;
  readonly takenInAt: Date;
  readonly returnedAt: Date;
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
  'plan_record',
  'measured_with',
  'angle_assumed',
  'answers',
  'place_id',
];

const addVisit = async (db: Queryable, jobId: number, visit: Visit): Promise<number> =>
  (
    await execute(
      db,
      `INSERT INTO job (blade_id, tag_number, stage, promised_on, taken_in_at, returned_at, sharpness,
         height_heel_mm, height_middle_mm, height_tip_mm, thickness_behind_edge_mm, ${LIKE_IT.join(', ')})
       SELECT ?, ?, 'returned', DATE(?), ?, ?, 'dull', height_heel_mm + ?, height_middle_mm + ?,
         height_tip_mm + ?, GREATEST(0.05, thickness_behind_edge_mm - ?), ${LIKE_IT.join(', ')}
       FROM job WHERE id = ?`,
      [
        visit.bladeId,
        visit.tagNumber,
        visit.returnedAt,
        visit.takenInAt,
        visit.returnedAt,
        visit.higherMm,
        visit.higherMm,
        visit.higherMm,
        visit.thinnerMm,
        jobId,
      ],
    )
  ).insertId;

interface WorkedStep {
  readonly foreseenSeconds: number;
  readonly takenSeconds: number;
  readonly range: readonly [p10: number, p50: number, p90: number];
  readonly steel: string;
  readonly staffId: number;
  readonly finishedAt: Date;
}

const addStep = (db: Queryable, jobId: number, of: TemplateStep, step: WorkedStep) =>
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

const truthOf = async (
  db: Queryable,
  people: readonly number[],
  { normal }: Chance,
): Promise<HiddenTruth> => {
  const stones = await select<{ readonly id: number }>(db, 'SELECT id FROM stone ORDER BY id');
  const steels = await select<{ readonly steel: string }>(
    db,
    'SELECT DISTINCT steel FROM blade ORDER BY steel',
  );
  return {
    stone: new Map(stones.map(({ id }) => [id, 0.3 * normal()])),
    steel: new Map(steels.map(({ steel }) => [steel, 0.25 * normal()])),
    person: new Map(people.map((id) => [id, 0.2 * normal()])),
    noiseSd: 0.22,
  };
};

/** When each blade of the past came, in the order they came. */
interface Coming {
  readonly template: Template;
  readonly bladeId: number;
  readonly at: Date;
  /** Visits still to come after it. */
  readonly left: number;
}

const comings = async (db: Queryable, now: Date, { uniform }: Chance): Promise<Coming[]> => {
  const from = now.getTime() - YEARS * 365 * DAY_MS;
  // What is in the shop today is another story.
  const until = now.getTime() - 20 * DAY_MS;
  const found: Coming[] = [];
  for (const [index, template] of (await templatesIn(db)).entries()) {
    const bladeId = await addBladeLike(db, template.jobId, NAMES[index % NAMES.length]!);
    // A customer's habit: every two to six months, more before the feasts.
    const habitDays = 55 + 120 * uniform();
    const days: number[] = [];
    for (let at = from + habitDays * uniform() * DAY_MS; at < until;) {
      days.push(at);
      const isFeast = new Date(at).getMonth() === 10;
      at += habitDays * (isFeast ? 0.6 : 0.8 + 0.4 * uniform()) * DAY_MS;
    }
    days.forEach((at, visit) =>
      found.push({ template, bladeId, at: new Date(at), left: days.length - visit }),
    );
  }
  return found.sort((a, b) => a.at.getTime() - b.at.getTime());
};

interface People {
  /** Does most of the work. */
  readonly benchId: number;
  readonly ownerId: number;
}

/** Gives what was hidden, for a test to look for. */
export const loadPast = async (
  db: Queryable,
  { benchId, ownerId }: People,
  now: Date,
  seed = 20_261_127,
): Promise<HiddenTruth> => {
  const chance = chanceFrom(seed);
  const truth = await truthOf(db, [benchId, ownerId], chance);
  const stepsByJob = new Map<number, readonly TemplateStep[]>();
  const sums = new RateSums();
  let learned: LearnedRates | null = null;
  let learntAt = 0;
  let tagNumber = 1000;
  for (const { template, bladeId, at, left } of await comings(db, now, chance)) {
    if (at.getTime() - learntAt > MONTH_MS) {
      const told = sums.learnAll();
      if (!told.ok) throw new Error(told.error.message);
      learned = sums.count === 0 ? null : told.value;
      learntAt = at.getTime();
    }
    const steps = stepsByJob.get(template.jobId) ?? (await stepsOf(db, template.jobId));
    stepsByJob.set(template.jobId, steps);
    tagNumber = tagNumber >= 9000 ? 1000 : tagNumber + 1;
    const returnedAt = new Date(at.getTime() + 3 * DAY_MS);
    const jobId = await addVisit(db, template.jobId, {
      bladeId,
      tagNumber,
      takenInAt: at,
      returnedAt,
      higherMm: Math.round(100 * left * (0.2 + 0.1 * chance.uniform())) / 100,
      thinnerMm: Math.round(1000 * left * (0.006 + 0.004 * chance.uniform())) / 1000,
    });
    const staffId = chance.uniform() < 0.75 ? benchId : ownerId;
    for (const [index, step] of steps.entries()) {
      const foreseenSeconds = step.seconds * Math.exp(0.15 * chance.normal());
      const names = {
        abrasive: String(step.stoneId),
        steel: template.steel,
        person: String(staffId),
      };
      const log =
        (truth.stone.get(step.stoneId ?? 0) ?? 0) +
        truth.steel.get(template.steel)! +
        truth.person.get(staffId)! +
        truth.noiseSd * chance.normal();
      const takenSeconds = foreseenSeconds * Math.exp(log);
      const predicted = step.stoneId === null ? null : learned?.predict(names, foreseenSeconds);
      const { lowS, highS } = stepRange(foreseenSeconds);
      await addStep(db, jobId, step, {
        foreseenSeconds,
        takenSeconds,
        range: predicted
          ? [predicted.p10Seconds, predicted.p50Seconds, predicted.p90Seconds]
          : [lowS, foreseenSeconds, highS],
        steel: template.steel,
        staffId,
        finishedAt: new Date(at.getTime() + DAY_MS + index * 600_000),
      });
      if (step.stoneId !== null && takenSeconds >= 5) {
        const record: FinishedStep = { ...names, foreseenSeconds, takenSeconds };
        sums.add(record);
      }
    }
  }
  await learnFromAll(db);
  return truth;
};
