/** How the work of a step is kept on this device and sent; and how what an earlier page kept is sent without it. */
import type { Job, StepRecord } from '@patient-edge/contract';
import { ApiFailure, request } from '../api/client';
import { updateStepCache } from '../api/hooks';
import { dropStored, readStored, writeStored } from '../api/stored';
import { StepKeeper, type Kept, type KeeperPorts } from './step-keeper';
import { STRINGS } from './strings';

const nameOf = (stepId: number): string => `work ${stepId}`;

const recordIn = async (jobId: number, stepId: number): Promise<StepRecord | undefined> =>
  (await request<Job>('GET', `/jobs/${jobId}`)).steps.find(({ id }) => id === stepId);

export const portsOf = (jobId: number, record: StepRecord): KeeperPorts => ({
  read: () => readStored<Kept>(nameOf(record.id)),
  write: (kept) => writeStored(nameOf(record.id), kept),
  drop: () => dropStored(nameOf(record.id)),
  send: async (body) => {
    const path = `/jobs/${jobId}/steps/${record.id}/work`;
    const kept = await request<StepRecord>('PUT', path, body);
    void updateStepCache(jobId, kept);
    return kept;
  },
  fetch: async () => (await recordIn(jobId, record.id)) ?? { ...record, status: 'done' },
  later: (work, ms) => setTimeout(work, ms),
  nowMs: () => Date.now(),
});

/** Sends what is kept of a step; nothing where all of it is at the server. Throws what stands in the way. */
export const flushKeptWork = async (jobId: number, stepId: number): Promise<void> => {
  if (!readStored<Kept>(nameOf(stepId))?.unsent) return;
  const record = await recordIn(jobId, stepId);
  if (record?.status !== 'to do') {
    throw new ApiFailure(409, 'CONFLICT', STRINGS.thisStepWasLeftElsewhereIts);
  }
  await new StepKeeper(record, portsOf(jobId, record)).flushOnce();
};
