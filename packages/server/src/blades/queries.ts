import type { BladeOfCustomer, BladeSummary, Visit } from '@patient-edge/contract';
import type { BladeMeasures, LastMeasured } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';
import { ALL_BY_CALIPER, MEASURE_COLUMNS, measuresOf } from '../jobs/rows';
import { addSearchWords } from '../search-words/queries';

interface BladeRow extends BladeMeasures {
  readonly id: number;
  readonly customerId: number;
  readonly name: string;
  readonly steel: string;
}

/** A blade with the measurements of its latest visit. */
const BLADE_SELECT = `SELECT b.id, b.customer_id AS customerId, b.name, b.steel,
  j.tag_in_use AS tagInUse, ${MEASURE_COLUMNS}
  FROM blade b JOIN job j ON j.id = (SELECT MAX(id) FROM job WHERE blade_id = b.id)`;

const toSummary = (row: BladeRow): BladeSummary => ({
  id: row.id,
  name: row.name,
  steel: row.steel,
  measures: measuresOf(row),
});

export const bladesOfCustomer = async (
  db: Queryable,
  customerId: number,
): Promise<BladeOfCustomer[]> =>
  (
    await select<BladeRow & { readonly tagInUse: number | null }>(
      db,
      `${BLADE_SELECT} WHERE b.customer_id = ? ORDER BY b.id`,
      [customerId],
    )
  ).map((row) => ({ ...toSummary(row), tagInUse: row.tagInUse }));

export const findBlade = async (
  db: Queryable,
  id: number,
): Promise<{ summary: BladeSummary; customerId: number } | undefined> => {
  const row = (await select<BladeRow>(db, `${BLADE_SELECT} WHERE b.id = ?`, [id]))[0];
  return row && { summary: toSummary(row), customerId: row.customerId };
};

export const findBladeOwner = async (db: Queryable, id: number): Promise<number | undefined> =>
  (
    await select<{ customerId: number }>(
      db,
      'SELECT customer_id AS customerId FROM blade WHERE id = ?',
      [id],
    )
  )[0]?.customerId;

interface LastMeasuredRow extends BladeMeasures {
  readonly measuredWith: LastMeasured['measuredWith'] | null;
}

/**
 * The measures of the visit before that job, or of the last one where no job is named, with how each was got; null
 * when there was none.
 */
export const lastMeasuredOf = async (
  db: Queryable,
  bladeId: number,
  beforeJobId: number | null,
): Promise<LastMeasured | null> => {
  const [row] = await select<LastMeasuredRow>(
    db,
    `SELECT j.measured_with AS measuredWith, ${MEASURE_COLUMNS} FROM job j JOIN blade b ON b.id = j.blade_id
     WHERE j.blade_id = ? AND j.id < COALESCE(?, ~0) ORDER BY j.id DESC LIMIT 1`,
    [bladeId, beforeJobId],
  );
  return row
    ? { measures: measuresOf(row), measuredWith: row.measuredWith ?? ALL_BY_CALIPER }
    : null;
};

/** The angle the blade went home with, per side; null when nothing was ever worked on it. */
export const lastAngleOf = async (db: Queryable, bladeId: number): Promise<number | null> =>
  (
    await select<{ angleDeg: number | null }>(
      db,
      `SELECT JSON_VALUE(plan_record, '$.angleDeg') + 0.0 AS angleDeg FROM job
       WHERE blade_id = ? AND stage = 'returned' AND decline_reason IS NULL ORDER BY id DESC LIMIT 1`,
      [bladeId],
    )
  )[0]?.angleDeg ?? null;

export interface BladeBody {
  readonly name: string;
  readonly kind: string;
  readonly steel: string;
}

export const addBlade = async (
  db: Queryable,
  customerId: number,
  body: BladeBody,
): Promise<number> => {
  await addSearchWords(db, body.name);
  return (
    await execute(db, 'INSERT INTO blade (customer_id, name, kind, steel) VALUES (?, ?, ?, ?)', [
      customerId,
      body.name,
      body.kind,
      body.steel,
    ])
  ).insertId;
};

export const updateBlade = async (db: Queryable, id: number, body: BladeBody): Promise<void> => {
  await addSearchWords(db, body.name);
  await execute(db, 'UPDATE blade SET name = ?, kind = ?, steel = ? WHERE id = ?', [
    body.name,
    body.kind,
    body.steel,
    id,
  ]);
};

interface VisitRow extends BladeMeasures {
  readonly declined: number;
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stage: Visit['stage'];
  readonly takenInAt: Date;
  readonly returnedAt: Date | null;
  readonly anglePerSideDeg: number | null;
  readonly rimMm: number | null;
  readonly ridgeMm: number | null;
  readonly steelLostMm3: number | null;
  readonly workedSeconds: number | null;
  readonly stones: string | null;
  readonly forceBeforeGf: number | null;
  readonly forceAfterGf: number | null;
}

const MEAN_FORCE = `(SELECT AVG((r.force_1_gf + r.force_2_gf + r.force_3_gf) / 3) FROM edge_reading r
  WHERE r.job_id = j.id AND r.phase =`;

export const visitsOfBlade = async (db: Queryable, bladeId: number): Promise<Visit[]> =>
  (
    await select<VisitRow>(
      db,
      `SELECT j.id AS jobId, j.tag_number AS tagNumber, j.stage, j.taken_in_at AS takenInAt,
         j.decline_reason IS NOT NULL AS declined,
         j.returned_at AS returnedAt, JSON_VALUE(j.plan_record, '$.angleDeg') + 0.0 AS anglePerSideDeg,
         ${MEASURE_COLUMNS}, JSON_VALUE(j.answers, '$.rimEdgeMm') + 0.0 AS rimMm, JSON_VALUE(j.answers, '$.ridgeRightMm') + 0.0 AS ridgeMm,
         JSON_VALUE(j.plan_record, '$.figures.steelLost.value') + 0.0 AS steelLostMm3,
         (SELECT SUM(worked_seconds) FROM plan_step p WHERE p.job_id = j.id) AS workedSeconds,
         (SELECT GROUP_CONCAT(t.name ORDER BY p.position SEPARATOR '\\n') FROM plan_step p
            JOIN stone t ON t.id = p.stone_id WHERE p.job_id = j.id AND p.status = 'done') AS stones,
         ${MEAN_FORCE} 'before') AS forceBeforeGf,
         ${MEAN_FORCE} 'after' AND r.round = j.round) AS forceAfterGf
       FROM job j JOIN blade b ON b.id = j.blade_id WHERE j.blade_id = ? ORDER BY j.id DESC`,
      [bladeId],
    )
  ).map((row): Visit => ({
    jobId: row.jobId,
    tagNumber: row.tagNumber,
    stage: row.stage,
    declined: row.declined === 1,
    takenInAt: row.takenInAt.toISOString(),
    returnedAt: row.returnedAt?.toISOString() ?? null,
    anglePerSideDeg: row.anglePerSideDeg,
    measures: measuresOf(row),
    rimMm: row.rimMm,
    ridgeMm: row.ridgeMm,
    steelLostMm3: row.steelLostMm3,
    workedSeconds: row.workedSeconds ?? 0,
    stones: [...new Set(row.stones?.split('\n') ?? [])],
    forceBeforeGf: row.forceBeforeGf,
    forceAfterGf: row.forceAfterGf,
  }));
