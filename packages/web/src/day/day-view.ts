/** What the page shows of an order: each step with its blade, stone and person, and by the clock. */
import { queuedJobs, stepsInOrder, type DayFacts, type DayJobFacts } from '@patient-edge/contract';
import { momentAfter, type OrderedDay, type PlacedStep } from '@patient-edge/core';
import { textOf } from '../theme/text';
import { clock, day, roughly } from '../theme/format';
import { STRINGS } from './strings';

export interface ShownStep extends PlacedStep {
  readonly key: string;
  readonly stepId: number;
  /** Of the whole plan of its blade. */
  readonly stepNumber: number;
  readonly of: DayJobFacts;
  readonly title: string;
  readonly stoneName: string;
  readonly staffId: number;
  readonly personName: string;
  /** Minutes its blade is late; 0 where it is not. */
  readonly lateMinutes: number;
}

/** By when they begin. */
export const shownSteps = (
  facts: DayFacts,
  order: OrderedDay,
  isCautious: boolean,
): readonly ShownStep[] =>
  stepsInOrder(facts, order, isCautious).map(
    ({ placed, job, step, person, stoneName, lateMinutes }) => ({
      ...placed,
      key: `${placed.job} ${placed.step}`,
      stepId: step.stepId,
      stepNumber: step.number,
      of: job,
      title: textOf(step.title),
      stoneName,
      staffId: person.staffId,
      personName: person.name,
      lateMinutes,
    }),
  );

/** By the clock; with the day where it is another one. */
export const timeAfter = ({ days, now }: DayFacts, minutes: number): string => {
  const at = momentAfter(days, now, minutes);
  if (at === null) return '–';
  const time = clock(at.minute);
  return at.day === now.day ? time : STRINGS.atDay(day(at.day), time);
};

/** The same as part of a sentence: "at 11:00", "on Mon 30 Nov at 08:30". */
export const whenAfter = ({ days, now }: DayFacts, minutes: number): string => {
  const at = momentAfter(days, now, minutes);
  if (at === null) return STRINGS.beyond;
  const time = clock(at.minute);
  return at.day === now.day ? STRINGS.atTime(time) : STRINGS.onDayAt(day(at.day), time);
};

/** How late, of whole minutes: they are never told in seconds. */
export const lateText = (minutes: number): string =>
  minutes < 2 ? STRINGS.minutes(minutes) : roughly(60 * minutes);

/** Why a blade is late, in a sentence. */
export const whyLate = (steps: readonly ShownStep[], { of, job }: ShownStep): string => {
  const own = steps.filter((step) => step.job === job);
  const minutes = own.reduce((sum, step) => sum + step.endMinutes - step.startMinutes, 0);
  if (minutes > of.dueMinutes) return STRINGS.alone;
  const last = own.at(-1)!;
  const before = [
    ...new Map(
      steps
        .filter((step) => step.job !== job && step.endMinutes <= last.startMinutes)
        .map((step) => [step.job, `${step.of.tagNumber}`]),
    ).values(),
  ];
  return STRINGS.behind(before.slice(0, 6).join(', '));
};

/** A stone that must be in the water within this time is thought of now. */
const SOON_MINUTES = 2;

/** Minutes by the clock until so many working minutes are over; Infinity where that is another day. */
const clockMinutesUntil = ({ days, now }: DayFacts, minutes: number): number => {
  const at = momentAfter(days, now, minutes);
  return at?.day === now.day ? at.minute - now.minute : Infinity;
};

/**
 * Stones that must go into the water now, to be soaked when their first step comes. By the clock: what Monday begins with is
 * not put into the water on Saturday evening.
 */
export const soaksDue = (
  facts: DayFacts,
  steps: readonly ShownStep[],
): readonly { readonly stoneId: number; readonly wantedMinutes: number }[] =>
  facts.stones.flatMap(({ stoneId, soakMinutes }) => {
    const first = steps.find(({ stone }) => stone === String(stoneId));
    return soakMinutes > 0 &&
      first &&
      clockMinutesUntil(facts, first.startMinutes) - soakMinutes <= SOON_MINUTES
      ? [{ stoneId, wantedMinutes: first.startMinutes }]
      : [];
  });

/** So near to the end of the day it is looked back on. */
const EVENING_MINUTES = 30;

/** Near the end of a working day, or after it. */
export const isEvening = ({ now, days }: DayFacts): boolean => {
  const today = days.find(({ day: each }) => each === now.day);
  return today !== undefined && now.minute >= today.untilMinute - EVENING_MINUTES;
};

/** Where, and in how many minutes, blades of the order are promised; the soonest first. */
export const departures = (
  facts: DayFacts,
): readonly { readonly place: string; readonly dueMinutes: number }[] => {
  const all = queuedJobs(facts).flatMap(({ place, dueMinutes }) =>
    dueMinutes > 0 ? [{ place: place ?? '', dueMinutes }] : [],
  );
  return [...new Map(all.map((each) => [`${each.place} ${each.dueMinutes}`, each])).values()].sort(
    (one, other) => one.dueMinutes - other.dueMinutes,
  );
};
