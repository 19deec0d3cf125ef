/** Orders by rules of thumb: where a search begins, and what it is held against. */
import {
  DayState,
  WHOEVER,
  type CompiledDay,
  type DayPlace,
  type NumberedOrder,
} from './day-model';

const whole = (jobs: readonly number[]): NumberedOrder => ({
  jobs: Int32Array.from(jobs),
  people: new Int8Array(jobs.length).fill(WHOEVER),
});

const byDue = (day: CompiledDay): number[] =>
  [...day.input.jobs.keys()].sort((a, b) => day.due[a]! - day.due[b]! || a - b);

/** One blade after the other, what is due first first. */
export const dueDateOrder = (day: CompiledDay): NumberedOrder =>
  whole(byDue(day).flatMap((job) => day.input.jobs[job]!.steps.map(() => job)));

/** All that needs the coarsest stone, then the next finer, each in the order of their days. */
export const stoneByStoneOrder = (day: CompiledDay): NumberedOrder => {
  const { stones } = day.input;
  const coarsestFirst = [...stones.keys()].sort((a, b) => stones[b]!.um - stones[a]!.um);
  const jobs = byDue(day);
  const next = day.firstStep.slice();
  const order: number[] = [];
  while (order.length < day.stepCount) {
    for (const stone of coarsestFirst)
      for (const job of jobs) {
        const at = next[job]!;
        if (at >= day.firstStep[job + 1]! || day.stepStone[at] !== stone) continue;
        order.push(job);
        next[job]! += 1;
      }
  }
  return whole(order);
};

/** How far ahead slack still counts, and how much a change of stones puts off; both by the mean step. */
export interface Pressing {
  readonly patience: number;
  readonly dislike: number;
}

/**
 * Step by step the one that is most pressing: weight over work left, falling off with the slack it has and with the time
 * nobody works for it: changing, waiting for a stone (after Lee, Bhaskaran and Pinedo 1997).
 */
export const pressingOrder = (day: CompiledDay, { patience, dislike }: Pressing): NumberedOrder => {
  const state = new DayState(day);
  const jobs = day.input.jobs.length;
  const left = new Float64Array(jobs);
  for (let job = 0; job < jobs; job += 1)
    for (let step = day.firstStep[job]!; step < day.firstStep[job + 1]!; step += 1)
      left[job]! += day.stepMinutes[step]!;
  const mean = left.reduce((a, b) => a + b, 0) / Math.max(1, day.stepCount);
  const order: number[] = [];
  while (order.length < day.stepCount) {
    let best = -1;
    let most = -Infinity;
    for (let job = 0; job < jobs; job += 1) {
      const step = state.next[job]!;
      if (step === day.firstStep[job + 1]) continue;
      const person = state.whoever(job);
      const start = state.startOf(job, person);
      const lost = start - state.personFree[person]!;
      const slack = Math.max(0, day.due[job]! - start - left[job]!);
      const pressing =
        Math.log(day.weight[job]! / left[job]!) -
        slack / (patience * mean) -
        (dislike * lost) / mean;
      if (pressing > most) {
        most = pressing;
        best = job;
      }
    }
    left[best]! -= day.stepMinutes[state.next[best]!]!;
    state.place(best, WHOEVER);
    order.push(best);
  }
  return whole(order);
};

/**
 * An order the day had before, as far as it still holds: what is done or gone is left out, and what is new comes first, or
 * last. None where nothing of it is left.
 */
export const orderBefore = (
  day: CompiledDay,
  before: readonly DayPlace[],
): readonly NumberedOrder[] => {
  const index = new Map(day.input.jobs.map(({ id }, at) => [id, at]));
  const left = day.input.jobs.map(({ steps }) => steps.length);
  const kept: number[] = [];
  // Of a job with fewer steps than it had the first are done: it is the last that are kept.
  for (const { job } of [...before].reverse()) {
    const at = index.get(job);
    if (at === undefined || left[at] === 0) continue;
    left[at]! -= 1;
    kept.unshift(at);
  }
  if (kept.length === 0) return [];
  const added = byDue(day).flatMap((job) => new Array<number>(left[job]!).fill(job));
  return added.length === 0
    ? [whole(kept)]
    : [whole([...added, ...kept]), whole([...kept, ...added])];
};
