/** A blade that came back from its test: what was seen, where, and what is wanted there; not the whole quota. */
import type { Job } from '@patient-edge/contract';
import { findFaults, findUse } from '@patient-edge/core';
import { Notice } from '../theme/notice';

/** Nothing in the first round, or where the last test was left without a fault. */
export const CameBack = ({ job }: { job: Job }) => {
  if (job.round < 2) return null;
  const tested = job.tests.find(({ phase, round }) => phase === 'after' && round === job.round - 1);
  const faults = tested ? findFaults(tested.readings, findUse(job.useId)) : [];
  if (faults.length === 0) return null;
  return (
    <Notice tone="cut">
      {faults.map(({ id, sign, zones, remedy }) => (
        <p key={id}>
          <b>
            Came back: {sign.toLowerCase()} ({zones.join(', ')}).
          </b>{' '}
          {remedy} Strokes there only; what passed stays passed.
        </p>
      ))}
    </Notice>
  );
};
