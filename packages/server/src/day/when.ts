/** "When can I have it?", and how full the days ahead are: the same queue with one more blade, by the cautious times. */
import {
  queuedJobs,
  toDayInput,
  type DayFacts,
  type DayLoad,
  type WhenAnswer,
} from '@patient-edge/contract';
import {
  compileDay,
  DaySearch,
  openDays,
  orderDay,
  SETTLED,
  workingMinutesUntil,
  type ClosedDays,
  type DayInput,
  type OrderedDay,
  type Place,
} from '@patient-edge/core';
import type { ExpectedJob } from './expected';
import { DAYS_AHEAD, minuteOf, USUAL_UNTIL } from './facts';

/** Orders tried for an answer at the counter. */
const TRIES = 1500;
/** Of each day that is offered: it begins with the order there is. */
const TRIES_EACH = 400;
/** Few enough that nobody else at the till waits for it. */
const MOST_NODES = 5000;
const OFFERS = 4;
/** More days than this are not tried one by one. */
const MOST_TRIED = 8;

const ordered = (input: DayInput): OrderedDay | null => {
  if (input.jobs.length === 0) return null;
  const found = orderDay(input, TRIES, MOST_NODES);
  if (!found.ok) throw new Error(found.error.message);
  return found.value;
};

export const orderOf = (facts: DayFacts, isCautious: boolean): OrderedDay | null =>
  ordered(toDayInput(facts, isCautious));

const ASKED = 'asked for';
/** Of what is promised, it is to be in time before all else: what it pushes is then told. */
const ASKED_WEIGHT = 20;

interface WholeBlade {
  readonly id: string;
  readonly dueMinutes: number;
  readonly weight: number;
  readonly minutes: number;
}

/** The queue with blades of which only the minutes are known: each waits for no stone but its own. */
const withWhole = (input: DayInput, blades: readonly WholeBlade[]): DayInput => ({
  ...input,
  stones: [
    ...input.stones,
    ...blades.map(({ id }) => ({
      id,
      um: Number.MAX_VALUE,
      soakMinutes: 0,
      flattenEveryMinutes: null,
      flattenMinutes: 0,
      workedMinutes: 0,
    })),
  ],
  jobs: [
    ...input.jobs,
    ...blades.map(({ id, dueMinutes, weight, minutes }) => ({
      id,
      dueMinutes,
      weight,
      steps: [{ stone: id, minutes }],
    })),
  ],
});

const idOf = ({ tagNumber }: ExpectedJob): string => `not planned ${tagNumber}`;

const endsOf = (order: OrderedDay | null): ReadonlyMap<string, number> =>
  new Map((order?.steps ?? []).map(({ job, endMinutes }) => [job, endMinutes]));

const orderWith = (input: DayInput, before: OrderedDay | null): OrderedDay => {
  const compiled = compileDay(input);
  if (!compiled.ok) throw new Error(compiled.error.message);
  const search = new DaySearch(compiled.value, before?.order ?? []);
  search.improve(TRIES_EACH, SETTLED);
  return search.result();
};

/** Later by less than this is not late. */
const SLACK_MINUTES = 0.5;

