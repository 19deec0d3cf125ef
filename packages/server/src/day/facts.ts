/** What the queue of the day is made from: people, stones and open steps as they stand now. */
import type { DayFacts, DayJobFacts, DayPersonFacts, DayStoneFacts } from '@patient-edge/contract';
import {
  bladeRates,
  closedOn,
  openDays,
  placesOn,
  stepRange,
  stepTime,
  weekdayOfDay,
  withoutYes,
  workingMinutesUntil,
  type BladeRates,
  type DayMoment,
  type WorkingDay,
} from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { isInHand, measuresOf } from '../jobs/rows';
import { listClosedDays, listPlaces } from '../places/queries';
import { stoneIds } from '../record/queries';
import { learnRatesOf } from '../record/rates';
import { localDay } from '../shop/days';
import { listStones } from '../stones/queries';
import {
  countUnplanned,
  presenceOn,
  queueAnswers,
  queueJobs,
  queueSteps,
  type QueueJobRow,
  type QueueStepRow,
} from './queries';

/** Where no place says its hours. */
const USUAL_FROM = '09:00';
export const USUAL_UNTIL = '18:00';
/** So far ahead a day is worked out. */
export const DAYS_AHEAD = 42;
const SUNDAY = 7;
/** To make a stone flat, where nobody has done it yet. */
const FLATTEN_MINUTES = 4;

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
    const hours = open.length > 0 ? open : [{ opensAt: null, closesAt: null }];
    days.push({
      day,
      fromMinute: Math.min(...hours.map(({ opensAt }) => minuteOf(opensAt ?? USUAL_FROM))),
      untilMinute: Math.max(...hours.map(({ closesAt }) => minuteOf(closesAt ?? USUAL_UNTIL))),
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

type Answers = Awaited<ReturnType<typeof queueAnswers>>;

const jobFacts = (
  row: QueueJobRow,
  steps: readonly QueueStepRow[],
  answers: Answers,
  rates: BladeRates | null,
  days: readonly WorkingDay[],
  now: Date,
): DayJobFacts => {
  const [first] = steps;
  const inHand = first && isInHand(row, now.getTime()) ? { staffId: row.inHandBy, first } : null;
  const open = inHand ? steps.slice(1) : steps;
  // A question the customer has not said yes to keeps the step from being begun.
  const asks = (first?.asks ?? []).map(({ id }) => ({ id, text: '' }));
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
    round: row.round,
    waitsForAnswer: withoutYes(asks, answers).length > 0,
    inHand: inHand && {
      staffId: inHand.staffId,
      stepId: inHand.first.stepId,
      stoneId: inHand.first.stoneId,
      title: inHand.first.title,
      minutes: Math.ceil(timesOf(inHand.first, rates)[0] / 60),
      overMinutes: Math.floor(
        Math.max(
          0,
          inHand.first.workedSeconds - timesOf({ ...inHand.first, workedSeconds: 0 }, rates)[0],
        ) / 60,
      ),
    },
    steps: open.map((step, index) => {
      const [p50Seconds, p90Seconds] = timesOf(step, rates);
      return {
        stepId: step.stepId,
        number: row.doneSteps + (inHand ? 1 : 0) + index + 1,
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
              Math.ceil(
                stone.soak.minutes - (now.getTime() - Date.parse(stone.soak.putInAt)) / 60_000,
              ),
            ),
    flattenEveryMinutes: stone.minutesFlat,
    flattenMinutes: FLATTEN_MINUTES,
    workedMinutes: stone.secondsSinceFlat / 60,
  }));

/** As they stand at a moment, by whole minutes: an order is looked for anew when one has passed, not with each second. */
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
  const [steps, answers] = [await queueSteps(db), await queueAnswers(db)];
  const jobs = rows.map((row) =>
    jobFacts(
      row,
      steps.filter(({ jobId }) => jobId === row.jobId),
      answers.filter(({ jobId }) => jobId === row.jobId),
      ratesOf(row.steel),
      days,
      now,
    ),
  );
  const people = (await presenceOn(db, moment.day)).map((person): DayPersonFacts => {
    const job = jobs.find(({ inHand }) => inHand?.staffId === person.staffId);
    const fromTime = person.fromTime ?? USUAL_FROM;
    const today = days[0]?.day === moment.day ? days[0] : undefined;
    const minutesTo = (minute: number): number =>
      Math.max(0, workingMinutesUntil(days, moment, { day: moment.day, minute }));
    const leaves = person.untilTime === null ? null : minuteOf(person.untilTime);
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
        (today && person.fromTime !== null ? minutesTo(minuteOf(fromTime)) : 0),
      awayMinutes:
        today && leaves !== null && leaves < today.untilMinute
          ? [minutesTo(leaves), minutesTo(today.untilMinute)]
          : null,
      stoneId: job?.inHand?.stoneId ?? null,
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
