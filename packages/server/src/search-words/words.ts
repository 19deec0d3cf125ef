/** Words as they are searched: letters alone, and how far two of them are apart. */

/** A word shorter than this has too many neighbours to guess among. */
const LEAST_GUESSED = 4;
const LONGEST = 40;

/** The words of a name that can be found with a wrong letter in them. */
export const guessableWords = (text: string): string[] => [
  ...new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length >= LEAST_GUESSED && word.length <= LONGEST),
  ),
];

/** The word itself, and it with each letter left out. */
export const piecesOf = (word: string): string[] => {
  const letters = [...word];
  return [
    ...new Set([
      word,
      ...letters.map((_, left) => letters.filter((_each, at) => at !== left).join('')),
    ]),
  ];
};

/** Letters without their accents. */
const plain = (word: string): string[] => [
  ...word.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase(),
];

/**
 * Whether one letter more, less, changed, or swapped with its neighbour makes the one word the other.
 */
export const isOneLetterOff = (one: string, other: string): boolean => {
  const [short, long] = [plain(one), plain(other)].sort((a, b) => a.length - b.length) as [
    string[],
    string[],
  ];
  if (long.length - short.length > 1) return false;
  let from = 0;
  while (from < short.length && short[from] === long[from]) from += 1;
  const rest = (letters: readonly string[], at: number): string => letters.slice(at).join('');
  if (long.length > short.length) return rest(short, from) === rest(long, from + 1);
  return (
    rest(short, from + 1) === rest(long, from + 1) ||
    (short[from] === long[from + 1] &&
      short[from + 1] === long[from] &&
      rest(short, from + 2) === rest(long, from + 2))
  );
};
