/** The ways one order of a day becomes another: small ones that mend, and whole blades taken out and put in elsewhere. */
import type { CompiledDay } from './day-model';

/**
 * Writes places and a job among them into an order, from an index on. `wanted`: before which of the places each of its steps
 * comes, the first of them counted as `first`. Gives where it ends.
 */
export const writeWith = (
  job: number,
  wanted: Int32Array,
  places: Int32Array,
  first: number,
  order: Int32Array,
  from: number,
): number => {
  let placed = 0;
  let index = from;
  for (let at = 0; at <= places.length; at += 1) {
    while (placed < wanted.length && wanted[placed] === first + at) {
      order[index] = job;
      index += 1;
      placed += 1;
    }
    if (at < places.length) {
      order[index] = places[at]!;
      index += 1;
    }
  }
  return index;
};

/** Changes orders in place; all that is drawn comes from `uniform`. */
export class DayMoves {
  private readonly others: Int32Array;
  private readonly before: Int32Array;
  private readonly wanted: Int32Array;
  /** Which stone each place of the order asks for that is varied. */
  private readonly stones: Int32Array;
  /** Where each step lies in it. */
  private readonly placeOf: Int32Array;
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
    this.placeOf = new Int32Array(day.stepCount);
    this.next = new Int32Array(day.input.jobs.length);
  }

  /** To be called with each order that is varied from now on. */
  begin(order: Int32Array): void {
    const { day, next, stones, placeOf } = this;
    next.set(day.firstStep.subarray(0, -1));
    for (let index = 0; index < order.length; index += 1) {
      const job = order[index]!;
      const step = next[job]!;
      stones[index] = day.stepStone[step]!;
      placeOf[step] = index;
      next[job] = step + 1;
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
    const [lastOfOne, lastOfOther] = [firstStep[one + 1]! - 1, firstStep[other + 1]! - 1];
    const shared = Math.min(lastOfOne - firstStep[one]!, lastOfOther - firstStep[other]!) + 1;
    for (let step = 0; step < shared; step += 1) {
      order[this.placeOf[lastOfOne - step]!] = other;
      order[this.placeOf[lastOfOther - step]!] = one;
    }
  }

  /**
   * Takes all steps of a blade out and puts them in elsewhere: as they lay, or closer to one another, and beside one that
   * is done on the same stone where there is one near.
   */
  private replace(order: Int32Array): void {
    const { others, before, wanted, day, stones, placeOf } = this;
    const job = order[this.below(order.length)]!;
    const first = day.firstStep[job]!;
    const count = day.firstStep[job + 1]! - first;
    const rest = order.length - count;
    // Counted without its own steps, here and below.
    for (let step = 0; step < count; step += 1) before[step] = placeOf[first + step]! - step;
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
        const stone = day.stepStone[first + step]!;
        for (let away = 0; away <= reach; away += 1) {
          if (place - away > least && stones[this.among(place - away - 1, count)] === stone) {
            place -= away;
            break;
          }
          if (place + away < rest && stones[this.among(place + away, count)] === stone) {
            place += away + isBehind;
            break;
          }
        }
      }
      wanted[step] = place;
      least = place;
    }
    const from = Math.min(before[0]!, wanted[0]!);
    const until = Math.max(before[count - 1]!, wanted[count - 1]!);
    for (let other = from; other < until; other += 1)
      others[other] = order[this.among(other, count)]!;
    writeWith(job, wanted.subarray(0, count), others.subarray(from, until), from, order, from);
  }

  /** Where a place lies that is counted without the steps that are taken out. */
  private among(place: number, count: number): number {
    const { before } = this;
    let own = 0;
    while (own < count && before[own]! <= place) own += 1;
    return place + own;
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
