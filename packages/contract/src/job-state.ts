/** What may be done with a job as it came over the wire, by the lifecycle of the core. */
import { can, type JobAction, type JobState } from '@patient-edge/core';
import type { Job } from './wire';

export const stateOfJob = ({
  stage,
  plan,
  tests,
  round,
}: Pick<Job, 'stage' | 'plan' | 'tests' | 'round'>): JobState => ({
  stage,
  hasPlan: plan !== null,
  isTested: tests.some((test) => test.phase === 'after' && test.round === round),
});

export const canDo = (
  job: Pick<Job, 'stage' | 'plan' | 'tests' | 'round'>,
  action: JobAction,
): boolean => can(stateOfJob(job), action);
