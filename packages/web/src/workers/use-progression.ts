/** A progression weighed for the wishes of this moment. */
import type { Remote } from 'comlink';
import type {
  ProgressionQuestion,
  ProgressionWorker,
  WeighedProgression,
} from './progression-worker';
import { useWorkerQuery, type WorkerQuery } from './use-worker-query';

const create = (): Worker =>
  new Worker(new URL('./progression-worker.ts', import.meta.url), { type: 'module' });
const ask = (
  remote: Remote<ProgressionWorker>,
  question: ProgressionQuestion,
): Promise<WeighedProgression> => remote.weigh(question);

export const useProgression = (
  question: ProgressionQuestion | null,
): WorkerQuery<ProgressionQuestion, WeighedProgression> =>
  useWorkerQuery<ProgressionWorker, ProgressionQuestion, WeighedProgression>(create, ask, question);
