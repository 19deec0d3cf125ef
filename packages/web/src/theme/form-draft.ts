/** What is typed into a form and not saved yet, kept on this device: who comes back finds it there. */
import { useEffect, useRef } from 'react';
import type { FieldValues, Path, PathValue, UseFormReturn } from 'react-hook-form';
import { dropStored, readStored, writeStored } from '../api/stored';

const draftOf = (name: string): string => `form ${name}`;

/** Of what was typed, the fields that differ from what the server has. */
const changedIn = <T extends FieldValues>(
  typed: T,
  held: T,
  secret: readonly string[],
): Partial<T> =>
  Object.fromEntries(
    Object.entries(typed).filter(
      ([field, value]) =>
        !secret.includes(field) && JSON.stringify(value) !== JSON.stringify(held[field]),
    ),
  ) as Partial<T>;

interface FormDraft {
  /** Saved, or given up. */
  readonly drop: () => void;
}

/**
 * Keeps what differs from `held` under a name, one for each record, and fills it in again. `held` must be the same
 * object while nothing has changed; what is secret is never written down.
 */
export const useFormDraft = <T extends FieldValues>(
  form: UseFormReturn<T>,
  name: string,
  held: T,
  secret: readonly string[] = [],
): FormDraft => {
  const latest = useRef({ held, secret });
  useEffect(() => {
    latest.current = { held, secret };
  });
  useEffect(() => {
    const draft = readStored<Partial<T>>(draftOf(name)) ?? {};
    for (const [field, value] of Object.entries(draft))
      if (field in latest.current.held)
        form.setValue(field as Path<T>, value as PathValue<T, Path<T>>, { shouldDirty: true });
    return form.subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        const changed = changedIn(values, latest.current.held, latest.current.secret);
        if (Object.keys(changed).length === 0) dropStored(draftOf(name));
        else writeStored(draftOf(name), changed);
      },
    });
  }, [form, name]);
  return { drop: () => dropStored(draftOf(name)) };
};
