/**
 * The order of a day by search: rules of thumb first, then orders varied at random, of which a worse one is taken at times
 * and ever more seldom, to get out of a corner (annealing; Kirkpatrick, Gelatt and Vecchi 1983). Small days are solved
 * exactly. The same seed finds the same.
 */
import { seededUniform } from '../statistics';
import { BoundRoom, lowerBound } from './day-bound';
import { exactDay } from './day-exact';
import {
  DayState,
  sheetOf,
  WHOEVER,
  type CompiledDay,
  type DayPlace,
  type DaySheet,
  type NumberedOrder,
} from './day-model';
import { DayMoves } from './day-moves';
import { DayReinsertion, type MarkedOrder } from './day-reinsertion';
import { dueDateOrder, orderBefore, pressingOrder, stoneByStoneOrder } from './day-rules';
import { placeRun } from './day-run';

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

/** How a search climbs down. */
interface Climbing {
  /** One sum of late minutes and the length of the day. */
  readonly lateness: number;
  readonly makespan: number;
  /** Of a usual step: so much worse is often taken at the beginning, and at the end. */
  readonly warmest: number;
  readonly coolest: number;
  /** How often blades are taken out and put back where they do least harm, and how many orders are drawn of it. */
  readonly reinsertions: number;
  readonly draws: number;
}
const WHILE_LATE: Climbing = {
  lateness: 1,
  makespan: 0.2,
  warmest: 8,
  coolest: 0.5,
  reinsertions: 0.1,
  draws: 4,
};
/** Once all is in time that can be, there is the length of the day left; nothing is due that a blade could be put before. */
const IN_TIME: Climbing = {
  lateness: 40,
  makespan: 12,
  warmest: 4,
  coolest: 0.12,
  reinsertions: 0,
  draws: 0,
};
/** Nodes branch and bound may look at before the search takes over. */
export const MOST_NODES = 120_000;
/**
 * So many orders are tried cool first. If the late minutes stay the same for so many of them, no order changes them: some are
 * late already, and all else is in time.
 */
const FIRST_LOOK = 10_000;
const NO_EARLIER = 4_000;
const FIRST_WARMTH = 0.8;
/** From here on late minutes are as few as they will be, and the day is made short: so far is the search then. */
const MADE_SHORT = 0.85;
/** So far is a search that takes little that is worse, and still looks to what is late. */
export const SETTLED = 0.8;
/** More steps than this are not tried exactly. */
const MOST_EXACT_STEPS = 24;
const SEED = 20_261_128;
/** Places from one mark to the next. */
const STRIDE = 12;
/** A search that goes on as long as it is asked to, and always has an order to give. */
export class DaySearch {
  private readonly state: DayState;
  private readonly uniform: () => number;
  private readonly moves: DayMoves;
  private readonly reinsertion: DayReinsertion;
  private readonly now: Int32Array;
  private readonly tried: Int32Array;
  private readonly best: Int32Array;
  private readonly bestPeople: Int8Array;
  private readonly bestCost: Cost = { tardiness: Infinity, makespan: Infinity };
  /** How the day stands every so many places of `now`: what comes before a change is not reckoned anew. */
  private readonly marks: readonly DayState[];
  /** What a minute's delay there costs, in late minutes: the weights of all that are late and not done yet. */
  private readonly delayCosts: Float64Array;
  private readonly marked: MarkedOrder;
  private climbing = WHILE_LATE;
  private nowSum = Infinity;
  /** Orders tried, and since the late minutes last became fewer. */
  private looked = 0;
  private sinceEarlier = 0;
  private readonly usualStep: number;
  private proven = false;
  private hasPressed = false;
  readonly bound: OrderedDay['bound'];

