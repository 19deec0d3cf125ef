/** What the page shows of an order: each step with its blade, stone and person, and by the clock. */
import {
  presentPeople,
  queuedJobs,
  queuedSteps,
  type DayFacts,
  type DayJobFacts,
} from '@patient-edge/contract';
import { momentAfter, type OrderedDay, type PlacedStep } from '@patient-edge/core';
import { textOf } from '../theme/text';
import { clock, day } from '../theme/format';
import { STRINGS } from './strings';

export interface ShownStep extends PlacedStep {
  readonly key: string;
  readonly stepId: number;
  /** Of the whole plan of its blade. */
  readonly stepNumber: number;
  readonly of: DayJobFacts;
  readonly title: string;
  readonly stoneName: string;
  readonly personName: string;
  /** Minutes its blade is late; 0 where it is not. */
  readonly lateMinutes: number;
}

/** By when they begin. */
export const shownSteps = (
  facts: DayFacts,
  order: OrderedDay,
  isCautious: boolean,
): readonly ShownStep[] => {
  const jobs = new Map(queuedJobs(facts).map((job) => [String(job.jobId), job]));
  const people = presentPeople(facts);
  const ends = new Map<string, number>();
  for (const { job, endMinutes } of order.steps) ends.set(job, endMinutes);
  const byTime = [...order.steps].sort((a, b) => a.startMinutes - b.startMinutes);
  return byTime.flatMap((placed) => {
    // What was found for the facts before may name what is gone by now.
    const of = jobs.get(placed.job);
    const step = of && queuedSteps(of, isCautious)[placed.step - 1];
    const person = people[placed.person - 1];
    if (!of || !step || !person) return [];
    return [
      {
        ...placed,
        key: `${placed.job} ${placed.step}`,
        stepId: step.stepId,
        stepNumber: step.number,
        of,
        title: textOf(step.title),
        stoneName: facts.stones.find(({ stoneId }) => String(stoneId) === placed.stone)?.name ?? '',
        personName: person.name,
        lateMinutes: Math.max(0, Math.round(ends.get(placed.job)! - of.dueMinutes)),
      },
    ];
  });
};

/** By the clock; with the day where it is another one. */
export const timeAfter = ({ days, now }: DayFacts, minutes: number): string => {
  const at = momentAfter(days, now, minutes);
  if (at === null) return '–';
  const time = clock(at.minute);
  return at.day === now.day ? time : STRINGS.atDay(day(at.day), time);
};

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

/** Stones that must go into the water now, to be soaked when their first step comes. */
export const soaksDue = (
  { stones }: DayFacts,
  steps: readonly ShownStep[],
): readonly { readonly stoneId: number; readonly wantedMinutes: number }[] =>
  stones.flatMap(({ stoneId, soakMinutes }) => {
    const first = steps.find(({ stone }) => stone === String(stoneId));
    return soakMinutes > 0 && first && first.startMinutes - soakMinutes <= SOON_MINUTES
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
