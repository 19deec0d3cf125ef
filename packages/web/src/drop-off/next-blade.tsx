/** The blade in hand at the counter: a line of fields that Enter sends to the list. */
import { bladeKind, SHARPNESS } from '@patient-edge/core';
import { useRef } from 'react';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { Columns } from '../theme/columns';
import { KIND_OPTIONS, USE_OPTIONS, useSteelOptions } from '../intake/choices';
import { KindStrip } from '../intake/kind-strip';
import { PromisedOn } from '../intake/promised-on';
import { promiseIn } from './promise-in';
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
import { STRINGS } from './strings';

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
  const { control, setValue, getValues, formState } = form;
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
      aria-label={STRINGS.theNextBlade}
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
            label={STRINGS.kind}
            options={KIND_OPTIONS}
            value={kindId}
            onChange={chooseKind}
            error={formState.errors.kindId?.message}
            inputRef={kindInput}
          />
          <FormText control={control} name="bladeName" label={STRINGS.whatTheCustomerCallsIt} />
          <FormText control={control} name="askedFor" label={STRINGS.whatTheyAskFor} />
          <InForm control={control} name="promisedOn">
            {({ value, error }) => (
              <PromisedOn
                promisedOn={value}
                placeId={placeId}
                onChange={(next) => promiseIn(form, next)}
                error={error}
              />
            )}
          </InForm>
          <FormTypeAhead
            control={control}
            name="steel"
            label={STRINGS.steel}
            options={steelOptions}
          />
          <FormTypeAhead control={control} name="useId" label={STRINGS.use} options={USE_OPTIONS} />
          <FormNumber control={control} name="edgeLengthMm" label={STRINGS.edgeLengthMm} />
          <FormNumber control={control} name="heightHeelMm" label={STRINGS.heightAtHeelMm} />
          <FormText control={control} name="cuts" label={STRINGS.whatTheyCut} />
          <FormPick
            control={control}
            name="sharpness"
            label={STRINGS.sharpnessAsItCame}
            options={options(SHARPNESS)}
          />
          <FormNumber
            control={control}
            name="tagNumber"
            label={STRINGS.tagNumber}
            hint={STRINGS.hangItOnTheBladeNow}
          />
          <Beside>
            <QuietButton type="submit">{STRINGS.addToTheList}</QuietButton>
            <MutedText>{STRINGS.orEnterMeasuresMayWait}</MutedText>
          </Beside>
        </Columns>
        {brought !== null && <Notice>{brought.text}</Notice>}
        {brought?.backSoon && (
          <Notice tone="cut">
            <Row>
              <span>
                {STRINGS.itWentHomeIsSomethingWrong(
                  brought.backSoon.days === 0 ? STRINGS.today : STRINGS.dAgo(brought.backSoon.days),
                )}
              </span>
              <QuietLink to={`/jobs/${brought.backSoon.jobId}/complaint`}>
                {STRINGS.sayWhatIsWrong}
              </QuietLink>
            </Row>
          </Notice>
        )}
        {bladeKind(kindId).group === 'razor' && (
          <Notice tone="cut">{STRINGS.arrivesContaminatedDisinfectItNowAnd}</Notice>
        )}
      </Stack>
    </form>
  );
};
