/**
 * The day as a queue: steps of blades, the stones they need one at a time, soaking, flattening, changing and washing, and
 * the people who do them. Minutes run from the start of the day. What an order of steps comes to is worked out here;
 * which order is best is another file's business (docs/method.md, the day).
 */
import { fail, ok, type Result } from '../units';
import { STRINGS } from './strings';

export interface DayStone {
  readonly id: string;
  readonly um: number;
  /** All soaking begins at 0. */
  readonly soakMinutes: number;
  /** Of work it bears before it must be made flat; null where it stays flat. */
  readonly flattenEveryMinutes: number | null;
  readonly flattenMinutes: number;
  /** Since it was last made flat. */
  readonly workedMinutes: number;
}

export interface DayStep {
  readonly stone: string;
  readonly minutes: number;
}

export interface DayJob {
  readonly id: string;
  readonly dueMinutes: number;
  readonly weight: number;
  /** Not before this: it waits for an answer, a part, the glue. */
  readonly notBeforeMinutes?: number;
  readonly steps: readonly DayStep[];
}

export interface DayPerson {
  readonly freeAtMinutes: number;
  /** The stone that lies before them; null at the first. */
  readonly stone: string | null;
  /** Not there from then until then: no step of theirs lies in it, or reaches into it. */
  readonly awayMinutes?: readonly [from: number, until: number];
}

export interface DayInput {
  readonly people: readonly DayPerson[];
  readonly changeMinutes: number;
  readonly washMinutes: number;
  readonly stones: readonly DayStone[];
  readonly jobs: readonly DayJob[];
}

/** The k-th naming of a job is its k-th step; people are counted from 1. */
export interface DayPlace {
  readonly job: string;
  readonly person: number;
}

export interface PlacedStep extends DayPlace {
  /** From 1. */
  readonly step: number;
  readonly stone: string;
  readonly startMinutes: number;
  readonly endMinutes: number;
  /** The stone was made flat for it. */
  readonly flattened: boolean;
}

export interface DaySheet {
  /** Minutes late, each blade by its weight. */
  readonly tardiness: number;
  readonly makespanMinutes: number;
  /** Every taking up of another stone, the first included. */
  readonly changes: number;
  readonly flattenings: number;
  readonly steps: readonly PlacedStep[];
  readonly order: readonly DayPlace[];
}

/** Whoever can begin first takes the step. */
export const WHOEVER = -1;

/** A day by numbers instead of names: for searches that try thousands of orders. */
export interface CompiledDay {
  readonly input: DayInput;
  readonly stepCount: number;
  /** Where the steps of a job begin in the lists of steps, and one past its last. */
  readonly firstStep: Int32Array;
  readonly stepStone: Int32Array;
  readonly stepMinutes: Float64Array;
  readonly due: Float64Array;
  readonly weight: Float64Array;
  readonly notBefore: Float64Array;
  readonly stoneCount: number;
  /** Minutes to take up a stone: a row for each that lies there before, the first for none; the last of a row for none too. */
  readonly change: Float64Array;
  readonly changeRow: number;
  readonly soak: Float64Array;
  /** Infinity where it stays flat. */
  readonly flattenEvery: Float64Array;
  readonly flattenMinutes: Float64Array;
  readonly worked: Float64Array;
  readonly personFree: Float64Array;
  /** -1 for none. */
  readonly personStone: Int32Array;
  /** Infinity, and -Infinity, for who is there all day. */
  readonly awayFrom: Float64Array;
  readonly awayUntil: Float64Array;
}

/** Another stone is a change; washing before a finer one comes to it. */
const changesOf = ({ stones, changeMinutes, washMinutes }: DayInput): Float64Array =>
  Float64Array.from(
    [null, ...stones].flatMap((before) => [
      ...stones.map((stone) =>
        before === stone
          ? 0
          : changeMinutes + (before !== null && stone.um < before.um ? washMinutes : 0),
      ),
      0,
    ]),
  );

