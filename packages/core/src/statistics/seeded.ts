/**
 * Numbers from 0 to 1 that come the same for the same seed (Mulberry32): for searches that must find the same twice, and
 * lots that anybody can draw again.
 *
 * @example
 * seededUniform(1)() === seededUniform(1)(); // true
 */
export const seededUniform = (seed: number): (() => number) => {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
};
