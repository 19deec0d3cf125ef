/** A way back that stays in sight, after the offer at the foot of the page has gone. */
import type { Job } from '@patient-edge/contract';
import { useSend } from '../judge/use-send';
import { QuietButton } from '../theme/buttons';
import { Notice } from '../theme/notice';
import { UNDO_LABELS, undoPathOf, type UndoAction } from './undo';

export const UndoButton = ({ job, action }: { job: Job; action: UndoAction }) => {
  const { busy, problem, send } = useSend(job);
  return (
    <>
      <QuietButton isDisabled={busy} onPress={() => void send('POST', undoPathOf(job, action), {})}>
        {UNDO_LABELS[action]}
      </QuietButton>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </>
  );
};
