/** The best of all orders, and of all ways to share them out, by branch and bound; as far as so many nodes reach. */
import { BoundRoom, lowerBound } from './day-bound';
import { DayState, type CompiledDay, type NumberedOrder } from './day-model';

export interface ExactDay {
  readonly order: NumberedOrder | null;
  /** Every order was looked at, or could not have been better. */
  readonly isProven: boolean;
}

const EPSILON = 1e-9;

/** Two ways to the same place, alone: the later one with no less behind it is not looked at again. */
interface Passed {
  readonly free: number;
  readonly tardiness: number;
  readonly worked: Float64Array;
}
/** More would take more memory than time. */
const MOST_PASSED = 200_000;

export const exactDay = (
  day: CompiledDay,
  known: { readonly tardiness: number; readonly makespan: number },
  mostNodes: number,
): ExactDay => {
  const jobs = day.input.jobs.length;
  const people = day.personFree.length;
  const depth = day.stepCount;
  const states = Array.from({ length: depth + 1 }, () => new DayState(day));
  const room = new BoundRoom(jobs, day.stoneCount);
  const now = { jobs: new Int32Array(depth), people: new Int8Array(depth) };
  let best: NumberedOrder | null = null;
  let { tardiness: bestTardiness, makespan: bestMakespan } = known;
  let nodes = 0;
  const passed = new Map<string, Passed[]>();
  let passedCount = 0;
  const flattens = day.flattenEvery.some((every) => every !== Infinity);

  const wasPassed = (state: DayState): boolean => {
    if (people > 1) return false;
    const key = `${state.next.join()} ${state.personStone[0]}`;
    const free = state.personFree[0]!;
    // Of jobs that are done the tardiness stands; of all others it follows from here.
    let tardiness = 0;
    for (let job = 0; job < jobs; job += 1)
      if (state.next[job] === day.firstStep[job + 1])
        tardiness += day.weight[job]! * Math.max(0, state.jobEnd[job]! - day.due[job]!);
    const before = passed.get(key) ?? [];
    for (const each of before)
      if (
        each.free <= free + EPSILON &&
        each.tardiness <= tardiness + EPSILON &&
        (!flattens ||
          each.worked.every((worked, stone) => worked <= state.stoneWorked[stone]! + EPSILON))
      )
        return true;
    if (passedCount < MOST_PASSED) {
      before.push({ free, tardiness, worked: Float64Array.from(state.stoneWorked) });
      passed.set(key, before);
      passedCount += 1;
    }
    return false;
  };

  const isHopeless = (state: DayState): boolean => {
    const bound = lowerBound(state, room);
    return (
      bound.tardiness > bestTardiness + EPSILON ||
      (bound.tardiness > bestTardiness - EPSILON && bound.makespan > bestMakespan - EPSILON)
    );
  };

  /** False once too many were looked at. */
  const look = (at: number): boolean => {
    const state = states[at]!;
    nodes += 1;
    if (nodes > mostNodes) return false;
    if (at === depth) {
      const tardiness = state.tardiness();
      if (
        tardiness < bestTardiness - EPSILON ||
        (tardiness < bestTardiness + EPSILON && state.makespan < bestMakespan - EPSILON)
      ) {
        bestTardiness = tardiness;
        bestMakespan = state.makespan;
        best = { jobs: Int32Array.from(now.jobs), people: Int8Array.from(now.people) };
      }
      return true;
    }
    if (isHopeless(state) || wasPassed(state)) return true;
    const ways: { readonly job: number; readonly person: number; readonly start: number }[] = [];
    for (let job = 0; job < jobs; job += 1) {
      if (state.next[job] === day.firstStep[job + 1]) continue;
      for (let person = 0; person < people; person += 1) {
        ways.push({ job, person, start: state.startOf(job, person) });
        // People who have done nothing yet are alike.
        if (isFresh(state, person)) break;
      }
    }
    // What is due first and can begin first is looked at first.
    ways.sort((a, b) => day.due[a.job]! - day.due[b.job]! || a.start - b.start);
    for (const { job, person } of ways) {
      const next = states[at + 1]!;
      next.copyFrom(state);
      next.place(job, person);
      now.jobs[at] = job;
      now.people[at] = person;
      if (!look(at + 1)) return false;
    }
    return true;
  };

  const isFresh = (state: DayState, person: number): boolean =>
    state.personFree[person] === day.personFree[person] &&
    day.personStone[person] === -1 &&
    state.personStone[person] === -1 &&
    day.personFree.every((free) => free === day.personFree[0]) &&
    day.awayFrom.every((from) => from === Infinity) &&
    day.personStone.every((stone) => stone === -1);

  states[0]!.reset();
  const isProven = look(0);
  return { order: best, isProven };
};
