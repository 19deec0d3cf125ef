import type { Consent, ConsentBody, Estimate } from '@patient-edge/contract';
import type { EstimateLine } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';
import type { JobRow } from '../jobs/queries';

export const consentsOfJob = async (db: Queryable, jobId: number): Promise<Consent[]> =>
  (
    await select<Omit<Consent, 'at'> & { at: Date }>(
      db,
      `SELECT c.matter, c.words AS text, c.answer, c.given_by AS name, c.at, s.name AS who
       FROM consent c JOIN staff s ON s.id = c.staff_id WHERE c.job_id = ? ORDER BY c.id`,
      [jobId],
    )
  ).map((row) => ({ ...row, at: row.at.toISOString() }));

/** What the customer said last to each matter. */
export const lastAnswers = (consents: readonly Consent[]): ReadonlyMap<string, Consent> =>
  new Map(consents.map((consent) => [consent.matter, consent]));

export const addConsent = (
  db: Queryable,
  jobId: number,
  staffId: number,
  body: Omit<ConsentBody, 'version'>,
) =>
  execute(
    db,
    'INSERT INTO consent (job_id, staff_id, matter, words, answer, given_by) VALUES (?, ?, ?, ?, ?, ?)',
    [jobId, staffId, body.matter, body.text, body.answer, body.name],
  );

export const setProtection = (db: Queryable, jobId: number, done: readonly string[]) =>
  execute(db, 'UPDATE job SET protection_done = ? WHERE id = ?', [JSON.stringify(done), jobId]);

export const estimateOfJob = async (db: Queryable, row: JobRow): Promise<Estimate | null> => {
  const lines = await select<EstimateLine>(
    db,
    `SELECT label, low_minor AS lowMinor, high_minor AS highMinor FROM estimate_line
     WHERE job_id = ? ORDER BY position`,
    [row.id],
  );
  return lines.length === 0
    ? null
    : {
        lines,
        agreedBy: row.estimateAgreedBy,
        agreedAt: row.estimateAgreedAt?.toISOString() ?? null,
      };
};

export const replaceEstimate = async (
  db: Queryable,
  jobId: number,
  lines: readonly EstimateLine[],
  agreedBy: string | null,
): Promise<void> => {
  await execute(db, 'DELETE FROM estimate_line WHERE job_id = ?', [jobId]);
  for (const [position, { label, lowMinor, highMinor }] of lines.entries()) {
    await execute(
      db,
      'INSERT INTO estimate_line (job_id, position, label, low_minor, high_minor) VALUES (?, ?, ?, ?, ?)',
      [jobId, position, label, lowMinor, highMinor],
    );
  }
  await execute(
    db,
    `UPDATE job SET estimate_agreed_by = ?,
       estimate_agreed_at = IF(? IS NULL, NULL, CURRENT_TIMESTAMP(3)) WHERE id = ?`,
    [agreedBy, agreedBy, jobId],
  );
};
