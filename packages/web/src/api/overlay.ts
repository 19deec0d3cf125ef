/** A job as it is on this device: what the server had, and what was done since and waits. */
import type { Job } from '@patient-edge/contract';
import type { Waiting } from './outbox';

const applied = (job: Job, item: Waiting): Job => {
  if (item.kind !== 'write' || item.refused !== null) return job;
  if (item.does === 'keep readings') {
    const { phase, readings } = item.body;
    const others = job.tests.filter(
      (round) => !(round.phase === phase && round.round === job.round),
    );
    return { ...job, tests: [...others, { phase, round: job.round, readings }] };
  }
  const steps = job.steps.map((record) =>
    record.id === item.stepId
      ? {
          ...record,
          status: 'done' as const,
          runningSeconds: null,
          overrideReason: item.body.overrideReason,
        }
      : record,
  );
  const isLast = steps.every(({ status, superseded }) => superseded || status === 'done');
  return { ...job, steps, stage: isLast ? 'testing' : job.stage };
};

/** The same object while nothing of this job waits. */
export const withWaiting = (job: Job, waiting: readonly Waiting[]): Job =>
  waiting.filter(({ jobId }) => jobId === job.id).reduce(applied, job);
