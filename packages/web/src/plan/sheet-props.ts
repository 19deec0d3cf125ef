/** What the sheets of the plan page and their parts are given. */
import type { Job } from '@patient-edge/contract';
import type { BladePlan, PlanChoices, PlanInput } from '@patient-edge/core';

/** A plan, the rack it is made of, and what is chosen in it. */
export interface PlanOnRackProps {
  readonly plan: BladePlan;
  readonly rack: PlanInput['rack'];
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

/** What every sheet is given. */
export interface SheetProps extends Omit<PlanOnRackProps, 'rack'> {
  readonly job: Job;
}
