/** The day as a calendar that others read (RFC 5545), and as CSV: each blade from when to when, in whose hands. */
import { stepsInOrder, type DayFacts } from '@patient-edge/contract';
import { momentAfter, textOf, type DayMoment, type OrderedDay } from '@patient-edge/core';
import ical from 'ical-generator';
import Papa from 'papaparse';
import { cell } from '../http/csv';

export interface TimedStep {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly blade: string;
  readonly customer: string;
  readonly title: string;
  readonly stone: string;
  readonly staffId: number;
  readonly person: string;
  readonly from: Date;
  readonly until: Date;
  readonly isLate: boolean;
}

const dateOf = ({ day, minute }: DayMoment): Date => {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  return new Date(year, month - 1, date, 0, 0, Math.round(60 * minute));
};

/** Every step by the clock; those beyond the days that are known are left out. */
export const timedSteps = (
  facts: DayFacts,
  ordered: OrderedDay,
  isCautious: boolean,
): readonly TimedStep[] =>
  stepsInOrder(facts, ordered, isCautious).flatMap(
    ({ placed, job, step, person, stoneName, lateMinutes }): TimedStep[] => {
      const from = momentAfter(facts.days, facts.now, placed.startMinutes);
      const until = momentAfter(facts.days, facts.now, placed.endMinutes);
      if (!from || !until) return [];
      return [
        {
          jobId: job.jobId,
          tagNumber: job.tagNumber,
          blade: job.blade,
          customer: job.customer,
          title: textOf(step.title),
          stone: stoneName,
          staffId: person.staffId,
          person: person.name,
          from: dateOf(from),
          until: dateOf(until),
          isLate: lateMinutes > 0,
        },
      ];
    },
  );

/** One entry for each blade and sitting: steps of it that follow one another in the same hands are one. */
export const calendarOf = (name: string, steps: readonly TimedStep[]): string => {
  const calendar = ical({
    name,
    prodId: { company: 'Patient Edge', product: 'Day', language: 'EN' },
  });
  const sittings: { first: TimedStep; until: Date; titles: string[] }[] = [];
  for (const step of steps) {
    const last = sittings.findLast(({ first }) => first.staffId === step.staffId);
    if (last?.first.jobId === step.jobId) {
      last.until = step.until;
      last.titles.push(step.title);
    } else sittings.push({ first: step, until: step.until, titles: [step.title] });
  }
  sittings.forEach(({ first, until, titles }, index) =>
    calendar.createEvent({
      id: `day-${first.jobId}-${index}@patient-edge`,
      start: first.from,
      end: until,
      summary: `${first.tagNumber} ${first.blade}`.trim(),
      description: titles.join('\n'),
    }),
  );
  return calendar.toString();
};

export const dayCsv = (steps: readonly TimedStep[]): string =>
  Papa.unparse({
    fields: ['from', 'until', 'person', 'tag', 'blade', 'customer', 'step', 'stone', 'late'],
    data: steps.map((step) => [
      step.from.toISOString(),
      step.until.toISOString(),
      cell(step.person),
      step.tagNumber,
      cell(step.blade),
      cell(step.customer),
      cell(step.title),
      cell(step.stone),
      step.isLate ? 'yes' : 'no',
    ]),
  });
