import type { StepRecord } from '@patient-edge/contract';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { portsOf } from './kept-work';
import { StepKeeper, type KeeperSnapshot } from './step-keeper';

/** The keeper of the open step, and what it holds now. */
export const useStepKeeper = (
  jobId: number,
  record: StepRecord,
): { keeper: StepKeeper; held: KeeperSnapshot } => {
  const [keeper] = useState(() => new StepKeeper(record, portsOf(jobId, record)));
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
