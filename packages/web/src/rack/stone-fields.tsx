/** The fields of a stone: what it is, and how it is kept and used. */
import type { Stone } from '@patient-edge/contract';
import {
  ABRASIVE_KIND_IDS,
  abrasiveKind,
  type AbrasiveKindId,
  BENCH_ABRASIVES,
  BONDS,
  GRIT_SCALES,
  LIQUIDS,
  SOAKINGS,
  STROKE_LIKINGS,
  named,
} from '@patient-edge/core';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { FormPick } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import type { StoneFormState } from './use-stone-form';
import { STRINGS } from './strings';

/** Enough to plan with: the name, the kind, and the number printed on it or its grain. */
export const WhatItIs = ({ state }: { state: StoneFormState }) => {
  const { form, values, setValue, fromPrint, own, chooseKind, fillGrain } = state;
  const { control } = form;
  return (
    <Columns $columns={5}>
      <FormText control={control} name="name" label={STRINGS.name} />
      <Select
        label={STRINGS.kind}
        options={options(ABRASIVE_KIND_IDS)}
        value={values.kind as AbrasiveKindId}
        onChange={chooseKind}
      />
      <Select
        label={STRINGS.gritScale}
        options={[{ id: '', label: STRINGS.nonePrinted }, ...options(GRIT_SCALES)]}
        value={values.gritScale}
        error={form.formState.errors.gritScale?.message}
        onChange={(next) => {
          setValue('gritScale', next);
          if (next === '') setValue('gritNumber', '');
          fillGrain();
        }}
      />
      <div onBlur={fillGrain}>
        <FormNumber
          control={control}
          name="gritNumber"
          label={STRINGS.gritNumber}
          hint={
            fromPrint === null
              ? STRINGS.asPrinted
              : STRINGS.number(Number(fromPrint.toPrecision(4)))
          }
        />
      </div>
      <FormNumber
        control={control}
        name="um"
        label={STRINGS.medianGrain}
        hint={own ? STRINGS.yourOwnFigureNotThePrinted : STRINGS.fromTheNumberOrYourOwn}
      />
    </Columns>
  );
};

interface HowItIsUsedProps {
  readonly state: StoneFormState;
  readonly stone: Stone | null;
  readonly rack: readonly Stone[];
  /** Of the shop. */
  readonly currency: string;
}

export const HowItIsUsed = ({ state, stone, rack, currency }: HowItIsUsedProps) => {
  const { form, values, setValue } = state;
  const { control } = form;
  const kind = abrasiveKind(values.kind as AbrasiveKindId);
  return (
    <Columns $columns={4}>
      <FormPick
        control={control}
        name="abrasive"
        label={STRINGS.abrasive}
        options={options(BENCH_ABRASIVES)}
      />
      <FormPick control={control} name="bond" label={STRINGS.bond} options={options(BONDS)} />
      <FormText control={control} name="gritLabel" label={STRINGS.textPrintedOnIt} />
      <FormPick control={control} name="liquid" label={STRINGS.liquid} options={options(LIQUIDS)} />
      <FormPick
        control={control}
        name="soaking"
        label={STRINGS.water}
        options={options(SOAKINGS)}
      />
      <FormNumber
        control={control}
        name="soakMinutes"
        label={STRINGS.soakMinutes}
        hint={STRINGS.zeroWhenOnlyWetted}
      />
      <FormNumber control={control} name="dryHours" label={STRINGS.driesInHours} />
      <FormNumber control={control} name="lengthMm" label={STRINGS.lengthMm} />
      {(kind.task === 'serration' || kind.id === 'rod' || kind.id === 'wheel') && (
        <FormNumber
          control={control}
          name="radiusMm"
          label={STRINGS.radiusOfItsRoundMm}
          hint={STRINGS.whatItFitsIntoEmptyWhere}
        />
      )}
      <FormNumber control={control} name="widthMm" label={STRINGS.widthMm} />
      <FormNumber control={control} name="thicknessNewMm" label={STRINGS.thicknessWhenNewMm} />
      <FormNumber control={control} name="thicknessMm" label={STRINGS.thicknessLeftMm} />
      <FormNumber control={control} name="minThicknessMm" label={STRINGS.thinnestAllowedMm} />
      <Select
        label={STRINGS.otherSideOf}
        options={[
          { id: '', label: STRINGS.noOtherStone },
          ...rack
            .filter(({ id, retired }) => id !== stone?.id && !retired)
            .map(({ id, name }) => ({ id: String(id), label: name })),
        ]}
        value={values.otherSideId}
        error={form.formState.errors.otherSideId?.message}
        onChange={(next) => setValue('otherSideId', next)}
      />
      <FormPick
        control={control}
        name="strokes"
        label={STRINGS.strokesItSuits}
        options={options(STROKE_LIKINGS)}
      />
      <FormNumber
        control={control}
        name="minutesFlat"
        label={STRINGS.minutesBetweenFlattenings}
        hint={kind.dishes ? STRINGS.coarseSoftOnesDishFastest : STRINGS.emptyItStaysFlat}
      />
      <FormNumber
        control={control}
        name="cutFactor"
        label={STRINGS.cutFactor}
        hint={STRINGS.oneIsUsual}
      />
      <FormNumber
        control={control}
        name="scratchFactor"
        label={STRINGS.scratchFactor}
        hint={STRINGS.isUsualForA(kind.scratchFactor, named(kind.id))}
      />
      <FormNumber control={control} name="changeSeconds" label={STRINGS.timeToChangeToItS} />
      <FormNumber control={control} name="price" label={STRINGS.price(currency)} />
      <FormText control={control} name="place" label={STRINGS.place} />
      <Checkbox value={values.needsDressing} onChange={(next) => setValue('needsDressing', next)}>
        {STRINGS.needsItsDressingStoneFirst}
      </Checkbox>
      <Checkbox value={values.fitsRig ?? false} onChange={(next) => setValue('fitsRig', next)}>
        {STRINGS.fitsTheClampRig}
      </Checkbox>
      <Checkbox value={values.portable} onChange={(next) => setValue('portable', next)}>
        {STRINGS.goesIntoThePack}
      </Checkbox>
      <Checkbox value={values.retired} onChange={(next) => setValue('retired', next)}>
        {STRINGS.retiredNotPlannedWith}
      </Checkbox>
    </Columns>
  );
};
