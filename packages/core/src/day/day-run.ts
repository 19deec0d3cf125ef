/**
 * Many steps placed one after another, each by whoever can begin it first: `DayState.place` without what only a finished
 * sheet tells. A search does nothing else, so that one or two people, which is nearly every bench, have a loop of their own
 * with nothing called in it.
 */
import type { DayState } from './day-model';

/** A third and fourth person are looked at in a loop. */
const runOfMany = (
  state: DayState,
  jobs: Int32Array,
  from: number,
  to: number,
  limit: number,
): number => {
  const { day, next } = state;
  for (let index = from; index < to; index += 1) {
    const job = jobs[index]!;
    state.place(job, state.whoever(job));
    const end = state.jobEnd[job]!;
    if (next[job] === day.firstStep[job + 1] && end > day.due[job]!) {
      state.late += day.weight[job]! * (end - day.due[job]!);
      if (state.late > limit) return Infinity;
    }
  }
  return state.late;
};

const runOfTwo = (
  state: DayState,
  jobs: Int32Array,
  from: number,
  to: number,
  limit: number,
): number => {
  const { day, next, jobEnd, personFree, personStone, stoneFree, stoneWorked } = state;
  const { firstStep, stepStone, stepMinutes, changeRow, change, flattenEvery } = day;
  const { flattenMinutes, due, weight, awayFrom, awayUntil } = day;
  const isAlone = personFree.length === 1;
  // Nobody beside: who is never free never begins first.
  let oneFree = personFree[0]!;
  let otherFree = isAlone ? Infinity : personFree[1]!;
  let oneStone = personStone[0]!;
  let otherStone = isAlone ? -1 : personStone[1]!;
  const oneAway = awayFrom[0]!;
  const oneBack = awayUntil[0]!;
  const otherAway = isAlone ? Infinity : awayFrom[1]!;
  const otherBack = isAlone ? -Infinity : awayUntil[1]!;
  let { late, makespan } = state;
  for (let index = from; index < to; index += 1) {
    const job = jobs[index]!;
    const step = next[job]!;
    const stone = stepStone[step]!;
    const minutes = stepMinutes[step]!;
    const jobReady = jobEnd[job]!;
    const stoneReady = stoneFree[stone]!;
    let worked = stoneWorked[stone]!;
    let flattening = 0;
    if (worked > 0 && worked + minutes > flattenEvery[stone]!) {
      flattening = flattenMinutes[stone]!;
      worked = 0;
    }
    let one = oneFree + change[(oneStone + 1) * changeRow + stone]!;
    if (stoneReady > one) one = stoneReady;
    one += flattening;
    if (jobReady > one) one = jobReady;
    if (one < oneBack && one + minutes > oneAway) one = oneBack;
    let other = otherFree + change[(otherStone + 1) * changeRow + stone]!;
    if (stoneReady > other) other = stoneReady;
    other += flattening;
    if (jobReady > other) other = jobReady;
    if (other < otherBack && other + minutes > otherAway) other = otherBack;
    let end = one + minutes;
    if (other < one || (other === one && otherStone === stone && oneStone !== stone)) {
      end = other + minutes;
      otherFree = end;
      otherStone = stone;
    } else {
      oneFree = end;
      oneStone = stone;
    }
    stoneFree[stone] = end;
    stoneWorked[stone] = worked + minutes;
    jobEnd[job] = end;
    next[job] = step + 1;
    if (end > makespan) makespan = end;
    if (step + 1 === firstStep[job + 1]! && end > due[job]!) {
      late += weight[job]! * (end - due[job]!);
      if (late > limit) return Infinity;
    }
  }
  personFree[0] = oneFree;
  personStone[0] = oneStone;
  if (!isAlone) {
    personFree[1] = otherFree;
    personStone[1] = otherStone;
  }
  state.late = late;
  state.makespan = makespan;
  return late;
};

/**
 * Places the entries of an order from one index up to another. Gives the late minutes of the jobs that are done, or
 * Infinity as soon as they are above the limit; the state is of no use then.
 */
export const placeRun = (
  state: DayState,
  jobs: Int32Array,
  from: number,
  to: number,
  limit: number,
): number =>
  state.personFree.length <= 2
    ? runOfTwo(state, jobs, from, to, limit)
    : runOfMany(state, jobs, from, to, limit);
