/** A step that asks the customer something: it stands here until the answer is yes. */
import { textOf } from '../theme/text';
import type { Job, StepRecord } from '@patient-edge/contract';

import type { Said } from '@patient-edge/core';
import { ConsentMatters } from '../judge/consent-sheet';
import { UndoButton } from '../jobs/undo-button';
import { lastDoneStep } from '../jobs/undo';
import { QuietLink } from '../theme/links';
import { Row, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

interface AskFirstProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly asks: readonly Said[];
}

export const AskFirst = ({ job, record, asks }: AskFirstProps) => {
  const refused = asks.some(({ id }) =>
    job.consents.some(({ matter, answer }) => matter === id && answer === 'no'),
  );
  return (
    <Panel aria-label={STRINGS.askTheCustomerFirst}>
      <Stack>
        <h2>{STRINGS.askTheCustomerBefore(textOf(record.step.title))}</h2>
        <ConsentMatters job={job} matters={asks} />
        {refused && <Notice tone="cut">{STRINGS.theCustomerSaidNoChangeThe}</Notice>}
        <Row>
          <QuietLink to={`/jobs/${job.id}/plan`}>{STRINGS.changeThePlan}</QuietLink>
          {lastDoneStep(job) !== null && <UndoButton job={job} action="step" />}
        </Row>
      </Stack>
    </Panel>
  );
};
