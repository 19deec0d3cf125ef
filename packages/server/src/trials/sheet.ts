/** Trials with what their edges did: only visits that were done as the lot said count. */
import type { Trial } from '@patient-edge/contract';
import {
  armOfVisit,
  SCHOOL_QUESTIONS,
  trialResult,
  withDefaults,
  type EdgeLife,
  type TrialArm,
} from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { lifeOf } from '../record/lives';
import { listTrials, trialBlades, trialLives, type TrialLifeRow, type TrialRow } from './queries';

const resultOf = (
  trial: TrialRow,
  rows: readonly TrialLifeRow[],
  now: Date,
): Pick<Trial, 'result' | 'otherwise'> => {
  const question = SCHOOL_QUESTIONS.find(({ id }) => id === trial.question);
  const schools = { first: trial.firstSchool, second: trial.secondSchool };
  const lives: Record<TrialArm, EdgeLife[]> = { first: [], second: [] };
  let otherwise = 0;
  for (const row of rows) {
    const arm = armOfVisit(row.way, row.beginsWith, row.visitsBefore);
    if (question?.of(withDefaults(row.choices)) === schools[arm])
      lives[arm].push(lifeOf(row, arm, now));
    else otherwise += 1;
  }
  return { result: trialResult(lives), otherwise };
};

export const readTrials = async (db: Queryable, now: Date): Promise<Trial[]> => {
  const [trials, blades, lives] = [
    await listTrials(db),
    await trialBlades(db),
    await trialLives(db),
  ];
  return trials.map((trial): Trial => ({
    id: trial.id,
    question: trial.question,
    firstSchool: trial.firstSchool,
    secondSchool: trial.secondSchool,
    note: trial.note,
    seed: trial.seed,
    begunAt: trial.begunAt.toISOString(),
    begunBy: trial.begunBy,
    stoppedAt: trial.stoppedAt?.toISOString() ?? null,
    stopReason: trial.stopReason,
    blades: blades.flatMap(({ trialId, drawnAt, ...blade }) =>
      trialId === trial.id ? [{ ...blade, drawnAt: drawnAt.toISOString() }] : [],
    ),
    ...resultOf(
      trial,
      lives.filter(({ trialId }) => trialId === trial.id),
      now,
    ),
  }));
};
