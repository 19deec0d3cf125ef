/** How well the measures of a job are known. */
import type { Job } from '@patient-edge/contract';
import { bevelsOf, bladeKind, presentAngleSigmaDeg, type HowKnown } from '@patient-edge/core';

/** One standard deviation of the present angle, degrees per side. */
export const angleSigmaOf = ({ angleReadings, angleAssumed, measures }: Job): number =>
  presentAngleSigmaDeg(
    angleReadings,
    {
      assumed: angleAssumed,
      bevelFaceMm: measures.bevelFaceMm,
      behindEdgeMm: measures.thicknessBehindEdgeMm,
    },
    0,
    bevelsOf(bladeKind(measures.kindId)),
  );

export const howKnown = (job: Job): HowKnown => ({
  measuredWith: job.measuredWith,
  angleSigmaDeg: angleSigmaOf(job),
});
