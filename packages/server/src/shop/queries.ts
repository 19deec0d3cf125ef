import type { BoardJob, Mooring } from '@patient-edge/contract';
import type { BladeMeasures } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';
import { IN_HAND_MINUTES, MEASURE_COLUMNS, measuresOf } from '../jobs/rows';

interface BoardRow extends BladeMeasures {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stage: BoardJob['stage'];
  readonly promisedOn: string;
  readonly customer: string;
  readonly bladeId: number;
  readonly bladeName: string;
  readonly steel: string;
  readonly stepsDone: number;
  readonly stepsTotal: number;
  readonly round: number;
  readonly inHand: string | null;
}

/** Every blade now in the shop, by promised date. */
export const openJobs = async (db: Queryable): Promise<BoardJob[]> =>
  (
    await select<BoardRow>(
      db,
      `SELECT j.id AS jobId, j.tag_number AS tagNumber, j.stage, j.promised_on AS promisedOn, j.round,
         c.name AS customer, b.id AS bladeId, b.name AS bladeName, b.steel, ${MEASURE_COLUMNS},
         IF(j.stage = 'on the bench' AND j.in_hand_at > CURRENT_TIMESTAMP(3) - INTERVAL ${IN_HAND_MINUTES} MINUTE,
           (SELECT h.name FROM staff h WHERE h.id = j.in_hand_by), NULL) AS inHand,
         (SELECT COUNT(*) FROM plan_step p WHERE p.job_id = j.id AND NOT p.superseded) AS stepsTotal,
         (SELECT COUNT(*) FROM plan_step p WHERE p.job_id = j.id AND NOT p.superseded AND p.status = 'done') AS stepsDone
       FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id
       WHERE j.tag_in_use IS NOT NULL ORDER BY j.promised_on, j.tag_number`,
    )
  ).map((row) => ({
    jobId: row.jobId,
    tagNumber: row.tagNumber,
    stage: row.stage,
    promisedOn: row.promisedOn,
    customer: row.customer,
    blade: { id: row.bladeId, name: row.bladeName, steel: row.steel, measures: measuresOf(row) },
    stepsDone: row.stepsDone,
    stepsTotal: row.stepsTotal,
    sentBack: row.round > 1,
    inHand: row.inHand,
  }));

export const listMoorings = (db: Queryable): Promise<Mooring[]> =>
  select<Mooring>(db, 'SELECT weekday, wharf FROM mooring ORDER BY weekday');

export const addMooring = (db: Queryable, { weekday, wharf }: Mooring) =>
  execute(db, 'INSERT INTO mooring (weekday, wharf) VALUES (?, ?)', [weekday, wharf]);
