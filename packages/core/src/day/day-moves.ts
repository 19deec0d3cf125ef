/** The ways one order of a day becomes another: small ones that mend, and whole blades taken out and put in elsewhere. */
import type { CompiledDay } from './day-model';

/** Changes orders in place; all that is drawn comes from `uniform`. */
export class DayMoves {
  private readonly others: Int32Array;
  private readonly before: Int32Array;
  private readonly wanted: Int32Array;
  /** Which stone each place of the order asks for that is varied, and which those of the others do. */
  private readonly stones: Int32Array;
  private readonly otherStones: Int32Array;
  private readonly next: Int32Array;

  constructor(
    private readonly day: CompiledDay,
    private readonly uniform: () => number,
  ) {
    const longest = Math.max(0, ...day.input.jobs.map(({ steps }) => steps.length));
    this.others = new Int32Array(day.stepCount);
    this.before = new Int32Array(longest);
    this.wanted = new Int32Array(longest);
    this.stones = new Int32Array(day.stepCount);
    this.otherStones = new Int32Array(day.stepCount);
    this.next = new Int32Array(day.input.jobs.length);
  }

  /** To be called with each order that is varied from now on. */
  begin(order: Int32Array): void {
    const { day, next, stones } = this;
    next.fill(0);
    for (let index = 0; index < order.length; index += 1) {
      const job = order[index]!;
      stones[index] = day.stepStone[day.firstStep[job]! + next[job]!]!;
      next[job]! += 1;
    }
  }

  private below(limit: number): number {
    return Math.floor(this.uniform() * limit);
  }

  /** Most good moves are short. */
  private shift(length: number): number {
    const reach = 1 + Math.floor(this.uniform() ** 3 * length);
    return this.uniform() < 0.5 ? -reach : reach;
  }

  /** Where what lies together with a place on one stone begins, and one past where it ends. */
  private workFrom(at: number): number {
    let from = at;
    while (from > 0 && this.stones[from - 1] === this.stones[at]) from -= 1;
    return from;
  }
  private workUntil(at: number): number {
    let until = at + 1;
    while (until < this.stones.length && this.stones[until] === this.stones[at]) until += 1;
    return until;
  }

  /** Takes a run of places out and puts it in elsewhere. */
  private moveRun(order: Int32Array, from: number, count: number, to: number): void {
    const moved = this.others;
    for (let index = 0; index < count; index += 1) moved[index] = order[from + index]!;
    if (to > from) order.copyWithin(from, from + count, to + count);
    else order.copyWithin(to + count, to, from);
    for (let index = 0; index < count; index += 1) order[to + index] = moved[index]!;
  }

  private reinsert(order: Int32Array): void {
    const count = this.uniform() < 0.75 ? 1 : 2 + this.below(4);
    if (count >= order.length) return;
    const from = this.below(order.length - count + 1);
    const to = Math.max(0, Math.min(order.length - count, from + this.shift(order.length)));
    this.moveRun(order, from, count, to);
  }

  /** Takes all that lies together on one stone out and puts it in between two others. */
  private reinsertWork(order: Int32Array): void {
    const at = this.below(order.length);
    const from = this.workFrom(at);
    const count = this.workUntil(at) - from;
    if (count >= order.length) return;
    const to = Math.max(0, Math.min(order.length - count, from + this.shift(order.length)));
    // Not into the middle of what lies together there.
    const between = to > from ? this.workUntil(to + count - 1) - count : this.workFrom(to);
    this.moveRun(order, from, count, between);
  }

  private swap(order: Int32Array): void {
    const from = this.below(order.length);
    const to = Math.max(0, Math.min(order.length - 1, from + this.shift(order.length)));
    const kept = order[from]!;
    order[from] = order[to]!;
    order[to] = kept;
  }

