/** Connections to MariaDB, and transactions that try again when the database broke a deadlock. */
import { setTimeout as sleep } from 'node:timers/promises';
import mysql, {
  type Pool,
  type PoolConnection,
  type ResultSetHeader,
  type RowDataPacket,
} from 'mysql2/promise';

export interface DatabaseAddress {
  readonly host: string;
  readonly port: number;
  readonly user: string;
  readonly password: string;
  readonly database: string;
}

export const openPool = (address: DatabaseAddress): Pool =>
  mysql.createPool({
    ...address,
    connectionLimit: 10,
    supportBigNumbers: true,
    decimalNumbers: true,
    dateStrings: ['DATE'],
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
  });

/** A pool or a connection in a transaction: whatever a query can be put to. */
export type Queryable = Pool | PoolConnection;

type Param = string | number | boolean | Date | Buffer | null;

/** Rows of a SELECT. Placeholders only. */
export const select = async <Row>(
  db: Queryable,
  sql: string,
  params: readonly Param[] = [],
): Promise<Row[]> => {
  const [rows] = await db.execute<RowDataPacket[]>(sql, [...params]);
  return rows as Row[];
};

/** Runs an INSERT, UPDATE or DELETE; gives the new id and the number of rows it reached. */
export const execute = async (
  db: Queryable,
  sql: string,
  params: readonly Param[] = [],
): Promise<{ insertId: number; affectedRows: number }> => {
  const [header] = await db.execute<ResultSetHeader>(sql, [...params]);
  return { insertId: header.insertId, affectedRows: header.affectedRows };
};

/** The errno of a row that a unique key refuses. */
export const DUPLICATE_ENTRY = 1062;
const LOCK_ERRORS = new Set([1205, 1213]);
const ATTEMPTS = 6;
const FIRST_WAIT_MS = 15;

export const isLockError = (error: unknown): boolean => LOCK_ERRORS.has(errnoOf(error) ?? 0);

/** Longer each time, and never the same for two that failed together: they would meet again. */
const waitBefore = (attempt: number): Promise<void> =>
  sleep(FIRST_WAIT_MS * 2 ** attempt * (0.5 + Math.random()));

export const errnoOf = (error: unknown): number | null =>
  typeof error === 'object' && error !== null && 'errno' in error && typeof error.errno === 'number'
    ? error.errno
    : null;

/** The unique key that refused a row; null for any other failure. */
export const refusedKeyOf = (error: unknown): string | null => {
  if (errnoOf(error) !== DUPLICATE_ENTRY || !(error instanceof Error)) return null;
  return /for key '(?:[^'.]*\.)?([^'.]+)'/.exec(error.message)?.[1] ?? '';
};

/** Runs `work` in one transaction; all of it happens or none. Tried again after a deadlock, with jitter. */
export const inTransaction = async <T>(
  pool: Pool,
  work: (db: PoolConnection) => Promise<T>,
): Promise<T> => {
  for (let attempt = 1; ; attempt += 1) {
    const connection = await pool.getConnection();
    try {
      await connection.beginTransaction();
      const value = await work(connection);
      await connection.commit();
      return value;
    } catch (error) {
      await connection.rollback().catch(() => {
        // The connection is gone: the server has rolled back by itself.
        connection.destroy();
      });
      if (attempt >= ATTEMPTS || !isLockError(error)) throw error;
    } finally {
      connection.release();
    }
    await waitBefore(attempt);
  }
};
