/** A kind's cuts at every station of a blade, summed along its edge. */
import { fail, ok, perSide, type Result } from '../../units';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../../outline';
import type { Shape, Wanted } from './blade-work';
import type { CutStrategy } from './cut-strategy';
import {
  closes,
  sumAlong,
  sumBands,
  workStages,
  type StageSum,
  type StageSums,
  type WorkedStage,
  type WorkedStation,
} from './stages';
import { STRINGS } from './strings';

/** Close enough that twice as many change the volume by less than half a per cent. */
export const STATIONS = 41;
/** Below this height a station is all tip, and is worked by eye. */
const LOWEST_STATION_MM = 1;

export interface LocalShape {
  readonly station: Station;
  readonly shape: Shape;
}

/** The section at every station of the blade as it came; stations too low for one are left out. */
export const shapesAlong = (
  strategy: CutStrategy,
  curves: EdgeCurves,
  presentDeg: number,
  count = STATIONS,
): LocalShape[] =>
  stationsAlongEdge(curves, perSide(presentDeg), count).flatMap((station) => {
    if (station.heightMm < LOWEST_STATION_MM) return [];
    const shape = strategy.shapeAt(station);
    return shape.ok ? [{ station, shape: shape.value }] : [];
  });

/** One section worked. Errors: CUT_DOES_NOT_CLOSE when no bevel is left below the spine. */
export const workedAt = (
  strategy: CutStrategy,
  shape: Shape,
  riseMm: number,
  wanted: Wanted,
): Result<readonly WorkedStage[]> => {
  const stages = strategy.stagesFor(shape, riseMm, wanted);
  if (!stages.ok) return stages;
  const worked = workStages(shape.section, stages.value);
  return closes(shape.section, worked)
    ? ok(worked)
    : fail(
        'CUT_DOES_NOT_CLOSE',
        STRINGS.withTheApexUpByMm(riseMm.toFixed(3), wanted.angleDeg),
        'choices.angleDeg',
      );
};

/** All stations worked alike, the apex up by what is wanted at each z. */
export const workAlong = (
  strategy: CutStrategy,
  local: readonly LocalShape[],
  riseMm: (zMm: number) => number,
  wanted: Wanted,
): { sums: StageSums; bands: readonly StageSum[]; notWorked: number } => {
  const stations = local.map(({ station, shape }): WorkedStation => {
    const worked = workedAt(strategy, shape, riseMm(station.zMm), wanted);
    return { sMm: station.sMm, stages: worked.ok ? worked.value : null };
  });
  return {
    sums: sumAlong(stations),
    bands: sumBands(stations),
    notWorked: stations.filter(({ stages }) => stages === null).length,
  };
};
