/** How long work takes at this bench, by its own rates where there are any: the same figures as on the plan. */
import { toRack, type Job, type StepRecord } from '@patient-edge/contract';
import { likelySeconds } from '@patient-edge/core';
import { useMemo } from 'react';
import { useBladeRates, useStones } from '../api/hooks';

/** Of a step, as it was kept when work began; by the model alone before that. */
export const foreseenSeconds = ({
  forecastSeconds,
  step,
}: Pick<StepRecord, 'forecastSeconds' | 'step'>): number => forecastSeconds ?? step.seconds;

/** Of all steps of a plan whose work has not begun. */
export const useWorkForeseen = ({ steel, plan, steps }: Job): number => {
  const { data: rates } = useBladeRates(steel);
  const { data: stones } = useStones();
  return useMemo(() => {
    const open = steps.filter(({ superseded }) => !superseded).map(({ step }) => step);
    const modelSeconds = plan?.figures.workingTime.value ?? 0;
    return likelySeconds(open, modelSeconds, toRack(stones ?? []), (stones && rates) ?? null);
  }, [rates, stones, plan, steps]);
};
