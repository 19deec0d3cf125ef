import type { MachineBody, MachineTestCut, ShopMachine, TestCutBody } from '@patient-edge/contract';
import { columnsOf } from '../database/columns';
import { execute, select, type Queryable } from '../database/pool';

const COLUMNS = columnsOf<MachineBody>({
  name: 'name',
  kind: 'kind',
  sagRadiusMm: 'sag_radius_mm',
  wheelDiameterMm: 'wheel_diameter_mm',
  pivotReachMm: 'pivot_reach_mm',
  rodToFaceMm: 'rod_to_face_mm',
  stoneForRodMm: 'stone_for_rod_mm',
  raiseDeg: 'raise_deg',
  railOffsetMm: 'rail_offset_mm',
  shimMm: 'shim_mm',
  rodLengthMm: 'rod_length_mm',
  rodLeanDeg: 'rod_lean_deg',
  speedMPerS: 'speed_m_per_s',
  note: 'note',
  retired: 'retired',
});

interface CutRow extends Omit<MachineTestCut, 'at'> {
  readonly machineId: number;
  readonly at: Date;
}

export const listMachines = async (db: Queryable): Promise<ShopMachine[]> => {
  const machines = await select<Omit<ShopMachine, 'cuts'>>(
    db,
    `SELECT m.id, m.version, ${COLUMNS.selected('m')} FROM machine m ORDER BY m.name, m.id`,
  );
  const cuts = await select<CutRow>(
    db,
    `SELECT id, machine_id AS machineId, set_deg AS setDeg, measured_deg AS measuredDeg, at
     FROM test_cut ORDER BY id`,
  );
  return machines.map((machine) => ({
    ...machine,
    retired: Boolean(machine.retired),
    cuts: cuts
      .filter(({ machineId }) => machineId === machine.id)
      .map(({ id, setDeg, measuredDeg, at }) => ({
        id,
        setDeg,
        measuredDeg,
        at: at.toISOString(),
      })),
  }));
};

export const findMachine = async (db: Queryable, id: number): Promise<ShopMachine | undefined> =>
  (await listMachines(db)).find((machine) => machine.id === id);

export const addMachine = async (db: Queryable, body: MachineBody): Promise<number> =>
  (await execute(db, `INSERT INTO machine ${COLUMNS.inserted}`, COLUMNS.valuesOf(body))).insertId;

/** False when it was changed by someone else since `version`. */
export const changeMachine = async (
  db: Queryable,
  id: number,
  version: number,
  body: MachineBody,
): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE machine SET ${COLUMNS.updated}, version = version + 1 WHERE id = ? AND version = ?`,
      [...COLUMNS.valuesOf(body), id, version],
    )
  ).affectedRows === 1;

export const addTestCut = async (
  db: Queryable,
  machineId: number,
  { setDeg, measuredDeg }: TestCutBody,
  staffId: number,
): Promise<number> =>
  (
    await execute(
      db,
      'INSERT INTO test_cut (machine_id, set_deg, measured_deg, staff_id) VALUES (?, ?, ?, ?)',
      [machineId, setDeg, measuredDeg, staffId],
    )
  ).insertId;

/** False when the machine has no such cut. */
export const removeTestCut = async (
  db: Queryable,
  machineId: number,
  cutId: number,
): Promise<boolean> =>
  (await execute(db, 'DELETE FROM test_cut WHERE machine_id = ? AND id = ?', [machineId, cutId]))
    .affectedRows === 1;
