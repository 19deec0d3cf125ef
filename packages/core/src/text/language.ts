/**
 * The language of what is shown. English stands in one file per area; another language is one file that is laid before
 * the programme begins and says of each area what it has words for.
 */

/** Words by their names: a text, or a function where figures and names go into it. */
export type Wording = Readonly<Record<string, string | ((...params: never[]) => string)>>;

/** The shape of a wording, whatever the words. */
export type SameShape<T extends Wording> = {
  readonly [Name in keyof T]: T[Name] extends string ? string : T[Name];
};

/** What a language says of an area; what it leaves out stays English. */
export type Language = (area: string, english: Wording) => Wording;

declare global {
  /** Set by the file of a language, which is loaded before all else; undefined for English. */
  var patientEdgeLanguage: Language | undefined;
}

/**
 * The words of an area in the language of this device.
 *
 * @example
 * wordsOf('rack', { add: 'Add a stone' }).add; // "Add a stone"
 */
export const wordsOf = <T extends Wording>(area: string, english: T): SameShape<T> => ({
  ...(english as SameShape<T>),
  ...globalThis.patientEdgeLanguage?.(area, english),
});
