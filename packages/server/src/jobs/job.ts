/** One job whole, and the guard that every change of a job goes through. */
import { isTestedIn, type Job } from '@patient-edge/contract';
import {
  asksForTest,
  findUse,
  judgeEdge,
  refusalOf,
  textOf,
  type JobAction,
  type JobState,
} from '@patient-edge/core';
import type { Request } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { stepsOfJob } from '../bench/queries';
import { inTransaction, type Queryable } from '../database/pool';
import { testRoundsOfJob, testsInUse } from '../edge-tests/queries';
import { conflict, notFound } from '../http/errors';
import { withIdempotency } from '../http/idempotency';
import { complaintOfJob } from '../complaints/queries';
import { consentsOfJob, estimateOfJob } from '../judge/queries';
import { billOfJob } from '../money/queries';
import { lastChoicesOf, planRecordOf } from '../plan/queries';
import { trialLot } from '../trials/lot';
import { photographsOfJob } from '../photographs/queries';
import {
  customerOf,
  damageBefore,
  damageOfJob,
  eventsOfJob,
  findJobRow,
  lockJobRow,
  raiseVersion,
  type JobRow,
} from './queries';
import { ALL_BY_CALIPER, isInHand, measuresOf } from './rows';
import { STRINGS } from './strings';

export const inHandOf = (row: JobRow): Job['inHand'] =>
  isInHand(row, Date.now()) ? { staffId: row.inHandBy, name: row.inHandName ?? '' } : null;

/** One job with all that hangs on it, in two round trips. */
export const readJob = async (db: Queryable, id: number): Promise<Job> => {
  const row = await findJobRow(db, id);
  if (!row) throw notFound(STRINGS.thisBlade);
  // What hangs on the job is asked for at once, not one after the other.
  const [
    damage,
    before,
    steps,
    tests,
    events,
    consents,
    estimate,
    photographs,
    lastChoices,
    inUse,
    bill,
    complaint,
    trial,
  ] = await Promise.all([
    damageOfJob(db, id),
    damageBefore(db, row),
    stepsOfJob(db, id, row.round),
    testRoundsOfJob(db, id),
    eventsOfJob(db, id),
    consentsOfJob(db, id),
    estimateOfJob(db, row),
    photographsOfJob(db, id),
    lastChoicesOf(db, id),
    testsInUse(db),
    billOfJob(db, id),
    complaintOfJob(db, id),
    trialLot(db, row.bladeId, id),
  ]);
  const measures = measuresOf(row);
  const after = tests.find(({ phase, round }) => phase === 'after' && round === row.round);
  return {
    id: row.id,
    tagNumber: row.tagNumber,
    stage: row.stage,
    round: row.round,
    version: row.version,
    promisedOn: row.promisedOn,
    placeId: row.placeId,
    place: row.place,
    takenInAt: row.takenInAt.toISOString(),
    returnedAt: row.returnedAt?.toISOString() ?? null,
    customer: customerOf(row),
    blade: { id: row.bladeId, name: row.bladeName, steel: row.steel, measures },
    measures,
    steel: row.steel,
    useId: row.useId,
    cuts: row.cuts,
    askedFor: row.askedFor,
    sharpness: row.sharpness,
    carefulHands: Boolean(row.carefulHands),
    measuredWith: row.measuredWith ?? ALL_BY_CALIPER,
    angleAssumed: Boolean(row.angleAssumed),
    angleReadings: row.angleReadings ?? [],
    answers: row.answers ?? {},
    damage,
    trial,
    damageBefore: before,
    consents,
    protectionDone: row.protectionDone ?? [],
    estimate,
    photographs,
    plan: row.planRecord && planRecordOf(row.planRecord),
    lastChoices,
    steps,
    tests,
    testsInUse: inUse,
    verdict: after ? judgeEdge(after.readings, findUse(row.useId), inUse) : null,
    remarks: row.remarks,
    holding: row.holding,
    rigSetting: { jawMm: row.jawMm, ruleMarkMm: row.ruleMarkMm, block: row.block },
    declineReason: row.declineReason,
    bill,
    collectedBy: row.collectedBy,
    dueOn: row.dueOn,
    complaint,
    inHand: inHandOf(row),
    events,
  };
};

/**
 * Does one action with a job within a transaction, on the version the caller saw, and raises the version. A conflict
 * says who changed what since then, or what the lifecycle has against it; nothing of the request is applied.
 */
export const changeJobIn = async (
  db: PoolConnection,
  id: number,
  version: number,
  action: JobAction,
  work: (db: PoolConnection, row: JobRow) => Promise<void>,
): Promise<void> => {
  const row = await lockJobRow(db, id);
  if (!row) throw notFound(STRINGS.thisBlade);
  if (row.version !== version) {
    const last = (await eventsOfJob(db, id)).at(-1);
    throw conflict(
      STRINGS.thisBladeWasChangedSinceYou(last ? ` (${last.who}: ${textOf(last.message)})` : ''),
      row.version,
    );
  }
  const refusal = refusalOf(await stateFor(action, db, row), action);
  if (refusal !== null) throw conflict(refusal, row.version);
  await work(db, row);
  await raiseVersion(db, id);
};

/** The same once for the key the request carries, in a transaction of its own; gives the job as it is now. */
export const changeJobOnce = async (
  pool: Pool,
  request: Request,
  body: { readonly version: number },
  id: number,
  action: JobAction,
  work: (db: PoolConnection, row: JobRow) => Promise<void>,
): Promise<Job> => {
  await withIdempotency(pool, request, body, {
    work: async (db) => {
      await changeJobIn(db, id, body.version, action, work);
      return { id };
    },
    madeInWords: () => STRINGS.thatChangeWas,
  });
  return readJob(pool, id);
};

/** The same in a transaction of its own; gives the job as it is then. */
export const changeJob = async (
  pool: Pool,
  id: number,
  version: number,
  action: JobAction,
  work: (db: PoolConnection, row: JobRow) => Promise<void>,
): Promise<Job> => {
  await inTransaction(pool, (db) => changeJobIn(db, id, version, action, work));
  return readJob(pool, id);
};

/** What the lifecycle needs to know of a job for an action: tests are read only where they matter. */
export const stateFor = async (
  action: JobAction,
  db: Queryable,
  row: JobRow,
): Promise<JobState> => ({
  stage: row.stage,
  hasPlan: row.planRecord !== null,
  isTested: asksForTest(action) && isTestedIn(row.round, await testRoundsOfJob(db, row.id)),
});
