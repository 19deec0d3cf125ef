/** Plans weighed against each other in a worker. */
import type {
  BladeRates,
  Compared,
  HowKnown,
  PlanInput,
  PlanSpread,
  PriceTerms,
  Result,
} from '@patient-edge/core';
import { proxy, type Remote } from 'comlink';
import { useCallback, useState } from 'react';
import { createPlanningWorker } from './planning';
import type { MapColumn, PlanningWorker } from './planning-worker';
import { useWorkerQuery, type WorkerQuery } from './use-worker-query';
import { useWorkerRun } from './use-worker-run';

export interface CompareQuestion {
  readonly input: PlanInput;
  readonly ids: readonly string[];
  readonly terms: PriceTerms | null;
  readonly rates: BladeRates | null;
}
const ask = (
  remote: Remote<PlanningWorker>,
  { input, ids, terms, rates }: CompareQuestion,
): Promise<Compared[]> => remote.compare(input, ids, terms, rates);

export const useCompared = (
  question: CompareQuestion | null,
): WorkerQuery<CompareQuestion, Compared[]> =>
  useWorkerQuery<PlanningWorker, CompareQuestion, Compared[]>(createPlanningWorker, ask, question);

export interface SpreadQuestion {
  readonly input: PlanInput;
  readonly known: HowKnown;
}
const askSpread = (
  remote: Remote<PlanningWorker>,
  { input, known }: SpreadQuestion,
): Promise<Result<PlanSpread>> => remote.spread(input, known);

/** What the measures leave open of a plan; null until it is known. */
export const useSpread = (
  question: SpreadQuestion,
): WorkerQuery<SpreadQuestion, Result<PlanSpread>> =>
  useWorkerQuery<PlanningWorker, SpreadQuestion, Result<PlanSpread>>(
    createPlanningWorker,
    askSpread,
    question,
  );

export interface MapState {
  readonly columns: readonly MapColumn[];
  readonly all: number;
  readonly isRunning: boolean;
  readonly error: string | null;
}

/** The map, column by column; a new one stops the one before, and so does leaving the page. */
export const useTradeMap = () => {
  const [told, setTold] = useState<Pick<MapState, 'columns' | 'all'>>({ columns: [], all: 0 });
  const { isRunning, error, start: run, stop } = useWorkerRun<PlanningWorker>(createPlanningWorker);
  const start = useCallback(
    (input: PlanInput, rates: BladeRates | null) => {
      setTold({ columns: [], all: 0 });
      run((remote) =>
        remote.map(
          input,
          rates,
          proxy((column: MapColumn, _done: number, all: number) =>
            setTold((held) => ({ columns: [...held.columns, column], all })),
          ),
        ),
      );
    },
    [run],
  );
  const state: MapState = { ...told, isRunning, error };
  return { state, start, stop };
};
