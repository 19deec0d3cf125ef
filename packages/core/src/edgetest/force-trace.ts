/**
 * What a force tester records while an edge is pressed through a thread: the force rises, the thread parts, the force is
 * gone at once. The peak before it is the reading; a hand that only lifts off lets go slowly, and is none.
 */
import { median } from '../statistics';

export interface Severing {
  /** From the first sample. */
  readonly atS: number;
  readonly peakGf: number;
}

/** A thread lets go within this; a hand takes longer. */
const SUDDEN_S = 0.06;
/** From nine tenths of the peak down to three. */
const HIGH_SHARE = 0.9;
const LOW_SHARE = 0.3;
/** Below this nothing was pressed, gf; and below so many times the noise. */
const LEAST_GF = 12;
const NOISE_TIMES = 8;
/** Samples on each side of one that a single wrong one is weighed against. */
const BESIDE = 1;
/** Of all samples the lowest fifth is the tester at rest. */
const REST_SHARE = 0.2;

/** Each sample as the middle one of its neighbours: a single spark is no peak. */
const calmed = (samples: readonly number[]): readonly number[] =>
  samples.map(
    (_, index) =>
      median(samples.slice(Math.max(0, index - BESIDE), index + BESIDE + 1)) ?? samples[index]!,
  );

const sortedAt = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))] ?? 0;

/**
 * The severings in a trace, in their order. `samples` are gf at a steady rate; what the tester shows at rest is taken off.
 *
 * @example
 * severings([0, 0, 0, 0, 0, 60, 120, 180, 0, 0, 0, 0, 0, 0], 200).length; // 1
 */
export const severings = (samples: readonly number[], rateHz: number): readonly Severing[] => {
  if (samples.length < 2) return [];
  const calm = calmed(samples);
  const rest = sortedAt(calm, REST_SHARE);
  const steps = samples.slice(1).map((value, index) => Math.abs(value - samples[index]!));
  const least = Math.max(LEAST_GF, NOISE_TIMES * (sortedAt(steps, REST_SHARE) || 0));
  const found: Severing[] = [];
  let from: number | null = null;
  calm.forEach((value, index) => {
    const isPressed = value - rest > least;
    if (isPressed) from ??= index;
    const ends = !isPressed || index === calm.length - 1;
    if (!ends || from === null) return;
    const pressed = calm.slice(from, index + 1).map((each) => each - rest);
    const peakGf = Math.max(...pressed);
    const lastHigh = pressed.findLastIndex((each) => each >= HIGH_SHARE * peakGf);
    const firstLow = pressed.findIndex((each, at) => at > lastHigh && each <= LOW_SHARE * peakGf);
    // Still pressed at the end of what was recorded: nothing has parted yet.
    if (firstLow > 0 && (firstLow - lastHigh) / rateHz <= SUDDEN_S)
      found.push({ atS: (from + lastHigh) / rateHz, peakGf });
    from = null;
  });
  return found;
};
