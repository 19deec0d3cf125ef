/** Fields that are chosen from, bound to react-hook-form. */
import type { FieldValues } from 'react-hook-form';
import { InForm, type Labelled, type Place } from './form-fields';
import type { Option } from './options';
import { TypeAhead } from './search-box';
import { SegmentedControl } from './segmented-control';
import { Select } from './select';

export const FormPick = <T extends FieldValues>({
  control,
  name,
  ...rest
}: Labelled<T> & { options: readonly Option<string>[] }) => (
  <InForm control={control} name={name}>
    {(given) => <Select {...rest} {...given} />}
  </InForm>
);

export const FormChoice = <T extends FieldValues>({
  control,
  name,
  ...rest
}: Labelled<T> & { options: readonly Option<string>[] }) => (
  <InForm control={control} name={name}>
    {(given) => <SegmentedControl {...rest} {...given} />}
  </InForm>
);

export const FormTypeAhead = <T extends FieldValues>({
  control,
  name,
  ...rest
}: Place<T> & { label: string; options: readonly Option<string>[] }) => (
  <InForm control={control} name={name}>
    {({ value, onChange, error }) => (
      <TypeAhead {...rest} value={value} onChange={onChange} error={error} />
    )}
  </InForm>
);
