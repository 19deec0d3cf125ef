/** Fields for a number, bound to react-hook-form: as typed, parsed when sent. */
import type { FieldValues } from 'react-hook-form';
import { InForm, type Labelled } from './form-fields';
import { NumberEntry } from './number-entry';

export const FormNumber = <T extends FieldValues>({ control, name, ...rest }: Labelled<T>) => (
  <InForm control={control} name={name}>
    {(given) => <NumberEntry {...rest} {...given} />}
  </InForm>
);
