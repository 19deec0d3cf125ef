/** The plan for the choices of this moment. */
import type { BladePlan, PlanInput, Result } from '@patient-edge/core';
import type { Remote } from 'comlink';
import type { PlanWorker } from './plan-worker';
import { useWorkerQuery, type WorkerQuery } from './use-worker-query';

const create = (): Worker =>
  new Worker(new URL('./plan-worker.ts', import.meta.url), { type: 'module' });
const ask = (remote: Remote<PlanWorker>, input: PlanInput): Promise<Result<BladePlan>> =>
  remote.plan(input);

export const usePlan = (input: PlanInput | null): WorkerQuery<PlanInput, Result<BladePlan>> =>
  useWorkerQuery<PlanWorker, PlanInput, Result<BladePlan>>(create, ask, input);
