import type { Role, StaffMember, StaffRecord } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';

const COLUMNS = 'id, name, login, role';

interface SigningIn extends StaffMember {
  readonly passwordHash: string;
  readonly epoch: number;
}

/** Somebody who may sign in by that name. */
export const findStaffByLogin = async (
  db: Queryable,
  login: string,
): Promise<SigningIn | undefined> =>
  (
    await select<SigningIn>(
      db,
      `SELECT ${COLUMNS}, password_hash AS passwordHash, session_epoch AS epoch FROM staff
       WHERE login = ? AND active`,
      [login],
    )
  )[0];

/** The person of a session, unless they were deactivated or their sessions ended since it began. */
export const findSignedIn = async (
  db: Queryable,
  id: number,
  epoch: number,
): Promise<StaffMember | undefined> =>
  (
    await select<StaffMember>(
      db,
      `SELECT ${COLUMNS} FROM staff WHERE id = ? AND session_epoch = ? AND active`,
      [id, epoch],
    )
  )[0];

export const listStaff = async (db: Queryable): Promise<StaffRecord[]> =>
  (
    await select<StaffMember & { readonly active: number; readonly sessions: number }>(
      db,
      `SELECT ${COLUMNS}, active,
         (SELECT COUNT(*) FROM session s WHERE s.expires > UNIX_TIMESTAMP()
           AND JSON_VALUE(s.data, '$.staffId') = staff.id
           AND JSON_VALUE(s.data, '$.epoch') = staff.session_epoch) AS sessions
       FROM staff ORDER BY active DESC, id`,
    )
  ).map((row) => ({ ...row, active: row.active === 1 }));

/** Who there is, and nothing else of them. */
export const staffNames = (db: Queryable): Promise<{ id: number; name: string }[]> =>
  select(db, 'SELECT id, name FROM staff ORDER BY active DESC, id');

/** Counts under a lock, so that two first owners cannot be made at once. */
export const countStaff = async (db: Queryable): Promise<number> =>
  (await select<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM staff FOR UPDATE'))[0]!.n;

/** All people under a lock, so that two owners cannot deactivate each other at once. */
export const lockStaff = async (db: Queryable): Promise<StaffRecord[]> => {
  await select(db, 'SELECT id FROM staff FOR UPDATE');
  return listStaff(db);
};

export const addStaff = async (
  db: Queryable,
  staff: { name: string; login: string; role: Role; passwordHash: string },
): Promise<number> =>
  (
    await execute(db, 'INSERT INTO staff (name, login, role, password_hash) VALUES (?, ?, ?, ?)', [
      staff.name,
      staff.login,
      staff.role,
      staff.passwordHash,
    ])
  ).insertId;

export const changeStaff = (
  db: Queryable,
  id: number,
  { name, role, active }: Pick<StaffRecord, 'name' | 'role' | 'active'>,
) =>
  execute(db, 'UPDATE staff SET name = ?, role = ?, active = ? WHERE id = ?', [
    name,
    role,
    active,
    id,
  ]);

export const setPassword = (db: Queryable, id: number, passwordHash: string) =>
  execute(db, 'UPDATE staff SET password_hash = ? WHERE id = ?', [passwordHash, id]);

/** Ends every session of a person; gives the epoch that a session must carry from now on. */
export const endSessionsOf = async (db: Queryable, id: number): Promise<number> => {
  await execute(db, 'UPDATE staff SET session_epoch = session_epoch + 1 WHERE id = ?', [id]);
  return (
    await select<{ epoch: number }>(db, 'SELECT session_epoch AS epoch FROM staff WHERE id = ?', [
      id,
    ])
  )[0]!.epoch;
};

/** Wrong tries in a row of that name from that address, and how long ago the last one was. */
export const failuresOf = async (
  db: Queryable,
  login: string,
  address: string,
): Promise<{ readonly failures: number; readonly secondsAgo: number }> =>
  (
    await select<{ failures: number; secondsAgo: number }>(
      db,
      `SELECT failures, TIMESTAMPDIFF(MICROSECOND, last_at, CURRENT_TIMESTAMP(3)) / 1000000 AS secondsAgo
       FROM sign_in_failure WHERE login = ? AND address = ?`,
      [login, address],
    )
  )[0] ?? { failures: 0, secondsAgo: 0 };

export const noteFailure = async (db: Queryable, login: string, address: string): Promise<void> => {
  await execute(
    db,
    `INSERT INTO sign_in_failure (login, address, failures) VALUES (?, ?, 1)
     ON DUPLICATE KEY UPDATE failures = LEAST(1000, failures + 1), last_at = CURRENT_TIMESTAMP(3)`,
    [login, address],
  );
};

export const clearFailures = async (
  db: Queryable,
  login: string,
  address: string,
): Promise<void> => {
  await execute(db, 'DELETE FROM sign_in_failure WHERE login = ? AND address = ?', [
    login,
    address,
  ]);
};

/** Forgets tries of yesterday; gives how many. */
export const purgeFailures = async (db: Queryable): Promise<number> =>
  (
    await execute(
      db,
      'DELETE FROM sign_in_failure WHERE last_at < CURRENT_TIMESTAMP(3) - INTERVAL 1 DAY',
    )
  ).affectedRows;

export const readSetting = async (db: Queryable, name: string): Promise<string | null> =>
  (await select<{ value: string }>(db, 'SELECT value FROM setting WHERE name = ?', [name]))[0]
    ?.value ?? null;

export const writeSetting = (db: Queryable, name: string, value: string) =>
  execute(
    db,
    'INSERT INTO setting (name, value) VALUES (?, ?) ON DUPLICATE KEY UPDATE value = VALUES(value)',
    [name, value],
  );
