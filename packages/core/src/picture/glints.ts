/** Bright runs on a dark edge, seen with the lamp along the blade: where the apex throws light back it is missing. */
import type { PicturePoint } from '../outline';
import { median } from '../statistics';
import { brightnessAt, type GreyPicture } from './grey';

export interface Glint {
  readonly fromMm: number;
  readonly toMm: number;
}

/** A click is never on the edge itself: so far beside it is looked, px. */
const BESIDE_PX = 3;
/** Brighter than the edge by this, of black to white, and by so many times how it wavers. */
const LEAST_BRIGHTER = 0.15;
const WAVERS = 6;
/** A median deviation is this part of a standard one. */
const MAD_TO_SD = 1.4826;
/** Two that are nearer are one; a shorter one is dust, mm. */
const JOINED_MM = 0.6;
const SHORTEST_MM = 0.25;

interface Sample {
  readonly atPx: number;
  readonly bright: number;
}

/** The brightest a little to each side, at every pixel along the line. */
const samplesAlong = (picture: GreyPicture, line: readonly PicturePoint[]): readonly Sample[] => {
  const samples: Sample[] = [];
  let before = 0;
  line.slice(1).forEach((end, index) => {
    const start = line[index]!;
    const [dx, dy] = [end.x - start.x, end.y - start.y];
    const length = Math.hypot(dx, dy);
    if (length === 0) return;
    const [nx, ny] = [-dy / length, dx / length];
    for (let at = 0; at < length; at += 1) {
      let bright = 0;
      for (let beside = -BESIDE_PX; beside <= BESIDE_PX; beside += 1)
        bright = Math.max(
          bright,
          brightnessAt(
            picture,
            start.x + (dx * at) / length + nx * beside,
            start.y + (dy * at) / length + ny * beside,
          ),
        );
      samples.push({ atPx: before + at, bright });
    }
    before += length;
  });
  return samples;
};

/**
 * The glints along an edge traced from heel to tip, in millimetres from the heel. What is bright against the edge as a
 * whole; an edge that throws light back everywhere shows none here.
 */
export const glintsAlong = (
  picture: GreyPicture,
  line: readonly PicturePoint[],
  edgeLengthMm: number,
): readonly Glint[] => {
  const samples = samplesAlong(picture, line);
  const lengthPx = samples.at(-1)?.atPx ?? 0;
  if (lengthPx === 0) return [];
  const usual = median(samples.map(({ bright }) => bright)) ?? 0;
  const wavers = median(samples.map(({ bright }) => Math.abs(bright - usual))) ?? 0;
  const least = usual + Math.max(LEAST_BRIGHTER, WAVERS * MAD_TO_SD * wavers);
  const mmPerPx = edgeLengthMm / lengthPx;
  const runs: Glint[] = [];
  for (const { atPx, bright } of samples) {
    if (bright <= least) continue;
    const atMm = atPx * mmPerPx;
    const last = runs.at(-1);
    if (last && atMm - last.toMm <= Math.max(JOINED_MM, 1.5 * mmPerPx))
      runs[runs.length - 1] = { ...last, toMm: atMm };
    else runs.push({ fromMm: atMm, toMm: atMm });
  }
  return runs.filter(({ fromMm, toMm }) => toMm - fromMm >= SHORTEST_MM);
};
