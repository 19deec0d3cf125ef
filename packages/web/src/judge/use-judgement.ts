/** What is to be said of a job, with its plan once that is computed. */
import type { Job } from '@patient-edge/contract';
import {
  bladeKind,
  type BladePlan,
  findUse,
  judge,
  lengthSigmaMm,
  type Judgement,
  type Steel,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useSteels } from '../api/hooks';

export const useSteelOf = (job: Job): Steel | null =>
  useSteels()?.find(({ designation }) => designation === job.steel) ?? null;

/** Null until the steels are here. */
export const useJudgement = (job: Job, plan: BladePlan | null): Judgement | null => {
  const steel = useSteelOf(job);
  return useMemo(
    () =>
      steel &&
      judge({
        kind: bladeKind(job.measures.kindId),
        measures: job.measures,
        steel,
        use: findUse(job.useId),
        damage: job.damage,
        sharpness: job.sharpness,
        answers: job.answers,
        plan,
        thicknessSigmaMm: lengthSigmaMm(
          job.measuredWith.thicknessBehindEdgeMm,
          job.measures.thicknessBehindEdgeMm,
        ),
      }),
    [job, steel, plan],
  );
};
