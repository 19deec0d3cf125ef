/** A way back that stays in sight, after the offer at the foot of the page has gone. */
import type { Job } from '@patient-edge/contract';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { Notice, QuietButton } from '../theme/parts';
import { UNDO_LABELS, undoOnJob, type UndoAction } from './undo';

export const UndoButton = ({ job, action }: { job: Job; action: UndoAction }) => {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const undo = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await undoOnJob(job, action);
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <QuietButton isDisabled={busy} onPress={() => void undo()}>
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