/** Each day is asked in turn: does it still fit, by the cautious times, without making anything late? */
export const whenReady = (
  facts: DayFacts,
  expected: readonly ExpectedJob[],
  minutes: number,
  places: readonly Place[],
  closed: readonly ClosedDays[],
): WhenAnswer => {
  const input = withWhole(
    toDayInput(facts, true),
    expected.map((job) => ({
      id: idOf(job),
      dueMinutes: job.dueMinutes,
      weight: 1,
      minutes: job.cautiousMinutes,
    })),
  );
  const base = ordered(input);
  const baseEnds = endsOf(base);
  const promised = [
    ...queuedJobs(facts).map((job) => ({ ...job, id: String(job.jobId) })),
    ...expected.map((job) => ({ ...job, id: idOf(job) })),
  ].map(({ id, tagNumber, dueMinutes }) => ({
    tagNumber,
    /** Past its day, if an order ends like that. */
    lateness: (ends: ReadonlyMap<string, number>): number =>
      Math.max(0, (ends.get(id) ?? 0) - dueMinutes),
  }));
  const late = promised.filter(({ lateness }) => lateness(baseEnds) > SLACK_MINUTES).length;
  const days = openDays(places, closed, facts.now.day, DAYS_AHEAD).map(({ day, place }) => ({
    day,
    place: place.name,
    placeId: place.id,
    dueMinutes: workingMinutesUntil(facts.days, facts.now, {
      day,
      minute: minuteOf(place.closesAt ?? USUAL_UNTIL),
    }),
  }));
  // No day ends sooner than its own work is done; beyond the last that is tried it comes after all else.
  const possible = days.filter(({ dueMinutes }) => dueMinutes >= minutes);
  let sooner: WhenAnswer['sooner'] = null;
  let readyAt = (base?.makespanMinutes ?? 0) + minutes;
  let first = possible.findIndex(({ dueMinutes }) => dueMinutes >= readyAt);
  const before = possible.slice(0, first < 0 ? MOST_TRIED : Math.min(first, MOST_TRIED));
  for (const [index, { dueMinutes, ...offer }] of before.entries()) {
    const ends = endsOf(
      orderWith(withWhole(input, [{ id: ASKED, dueMinutes, weight: ASKED_WEIGHT, minutes }]), base),
    );
    const asked = ends.get(ASKED)!;
    const pushes = promised.flatMap(({ tagNumber, lateness }) =>
      lateness(ends) - lateness(baseEnds) > SLACK_MINUTES
        ? [{ tagNumber, lateMinutes: Math.round(lateness(ends)) }]
        : [],
    );
    if (asked > dueMinutes + SLACK_MINUTES) continue;
    if (pushes.length === 0) {
      first = index;
      readyAt = asked;
      break;
    }
    sooner = { ...offer, pushes };
  }
  const offers = (first < 0 ? [] : possible.slice(first, first + OFFERS)).map(
    ({ dueMinutes, ...offer }) => ({ ...offer, spareMinutes: Math.round(dueMinutes - readyAt) }),
  );
  return { offers, sooner, minutes, late };
};

/** Two weeks of days with what is promised for each, and who is likely to come. */
const LOAD_DAYS = 14;

export const loadAhead = (
  facts: DayFacts,
  expected: readonly ExpectedJob[],
  places: readonly Place[],
  closed: readonly ClosedDays[],
  dueOn: ReadonlyMap<string, number>,
): DayLoad[] => {
  const people = Math.max(1, facts.people.filter(({ present }) => present).length);
  const days = openDays(places, closed, facts.now.day, LOAD_DAYS);
  return days.map(({ day, place }) => {
    const isOf = (job: { readonly promisedOn: string; readonly place: string | null }): boolean =>
      (job.promisedOn === day || (day === days[0]?.day && job.promisedOn < day)) &&
      (job.place === null || job.place === place.name);
    const promised = facts.jobs.filter(isOf);
    const unplanned = expected.filter(isOf);
    const sum = (key: 'p50Seconds' | 'p90Seconds', whole: 'likelyMinutes' | 'cautiousMinutes') =>
      promised.flatMap(({ steps }) => steps).reduce((all, step) => all + step[key], 0) / 60 +
      unplanned.reduce((all, job) => all + job[whole], 0);
    const hours = facts.days.find((each) => each.day === day);
    return {
      day,
      place: place.name,
      blades: promised.length + unplanned.length,
      workMinutes: sum('p50Seconds', 'likelyMinutes'),
      cautiousMinutes: sum('p90Seconds', 'cautiousMinutes'),
      openMinutes: hours ? people * (hours.untilMinute - hours.fromMinute) : 0,
      expected: dueOn.get(day) ?? 0,
    };
  });
};
