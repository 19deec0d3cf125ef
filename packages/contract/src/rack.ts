/** The rack as the planner wants it. */
import type { Stone } from './wire';
import type { Abrasive, RackStone } from '@patient-edge/core';

export const toRack = (stones: readonly Stone[]): RackStone[] =>
  stones
    .filter(({ retired }) => !retired)
    .map(({ id, name, um, abrasive, cutFactor, scratchFactor, changeSeconds }) => ({
      id: String(id),
      name,
      um,
      abrasive: abrasive as Abrasive,
      cutFactor,
      scratchFactor,
      changeSeconds,
    }));
