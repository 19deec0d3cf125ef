/** Forgets a person: also where somebody typed their name into a remark, a reason or a plan. */
import type { PoolConnection } from 'mysql2/promise';
import { bladesOfCustomer } from '../blades/queries';
import {
  forgetCustomer,
  phonesOf,
  TEXT_TABLES,
  textsOfCustomer,
  writeText,
  type CustomerRow,
} from './queries';
import { forgetWords } from '../search-words/forget';
import { STRINGS } from './strings';

const PERSON = STRINGS.theCustomer;
const BLADE = STRINGS.aBlade;
/** A name of fewer letters is a word of every other sentence. */
const LEAST_LETTERS = 3;

interface Term {
  readonly pattern: RegExp;
  readonly instead: string;
}

/** The text as whole words, wherever they stand. */
const term = (text: string, instead: string, flags: string): Term => {
  const escaped = text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  return {
    pattern: new RegExp(`(?<![\\p{L}\\p{N}])${escaped}(?![\\p{L}\\p{N}])`, `gu${flags}`),
    instead,
  };
};

const longEnough = (text: string): boolean => [...text].length >= LEAST_LETTERS;

export interface Person {
  readonly name: string;
  readonly bladeNames: readonly string[];
  readonly phones: readonly string[];
}

/** How somebody may be called in what was typed about their blades. */
export interface Terms {
  /** Their whole name, anywhere. */
  readonly whole: readonly Term[];
  /** What their blades are called: in a sentence, never a word that stands alone. */
  readonly blades: readonly Term[];
  /** Parts of the name as written, in what was typed by hand alone: craft words begin small. */
  readonly parts: readonly Term[];
}

export const termsOf = ({ name, bladeNames, phones }: Person): Terms => ({
  whole: [name, ...phones].filter((text) => text !== '').map((text) => term(text, PERSON, 'i')),
  blades: bladeNames.filter(longEnough).map((text) => term(text, BLADE, 'i')),
  parts: name
    .split(/[^\p{L}\p{N}]+/u)
    .filter((part) => longEnough(part) && /^\p{Lu}/u.test(part))
    .map((part) => term(part, PERSON, '')),
});

const replaced = (text: string, terms: readonly Term[]): string =>
  terms.reduce((held, { pattern, instead }) => held.replace(pattern, instead), text);

/** What somebody typed, without the person. */
export const withoutPerson = (typed: string, { whole, blades, parts }: Terms): string =>
  replaced(replaced(replaced(typed, blades), whole), parts);

/** A JSON text without the person: texts within it alone, and of those only what may be a sentence. */
export const jsonWithoutPerson = (json: string, { whole, blades }: Terms): string => {
  const without = (value: unknown): unknown => {
    if (typeof value === 'string') {
      const isSentence = /\s/.test(value);
      return replaced(isSentence ? replaced(value, blades) : value, whole);
    }
    if (Array.isArray(value)) return value.map(without);
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, without(each)]));
  };
  const before: unknown = JSON.parse(json);
  const after = without(before);
  const text = JSON.stringify(after);
  // Written anew only where something was found: a record is otherwise left to the letter.
  return text === JSON.stringify(before) ? json : text;
};

/** Erases within the transaction of the caller; the sheets in the printer's tray are the caller's too. */
export const eraseCustomer = async (db: PoolConnection, row: CustomerRow): Promise<void> => {
  const terms = termsOf({
    name: row.name,
    bladeNames: (await bladesOfCustomer(db, row.id)).map(({ name }) => name),
    phones: (await phonesOf(db, row.id)).map(({ number }) => number),
  });
  for (const table of TEXT_TABLES) {
    for (const found of await textsOfCustomer(db, table, row.id)) {
      for (const column of [...table.plain, ...table.json]) {
        const text = found[column];
        if (typeof text !== 'string') continue;
        const without = table.json.includes(column)
          ? jsonWithoutPerson(text, terms)
          : withoutPerson(text, terms);
        if (without !== text) await writeText(db, table, found, column, without);
      }
    }
  }
  await forgetWords(db, row.id, row.name, row.trade);
  await forgetCustomer(db, row.id);
};
