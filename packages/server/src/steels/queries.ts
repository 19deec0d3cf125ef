import type { OwnSteel, SteelBody } from '@patient-edge/contract';
import { findSteel, type Steel } from '@patient-edge/core';
import { columnsOf } from '../database/columns';
import { execute, select, type Queryable } from '../database/pool';

const COLUMNS = columnsOf<SteelBody>({
  designation: 'designation',
  standard: 'standard',
  steelClass: 'steel_class',
  stainless: 'stainless',
  composition: 'composition',
  hrcLow: 'hrc_low',
  hrcHigh: 'hrc_high',
  wearFactor: 'wear_factor',
  wearFactorDiamond: 'wear_factor_diamond',
  finestUsefulUm: 'finest_useful_um',
  burr: 'burr',
  edge: 'edge',
  note: 'note',
});
const STEEL_SELECT = `SELECT s.id, s.version, ${COLUMNS.selected('s')} FROM steel s`;

/** The shop's own entries; the table of the trade is part of the core. */
export const listOwnSteels = (db: Queryable): Promise<OwnSteel[]> =>
  select<OwnSteel>(db, `${STEEL_SELECT} ORDER BY s.designation`);

export const findOwnSteel = async (db: Queryable, id: number): Promise<OwnSteel | undefined> =>
  (await select<OwnSteel>(db, `${STEEL_SELECT} WHERE s.id = ?`, [id]))[0];

/** A steel by its designation, from the table of the trade or the shop's own. */
export const steelNamed = async (db: Queryable, designation: string): Promise<Steel | undefined> =>
  findSteel(designation) ??
  (await select<OwnSteel>(db, `${STEEL_SELECT} WHERE s.designation = ?`, [designation]))[0];

export const addOwnSteel = async (db: Queryable, body: SteelBody): Promise<number> =>
  (await execute(db, `INSERT INTO steel ${COLUMNS.inserted}`, COLUMNS.valuesOf(body))).insertId;

/** False when it was changed by someone else since `version`. */
export const changeOwnSteel = async (
  db: Queryable,
  id: number,
  version: number,
  body: SteelBody,
): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE steel SET ${COLUMNS.updated}, version = version + 1 WHERE id = ? AND version = ?`,
      [...COLUMNS.valuesOf(body), id, version],
    )
  ).affectedRows === 1;

export const removeOwnSteel = (db: Queryable, id: number) =>
  execute(db, 'DELETE FROM steel WHERE id = ?', [id]);

export const bladesOfSteel = async (db: Queryable, designation: string): Promise<number> =>
  (
    await select<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM blade WHERE steel = ?', [
      designation,
    ])
  )[0]!.n;
