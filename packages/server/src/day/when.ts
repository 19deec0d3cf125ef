/** "When can I have it?", and how full the days ahead are: the same queue with one more blade, by the cautious times. */
import { toDayInput, type DayFacts, type DayLoad, type WhenAnswer } from '@patient-edge/contract';
import {
  momentAfter,
  openDays,
  orderDay,
  workingMinutesUntil,
  type ClosedDays,
  type OrderedDay,
  type Place,
} from '@patient-edge/core';
import { DAYS_AHEAD, minuteOf, USUAL_UNTIL } from './facts';

/** Orders tried for an answer at the counter. */
const TRIES = 1500;
/** Few enough that nobody else at the till waits for it. */
const MOST_NODES = 5000;
const OFFERS = 4;

export const orderOf = (facts: DayFacts, isCautious: boolean): OrderedDay | null => {
  const input = toDayInput(facts, isCautious);
  if (input.jobs.length === 0) return null;
  const found = orderDay(input, TRIES, MOST_NODES);
  if (!found.ok) throw new Error(found.error.message);
  return found.value;
};

export const whenReady = (
  facts: DayFacts,
  minutes: number,
  places: readonly Place[],
  closed: readonly ClosedDays[],
): WhenAnswer => {
  const ordered = orderOf(facts, true);
  // It comes after all that was promised, shared among those who are there.
  const busy = ordered?.makespanMinutes ?? 0;
  const ready = momentAfter(facts.days, facts.now, busy + minutes);
  const late = (ordered?.steps ?? []).reduce((jobs, { job, endMinutes }) => {
    const due = facts.jobs.find(({ jobId }) => String(jobId) === job)!.dueMinutes;
    return endMinutes > due ? jobs.add(job) : jobs;
  }, new Set<string>()).size;
  if (ready === null) return { offers: [], minutes, late };
  const offers = openDays(places, closed, ready.day, DAYS_AHEAD)
    .filter(
      ({ day, place }) =>
        day > ready.day || minuteOf(place.closesAt ?? USUAL_UNTIL) >= ready.minute,
    )
    .slice(0, OFFERS)
    .map(({ day, place }) => ({
      day,
      place: place.name,
      placeId: place.id,
      spareMinutes: Math.round(
        workingMinutesUntil(facts.days, facts.now, {
          day,
          minute: minuteOf(place.closesAt ?? USUAL_UNTIL),
        }) -
          busy -
          minutes,
      ),
    }));
  return { offers, minutes, late };
};

/** Two weeks of days with what is promised for each, and who is likely to come. */
const LOAD_DAYS = 14;

export const loadAhead = (
  facts: DayFacts,
  places: readonly Place[],
  closed: readonly ClosedDays[],
  dueOn: ReadonlyMap<string, number>,
): DayLoad[] => {
  const people = Math.max(1, facts.people.filter(({ present }) => present).length);
  const days = openDays(places, closed, facts.now.day, LOAD_DAYS);
  return days.map(({ day, place }) => {
    const promised = facts.jobs.filter(
      (job) =>
        (job.promisedOn === day || (day === days[0]?.day && job.promisedOn < day)) &&
        (job.place === null || job.place === place.name),
    );
    const sum = (key: 'p50Seconds' | 'p90Seconds'): number =>
      promised.flatMap(({ steps }) => steps).reduce((all, step) => all + step[key], 0) / 60;
    const hours = facts.days.find((each) => each.day === day);
    return {
      day,
      place: place.name,
      blades: promised.length,
      workMinutes: sum('p50Seconds'),
      cautiousMinutes: sum('p90Seconds'),
      openMinutes: hours ? people * (hours.untilMinute - hours.fromMinute) : 0,
      expected: dueOn.get(day) ?? 0,
    };
  });
};
