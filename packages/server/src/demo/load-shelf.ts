/** Loads the shelves of the demo, and the care the stones have had. */
import type { PoolConnection } from 'mysql2/promise';
import { addMachine, addTestCut } from '../machines/queries';
import { addOwnSteel } from '../steels/queries';
import {
  addFlattening,
  addStone,
  listStones,
  pairSides,
  putInWater,
  stoneIdsByName,
} from '../stones/queries';
import { DEMO_IN_WATER, DEMO_TWO_SIDED } from '@patient-edge/core';
import { MACHINES, OWN_STEEL, RACK } from './shelf';

const DAY_MS = 24 * 60 * 60 * 1000;

/** Before any work: what is owned. */
export const loadShelf = async (db: PoolConnection, staffId: number): Promise<void> => {
  for (const stone of RACK) await addStone(db, stone);
  const ids = await stoneIdsByName(db);
  const [coarse, fine] = DEMO_TWO_SIDED.map((name) => ids.get(name.toLowerCase())!);
  await pairSides(db, coarse!, fine!);
  await pairSides(db, fine!, coarse!);
  for (const { cuts, ...machine } of MACHINES) {
    const id = await addMachine(db, machine);
    for (const cut of cuts) await addTestCut(db, id, cut, staffId);
  }
  await addOwnSteel(db, OWN_STEEL);
};

/** How often each stone was made flat at least, and how many minutes of work it has had since the last time. */
const FLATTENED: readonly (readonly [name: string, times: number, minutesSince: number])[] = [
  ['Grey coarse stone', 6, 14],
  ['Brown stone', 7, 21],
  ['Red stone', 9, 2],
  ['White stone', 4, 3.5],
  ['Cream stone', 5, 0.2],
];

/** After the work: the flattenings, spread over the days of it or over weeks, and the stone that lies in the water. */
export const loadCare = async (
  db: PoolConnection,
  staffId: number,
  now: Date,
  overDays: number | null,
): Promise<void> => {
  const stones = await listStones(db);
  for (const [name, least, minutesSince] of FLATTENED) {
    const stone = stones.find((each) => each.name === name)!;
    // As often as its work asks for, a little late as a rule.
    const times = Math.max(
      least,
      Math.round(stone.workedSeconds / 60 / (1.15 * stone.minutesFlat!)),
    );
    const apartDays = overDays === null ? 9 : overDays / times;
    const behindS = Math.max(0, stone.workedSeconds - minutesSince * 60);
    const lostMm = (stone.thicknessNewMm! - stone.thicknessMm!) / times;
    for (let turn = 1; turn <= times; turn += 1) {
      // Soft and hard days: not every flattening takes the same.
      const uneven = 1 + 0.3 * Math.sin(turn * 2.4);
      await addFlattening(db, {
        stoneId: stone.id,
        staffId,
        plate: 'Coarse plate',
        minutes: Number((3 * uneven).toFixed(1)),
        lostMm: Number((lostMm * uneven).toFixed(3)),
        workedSeconds: (behindS * turn) / times,
        thicknessAfterMm: Number((stone.thicknessNewMm! - lostMm * turn).toFixed(2)),
        at: new Date(now.getTime() - ((times - turn) * apartDays + 1) * DAY_MS),
      });
    }
  }
  const inWater = stones.find(({ name }) => name === DEMO_IN_WATER)!;
  await putInWater(db, inWater.id, inWater.soakMinutes, null);
};
