/**
 * Constants of the craft that nobody has measured yet: first guesses, to be corrected by the bench's own log. Each room
 * keeps its own in one table, with what it means, its unit, where it comes from and the range it may lie in.
 */
export type GuessValue = number | readonly number[] | Readonly<Record<string, number>>;

export interface FirstGuess {
  readonly what: string;
  readonly value: GuessValue;
  readonly unit: string;
  readonly source: string;
  /** In which every number of the value must lie, and a better one would be looked for. */
  readonly range: readonly [least: number, most: number];
}

export type FirstGuesses = Readonly<Record<string, FirstGuess>>;

/** Where most of them come from. */
export const TRADE_HABIT = 'Habit of the trade';

type Widened<V> = V extends number ? number : { readonly [Key in keyof V]: number };

/** The values of a table by their names. */
export const valuesOf = <T extends FirstGuesses>(
  table: T,
): { readonly [Name in keyof T]: Widened<T[Name]['value']> } =>
  Object.fromEntries(Object.entries(table).map(([name, { value }]) => [name, value])) as {
    readonly [Name in keyof T]: Widened<T[Name]['value']>;
  };
