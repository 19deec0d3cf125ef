/** What can be undone of a blade's way through the shop; each undo is a line of its history. */
import type { Job } from '@patient-edge/contract';
import { writeJob } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';
import { STRINGS } from './strings';

export const UNDO_ACTIONS = ['decline', 'return', 'verdict', 'step'] as const;
export type UndoAction = (typeof UNDO_ACTIONS)[number];

/** What the button says. */
export const UNDO_LABELS: Readonly<Record<UndoAction, string>> = {
  decline: STRINGS.undoDecline,
  return: STRINGS.undoReturn,
  verdict: STRINGS.undoPassed,
  step: STRINGS.undoLastStep,
};

/** The step done last of the plan that is worked; null when none is. */
export const lastDoneStep = (job: Job) =>
  job.steps.findLast(({ status, superseded }) => status === 'done' && !superseded) ?? null;

/** Where it is undone, below the job. */
export const undoPathOf = (job: Job, action: UndoAction): string =>
  action === 'step' ? `/steps/${lastDoneStep(job)?.id ?? 0}/undo` : `/${action}/undo`;

/** Undoes it and keeps the answer. Throws what the server says against it. */
export const undoOnJob = async (job: Job, action: UndoAction): Promise<void> => {
  const path = undoPathOf(job, action);
  await updateJobCache(
    await writeJob({ jobId: job.id, method: 'POST', path, version: job.version }),
  );
};
