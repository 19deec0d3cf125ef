/** Runs a write once per key: a repeat of the same request gets the first answer and changes nothing. */
import { createHash } from 'node:crypto';
import type { Request } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { ApiError } from './errors';
import { claimKey, keepAnswer } from './queries';
import { idempotencyKey, staffOf } from './request';

/** What a key is bound to: method, path and the validated body, so that it answers for nothing else. */
export const requestHash = (method: string, path: string, body: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify([method, path, body]))
    .digest('hex');

/** The same key with another request: says what the first one made. */
const usedBefore = (made: object, localized: string): ApiError =>
  new ApiError(
    409,
    'KEY_USED',
    `This was sent before with other contents, and ${localized} saved then. Nothing was added this time.`,
    { made },
  );

/** What is made once, and how it is named to somebody whose key made something else. */
interface Write<T> {
  readonly work: (db: PoolConnection) => Promise<T>;
  /** "1 blade was", "2 blades were". */
  readonly madeInWords: (answer: T) => string;
}

/**
 * The answer of `work`, made once for the key that the request carries; without one it is simply run. The key is
 * written first: a second request at the same moment waits there for the first one's answer.
 */
export const withIdempotency = async <T extends object>(
  pool: Pool,
  request: Request,
  body: unknown,
  { work, madeInWords }: Write<T>,
): Promise<T> => {
  const key = idempotencyKey(request);
  const staffId = staffOf(request).id;
  if (key === null) return inTransaction(pool, work);
  const hash = requestHash(request.method, request.baseUrl + request.path, body);
  return inTransaction(pool, async (db) => {
    const { answer: before, requestHash: claimed } = await claimKey<T>(db, key, staffId, hash);
    if (before !== null) {
      if (claimed !== hash) throw usedBefore(before, madeInWords(before));
      return before;
    }
    const answer = await work(db);
    await keepAnswer(db, key, staffId, answer);
    return answer;
  });
};
