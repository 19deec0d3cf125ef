import type { PhotoMark, Photograph, PhotographBody } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';
import type { Picture } from './picture';

export const photographsOfJob = async (db: Queryable, jobId: number): Promise<Photograph[]> =>
  (
    await select<Omit<Photograph, 'at'> & { at: Date }>(
      db,
      `SELECT id, version, at, width_px AS widthPx, height_px AS heightPx, note, marks, close_up AS closeUp
       FROM photograph WHERE job_id = ? ORDER BY id`,
      [jobId],
    )
  ).map((row) => ({ ...row, at: row.at.toISOString() }));

export const countPhotographs = async (db: Queryable, jobId: number): Promise<number> =>
  (
    await select<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM photograph WHERE job_id = ?', [
      jobId,
    ])
  )[0]!.n;

export const addPhotograph = async (
  db: Queryable,
  jobId: number,
  staffId: number,
  { full, small, widthPx, heightPx }: Picture,
): Promise<number> => {
  const none: readonly PhotoMark[] = [];
  return (
    await execute(
      db,
      `INSERT INTO photograph (job_id, staff_id, width_px, height_px, marks, picture, small_picture)
       VALUES (?, ?, ?, ?, ?, ?, ?)`,
      [jobId, staffId, widthPx, heightPx, JSON.stringify(none), full, small],
    )
  ).insertId;
};

export const pictureOf = async (
  db: Queryable,
  id: number,
  size: 'full' | 'small',
): Promise<Buffer | undefined> =>
  (
    await select<{ picture: Buffer }>(
      db,
      `SELECT ${size === 'full' ? 'picture' : 'small_picture'} AS picture FROM photograph WHERE id = ?`,
      [id],
    )
  )[0]?.picture;

export const jobOfPhotograph = async (db: Queryable, id: number): Promise<number | undefined> =>
  (
    await select<{ jobId: number }>(db, 'SELECT job_id AS jobId FROM photograph WHERE id = ?', [id])
  )[0]?.jobId;

/** Of a photograph under the lock of its job. */
export const versionOfPhotograph = async (db: Queryable, id: number): Promise<number | undefined> =>
  (await select<{ version: number }>(db, 'SELECT version FROM photograph WHERE id = ?', [id]))[0]
    ?.version;

export const changePhotograph = (
  db: Queryable,
  id: number,
  {
    note,
    marks,
    closeUp = null,
  }: Omit<PhotographBody, 'version' | 'closeUp'> & Partial<PhotographBody>,
) =>
  execute(
    db,
    'UPDATE photograph SET note = ?, marks = ?, close_up = ?, version = version + 1 WHERE id = ?',
    [note, JSON.stringify(marks), closeUp === null ? null : JSON.stringify(closeUp), id],
  );

export const removePhotograph = (db: Queryable, id: number) =>
  execute(db, 'DELETE FROM photograph WHERE id = ?', [id]);
