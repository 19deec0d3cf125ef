/** Force as it is read: newtons in the store, and what a scale or a hand calls it. Exact by definition. */
import type { Quantity } from './quantities';

export type Newtons = Quantity<'N'>;

export const FORCE_UNITS = ['N', 'gf', 'ozf', 'lbf'] as const;
export type ForceUnit = (typeof FORCE_UNITS)[number];

/** Standard gravity 9.80665 m/s² (ISO 80000-4); the avoirdupois pound is 0.45359237 kg. */
const NEWTONS_IN: Readonly<Record<ForceUnit, number>> = {
  N: 1,
  gf: 9.80665e-3,
  ozf: (0.45359237 * 9.80665) / 16,
  lbf: 0.45359237 * 9.80665,
};

/**
 * A reading in newtons.
 *
 * @example
 * newtonsOf(2, 'N'); // 2
 */
export const newtonsOf = (value: number, unit: ForceUnit): Newtons =>
  (value * NEWTONS_IN[unit]) as Newtons;

/**
 * Newtons in that unit.
 *
 * @example
 * Math.round(forceIn(newtonsOf(9.80665, 'N'), 'gf')); // 1000
 */
export const forceIn = (newtons: Newtons, unit: ForceUnit): number => newtons / NEWTONS_IN[unit];
