/**
 * A form whose typing outlives the page: what is not saved yet is there again, what the server refuses stands beside its
 * field, and the way to save it is always in sight.
 */
import { useEffect, useRef, useState, type ReactNode } from 'react';
import {
  useForm,
  type FieldErrors,
  type FieldValues,
  type Path,
  type PathValue,
  type UseFormReturn,
} from 'react-hook-form';
import styled from 'styled-components';
import { dropStored, readStored, writeStored } from '../api/stored';
import { ActionButton, QuietButton } from './buttons';
import { MutedText, Row, Stack } from './layout';
import { Notice } from './notice';
import { useFollowed, useSubmission } from './server-form';

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

interface KeptFormOptions<T extends FieldValues> {
  /** Under which its draft is kept on this device: one for each record. */
  readonly name: string;
  /** What the server has; the same object while nothing has changed. */
  readonly held: T;
  /** Never written down on the device. */
  readonly secret?: readonly (keyof T & string)[];
  /** Sends it; what is thrown is shown. */
  readonly send: (typed: T) => Promise<void>;
}

export interface KeptForm<T extends FieldValues> {
  readonly form: UseFormReturn<T>;
  readonly busy: boolean;
  readonly isTyped: boolean;
  readonly isSaved: boolean;
  /** Everything as the server has it. */
  readonly discard: () => void;
  readonly submit: () => Promise<void>;
  /** What belongs beside no field. */
  readonly problem: string | null;
}

export const useKeptForm = <T extends FieldValues>({
  name,
  held,
  secret = [],
  send,
}: KeptFormOptions<T>): KeptForm<T> => {
  const form = useForm<T>({ defaultValues: held as never });
  const isDirty = useFollowed(form, held);
  const [isSaved, setSaved] = useState(false);
  const submission = useSubmission(form, Object.keys(held));
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
  const submit = form.handleSubmit((typed) =>
    submission.submit(async () => {
      setSaved(false);
      await send(typed);
      dropStored(draftOf(name));
      form.reset(form.getValues(), { keepValues: true });
      setSaved(true);
    }),
  );
  return {
    form,
    busy: submission.busy,
    problem: submission.problem,
    isTyped: isDirty,
    isSaved: isSaved && !isDirty,
    discard: () => {
      dropStored(draftOf(name));
      form.reset(latest.current.held);
    },
    submit,
  };
};

/** At the foot of the window while the form is longer than it. */
const Bar = styled.div`
  position: sticky;
  bottom: 0;
  z-index: 3;
  background: var(--sheet);
  border-top: 1px solid var(--line);
  margin: 4px -18px -16px;
  padding: 10px 18px;
`;

/** The messages of a form's errors, nested ones too. */
const messagesOf = (errors: FieldErrors): readonly string[] =>
  Object.values(errors).flatMap((error) => {
    if (!error || typeof error !== 'object') return [];
    if ('message' in error && typeof error.message === 'string') return [error.message];
    return messagesOf(error as FieldErrors);
  });

interface KeptFormViewProps<T extends FieldValues> {
  readonly kept: KeptForm<T>;
  /** What its button says. */
  readonly save: string;
  /** It can be sent as it stands, though nothing was typed. */
  readonly mayBeUntouched?: boolean;
  readonly beside?: ReactNode;
  readonly children: ReactNode;
}

export const KeptFormView = <T extends FieldValues>({
  kept,
  save,
  mayBeUntouched = false,
  beside,
  children,
}: KeptFormViewProps<T>) => {
  const { form, busy, problem, isTyped, isSaved } = kept;
  const box = useRef<HTMLFormElement>(null);
  const messages = messagesOf(form.formState.errors);
  const goTo = (index: number): void => {
    const marked = box.current?.querySelectorAll<HTMLElement>('[aria-invalid="true"]')[index];
    marked?.focus({ preventScroll: true });
    marked?.scrollIntoView({ block: 'center' });
  };
  const submit = async (): Promise<void> => {
    await kept.submit();
    // Once the marks are drawn.
    requestAnimationFrame(() => goTo(0));
  };
  return (
    <form
      ref={box}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Stack>
        {children}
        <Bar className="no-print">
          <Stack $gap={8}>
            {messages.length > 0 && (
              <Notice tone="cut" alert>
                <Row $gap={10}>
                  <span>
                    {messages.length === 1 ? '1 field' : `${messages.length} fields`} to check:
                  </span>
                  {messages.slice(0, 4).map((message, index) => (
                    <QuietButton key={index} onPress={() => goTo(index)}>
                      {message}
                    </QuietButton>
                  ))}
                </Row>
              </Notice>
            )}
            {problem !== null && messages.length === 0 && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <Row>
              <ActionButton type="submit" isDisabled={busy || !(isTyped || mayBeUntouched)}>
                {save}
              </ActionButton>
              {beside}
              {isTyped && <QuietButton onPress={kept.discard}>Discard changes</QuietButton>}
              <MutedText role="status">
                {isSaved ? 'Saved.' : isTyped ? 'Not saved yet.' : ''}
              </MutedText>
            </Row>
          </Stack>
        </Bar>
      </Stack>
    </form>
  );
};
