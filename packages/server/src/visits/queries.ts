import type { VisitAnswer } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';

/** The page of a visit as it is held; undefined where none was made. */
export const pageOfJob = async (
  db: Queryable,
  jobId: number,
): Promise<{ readonly token: string; readonly revoked: boolean } | undefined> => {
  const [row] = await select<{ token: string; revokedAt: Date | null }>(
    db,
    'SELECT token, revoked_at AS revokedAt FROM visit_page WHERE job_id = ?',
    [jobId],
  );
  return row && { token: row.token, revoked: row.revokedAt !== null };
};

/** Made once: whoever comes second finds the first one's. */
export const addPage = (db: Queryable, jobId: number, token: string) =>
  execute(db, 'INSERT IGNORE INTO visit_page (job_id, token) VALUES (?, ?)', [jobId, token]);

export const revokePage = (db: Queryable, jobId: number) =>
  execute(
    db,
    'UPDATE visit_page SET revoked_at = CURRENT_TIMESTAMP(3) WHERE job_id = ? AND revoked_at IS NULL',
    [jobId],
  );

/** The visit a token opens: not revoked, not too old, and the blade has not been dropped off again. */
export const jobOfToken = async (
  db: Queryable,
  token: string,
  mostDays: number,
): Promise<number | undefined> =>
  (
    await select<{ jobId: number }>(
      db,
      `SELECT v.job_id AS jobId FROM visit_page v JOIN job j ON j.id = v.job_id
       WHERE v.token = ? AND v.revoked_at IS NULL
         AND v.made_at > CURRENT_TIMESTAMP(3) - INTERVAL ? DAY
         AND NOT EXISTS (SELECT 1 FROM job n WHERE n.blade_id = j.blade_id AND n.id > j.id)`,
      [token, mostDays],
    )
  )[0]?.jobId;

export const answersOfJob = async (db: Queryable, jobId: number): Promise<VisitAnswer[]> =>
  (
    await select<{ answer: VisitAnswer }>(
      db,
      'SELECT answer FROM visit_answer WHERE job_id = ? ORDER BY at',
      [jobId],
    )
  ).map(({ answer }) => answer);

/** What a customer said; said again it is what they said last. */
export const saveAnswer = (db: Queryable, jobId: number, answer: VisitAnswer, words: string) =>
  execute(
    db,
    `INSERT INTO visit_answer (job_id, answer, words) VALUES (?, ?, ?)
     ON DUPLICATE KEY UPDATE words = VALUES(words)`,
    [jobId, answer, words],
  );

/** What was wished for at the last visit of a blade; empty where nothing was. */
export const wishOfBlade = async (db: Queryable, bladeId: number): Promise<string> =>
  (
    await select<{ words: string }>(
      db,
      `SELECT a.words FROM job j JOIN visit_answer a ON a.job_id = j.id AND a.answer = 'wish'
       WHERE j.blade_id = ? ORDER BY j.id DESC LIMIT 1`,
      [bladeId],
    )
  )[0]?.words ?? '';
