/**
 * A made-up language that ships with no shop: English with every word two fifths longer. What holds its lines and
 * buttons in it holds them in a real one; a real one is a file beside this.
 */
import type { AreaStrings } from '@patient-edge/core';

/** Stands unseen behind a word that is lengthened already: a sentence may hold another. */
const DONE = '\u2060';
const longerWord = (word: string): string =>
  word +
  word
    .slice(-1)
    .toLowerCase()
    .repeat(Math.ceil(0.4 * word.length)) +
  DONE;

const longer = (english: string): string =>
  // What stands in braces is a blank to be filled in, not a word.
  english.replaceAll(/\{[^}]*\}|\p{L}{2,}\u2060?/gu, (word) =>
    word.startsWith('{') || word.endsWith(DONE) ? word : longerWord(word),
  );

globalThis.patientEdgeLanguage = {
  file: 'lengthened',
  strings: (_area, english): AreaStrings =>
    Object.fromEntries(
      Object.entries(english).map(([name, said]) => [
        name,
        typeof said === 'string' ? longer(said) : (...params: never[]) => longer(said(...params)),
      ]),
    ),
  name: longer,
};
