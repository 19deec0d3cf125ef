import type { HistoryEntry, HistoryQuery, HistorySubject } from '@patient-edge/contract';
import { bladeKind, ownText, type Message } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

/** Writes a line into the history of a customer, a stone or the shop. */
export const addShopEvent = (
  db: Queryable,
  event: {
    readonly staffId: number;
    readonly subject: Exclude<HistorySubject, 'blade'>;
    /** 0 for the shop itself. */
    readonly subjectId: number;
    readonly message: Message;
  },
) =>
  execute(
    db,
    'INSERT INTO shop_event (at, staff_id, subject, subject_id, message) VALUES (CURRENT_TIMESTAMP(3), ?, ?, ?, ?)',
    [event.staffId, event.subject, event.subjectId, JSON.stringify(event.message)],
  );

interface EntryRow {
  readonly id: number;
  readonly at: Date;
  readonly who: string;
  readonly subject: HistorySubject;
  readonly subjectId: number;
  readonly tagNumber: number | null;
  readonly name: string;
  readonly kind: string | null;
  /** Null on events from before they had codes: the text was prose then. */
  readonly message: Message | null;
  readonly text: string;
}

/** The moments it is asked for, already as stretches of time. */
export interface HistoryFilter extends Omit<HistoryQuery, 'fromDay' | 'toDay' | 'beforeAt'> {
  readonly from: Date | null;
  readonly until: Date | null;
  readonly before: Date | null;
}

type Value = string | number | Date;

/** What the filter asks of one of the two tables. */
const conditions = (
  { staffId, from, until, before, beforeId }: HistoryFilter,
  extra: readonly (readonly [sql: string, value: Value | null])[],
): { readonly sql: string; readonly values: readonly Value[] } => {
  const wanted: (readonly [string, Value | null])[] = [
    ['e.staff_id = ?', staffId],
    ['e.at >= ?', from],
    ['e.at < ?', until],
    ...extra,
  ];
  const held = wanted.filter((each): each is readonly [string, Value] => each[1] !== null);
  const parts = held.map(([sql]) => sql);
  const values = held.map(([, value]) => value);
  if (before !== null) {
    parts.push('(e.at < ? OR (e.at = ? AND e.id < ?))');
    values.push(before, before, beforeId ?? 0);
  }
  return { sql: parts.length === 0 ? '' : `WHERE ${parts.join(' AND ')}`, values };
};

const ofBlades = (db: Queryable, filter: HistoryFilter, most: number): Promise<EntryRow[]> => {
  const { sql, values } = conditions(filter, [
    [
      'e.job_id IN (SELECT id FROM job WHERE blade_id = ?)',
      filter.subject === 'blade' ? filter.subjectId : null,
    ],
    [
      'e.job_id IN (SELECT j.id FROM blade b JOIN job j ON j.blade_id = b.id WHERE b.customer_id = ?)',
      filter.subject === 'customer' ? filter.subjectId : null,
    ],
  ]);
  return select<EntryRow>(
    db,
    `SELECT f.id, f.at, s.name AS who, 'blade' AS subject, b.id AS subjectId,
       j.tag_number AS tagNumber, b.name, b.kind, f.message, f.text
     FROM (SELECT e.id, e.at, e.staff_id, e.job_id, e.message, e.text FROM job_event e ${sql}
       ORDER BY e.at DESC, e.id DESC LIMIT ${most}) f
     JOIN staff s ON s.id = f.staff_id JOIN job j ON j.id = f.job_id JOIN blade b ON b.id = j.blade_id
     ORDER BY f.at DESC, f.id DESC`,
    [...values],
  );
};

const ofTheRest = (db: Queryable, filter: HistoryFilter, most: number): Promise<EntryRow[]> => {
  const { sql, values } = conditions(filter, [
    ['e.subject = ?', filter.subject],
    ['e.subject_id = ?', filter.subjectId],
  ]);
  return select<EntryRow>(
    db,
    `SELECT f.id, f.at, s.name AS who, f.subject, f.subject_id AS subjectId, NULL AS tagNumber,
       COALESCE(c.name, t.name, '') AS name, NULL AS kind, f.message, '' AS text
     FROM (SELECT e.id, e.at, e.staff_id, e.subject, e.subject_id, e.message FROM shop_event e ${sql}
       ORDER BY e.at DESC, e.id DESC LIMIT ${most}) f
     JOIN staff s ON s.id = f.staff_id
     LEFT JOIN customer c ON f.subject = 'customer' AND c.id = f.subject_id
     LEFT JOIN stone t ON f.subject = 'stone' AND t.id = f.subject_id
     ORDER BY f.at DESC, f.id DESC`,
    [...values],
  );
};

