/** What a list or a segmented control offers. */
import { named } from '@patient-edge/core';

export interface Option<Id extends string> {
  readonly id: Id;
  readonly label: string;
  readonly detail?: string;
}

export interface PickProps<Id extends string> {
  readonly label: string;
  readonly options: readonly Option<Id>[];
  readonly value: Id | null;
  readonly onChange: (value: Id) => void;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
  /** For a field in a table, whose column says it. */
  readonly hideLabel?: boolean;
}

export const options = <Id extends string>(ids: readonly Id[]): Option<Id>[] =>
  ids.map((id) => {
    const name = named(id);
    return { id, label: name.charAt(0).toUpperCase() + name.slice(1) };
  });
