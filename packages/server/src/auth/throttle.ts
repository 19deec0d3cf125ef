/**
 * Wrong passwords make the next try wait, longer each time; by name and address together, so that nobody locks out
 * anybody else. Kept in the database: several servers may stand before one shop.
 */
import type { Pool } from 'mysql2/promise';
import { ApiError } from '../http/errors';
import { clearFailures, failuresOf, noteFailure } from './queries';
import { STRINGS } from './strings';

/** So many wrong tries are everybody's. */
const FREE_TRIES = 4;
const LONGEST_WAIT_S = 60;

/** Seconds to wait after so many failures in a row: 2, 4, 8 … 60. */
export const waitAfter = (failures: number): number =>
  failures < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_S, 2 ** (failures - FREE_TRIES + 1));

export interface Throttle {
  /** Throws 429 with the seconds left while a try has to wait. */
  readonly mayTry: () => Promise<void>;
  readonly failed: () => Promise<void>;
  readonly passed: () => Promise<void>;
}

export const throttleOf = (pool: Pool, login: string, address: string): Throttle => ({
  mayTry: async () => {
    const { failures, secondsAgo } = await failuresOf(pool, login, address);
    const leftS = Math.ceil(waitAfter(failures) - secondsAgo);
    if (leftS <= 0) return;
    throw new ApiError(
      429,
      'TOO_MANY_TRIES',
      `Too many wrong passwords. Try again in ${leftS} ${leftS === 1 ? STRINGS.second : STRINGS.seconds}.`,
      { retryAfterS: leftS },
    );
  },
  failed: () => noteFailure(pool, login, address),
  passed: () => clearFailures(pool, login, address),
});
