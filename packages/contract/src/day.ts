/** The day as it is sent: people, stones, and the open steps of the blades, and what the queue makes of them. */
import {
  withStones,
  type BladeMeasures,
  type DayInput,
  type DayMoment,
  type OrderedDay,
  type PlacedStep,
  type Text,
  type WorkingDay,
} from '@patient-edge/core';

export interface DayPersonFacts {
  readonly staffId: number;
  readonly name: string;
  readonly present: boolean;
  /** HH:MM by the workshop's own clock. */
  readonly fromTime: string;
  readonly untilTime: string;
  /** Working minutes from now until they are free; 0 where they are. */
  readonly freeAtMinutes: number;
  /** Gone before the workshop closes: working minutes from now, until it opens again. */
  readonly awayMinutes: readonly [from: number, until: number] | null;
  /** The stone of the step they have in hand. */
  readonly stoneId: number | null;
}

export interface DayStoneFacts {
  readonly stoneId: number;
  readonly name: string;
  readonly um: number;
  /** Still to soak. */
  readonly soakMinutes: number;
  readonly flattenEveryMinutes: number | null;
  readonly flattenMinutes: number;
  readonly workedMinutes: number;
}

export interface DayStepFacts {
  readonly stepId: number;
  /** From 1, in the whole plan of its blade. */
  readonly number: number;
  readonly title: Text;
  readonly stoneId: number | null;
  readonly p50Seconds: number;
  readonly p90Seconds: number;
}

export const DAY_MARKS = ['first', 'held'] as const;
export type DayMark = (typeof DAY_MARKS)[number];

export interface DayJobFacts {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly blade: string;
  readonly customer: string;
  readonly measures: BladeMeasures;
  readonly promisedOn: string;
  readonly place: string | null;
  /** Working minutes from now until it is promised. */
  readonly dueMinutes: number;
  readonly mark: DayMark | null;
  /** From 1; sent back after a test it is one more. */
  readonly round: number;
  /** The customer has not answered yet. */
  readonly waitsForAnswer: boolean;
  /** Who has it in hand: what they are at is not in `steps`. */
  readonly inHand: {
    readonly staffId: number;
    readonly stepId: number;
    readonly stoneId: number | null;
    readonly title: Text;
    /** Still to go. */
    readonly minutes: number;
    /** It has taken so much longer than was foreseen. */
    readonly overMinutes: number;
  } | null;
  readonly steps: readonly DayStepFacts[];
}

export interface DayFacts {
  readonly now: DayMoment;
  /** Today first, and the days after. */
  readonly days: readonly WorkingDay[];
  readonly people: readonly DayPersonFacts[];
  readonly stones: readonly DayStoneFacts[];
  readonly jobs: readonly DayJobFacts[];
  /** Taken in, and not planned yet: nobody knows their steps. */
  readonly unplanned: number;
}

/** A blade that is to come first is wanted now, and counts as so many. */
const FIRST_WEIGHT = 20;

const CHANGE_MINUTES = 1;
const WASH_MINUTES = 0.5;

/** Blades that can be queued for: with steps on stones, not held back, not waiting for anybody. */
export const queuedJobs = ({ jobs }: DayFacts): readonly DayJobFacts[] =>
  jobs.filter(
    ({ mark, waitsForAnswer, steps }) =>
      mark !== 'held' && !waitsForAnswer && steps.some(({ stoneId }) => stoneId !== null),
  );

/** Those who are there; whoever signs in first, where nobody is said to be. */
export const presentPeople = ({ people }: DayFacts): readonly DayPersonFacts[] => {
  const present = people.filter(({ present: isHere }) => isHere);
  return (present.length > 0 ? present : people.slice(0, 1)).slice(0, 4);
};

/** The queue of the day: by the likeliest times, or by what nine of ten do not exceed. */
export const toDayInput = (facts: DayFacts, isCautious: boolean): DayInput => ({
  people: presentPeople(facts).map(({ freeAtMinutes, awayMinutes, stoneId }) => ({
    freeAtMinutes,
    stone: stoneId === null ? null : String(stoneId),
    ...(awayMinutes ? { awayMinutes } : {}),
  })),
  changeMinutes: CHANGE_MINUTES,
  washMinutes: WASH_MINUTES,
  stones: facts.stones.map((stone) => ({
    id: String(stone.stoneId),
    um: stone.um,
    soakMinutes: stone.soakMinutes,
    flattenEveryMinutes: stone.flattenEveryMinutes,
    flattenMinutes: stone.flattenMinutes,
    workedMinutes: stone.workedMinutes,
  })),
  jobs: queuedJobs(facts).map((job) => ({
    id: String(job.jobId),
    dueMinutes: job.mark === 'first' ? Math.min(0, job.dueMinutes) : job.dueMinutes,
    weight: job.mark === 'first' ? FIRST_WEIGHT : 1,
    ...(job.inHand ? { notBeforeMinutes: job.inHand.minutes } : {}),
    steps: queuedSteps(job, isCautious).map(({ stone, minutes }) => ({ stone, minutes })),
  })),
});

