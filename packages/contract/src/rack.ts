/** The rack and the machines as the planner wants them, and the care of a stone from its records. */
import { judgeCare, type Care, type Machine, type RackStone } from '@patient-edge/core';
import type { ShopMachine, Stone } from './wire';

/** Hours since the stone came out of the water; null while it is in, or was never soaked. */
const hoursSinceSoak = (stone: Stone, nowMs: number | null): number | null =>
  nowMs === null || stone.soak !== null || stone.takenOutAt === null
    ? null
    : (nowMs - Date.parse(stone.takenOutAt)) / 3_600_000;

/** How a stone stands; without a time its dryness is not judged. */
export const careOf = (stone: Stone, nowMs: number | null): Care =>
  judgeCare({
    kind: stone.kind,
    minutesSinceFlat: stone.secondsSinceFlat / 60,
    minutesFlat: stone.minutesFlat,
    thicknessMm: stone.thicknessMm,
    minThicknessMm: stone.minThicknessMm,
    hoursSinceSoak: hoursSinceSoak(stone, nowMs),
    dryHours: stone.dryHours,
  });

export const toRack = (stones: readonly Stone[]): RackStone[] =>
  stones
    .filter(({ retired }) => !retired)
    .map((stone) => ({
      id: String(stone.id),
      name: stone.name,
      um: stone.um,
      abrasive: stone.abrasive,
      kind: stone.kind,
      bond: stone.bond,
      liquid: stone.liquid,
      soaking: stone.soaking,
      soakMinutes: stone.soakMinutes,
      strokes: stone.strokes,
      needsDressing: stone.needsDressing,
      flatness: careOf(stone, null).flatness,
      inWater: stone.soak !== null,
      lengthMm: stone.lengthMm,
      radiusMm: stone.radiusMm,
      thicknessMm: stone.thicknessMm,
      fitsRig: stone.fitsRig,
      portable: stone.portable,
      cutFactor: stone.cutFactor,
      scratchFactor: stone.scratchFactor,
      changeSeconds: stone.changeSeconds,
    }));

export const toMachine = (machine: ShopMachine): Machine => ({
  name: machine.name,
  kind: machine.kind,
  sizes: machine,
  cuts: machine.cuts,
});
