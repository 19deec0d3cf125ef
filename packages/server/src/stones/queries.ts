import type { Flattening, FlatteningBody, Stone, StoneBody } from '@patient-edge/contract';
import { columnsOf } from '../database/columns';
import { execute, select, type Queryable } from '../database/pool';

const COLUMNS = columnsOf<StoneBody>({
  name: 'name',
  kind: 'kind',
  abrasive: 'abrasive',
  um: 'median_grain_um',
  gritScale: 'grit_scale',
  gritNumber: 'grit_number',
  gritLabel: 'grit_label',
  bond: 'bond',
  soaking: 'soaking',
  soakMinutes: 'soak_minutes',
  dryHours: 'dry_hours',
  liquid: 'liquid',
  lengthMm: 'length_mm',
  radiusMm: 'radius_mm',
  widthMm: 'width_mm',
  thicknessNewMm: 'thickness_new_mm',
  thicknessMm: 'thickness_mm',
  minThicknessMm: 'min_thickness_mm',
  otherSideId: 'other_side_id',
  strokes: 'strokes',
  needsDressing: 'needs_dressing',
  fitsRig: 'fits_rig',
  portable: 'portable',
  cutFactor: 'cut_factor',
  scratchFactor: 'scratch_factor',
  changeSeconds: 'change_seconds',
  minutesFlat: 'minutes_flat',
  priceMinor: 'price_minor',
  place: 'place',
  retired: 'retired',
});

interface StoneRow extends StoneBody {
  readonly id: number;
  readonly version: number;
  readonly workedSeconds: number;
  readonly workedUntilFlat: number | null;
  readonly flattenedAt: Date | null;
  readonly putInAt: Date | null;
  readonly soakingMinutes: number | null;
  readonly takenOutAt: Date | null;
}

/** Work is the sum of all steps, kept by the database; a two-grit block is in the water with both its sides. */
const STONE_SELECT = `SELECT s.id, s.version, ${COLUMNS.selected('s')},
  s.worked_seconds AS workedSeconds, f.worked_seconds_until AS workedUntilFlat, f.at AS flattenedAt,
  k.put_in_at AS putInAt, k.minutes AS soakingMinutes,
  (SELECT MAX(o.taken_out_at) FROM soak o WHERE o.stone_id IN (s.id, s.other_side_id)) AS takenOutAt
  FROM stone s
  LEFT JOIN flattening f ON f.id = (SELECT MAX(l.id) FROM flattening l WHERE l.stone_id = s.id)
  LEFT JOIN soak k ON k.id = (SELECT MAX(i.id) FROM soak i WHERE i.stone_in_water IN (s.id, s.other_side_id))`;

const toStone = (row: StoneRow): Stone => {
  const { workedUntilFlat, putInAt, soakingMinutes, ...rest } = row;
  const { workedSeconds } = row;
  return {
    ...rest,
    retired: Boolean(row.retired),
    needsDressing: Boolean(row.needsDressing),
    fitsRig: row.fitsRig === null ? null : Boolean(row.fitsRig),
    portable: Boolean(row.portable),
    workedSeconds,
    secondsSinceFlat: Math.max(0, workedSeconds - (workedUntilFlat ?? 0)),
    flattenedAt: row.flattenedAt?.toISOString() ?? null,
    soak:
      putInAt === null
        ? null
        : { putInAt: putInAt.toISOString(), minutes: soakingMinutes ?? row.soakMinutes },
    takenOutAt: row.takenOutAt?.toISOString() ?? null,
  };
};

export const listStones = async (db: Queryable): Promise<Stone[]> =>
  (await select<StoneRow>(db, `${STONE_SELECT} ORDER BY s.median_grain_um DESC, s.id`)).map(
    toStone,
  );

export const findStone = async (db: Queryable, id: number): Promise<Stone | undefined> =>
  (await select<StoneRow>(db, `${STONE_SELECT} WHERE s.id = ?`, [id])).map(toStone)[0];

/** Locks the stone, so that two who care for it at once come one after the other. */
export const lockStone = async (db: Queryable, id: number): Promise<Stone | undefined> => {
  await select(db, 'SELECT id FROM stone WHERE id = ? FOR UPDATE', [id]);
  return findStone(db, id);
};

