import type { Pool } from 'mysql2/promise';
import { select } from '../database/pool';

/** Asks the database; a failure is the answer here, not an error. */
export const databaseAnswers = async (pool: Pool): Promise<{ ok: boolean; migrations: number }> => {
  try {
    const rows = await select<{ n: number }>(pool, 'SELECT COUNT(*) AS n FROM schema_migration');
    return { ok: true, migrations: rows[0]!.n };
  } catch {
    return { ok: false, migrations: 0 };
  }
};