/** Errors: INVALID_INPUT for a stone that is not there. */
export const compileDay = (input: DayInput): Result<CompiledDay> => {
  const { jobs, stones, people } = input;
  const stoneIndex = new Map(stones.map(({ id }, index) => [id, index]));
  const firstStep = new Int32Array(jobs.length + 1);
  jobs.forEach(({ steps }, job) => (firstStep[job + 1] = firstStep[job]! + steps.length));
  const stepCount = firstStep[jobs.length]!;
  const stepStone = new Int32Array(stepCount);
  const stepMinutes = new Float64Array(stepCount);
  for (const [job, { steps }] of jobs.entries())
    for (const [index, { stone, minutes }] of steps.entries()) {
      const at = stoneIndex.get(stone);
      if (at === undefined)
        return fail(
          'INVALID_INPUT',
          STRINGS.noSuchStone(stone),
          `jobs[${job}].steps[${index}].stone`,
        );
      stepStone[firstStep[job]! + index] = at;
      stepMinutes[firstStep[job]! + index] = minutes;
    }
  return ok({
    input,
    stepCount,
    firstStep,
    stepStone,
    stepMinutes,
    due: Float64Array.from(jobs, ({ dueMinutes }) => dueMinutes),
    weight: Float64Array.from(jobs, ({ weight }) => weight),
    notBefore: Float64Array.from(jobs, ({ notBeforeMinutes }) => notBeforeMinutes ?? 0),
    stoneCount: stones.length,
    change: changesOf(input),
    changeRow: stones.length + 1,
    soak: Float64Array.from(stones, ({ soakMinutes }) => soakMinutes),
    flattenEvery: Float64Array.from(stones, (stone) => stone.flattenEveryMinutes ?? Infinity),
    flattenMinutes: Float64Array.from(stones, (stone) => stone.flattenMinutes),
    worked: Float64Array.from(stones, ({ workedMinutes }) => workedMinutes),
    personFree: Float64Array.from(people, ({ freeAtMinutes }) => freeAtMinutes),
    personStone: Int32Array.from(people, ({ stone }) =>
      stone === null ? -1 : (stoneIndex.get(stone) ?? -1),
    ),
    awayFrom: Float64Array.from(people, ({ awayMinutes }) => awayMinutes?.[0] ?? Infinity),
    awayUntil: Float64Array.from(people, ({ awayMinutes }) => awayMinutes?.[1] ?? -Infinity),
  });
};

/** How the day stands after the steps placed so far. */
export class DayState {
  /** The step each job comes to next; one past its last where it is done. */
  readonly next: Int32Array;
  readonly jobEnd: Float64Array;
  readonly personFree: Float64Array;
  readonly personStone: Int32Array;
  /** The first time when it is soaked. */
  readonly stoneFree: Float64Array;
  readonly stoneWorked: Float64Array;
  changes = 0;
  flattenings = 0;
  makespan = 0;
  /** Kept by a search for itself: late minutes of the jobs that are done. */
  late = 0;
  /** Of the step placed last. */
  start = 0;
  flattened = false;

  constructor(readonly day: CompiledDay) {
    this.next = day.firstStep.slice(0, -1);
    this.jobEnd = Float64Array.from(day.notBefore);
    this.personFree = Float64Array.from(day.personFree);
    this.personStone = Int32Array.from(day.personStone);
    this.stoneFree = Float64Array.from(day.soak);
    this.stoneWorked = Float64Array.from(day.worked);
  }

  /** Back to the morning. */
  reset(): void {
    const { day } = this;
    this.next.set(day.firstStep.subarray(0, -1));
    this.jobEnd.set(day.notBefore);
    this.personFree.set(day.personFree);
    this.personStone.set(day.personStone);
    this.stoneFree.set(day.soak);
    this.stoneWorked.set(day.worked);
    this.changes = 0;
    this.flattenings = 0;
    this.makespan = 0;
    this.late = 0;
  }

  copyFrom(other: DayState): void {
    this.next.set(other.next);
    this.jobEnd.set(other.jobEnd);
    this.personFree.set(other.personFree);
    this.personStone.set(other.personStone);
    this.stoneFree.set(other.stoneFree);
    this.stoneWorked.set(other.stoneWorked);
    this.changes = other.changes;
    this.flattenings = other.flattenings;
    this.makespan = other.makespan;
    this.late = other.late;
  }

  private mustFlatten(stone: number, minutes: number): boolean {
    const worked = this.stoneWorked[stone]!;
    return worked > 0 && worked + minutes > this.day.flattenEvery[stone]!;
  }

  /** When that person would begin the next step of the job. */
  startOf(job: number, person: number): number {
    const { day } = this;
    const step = this.next[job]!;
    const stone = day.stepStone[step]!;
    const change = day.change[(this.personStone[person]! + 1) * day.changeRow + stone]!;
    let ready = Math.max(this.personFree[person]! + change, this.stoneFree[stone]!);
    if (this.mustFlatten(stone, day.stepMinutes[step]!)) ready += day.flattenMinutes[stone]!;
    const start = Math.max(ready, this.jobEnd[job]!);
    return start < day.awayUntil[person]! && start + day.stepMinutes[step]! > day.awayFrom[person]!
      ? day.awayUntil[person]!
      : start;
  }

