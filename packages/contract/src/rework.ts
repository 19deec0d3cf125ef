/** Apart from where a job stands: it brings the table of faults along, which few pages need. */
import { findUse, reworkOf, type Rework } from '@patient-edge/core';
import type { Job } from './wire';

/** What a blade sent back from its test still wants; null where it was not. */
export const reworkOfJob = ({
  tests,
  round,
  useId,
  testsInUse,
  plan,
}: Pick<Job, 'tests' | 'round' | 'useId' | 'testsInUse'> & {
  readonly plan: Pick<NonNullable<Job['plan']>, 'choices'> | null;
}): Rework | null =>
  reworkOf({
    rounds: tests,
    round,
    use: findUse(useId),
    bench: testsInUse,
    isClamped: plan !== null && plan.choices.machineId !== null,
  });