const entryOf = (row: EntryRow): HistoryEntry => ({
  id: row.id,
  at: row.at.toISOString(),
  who: row.who,
  subject: row.subject,
  subjectId: row.subjectId,
  of:
    row.tagNumber === null
      ? row.name
      : `Tag ${row.tagNumber}, ${row.name || bladeKind(row.kind!).label}`,
  message: row.message ?? ownText(row.text),
});

/** The latest first, so many at most: of blades and of everything else, each by its own index. */
export const historyEntries = async (
  db: Queryable,
  filter: HistoryFilter,
  most: number,
): Promise<HistoryEntry[]> => {
  const { subject } = filter;
  const rows = [
    // Of one customer their blades too; of customers in general what was done to them.
    ...(subject === null ||
    subject === 'blade' ||
    (subject === 'customer' && filter.subjectId !== null)
      ? await ofBlades(db, filter, most)
      : []),
    ...(subject === 'blade' ? [] : await ofTheRest(db, filter, most)),
  ];
  return rows
    .sort((a, b) => b.at.getTime() - a.at.getTime() || b.id - a.id)
    .slice(0, most)
    .map(entryOf);
};

export interface CustomerLine {
  readonly id: number;
  readonly name: string;
  readonly trade: string;
  readonly phones: string;
  readonly email: string;
  readonly mayWrite: string;
  readonly onAccount: number;
  readonly note: string;
}

/** So many customers behind the number given; the erased have nothing to export. */
export const customerLines = (
  db: Queryable,
  afterId: number,
  most: number,
): Promise<CustomerLine[]> =>
  select<CustomerLine>(
    db,
    `SELECT c.id, c.name, c.trade, c.email, c.may_write AS mayWrite, c.on_account AS onAccount, c.note,
       COALESCE((SELECT GROUP_CONCAT(p.number ORDER BY p.id SEPARATOR '; ') FROM customer_phone p
         WHERE p.customer_id = c.id), '') AS phones
     FROM customer c WHERE c.id > ? AND c.erased_at IS NULL ORDER BY c.id LIMIT ${most}`,
    [afterId],
  );

export interface JobLine {
  readonly id: number;
  readonly tagNumber: number;
  readonly customerId: number;
  readonly customer: string;
  readonly bladeId: number;
  readonly blade: string;
  readonly kind: string;
  readonly steel: string;
  readonly stage: string;
  readonly takenInAt: Date;
  readonly promisedOn: string;
  readonly place: string | null;
  readonly returnedAt: Date | null;
  readonly edgeLengthMm: number | null;
  readonly heightHeelMm: number | null;
  readonly angleDeg: number | null;
  readonly workedSeconds: number;
  readonly round: number;
  readonly declineReason: string | null;
}

/** So many visits behind the number given. */
export const jobLines = (db: Queryable, afterId: number, most: number): Promise<JobLine[]> =>
  select<JobLine>(
    db,
    `SELECT j.id, j.tag_number AS tagNumber, c.id AS customerId, c.name AS customer, b.id AS bladeId,
       b.name AS blade, b.kind, b.steel, j.stage, j.taken_in_at AS takenInAt,
       j.promised_on AS promisedOn, p.name AS place, j.returned_at AS returnedAt,
       j.edge_length_mm AS edgeLengthMm, j.height_heel_mm AS heightHeelMm,
       JSON_VALUE(j.plan_record, '$.angleDeg') AS angleDeg, j.round, j.decline_reason AS declineReason,
       COALESCE((SELECT SUM(t.worked_seconds) FROM plan_step t WHERE t.job_id = j.id), 0) AS workedSeconds
     FROM job j JOIN blade b ON b.id = j.blade_id JOIN customer c ON c.id = b.customer_id
       LEFT JOIN place p ON p.id = j.place_id
     WHERE j.id > ? ORDER BY j.id LIMIT ${most}`,
    [afterId],
  );
