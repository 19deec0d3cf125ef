import type { BoardJob, FirstDay } from '@patient-edge/contract';
import type { BladeMeasures } from '@patient-edge/core';
import { select, type Queryable } from '../database/pool';
import { IN_HAND_MINUTES, MEASURE_COLUMNS, measuresOf } from '../jobs/rows';

interface BoardRow extends BladeMeasures {
  readonly jobId: number;
  readonly version: number;
  readonly takenInAt: Date;
  readonly waitsForAnswer: number;
  readonly lastBy: string | null;
  readonly customerId: number;
  readonly tagNumber: number;
  readonly stage: BoardJob['stage'];
  readonly promisedOn: string;
  readonly place: string | null;
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
      `SELECT j.id AS jobId, j.version, j.taken_in_at AS takenInAt, b.customer_id AS customerId,
         (j.stage IN ('taken in', 'planned') AND j.estimate_agreed_at IS NULL
           AND EXISTS (SELECT 1 FROM estimate_line l WHERE l.job_id = j.id)) AS waitsForAnswer,
         (SELECT w.name FROM job_event e JOIN staff w ON w.id = e.staff_id WHERE e.job_id = j.id
           ORDER BY e.id DESC LIMIT 1) AS lastBy, j.tag_number AS tagNumber, j.stage, j.promised_on AS promisedOn, pl.name AS place, j.round,
         c.name AS customer, b.id AS bladeId, b.name AS bladeName, b.steel, ${MEASURE_COLUMNS},
         IF(j.stage = 'on the bench' AND j.in_hand_at > CURRENT_TIMESTAMP(3) - INTERVAL ${IN_HAND_MINUTES} MINUTE,
           (SELECT h.name FROM staff h WHERE h.id = j.in_hand_by), NULL) AS inHand,
         (SELECT COUNT(*) FROM plan_step p WHERE p.job_id = j.id AND NOT p.superseded) AS stepsTotal,
         (SELECT COUNT(*) FROM plan_step p WHERE p.job_id = j.id AND NOT p.superseded AND p.status = 'done') AS stepsDone
       FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id
         LEFT JOIN place pl ON pl.id = j.place_id
       WHERE j.tag_in_use IS NOT NULL ORDER BY j.promised_on, j.tag_number`,
    )
  ).map((row) => ({
    jobId: row.jobId,
    version: row.version,
    takenInAt: row.takenInAt.toISOString(),
    waitsForAnswer: row.waitsForAnswer === 1,
    lastBy: row.lastBy ?? '',
    customerId: row.customerId,
    tagNumber: row.tagNumber,
    stage: row.stage,
    promisedOn: row.promisedOn,
    place: row.place,
    customer: row.customer,
    blade: { id: row.bladeId, name: row.bladeName, steel: row.steel, measures: measuresOf(row) },
    stepsDone: row.stepsDone,
    stepsTotal: row.stepsTotal,
    sentBack: row.round > 1,
    inHand: row.inHand,
  }));

export const WORKS_ALONE = 'works alone';

/** Which of the things a shop begins with are there. */
export const firstDay = async (db: Queryable): Promise<FirstDay> => {
  const [found] = await select<Record<keyof FirstDay, number>>(
    db,
    `SELECT
       EXISTS (SELECT 1 FROM setting WHERE name = 'shop details'
         AND COALESCE(JSON_VALUE(value, '$.address'), '') <> '') AS shop,
       EXISTS (SELECT 1 FROM place p JOIN place_day d ON d.place_id = p.id WHERE p.in_use) AS places,
       (SELECT COUNT(*) FROM staff) > 1
         OR EXISTS (SELECT 1 FROM setting WHERE name = ?) AS people,
       EXISTS (SELECT 1 FROM stone WHERE NOT retired) AS stones,
       EXISTS (SELECT 1 FROM price) AS prices,
       (SELECT MAX(id) FROM job) IS NOT NULL AS blade`,
    [WORKS_ALONE],
  );
  return {
    shop: found!.shop === 1,
    places: found!.places === 1,
    people: found!.people === 1,
    stones: found!.stones === 1,
    prices: found!.prices === 1,
    blade: found!.blade === 1,
  };
};
