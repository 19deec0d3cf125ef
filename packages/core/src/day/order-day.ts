/**
 * The order of the day: exact where branch and bound reaches, beyond that rules of thumb made better by a search that
 * moves, swaps and gathers steps, and at times takes a worse order to get out of a corner. The same seed finds the same.
 */
import { seededUniform } from '../statistics';
import { ok, type Result } from '../units';
import { BoundRoom, lowerBound } from './day-bound';
import { exactDay } from './day-exact';
import {
  compileDay,
  DayState,
  sheetOf,
  WHOEVER,
  type CompiledDay,
  type DayInput,
  type DaySheet,
  type NumberedOrder,
} from './day-model';
import { dueDateOrder, pressingOrder, stoneByStoneOrder, type Pressing } from './day-rules';

export interface OrderedDay extends DaySheet {
  /** Nothing is better. */
  readonly isBest: boolean;
  /** What no order can beat. */
  readonly bound: { readonly tardiness: number; readonly makespanMinutes: number };
}

interface Cost {
  tardiness: number;
  makespan: number;
}

const EPSILON = 1e-9;
const isBetter = (one: Cost, other: Cost): boolean =>
  one.tardiness < other.tardiness - EPSILON ||
  (one.tardiness < other.tardiness + EPSILON && one.makespan < other.makespan - EPSILON);

/** One sum for the search to climb down: late minutes first, the length of the day a little. */
const MAKESPAN_WEIGHT = 0.02;
const sumOf = ({ tardiness, makespan }: Cost): number => tardiness + MAKESPAN_WEIGHT * makespan;

/** Ways of being pressed that are tried first. */
const PRESSING: readonly Pressing[] = [2, 6, 15, 40].flatMap((patience) =>
  [1, 3, 8].map((dislike) => ({ patience, dislike })),
);

/** Nodes branch and bound may look at before the search takes over. */
const MOST_NODES = 120_000;
/** More steps than this are not tried exactly. */
const MOST_EXACT_STEPS = 24;
const SEED = 20_261_128;
/** Steps from one mark to the next. */
const STRIDE = 48;
/** At the end of a search, as a share of its beginning. */
const COOLEST = 0.002;

/** A search that goes on as long as it is asked to, and always has an order to give. */
export class DaySearch {
  private readonly state: DayState;
  private readonly uniform: () => number;
  private readonly now: Int32Array;
  private readonly tried: Int32Array;
  private readonly best: Int32Array;
  private readonly cost: Cost = { tardiness: 0, makespan: 0 };
  private readonly bestCost: Cost = { tardiness: Infinity, makespan: Infinity };
  private readonly bestPeople: Int8Array;
  /** How the day stands every so many steps of `now`, and of `tried`: what comes before a change is not reckoned anew. */
  private marks: DayState[];
  private triedMarks: DayState[];
  private nowSum: number;
  private readonly heat: number;
  private proven = false;
  readonly bound: OrderedDay['bound'];

  constructor(
    readonly day: CompiledDay,
    seed = SEED,
  ) {
    this.state = new DayState(day);
    this.uniform = seededUniform(seed);
    this.now = new Int32Array(day.stepCount);
    this.tried = new Int32Array(day.stepCount);
    this.best = new Int32Array(day.stepCount);
    this.bestPeople = new Int8Array(day.stepCount).fill(WHOEVER);
    const { tardiness, makespan } = lowerBound(
      new DayState(day),
      new BoundRoom(day.input.jobs.length, day.um.length),
    );
    this.bound = { tardiness, makespanMinutes: makespan };
    const starts = [
      dueDateOrder(day),
      stoneByStoneOrder(day),
      ...PRESSING.map((pressing) => pressingOrder(day, pressing)),
    ];
    for (const { jobs } of starts) this.keep(jobs);
    const marks = Math.ceil(day.stepCount / STRIDE) + 1;
    this.marks = Array.from({ length: marks }, () => new DayState(day));
    this.triedMarks = Array.from({ length: marks }, () => new DayState(day));
    this.now.set(this.best);
    this.tried.set(this.best);
    this.nowSum = this.runFrom(0, Infinity);
    this.keepStates(0);
    // Warm enough to take what is a few minutes worse.
    this.heat = Math.max(1, this.nowSum / Math.max(1, day.input.jobs.length));
  }

  private run(jobs: Int32Array): Cost {
    const { state, cost } = this;
    state.reset();
    for (const job of jobs) state.place(job, WHOEVER);
    cost.tardiness = state.tardiness();
    cost.makespan = state.makespan;
    return cost;
  }

  private keep(jobs: Int32Array): void {
    if (!isBetter(this.run(jobs), this.bestCost)) return;
    this.best.set(jobs);
    this.bestPeople.fill(WHOEVER);
    Object.assign(this.bestCost, this.cost);
  }

  /** What `tried` comes to, where it differs from `now` from there on; Infinity as soon as it is above the limit. */
  private runFrom(first: number, limit: number): number {
    const { state, tried, cost } = this;
    const mark = Math.floor(first / STRIDE);
    state.copyFrom(this.marks[mark]!);
    const late = state.takeAll(tried, mark * STRIDE, limit, STRIDE, this.mark);
    if (late === Infinity) return Infinity;
    cost.tardiness = late;
    cost.makespan = state.makespan;
    return sumOf(cost);
  }

