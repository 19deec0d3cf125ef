import { ownText, type Message } from '@patient-edge/core';
import type { Customer, Job, JobEvent, NextTag, PlanRecord, Stage } from '@patient-edge/contract';
import {
  type MeasureField,
  type Answers,
  type BladeMeasures,
  type Damage,
  type Sharpness,
} from '@patient-edge/core';
import { columnsOf } from '../database/columns';
import { execute, select, type Queryable } from '../database/pool';
import { FIRST_PHONE } from '../customers/queries';
import type { CompleteIntake } from './complete-intake';
import { MEASURE_COLUMNS } from './rows';

export interface JobRow extends BladeMeasures {
  readonly id: number;
  readonly bladeId: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly round: number;
  readonly version: number;
  readonly promisedOn: string;
  readonly placeId: number | null;
  readonly place: string | null;
  readonly takenInAt: Date;
  readonly returnedAt: Date | null;
  readonly useId: string;
  readonly cuts: string;
  readonly askedFor: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: number;
  /** Null on visits from before this was written down: all was measured then. */
  readonly measuredWith: Job['measuredWith'] | null;
  readonly angleAssumed: number;
  readonly angleReadings: Job['angleReadings'] | null;
  readonly answers: Answers | null;
  readonly protectionDone: readonly string[] | null;
  readonly estimateAgreedBy: string | null;
  readonly estimateAgreedAt: Date | null;
  readonly bladeName: string;
  readonly steel: string;
  readonly planRecord: PlanRecord | null;
  readonly inHandBy: number | null;
  readonly inHandAt: Date | null;
  readonly inHandName: string | null;
  readonly remarks: string;
  readonly holding: string;
  readonly jawMm: number | null;
  readonly ruleMarkMm: number | null;
  readonly block: string;
  readonly declineReason: string | null;
  readonly collectedBy: string;
  readonly dueOn: string | null;
  readonly customerId: number;
  readonly customerName: string;
  readonly customerTrade: string;
  readonly customerPhone: string;
  readonly customerNote: string;
  readonly customerEdgesLiked: string;
}

export const JOB_SELECT = `SELECT j.id, j.blade_id AS bladeId, j.tag_number AS tagNumber, j.stage, j.round,
  j.version, j.promised_on AS promisedOn, j.place_id AS placeId,
  (SELECT pl.name FROM place pl WHERE pl.id = j.place_id) AS place, j.taken_in_at AS takenInAt, j.returned_at AS returnedAt,
  j.use_id AS useId, j.cuts, j.asked_for AS askedFor, j.sharpness, j.careful_hands AS carefulHands,
  j.measured_with AS measuredWith, j.angle_assumed AS angleAssumed, j.angle_readings AS angleReadings, j.answers,
  j.protection_done AS protectionDone, j.estimate_agreed_by AS estimateAgreedBy,
  j.estimate_agreed_at AS estimateAgreedAt, b.name AS bladeName, b.steel, j.plan_record AS planRecord, j.remarks, j.holding, j.jaw_mm AS jawMm, j.rule_mark_mm AS ruleMarkMm, j.block, j.decline_reason AS declineReason,
  j.collected_by AS collectedBy, j.due_on AS dueOn,
  j.in_hand_by AS inHandBy, j.in_hand_at AS inHandAt,
  (SELECT h.name FROM staff h WHERE h.id = j.in_hand_by) AS inHandName,
  c.id AS customerId, c.name AS customerName, c.trade AS customerTrade,
  ${FIRST_PHONE} AS customerPhone, c.note AS customerNote, c.edges_liked AS customerEdgesLiked, ${MEASURE_COLUMNS}
  FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id`;

export const findJobRow = async (db: Queryable, id: number): Promise<JobRow | undefined> =>
  (await select<JobRow>(db, `${JOB_SELECT} WHERE j.id = ?`, [id]))[0];

/** The same under a lock: whoever comes second waits and then sees the new version. */
export const lockJobRow = async (db: Queryable, id: number): Promise<JobRow | undefined> => {
  await select(db, 'SELECT id FROM job WHERE id = ? FOR UPDATE', [id]);
  return findJobRow(db, id);
};

export const customerOf = (row: JobRow): Customer => ({
  id: row.customerId,
  name: row.customerName,
  trade: row.customerTrade,
  phone: row.customerPhone,
  note: row.customerNote,
  edgesLiked: row.customerEdgesLiked,
});

