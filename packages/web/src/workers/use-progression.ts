/** A progression weighed for the wishes of this moment. */
import type { Remote } from 'comlink';
import { createPlanningWorker } from './planning';
import type { PlanningWorker, ProgressionQuestion, WeighedProgression } from './planning-worker';
import { useWorkerQuery, type WorkerQuery } from './use-worker-query';

const ask = (
  remote: Remote<PlanningWorker>,
  question: ProgressionQuestion,
): Promise<WeighedProgression> => remote.weigh(question);

export const useProgression = (
  question: ProgressionQuestion | null,
): WorkerQuery<ProgressionQuestion, WeighedProgression> =>
  useWorkerQuery<PlanningWorker, ProgressionQuestion, WeighedProgression>(
    createPlanningWorker,
    ask,
    question,
  );