  private readonly mark = (index: number): void => {
    this.triedMarks[index / STRIDE]!.copyFrom(this.state);
  };

  /** What was tried is taken: its states are those of `now` from there on. */
  private keepStates(first: number): void {
    for (let mark = Math.floor(first / STRIDE); mark < this.marks.length; mark += 1)
      [this.marks[mark], this.triedMarks[mark]] = [this.triedMarks[mark]!, this.marks[mark]!];
  }

  /** The best of all, where branch and bound reaches that far. */
  tryExactly(mostNodes = MOST_NODES): void {
    if (this.proven || this.day.stepCount > MOST_EXACT_STEPS) return;
    const exact = exactDay(this.day, this.bestCost, mostNodes);
    this.proven = exact.isProven;
    if (!exact.order) return;
    this.best.set(exact.order.jobs);
    this.bestPeople.set(exact.order.people);
    const state = new DayState(this.day);
    exact.order.jobs.forEach((job, index) => state.place(job, exact.order!.people[index]!));
    this.bestCost.tardiness = state.tardiness();
    this.bestCost.makespan = state.makespan;
  }

  private at(): number {
    return Math.floor(this.uniform() * this.now.length);
  }

  /** Takes a run of entries out and puts it in elsewhere. */
  private reinsert(from: number, count: number, to: number): void {
    const { tried } = this;
    const moved = tried.slice(from, from + count);
    if (to > from) {
      const end = Math.min(to, tried.length - count);
      tried.copyWithin(from, from + count, end + count);
      tried.set(moved, end);
    } else {
      tried.copyWithin(to + count, to, from);
      tried.set(moved, to);
    }
  }

  /** Brings the next step on the same stone of another blade beside one. */
  private gather(at: number): void {
    const { day, tried } = this;
    const next = new Int32Array(day.input.jobs.length);
    let stone = -1;
    for (let index = 0; index < tried.length; index += 1) {
      const job = tried[index]!;
      const here = day.stepStone[day.firstStep[job]! + next[job]!]!;
      next[job]! += 1;
      if (index === at) stone = here;
      else if (index > at + 1 && here === stone && tried[at] !== job) {
        this.reinsert(index, 1, at + 1);
        return;
      }
    }
  }

  /** Another order in `tried`; gives the first place that differs from `now`. */
  private vary(): number {
    this.tried.set(this.now);
    const kind = this.uniform();
    const from = this.at();
    if (kind >= 0.75) {
      this.gather(from);
      return from + 1;
    }
    // Most good moves are short.
    const reach = 1 + Math.floor(this.uniform() * this.uniform() * this.now.length);
    const to = Math.max(
      0,
      Math.min(this.now.length - 1, from + (this.uniform() < 0.5 ? -reach : reach)),
    );
    if (kind < 0.35) this.reinsert(from, 1, to);
    else if (kind < 0.45) {
      const count = Math.min(this.now.length - from, 2 + Math.floor(3 * this.uniform()));
      this.reinsert(from, count, Math.min(to, this.now.length - count));
    } else [this.tried[from], this.tried[to]] = [this.tried[to]!, this.tried[from]!];
    return Math.min(from, to, this.now.length - 1);
  }

  /**
   * So many orders tried, of a search that has come so far, from 0 to 1: the further, the less it takes what is worse.
   * True where a better one was found.
   */
  improve(tries: number, progress = 0.5): boolean {
    if (this.proven || this.day.stepCount < 2) return false;
    const { tardiness: before, makespan: beforeMakespan } = this.bestCost;
    const heat = this.heat * COOLEST ** progress;
    for (let each = 0; each < tries; each += 1) {
      const first = this.vary();
      // What may be taken is drawn before it is reckoned: most orders are given up half way.
      const limit = this.nowSum - heat * Math.log(1 - this.uniform());
      const sum = this.runFrom(first, limit);
      if (sum > limit) continue;
      this.now.set(this.tried);
      this.nowSum = sum;
      this.keepStates(first);
      if (!isBetter(this.cost, this.bestCost)) continue;
      this.best.set(this.tried);
      this.bestPeople.fill(WHOEVER);
      Object.assign(this.bestCost, this.cost);
    }
    return isBetter(this.bestCost, { tardiness: before, makespan: beforeMakespan });
  }

  result(): OrderedDay {
    const order: NumberedOrder = { jobs: this.best, people: this.bestPeople };
    const sheet = sheetOf(this.day, order);
    const isAtBound =
      sheet.tardiness <= this.bound.tardiness + EPSILON &&
      sheet.makespanMinutes <= this.bound.makespanMinutes + EPSILON;
    return { ...sheet, isBest: this.proven || isAtBound, bound: this.bound };
  }
}

/**
 * The best order found within so many orders tried; exact for small days. Errors: INVALID_INPUT for a stone that is not
 * there.
 */
export const orderDay = (
  input: DayInput,
  tries: number,
  mostNodes = MOST_NODES,
): Result<OrderedDay> => {
  const compiled = compileDay(input);
  if (!compiled.ok) return compiled;
  const search = new DaySearch(compiled.value);
  search.tryExactly(mostNodes);
  search.improve(tries);
  return ok(search.result());
};