export const damageOfJob = (db: Queryable, jobId: number): Promise<Damage[]> =>
  select<Damage>(
    db,
    `SELECT damage_key AS id, kind, side, from_mm AS fromMm, length_mm AS lengthMm, depth_mm AS depthMm,
       edge
     FROM damage WHERE job_id = ? ORDER BY from_mm, damage_key`,
    [jobId],
  );

export const eventsOfJob = async (db: Queryable, jobId: number): Promise<JobEvent[]> =>
  (
    await select<{ at: Date; who: string; kind: string; text: string; message: Message | null }>(
      db,
      `SELECT e.at, s.name AS who, e.kind, e.text, e.message FROM job_event e JOIN staff s ON s.id = e.staff_id
       WHERE e.job_id = ? ORDER BY e.id`,
      [jobId],
    )
  ).map(({ at, who, kind, text, message }) => ({
    at: at.toISOString(),
    who,
    kind,
    // What was written before events had codes was prose.
    message: message ?? ownText(text),
  }));

export const addEvent = (
  db: Queryable,
  event: { jobId: number; staffId: number; kind: string; message: Message; at?: Date },
) =>
  execute(
    db,
    "INSERT INTO job_event (job_id, staff_id, kind, text, message, at) VALUES (?, ?, ?, '', ?, ?)",
    [event.jobId, event.staffId, event.kind, JSON.stringify(event.message), event.at ?? new Date()],
  );

const HIGHEST_TAG = 9999;

/** The tags that hang on blades in the shop, and the free one after the tag given out last. */
export const nextTag = async (db: Queryable): Promise<NextTag> => {
  const inUse = (
    await select<{ tagNumber: number }>(
      db,
      'SELECT tag_in_use AS tagNumber FROM job WHERE tag_in_use IS NOT NULL ORDER BY tag_in_use',
    )
  ).map(({ tagNumber }) => tagNumber);
  const [last] = await select<{ tagNumber: number }>(
    db,
    'SELECT tag_number AS tagNumber FROM job ORDER BY id DESC LIMIT 1',
  );
  const taken = new Set(inUse);
  const after = (tag: number): number => (tag % HIGHEST_TAG) + 1;
  let tagNumber = after(last?.tagNumber ?? 0);
  for (let tried = 0; taken.has(tagNumber) && tried < HIGHEST_TAG; tried += 1)
    tagNumber = after(tagNumber);
  return { tagNumber, inUse };
};

/** The tag a blade hangs on while it is in the shop; undefined when it is not. */
export const tagOfBladeInShop = async (
  db: Queryable,
  bladeId: number,
): Promise<number | undefined> =>
  (
    await select<{ tagNumber: number }>(
      db,
      "SELECT tag_number AS tagNumber FROM job WHERE blade_id = ? AND stage <> 'returned' LIMIT 1",
      [bladeId],
    )
  )[0]?.tagNumber;

/** The customer whose blade hangs on this tag now; undefined when the tag is free. */
export const tagHolder = async (db: Queryable, tagNumber: number): Promise<string | undefined> =>
  (
    await select<{ name: string }>(
      db,
      `SELECT c.name FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id
       WHERE j.tag_in_use = ?`,
      [tagNumber],
    )
  )[0]?.name;

/** What the intake says of a job, as its columns take it: lists as JSON. */
interface IntakeRow extends Readonly<Record<MeasureField, number>> {
  readonly useId: string;
  readonly cuts: string;
  readonly askedFor: string;
  readonly promisedOn: string;
  readonly placeId: number | null;
  readonly sharpness: string;
  readonly carefulHands: boolean;
  readonly bevelFaceMm: number | null;
  readonly presentAnglePerSideDeg: number | null;
  readonly angleAssumed: boolean;
  readonly measuredWith: string;
  readonly angleReadings: string;
  readonly bellyStartMm: number | null;
  readonly tipRiseMm: number | null;
  readonly outline: string | null;
  readonly answers: string;
}

const INTAKE_COLUMNS = columnsOf<IntakeRow>({
  useId: 'use_id',
  cuts: 'cuts',
  askedFor: 'asked_for',
  promisedOn: 'promised_on',
  placeId: 'place_id',
  sharpness: 'sharpness',
  carefulHands: 'careful_hands',
  edgeLengthMm: 'edge_length_mm',
  heightHeelMm: 'height_heel_mm',
  heightMiddleMm: 'height_middle_mm',
  heightTipMm: 'height_tip_mm',
  spineHeelMm: 'spine_heel_mm',
  spineMiddleMm: 'spine_middle_mm',
  spineTipMm: 'spine_tip_mm',
  thicknessBehindEdgeMm: 'thickness_behind_edge_mm',
  bevelFaceMm: 'bevel_face_mm',
  presentAnglePerSideDeg: 'present_angle_per_side_deg',
  angleAssumed: 'angle_assumed',
  measuredWith: 'measured_with',
  angleReadings: 'angle_readings',
  bellyStartMm: 'belly_start_mm',
  tipRiseMm: 'tip_rise_mm',
  outline: 'outline',
  answers: 'answers',
});

