/** Numbered SQL files, applied once and in order; a file that changed afterwards is refused. */
import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { execute, select } from './pool';

interface Applied {
  readonly file: string;
  readonly sha256: string;
}

/** Statements of a migration: split at semicolons that end a line; our migrations hold no others. */
const statementsOf = (sql: string): string[] =>
  sql
    .split(/;\s*$/m)
    .map((statement) => statement.trim())
    .filter((statement) => statement !== '');

const LOCK_WAIT_S = 60;

/**
 * Runs `work` while no other server starts on this database: migrations, and what must be there once. Throws when
 * another one has been at it for a minute.
 */
export const whileStartingAlone = async <T>(
  pool: Pool,
  work: (connection: PoolConnection) => Promise<T>,
  waitS = LOCK_WAIT_S,
): Promise<T> => {
  const connection = await pool.getConnection();
  // Locks of that kind are the whole server's: named after the database.
  const name = "CONCAT('patient-edge start ', DATABASE())";
  try {
    const [lock] = await select<{ got: number | null }>(
      connection,
      `SELECT GET_LOCK(${name}, ${waitS}) AS got`,
    );
    if (lock?.got !== 1) {
      throw new Error(
        `Another server has been preparing this database for ${waitS} s. Start again when it is done.`,
      );
    }
    return await work(connection);
  } finally {
    await connection.query(`SELECT RELEASE_LOCK(${name})`);
    connection.release();
  }
};

/**
 * Applies what is missing and returns its names. Throws when an applied file was changed. Definitions do
 * not roll back, so each is written to be harmless when run again after a power cut.
 */
export const migrate = (pool: Pool, folder: string): Promise<string[]> =>
  whileStartingAlone(pool, (connection) => applyMissing(connection, folder));

/** The same for a caller that is starting alone already. */
export const applyMissing = async (pool: PoolConnection, folder: string): Promise<string[]> => {
  await pool.query(
    `CREATE TABLE IF NOT EXISTS schema_migration (
       file VARCHAR(100) NOT NULL PRIMARY KEY,
       sha256 CHAR(64) NOT NULL,
       applied_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)
     ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  );
  const applied = new Map(
    (await select<Applied>(pool, 'SELECT file, sha256 FROM schema_migration')).map(
      ({ file, sha256 }) => [file, sha256],
    ),
  );
  const files = (await readdir(folder)).filter((file) => file.endsWith('.sql')).sort();
  const done: string[] = [];
  for (const file of files) {
    const sql = await readFile(join(folder, file), 'utf8');
    const sha256 = createHash('sha256').update(sql).digest('hex');
    const known = applied.get(file);
    if (known === sha256) continue;
    if (known !== undefined) {
      throw new Error(
        `Migration ${file} was changed after it had been applied; add a new file instead`,
      );
    }
    for (const statement of statementsOf(sql)) await pool.query(statement);
    await execute(pool, 'INSERT INTO schema_migration (file, sha256) VALUES (?, ?)', [
      file,
      sha256,
    ]);
    done.push(file);
  }
  return done;
};
