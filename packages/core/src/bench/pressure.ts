/** Pressure practised against a kitchen scale: how steady the hand is, and how often inside the band. */
import type { Newtons } from '../units';
import { STEADY_SHARE } from './first-guesses';
import { STRINGS } from './strings';

export interface PressureReading {
  /** Seconds since the practice began. */
  readonly atS: number;
  readonly newtons: Newtons;
}

export interface PressureJudgement {
  readonly count: number;
  readonly meanN: number;
  readonly sdN: number;
  /** 0 to 1. */
  readonly insideShare: number;
  readonly text: string;
}

/** Below this the hand is off the scale between strokes. */
const OFF_N = 0.2;

/**
 * Null while nothing has been pressed yet. Readings with the hand off the scale do not count.
 *
 * @example
 * judgePressure([], [4, 6]); // null
 */
export const judgePressure = (
  readings: readonly PressureReading[],
  bandN: readonly [number, number],
): PressureJudgement | null => {
  const pressed = readings.filter(({ newtons }) => newtons >= OFF_N);
  if (pressed.length === 0) return null;
  const [low, high] = bandN;
  const meanN = pressed.reduce((sum, { newtons }) => sum + newtons, 0) / pressed.length;
  const sdN = Math.sqrt(
    pressed.reduce((sum, { newtons }) => sum + (newtons - meanN) ** 2, 0) / pressed.length,
  );
  const inside = pressed.filter(({ newtons }) => newtons >= low && newtons <= high).length;
  const insideShare = inside / pressed.length;
  const text =
    insideShare >= STEADY_SHARE
      ? STRINGS.steadyAndWhereItBelongs
      : meanN > high
        ? STRINGS.tooHeavyLetTheStoneDo
        : meanN < low
          ? STRINGS.tooLightForThisGrain
          : STRINGS.rightOnAverageButItWanders;
  return { count: pressed.length, meanN, sdN, insideShare, text };
};
