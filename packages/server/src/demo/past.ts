/**
 * Three years of the workshop boat, worked by a hidden truth: how long each stone, steel and person really takes against the
 * model, and how a customer's blade wears from visit to visit. The bench learns as it goes, so that every forecast is what
 * would have been told that month.
 */
import {
  armOfVisit,
  drawLot,
  RateSums,
  stepRange,
  type FinishedStep,
  type LearnedRates,
} from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { learnFromAll } from '../record/queries';
import { addTrial, addTrialBlade } from '../trials/queries';
import { chanceFrom, type Chance } from './chance';
import {
  addBladeLike,
  addDealings,
  addStep,
  addVisit,
  setTrialsBegun,
  steelsOf,
  stepsOf,
  stoneIdsOf,
  templatesIn,
  type Template,
  type TemplateStep,
} from './rows';

const HOUR_MS = 60 * 60 * 1000;
const DAY_MS = 24 * HOUR_MS;
const YEARS = 3;
export const PAST_DAYS = YEARS * 365;
/** So many hang in the boat. */
const TAGS = 70;
const MONTH_MS = 30 * DAY_MS;

/** ln of taken over foreseen, as it really is. */
export interface HiddenTruth {
  readonly stone: ReadonlyMap<number, number>;
  readonly steel: ReadonlyMap<string, number>;
  readonly person: ReadonlyMap<number, number>;
  readonly noiseSd: number;
}

/** Called as its customer calls it. */
const NAMES = ['the old one', 'the spare', 'the borrowed one', 'grandmother’s'];

const truthOf = async (
  db: Queryable,
  people: readonly number[],
  { normal }: Chance,
): Promise<HiddenTruth> => {
  return {
    stone: new Map((await stoneIdsOf(db)).map((id) => [id, 0.3 * normal()])),
    steel: new Map((await steelsOf(db)).map((steel) => [steel, 0.25 * normal()])),
    person: new Map(people.map((id) => [id, 0.2 * normal()])),
    noiseSd: 0.22,
  };
};

/** How long an edge really lasts by how its burr is left: the truth about a question on which the trade disagrees. */
export const LASTS: Readonly<Record<'none' | 'a trace', number>> = { none: 1, 'a trace': 1.5 };
type BurrPolicy = keyof typeof LASTS;
/** Of no consequence for how long an edge lasts: a question that a trial must not answer. */
const SLURRIES = ['keep the mud', 'float it off'] as const;
type Slurry = (typeof SLURRIES)[number];

/** Trials of the past, each over so many blades whose visits go in turn: the first matters, the second does not. */
const TRIAL_BLADES = 10;
const TRIAL_SEED = 20_231_128;
const TRIALS = [
  {
    question: 'burr',
    firstSchool: 'none',
    secondSchool: 'a trace',
    note: 'Does a trace of burr keep them cutting longer, on the boards they use here?',
  },
  {
    question: 'slurry',
    firstSchool: 'keep the mud',
    secondSchool: 'float it off',
    note: 'Whether the mud makes an edge that lasts.',
  },
] as const;

/** Blades come in the morning and till after noon, so that what is begun at their hour ends before evening. */
const FIRST_HOUR = 8.5;
const HOURS = 5;
/** They go home in the afternoon. */
const RETURN_MS = 5 * HOUR_MS;
const atAnHourOfWork = (atMs: number): Date => {
  const midnight = new Date(atMs).setHours(0, 0, 0, 0);
  const hours = FIRST_HOUR + (HOURS * (atMs - midnight)) / DAY_MS;
  return new Date(midnight + hours * HOUR_MS);
};

/** When each blade of the past came, in the order they came. */
interface Coming {
  readonly template: Template;
  readonly bladeId: number;
  readonly at: Date;
  /** How its burr is left this time. */
  readonly burrPolicy: BurrPolicy;
  readonly slurry: Slurry;
  /** Visits still to come after it. */
  readonly left: number;
}

const comings = async (
  db: Queryable,
  now: Date,
  { uniform }: Chance,
  trialIds: readonly number[],
): Promise<Coming[]> => {
  const from = now.getTime() - PAST_DAYS * DAY_MS;
  // What is in the shop today is another story.
  const until = now.getTime() - 20 * DAY_MS;
  const found: Coming[] = [];
  for (const [index, template] of (await templatesIn(db)).entries()) {
    const bladeId = await addBladeLike(db, template.jobId, NAMES[index % NAMES.length]!);
    // A customer's habit: every two to six months, more before the feasts.
    const habitDays = 55 + 120 * uniform();
    const trial = Math.floor(index / TRIAL_BLADES);
    const begins = drawLot(TRIAL_SEED + trial, index % TRIAL_BLADES);
    const trialId = trialIds[trial];
    if (trialId !== undefined) await addTrialBlade(db, trialId, bladeId, 'alternate', begins, 1);
    const days: (Pick<Coming, 'burrPolicy' | 'slurry'> & { readonly at: number })[] = [];
    for (let at = from + habitDays * uniform() * DAY_MS; at < until;) {
      const isTrace = uniform() >= 0.5;
      const isSecond = armOfVisit('alternate', begins, days.length) === 'second';
      const burrPolicy = (trial === 0 ? isSecond : trial > 1 && isTrace) ? 'a trace' : 'none';
      const slurry = SLURRIES[trial === 1 && isSecond ? 1 : 0];
      days.push({ at, burrPolicy, slurry });
      const isFeast = new Date(at).getMonth() === 10;
      at += habitDays * LASTS[burrPolicy] * (isFeast ? 0.6 : 0.8 + 0.4 * uniform()) * DAY_MS;
    }
    days.forEach(({ at, ...finish }, visit) =>
      found.push({
        template,
        bladeId,
        at: atAnHourOfWork(at),
        ...finish,
        left: days.length - visit,
      }),
    );
  }
  return found.sort((a, b) => a.at.getTime() - b.at.getTime());
};

