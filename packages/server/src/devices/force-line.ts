/** Reads what a force tester sends: a line with the force in gf, two hundred times a second. */
import { wholeLines } from './whole-lines';

const LINE = /^\s*([+-]?\d{1,5}(?:[.,]\d{1,3})?)\s*(?:gf)?\s*$/i;

/** All samples of a piece in one message: two hundred a second would be as many. */
export const forceReader = (): ((piece: string) => { readonly gf: readonly number[] }[]) => {
  const lines = wholeLines();
  return (piece) => {
    const gf = lines(piece).flatMap((line) => {
      const found = LINE.exec(line);
      return found ? [Number(found[1]!.replace(',', '.'))] : [];
    });
    return gf.length === 0 ? [] : [{ gf }];
  };
};
