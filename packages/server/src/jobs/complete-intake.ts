/** An intake made whole: what was not measured comes from the last visit or the usual of the kind. */
import type { IntakeBody } from '@patient-edge/contract';
import {
  bevelsOf,
  bladeKind,
  isMeasured,
  standInAngleDeg,
  withStandIns,
  type BladeMeasures,
  type MeasuresWithStandIns,
} from '@patient-edge/core';
import { findBlade, lastAngleOf } from '../blades/queries';
import type { Queryable } from '../database/pool';

export interface CompleteIntake extends MeasuresWithStandIns {
  readonly body: IntakeBody;
  /** Null when it follows from the bevel. */
  readonly presentAnglePerSideDeg: number | null;
  readonly angleAssumed: boolean;
}

/** What a blade had when it was last here. */
export interface LastSeen {
  readonly measures: BladeMeasures;
  readonly angleDeg: number | null;
}

export const lastSeen = async (on: Queryable, bladeId: number): Promise<LastSeen | null> => {
  const blade = await findBlade(on, bladeId);
  return blade
    ? { measures: blade.summary.measures, angleDeg: await lastAngleOf(on, bladeId) }
    : null;
};

export const completeIntake = (body: IntakeBody, last: LastSeen | null): CompleteIntake => {
  const filled = withStandIns(body.kindId, body, body.measuredWith, last?.measures ?? null);
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
