/**
 * Blades taken out of a stretch of an order and put back where they do least harm. What a minute more costs is known at
 * each place, so that the best places of all steps of a blade are found together, by dynamic programming. What they turn
 * round behind them is not foreseen: an order that is drawn has to be reckoned like any other.
 */
import { DayState, WHOEVER, type CompiledDay } from './day-model';
import { writeWith } from './day-moves';

/** The order that is searched from, and how the day stands every `stride` places of it. */
export interface MarkedOrder {
  readonly order: Int32Array;
  readonly marks: readonly DayState[];
  readonly stride: number;
  /** What a minute's delay there costs, in late minutes. */
  readonly delayCosts: Float64Array;
}

/** So many blades are taken out with this chance, or fewer. */
const ONE = 0.6;
const TWO = 0.85;
/** A second and third lie so near to the first. */
const NEAR = 15;
/** Places on each side of the first, from and up to. */
const LEAST_REACH = 10;
const REACH = 200;
/** Of the heat: so much the costs of places are out, by chance, so that it is not always the same that are best. */
const DOUBT = 0.3;
const DRAWN = 4096;

export class DayReinsertion {
  private readonly state: DayState;
  private readonly people: number;
  /** One row of a table by step and place. */
  private readonly width: number;
  /** The stretch: the place where it begins, and what is left in it. */
  private from = 0;
  private readonly rest: Int32Array;
  private count = 0;
  /** Before each place of it, by person: when they are free, and the row of `change` for the stone before them. */
  private readonly free: Float64Array;
  private readonly changeFrom: Int32Array;
  /** The stone each takes up from there on, as a column of `change`. */
  private readonly takesUp: Int32Array;
  /** Of what lies at each place: who does it, on what stone, and when it ends. */
  private readonly doneBy: Int8Array;
  private readonly stoneAt: Int32Array;
  private readonly endAt: Float64Array;
  /** What a minute of one person costs there. */
  private readonly minuteCost: Float64Array;
  /** The blade that is put in, and how many of its steps lie in the stretch. */
  private job = 0;
  private steps = 0;
  /** By step and place: the least cost so far, where the step before lies for it, who does it, and when it ends. */
  private readonly cost: Float64Array;
  private readonly before: Int16Array;
  private readonly doer: Int8Array;
  private readonly ends: Float64Array;
  private readonly wanted: Int32Array;
  private readonly taken: Int32Array;
  private readonly out = new Int32Array(3);
  /** Drawn once: drawing anew at each place would take as long as all the rest. */
  private readonly doubts: Float64Array;

  constructor(
    private readonly day: CompiledDay,
    private readonly uniform: () => number,
  ) {
    const width = day.stepCount + 1;
    const people = day.personFree.length;
    const longest = Math.max(0, ...day.input.jobs.map(({ steps }) => steps.length));
    this.width = width;
    this.people = people;
    this.state = new DayState(day);
    this.rest = new Int32Array(width);
    this.free = new Float64Array(width * people);
    this.changeFrom = new Int32Array(width * people);
    this.takesUp = new Int32Array(width * people);
    this.doneBy = new Int8Array(width);
    this.stoneAt = new Int32Array(width);
    this.endAt = new Float64Array(width);
    this.minuteCost = new Float64Array(width);
    this.cost = new Float64Array(width * longest);
    this.before = new Int16Array(width * longest);
    this.doer = new Int8Array(width * longest);
    this.ends = new Float64Array(width * longest);
    this.wanted = new Int32Array(longest);
    this.taken = new Int32Array(day.input.jobs.length);
    this.doubts = Float64Array.from({ length: DRAWN + 2 * width }, () => -Math.log(1 - uniform()));
  }

  private below(limit: number): number {
    return Math.floor(this.uniform() * limit);
  }

