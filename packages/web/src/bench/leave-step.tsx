/** The way out of a step: what is not shown yet is said, and skipped only with a reason. */
import type { Job } from '@patient-edge/contract';
import { ChevronsRight } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { updateJobCache } from '../api/hooks';
import { isOffline } from '../api/client';
import { queueWrite, writeOrQueue } from '../api/job-writes';
import { undoOnJob } from '../jobs/undo';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { useUndo } from '../theme/undo';
import { useRun } from '../theme/use-run';
import type { StepAtBench } from './use-step-at-work';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

/** So many things missing are told one by one. */
const TOLD = 4;

type AfterStep = (left: Job, stepId: number) => Promise<void>;

export const useLeaveStep = (
  job: Job,
  stepId: number,
  atWork: StepAtBench,
  /** Where this blade is worked with others: to the next of them. */
  afterStep?: AfterStep,
) => {
  const offerUndo = useUndo();
  const { busy, problem, run } = useRun();
  /** Where it was to lead to when something was still missing. */
  const [asked, setAsked] = useState<{ readonly goOn: AfterStep | undefined } | null>(null);
  const isClosed = atWork.missing.length > 0;
  const leave = (overrideReason: string | null, goOn = afterStep): Promise<void> =>
    run(async () => {
      // What was counted goes first; where there is no connection both wait, in this order.
      atWork.setRunning(false);
      const isHere = await atWork.flush().then(
        () => true,
        (error: unknown) => {
          if (isOffline(error)) return false;
          throw error;
        },
      );
      const finish = {
        does: 'finish step',
        stepId,
        body: { overrideReason, shown: atWork.work.notes.shown },
      } as const;
      if (!isHere) await queueWrite(job.id, job.version, finish);
      const left = isHere ? await writeOrQueue(job.id, job.version, finish) : null;
      if (!left) return;
      // To the next blade of a tray before this one shows its next step: a second press must not fall on that.
      await goOn?.(left, stepId);
      await updateJobCache(left);
      offerUndo(STRINGS.stepDone, () => undoOnJob(left, 'step'));
    });
  return {
    busy,
    problem,
    /** Pressed while something was missing, and it still is. */
    isAsked: asked !== null && isClosed,
    /** On to the next step of this blade, or to where `goOn` leads. */
    done: (goOn?: AfterStep): void => {
      if (busy) return;
      if (isClosed) setAsked({ goOn });
      else void leave(null, goOn);
    },
    skip: (reason: string): void => void leave(reason, asked?.goOn),
  };
};
export type Leaving = ReturnType<typeof useLeaveStep>;

const Done = styled.div<{ $hasNext: boolean }>`
  display: grid;
  grid-template-columns: ${({ $hasNext }) => ($hasNext ? 'minmax(0, 1fr) minmax(0, 1fr)' : '1fr')};
  gap: 8px;
  & > button:first-child:not(:only-child) {
    font-size: 16px;
  }
  & > button {
    min-height: 64px;
    font-size: 21px;
  }
  & svg {
    flex: none;
  }
  /* On a telephone in two lines: strokes and burr stand above. */
  @media (max-width: 560px) {
    & > button,
    & > button:first-child:not(:only-child) {
      font-size: 15px;
      padding-block: 4px;
    }
  }
`;

interface LeaveStepProps {
  readonly stepId: number;
  readonly leaving: Leaving;
  readonly atWork: StepAtBench;
  readonly onGoOn: () => void;
}

export const LeaveStep = ({ stepId, leaving, atWork, onGoOn }: LeaveStepProps) => {
  const [reason, setReason] = useStored(`skip ${stepId}`, '');
  const { busy, problem, isAsked, done, skip } = leaving;
  const { missing, next, held } = atWork;
  return (
    <Stack $gap={6}>
      <Done $hasNext={next.does !== 'leave'}>
        {next.does !== 'leave' && (
          <QuietButton onPress={onGoOn}>
            <ChevronsRight size={20} aria-hidden /> {next.text}
          </QuietButton>
        )}
        <ActionButton isDisabled={busy} onPress={() => done()}>
          {STRINGS.doneNextStep}
        </ActionButton>
      </Done>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      {isAsked && (
        <Stack $gap={8}>
          <Notice tone="cut" alert>
            {STRINGS.notYet(missing.slice(0, TOLD).join('; '))}
            {missing.length > TOLD && STRINGS.andMore(missing.length - TOLD)}
          </Notice>
          <TextEntry
            label={STRINGS.skipThisCheckReason}
            value={reason}
            onChange={setReason}
            hint={STRINGS.theReasonGoesOnRecord}
          />
          <QuietButton isDisabled={busy || reason.trim().length < 3} onPress={() => skip(reason)}>
            {STRINGS.skipWithThisReason}
          </QuietButton>
        </Stack>
      )}
      {held.status === 'refused' && (
        // A connection that is away is told in the line above the step: it comes and goes, and must not move this.
        <p role="status">{STRINGS.notAcceptedKeptHere(held.problem ?? held.status)}</p>
      )}
    </Stack>
  );
};
