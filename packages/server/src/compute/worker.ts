/** The entry of a computing thread: one task in, its answer out. */
import { TASKS, type Task } from './tasks';

const run = ({ name, input }: Task): unknown => {
  const work = TASKS[name] as (given: unknown) => unknown;
  return work(input);
};

export default run;
