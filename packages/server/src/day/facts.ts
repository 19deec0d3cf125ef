/** What the queue of the day is made from: people, stones and open steps as they stand now. */
import type { DayFacts, DayJobFacts, DayPersonFacts, DayStoneFacts } from '@patient-edge/contract';
import {
  bladeRates,
  closedOn,
  openDays,
  placesOn,
  stepRange,
  stepTime,
  textOf,
  weekdayOfDay,
  withoutYes,
  workingMinutesUntil,
  type BladeRates,
  type DayMoment,
  type WorkingDay,
} from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { measuresOf } from '../jobs/rows';
import { listClosedDays, listPlaces } from '../places/queries';
import { stoneIds } from '../record/queries';
import { learnRatesOf } from '../record/rates';
import { localDay } from '../shop/days';
import { listStones } from '../stones/queries';
import {
  countUnplanned,
  presenceOn,
  queueJobs,
  queueSteps,
  yesOf,
  type QueueJobRow,
  type QueueStepRow,
} from './queries';

/** Where no place says its hours. */
const USUAL_FROM = '09:00';
const USUAL_UNTIL = '18:00';
/** So far ahead a day is worked out. */
const DAYS_AHEAD = 42;
const SUNDAY = 7;
/** To make a stone flat, where nobody has done it yet. */
const FLATTEN_MINUTES = 4;
const IN_HAND_MS = 15 * 60_000;

export const minuteOf = (time: string): number => {
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  return 60 * hours + minutes;
};

export const momentOf = (at: Date): DayMoment => ({
  day: localDay(at),
  minute: 60 * at.getHours() + at.getMinutes(),
});

/** The hours of each day ahead: from the first place that opens to the last that closes; no place at all is a usual week. */
export const workingDays = async (db: Queryable, today: string): Promise<WorkingDay[]> => {
  const [places, closed] = [await listPlaces(db), await listClosedDays(db)];
  const hasDays = openDays(places, closed, today, DAYS_AHEAD).length > 0;
  const days: WorkingDay[] = [];
  for (let ahead = 0; ahead < DAYS_AHEAD; ahead += 1) {
    const [year, month, date] = today.split('-').map(Number) as [number, number, number];
    const day = localDay(new Date(year, month - 1, date + ahead));
    const open = placesOn(places, closed, day);
    const isOpen = hasDays
      ? open.length > 0
      : weekdayOfDay(day) !== SUNDAY && closedOn(closed, day) === null;
    if (!isOpen) continue;
    days.push({
      day,
      fromMinute: Math.min(
        ...open.map(({ opensAt }) => minuteOf(opensAt ?? USUAL_FROM)),
        minuteOf(open.length > 0 ? '23:59' : USUAL_FROM),
      ),
      untilMinute: Math.max(
        ...open.map(({ closesAt }) => minuteOf(closesAt ?? USUAL_UNTIL)),
        minuteOf(open.length > 0 ? '00:00' : USUAL_UNTIL),
      ),
    });
  }
  return days;
};

const timesOf = (
  { seconds, stoneId, workedSeconds }: QueueStepRow,
  rates: BladeRates | null,
): readonly [p50: number, p90: number] => {
  const done = (taken: number): number => Math.max(0, taken - workedSeconds);
  if (rates !== null && stoneId !== null) {
    const { p50Seconds, p90Seconds } = stepTime(seconds, String(stoneId), rates);
    return [done(p50Seconds), done(p90Seconds)];
  }
  return [done(seconds), done(stepRange(seconds).highS)];
};

/** Every question of a step that keeps it from being begun is one the customer has not said yes to. */
const waitsFor = (first: QueueStepRow | undefined, yes: readonly string[]): boolean =>
  withoutYes(
    ((first?.asks ?? []) as { readonly id: string; readonly text: string }[]).map(({ id }) => ({
      id,
      text: '',
    })),
    yes.map((matter) => ({ matter, answer: 'yes' as const })),
  ).length > 0;

