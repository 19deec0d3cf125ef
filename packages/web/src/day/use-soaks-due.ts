/** Stones that the day wants in the water now and that are not in it; undefined until it is known what is in it. */
import type { DayFacts, Stone } from '@patient-edge/contract';
import { useStones } from '../api/hooks';
import { soaksDue, type ShownStep } from './day-view';

export interface SoakDue {
  readonly stone: Stone;
  /** Working minutes until its first step. */
  readonly wantedMinutes: number;
}

export const useSoaksDue = (
  facts: DayFacts,
  steps: readonly ShownStep[],
): readonly SoakDue[] | undefined => {
  const { data: stones } = useStones();
  if (!stones) return undefined;
  return soaksDue(facts, steps).flatMap(({ stoneId, wantedMinutes }) => {
    const stone = stones.find(({ id }) => id === stoneId);
    return stone?.soak === null ? [{ stone, wantedMinutes }] : [];
  });
};
