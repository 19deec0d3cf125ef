/** Force in the unit the shop chose; the store keeps newtons. */
import { forceIn, newtonsOf, type ForceUnit } from '@patient-edge/core';
import { formats } from './formats';

export const FORCE_LABELS: Readonly<Record<ForceUnit, string>> = {
  N: 'newtons',
  gf: 'grams-force',
  ozf: 'ounces',
  lbf: 'pounds',
};
const SHORT: Readonly<Record<ForceUnit, string>> = { N: 'N', gf: 'gf', ozf: 'oz', lbf: 'lb' };
const DIGITS: Readonly<Record<ForceUnit, number>> = { N: 1, gf: 0, ozf: 0, lbf: 1 };

/** The unit the shop reads forces in. */
export const forceUnit = (): ForceUnit => formats().force;

const inUnit = (newtons: number, unit: ForceUnit): string =>
  String(Number(forceIn(newtonsOf(newtons, 'N'), unit).toFixed(DIGITS[unit])));

/** One force, as in "4.5 N" or "459 gf". */
export const forceText = (newtons: number, unit: ForceUnit): string =>
  `${inUnit(newtons, unit)} ${SHORT[unit]}`;

/** A band, as in "4–6 N". */
export const bandText = ([low, high]: readonly [number, number], unit: ForceUnit): string =>
  `${inUnit(low, unit)}–${inUnit(high, unit)} ${SHORT[unit]}`;