const jobFacts = async (
  db: Queryable,
  row: QueueJobRow,
  ratesOf: (steel: string) => BladeRates | null,
  days: readonly WorkingDay[],
  now: Date,
): Promise<DayJobFacts> => {
  const rates = ratesOf(row.steel);
  const steps = await queueSteps(db, row.jobId);
  const isInHand =
    row.stage === 'on the bench' &&
    row.inHandBy !== null &&
    row.inHandAt !== null &&
    now.getTime() - row.inHandAt.getTime() < IN_HAND_MS;
  const [first] = steps;
  const open = isInHand ? steps.slice(1) : steps;
  return {
    jobId: row.jobId,
    tagNumber: row.tagNumber,
    blade: row.blade,
    customer: row.customer,
    measures: measuresOf(row),
    promisedOn: row.promisedOn,
    place: row.place,
    dueMinutes: workingMinutesUntil(days, momentOf(now), {
      day: row.promisedOn,
      minute: minuteOf(row.closesAt ?? USUAL_UNTIL),
    }),
    mark: row.mark,
    waitsForAnswer: first !== undefined && waitsFor(first, await yesOf(db, row.jobId)),
    inHand:
      isInHand && first
        ? { staffId: row.inHandBy, title: first.title, minutes: timesOf(first, rates)[0] / 60 }
        : null,
    steps: open.map((step) => {
      const [p50Seconds, p90Seconds] = timesOf(step, rates);
      return {
        stepId: step.stepId,
        title: step.title,
        stoneId: step.stoneId,
        p50Seconds,
        p90Seconds,
      };
    }),
  };
};

const stoneFacts = async (db: Queryable, now: Date): Promise<DayStoneFacts[]> =>
  (await listStones(db)).map((stone) => ({
    stoneId: stone.id,
    name: stone.name,
    um: stone.um,
    soakMinutes:
      stone.soaking !== 'soak'
        ? 0
        : stone.soak === null
          ? stone.soakMinutes
          : Math.max(
              0,
              stone.soak.minutes - (now.getTime() - Date.parse(stone.soak.putInAt)) / 60_000,
            ),
    flattenEveryMinutes: stone.minutesFlat,
    flattenMinutes: FLATTEN_MINUTES,
    workedMinutes: stone.secondsSinceFlat / 60,
  }));

/** As they stand at a moment. */
export const readDayFacts = async (db: Queryable, now: Date): Promise<DayFacts> => {
  const moment = momentOf(now);
  const days = await workingDays(db, moment.day);
  const [{ byHand }, ids, rows] = [await learnRatesOf(db), await stoneIds(db), await queueJobs(db)];
  const known = new Map<string, BladeRates | null>();
  // Nobody knows yet who does it: a person is as good as any other.
  const ratesOf = (steel: string): BladeRates | null => {
    const kept = known.get(steel);
    if (kept !== undefined) return kept;
    const made = byHand.records === 0 ? null : bladeRates(byHand.rates, steel, '', ids);
    known.set(steel, made);
    return made;
  };
  const jobs: DayJobFacts[] = [];
  for (const row of rows) jobs.push(await jobFacts(db, row, ratesOf, days, now));
  const people = (await presenceOn(db, moment.day)).map((person): DayPersonFacts => {
    const job = jobs.find(({ inHand }) => inHand?.staffId === person.staffId);
    const fromTime = person.fromTime ?? USUAL_FROM;
    const isToday = days[0]?.day === moment.day;
    return {
      staffId: person.staffId,
      name: person.name,
      present:
        person.present === null
          ? person.role === 'bench' || job !== undefined
          : person.present === 1,
      fromTime,
      untilTime: person.untilTime ?? USUAL_UNTIL,
      freeAtMinutes:
        job?.inHand?.minutes ??
        (isToday && person.fromTime !== null
          ? Math.max(
              0,
              workingMinutesUntil(days, moment, { day: moment.day, minute: minuteOf(fromTime) }),
            )
          : 0),
      stoneId: null,
    };
  });
  return {
    now: moment,
    days,
    people,
    stones: await stoneFacts(db, now),
    jobs,
    unplanned: await countUnplanned(db),
  };
};

/** Said of a step without its stone. */
export const titleText = (title: QueueStepRow['title']): string => textOf(title);
