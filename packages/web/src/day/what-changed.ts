/** What is new since the order before, and what it moves, in one sentence. */
import { queuedJobs, type DayFacts, type DayJobFacts } from '@patient-edge/contract';
import type { OrderedDay } from '@patient-edge/core';
import { lateText, shownSteps, whenAfter, type ShownStep } from './day-view';
import { STRINGS } from './strings';

export interface FoundDay {
  readonly facts: DayFacts;
  readonly order: OrderedDay;
}

/** A step takes so much longer than was foreseen before anybody is told. */
const OVER_MINUTES = 2;
/** More causes, and more that they do, are not told in one breath. */
const MOST_TOLD = 2;

const byId = (facts: DayFacts): ReadonlyMap<number, DayJobFacts> =>
  new Map(facts.jobs.map((job) => [job.jobId, job]));

/** What has come, or was put elsewhere by hand: whoever did it wants to know when it is started. */
const isMoved = (before: DayJobFacts | undefined, job: DayJobFacts): boolean =>
  !before || job.mark !== before.mark || (before.waitsForAnswer && !job.waitsForAnswer);

const causeOfJob = (before: DayJobFacts | undefined, job: DayJobFacts): string | null => {
  const tag = job.tagNumber;
  if (!before) return job.round > 1 ? STRINGS.cameBack(tag) : STRINGS.isNew(tag);
  if (job.mark !== before.mark)
    return job.mark === 'first'
      ? STRINGS.goesFirst(tag)
      : job.mark === 'held'
        ? STRINGS.isHeld(tag)
        : STRINGS.goesInTurn(tag);
  if (before.waitsForAnswer && !job.waitsForAnswer) return STRINGS.hasAnswer(tag);
  if (job.promisedOn !== before.promisedOn) return STRINGS.isPromisedAnew(tag);
  const [over, known] = [job.inHand?.overMinutes ?? 0, before.inHand?.overMinutes ?? 0];
  return over >= OVER_MINUTES && known < OVER_MINUTES
    ? STRINGS.takesLonger(tag, Math.round(over))
    : null;
};

const causesOf = (before: DayFacts, after: DayFacts): string[] => {
  const [jobs, people] = [byId(before), new Map(before.people.map((each) => [each.staffId, each]))];
  return [
    ...after.people.flatMap((person) => {
      const known = people.get(person.staffId);
      if (!known) return [];
      if (person.present !== known.present)
        return [person.present ? STRINGS.isThere(person.name) : STRINGS.isAway(person.name)];
      if (!person.present) return [];
      if (person.untilTime !== known.untilTime)
        return [STRINGS.leavesAt(person.name, person.untilTime)];
      return person.fromTime === known.fromTime
        ? []
        : [STRINGS.comesAt(person.name, person.fromTime)];
    }),
    ...after.jobs.flatMap((job) => causeOfJob(jobs.get(job.jobId), job) ?? []),
  ];
};

const firstOf = (steps: readonly ShownStep[], of: number): ShownStep | undefined =>
  steps.find(({ staffId }) => staffId === of);

const lateness = (steps: readonly ShownStep[]): ReadonlyMap<string, number> =>
  new Map(steps.map(({ job, lateMinutes }) => [job, lateMinutes]));

/** When the blades that have come or were moved are started, but for those that are somebody's next. */
const turnsOf = (before: DayFacts, after: DayFacts, steps: readonly ShownStep[]): string[] => {
  const jobs = byId(before);
  const nexts = new Set(after.people.map(({ staffId }) => firstOf(steps, staffId)?.job));
  return after.jobs.flatMap((job) => {
    const first = steps.find((step) => step.of === job);
    return first && !nexts.has(first.job) && isMoved(jobs.get(job.jobId), job)
      ? [STRINGS.starts(job.tagNumber, whenAfter(after, first.startMinutes))]
      : [];
  });
};

const effectsOf = (
  before: readonly ShownStep[],
  after: readonly ShownStep[],
  turns: readonly string[],
): string[] => {
  const [was, is] = [lateness(before), lateness(after)];
  const tagOf = (job: string): number => after.find((step) => step.job === job)!.of.tagNumber;
  const nexts = [...new Set(after.map(({ staffId }) => staffId))].flatMap((of) => {
    const [old, next] = [firstOf(before, of), firstOf(after, of)];
    // Another step of the same blade is no news; the first of who has just come is.
    return next && old?.job !== next.job
      ? [STRINGS.nextIs(next.personName, next.of.tagNumber, next.stoneName)]
      : [];
  });
  // What was in the order before comes first: a new one is late by being new.
  const late = [...is]
    .filter(([job, minutes]) => minutes > 0 && (was.get(job) ?? 0) === 0)
    .sort(([one], [other]) => Number(was.has(other)) - Number(was.has(one)))
    .map(([job, minutes]) => STRINGS.becomesLate(tagOf(job), lateText(minutes)));
  const inTime = [...is]
    .filter(([job, minutes]) => minutes === 0 && (was.get(job) ?? 0) > 0)
    .map(([job]) => STRINGS.isInTimeAgain(tagOf(job)));
  return [...turns, ...nexts, ...late, ...inTime];
};

/** Null where nothing happened but that work went on. */
export const whatChanged = (
  before: FoundDay,
  after: FoundDay,
  isCautious: boolean,
): string | null => {
  const queued = new Set(queuedJobs(after.facts).map(({ jobId }) => jobId));
  const causes = causesOf(before.facts, after.facts);
  if (causes.length === 0) return null;
  const steps = queued.size === 0 ? [] : shownSteps(after.facts, after.order, isCautious);
  const effects = effectsOf(
    shownSteps(before.facts, before.order, isCautious),
    steps,
    turnsOf(before.facts, after.facts, steps),
  );
  return STRINGS.changed(
    causes.slice(0, MOST_TOLD).join(', '),
    effects.length === 0 ? STRINGS.theRestStays : effects.slice(0, MOST_TOLD).join('; '),
  );
};
