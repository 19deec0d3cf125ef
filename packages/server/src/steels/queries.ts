import type { OwnSteel, SteelBody } from '@patient-edge/contract';
import { findSteel, type Steel } from '@patient-edge/core';
import { columnsOf } from '../database/columns';
import { change, select, type Queryable } from '../database/pool';

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
export const listOwnSteels = (on: Queryable): Promise<OwnSteel[]> =>
  select<OwnSteel>(on, `${STEEL_SELECT} ORDER BY s.designation`);

export const findOwnSteel = async (on: Queryable, id: number): Promise<OwnSteel | undefined> =>
  (await select<OwnSteel>(on, `${STEEL_SELECT} WHERE s.id = ?`, [id]))[0];

/** A steel by its designation, from the table of the trade or the shop's own. */
export const steelNamed = async (on: Queryable, designation: string): Promise<Steel | undefined> =>
  findSteel(designation) ??
  (await select<OwnSteel>(on, `${STEEL_SELECT} WHERE s.designation = ?`, [designation]))[0];

export const addOwnSteel = async (on: Queryable, body: SteelBody): Promise<number> =>
  (await change(on, `INSERT INTO steel ${COLUMNS.inserted}`, COLUMNS.valuesOf(body))).insertId;

/** False when it was changed by someone else since `version`. */
export const changeOwnSteel = async (
  on: Queryable,
  id: number,
  version: number,
  body: SteelBody,
): Promise<boolean> =>
  (
    await change(
      on,
      `UPDATE steel SET ${COLUMNS.updated}, version = version + 1 WHERE id = ? AND version = ?`,
      [...COLUMNS.valuesOf(body), id, version],
    )
  ).affectedRows === 1;

export const removeOwnSteel = (on: Queryable, id: number) =>
  change(on, 'DELETE FROM steel WHERE id = ?', [id]);

export const bladesOfSteel = async (on: Queryable, designation: string): Promise<number> =>
  (
    await select<{ n: number }>(on, 'SELECT COUNT(*) AS n FROM blade WHERE steel = ?', [
      designation,
    ])
  )[0]!.n;
