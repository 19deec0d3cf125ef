/**
 * A form whose typing outlives the page: what is not saved yet is there again, what the server refuses stands beside its
 * field, and the way to save it is always in sight.
 */
import { useRef, useState, type ReactNode } from 'react';
import { useForm, type FieldErrors, type FieldValues, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { ActionButton, QuietButton } from './buttons';
import { MutedText, Row, Stack } from './layout';
import { useFormDraft } from './form-draft';
import { Notice } from './notice';
import { useFollowed, useSubmission } from './server-form';
import { STRINGS } from './strings';

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
  const draft = useFormDraft(form, name, held, secret);
  const submit = form.handleSubmit((typed) =>
    submission.submit(async () => {
      setSaved(false);
      await send(typed);
      draft.drop();
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
      draft.drop();
      form.reset(held);
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

/** How many fields of a form are refused, nested ones too. */
const refusedIn = (errors: FieldErrors): number =>
  Object.values(errors).reduce((sum: number, error) => {
    if (!error || typeof error !== 'object') return sum;
    const isOne = 'message' in error && typeof error.message === 'string';
    return sum + (isOne ? 1 : refusedIn(error as FieldErrors));
  }, 0);

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
  const messages = refusedIn(form.formState.errors);
  const shownAt = useRef(0);
  const goTo = (index: number): void => {
    const marked = box.current?.querySelectorAll<HTMLElement>('[aria-invalid="true"]')[index];
    marked?.focus({ preventScroll: true });
    marked?.scrollIntoView({ block: 'center' });
  };
  const goToNext = (): void => {
    shownAt.current = (shownAt.current + 1) % messages;
    goTo(shownAt.current);
  };
  const submit = async (): Promise<void> => {
    await kept.submit();
    shownAt.current = 0;
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
            {messages > 0 && (
              <Notice tone="cut" alert>
                <Row $gap={10}>
                  <span>{STRINGS.toCheck(STRINGS.fields(messages))}</span>
                  <QuietButton onPress={goToNext}>
                    {messages === 1 ? STRINGS.showIt : STRINGS.showTheNext}
                  </QuietButton>
                </Row>
              </Notice>
            )}
            {problem !== null && messages === 0 && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <Row>
              <ActionButton type="submit" isDisabled={busy || !(isTyped || mayBeUntouched)}>
                {save}
              </ActionButton>
              {beside}
              {isTyped && !mayBeUntouched && (
                <QuietButton onPress={kept.discard}>{STRINGS.discardChanges}</QuietButton>
              )}
              <MutedText role="status">
                {isTyped
                  ? STRINGS.notSavedYet
                  : isSaved
                    ? STRINGS.saved
                    : mayBeUntouched
                      ? ''
                      : STRINGS.noChanges}
              </MutedText>
            </Row>
          </Stack>
        </Bar>
      </Stack>
    </form>
  );
};