export interface QueuedStep {
  readonly stepId: number;
  readonly number: number;
  readonly title: Text;
  readonly stone: string;
  readonly minutes: number;
}

/** The steps of a blade as they stand in the queue: the k-th of its job. */
export const queuedSteps = (job: DayJobFacts, isCautious: boolean): readonly QueuedStep[] =>
  withStones(
    job.steps.map(({ stepId, number, title, stoneId, p50Seconds, p90Seconds }) => ({
      stepId,
      number,
      title,
      stone: stoneId === null ? null : String(stoneId),
      // Nothing takes no time at all.
      minutes: Math.max(0.05, (isCautious ? p90Seconds : p50Seconds) / 60),
    })),
  );

/** A day and place at which a blade could be had. */
export interface DayOffer {
  readonly day: string;
  readonly place: string;
  readonly placeId: number;
}

/** A step in its place in an order, with its blade, its person and its stone. */
export interface StepInOrder {
  readonly placed: PlacedStep;
  readonly job: DayJobFacts;
  readonly step: QueuedStep;
  readonly person: DayPersonFacts;
  readonly stoneName: string;
  /** Minutes its blade is late; 0 where it is not. */
  readonly lateMinutes: number;
}

/** By when they begin. An order found for earlier facts may name what is gone by now: that is left out. */
export const stepsInOrder = (
  facts: DayFacts,
  { steps }: OrderedDay,
  isCautious: boolean,
): readonly StepInOrder[] => {
  const jobs = new Map(queuedJobs(facts).map((job) => [String(job.jobId), job]));
  const stones = new Map(facts.stones.map(({ stoneId, name }) => [String(stoneId), name]));
  const people = presentPeople(facts);
  const ends = new Map(steps.map(({ job, endMinutes }) => [job, endMinutes]));
  return [...steps]
    .sort((one, other) => one.startMinutes - other.startMinutes)
    .flatMap((placed): StepInOrder[] => {
      const job = jobs.get(placed.job);
      const step = job && queuedSteps(job, isCautious)[placed.step - 1];
      const person = people[placed.person - 1];
      if (!job || !step || !person) return [];
      return [
        {
          placed,
          job,
          step,
          person,
          stoneName: stones.get(placed.stone) ?? '',
          lateMinutes: Math.max(0, Math.round(ends.get(placed.job)! - job.dueMinutes)),
        },
      ];
    });
};

/** "When can I have it?" */
export interface WhenAnswer {
  /** The first day on which it fits, and those after it. */
  readonly offers: readonly (DayOffer & {
    /** Working minutes that are left free before it, by the cautious times. */
    readonly spareMinutes: number;
  })[];
  /** The last day before those, and what would be late for it. */
  readonly sooner:
    | (DayOffer & {
        readonly pushes: readonly { readonly tagNumber: number; readonly lateMinutes: number }[];
      })
    | null;
  /** What was reckoned with. */
  readonly minutes: number;
  /** Blades that are late already, whatever is promised. */
  readonly late: number;
}

/** Work that is promised for a day against the hours there are. */
export interface DayLoad {
  readonly day: string;
  readonly place: string;
  readonly blades: number;
  readonly workMinutes: number;
  readonly cautiousMinutes: number;
  readonly openMinutes: number;
  /** Blades likely to come that day, by when their edges are due. */
  readonly expected: number;
}

/** A day looked back on: what was foreseen as each step began, and what it took. */
export interface DayReview {
  readonly day: string;
  readonly steps: number;
  readonly blades: number;
  readonly foreseenSeconds: number;
  readonly workedSeconds: number;
  /** Steps whose clock ran on, or that were made up: they teach nothing. */
  readonly leftOut: number;
  readonly people: readonly {
    readonly name: string;
    readonly steps: number;
    readonly foreseenSeconds: number;
    readonly workedSeconds: number;
  }[];
  /** Steps furthest from what was foreseen, the furthest first. */
  readonly furthest: readonly {
    readonly jobId: number;
    readonly tagNumber: number;
    readonly stone: string;
    readonly foreseenSeconds: number;
    readonly workedSeconds: number;
  }[];
  /** Promised for that day or before, and still in the shop unfinished. */
  readonly notDone: readonly { readonly jobId: number; readonly tagNumber: number }[];
}