/** What happens now and then: a day missed, a test failed. */
const courseOf = (
  visit: number,
  { uniform }: Chance,
): { readonly lateDays: number; readonly isBegunLate: boolean; readonly cause: string | null } => {
  const failed = uniform() < 0.06;
  const lateDays = uniform() < (failed ? 0.5 : 0.08) ? 1 + Math.floor(3 * uniform()) : 0;
  const causes = ['burr left', 'nick left', 'angle too low'];
  const isBegunLate = !failed && lateDays > 0 && uniform() < 0.5;
  return { lateDays, isBegunLate, cause: failed ? causes[visit % causes.length]! : null };
};

/** By the minute, as the boat reckons; the estimate is told in a range that holds most times. */
const pricesOf = (foreseenSeconds: number, { normal, uniform }: Chance) => {
  const to50 = (minor: number): number => Math.max(50, 50 * Math.round(minor / 50));
  const usual = 800 + (55 * foreseenSeconds) / 60;
  return {
    isAgreed: uniform() < 0.8,
    lowMinor: to50(0.85 * usual),
    highMinor: to50(1.2 * usual),
    priceMinor: to50(usual * Math.exp(0.12 * normal())),
  };
};

interface People {
  /** Does most of the work. */
  readonly benchId: number;
  readonly ownerId: number;
}

/** Gives what was hidden, for a test to look for. */
export const loadPast = async (
  db: Queryable,
  { benchId, ownerId }: People,
  now: Date,
  seed = 20_261_127,
): Promise<HiddenTruth> => {
  const chance = chanceFrom(seed);
  // Of its own, so that what the counter does leaves the bench as it is.
  const counter = chanceFrom(seed + 1);
  const truth = await truthOf(db, [benchId, ownerId], chance);
  const stepsByJob = new Map<number, readonly TemplateStep[]>();
  const sums = new RateSums();
  let learned: LearnedRates | null = null;
  let learntAt = 0;
  let tagNumber = 0;
  const trialIds: number[] = [];
  for (const [index, trial] of TRIALS.entries())
    trialIds.push(await addTrial(db, trial, TRIAL_SEED + index, ownerId));
  const visits = await comings(db, now, chance, trialIds);
  await setTrialsBegun(db, new Date(now.getTime() - PAST_DAYS * DAY_MS));
  for (const coming of visits) {
    const { template, bladeId, at, burrPolicy, slurry, left } = coming;
    if (at.getTime() - learntAt > MONTH_MS) {
      const told = sums.learnAll();
      if (!told.ok) throw new Error(told.error.message);
      learned = sums.count === 0 ? null : told.value;
      learntAt = at.getTime();
    }
    const steps = stepsByJob.get(template.jobId) ?? (await stepsOf(db, template.jobId));
    stepsByJob.set(template.jobId, steps);
    // Tags are used again and again.
    tagNumber = (tagNumber % TAGS) + 1;
    const promisedAt = new Date(at.getTime() + 3 * DAY_MS);
    const course = courseOf(left, counter);
    const returnedAt = new Date(promisedAt.getTime() + course.lateDays * DAY_MS + RETURN_MS);
    const jobId = await addVisit(db, template.jobId, {
      bladeId,
      tagNumber,
      takenInAt: at,
      burrPolicy,
      slurry,
      promisedAt,
      returnedAt,
      round: course.cause === null ? 1 : 2,
      // What a visit takes off, and what a caliper is off by.
      higherMm: Math.round(100 * (0.25 * left + 0.1 * chance.uniform())) / 100,
      thinnerMm: Math.round(1000 * (0.008 * left + 0.006 * chance.uniform())) / 1000,
    });
    // What is late was, half the time, begun late.
    const begunAt = at.getTime() + (course.isBegunLate ? 4 : 1) * DAY_MS;
    const staffId = chance.uniform() < 0.75 ? benchId : ownerId;
    let foreseenInAll = 0;
    for (const [index, step] of steps.entries()) {
      const foreseenSeconds = step.seconds * Math.exp(0.15 * chance.normal());
      foreseenInAll += foreseenSeconds;
      const names = {
        abrasive: String(step.stoneId),
        steel: template.steel,
        person: String(staffId),
      };
      const log =
        (truth.stone.get(step.stoneId ?? 0) ?? 0) +
        truth.steel.get(template.steel)! +
        truth.person.get(staffId)! +
        truth.noiseSd * chance.normal();
      const takenSeconds = foreseenSeconds * Math.exp(log);
      const predicted = step.stoneId === null ? null : learned?.predict(names, foreseenSeconds);
      const { lowS, highS } = stepRange(foreseenSeconds);
      await addStep(db, jobId, step, {
        foreseenSeconds,
        takenSeconds,
        range: predicted
          ? [predicted.p10Seconds, predicted.p50Seconds, predicted.p90Seconds]
          : [lowS, foreseenSeconds, highS],
        steel: template.steel,
        staffId,
        finishedAt: new Date(begunAt + index * 600_000),
      });
      if (step.stoneId !== null && takenSeconds >= 5) {
        const record: FinishedStep = { ...names, foreseenSeconds, takenSeconds };
        sums.add(record);
      }
    }
    await addDealings(db, jobId, {
      staffId,
      ...course,
      readyAt: new Date(returnedAt.getTime() - HOUR_MS),
      returnedAt,
      ...pricesOf(foreseenInAll, counter),
    });
  }
  await learnFromAll(db);
  return truth;
};
