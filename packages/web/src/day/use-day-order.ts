/** The order of the day as a worker finds it: a first one at once, better ones while it looks. */
import { toDayInput, type DayFacts } from '@patient-edge/contract';
import type { OrderedDay } from '@patient-edge/core';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { DayWorker } from '../workers/day-worker';
import { useWorkerRun } from '../workers/use-worker-run';

const createDayWorker = (): Worker =>
  new Worker(new URL('../workers/day-worker.ts', import.meta.url), { type: 'module' });

/** Long enough for a busy day; a small one is proven before. */
const LOOK_MS = 2000;

export interface DayOrder {
  readonly order: OrderedDay | null;
  readonly isRunning: boolean;
  /** How far the search is, from 0 to 1. */
  readonly share: number;
  readonly error: string | null;
  readonly stop: () => void;
}

export const useDayOrder = (facts: DayFacts | undefined, isCautious: boolean): DayOrder => {
  const { isRunning, error, start, stop } = useWorkerRun<DayWorker>(createDayWorker);
  const [found, setFound] = useState<{ readonly order: OrderedDay | null; readonly share: number }>(
    {
      order: null,
      share: 0,
    },
  );
  useEffect(() => {
    if (!facts) return;
    const input = toDayInput(facts, isCautious);
    start(async (remote) => {
      const order =
        input.jobs.length === 0
          ? null
          : await remote.order(
              input,
              LOOK_MS,
              proxy((better: OrderedDay, share: number) => setFound({ order: better, share })),
            );
      setFound({ order, share: 1 });
    });
  }, [facts, isCautious, start]);
  return { ...found, isRunning, error, stop };
};
