import type { PoolConnection } from 'mysql2/promise';
import { change, select } from '../database/pool';

/** The answer given to a key before; locks the key against a second request at the same moment. */
export const findAnswer = async <T>(
  on: PoolConnection,
  key: string,
  staffId: number,
): Promise<T | undefined> => {
  const rows = await select<{ answer: T }>(
    on,
    'SELECT answer FROM idempotency WHERE idempotency_key = ? AND staff_id = ? FOR UPDATE',
    [key, staffId],
  );
  return rows[0]?.answer;
};

export const keepAnswer = (on: PoolConnection, key: string, staffId: number, answer: object) =>
  change(on, 'INSERT INTO idempotency (idempotency_key, staff_id, answer) VALUES (?, ?, ?)', [
    key,
    staffId,
    JSON.stringify(answer),
  ]);
