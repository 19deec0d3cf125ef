import type { StepRecord } from '@patient-edge/contract';
import { NO_READINGS, readingsOf } from '@patient-edge/core';
import { jobOf } from '../../test/jobs';
import { stepOf } from '../../test/steps';
import type { Waiting } from './outbox';
import { withWaiting } from './overlay';

const step = (id: number): StepRecord => stepOf({ id, runningSeconds: 4 });
const job = jobOf({ stage: 'on the bench', steps: [step(1), step(2)] });
const waits = { number: 1, key: 'k', queuedMs: 0, refused: null, jobId: job.id } as const;
const finish = (stepId: number, part: Partial<Waiting> = {}): Waiting =>
  ({
    ...waits,
    kind: 'write',
    version: 0,
    does: 'finish step',
    stepId,
    body: { overrideReason: null, shown: [] },
    ...part,
  }) as Waiting;

test('a step done here is done here, and after the last the blade is to be tested', () => {
  const one = withWaiting(job, [finish(1)]);
  expect(one.steps.map(({ status }) => status)).toEqual(['done', 'to do']);
  expect([one.stage, one.steps[0]!.runningSeconds]).toEqual(['on the bench', null]);
  expect(withWaiting(job, [finish(1), finish(2)]).stage).toBe('testing');
});

test('what was refused, and what is another blade’s, changes nothing', () => {
  expect(withWaiting(job, [finish(1, { refused: 'declined meanwhile' })])).toEqual(job);
  expect(withWaiting(job, [finish(1, { jobId: job.id + 1 })])).toBe(job);
});

test('readings stand in place of those of the same round', () => {
  const readings = readingsOf(() => NO_READINGS);
  const read = {
    ...waits,
    kind: 'write',
    version: 0,
    does: 'keep readings',
    body: { phase: 'after', readings },
  } as Waiting;
  const tested = withWaiting({ ...job, tests: [{ phase: 'after', round: 1, readings }] }, [read]);
  expect(tested.tests).toEqual([{ phase: 'after', round: job.round, readings }]);
});
