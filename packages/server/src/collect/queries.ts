import type { Customer, ReadyBlade, ToWrite } from '@patient-edge/contract';
import type { BladeMeasures, MessageKind } from '@patient-edge/core';
import { CUSTOMER_FACTS } from '../customers/queries';
import { select, type Queryable } from '../database/pool';
import { MEASURE_COLUMNS, measuresOf } from '../jobs/rows';
import { BILL_COLUMNS, BILL_JOIN, billOf, type BillRow } from '../money/queries';

interface ReadyRow extends BladeMeasures, BillRow, Omit<Customer, 'id'> {
  readonly jobId: number;
  readonly version: number;
  readonly tagNumber: number;
  readonly stage: 'ready' | 'declined';
  readonly promisedOn: string;
  readonly readyAt: Date;
  readonly customerId: number;
  readonly bladeId: number;
  readonly bladeName: string;
  readonly steel: string;
  readonly place: string | null;
}

/** The customer beside other columns. */
const CUSTOMER = `c.id AS customerId, ${CUSTOMER_FACTS}`;

/** Since when a blade is ready, or declined: the line of its history that says so. */
const READY_AT = `COALESCE((SELECT MAX(e.at) FROM job_event e WHERE e.job_id = j.id
  AND e.kind IN ('passed', 'declined')), j.taken_in_at)`;

/** Every blade that can be collected, by customer and tag. */
export const readyBlades = async (db: Queryable): Promise<ReadyBlade[]> =>
  (
    await select<ReadyRow>(
      db,
      `SELECT j.id AS jobId, j.version, j.tag_number AS tagNumber, j.stage, j.promised_on AS promisedOn,
         ${READY_AT} AS readyAt, ${CUSTOMER}, b.id AS bladeId, b.name AS bladeName, b.steel,
         ${MEASURE_COLUMNS}, ${BILL_COLUMNS}, pl.name AS place
       FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id ${BILL_JOIN}
         LEFT JOIN place pl ON pl.id = j.place_id
       WHERE j.tag_in_use IS NOT NULL AND j.stage IN ('ready', 'declined')
       ORDER BY c.name, c.id, j.tag_number`,
    )
  ).map((row) => ({
    jobId: row.jobId,
    version: row.version,
    tagNumber: row.tagNumber,
    declined: row.stage === 'declined',
    promisedOn: row.promisedOn,
    readyAt: row.readyAt.toISOString(),
    customer: {
      id: row.customerId,
      name: row.name,
      trade: row.trade,
      phone: row.phone,
      note: row.note,
      edgesLiked: row.edgesLiked,
    },
    blade: { id: row.bladeId, name: row.bladeName, steel: row.steel, measures: measuresOf(row) },
    bill: billOf(row),
    place: row.place,
  }));

interface ToWriteRow extends Omit<Customer, 'id'> {
  readonly customerId: number;
  readonly jobId: number;
  readonly tagNumber: number;
  readonly blade: string;
  readonly day: string;
  readonly lastWritten: Date | null;
}

const WRITTEN = (kind: MessageKind): string =>
  `(SELECT MAX(w.made_at) FROM message w WHERE w.job_id = j.id AND w.kind = '${kind}' AND w.state <> 'withdrawn')`;

const grouped = (kind: MessageKind, rows: readonly ToWriteRow[]): ToWrite[] => {
  const customers = new Map<number, ToWrite>();
  for (const { customerId, jobId, tagNumber, blade, day, lastWritten, ...customer } of rows) {
    const held = customers.get(customerId);
    const written = lastWritten?.toISOString() ?? null;
    customers.set(customerId, {
      kind,
      customer: { id: customerId, ...customer },
      blades: [...(held?.blades ?? []), { jobId, tagNumber, blade, day }],
      lastWritten: held?.lastWritten ?? written,
    });
  }
  return [...customers.values()];
};

const FROM = `FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id`;

/** Blades whose promised day has passed and that are not ready. */
export const lateBlades = async (db: Queryable, today: string): Promise<ToWrite[]> =>
  grouped(
    'late',
    await select<ToWriteRow>(
      db,
      `SELECT ${CUSTOMER}, j.id AS jobId, j.tag_number AS tagNumber, b.name AS blade,
         j.promised_on AS day, ${WRITTEN('late')} AS lastWritten ${FROM}
       WHERE j.tag_in_use IS NOT NULL AND j.promised_on < ? AND j.stage NOT IN ('ready', 'declined')
       ORDER BY c.name, c.id, j.tag_number`,
      [today],
    ),
  );

/** Blades that have been ready since before a day. */
export const uncollectedBlades = async (db: Queryable, before: Date): Promise<ToWrite[]> =>
  grouped(
    'reminder',
    await select<ToWriteRow>(
      db,
      `SELECT ${CUSTOMER}, j.id AS jobId, j.tag_number AS tagNumber, b.name AS blade,
         CONCAT(DATE(${READY_AT})) AS day, ${WRITTEN('reminder')} AS lastWritten ${FROM}
       WHERE j.tag_in_use IS NOT NULL AND j.stage IN ('ready', 'declined') AND ${READY_AT} < ?
       ORDER BY c.name, c.id, j.tag_number`,
      [before],
    ),
  );

/** Blades at home whose edge is likely to want sharpening again, and that have not come since. */
export const dueBlades = async (db: Queryable, from: string, until: string): Promise<ToWrite[]> =>
  grouped(
    'due',
    await select<ToWriteRow>(
      db,
      `SELECT ${CUSTOMER}, j.id AS jobId, j.tag_number AS tagNumber, b.name AS blade,
         j.due_on AS day, ${WRITTEN('due')} AS lastWritten ${FROM}
       WHERE j.due_on BETWEEN ? AND ? AND c.erased_at IS NULL
         AND NOT EXISTS (SELECT 1 FROM job n WHERE n.blade_id = j.blade_id AND n.id > j.id)
       ORDER BY c.name, c.id, j.due_on LIMIT 500`,
      [from, until],
    ),
  );
