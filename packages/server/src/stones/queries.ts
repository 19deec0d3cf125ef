import type { Stone, StoneBody } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';

const COLUMNS = `id, name, abrasive, median_grain_um AS um, grit_label AS gritLabel, bond,
  soak_minutes AS soakMinutes, liquid, cut_factor AS cutFactor, scratch_factor AS scratchFactor,
  change_seconds AS changeSeconds, retired, version`;

const toStone = (row: Stone): Stone => ({ ...row, retired: Boolean(row.retired) });

export const listStones = async (on: Queryable): Promise<Stone[]> =>
  (await select<Stone>(on, `SELECT ${COLUMNS} FROM stone ORDER BY median_grain_um DESC, id`)).map(
    toStone,
  );

export const findStone = async (on: Queryable, id: number): Promise<Stone | undefined> =>
  (await select<Stone>(on, `SELECT ${COLUMNS} FROM stone WHERE id = ?`, [id])).map(toStone)[0];

const valuesOf = (body: StoneBody) => [
  body.name,
  body.abrasive,
  body.um,
  body.gritLabel,
  body.bond,
  body.soakMinutes,
  body.liquid,
  body.cutFactor,
  body.scratchFactor,
  body.changeSeconds,
  body.retired,
];

export const addStone = async (on: Queryable, body: StoneBody): Promise<number> =>
  (
    await change(
      on,
      `INSERT INTO stone (name, abrasive, median_grain_um, grit_label, bond, soak_minutes, liquid,
         cut_factor, scratch_factor, change_seconds, retired) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
      valuesOf(body),
    )
  ).insertId;

/** False when the stone was changed by someone else since `version`. */
export const changeStone = async (
  on: Queryable,
  id: number,
  version: number,
  body: StoneBody,
): Promise<boolean> =>
  (
    await change(
      on,
      `UPDATE stone SET name = ?, abrasive = ?, median_grain_um = ?, grit_label = ?, bond = ?,
         soak_minutes = ?, liquid = ?, cut_factor = ?, scratch_factor = ?, change_seconds = ?,
         retired = ?, version = version + 1 WHERE id = ? AND version = ?`,
      [...valuesOf(body), id, version],
    )
  ).affectedRows === 1;
