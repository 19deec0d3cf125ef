/** The plan for the choices of this moment. */
import type { BladePlan, PlanInput, Result } from '@patient-edge/core';
import type { Remote } from 'comlink';
import { createPlanningWorker } from './planning';
import type { PlanningWorker } from './planning-worker';
import { useWorkerQuery, type WorkerQuery } from './use-worker-query';

const ask = (remote: Remote<PlanningWorker>, input: PlanInput): Promise<Result<BladePlan>> =>
  remote.plan(input);

export const usePlan = (input: PlanInput | null): WorkerQuery<PlanInput, Result<BladePlan>> =>
  useWorkerQuery<PlanningWorker, PlanInput, Result<BladePlan>>(createPlanningWorker, ask, input);
