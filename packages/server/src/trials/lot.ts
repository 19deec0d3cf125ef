/** What a trial's lot says of one visit. */
import type { TrialLot } from '@patient-edge/contract';
import { armOfVisit } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { lotOfVisit } from './queries';

export const trialLot = async (
  db: Queryable,
  bladeId: number,
  jobId: number,
): Promise<TrialLot | null> => {
  const row = await lotOfVisit(db, bladeId, jobId);
  if (!row) return null;
  const isFirst = armOfVisit(row.way, row.beginsWith, row.visitsBefore) === 'first';
  const [school, other] = isFirst
    ? [row.firstSchool, row.secondSchool]
    : [row.secondSchool, row.firstSchool];
  return {
    trialId: row.trialId,
    question: row.question,
    school,
    other,
    drawnAt: row.drawnAt.toISOString(),
  };
};
