import type { TouchUp, TouchUpBody } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';

interface TouchUpRow extends Omit<TouchUp, 'at' | 'lastedDays' | 'enough'> {
  readonly at: Date;
  readonly enough: number;
  /** The blade's next touch-up or visit; null while there was none. */
  readonly endedAt: Date | null;
}

const DAY_MS = 24 * 60 * 60 * 1000;

/** All touch-ups of a blade over its visits, the latest first. */
export const touchUpsOfBlade = async (on: Queryable, bladeId: number): Promise<TouchUp[]> => {
  const rows = await select<TouchUpRow>(
    on,
    `SELECT t.id, t.job_id AS jobId, t.at, p.name AS who, t.rung, s.name AS stone, t.enough, t.note,
       (SELECT MIN(e.at) FROM (
          SELECT u.at, v.blade_id FROM touch_up u JOIN job v ON v.id = u.job_id
          UNION ALL SELECT n.taken_in_at, n.blade_id FROM job n
        ) e WHERE e.blade_id = j.blade_id AND e.at > t.at) AS endedAt
     FROM touch_up t JOIN job j ON j.id = t.job_id JOIN staff p ON p.id = t.staff_id
       LEFT JOIN stone s ON s.id = t.stone_id
     WHERE j.blade_id = ? ORDER BY t.at DESC, t.id DESC`,
    [bladeId],
  );
  return rows.map(({ endedAt, at, enough, ...row }) => ({
    ...row,
    at: at.toISOString(),
    enough: enough === 1,
    lastedDays:
      enough === 1 && endedAt !== null
        ? Math.round((endedAt.getTime() - at.getTime()) / DAY_MS)
        : null,
  }));
};

export const addTouchUp = (
  on: Queryable,
  jobId: number,
  staffId: number,
  { rung, stoneId, enough, note }: Omit<TouchUpBody, 'version'>,
  at: Date = new Date(),
) =>
  change(
    on,
    'INSERT INTO touch_up (job_id, rung, stone_id, enough, note, at, staff_id) VALUES (?, ?, ?, ?, ?, ?, ?)',
    [jobId, rung, stoneId, enough, note, at, staffId],
  );
