/** Weighs a progression away from the page: the best chain of a school, and what every wish would cost. */
import {
  forceN,
  HAND_SPEED_M_PER_S,
  progressionBySchool,
  whatToBuy,
  wishCosts,
  type Missing,
  type Progression,
  type ProgressionInput,
  type ProgressionSchool,
  type Result,
  type WishCost,
} from '@patient-edge/core';
import { expose } from 'comlink';

/** What can be sent to a worker: the stroke of the hand is the same for all. */
export interface ProgressionQuestion {
  readonly input: Omit<ProgressionInput, 'stroke'>;
  readonly school: ProgressionSchool;
}

export interface WeighedProgression {
  readonly chosen: Result<Progression>;
  /** Against the quickest chain of the same rack. */
  readonly wishes: readonly WishCost[];
  readonly toBuy: Missing | null;
}

const api = {
  weigh: ({ input, school }: ProgressionQuestion): WeighedProgression => {
    const asked = { ...input, stroke: { forceN, speedMPerS: HAND_SPEED_M_PER_S } };
    const chosen = progressionBySchool(asked, school);
    return {
      chosen,
      wishes: wishCosts(asked),
      toBuy: chosen.ok ? null : whatToBuy(asked),
    };
  },
};
export type ProgressionWorker = typeof api;

expose(api);
