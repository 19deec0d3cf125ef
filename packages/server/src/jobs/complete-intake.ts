/** An intake made whole: what was not measured comes from the last visit or the usual of the kind. */
import type { IntakeBody } from '@patient-edge/contract';
import {
  bevelsOf,
  bladeKind,
  isMeasured,
  standInAngleDeg,
  withStandIns,
  type LastMeasured,
  type MeasuresWithStandIns,
} from '@patient-edge/core';
import { lastAngleOf, lastMeasuredOf } from '../blades/queries';
import type { Queryable } from '../database/pool';

export interface CompleteIntake extends MeasuresWithStandIns {
  readonly body: IntakeBody;
  /** Null when it follows from the bevel. */
  readonly presentAnglePerSideDeg: number | null;
  readonly angleAssumed: boolean;
}

/** What a blade had when it was last here. */
export interface LastSeen extends LastMeasured {
  readonly angleDeg: number | null;
}

/** Of the visit before `jobId`, or before a visit that is being written down (null); null at the first. */
export const lastSeen = async (
  db: Queryable,
  bladeId: number,
  jobId: number | null,
): Promise<LastSeen | null> => {
  const last = await lastMeasuredOf(db, bladeId, jobId);
  return last && { ...last, angleDeg: await lastAngleOf(db, bladeId) };
};

export const completeIntake = (body: IntakeBody, last: LastSeen | null): CompleteIntake => {
  const filled = withStandIns(body.kindId, body, body.measuredWith, last);
  const { presentAngle } = body;
  if (presentAngle !== null) {
    const { valueDeg, as } = presentAngle;
    return {
      ...filled,
      body,
      presentAnglePerSideDeg:
        as === 'inclusive' ? valueDeg / bevelsOf(bladeKind(body.kindId)) : valueDeg,
      angleAssumed: false,
    };
  }
  if (body.bevelFaceMm !== null) {
    return { ...filled, body, presentAnglePerSideDeg: null, angleAssumed: false };
  }
  const { measures, measuredWith } = filled;
  const fromSpine =
    bladeKind(body.kindId).grind === 'razor' && isMeasured(measuredWith.spineMiddleMm);
  return {
    ...filled,
    body,
    presentAnglePerSideDeg: standInAngleDeg(body.kindId, measures, last?.angleDeg ?? null),
    angleAssumed: !fromSpine,
  };
};
