/** The times on a bench card: by the bench's own rates, as the page of the plan tells them. */
import type { Job, PlanRecord } from '@patient-edge/contract';
import { learnedSteps, likelySeconds, type BladeRates, type RackStone } from '@patient-edge/core';

export interface CardOf {
  readonly job: Job;
  readonly plan: PlanRecord;
}

/** Without rates the times stay those of the model. */
export const withBenchTimes = (
  { job, plan }: CardOf,
  rack: readonly RackStone[],
  rates: BladeRates | null,
): CardOf => {
  if (rates === null) return { job, plan };
  const open = job.steps.filter(({ superseded }) => !superseded).map(({ step }) => step);
  const times = learnedSteps(open, rack, rates);
  const { workingTime } = plan.figures;
  return {
    job: {
      ...job,
      steps: job.steps.map((record) => {
        const time = times.get(record.step.key);
        return time === undefined
          ? record
          : {
              ...record,
              step: {
                ...record.step,
                seconds: time.p50Seconds,
                rangeS: [time.p10Seconds, time.p90Seconds] as const,
              },
            };
      }),
    },
    plan: {
      ...plan,
      figures: {
        ...plan.figures,
        workingTime: { ...workingTime, value: likelySeconds(open, workingTime.value, rack, rates) },
      },
    },
  };
};
