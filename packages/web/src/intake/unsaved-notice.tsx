/** Said where an intake that was typed and not saved would be looked for in vain. */
import { canDo, type Job } from '@patient-edge/contract';
import { memo } from 'react';
import { ActionLink } from '../theme/links';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';
import { hasDraft } from './draft';
import { STRINGS } from './strings';

/** Asked of the device once a job, not with every picture of a plan that is being moved. */
export const UnsavedNotice = memo(({ job }: { job: Job }) => {
  const editable = canDo(job, 'correct intake');
  if (!editable || !hasDraft(job.id)) return null;
  return (
    <Notice tone="cut" alert>
      <Row>
        <span>{STRINGS.theIntakeHasChangesThatAre}</span>
        <ActionLink to={`/jobs/${job.id}/intake`}>{STRINGS.goToIntake}</ActionLink>
      </Row>
    </Notice>
  );
});
UnsavedNotice.displayName = 'UnsavedNotice';
