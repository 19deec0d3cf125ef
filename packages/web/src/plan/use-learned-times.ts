/** The times of a plan by the bench's own rates, where there are any. */
import type { Job } from '@patient-edge/contract';
import {
  learnedTimes,
  type BladePlan,
  type LearnedTimes,
  type PlanInput,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useBladeRates } from '../api/hooks';

export const useLearnedTimes = (
  job: Pick<Job, 'steel'>,
  plan: BladePlan,
  rack: PlanInput['rack'],
): LearnedTimes => {
  const { data: rates = null } = useBladeRates(job.steel);
  return useMemo(() => learnedTimes(plan, rack, rates), [plan, rack, rates]);
};
