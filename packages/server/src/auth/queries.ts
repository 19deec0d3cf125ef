import type { Role, StaffMember } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';

interface StaffRow extends StaffMember {
  readonly passwordHash: string;
}

const COLUMNS = 'id, name, login, role';

export const findStaffByLogin = async (
  on: Queryable,
  login: string,
): Promise<StaffRow | undefined> =>
  (
    await select<StaffRow>(
      on,
      `SELECT ${COLUMNS}, password_hash AS passwordHash FROM staff WHERE login = ?`,
      [login],
    )
  )[0];

export const listStaff = (on: Queryable): Promise<StaffMember[]> =>
  select<StaffMember>(on, `SELECT ${COLUMNS} FROM staff ORDER BY id`);

/** Counts under a lock, so that two first owners cannot be made at once. */
export const countStaff = async (on: Queryable): Promise<number> =>
  (await select<{ n: number }>(on, 'SELECT COUNT(*) AS n FROM staff FOR UPDATE'))[0]!.n;

export const addStaff = async (
  on: Queryable,
  staff: { name: string; login: string; role: Role; passwordHash: string },
): Promise<number> =>
  (
    await change(on, 'INSERT INTO staff (name, login, role, password_hash) VALUES (?, ?, ?, ?)', [
      staff.name,
      staff.login,
      staff.role,
      staff.passwordHash,
    ])
  ).insertId;

export const readSetting = async (on: Queryable, name: string): Promise<string | null> =>
  (await select<{ value: string }>(on, 'SELECT value FROM setting WHERE name = ?', [name]))[0]
    ?.value ?? null;

export const writeSetting = (on: Queryable, name: string, value: string) =>
  change(
    on,
    'INSERT INTO setting (name, value) VALUES (?, ?) ON DUPLICATE KEY UPDATE value = VALUES(value)',
    [name, value],
  );
