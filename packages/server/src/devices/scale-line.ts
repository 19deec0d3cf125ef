/** Reads what a scale sends: lines of text with a weight and its unit, cut anywhere by the network. */

import { wholeLines } from './whole-lines';

const LINE = /^\s*([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(g|kg|oz|lb)\s*$/i;
const GRAMS_IN: Readonly<Record<string, number>> = {
  g: 1,
  kg: 1000,
  oz: 453.59237 / 16,
  lb: 453.59237,
};

/** Grams on the pan; null for a line that is no reading. */
export const gramsOf = (line: string): number | null => {
  const found = LINE.exec(line);
  if (!found) return null;
  const [, sign, digits, unit] = found;
  const value = Number(digits!.replace(',', '.')) * GRAMS_IN[unit!.toLowerCase()]!;
  return sign === '-' ? -value : value;
};

/** One message for each reading. */
export const scaleReader = (): ((piece: string) => { readonly grams: number }[]) => {
  const lines = wholeLines();
  return (piece) =>
    lines(piece).flatMap((line) => {
      const grams = gramsOf(line);
      return grams === null ? [] : [{ grams }];
    });
};