const intakeRowOf = ({ body, measures, ...rest }: CompleteIntake): IntakeRow => ({
  ...measures,
  useId: body.useId,
  cuts: body.cuts,
  askedFor: body.askedFor,
  promisedOn: body.promisedOn,
  placeId: body.placeId,
  sharpness: body.sharpness,
  carefulHands: body.carefulHands,
  bevelFaceMm: body.bevelFaceMm,
  presentAnglePerSideDeg: rest.presentAnglePerSideDeg,
  angleAssumed: rest.angleAssumed,
  measuredWith: JSON.stringify(rest.measuredWith),
  angleReadings: JSON.stringify(body.angleReadings),
  bellyStartMm: body.bellyStartMm,
  tipRiseMm: body.tipRiseMm,
  outline: body.traced && JSON.stringify(body.traced),
  answers: JSON.stringify(body.answers),
});

/** A visit as it begins: the blade, its tag, and what the intake says. */
interface NewJobRow extends IntakeRow {
  readonly bladeId: number;
  readonly tagNumber: number;
  readonly takenInAt: Date;
}
const NEW_JOB_COLUMNS = columnsOf<NewJobRow>({
  bladeId: 'blade_id',
  tagNumber: 'tag_number',
  takenInAt: 'taken_in_at',
  ...INTAKE_COLUMNS.names,
});

export const insertJob = async (
  db: Queryable,
  bladeId: number,
  tagNumber: number,
  intake: CompleteIntake,
  takenInAt: Date,
): Promise<number> =>
  (
    await execute(
      db,
      `INSERT INTO job ${NEW_JOB_COLUMNS.inserted}`,
      NEW_JOB_COLUMNS.valuesOf({ bladeId, tagNumber, takenInAt, ...intakeRowOf(intake) }),
    )
  ).insertId;

export const setPromised = (
  db: Queryable,
  jobId: number,
  promisedOn: string,
  placeId: number | null,
) =>
  execute(db, 'UPDATE job SET promised_on = ?, place_id = ? WHERE id = ?', [
    promisedOn,
    placeId,
    jobId,
  ]);

export const updateIntake = (db: Queryable, jobId: number, intake: CompleteIntake) =>
  execute(db, `UPDATE job SET ${INTAKE_COLUMNS.updated} WHERE id = ?`, [
    ...INTAKE_COLUMNS.valuesOf(intakeRowOf(intake)),
    jobId,
  ]);

/** What was found on the blade at the visit before this one; null at the first. */
export const damageBefore = async (db: Queryable, row: JobRow): Promise<Damage[] | null> => {
  const found = await select<Damage | { readonly id: null }>(
    db,
    `SELECT d.damage_key AS id, d.kind, d.side, d.from_mm AS fromMm, d.length_mm AS lengthMm,
       d.depth_mm AS depthMm, d.edge
     FROM (SELECT MAX(id) AS id FROM job WHERE blade_id = ? AND id < ?) v
       LEFT JOIN damage d ON d.job_id = v.id
     WHERE v.id IS NOT NULL ORDER BY d.from_mm, d.damage_key`,
    [row.bladeId, row.id],
  );
  return found.length === 0 ? null : found.filter((each): each is Damage => each.id !== null);
};

/** The latest visit of the blade called so. */
export const jobOfBladeNamed = async (db: Queryable, name: string): Promise<number> =>
  (
    await select<{ id: number }>(
      db,
      'SELECT MAX(j.id) AS id FROM job j JOIN blade b ON b.id = j.blade_id WHERE b.name = ?',
      [name],
    )
  )[0]!.id;

/** Every change of a job ends with this, in `changeJob`. */
export const raiseVersion = (db: Queryable, jobId: number) =>
  execute(db, 'UPDATE job SET version = version + 1 WHERE id = ?', [jobId]);

