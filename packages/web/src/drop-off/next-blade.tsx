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
import { WORDS } from './words';

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
      aria-label={WORDS.theNextBlade}
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
            label={WORDS.kind}
            options={KIND_OPTIONS}
            value={kindId}
            onChange={chooseKind}
            error={formState.errors.kindId?.message}
            inputRef={kindInput}
          />
          <FormText control={control} name="bladeName" label={WORDS.whatTheCustomerCallsIt} />
          <FormText control={control} name="askedFor" label={WORDS.whatTheyAskFor} />
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
          <FormTypeAhead
            control={control}
            name="steel"
            label={WORDS.steel}
            options={steelOptions}
          />
          <FormTypeAhead control={control} name="useId" label={WORDS.use} options={USE_OPTIONS} />
          <FormNumber control={control} name="edgeLengthMm" label={WORDS.edgeLengthMm} />
          <FormNumber control={control} name="heightHeelMm" label={WORDS.heightAtHeelMm} />
          <FormText control={control} name="cuts" label={WORDS.whatTheyCut} />
          <FormPick
            control={control}
            name="sharpness"
            label={WORDS.sharpnessAsItCame}
            options={options(SHARPNESS)}
          />
          <FormNumber
            control={control}
            name="tagNumber"
            label={WORDS.tagNumber}
            hint={WORDS.hangItOnTheBladeNow}
          />
          <Beside>
            <QuietButton type="submit">{WORDS.addToTheList}</QuietButton>
            <MutedText>{WORDS.orEnterMeasuresMayWait}</MutedText>
          </Beside>
        </Columns>
        {brought !== null && <Notice>{brought.text}</Notice>}
        {brought?.backSoon && (
          <Notice tone="cut">
            <Row>
              <span>
                {WORDS.itWentHomeIsSomethingWrong(
                  brought.backSoon.days === 0 ? WORDS.today : WORDS.dAgo(brought.backSoon.days),
                )}
              </span>
              <QuietLink to={`/jobs/${brought.backSoon.jobId}/complaint`}>
                {WORDS.sayWhatIsWrong}
              </QuietLink>
            </Row>
          </Notice>
        )}
        {bladeKind(kindId).group === 'razor' && (
          <Notice tone="cut">{WORDS.arrivesContaminatedDisinfectItNowAnd}</Notice>
        )}
      </Stack>
    </form>
  );
};