  /** `before`: an order the day had, as far as it still holds; the new one begins with it. */
  constructor(
    readonly day: CompiledDay,
    before: readonly DayPlace[] = [],
    seed = SEED,
  ) {
    this.state = new DayState(day);
    this.uniform = seededUniform(seed);
    this.moves = new DayMoves(day, this.uniform);
    this.reinsertion = new DayReinsertion(day, this.uniform);
    this.now = new Int32Array(day.stepCount);
    this.tried = new Int32Array(day.stepCount);
    this.best = new Int32Array(day.stepCount);
    this.bestPeople = new Int8Array(day.stepCount).fill(WHOEVER);
    this.usualStep =
      day.stepMinutes.reduce((sum, minutes) => sum + minutes, 0) / Math.max(1, day.stepCount);
    const { tardiness, makespan } = lowerBound(
      new DayState(day),
      new BoundRoom(day.input.jobs.length, day.stoneCount),
    );
    this.bound = { tardiness, makespanMinutes: makespan };
    const marks = Math.max(1, Math.ceil(day.stepCount / STRIDE));
    this.marks = Array.from({ length: marks }, () => new DayState(day));
    this.delayCosts = new Float64Array(marks);
    this.marked = {
      order: this.now,
      marks: this.marks,
      stride: STRIDE,
      delayCosts: this.delayCosts,
    };
    this.beginWith(dueDateOrder(day), stoneByStoneOrder(day), ...orderBefore(day, before));
  }

  /** Goes on from the best of these and what there is. */
  private beginWith(...orders: readonly NumberedOrder[]): void {
    for (const { jobs } of orders) {
      this.tried.set(jobs);
      this.runFrom(0, Infinity);
      this.keepBest();
    }
    this.now.set(this.best);
    this.takeNow(0);
  }

  /** The state at the mark before a place, as `now` leads to it; gives where that mark is. The first is the morning. */
  private backTo(place: number): number {
    const mark = Math.floor(place / STRIDE);
    this.state.copyFrom(this.marks[mark]!);
    return mark * STRIDE;
  }

  /** The first place at which `tried` is another order than `now`; past the last where it is not. */
  private firstChange(): number {
    const { now, tried } = this;
    let first = 0;
    while (first < now.length && tried[first] === now[first]) first += 1;
    return first;
  }

  /** What `tried` comes to, from a place on at which it differs from `now`; Infinity as soon as it is above the limit. */
  private runFrom(first: number, limit: number): number {
    const { state, tried } = this;
    const from = this.backTo(first);
    return this.sumOf(placeRun(state, tried, from, tried.length, this.mostLate(limit)));
  }

  private sumOf(late: number): number {
    return this.climbing.lateness * late + this.climbing.makespan * this.state.makespan;
  }

  private mostLate(sum: number): number {
    return sum / this.climbing.lateness;
  }

  /** Keeps `tried`, as it has just been run to its end, where nothing better is known. */
  private keepBest(): void {
    const cost = { tardiness: this.state.late, makespan: this.state.makespan };
    if (!isBetter(cost, this.bestCost)) return;
    this.best.set(this.tried);
    this.bestPeople.fill(WHOEVER);
    Object.assign(this.bestCost, cost);
  }

  /** `now` changed from a place on: its marks with it. */
  private takeNow(first: number): void {
    const { state, now, day, marks } = this;
    for (let at = this.backTo(first) / STRIDE; at < marks.length; at += 1) {
      marks[at]!.copyFrom(state);
      placeRun(state, now, at * STRIDE, Math.min(now.length, (at + 1) * STRIDE), Infinity);
    }
    this.nowSum = this.sumOf(state.late);
    for (let at = 0; at < marks.length; at += 1) {
      const { next } = marks[at]!;
      let cost = this.climbing.makespan;
      for (let job = 0; job < next.length; job += 1)
        if (state.jobEnd[job]! > day.due[job]! && next[job]! < day.firstStep[job + 1]!)
          cost += this.climbing.lateness * day.weight[job]!;
      this.delayCosts[at] = cost;
    }
    this.moves.begin(now);
  }

