/**
 * The language of what is shown. English stands in one file per area; another language is one file that is laid before
 * the programme begins and says of each area what it has words for.
 */

/** Words by their names: a text, or a function where figures and names go into it. */
export type AreaStrings = Readonly<Record<string, string | ((...params: never[]) => string)>>;

/** The shape of a wording, whatever the words. */
export type SameShape<T extends AreaStrings> = {
  readonly [Name in keyof T]: T[Name] extends string ? string : T[Name];
};

export interface Language {
  /** Its file, by which a worker finds it. */
  readonly file: string;
  /** What it says of an area; what it leaves out stays English. */
  readonly strings: (area: string, english: AreaStrings) => AreaStrings;
  /** What it calls a stage, a side, a kind: what the record keeps is the English word. */
  readonly name: (english: string) => string;
}

declare global {
  /** Set by the file of a language, which is loaded before all else; undefined for English. */
  var patientEdgeLanguage: Language | undefined;
}

/**
 * The words of an area in the language of this device.
 *
 * @example
 * stringsOf('rack', { add: 'Add a stone' }).add; // "Add a stone"
 */
export const stringsOf = <T extends AreaStrings>(area: string, english: T): SameShape<T> => ({
  ...(english as SameShape<T>),
  ...globalThis.patientEdgeLanguage?.strings(area, english),
});

/**
 * A word of the record as it is shown: a stage, a side, a zone, a kind of stone.
 *
 * @example
 * named('on the bench'); // "on the bench"
 */
export const named = <T extends string | null | undefined>(
  english: T,
): Extract<T, null | undefined> | string =>
  typeof english === 'string'
    ? (globalThis.patientEdgeLanguage?.name(english) ?? english)
    : (english as Extract<T, null | undefined>);

/**
 * How many there are of a thing, in English.
 *
 * @example
 * counted(1, 'entry', 'entries'); // "1 entry"
 */
export const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

const translated = (value: unknown, columns: readonly string[], key: string): unknown => {
  if (typeof value === 'string')
    return columns.length === 0 || columns.includes(key) ? named(value) : value;
  if (Array.isArray(value)) return value.map((each: unknown) => translated(each, columns, key));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [name, translated(each, columns, name)]),
  );
};

/**
 * A table of the craft with its texts as they are shown: those of the columns named, or all of them.
 *
 * @example
 * localized([{ id: 'bone', label: 'Cleaving bone' }], 'label')[0].label; // "Cleaving bone"
 */
export const localized = <T>(table: T, ...columns: readonly string[]): T =>
  globalThis.patientEdgeLanguage ? (translated(table, columns, '') as T) : table;