export const replaceDamage = async (
  db: Queryable,
  jobId: number,
  damage: readonly Damage[],
): Promise<void> => {
  await execute(db, 'DELETE FROM damage WHERE job_id = ?', [jobId]);
  for (const { id, kind, side, fromMm, lengthMm, depthMm, edge = null } of damage) {
    await execute(
      db,
      'INSERT INTO damage (job_id, damage_key, kind, side, from_mm, length_mm, depth_mm, edge) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
      [jobId, id, kind, side, fromMm, lengthMm, depthMm, edge],
    );
  }
};

/** Somebody has it in hand, or, with null, nobody has. */
export const setInHand = (db: Queryable, jobId: number, staffId: number | null) =>
  execute(
    db,
    'UPDATE job SET in_hand_by = ?, in_hand_at = IF(? IS NULL, NULL, CURRENT_TIMESTAMP(3)) WHERE id = ?',
    [staffId, staffId, jobId],
  );

export const setStage = (db: Queryable, jobId: number, stage: Stage) =>
  execute(db, 'UPDATE job SET stage = ? WHERE id = ?', [stage, jobId]);

/** It stays on the board until it is handed over; where it stood is kept for an undo. */
export const setDeclined = (db: Queryable, jobId: number, reason: string) =>
  execute(
    db,
    `UPDATE job SET declined_at_stage = stage, stage = 'declined', decline_reason = ? WHERE id = ?`,
    [reason, jobId],
  );

export const undoDeclined = (db: Queryable, jobId: number) =>
  execute(
    db,
    `UPDATE job SET stage = declined_at_stage, declined_at_stage = NULL, decline_reason = NULL
     WHERE id = ?`,
    [jobId],
  );

/** Back in the shop, as it stood before it was handed over. */
export const undoReturned = (db: Queryable, jobId: number) =>
  execute(
    db,
    `UPDATE job SET stage = IF(decline_reason IS NULL, 'ready', 'declined'), returned_at = NULL, due_on = NULL,
       collected_by = '' WHERE id = ?`,
    [jobId],
  );

export const setReturned = (
  db: Queryable,
  jobId: number,
  {
    remarks,
    holding,
    rigSetting,
    collectedBy,
    dueOn,
  }: Pick<Job, 'remarks' | 'holding' | 'rigSetting' | 'collectedBy' | 'dueOn'>,
  at: Date,
) =>
  execute(
    db,
    `UPDATE job SET stage = 'returned', remarks = ?, holding = ?, jaw_mm = ?, rule_mark_mm = ?, block = ?,
       collected_by = ?, due_on = ?, returned_at = ? WHERE id = ?`,
    [
      remarks,
      holding,
      rigSetting.jawMm,
      rigSetting.ruleMarkMm,
      rigSetting.block,
      collectedBy,
      dueOn,
      at,
      jobId,
    ],
  );

/** How many days each earlier edge of a blade lasted: from going home until it came again. */
export const livesOfBlade = async (
  db: Queryable,
  bladeId: number,
  beforeJobId: number,
): Promise<number[]> =>
  (
    await select<{ days: number | null }>(
      db,
      // A life ends when its customer says so, or when the blade comes again.
      `SELECT TIMESTAMPDIFF(DAY, j.returned_at, COALESCE(
         (SELECT a.at FROM visit_answer a WHERE a.job_id = j.id AND a.answer = 'dull again'),
         (SELECT MIN(n.taken_in_at) FROM job n WHERE n.blade_id = j.blade_id AND n.id > j.id))) AS days
       FROM job j WHERE j.blade_id = ? AND j.id < ? AND j.returned_at IS NOT NULL AND j.decline_reason IS NULL`,
      [bladeId, beforeJobId],
    )
  ).flatMap(({ days }) => (days === null || days < 1 ? [] : [days]));

/** Back to the bench after a failed test: a new round of burr checks and readings. */
export const setNextRound = (db: Queryable, jobId: number) =>
  execute(db, "UPDATE job SET stage = 'on the bench', round = round + 1 WHERE id = ?", [jobId]);

export const setPlan = (
  db: Queryable,
  jobId: number,
  stage: Stage,
  choices: object,
  record: object,
) =>
  execute(db, 'UPDATE job SET stage = ?, plan_choices = ?, plan_record = ? WHERE id = ?', [
    stage,
    JSON.stringify(choices),
    JSON.stringify(record),
    jobId,
  ]);

export const clearPlan = (db: Queryable, jobId: number) =>
  execute(
    db,
    "UPDATE job SET stage = 'taken in', plan_choices = NULL, plan_record = NULL WHERE id = ?",
    [jobId],
  );