  /** Who can begin it first; of those who can at once, whoever has its stone before them. */
  whoever(job: number): number {
    const stone = this.day.stepStone[this.next[job]!]!;
    let best = 0;
    let bestStart = this.startOf(job, 0);
    for (let person = 1; person < this.personFree.length; person += 1) {
      const start = this.startOf(job, person);
      if (
        start < bestStart ||
        (start === bestStart &&
          this.personStone[person] === stone &&
          this.personStone[best] !== stone)
      ) {
        best = person;
        bestStart = start;
      }
    }
    return best;
  }

  /** Places the next step of the job; gives who does it. */
  place(job: number, asked: number): number {
    const { day } = this;
    const person = asked === WHOEVER ? this.whoever(job) : asked;
    const step = this.next[job]!;
    const stone = day.stepStone[step]!;
    const minutes = day.stepMinutes[step]!;
    const start = this.startOf(job, person);
    this.flattened = this.mustFlatten(stone, minutes);
    if (this.flattened) {
      this.flattenings += 1;
      this.stoneWorked[stone] = 0;
    }
    if (this.personStone[person] !== stone) this.changes += 1;
    const end = start + minutes;
    this.start = start;
    this.personFree[person] = end;
    this.personStone[person] = stone;
    this.stoneFree[stone] = end;
    this.stoneWorked[stone]! += minutes;
    this.jobEnd[job] = end;
    this.next[job]! += 1;
    if (end > this.makespan) this.makespan = end;
    return person;
  }

  /** Of all jobs as they end now. */
  tardiness(): number {
    const { due, weight } = this.day;
    let sum = 0;
    for (let job = 0; job < due.length; job += 1)
      sum += weight[job]! * Math.max(0, this.jobEnd[job]! - due[job]!);
    return sum;
  }
}

/** A whole order by numbers: jobs in turn, and who does each, or whoever can first. */
export interface NumberedOrder {
  readonly jobs: Int32Array;
  readonly people: Int8Array;
}

/** What an order comes to, with every step in its place. */
export const sheetOf = (day: CompiledDay, order: NumberedOrder): DaySheet => {
  const state = new DayState(day);
  const { jobs, stones } = day.input;
  const steps: PlacedStep[] = [];
  order.jobs.forEach((job, index) => {
    const at = state.next[job]!;
    const person = state.place(job, order.people[index]!);
    steps.push({
      job: jobs[job]!.id,
      step: state.next[job]! - day.firstStep[job]!,
      stone: stones[day.stepStone[at]!]!.id,
      person: person + 1,
      startMinutes: state.start,
      endMinutes: state.jobEnd[job]!,
      flattened: state.flattened,
    });
  });
  return {
    tardiness: state.tardiness(),
    makespanMinutes: state.makespan,
    changes: state.changes,
    flattenings: state.flattenings,
    steps,
    order: steps.map(({ job, person }) => ({ job, person })),
  };
};

/**
 * The day as somebody orders it. Errors: INVALID_INPUT for a stone, job or person that is not there, and for a job named
 * too often or too seldom.
 */
export const dayInOrder = (input: DayInput, order: readonly DayPlace[]): Result<DaySheet> => {
  const compiled = compileDay(input);
  if (!compiled.ok) return compiled;
  const day = compiled.value;
  const jobIndex = new Map(input.jobs.map(({ id }, index) => [id, index]));
  const left = input.jobs.map(({ steps }) => steps.length);
  const jobs = new Int32Array(order.length);
  const people = new Int8Array(order.length);
  for (const [index, { job, person }] of order.entries()) {
    const at = jobIndex.get(job);
    if (at === undefined)
      return fail('INVALID_INPUT', STRINGS.noSuchJob(job), `order[${index}].job`);
    if (!Number.isInteger(person) || person < 1 || person > input.people.length)
      return fail(
        'INVALID_INPUT',
        STRINGS.noSuchPerson(person, input.people.length),
        `order[${index}].person`,
      );
    if (left[at] === 0)
      return fail('INVALID_INPUT', STRINGS.namedTooOften(job), `order[${index}].job`);
    left[at]! -= 1;
    jobs[index] = at;
    people[index] = person - 1;
  }
  const missing = left.findIndex((steps) => steps > 0);
  if (missing >= 0)
    return fail('INVALID_INPUT', STRINGS.namedTooSeldom(input.jobs[missing]!.id), 'order');
  return ok(sheetOf(day, { jobs, people }));
};
