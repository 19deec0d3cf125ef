/** Whether what is typed finds a text: by the beginnings of its words, case and accents aside, with one wrong letter. */

import { isOneLetterOff, plainLetters } from '@patient-edge/core';

/** A word shorter than this must be right. */
const LEAST_GUESSED = 4;

const stringsOf = (text: string): readonly string[] =>
  plainLetters(text)
    .split(/[^\p{L}\p{N}µ]+/u)
    .filter(Boolean);

/** How well: 2 where every word typed begins a word of the text, 1 with a wrong letter, 0 not at all. */
export const matchOf = (typed: string, text: string): 0 | 1 | 2 => {
  const wanted = stringsOf(typed);
  if (wanted.length === 0) return 0;
  const words = stringsOf(text);
  let best: 1 | 2 = 2;
  for (const want of wanted) {
    if (words.some((word) => word.startsWith(want))) continue;
    const isNear =
      want.length >= LEAST_GUESSED &&
      words.some((word) =>
        // What is typed may be the beginning of a longer word.
        [want.length - 1, want.length, want.length + 1].some((length) =>
          isOneLetterOff(want, word.slice(0, length)),
        ),
      );
    if (!isNear) return 0;
    best = 1;
  }
  return best;
};

/** Those that match, the better first, in the order they came otherwise. */
export const matching = <T>(
  typed: string,
  all: readonly T[],
  textOf: (each: T) => string,
  most: number,
): readonly T[] => {
  const found = all.map((each) => [each, matchOf(typed, textOf(each))] as const);
  return [2, 1]
    .flatMap((how) => found.filter(([, match]) => match === how).map(([each]) => each))
    .slice(0, most);
};
