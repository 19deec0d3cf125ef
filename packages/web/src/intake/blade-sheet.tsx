/** What it is, what for, and when it is promised. */
import { bladeKind } from '@patient-edge/core';
import type { UseFormReturn } from 'react-hook-form';
import { FormTypeAhead } from '../theme/form-choices';
import { FormText, InForm } from '../theme/form-fields';
import { Checkbox } from '../theme/checkbox';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { KIND_OPTIONS, USE_OPTIONS, useSteelOptions } from './choices';
import { Columns } from '../theme/columns';
import { KindStrip } from './kind-strip';
import { PromisedOn } from './promised-on';
import type { IntakeValues } from './values';
import { STRINGS } from './strings';

interface BladeSheetProps {
  readonly form: UseFormReturn<IntakeValues>;
  readonly values: IntakeValues;
}

export const BladeSheet = ({ form, values }: BladeSheetProps) => {
  const { control, setValue, clearErrors } = form;
  const kind = bladeKind(values.kindId);
  const steelOptions = useSteelOptions();
  return (
    <Panel aria-label={STRINGS.blade} id="blade">
      <Stack>
        <h2>{STRINGS.theBlade}</h2>
        <KindStrip
          value={values.kindId}
          onChange={(kindId) => setValue('kindId', kindId, { shouldDirty: true })}
        />
        <Columns $columns={3}>
          <FormTypeAhead
            control={control}
            name="kindId"
            label={STRINGS.kind}
            options={KIND_OPTIONS}
          />
          <FormTypeAhead
            control={control}
            name="steel"
            label={STRINGS.steel}
            options={steelOptions}
          />
          <FormTypeAhead control={control} name="useId" label={STRINGS.use} options={USE_OPTIONS} />
          <FormText control={control} name="bladeName" label={STRINGS.whatTheCustomerCallsIt} />
          <FormText control={control} name="cuts" label={STRINGS.whatTheyCut} />
          <FormText control={control} name="askedFor" label={STRINGS.whatTheyAskFor} />
          <InForm control={control} name="promisedOn">
            {({ value, error }) => (
              <PromisedOn
                promisedOn={value}
                placeId={values.placeId}
                onChange={({ promisedOn, placeId }) => {
                  setValue('promisedOn', promisedOn, { shouldDirty: true });
                  setValue('placeId', placeId, { shouldDirty: true });
                  clearErrors('promisedOn');
                }}
                error={error}
              />
            )}
          </InForm>
          <Checkbox
            value={values.carefulHands}
            onChange={(next) => setValue('carefulHands', next, { shouldDirty: true })}
          >
            {STRINGS.carefulHandsTheEdgeMayBe}
          </Checkbox>
        </Columns>
        {(kind.group === 'razor' || values.useId === 'field') && (
          <Notice tone="cut">{STRINGS.arrivesContaminatedDisinfectItNowAnd}</Notice>
        )}
      </Stack>
    </Panel>
  );
};
