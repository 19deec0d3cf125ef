import type { Job, StepRecord } from '@patient-edge/contract';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { request } from '../api/client';
import { updateStepCache } from '../api/hooks';
import { dropStored, readStored, writeStored } from '../api/stored';
import { StepKeeper, type Kept, type KeeperSnapshot } from './step-keeper';

/** The keeper of the open step, and what it holds now. */
export const useStepKeeper = (
  jobId: number,
  record: StepRecord,
): { keeper: StepKeeper; held: KeeperSnapshot } => {
  const [keeper] = useState(() => {
    const name = `work ${record.id}`;
    return new StepKeeper(record, {
      read: () => readStored<Kept>(name),
      write: (kept) => writeStored(name, kept),
      drop: () => dropStored(name),
      send: async (body) => {
        const path = `/jobs/${jobId}/steps/${record.id}/work`;
        const kept = await request<StepRecord>('PUT', path, body);
        void updateStepCache(jobId, kept);
        return kept;
      },
      fetch: async () => {
        const job = await request<Job>('GET', `/jobs/${jobId}`);
        return job.steps.find(({ id }) => id === record.id) ?? { ...record, status: 'done' };
      },
      later: (work, ms) => setTimeout(work, ms),
      nowMs: () => Date.now(),
    });
  });
  const held = useSyncExternalStore(keeper.subscribe, keeper.snapshot);
  useEffect(() => {
    keeper.start();
    // Leaving the page: one last try; what does not get through is kept on this device.
    const leave = (): void => void keeper.flush().catch(() => undefined);
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, [keeper]);
  useEffect(() => keeper.see(record), [keeper, record]);
  return { keeper, held };
};

/** The present moment, told every half second while it matters. */
export const useNowMs = (ticking: boolean): number => {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    if (!ticking) return;
    const timer = setInterval(() => setNowMs(Date.now()), 500);
    return () => clearInterval(timer);
  }, [ticking]);
  return nowMs;
};
