/** Plans weighed against each other in a worker. */
import type {
  Compared,
  HowKnown,
  PlanInput,
  PlanSpread,
  PriceTerms,
  Result,
} from '@patient-edge/core';
import { proxy, releaseProxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { CompareWorker, MapColumn } from './compare-worker';
import { useAnswer } from './use-answer';

const create = (): Worker =>
  new Worker(new URL('./compare-worker.ts', import.meta.url), { type: 'module' });

export interface CompareQuestion {
  readonly input: PlanInput;
  readonly ids: readonly string[];
  readonly terms: PriceTerms | null;
}
const ask = (
  remote: Remote<CompareWorker>,
  { input, ids, terms }: CompareQuestion,
): Promise<Compared[]> => remote.compare(input, ids, terms);

export const useCompared = (question: CompareQuestion | null): Compared[] | null =>
  useAnswer<CompareWorker, CompareQuestion, Compared[]>(create, ask, question);

export interface SpreadQuestion {
  readonly input: PlanInput;
  readonly known: HowKnown;
}
const askSpread = (
  remote: Remote<CompareWorker>,
  { input, known }: SpreadQuestion,
): Promise<Result<PlanSpread>> => remote.spread(input, known);

/** What the measures leave open of a plan; null until it is known. */
export const useSpread = (question: SpreadQuestion): Result<PlanSpread> | null =>
  useAnswer<CompareWorker, SpreadQuestion, Result<PlanSpread>>(create, askSpread, question);

export interface MapState {
  readonly columns: readonly MapColumn[];
  readonly all: number;
  readonly isRunning: boolean;
}
const NOTHING: MapState = { columns: [], all: 0, isRunning: false };

/** The map, column by column; a new one stops the one before, and so does leaving the page. */
export const useTradeMap = () => {
  const [state, setState] = useState<MapState>(NOTHING);
  const running = useRef<(() => void) | null>(null);
  const stop = useCallback(() => {
    running.current?.();
    running.current = null;
    setState((held) => ({ ...held, isRunning: false }));
  }, []);
  useEffect(() => () => running.current?.(), []);
  const start = useCallback((input: PlanInput) => {
    running.current?.();
    const thread = create();
    const remote = wrap<CompareWorker>(thread);
    running.current = () => {
      remote[releaseProxy]();
      thread.terminate();
    };
    setState({ ...NOTHING, isRunning: true });
    void remote.map(
      input,
      proxy((column: MapColumn, done: number, all: number) =>
        setState((held) => ({
          columns: [...held.columns, column],
          all,
          isRunning: done < all,
        })),
      ),
    );
  }, []);
  return { state, start, stop };
};
