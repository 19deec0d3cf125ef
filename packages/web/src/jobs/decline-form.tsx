/** Declining a blade, or sending it on: with the reason, which goes on record. */
import { canDo, type Job } from '@patient-edge/contract';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { TextEntry } from '../theme/text-fields';
import { useUndo } from '../theme/undo';
import { undoOnJob } from './undo';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

interface DeclineFormProps {
  readonly job: Job;
  /** What the judgement says, to be changed. */
  readonly suggested?: string;
}

export const DeclineForm = ({ job, suggested = '' }: DeclineFormProps) => {
  const offerUndo = useUndo();
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useStored(`decline ${job.id}`, suggested.slice(0, 300));
  const [problem, setProblem] = useState<string | undefined>(undefined);
  if (!canDo(job, 'decline')) return null;
  const send = async (): Promise<void> => {
    try {
      const declined = await writeJob({
        jobId: job.id,
        method: 'POST',
        path: '/decline',
        version: job.version,
        body: { reason },
      });
      await updateJobCache(declined);
      offerUndo(STRINGS.declined, () => undoOnJob(declined, 'decline'));
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  if (!open) {
    return (
      <Row>
        <QuietButton onPress={() => setOpen(true)}>{STRINGS.declineItOrSendItOn}</QuietButton>
      </Row>
    );
  }
  return (
    <Row $align="end">
      <div style={{ flex: 1, minWidth: 280 }}>
        <TextEntry
          label={STRINGS.whyItIsDeclined}
          value={reason}
          onChange={setReason}
          error={problem}
          hint={STRINGS.cracksABurntEdgeABend}
        />
      </div>
      <QuietButton onPress={() => void send()}>{STRINGS.decline}</QuietButton>
      <QuietButton onPress={() => setOpen(false)}>{STRINGS.cancel}</QuietButton>
    </Row>
  );
};
