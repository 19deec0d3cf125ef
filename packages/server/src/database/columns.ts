/**
 * The columns of a table against the fields of a body: one list gives the SELECT, the INSERT and the UPDATE,
 * so that a new column is added in one place. Names are constants of the code, values always placeholders.
 */
type Value = string | number | boolean | Date | null;

export interface Columns<Body> {
  /** The list itself, to be part of a longer one. */
  readonly names: Readonly<Record<keyof Body & string, string>>;
  /** `column AS field, …`, each led by the table's alias. */
  readonly selected: (alias: string) => string;
  /** `(column, …) VALUES (?, …)` */
  readonly inserted: string;
  /** `column = ?, …` */
  readonly updated: string;
  readonly valuesOf: (body: Body) => Value[];
}

export const columnsOf = <Body extends object>(
  names: Readonly<Record<keyof Body & string, string>>,
): Columns<Body> => {
  const pairs = Object.entries<string>(names) as [keyof Body & string, string][];
  return {
    names,
    selected: (alias) =>
      pairs.map(([field, column]) => `${alias}.${column} AS ${field}`).join(', '),
    inserted: `(${pairs.map(([, column]) => column).join(', ')}) VALUES (${pairs.map(() => '?').join(', ')})`,
    updated: pairs.map(([, column]) => `${column} = ?`).join(', '),
    valuesOf: (body) => pairs.map(([field]) => body[field] as Value),
  };
};
