import type { PlaceBody, ShopPlaces } from '@patient-edge/contract';
import type { ClosedDays, Place } from '@patient-edge/core';
import { readSetting, writeSetting } from '../auth/queries';
import { execute, select, type Queryable } from '../database/pool';

const VERSION = 'places version';

interface PlaceRow {
  readonly id: number;
  readonly name: string;
  readonly address: string;
  readonly opensAt: string | null;
  readonly closesAt: string | null;
  readonly inUse: number;
  /** "1,3,5"; null where it has none. */
  readonly weekdays: string | null;
}

/** Every place there ever was, by its first weekday of the round. */
export const listPlaces = async (db: Queryable): Promise<Place[]> =>
  (
    await select<PlaceRow>(
      db,
      `SELECT p.id, p.name, p.address, TIME_FORMAT(p.opens_at, '%H:%i') AS opensAt,
         TIME_FORMAT(p.closes_at, '%H:%i') AS closesAt, p.in_use AS inUse,
         GROUP_CONCAT(d.weekday ORDER BY d.weekday) AS weekdays
       FROM place p LEFT JOIN place_day d ON d.place_id = p.id
       GROUP BY p.id ORDER BY p.in_use DESC, MIN(d.weekday) IS NULL, MIN(d.weekday), p.name`,
    )
  ).map(({ weekdays, inUse, ...place }) => ({
    ...place,
    inUse: Boolean(inUse),
    weekdays: weekdays === null ? [] : weekdays.split(',').map(Number),
  }));

export const listClosedDays = (db: Queryable): Promise<ClosedDays[]> =>
  select<ClosedDays>(
    db,
    'SELECT from_day AS fromDay, to_day AS toDay, reason FROM closed_days ORDER BY from_day, id',
  );

/** The version is that of the whole page: two owners at it at once are told. */
export const readPlaces = async (db: Queryable): Promise<ShopPlaces> => ({
  version: Number((await readSetting(db, VERSION)) ?? 0),
  places: await listPlaces(db),
  closed: await listClosedDays(db),
});

/** Held until the end of the transaction; the row is there in every shop. */
export const lockPlaces = (db: Queryable) =>
  select(db, "SELECT value FROM setting WHERE name = 'shop name' FOR UPDATE");

export const writePlacesVersion = (db: Queryable, version: number) =>
  writeSetting(db, VERSION, String(version));

const addPlace = async (db: Queryable, { name, address, opensAt, closesAt, inUse }: PlaceBody) =>
  (
    await execute(
      db,
      'INSERT INTO place (name, address, opens_at, closes_at, in_use) VALUES (?, ?, ?, ?, ?)',
      [name, address, opensAt, closesAt, inUse],
    )
  ).insertId;

/** Adds it, or changes it where it has a number; gives its number. */
export const putPlace = async (db: Queryable, place: PlaceBody): Promise<number> => {
  const { name, address, opensAt, closesAt, inUse } = place;
  const id = place.id ?? (await addPlace(db, place));
  if (place.id !== null) {
    await execute(
      db,
      'UPDATE place SET name = ?, address = ?, opens_at = ?, closes_at = ?, in_use = ? WHERE id = ?',
      [name, address, opensAt, closesAt, inUse, id],
    );
    await execute(db, 'DELETE FROM place_day WHERE place_id = ?', [id]);
  }
  for (const weekday of place.weekdays) {
    await execute(db, 'INSERT INTO place_day (place_id, weekday) VALUES (?, ?)', [id, weekday]);
  }
  return id;
};

/** Out of use where blades were promised there, gone where none was. */
export const removePlace = async (db: Queryable, id: number): Promise<void> => {
  if ((await select(db, 'SELECT 1 FROM job WHERE place_id = ? LIMIT 1', [id])).length > 0) {
    await execute(db, 'UPDATE place SET in_use = FALSE WHERE id = ?', [id]);
    return;
  }
  await execute(db, 'DELETE FROM place_day WHERE place_id = ?', [id]);
  await execute(db, 'DELETE FROM place WHERE id = ?', [id]);
};

export const replaceClosedDays = async (
  db: Queryable,
  closed: readonly ClosedDays[],
): Promise<void> => {
  await execute(db, 'DELETE FROM closed_days');
  for (const { fromDay, toDay, reason } of closed) {
    await execute(db, 'INSERT INTO closed_days (from_day, to_day, reason) VALUES (?, ?, ?)', [
      fromDay,
      toDay,
      reason,
    ]);
  }
};
