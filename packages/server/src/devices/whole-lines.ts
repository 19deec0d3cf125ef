/** Lines out of pieces, cut anywhere by the network. */

/** A line longer than this comes from no device. */
const LONGEST_LINE = 200;

export const wholeLines = (): ((piece: string) => readonly string[]) => {
  let rest = '';
  return (piece) => {
    const lines = (rest + piece).split(/\r?\n/);
    rest = (lines.pop() ?? '').slice(-LONGEST_LINE);
    return lines;
  };
};