  /**
   * Takes one to three blades, as far as they lie in a stretch of the order, out of it, and finds where each may go.
   * `lateness` is what a late minute costs; `heat`, how much worse may be taken.
   */
  take({ order, marks, stride, delayCosts }: MarkedOrder, lateness: number, heat: number): void {
    const { taken, rest, out, people } = this;
    const centre = this.below(order.length);
    const reach = LEAST_REACH + this.below(REACH);
    const mark = Math.floor(Math.max(0, centre - reach) / stride);
    const from = mark * stride;
    const until = Math.min(order.length, centre + reach);
    const draw = this.uniform();
    const wanted = draw < ONE ? 1 : draw < TWO ? 2 : 3;
    taken.fill(-1);
    out[0] = order[centre]!;
    taken[out[0]] = 0;
    let outs = 1;
    for (let tries = 0; outs < wanted && tries < NEAR; tries += 1) {
      const near = centre + this.below(2 * NEAR + 1) - NEAR;
      if (near < from || near >= until || taken[order[near]!]! >= 0) continue;
      out[outs] = order[near]!;
      taken[out[outs]!] = 0;
      outs += 1;
    }
    let count = 0;
    for (let at = from; at < until; at += 1) {
      const job = order[at]!;
      if (taken[job]! >= 0) taken[job]! += 1;
      else {
        rest[count] = job;
        count += 1;
      }
    }
    for (let at = 0; at <= until - from; at += 1)
      this.minuteCost[at] =
        delayCosts[Math.min(marks.length - 1, Math.floor((from + at) / stride))]! / people;
    this.from = from;
    this.count = count;
    for (let each = 0; each < outs; each += 1) {
      const at = each + this.below(outs - each);
      const job = out[at]!;
      out[at] = out[each]!;
      this.follow(marks[mark]!);
      this.findPlaces(job, marks[mark]!, lateness, DOUBT * heat);
      if (each === outs - 1) return;
      this.choose(0);
      this.count = this.write(rest.slice(0, this.count), rest, 0);
    }
  }

  /** Another order, in place of that which was taken from: the best there is, give or take. */
  draw(order: Int32Array, heat: number): void {
    this.choose(DOUBT * heat);
    this.write(this.rest, order, this.from);
  }

  /** Goes through the stretch as it is without what is out. */
  private follow(morning: DayState): void {
    const { state, day, rest, count, people, free, changeFrom, takesUp, doneBy, stoneAt } = this;
    const { personFree, personStone, next } = state;
    state.copyFrom(morning);
    for (let at = 0; at <= count; at += 1) {
      for (let person = 0; person < people; person += 1) {
        free[at * people + person] = personFree[person]!;
        changeFrom[at * people + person] = (personStone[person]! + 1) * day.changeRow;
      }
      if (at === count) break;
      const job = rest[at]!;
      stoneAt[at] = day.stepStone[next[job]!]!;
      doneBy[at] = state.place(job, WHOEVER);
      this.endAt[at] = state.jobEnd[job]!;
    }
    const last = count * people;
    takesUp.fill(day.stoneCount, last, last + people);
    for (let at = count - 1; at >= 0; at -= 1) {
      for (let person = 0; person < people; person += 1)
        takesUp[at * people + person] = takesUp[(at + 1) * people + person]!;
      takesUp[at * people + doneBy[at]!] = stoneAt[at]!;
    }
  }

