/** Whose blades these are. */
import type { CustomerRecord } from '@patient-edge/contract';
import type { ReactNode } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { Columns } from '../theme/columns';
import { OwnerPicker } from '../owners/owner-picker';
import { FormText } from '../theme/form-fields';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import type { OwnerValues } from './draft';

interface OwnerSheetProps {
  readonly form: UseFormReturn<OwnerValues>;
  readonly values: OwnerValues;
  readonly known: CustomerRecord | null;
  /** Beside the owner: finding the blade brings its owner along. */
  readonly finder: ReactNode;
}

export const OwnerSheet = ({ form, values, known, finder }: OwnerSheetProps) => {
  const { control, setValue, formState } = form;
  return (
    <Panel aria-label="Owner">
      <Stack $gap={10}>
        <Columns $columns={4}>
          <SegmentedControl
            label="Owner"
            options={[
              { id: 'known', label: 'Known' },
              { id: 'new', label: 'New' },
            ]}
            value={values.ownerIsNew ? 'new' : 'known'}
            onChange={(choice) => setValue('ownerIsNew', choice === 'new', { shouldDirty: true })}
          />
          {values.ownerIsNew ? (
            <>
              <FormText control={control} name="newCustomer.name" label="Owner’s name" />
              <FormText control={control} name="newCustomer.trade" label="Trade" />
              <FormText
                control={control}
                name="newCustomer.phones.0.number"
                label="Telephone"
                kind="tel"
              />
              <FormText control={control} name="newCustomer.note" label="Note" />
              <FormText
                control={control}
                name="newCustomer.edgesLiked"
                label="How they like their edges"
              />
            </>
          ) : (
            <OwnerPicker
              label="Who brings it"
              chosen={known && values.customerId !== '' ? known.customer : null}
              error={formState.errors.customerId?.message}
              onChoose={(id) =>
                setValue('customerId', id === null ? '' : String(id), { shouldDirty: true })
              }
            />
          )}
          {!values.ownerIsNew && finder}
        </Columns>
        {!values.ownerIsNew && known && (
          <>
            {known.customer.edgesLiked !== '' && (
              <Notice>Likes: {known.customer.edgesLiked}</Notice>
            )}
            {known.customer.note !== '' && <Notice>{known.customer.note}</Notice>}
          </>
        )}
      </Stack>
    </Panel>
  );
};
