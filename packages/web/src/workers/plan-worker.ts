/** Plans away from the page, so that typing and sliding never wait. */
import { planBlade, type PlanInput } from '@patient-edge/core';
import { expose } from 'comlink';

const api = { plan: (input: PlanInput) => planBlade(input) };
export type PlanWorker = typeof api;

expose(api);