  /**
   * What `tried` comes to; Infinity where it is above the limit, or looks so after the last place that differs: from there
   * on all comes as it did, so much later or sooner.
   */
  private sumOfTried(limit: number): number {
    const { now, tried, state, marks } = this;
    const first = this.firstChange();
    if (first === now.length) return Infinity;
    let last = now.length - 1;
    while (tried[last] === now[last]) last -= 1;
    const after = Math.ceil((last + 1) / STRIDE);
    if (after >= marks.length) return this.runFrom(first, limit);
    const there = marks[after]!;
    placeRun(state, tried, this.backTo(first), after * STRIDE, Infinity);
    let delay = 0;
    for (let person = 0; person < state.personFree.length; person += 1)
      delay += state.personFree[person]! - there.personFree[person]!;
    delay /= state.personFree.length;
    const expected =
      this.nowSum +
      this.climbing.lateness * (state.late - there.late) +
      delay * this.delayCosts[after]!;
    if (expected > limit) return Infinity;
    return this.sumOf(placeRun(state, tried, after * STRIDE, tried.length, this.mostLate(limit)));
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

  /** It is not known yet whether late minutes can be helped. */
  private get isFirstLook(): boolean {
    return this.climbing === WHILE_LATE && this.looked < FIRST_LOOK;
  }

  /** Nothing is late, or what is cannot be helped. */
  private isAsEarlyAsCanBe(): boolean {
    return (
      this.bestCost.tardiness <= this.bound.tardiness + EPSILON ||
      (this.isFirstLook && this.sinceEarlier >= NO_EARLIER)
    );
  }

  /** So much worse is often taken. */
  private heatAt(progress: number): number {
    const { warmest, coolest } = this.climbing;
    const warmth =
      warmest *
      (coolest / warmest) ** (this.climbing === WHILE_LATE ? progress / MADE_SHORT : progress);
    return this.usualStep * (this.isFirstLook ? Math.min(FIRST_WARMTH, warmth) : warmth);
  }

  /**
   * So many orders tried, of a search that has come so far, from 0 to 1: the further, the less it takes what is worse.
   * True where a better one was found.
   */
  improve(tries: number, progress = 0.5): boolean {
    if (this.proven || this.day.stepCount < 2) return false;
    // The first order is there without it: it takes as long as all else together.
    if (!this.hasPressed) this.beginWith(pressingOrder(this.day, { patience: 15, dislike: 3 }));
    this.hasPressed = true;
    const { tardiness: before, makespan: beforeMakespan } = this.bestCost;
    if (this.climbing === WHILE_LATE && (progress >= MADE_SHORT || this.isAsEarlyAsCanBe())) {
      this.climbing = IN_TIME;
      this.now.set(this.best);
      this.takeNow(0);
    }
    const { lateness, reinsertions, draws } = this.climbing;
    const heat = this.heatAt(progress);
    const { now, tried } = this;
    let drawsLeft = 0;
    for (let each = 0; each < tries; each += 1) {
      tried.set(now);
      if (drawsLeft === 0 && this.uniform() < reinsertions) {
        this.reinsertion.take(this.marked, lateness, heat);
        drawsLeft = draws;
      }
      if (drawsLeft > 0) {
        this.reinsertion.draw(tried, heat);
        drawsLeft -= 1;
      } else this.moves.vary(tried);
      // What may be taken is drawn before it is reckoned: most orders are given up half way.
      const limit = this.nowSum - heat * Math.log(1 - this.uniform());
      const sum = this.sumOfTried(limit);
      if (sum > limit) continue;
      this.keepBest();
      const first = this.firstChange();
      now.set(tried);
      this.takeNow(first);
    }
    this.looked += tries;
    this.sinceEarlier = this.bestCost.tardiness < before - EPSILON ? 0 : this.sinceEarlier + tries;
    return isBetter(this.bestCost, { tardiness: before, makespan: beforeMakespan });
  }

  /** Nothing is better than what was found. */
  get isProven(): boolean {
    return (
      this.proven ||
      (this.bestCost.tardiness <= this.bound.tardiness + EPSILON &&
        this.bestCost.makespan <= this.bound.makespanMinutes + EPSILON)
    );
  }

  result(): OrderedDay {
    const sheet = sheetOf(this.day, { jobs: this.best, people: this.bestPeople });
    return { ...sheet, isBest: this.isProven, bound: this.bound };
  }
}
