/** For a blade that is to look as it came: what was written down of that, where it is planned and where it is checked. */
import type { Job } from '@patient-edge/contract';
import { bladeKind, finishAsItCame, wantsItAsItCame } from '@patient-edge/core';
import { Link } from 'react-router';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

interface AsItCameProps {
  readonly job: Job;
  /** What is done with it here: "Aim for this". */
  readonly text: string;
}

export const AsItCame = ({ job, text }: AsItCameProps) => {
  if (!wantsItAsItCame(job.answers)) return null;
  const record = finishAsItCame(bladeKind(job.measures.kindId), job.answers);
  return (
    <Notice tone={record.length === 0 ? 'cut' : 'plain'}>
      {STRINGS.itShouldLookAsItCame(text)}{' '}
      {record.length > 0 ? (
        `${record.join(' · ')}.`
      ) : (
        <>
          {STRINGS.nothingWasRecorded}{' '}
          <Link to={`/jobs/${job.id}/intake#questions`}>{STRINGS.recordItsFinish}</Link>
        </>
      )}
    </Notice>
  );
};
