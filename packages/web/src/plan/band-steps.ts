import type { PlanStep } from '@patient-edge/core';

/** The steps that take the bands of a thinning, from the edge up. */
export const bandSteps = (steps: readonly PlanStep[]): readonly PlanStep[] =>
  steps.filter(({ title }) => title.code === 'thinning.band.title');
