/** Whose blades these are. */
import type { CustomerRecord } from '@patient-edge/contract';
import type { ReactNode } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { Columns } from '../theme/columns';
import { CustomerPicker } from '../customers/customer-picker';
import { FormText } from '../theme/form-fields';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import type { CustomerValues } from './draft';
import { STRINGS } from './strings';

interface CustomerSheetProps {
  readonly form: UseFormReturn<CustomerValues>;
  readonly values: CustomerValues;
  readonly known: CustomerRecord | null;
  /** Beside the customer: finding the blade brings its customer along. */
  readonly finder: ReactNode;
}

export const CustomerSheet = ({ form, values, known, finder }: CustomerSheetProps) => {
  const { control, setValue, formState } = form;
  return (
    <Panel aria-label={STRINGS.customer}>
      <Stack $gap={10}>
        <Columns $columns={4}>
          <SegmentedControl
            label={STRINGS.knownOrNew}
            options={[
              { id: 'known', label: STRINGS.known },
              { id: 'new', label: STRINGS.new },
            ]}
            value={values.customerIsNew ? 'new' : 'known'}
            onChange={(choice) =>
              setValue('customerIsNew', choice === 'new', { shouldDirty: true })
            }
          />
          {values.customerIsNew ? (
            <>
              <FormText control={control} name="newCustomer.name" label={STRINGS.customersName} />
              <FormText control={control} name="newCustomer.trade" label={STRINGS.trade} />
              <FormText
                control={control}
                name="newCustomer.phones.0.number"
                label={STRINGS.telephone}
                kind="tel"
              />
              <FormText control={control} name="newCustomer.note" label={STRINGS.note} />
              <FormText
                control={control}
                name="newCustomer.edgesLiked"
                label={STRINGS.howTheyLikeTheirEdges}
              />
            </>
          ) : (
            <CustomerPicker
              label={STRINGS.customer}
              chosen={known && values.customerId !== '' ? known.customer : null}
              error={formState.errors.customerId?.message}
              onChoose={(id) =>
                setValue('customerId', id === null ? '' : String(id), { shouldDirty: true })
              }
            />
          )}
          {!values.customerIsNew && finder}
        </Columns>
        {!values.customerIsNew && known && (
          <>
            {known.customer.edgesLiked !== '' && (
              <Notice>{STRINGS.likes(known.customer.edgesLiked)}</Notice>
            )}
            {known.customer.note !== '' && <Notice>{known.customer.note}</Notice>}
          </>
        )}
      </Stack>
    </Panel>
  );
};
