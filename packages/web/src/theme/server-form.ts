/** Submitting a form: the server's refusals go beside their fields, and what was typed stays. */
import { useEffect, useState } from 'react';
import type { FieldValues, Path, UseFormReturn } from 'react-hook-form';
import { ApiFailure, messageOf } from '../api/client';
import { STRINGS } from './strings';

interface Submission {
  readonly busy: boolean;
  /** What belongs beside no field on the page. */
  readonly problem: string | null;
  readonly submit: (send: () => Promise<void>) => Promise<void>;
}

/**
 * Follows what the server has by now: fields nobody touched take it over, what was typed stays. `held` must be the
 * same object while nothing has changed. Gives whether something is typed that the server has not.
 */
export const useFollowed = <T extends FieldValues>(form: UseFormReturn<T>, held: T): boolean => {
  useEffect(() => form.reset(held, { keepDirtyValues: true, keepErrors: true }), [form, held]);
  // The form keeps account of what was touched only for who asks.
  return Object.keys(form.formState.dirtyFields).length > 0;
};

export const useSubmission = <T extends FieldValues>(
  form: UseFormReturn<T>,
  known: readonly string[],
): Submission => {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const submit = async (send: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setProblem(null);
    form.clearErrors();
    try {
      await send();
    } catch (error) {
      const fields = error instanceof ApiFailure ? error.fields : [];
      const beside = fields.filter(({ field }) => known.includes(field.split('.')[0]!));
      for (const { field, message } of beside) form.setError(field as Path<T>, { message });
      const elsewhere = fields.filter((each) => !beside.includes(each));
      if (beside.length === 0 || elsewhere.length > 0) {
        setProblem(elsewhere[0]?.message ?? messageOf(error));
      } else {
        setProblem(STRINGS.checkTheMarkedFields);
      }
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, submit };
};
