/** Chance that is the same every time: the demo is one and the same workshop on every machine. */
import { seededUniform } from '@patient-edge/core';

export interface Chance {
  /** From 0 to 1. */
  readonly uniform: () => number;
  /** Of mean 0 and standard deviation 1. */
  readonly normal: () => number;
}

/** Seeded, and the sum of twelve for a bell. */
export const chanceFrom = (seed: number): Chance => {
  const uniform = seededUniform(seed);
  const normal = (): number => {
    let sum = -6;
    for (let each = 0; each < 12; each += 1) sum += uniform();
    return sum;
  };
  return { uniform, normal };
};
