/** Lengths clicked on a picture, and what glints mean for the readings of an edge. */
import type { CloseUp, Job } from '@patient-edge/contract';
import { zoneAt, ZONES, type Glint, type PicturePoint, type Zone } from '@patient-edge/core';
import { asTyped, type TypedReadings } from '../edge-tests/typed-readings';

export const NO_CLOSE_UP: CloseUp = {
  taken: 'before',
  stepId: null,
  spot: '',
  umPerPx: null,
  measured: [],
};

/** From one click to the other, in pixels; null until there are two. */
export const clickedPx = (points: readonly PicturePoint[]): number | null => {
  const [a, b] = points;
  return a && b ? Math.hypot(b.x - a.x, b.y - a.y) : null;
};

/** Which zones the glints lie in, heel to tip. */
export const zonesOfGlints = (glints: readonly Glint[], edgeLengthMm: number): readonly Zone[] => {
  const hit = new Set(
    glints.flatMap(({ fromMm, toMm }) =>
      [fromMm, (fromMm + toMm) / 2, toMm].map((atMm) => zoneAt(atMm / edgeLengthMm)),
    ),
  );
  return ZONES.filter((zone) => hit.has(zone));
};

/** The light of every zone as the picture shows it and somebody has confirmed; all else as it was typed. */
export const withLight = (typed: TypedReadings, glinting: readonly Zone[]): TypedReadings =>
  ZONES.reduce<TypedReadings>(
    (all, zone) => ({
      ...all,
      [zone]: {
        ...all[zone],
        classes: { ...all[zone].classes, light: glinting.includes(zone) ? 'glint' : 'dark' },
      },
    }),
    typed,
  );

/** The readings that are typed of a job now, and under which name this device keeps them; null where none are. */
export const openReadings = (
  job: Job,
  phase: 'before' | 'after',
): { readonly draft: string; readonly kept: TypedReadings } => ({
  draft: `tests ${job.id} ${phase} ${job.round}`,
  kept: asTyped(
    job.tests.find(
      (each) => each.phase === phase && each.round === (phase === 'before' ? 0 : job.round),
    )?.readings,
  ),
});
