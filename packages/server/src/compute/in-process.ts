import type { Compute } from './compute';
import { TASKS } from './tasks';

/** The same on the calling thread, for tests that are not about threads. */
export const inProcessCompute = (): Compute => ({
  calc: (operation, input) => Promise.resolve(TASKS.calc({ operation, input })),
  plan: (input) => Promise.resolve(TASKS.plan(input)),
  drawing: (name, input) => (TASKS[name] as (given: typeof input) => Promise<Buffer>)(input),
  close: () => Promise.resolve(),
});
