/** Words as they are searched: letters alone, and what two of them share that are one letter apart. */

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
