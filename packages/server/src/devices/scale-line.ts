/** Reads what a scale sends: lines of text with a weight and its unit, cut anywhere by the network. */

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

/** A line longer than this comes from no scale. */
const LONGEST_LINE = 200;

/** Collects pieces and gives the readings of whole lines. */
export const scaleReader = (): ((piece: string) => number[]) => {
  let rest = '';
  return (piece) => {
    const lines = (rest + piece).split(/\r?\n/);
    rest = (lines.pop() ?? '').slice(-LONGEST_LINE);
    return lines.flatMap((line) => gramsOf(line) ?? []);
  };
};
