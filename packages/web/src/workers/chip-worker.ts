/** What a chip costs, away from the page: coarse first, then finer, telling how far it is. */
import {
  chipCost,
  CHIP_STATIONS,
  type ChipCost,
  type ChipCostInput,
  type Result,
} from '@patient-edge/core';
import { expose } from 'comlink';

const api = {
  cost: (
    input: ChipCostInput,
    told: (answer: Result<ChipCost>, step: number, steps: number) => void,
  ): void => {
    CHIP_STATIONS.forEach((stations, index) =>
      told(chipCost(input, stations), index + 1, CHIP_STATIONS.length),
    );
  },
};
export type ChipWorker = typeof api;

expose(api);