  /**
   * What it costs at least to have each step of the job at each place, with those before it where they do best. A step
   * costs the minutes by which it puts off who does it: its own, waiting for its stone, and changing to it and from it
   * where there was another change before. The last costs what the job is late, too.
   */
  private findPlaces(job: number, morning: DayState, lateness: number, doubt: number): void {
    const { day, count, people, width, free, changeFrom, takesUp, stoneAt, endAt, minuteCost } =
      this;
    const { cost, before, doer, ends, doubts } = this;
    const { change, changeRow } = day;
    const first = morning.next[job]!;
    const steps = this.taken[job]!;
    this.job = job;
    this.steps = steps;
    let own = 0;
    for (let step = 0; step < steps; step += 1) {
      const stone = day.stepStone[first + step]!;
      const minutes = day.stepMinutes[first + step]!;
      const row = step * width;
      const above = row - width;
      const fromStone = (stone + 1) * changeRow;
      const fromLast = step === 0 ? 0 : (day.stepStone[first + step - 1]! + 1) * changeRow;
      const jobReady = step === 0 ? morning.jobEnd[job]! : 0;
      const drawn = this.below(DRAWN);
      let stoneFree = morning.stoneFree[stone]!;
      // The step before, at its best place that ends in time; it goes along, as ends come later from place to place.
      let inTime = -1;
      let bestBefore = -1;
      let costBefore = step === 0 ? 0 : Infinity;
      for (let at = 0; at <= count; at += 1) {
        if (at > 0 && stoneAt[at - 1] === stone) stoneFree = endAt[at - 1]!;
        let who = at * people;
        let start = Math.max(free[who]! + change[changeFrom[who]! + stone]!, stoneFree);
        for (let other = who + 1; other < (at + 1) * people; other += 1) {
          const ready = Math.max(free[other]! + change[changeFrom[other]! + stone]!, stoneFree);
          if (ready < start || (ready === start && changeFrom[other] === fromStone)) {
            start = ready;
            who = other;
          }
        }
        if (start < jobReady) start = jobReady;
        const next = takesUp[who]!;
        const added = change[fromStone + next]! - change[changeFrom[who]! + next]!;
        let sum =
          (start - free[who]! + minutes + added) * minuteCost[at]! + doubt * doubts[drawn + at]!;
        let cameFrom = -1;
        let end = start + minutes;
        let by = who - at * people;
        if (step > 0) {
          while (inTime < at - 1 && ends[above + inTime + 1]! <= start) {
            inTime += 1;
            if (cost[above + inTime]! < costBefore) {
              costBefore = cost[above + inTime]!;
              bestBefore = inTime;
            }
          }
          sum += costBefore;
          cameFrom = bestBefore;
          // Or at once after the step before, by who did that.
          const same = doer[above + at]!;
          const nextOfSame = takesUp[at * people + same]!;
          const ended = ends[above + at]!;
          const began = Math.max(ended + change[fromLast + stone]!, stoneFree);
          const addedToSame = change[fromStone + nextOfSame]! - change[fromLast + nextOfSame]!;
          const on =
            cost[above + at]! +
            (began - ended + minutes + addedToSame) * minuteCost[at]! +
            doubt * doubts[drawn + width + at]!;
          if (on < sum) {
            sum = on;
            cameFrom = at;
            end = began + minutes;
            by = same;
          }
        }
        cost[row + at] = sum;
        before[row + at] = cameFrom;
        doer[row + at] = by;
        ends[row + at] = end;
      }
      own += minutes;
    }
    if (first + steps < day.firstStep[job + 1]!) return;
    // Its steps before the last put that off too.
    const row = (steps - 1) * width;
    const due = day.due[job]! - (own - day.stepMinutes[first + steps - 1]!) / people;
    for (let at = 0; at <= count; at += 1)
      cost[row + at]! += lateness * day.weight[job]! * Math.max(0, ends[row + at]! - due);
  }

  /** The places that cost least, each out by chance as far as is doubted. */
  private choose(doubt: number): void {
    const { cost, doubts, count, steps, width } = this;
    const row = (steps - 1) * width;
    const drawn = this.below(DRAWN);
    let least = Infinity;
    let at = count;
    for (let each = 0; each <= count; each += 1) {
      const sum = cost[row + each]! + doubt * doubts[drawn + each]!;
      if (sum >= least) continue;
      least = sum;
      at = each;
    }
    for (let step = steps - 1; step >= 0; step -= 1) {
      this.wanted[step] = at;
      at = this.before[step * width + at]!;
    }
  }

  /** The stretch with the job at its places; gives where it ends. */
  private write(rest: Int32Array, into: Int32Array, from: number): number {
    const wanted = this.wanted.subarray(0, this.steps);
    return writeWith(this.job, wanted, rest.subarray(0, this.count), 0, into, from);
  }
}
