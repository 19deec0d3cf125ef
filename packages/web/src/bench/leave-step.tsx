/** The way out of a step: what is not checked yet is said, and skipped only with a reason. */
import type { Job } from '@patient-edge/contract';
import { gatesAsked, type StepGateCode } from '@patient-edge/core';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { updateJobCache } from '../api/hooks';
import { writeJob } from '../api/job-writes';
import { undoOnJob } from '../jobs/undo';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { useUndo } from '../theme/undo';

export const LeaveStep = ({
  job,
  stepId,
  gates,
  missing: burrMissing,
  beforeLeaving,
}: {
  job: Job;
  stepId: number;
  /** What the step must show besides its burr. */
  gates: readonly StepGateCode[];
  missing: readonly string[];
  beforeLeaving: () => Promise<void>;
}) => {
  const offerUndo = useUndo();
  const [shown, setShown] = useState<readonly StepGateCode[]>([]);
  const [asked, setAsked] = useState(false);
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const leave = async (overrideReason: string | null): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await beforeLeaving();
      const left = await writeJob({
        jobId: job.id,
        method: 'POST',
        path: `/steps/${stepId}/finish`,
        version: job.version,
        body: { overrideReason, shown },
      });
      await updateJobCache(left);
      offerUndo('Step done.', () => undoOnJob(left, 'step'));
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const asks = gatesAsked(gates);
  const missing = [
    ...burrMissing,
    ...asks.filter(({ code }) => !shown.includes(code)).map(({ text }) => text),
  ];
  const closed = missing.length > 0;
  return (
    <Stack $gap={10}>
      {asks.length > 0 && (
        <Stack $gap={4} role="group" aria-label="Before going on">
          {asks.map(({ code, text }) => (
            <Checkbox
              key={code}
              value={shown.includes(code)}
              onChange={(seen) =>
                setShown(seen ? [...shown, code] : shown.filter((each) => each !== code))
              }
            >
              {text}
            </Checkbox>
          ))}
        </Stack>
      )}
      <ActionButton
        isDisabled={busy}
        onPress={() => {
          if (closed) setAsked(true);
          else void leave(null);
        }}
      >
        Done, next step
      </ActionButton>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      {asked && closed && (
        <Stack $gap={8}>
          <Notice tone="cut" alert>
            Not yet. {missing.slice(0, 4).join('; ')}
            {missing.length > 4 && `; and ${missing.length - 4} more`}
          </Notice>
          <TextEntry
            label="Skip this check: reason"
            value={reason}
            onChange={setReason}
            hint="The reason goes on record"
          />
          <QuietButton
            isDisabled={busy || reason.trim().length < 3}
            onPress={() => void leave(reason)}
          >
            Skip with this reason
          </QuietButton>
        </Stack>
      )}
    </Stack>
  );
};
