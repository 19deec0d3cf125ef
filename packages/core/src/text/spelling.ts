/** Spelling, as far as finding something needs it: letters without case and accents, and one wrong letter. */

/**
 * Letters alike for who searches: small, without their accents.
 *
 * @example
 * plainLetters('Émile'); // 'emile'
 */
export const plainLetters = (text: string): string =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/**
 * Whether one letter more, less, changed, or swapped with its neighbour at most makes the one word the other; case and
 * accents aside.
 *
 * @example
 * isOneLetterOff('brikc', 'Brick'); // true
 */
export const isOneLetterOff = (one: string, other: string): boolean => {
  const [short, long] = [[...plainLetters(one)], [...plainLetters(other)]].sort(
    (a, b) => a.length - b.length,
  ) as [string[], string[]];
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
