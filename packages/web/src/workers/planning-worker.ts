/**
 * Plans away from the page, so that typing and sliding never wait: the plan itself, the plan weighed against others,
 * over angle and finish and by what its measures leave open, and its stones against other progressions. One script for
 * all of it, since all of it is the planner.
 */
import {
  comparePlan,
  findUse,
  forceN,
  HAND_SPEED_M_PER_S,
  mapAngles,
  mapCell,
  mapFinishes,
  planBlade,
  planSpread,
  progressionBySchool,
  VARIANTS,
  whatToBuy,
  wishCosts,
  type BladeRates,
  type Compared,
  type HowKnown,
  type MapCell,
  type Missing,
  type PlanInput,
  type PlanSpread,
  type PriceTerms,
  type Progression,
  type ProgressionInput,
  type ProgressionSchool,
  type Result,
  type WishCost,
} from '@patient-edge/core';
import { expose } from 'comlink';

/** A column of the map: one finish at every angle. */
export interface MapColumn {
  readonly finishUm: number;
  readonly cells: readonly MapCell[];
}

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
  plan: (input: PlanInput) => planBlade(input),
  compare: (
    input: PlanInput,
    ids: readonly string[],
    terms: PriceTerms | null,
    rates: BladeRates | null,
  ): Compared[] => {
    const use = findUse(input.useId);
    return VARIANTS.filter(({ id }) => ids.includes(id)).map(({ id, of }) =>
      comparePlan(input, id, of(input.choices, use), terms, rates),
    );
  },
  spread: (input: PlanInput, known: HowKnown): Result<PlanSpread> => planSpread(input, known),
  /** Column by column, so that it can be shown as it grows and stopped at once. */
  map: (
    input: PlanInput,
    rates: BladeRates | null,
    onColumn: (column: MapColumn, done: number, all: number) => void,
  ): void => {
    const angles = mapAngles(input);
    const finishes = mapFinishes(input);
    finishes.forEach((finishUm, index) => {
      const cells = angles.map((angleDeg) => mapCell(input, angleDeg, finishUm, rates));
      onColumn({ finishUm, cells }, index + 1, finishes.length);
    });
  },
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
export type PlanningWorker = typeof api;

expose(api);
