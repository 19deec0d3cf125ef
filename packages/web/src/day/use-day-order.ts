/** The order of the day as a worker finds it: a first one at once, better ones while it looks. */
import { toDayInput, type DayFacts } from '@patient-edge/contract';
import type { OrderedDay } from '@patient-edge/core';
import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { DayWorker } from '../workers/day-worker';
import { useWorkerRun } from '../workers/use-worker-run';
import { keepFirstOrder, keepOrder, orderKept } from './kept-order';

const createDayWorker = (): Worker =>
  new Worker(new URL('../workers/day-worker.ts', import.meta.url), { type: 'module' });

/** Long enough for a busy day; a small one is proven before. */
const LOOK_MS = 2000;
/** Where more is promised than can be done, so long still makes a difference. */
const LOOK_FURTHER_MS = 30_000;

export interface DayOrder {
  readonly order: OrderedDay | null;
  readonly isRunning: boolean;
  /** How far the search is, from 0 to 1. */
  readonly share: number;
  readonly error: string | null;
  readonly stop: () => void;
  /** Looks half a minute for a better one. */
  readonly lookFurther: () => void;
}

interface Found {
  readonly order: OrderedDay | null;
  readonly share: number;
}

/** `lookMs`: no longer than that a better order is looked for. */
export const useDayOrder = (
  facts: DayFacts | undefined,
  isCautious: boolean,
  lookMs = LOOK_MS,
): DayOrder => {
  const { isRunning, error, start, stop } = useWorkerRun<DayWorker>(createDayWorker);
  const [found, setFound] = useState<Found>(() => ({
    order: orderKept(isCautious)?.order ?? null,
    share: 0,
  }));
  /** Asked for, and not yet done: facts that change on the way, each minute at least, do not end it. */
  const isFurther = useRef(false);
  const look = useCallback(() => {
    if (!facts) return;
    const input = toDayInput(facts, isCautious);
    start(async (remote) => {
      if (input.jobs.length === 0) {
        setFound({ order: null, share: 1 });
        return;
      }
      let isFirst = true;
      const take = (order: OrderedDay, share: number): void => {
        if (isFirst) keepFirstOrder(isCautious, { facts, order });
        else keepOrder(isCautious, { facts, order });
        isFirst = false;
        setFound({ order, share });
      };
      const before = orderKept(isCautious)?.order.order ?? [];
      const forMs = isFurther.current ? LOOK_FURTHER_MS : lookMs;
      const last = await remote.order(input, before, forMs, proxy(take));
      isFurther.current = false;
      if (last) take(last, 1);
    });
  }, [facts, isCautious, lookMs, start]);
  useEffect(look, [look]);
  const lookFurther = useCallback(() => {
    isFurther.current = true;
    look();
  }, [look]);
  const stopLooking = useCallback(() => {
    isFurther.current = false;
    stop();
  }, [stop]);
  return { ...found, isRunning, error, stop: stopLooking, lookFurther };
};
