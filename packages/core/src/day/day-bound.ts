/** What no order of the steps still to be placed can beat. */
import type { DayState } from './day-model';

export interface DayBound {
  tardiness: number;
  makespan: number;
}

/** Room for the sums, so that nothing is made anew at each node of a search. */
export class BoundRoom {
  readonly bound: DayBound = { tardiness: 0, makespan: 0 };
  readonly remaining: Float64Array;
  readonly onStone: Float64Array;
  readonly open: Int32Array;

  constructor(jobs: number, stones: number) {
    this.remaining = new Float64Array(jobs);
    this.onStone = new Float64Array(stones);
    this.open = new Int32Array(jobs);
  }
}

/**
 * Tardiness: no open job ends before the first person free plus its own work; and of all open jobs, so many ends can lie
 * so early only: the k-th not before the k shortest of them are shared among all people. Makespan: all work shared, each
 * job's own, each stone's own. Changes, washing and flattening still to come are left out, so it holds for any order.
 */
export const lowerBound = (state: DayState, room: BoundRoom): DayBound => {
  const { day } = state;
  const { remaining, onStone, open, bound } = room;
  let free = Infinity;
  let freeSum = 0;
  for (let person = 0; person < state.personFree.length; person += 1) {
    const at = state.personFree[person]!;
    freeSum += at;
    if (at < free) free = at;
  }
  onStone.fill(0);
  let work = 0;
  let count = 0;
  let tardiness = 0;
  let makespan = state.makespan;
  let leastWeight = Infinity;
  for (let job = 0; job < remaining.length; job += 1) {
    let left = 0;
    for (let step = state.next[job]!; step < day.firstStep[job + 1]!; step += 1) {
      left += day.stepMinutes[step]!;
      onStone[day.stepStone[step]!]! += day.stepMinutes[step]!;
    }
    remaining[job] = left;
    const isOpen = left > 0;
    const end = isOpen ? Math.max(state.jobEnd[job]!, free) + left : state.jobEnd[job]!;
    tardiness += day.weight[job]! * Math.max(0, end - day.due[job]!);
    if (!isOpen) continue;
    if (end > makespan) makespan = end;
    work += left;
    open[count] = job;
    count += 1;
    if (day.weight[job]! < leastWeight) leastWeight = day.weight[job]!;
  }
  const people = state.personFree.length;
  makespan = Math.max(makespan, (freeSum + work) / people);
  for (let stone = 0; stone < onStone.length; stone += 1)
    if (onStone[stone]! > 0)
      makespan = Math.max(makespan, Math.max(state.stoneFree[stone]!, free) + onStone[stone]!);
  if (count > 1) {
    const shortest = open.slice(0, count).sort((a, b) => remaining[a]! - remaining[b]!);
    const earliest = open.slice(0, count).sort((a, b) => day.due[a]! - day.due[b]!);
    let done = 0;
    let shared = 0;
    for (let k = 0; k < count; k += 1) {
      done += remaining[shortest[k]!]!;
      shared += Math.max(0, free + done / people - day.due[earliest[k]!]!);
    }
    let closed = 0;
    for (let job = 0; job < remaining.length; job += 1)
      if (remaining[job] === 0)
        closed += day.weight[job]! * Math.max(0, state.jobEnd[job]! - day.due[job]!);
    tardiness = Math.max(tardiness, closed + leastWeight * shared);
  }
  bound.tardiness = tardiness;
  bound.makespan = makespan;
  return bound;
};
