/** Runs a write once per key: a repeat gets the first answer and changes nothing. */
import type { Pool, PoolConnection } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { findAnswer, keepAnswer } from './queries';

export const onceOnly = async <T extends object>(
  pool: Pool,
  key: string | null,
  staffId: number,
  work: (on: PoolConnection) => Promise<T>,
): Promise<T> =>
  inTransaction(pool, async (on) => {
    if (key === null) return work(on);
    const before = await findAnswer<T>(on, key, staffId);
    if (before) return before;
    const answer = await work(on);
    await keepAnswer(on, key, staffId, answer);
    return answer;
  });
