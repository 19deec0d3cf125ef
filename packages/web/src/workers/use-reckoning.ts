/** What the schools of the angle would take from a blade. */
import type { PlanInput, Reckoned, Result } from '@patient-edge/core';
import type { Remote } from 'comlink';
import type { ReckonWorker } from './reckon-worker';
import { useAnswer } from './use-answer';

const create = (): Worker =>
  new Worker(new URL('./reckon-worker.ts', import.meta.url), { type: 'module' });
const ask = (remote: Remote<ReckonWorker>, input: PlanInput): Promise<Result<Reckoned>> =>
  remote.reckon(input);

export const useReckoning = (input: PlanInput | null): Result<Reckoned> | null =>
  useAnswer<ReckonWorker, PlanInput, Result<Reckoned>>(create, ask, input);
