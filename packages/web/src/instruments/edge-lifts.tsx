/** Lift for the edge: by station where one for a zone would not do, side by side where they are ground differently. */
import { ofSide, sidesAlike, type PlanStep } from '@patient-edge/core';
import { Fragment } from 'react';
import { fixed } from '../theme/format';
import { LiftLadder } from './lift-ladder';
import { StationLadder } from './station-ladder';
import { STRINGS } from './strings';

export const EdgeLifts = ({ step }: { step: PlanStep }) => {
  const { sides, stationLifts, angleDeg } = step;
  if (stationLifts.length > 0)
    return (
      <>
        <h3>{STRINGS.liftOfTheSpineAtPer(fixed(angleDeg ?? 0, 1))}</h3>
        <div style={{ maxWidth: 640 }}>
          <StationLadder lifts={stationLifts} />
        </div>
      </>
    );
  const alike = sidesAlike(step);
  return (
    <>
      {(alike ? sides.slice(0, 1) : sides).map((side) => (
        <Fragment key={side.side}>
          <h3>
            {STRINGS.liftOfTheSpineAt(
              fixed(side.angleDeg ?? 0, 1),
              ofSide(alike && sides.length > 1 ? null : side.side),
            )}
          </h3>
          <LiftLadder lifts={side.lifts} />
        </Fragment>
      ))}
    </>
  );
};
