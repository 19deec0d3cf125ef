/** Reckons what a blade would take, away from the page. */
import { reckon, type PlanInput } from '@patient-edge/core';
import { expose } from 'comlink';

const api = { reckon: (input: PlanInput) => reckon(input) };
export type ReckonWorker = typeof api;

expose(api);
