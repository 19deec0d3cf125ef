import type { PhotoMark, Photograph, PhotographBody } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';
import type { Picture } from './picture';

export const photographsOfJob = async (on: Queryable, jobId: number): Promise<Photograph[]> =>
  (
    await select<Omit<Photograph, 'at'> & { at: Date }>(
      on,
      `SELECT id, version, at, width_px AS widthPx, height_px AS heightPx, note, marks
       FROM photograph WHERE job_id = ? ORDER BY id`,
      [jobId],
    )
  ).map((row) => ({ ...row, at: row.at.toISOString() }));

export const countPhotographs = async (on: Queryable, jobId: number): Promise<number> =>
  (
    await select<{ n: number }>(on, 'SELECT COUNT(*) AS n FROM photograph WHERE job_id = ?', [
      jobId,
    ])
  )[0]!.n;

export const addPhotograph = async (
  on: Queryable,
  jobId: number,
  staffId: number,
  { full, small, widthPx, heightPx }: Picture,
): Promise<number> => {
  const none: readonly PhotoMark[] = [];
  return (
    await change(
      on,
      `INSERT INTO photograph (job_id, staff_id, width_px, height_px, marks, picture, small_picture)
       VALUES (?, ?, ?, ?, ?, ?, ?)`,
      [jobId, staffId, widthPx, heightPx, JSON.stringify(none), full, small],
    )
  ).insertId;
};

export const pictureOf = async (
  on: Queryable,
  id: number,
  size: 'full' | 'small',
): Promise<Buffer | undefined> =>
  (
    await select<{ picture: Buffer }>(
      on,
      `SELECT ${size === 'full' ? 'picture' : 'small_picture'} AS picture FROM photograph WHERE id = ?`,
      [id],
    )
  )[0]?.picture;

export const jobOfPhotograph = async (on: Queryable, id: number): Promise<number | undefined> =>
  (
    await select<{ jobId: number }>(on, 'SELECT job_id AS jobId FROM photograph WHERE id = ?', [id])
  )[0]?.jobId;

/** Of a photograph under the lock of its job. */
export const versionOfPhotograph = async (on: Queryable, id: number): Promise<number | undefined> =>
  (await select<{ version: number }>(on, 'SELECT version FROM photograph WHERE id = ?', [id]))[0]
    ?.version;

export const changePhotograph = (
  on: Queryable,
  id: number,
  { note, marks }: Pick<PhotographBody, 'note' | 'marks'>,
) =>
  change(on, 'UPDATE photograph SET note = ?, marks = ?, version = version + 1 WHERE id = ?', [
    note,
    JSON.stringify(marks),
    id,
  ]);

export const removePhotograph = (on: Queryable, id: number) =>
  change(on, 'DELETE FROM photograph WHERE id = ?', [id]);
