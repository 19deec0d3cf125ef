/** Chance that is the same every time: the demo is one and the same workshop on every machine. */
export interface Chance {
  /** From 0 to 1. */
  readonly uniform: () => number;
  /** Of mean 0 and standard deviation 1. */
  readonly normal: () => number;
}

/** Mulberry32, and the sum of twelve for a bell. */
export const chanceFrom = (seed: number): Chance => {
  let state = seed >>> 0;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
  const normal = (): number => {
    let sum = -6;
    for (let each = 0; each < 12; each += 1) sum += uniform();
    return sum;
  };
  return { uniform, normal };
};
