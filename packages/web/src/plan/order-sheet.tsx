/** The steps in their order, how long they take, and what is to be asked before them. */
import { canDo } from '@patient-edge/contract';
import type { PlanInput } from '@patient-edge/core';
import { memo } from 'react';
import { Link } from 'react-router';
import { FigureList, FigureView } from '../instruments/why';
import { SoakPlan } from '../soaking/soak-plan';
import { roughly } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import type { SheetProps } from './sheet-props';
import { OpenQuestions } from './approve-plan';
import { StepList } from './step-list';
import { useLearnedTimes } from './use-learned-times';
import { STRINGS } from './strings';

interface OrderSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
}

export const OrderSheet = memo(({ job, plan, choices, onChoices, rack }: OrderSheetProps) => (
  <Panel aria-label={STRINGS.steps}>
    <Stack>
      <Row $gap={18} $align="baseline">
        <h2>{STRINGS.steps}</h2>
        <QuietLink to={`/jobs/${job.id}/compare`}>{STRINGS.comparePlans}</QuietLink>
      </Row>
      <TimedSteps job={job} plan={plan} rack={rack} choices={choices} onChoices={onChoices} />
      <SoakPlan steps={plan.work.steps} jobId={job.id} />
      <FigureList>
        <FigureView label={STRINGS.workingTime} figure={plan.report.figures.workingTime} large />
      </FigureList>
      <WorkingRange job={job} plan={plan} rack={rack} />
      {canDo(job, 'approve plan') && <OpenQuestions job={job} plan={plan} />}
    </Stack>
  </Panel>
));
OrderSheet.displayName = 'OrderSheet';

const TimedSteps = ({ job, plan, rack, choices, onChoices }: OrderSheetProps) => {
  const times = useLearnedTimes(job, plan, rack);
  return <StepList plan={plan} rack={rack} choices={choices} onChoices={onChoices} times={times} />;
};

/** The range, and from how many records it comes. */
const WorkingRange = ({ job, plan, rack }: Pick<OrderSheetProps, 'job' | 'plan' | 'rack'>) => {
  const { total, records } = useLearnedTimes(job, plan, rack);
  const [from, to] = [roughly(total.p10Seconds), roughly(total.p90Seconds)];
  return records === null ? (
    <MutedText>{STRINGS.fromToInEightCasesOf(from, to)}</MutedText>
  ) : (
    <MutedText>
      {STRINGS.byYourOwnRates(roughly(total.p50Seconds), from, to, records.steel, records.person)}{' '}
      <Link to="/rates">{STRINGS.seeTheRates}</Link>
    </MutedText>
  );
};
