/** What may be done with a job as it came over the wire, by the lifecycle of the core. */
import { can, type JobAction, type JobState } from '@patient-edge/core';
import type { Job, TestRound } from './wire';

/** Whether the edge of that round has readings after the work. */
export const isTestedIn = (
  round: number,
  tests: readonly Pick<TestRound, 'phase' | 'round'>[],
): boolean => tests.some((test) => test.phase === 'after' && test.round === round);

export const stateOfJob = ({
  stage,
  plan,
  tests,
  round,
}: Pick<Job, 'stage' | 'plan' | 'tests' | 'round'>): JobState => ({
  stage,
  hasPlan: plan !== null,
  isTested: isTestedIn(round, tests),
});

export const canDo = (
  job: Pick<Job, 'stage' | 'plan' | 'tests' | 'round'>,
  action: JobAction,
): boolean => can(stateOfJob(job), action);
