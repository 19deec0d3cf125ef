import type { TouchUp, TouchUpBody } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';

interface TouchUpRow extends Omit<TouchUp, 'at' | 'lastedDays' | 'enough' | 'coins'> {
  readonly coinMm: number | null;
  readonly coinCount: number | null;
  readonly angleDeg: number | null;
  readonly at: Date;
  readonly enough: number;
  /** The blade's next touch-up or visit; null while there was none. */
  readonly touchedAgainAt: Date | null;
  readonly cameAgainAt: Date | null;
}

const DAY_MS = 24 * 60 * 60 * 1000;

/** Until the first of what followed; null where nothing has. */
const daysUntil = (from: Date, followed: readonly (Date | null)[]): number | null => {
  const times = followed.flatMap((each) => (each ? [each.getTime()] : []));
  return times.length === 0 ? null : Math.round((Math.min(...times) - from.getTime()) / DAY_MS);
};

/** All touch-ups of a blade over its visits, the latest first. */
export const touchUpsOfBlade = async (db: Queryable, bladeId: number): Promise<TouchUp[]> => {
  const rows = await select<TouchUpRow>(
    db,
    `SELECT t.id, t.job_id AS jobId, t.at, p.name AS who, t.rung, s.name AS stone, t.enough, t.note,
       t.coin_mm AS coinMm, t.coin_count AS coinCount, t.angle_deg AS angleDeg, t.passes,
       (SELECT MIN(u.at) FROM touch_up u JOIN job v ON v.id = u.job_id
        WHERE v.blade_id = j.blade_id AND u.at > t.at) AS touchedAgainAt,
       (SELECT MIN(n.taken_in_at) FROM job n
        WHERE n.blade_id = j.blade_id AND n.taken_in_at > t.at) AS cameAgainAt
     FROM touch_up t JOIN job j ON j.id = t.job_id JOIN staff p ON p.id = t.staff_id
       LEFT JOIN stone s ON s.id = t.stone_id
     WHERE j.blade_id = ? ORDER BY t.at DESC, t.id DESC`,
    [bladeId],
  );
  return rows.map(
    ({ touchedAgainAt, cameAgainAt, at, enough, coinMm, coinCount, angleDeg, ...row }) => ({
      ...row,
      at: at.toISOString(),
      enough: enough === 1,
      coins:
        coinMm === null || coinCount === null || angleDeg === null
          ? null
          : { coinMm, count: coinCount, angleDeg },
      lastedDays: enough === 1 ? daysUntil(at, [touchedAgainAt, cameAgainAt]) : null,
    }),
  );
};

export const addTouchUp = (
  db: Queryable,
  jobId: number,
  staffId: number,
  { rung, stoneId, enough, note, coins, passes }: Omit<TouchUpBody, 'version'>,
  at: Date = new Date(),
) =>
  execute(
    db,
    `INSERT INTO touch_up (job_id, rung, stone_id, enough, note, coin_mm, coin_count, angle_deg, passes, at, staff_id)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      jobId,
      rung,
      stoneId,
      enough,
      note,
      coins?.coinMm ?? null,
      coins?.count ?? null,
      coins?.angleDeg ?? null,
      passes,
      at,
      staffId,
    ],
  );