export const countStones = async (db: Queryable): Promise<number> =>
  (await select<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM stone'))[0]!.n;

export const stoneIdsByName = async (db: Queryable): Promise<ReadonlyMap<string, number>> =>
  new Map(
    (
      await select<{ id: number; name: string }>(
        db,
        'SELECT id, name FROM stone ORDER BY id FOR UPDATE',
      )
    ).map(({ id, name }) => [name.toLowerCase(), id]),
  );

export const addStone = async (db: Queryable, body: StoneBody): Promise<number> =>
  (await execute(db, `INSERT INTO stone ${COLUMNS.inserted}`, COLUMNS.valuesOf(body))).insertId;

/** False when the stone was changed by someone else since `version`; null changes whatever is there. */
export const changeStone = async (
  db: Queryable,
  id: number,
  version: number | null,
  body: StoneBody,
): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE stone SET ${COLUMNS.updated}, version = version + 1 WHERE id = ? AND version = COALESCE(?, version)`,
      [...COLUMNS.valuesOf(body), id, version],
    )
  ).affectedRows === 1;

/** Makes the other side name this one, and lets go of whatever named it before. */
export const pairSides = async (db: Queryable, id: number, otherId: number | null) => {
  await execute(db, 'UPDATE stone SET other_side_id = NULL WHERE other_side_id = ? AND id <> ?', [
    id,
    otherId ?? 0,
  ]);
  if (otherId === null) return;
  await execute(db, 'UPDATE stone SET other_side_id = NULL WHERE other_side_id = ? AND id <> ?', [
    otherId,
    id,
  ]);
  await execute(db, 'UPDATE stone SET other_side_id = ? WHERE id = ?', [id, otherId]);
};

export const setThickness = (db: Queryable, id: number, thicknessMm: number | null) =>
  execute(db, 'UPDATE stone SET thickness_mm = ?, version = version + 1 WHERE id = ?', [
    thicknessMm,
    id,
  ]);

/** Whether any work is on record for it: then it can be retired, but not removed. */
export const isStoneUsed = async (db: Queryable, id: number): Promise<boolean> =>
  (
    await select<{ used: number }>(
      db,
      `SELECT EXISTS (SELECT 1 FROM plan_step WHERE stone_id = ?)
         OR EXISTS (SELECT 1 FROM touch_up WHERE stone_id = ?) AS used`,
      [id, id],
    )
  )[0]!.used === 1;

export const removeStone = async (db: Queryable, id: number): Promise<void> => {
  await pairSides(db, id, null);
  await execute(db, 'DELETE FROM stone WHERE id = ?', [id]);
};

interface FlatteningRow extends Omit<Flattening, 'at' | 'workedSeconds'> {
  readonly at: Date;
  readonly workedUntil: number;
}

/** The flattenings of a stone, the first one first. */
export const flatteningsOf = async (db: Queryable, stoneId: number): Promise<Flattening[]> => {
  const rows = await select<FlatteningRow>(
    db,
    `SELECT f.id, f.at, p.name AS who, f.plate, f.minutes, f.lost_mm AS lostMm,
       f.worked_seconds_until AS workedUntil, f.thickness_after_mm AS thicknessAfterMm
     FROM flattening f JOIN staff p ON p.id = f.staff_id WHERE f.stone_id = ? ORDER BY f.id`,
    [stoneId],
  );
  return rows.map(({ workedUntil, at, ...row }, index) => ({
    ...row,
    at: at.toISOString(),
    workedSeconds: workedUntil - (rows[index - 1]?.workedUntil ?? 0),
  }));
};

export const addFlattening = async (
  db: Queryable,
  flattening: Omit<FlatteningBody, 'gridGone'> & {
    readonly stoneId: number;
    readonly staffId: number;
    readonly workedSeconds: number;
    readonly thicknessAfterMm: number | null;
    readonly at?: Date;
  },
): Promise<number> =>
  (
    await execute(
      db,
      `INSERT INTO flattening (stone_id, staff_id, plate, minutes, lost_mm, worked_seconds_until,
         thickness_after_mm, at) VALUES (?, ?, ?, ?, ?, ?, ?, COALESCE(?, CURRENT_TIMESTAMP(3)))`,
      [
        flattening.stoneId,
        flattening.staffId,
        flattening.plate,
        flattening.minutes,
        flattening.lostMm,
        flattening.workedSeconds,
        flattening.thicknessAfterMm,
        flattening.at ?? null,
      ],
    )
  ).insertId;

export const removeFlattening = (db: Queryable, id: number) =>
  execute(db, 'DELETE FROM flattening WHERE id = ?', [id]);

/** False when it lies in the water already. */
export const putInWater = async (
  db: Queryable,
  stoneId: number,
  minutes: number,
  jobId: number | null,
): Promise<boolean> =>
  (
    await execute(db, `INSERT IGNORE INTO soak (stone_id, minutes, job_id) VALUES (?, ?, ?)`, [
      stoneId,
      minutes,
      jobId,
    ])
  ).affectedRows === 1;

/** Back into the water as if it had never been out; false when it lay in it, or never did. */
export const putBackInWater = async (
  db: Queryable,
  stoneId: number,
  otherSideId: number | null,
): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE soak SET taken_out_at = NULL WHERE taken_out_at IS NOT NULL
         AND id = (SELECT last FROM (SELECT MAX(id) AS last FROM soak WHERE stone_id IN (?, ?)) AS latest)`,
      [stoneId, otherSideId ?? 0],
    )
  ).affectedRows === 1;

/** Out of the water, from whichever of its sides it went in. */
export const takeOutOfWater = (db: Queryable, stoneId: number, otherSideId: number | null) =>
  execute(
    db,
    'UPDATE soak SET taken_out_at = CURRENT_TIMESTAMP(3) WHERE taken_out_at IS NULL AND stone_id IN (?, ?)',
    [stoneId, otherSideId ?? 0],
  );
