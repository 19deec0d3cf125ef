/** The parts of the theme bound to react-hook-form. Values are as typed; numbers are parsed when sent. */
import { Controller, type Control, type FieldValues, type Path } from 'react-hook-form';
import { NumberEntry, PickOne, TextEntry, Choice, type Option } from './parts';

interface Bound<T extends FieldValues> {
  readonly control: Control<T>;
  readonly name: Path<T>;
  readonly label: string;
  readonly hint?: string;
}

export const FormText = <T extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T> & {
  lines?: number;
  kind?: 'text' | 'password' | 'date' | 'tel';
  autoComplete?: string;
}) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <TextEntry
        {...rest}
        name={name}
        value={field.value}
        onChange={field.onChange}
        onBlur={field.onBlur}
        error={fieldState.error?.message}
      />
    )}
  />
);

export const FormNumber = <T extends FieldValues>({ control, name, ...rest }: Bound<T>) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <NumberEntry
        {...rest}
        name={name}
        value={field.value}
        onChange={field.onChange}
        onBlur={field.onBlur}
        error={fieldState.error?.message}
      />
    )}
  />
);

export const FormPick = <T extends FieldValues>({
  control,
  name,
  options,
  ...rest
}: Bound<T> & { options: readonly Option<string>[] }) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <PickOne
        {...rest}
        options={options}
        value={field.value}
        onChange={field.onChange}
        error={fieldState.error?.message}
      />
    )}
  />
);

export const FormChoice = <T extends FieldValues>({
  control,
  name,
  options,
  ...rest
}: Bound<T> & { options: readonly Option<string>[] }) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <Choice
        {...rest}
        options={options}
        value={field.value}
        onChange={field.onChange}
        error={fieldState.error?.message}
      />
    )}
  />
);
