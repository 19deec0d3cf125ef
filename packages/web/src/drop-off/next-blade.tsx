/** The blade in hand at the counter: a line of fields that Enter sends to the list. */
import { bladeKind, SHARPNESS } from '@patient-edge/core';
import { useRef } from 'react';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { Columns } from '../theme/columns';
import { KIND_OPTIONS, USE_OPTIONS, useSteelOptions } from '../intake/choices';
import { KindStrip } from '../intake/kind-strip';
import { PromisedOn } from '../intake/promised-on';
import { FormPick, FormTypeAhead } from '../theme/form-choices';
import { FormText, InForm } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { TypeAhead } from '../theme/search-box';
import type { BladeValues, Brought } from './draft';

/** As high as a field and its label. */
const Beside = styled.div`
  display: grid;
  gap: 4px;
  padding-top: 25px;
  & p {
    font-size: 14px;
  }
`;

interface NextBladeProps {
  readonly form: UseFormReturn<BladeValues>;
  readonly kindId: string;
  /** What is known of it from its last visit. */
  readonly brought: Brought | null;
  readonly onAdd: () => void;
}

export const NextBlade = ({ form, kindId, brought, onAdd }: NextBladeProps) => {
  const { control, setValue, clearErrors, getValues, formState } = form;
  const placeId = useWatch({ control, name: 'placeId' });
  const steelOptions = useSteelOptions();
  const kindInput = useRef<HTMLInputElement>(null);
  const chooseKind = (id: string): void => {
    const before = getValues();
    setValue('kindId', id, { shouldDirty: true });
    // The use follows the kind until somebody said otherwise.
    if (before.useId === bladeKind(before.kindId).usual.use)
      setValue('useId', bladeKind(id).usual.use);
  };
  return (
    <form
      aria-label="The next blade"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onAdd();
        kindInput.current?.focus();
        kindInput.current?.select();
      }}
    >
      <Stack $gap={10}>
        <KindStrip value={kindId} onChange={chooseKind} />
        <Columns $columns={4}>
          <TypeAhead
            label="Kind"
            options={KIND_OPTIONS}
            value={kindId}
            onChange={chooseKind}
            error={formState.errors.kindId?.message}
            inputRef={kindInput}
          />
          <FormText control={control} name="bladeName" label="What the customer calls it" />
          <FormText control={control} name="askedFor" label="What they ask for" />
          <InForm control={control} name="promisedOn">
            {({ value, error }) => (
              <PromisedOn
                promisedOn={value}
                placeId={placeId}
                onChange={({ promisedOn, placeId }) => {
                  setValue('promisedOn', promisedOn, { shouldDirty: true });
                  setValue('placeId', placeId, { shouldDirty: true });
                  clearErrors('promisedOn');
                }}
                error={error}
              />
            )}
          </InForm>
          <FormTypeAhead control={control} name="steel" label="Steel" options={steelOptions} />
          <FormTypeAhead control={control} name="useId" label="Use" options={USE_OPTIONS} />
          <FormNumber control={control} name="edgeLengthMm" label="Edge length, mm" />
          <FormNumber control={control} name="heightHeelMm" label="Height at heel, mm" />
          <FormText control={control} name="cuts" label="What they cut" />
          <FormPick
            control={control}
            name="sharpness"
            label="Sharpness as it came"
            options={options(SHARPNESS)}
          />
          <FormNumber
            control={control}
            name="tagNumber"
            label="Tag number"
            hint="Hang it on the blade now"
          />
          <Beside>
            <QuietButton type="submit">Add to the list</QuietButton>
            <MutedText>or Enter; measures may wait</MutedText>
          </Beside>
        </Columns>
        {brought !== null && <Notice>{brought.text}</Notice>}
        {brought?.backSoon && (
          <Notice tone="cut">
            <Row>
              <span>
                It went home{' '}
                {brought.backSoon.days === 0 ? 'today' : `${brought.backSoon.days} d ago`}. Is
                something wrong with it?
              </span>
              <QuietLink to={`/jobs/${brought.backSoon.jobId}/complaint`}>
                Say what is wrong
              </QuietLink>
            </Row>
          </Notice>
        )}
        {bladeKind(kindId).group === 'razor' && (
          <Notice tone="cut">
            Arrives contaminated: disinfect it now and again before its return.
          </Notice>
        )}
      </Stack>
    </form>
  );
};
