import { ZONES, type Zone } from '../geometry';
import { wobbleOf, type Wobble } from './wobble';

export interface RecordedStroke {
  readonly angleDeg: number;
  readonly zone: Zone;
}

export interface Steadiness {
  readonly all: Wobble;
  /** Least-squares slope over the strokes in their order, degrees per stroke. */
  readonly driftDegPerStroke: number;
  /** Zones with at least two strokes. */
  readonly byZone: Readonly<Partial<Record<Zone, Wobble>>>;
}

/** Needs at least two strokes. */
export const steadinessOf = (strokes: readonly RecordedStroke[]): Steadiness => {
  const angles = strokes.map(({ angleDeg }) => angleDeg);
  const all = wobbleOf(angles);
  const middle = (strokes.length - 1) / 2;
  let along = 0;
  let spread = 0;
  angles.forEach((angle, index) => {
    along += (index - middle) * (angle - all.mean);
    spread += (index - middle) ** 2;
  });
  const byZone: Partial<Record<Zone, Wobble>> = {};
  for (const zone of ZONES) {
    const there = strokes.filter((stroke) => stroke.zone === zone).map(({ angleDeg }) => angleDeg);
    if (there.length >= 2) byZone[zone] = wobbleOf(there);
  }
  return { all, driftDegPerStroke: along / spread, byZone };
};