  /** Brings the next work on the same stone up to a place, or what lies there down to it: a step, or all that lie together. */
  private gather(order: Int32Array): void {
    const { stones } = this;
    const at = this.below(order.length);
    const stone = stones[at]!;
    const isWhole = this.uniform() < 0.5;
    const from = isWhole ? this.workFrom(at) : at;
    const until = isWhole ? this.workUntil(at) : at + 1;
    let found = until;
    while (found < order.length && stones[found] !== stone) found += 1;
    if (found === order.length || found === until) return;
    const end = isWhole ? this.workUntil(found) : found + 1;
    if (this.uniform() < 0.5) this.moveRun(order, found, end - found, until);
    else this.moveRun(order, from, until - from, found - (until - from));
  }

  /** Two blades change places; the longer keeps what the shorter has no places for. */
  private exchange(order: Int32Array): void {
    const one = order[this.below(order.length)]!;
    const other = order[this.below(order.length)]!;
    if (one === other) return;
    const { firstStep } = this.day;
    const shared = Math.min(
      firstStep[one + 1]! - firstStep[one]!,
      firstStep[other + 1]! - firstStep[other]!,
    );
    let leftOfOne = shared;
    let leftOfOther = shared;
    for (let index = order.length - 1; leftOfOne + leftOfOther > 0; index -= 1)
      if (order[index] === one && leftOfOne > 0) {
        order[index] = other;
        leftOfOne -= 1;
      } else if (order[index] === other && leftOfOther > 0) {
        order[index] = one;
        leftOfOther -= 1;
      }
  }

  /**
   * Takes all steps of a blade out and puts them in elsewhere: as they lay, or closer to one another, and beside one that
   * is done on the same stone where there is one near.
   */
  private replace(order: Int32Array): void {
    const { others, otherStones, before, wanted, day, stones } = this;
    const job = order[this.below(order.length)]!;
    let count = 0;
    let rest = 0;
    for (let index = 0; index < order.length; index += 1) {
      const each = order[index]!;
      if (each === job) {
        before[count] = rest;
        count += 1;
      } else {
        others[rest] = each;
        otherStones[rest] = stones[index]!;
        rest += 1;
      }
    }
    const shift = this.uniform() < 0.2 ? 0 : this.shift(rest);
    const close = this.uniform();
    const last = Math.max(0, Math.min(rest, before[count - 1]! + shift));
    const isGathered = this.uniform() < 0.7;
    const reach = isGathered ? 2 + this.below(30) : 0;
    const isBehind = this.uniform() < 0.5 ? 1 : 0;
    let least = 0;
    for (let step = 0; step < count; step += 1) {
      const as = Math.max(0, Math.min(rest, before[step]! + shift));
      let place = Math.max(least, close < 0.4 ? as : close < 0.6 ? last : (as + last) >> 1);
      if (isGathered) {
        const stone = day.stepStone[day.firstStep[job]! + step]!;
        for (let away = 0; away <= reach; away += 1) {
          if (place - away > least && otherStones[place - away - 1] === stone) {
            place -= away;
            break;
          }
          if (place + away < rest && otherStones[place + away] === stone) {
            place += away + isBehind;
            break;
          }
        }
      }
      wanted[step] = place;
      least = place;
    }
    let placed = 0;
    let index = 0;
    for (let other = 0; other <= rest; other += 1) {
      while (placed < count && wanted[placed] === other) {
        order[index] = job;
        index += 1;
        placed += 1;
      }
      if (other < rest) {
        order[index] = others[other]!;
        index += 1;
      }
    }
  }

  /** Another order out of the one last begun with, in its place. */
  vary(order: Int32Array): void {
    const kind = this.uniform();
    if (kind < 0.08) this.reinsert(order);
    else if (kind < 0.2) this.reinsertWork(order);
    else if (kind < 0.24) this.swap(order);
    else if (kind < 0.54) this.gather(order);
    else if (kind < 0.59) this.exchange(order);
    else this.replace(order);
  }
}
