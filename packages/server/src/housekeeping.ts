/** What is thrown out from time to time: keys of requests nobody repeats any more, wrong tries of yesterday. */
import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import { purgeFailures } from './auth/queries';
import { purgeKeys } from './http/queries';

const EVERY_MS = 60 * 60 * 1000;

export const tidy = async (pool: Pool): Promise<{ keys: number; failures: number }> => ({
  keys: await purgeKeys(pool),
  failures: await purgeFailures(pool),
});

/** Tidies now and every hour; gives what ends it. A database that is away is tidied an hour later. */
export const startHousekeeping = (pool: Pool, logger: Logger): (() => void) => {
  const run = (): void => {
    tidy(pool).catch((error: unknown) => logger.warn({ err: error }, 'nothing was tidied'));
  };
  run();
  const timer = setInterval(run, EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
};
