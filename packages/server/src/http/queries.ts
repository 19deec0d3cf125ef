import type { PoolConnection } from 'mysql2/promise';
import { execute, select, type Queryable } from '../database/pool';

export interface ClaimedKey<T> {
  readonly requestHash: string;
  /** What was answered to it before; null while nothing was. */
  readonly answer: T | null;
}

/**
 * Writes the key down before anything is made, or finds it there. Whoever comes second waits for the first one's
 * transaction. An update that changes nothing, not a refused insert: that would leave shared locks which deadlock.
 */
export const claimKey = async <T>(
  db: PoolConnection,
  key: string,
  staffId: number,
  requestHash: string,
): Promise<ClaimedKey<T>> => {
  await execute(
    db,
    `INSERT INTO idempotency (idempotency_key, staff_id, request_hash) VALUES (?, ?, ?)
     ON DUPLICATE KEY UPDATE idempotency_key = idempotency_key`,
    [key, staffId, requestHash],
  );
  return (
    await select<ClaimedKey<T>>(
      db,
      `SELECT request_hash AS requestHash, answer FROM idempotency
       WHERE idempotency_key = ? AND staff_id = ? FOR UPDATE`,
      [key, staffId],
    )
  )[0]!;
};

export const keepAnswer = (db: Queryable, key: string, staffId: number, answer: object) =>
  execute(db, 'UPDATE idempotency SET answer = ? WHERE idempotency_key = ? AND staff_id = ?', [
    JSON.stringify(answer),
    key,
    staffId,
  ]);

/** A repeat later than this is none. */
const KEPT_DAYS = 30;

/** Forgets old keys; gives how many. */
export const purgeKeys = async (db: Queryable): Promise<number> =>
  (
    await execute(
      db,
      `DELETE FROM idempotency WHERE created_at < CURRENT_TIMESTAMP(3) - INTERVAL ${KEPT_DAYS} DAY`,
    )
  ).affectedRows;
