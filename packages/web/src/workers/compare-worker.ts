/** A plan weighed away from the page: against others, over angle and finish, and by what its measures leave open. */
import {
  comparePlan,
  findUse,
  mapAngles,
  mapCell,
  mapFinishes,
  planSpread,
  VARIANTS,
  type Compared,
  type HowKnown,
  type MapCell,
  type PlanInput,
  type PlanSpread,
  type PriceTerms,
  type Result,
} from '@patient-edge/core';
import { expose } from 'comlink';

/** A column of the map: one finish at every angle. */
export interface MapColumn {
  readonly finishUm: number;
  readonly cells: readonly MapCell[];
}

const api = {
  compare: (input: PlanInput, ids: readonly string[], terms: PriceTerms | null): Compared[] => {
    const use = findUse(input.useId);
    return VARIANTS.filter(({ id }) => ids.includes(id)).map(({ id, of }) =>
      comparePlan(input, id, of(input.choices, use), terms),
    );
  },
  spread: (input: PlanInput, known: HowKnown): Result<PlanSpread> => planSpread(input, known),
  /** Told piece by piece, and stopped at once. */
  map: (input: PlanInput, told: (column: MapColumn, done: number, all: number) => void): void => {
    const angles = mapAngles(input);
    const finishes = mapFinishes(input);
    finishes.forEach((finishUm, index) => {
      const cells = angles.map((angleDeg) => mapCell(input, angleDeg, finishUm));
      told({ finishUm, cells }, index + 1, finishes.length);
    });
  },
};
export type CompareWorker = typeof api;

expose(api);
