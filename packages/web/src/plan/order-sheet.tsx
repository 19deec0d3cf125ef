/** The steps in their order, how long they take, and what is to be asked before them. */
import { canDo } from '@patient-edge/contract';
import { type BladePlan, type PlanInput, workingRange } from '@patient-edge/core';
import { memo } from 'react';
import { FigureList, FigureView } from '../instruments/why';
import { SoakPlan } from '../soaking/soak-plan';
import { roughly } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import type { SheetProps } from './sheet-props';
import { OpenQuestions } from './approve-plan';
import { StepList } from './step-list';

interface OrderSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
}

export const OrderSheet = memo(({ job, plan, choices, onChoices, rack }: OrderSheetProps) => (
  <Panel aria-label="Steps">
    <Stack>
      <Row $gap={18} $align="baseline">
        <h2>Steps</h2>
        <QuietLink to={`/jobs/${job.id}/compare`}>Compare plans</QuietLink>
      </Row>
      <StepList plan={plan} rack={rack} choices={choices} onChoices={onChoices} />
      <SoakPlan steps={plan.work.steps} jobId={job.id} />
      <FigureList>
        <FigureView label="Working time" figure={plan.report.figures.workingTime} large />
      </FigureList>
      <WorkingRange plan={plan} />
      {canDo(job, 'approve plan') && <OpenQuestions job={job} plan={plan} />}
    </Stack>
  </Panel>
));
OrderSheet.displayName = 'OrderSheet';

const WorkingRange = ({ plan }: { plan: BladePlan }) => {
  const { lowS, highS } = workingRange(plan);
  return (
    <MutedText>
      From {roughly(lowS)} to {roughly(highS)} in eight cases of ten, before this bench has logged
      its own work.
    </MutedText>
  );
};
