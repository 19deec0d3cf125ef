import type { Complaint, ComplaintBody, OpenComplaint } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';

interface ComplaintRow extends Omit<Complaint, 'openedAt' | 'settledAt' | 'onTheHouse'> {
  readonly openedAt: Date;
  readonly settledAt: Date | null;
  readonly onTheHouse: number | null;
}

export const complaintOfJob = async (db: Queryable, jobId: number): Promise<Complaint | null> => {
  const [row] = await select<ComplaintRow>(
    db,
    `SELECT job_id AS jobId, words, signs, on_the_house AS onTheHouse, reason, new_job_id AS newJobId,
       opened_at AS openedAt, settled_at AS settledAt FROM complaint WHERE job_id = ?`,
    [jobId],
  );
  return row === undefined
    ? null
    : {
        ...row,
        onTheHouse: row.onTheHouse === null ? null : row.onTheHouse === 1,
        openedAt: row.openedAt.toISOString(),
        settledAt: row.settledAt?.toISOString() ?? null,
      };
};

/** Opened, or what was said of it before said anew; settled once somebody decided who pays. */
export const saveComplaint = (
  db: Queryable,
  jobId: number,
  { words, signs, onTheHouse, reason }: ComplaintBody,
) =>
  execute(
    db,
    `INSERT INTO complaint (job_id, words, signs, on_the_house, reason, settled_at)
       VALUES (?, ?, ?, ?, ?, IF(? IS NULL, NULL, CURRENT_TIMESTAMP(3)))
     ON DUPLICATE KEY UPDATE words = VALUES(words), signs = VALUES(signs),
       on_the_house = VALUES(on_the_house), reason = VALUES(reason), settled_at = VALUES(settled_at)`,
    [jobId, words, JSON.stringify(signs), onTheHouse, reason, onTheHouse],
  );

/** Said by the customer on their page: what was written down at the counter is not overwritten. */
export const openComplaint = (db: Queryable, jobId: number, words: string) =>
  execute(db, "INSERT IGNORE INTO complaint (job_id, words, signs) VALUES (?, ?, '{}')", [
    jobId,
    words,
  ]);

/** The new visit of a blade belongs to the complaint about its last one. */
export const linkComplaint = (db: Queryable, bladeId: number, newJobId: number) =>
  execute(
    db,
    `UPDATE complaint c JOIN job j ON j.id = c.job_id SET c.new_job_id = ?
     WHERE j.blade_id = ? AND j.id < ? AND c.new_job_id IS NULL`,
    [newJobId, bladeId, newJobId],
  );

/** Whether the visit mends what a complaint was about, and costs nothing; null where there was none. */
export const complaintBehind = async (
  db: Queryable,
  jobId: number,
): Promise<{ readonly onTheHouse: boolean } | null> => {
  const [row] = await select<{ readonly onTheHouse: number | null }>(
    db,
    'SELECT on_the_house AS onTheHouse FROM complaint WHERE new_job_id = ? ORDER BY job_id DESC LIMIT 1',
    [jobId],
  );
  return row === undefined ? null : { onTheHouse: row.onTheHouse === 1 };
};

export const openComplaints = async (db: Queryable): Promise<OpenComplaint[]> =>
  (
    await select<Omit<OpenComplaint, 'openedAt'> & { readonly openedAt: Date }>(
      db,
      `SELECT p.job_id AS jobId, c.name AS customer, b.name AS blade, p.words, p.opened_at AS openedAt
       FROM complaint p JOIN job j ON j.id = p.job_id JOIN blade b ON b.id = j.blade_id
         JOIN customer c ON c.id = b.customer_id
       WHERE p.settled_at IS NULL ORDER BY p.opened_at LIMIT 200`,
    )
  ).map((row) => ({ ...row, openedAt: row.openedAt.toISOString() }));
