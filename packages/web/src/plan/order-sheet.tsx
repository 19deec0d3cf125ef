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
import { WORDS } from './words';

interface OrderSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
}

export const OrderSheet = memo(({ job, plan, choices, onChoices, rack }: OrderSheetProps) => (
  <Panel aria-label={WORDS.steps}>
    <Stack>
      <Row $gap={18} $align="baseline">
        <h2>{WORDS.steps}</h2>
        <QuietLink to={`/jobs/${job.id}/compare`}>{WORDS.comparePlans}</QuietLink>
      </Row>
      <StepList plan={plan} rack={rack} choices={choices} onChoices={onChoices} />
      <SoakPlan steps={plan.work.steps} jobId={job.id} />
      <FigureList>
        <FigureView label={WORDS.workingTime} figure={plan.report.figures.workingTime} large />
      </FigureList>
      <WorkingRange plan={plan} />
      {canDo(job, 'approve plan') && <OpenQuestions job={job} plan={plan} />}
    </Stack>
  </Panel>
));
OrderSheet.displayName = 'OrderSheet';

const WorkingRange = ({ plan }: { plan: BladePlan }) => {
  const { lowS, highS } = workingRange(plan);
  return <MutedText>{WORDS.fromToInEightCasesOf(roughly(lowS), roughly(highS))}</MutedText>;
};
