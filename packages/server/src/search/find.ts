/** Reads what was typed: words, the first letters of a name, the digits of a telephone, or a tag. */
import type { Found } from '@patient-edge/contract';
import { isOneLetterOff } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import {
  bladeByTag,
  bladesByStart,
  bladesByWords,
  customersByPhone,
  customersByStart,
  customersByWords,
  MOST_FOUND,
} from './queries';
import { wordsNear } from '../search-words/queries';
import { guessableWords } from '../search-words/words';

/** The full-text index of MariaDB holds words from three letters on. */
const LEAST_WORD = 3;
const LEAST_DIGITS = 3;
const HIGHEST_TAG = 9999;
/** Words one letter off that are looked for too. */
const MOST_NEAR = 6;

/** Words long enough for the index, in lower case. */
const lettersOf = (typed: string): string[] =>
  typed
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => [...word].length >= LEAST_WORD)
    .slice(0, 6);

/** `+begins* +of*` for the words long enough; null when there is none. Operators of the search are taken out. */
export const wordsOf = (typed: string): string | null => {
  const words = lettersOf(typed);
  return words.length === 0 ? null : words.map((word) => `+${word}*`).join(' ');
};

/** What begins so, its wildcards meant as letters. */
export const startOf = (typed: string): string => `${typed.replace(/[\\%_]/g, '\\$&')}%`;

const NOTHING: Found = { customers: [], blades: [] };

export const find = async (db: Queryable, typed: string): Promise<Found> => {
  if (typed === '') return NOTHING;
  const digits = typed.replace(/[\s()/+-]/g, '');
  if (/^\d+$/.test(digits)) {
    const tag = Number(digits);
    const [blades, customers] = await Promise.all([
      tag >= 1 && tag <= HIGHEST_TAG ? bladeByTag(db, tag) : [],
      digits.length >= LEAST_DIGITS
        ? customersByPhone(db, `${digits}%`, `${[...digits].reverse().join('')}%`)
        : [],
    ]);
    return { customers, blades };
  }
  const words = wordsOf(typed);
  if (words === null) return { customers: await customersByStart(db, startOf(typed)), blades: [] };
  const found = await byWords(db, words, typed);
  if (found.customers.length + found.blades.length > 0) return found;
  const corrected = await correctedWords(db, typed);
  return corrected === null ? NOTHING : byWords(db, corrected, onlyWordOf(corrected));
};

/**
 * What begins as typed first: an index gives it at once, and where it fills the list nobody need look for words anywhere
 * in a name, which takes the longer the more there are.
 */
const startThenWords = async <T extends { readonly id: number }>(
  typed: string | null,
  byStart: (start: string) => Promise<T[]>,
  byWord: () => Promise<T[]>,
): Promise<T[]> => {
  const first = typed === null ? [] : await byStart(startOf(typed));
  if (first.length >= MOST_FOUND) return first;
  const known = new Set(first.map(({ id }) => id));
  return [...first, ...(await byWord()).filter(({ id }) => !known.has(id))].slice(0, MOST_FOUND);
};

const byWords = async (db: Queryable, words: string, typed: string | null): Promise<Found> => {
  const [customers, blades] = await Promise.all([
    startThenWords(
      typed,
      (start) => customersByStart(db, start),
      () => customersByWords(db, words),
    ),
    startThenWords(
      typed,
      (start) => bladesByStart(db, start),
      () => bladesByWords(db, words),
    ),
  ]);
  return { customers, blades };
};

/** The one word that was guessed, where there is no other: it can be the beginning of a name. */
const onlyWordOf = (corrected: string): string | null =>
  /^\+\(\S+ (\S+)\*\)$/.exec(corrected)?.[1] ?? null;

/** Every word as it is, or as one of those one letter off: `+(one* two*) +of*`. Null where nothing is near. */
const correctedWords = async (db: Queryable, typed: string): Promise<string | null> => {
  const guessable = new Set(guessableWords(typed));
  const parts: string[] = [];
  for (const word of lettersOf(typed)) {
    const near = guessable.has(word)
      ? (await wordsNear(db, word)).filter((each) => isOneLetterOff(word, each))
      : [];
    parts.push(`+(${[word, ...near.slice(0, MOST_NEAR)].map((each) => `${each}*`).join(' ')})`);
  }
  return parts.some((part) => part.includes(' ')) ? parts.join(' ') : null;
};
