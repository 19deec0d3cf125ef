/** Fields that are typed into, bound to react-hook-form. Values are as typed; numbers are parsed when sent. */
import type { ReactElement } from 'react';
import { Controller, type Control, type FieldValues, type Path } from 'react-hook-form';
import { TextEntry } from './text-fields';

export interface Place<T extends FieldValues> {
  readonly control: Control<T>;
  readonly name: Path<T>;
}

export interface Labelled<T extends FieldValues> extends Place<T> {
  readonly label: string;
  readonly hint?: string;
  readonly hideLabel?: boolean;
}

/** What the form gives to each of its parts. */
interface Given {
  readonly name: string;
  readonly value: string;
  readonly onChange: (next: string) => void;
  readonly onBlur: () => void;
  readonly error: string | undefined;
}

/** Any part that takes what a form gives. */
export const InForm = <T extends FieldValues>({
  control,
  name,
  children,
}: Place<T> & { children: (given: Given) => ReactElement }) => (
  <Controller
    control={control}
    name={name}
    render={({ field: { value, onChange, onBlur }, fieldState: { error } }) =>
      // A field that the form does not know yet is an empty one.
      children({ name, value: value ?? '', onChange, onBlur, error: error?.message })
    }
  />
);

export const FormText = <T extends FieldValues>({
  control,
  name,
  ...rest
}: Labelled<T> & {
  lines?: number;
  kind?: 'text' | 'password' | 'date' | 'time' | 'tel';
  autoComplete?: string;
}) => (
  <InForm control={control} name={name}>
    {(given) => <TextEntry {...rest} {...given} />}
  </InForm>
);
