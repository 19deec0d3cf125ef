/** What every sheet of the plan page is given. */
import type { Job } from '@patient-edge/contract';
import type { BladePlan, PlanChoices } from '@patient-edge/core';

export interface SheetProps {
  readonly job: Job;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}
