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
import { WORDS } from './words';

/** Enough to plan with: the name, the kind, and the number printed on it or its grain. */
export const WhatItIs = ({ state }: { state: StoneFormState }) => {
  const { form, values, setValue, fromPrint, own, chooseKind, fillGrain } = state;
  const { control } = form;
  return (
    <Columns $columns={5}>
      <FormText control={control} name="name" label={WORDS.name} />
      <Select
        label={WORDS.kind}
        options={options(ABRASIVE_KIND_IDS)}
        value={values.kind as AbrasiveKindId}
        onChange={chooseKind}
      />
      <Select
        label={WORDS.gritScale}
        options={[{ id: '', label: WORDS.nonePrinted }, ...options(GRIT_SCALES)]}
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
          label={WORDS.gritNumber}
          hint={
            fromPrint === null ? WORDS.asPrinted : WORDS.number(Number(fromPrint.toPrecision(4)))
          }
        />
      </div>
      <FormNumber
        control={control}
        name="um"
        label={WORDS.medianGrain}
        hint={own ? WORDS.yourOwnFigureNotThePrinted : WORDS.fromTheNumberOrYourOwn}
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
        label={WORDS.abrasive}
        options={options(BENCH_ABRASIVES)}
      />
      <FormPick control={control} name="bond" label={WORDS.bond} options={options(BONDS)} />
      <FormText control={control} name="gritLabel" label={WORDS.textPrintedOnIt} />
      <FormPick control={control} name="liquid" label={WORDS.liquid} options={options(LIQUIDS)} />
      <FormPick control={control} name="soaking" label={WORDS.water} options={options(SOAKINGS)} />
      <FormNumber
        control={control}
        name="soakMinutes"
        label={WORDS.soakMinutes}
        hint={WORDS.zeroWhenOnlyWetted}
      />
      <FormNumber control={control} name="dryHours" label={WORDS.driesInHours} />
      <FormNumber control={control} name="lengthMm" label={WORDS.lengthMm} />
      {(kind.task === 'serration' || kind.id === 'rod' || kind.id === 'wheel') && (
        <FormNumber
          control={control}
          name="radiusMm"
          label={WORDS.radiusOfItsRoundMm}
          hint={WORDS.whatItFitsIntoEmptyWhere}
        />
      )}
      <FormNumber control={control} name="widthMm" label={WORDS.widthMm} />
      <FormNumber control={control} name="thicknessNewMm" label={WORDS.thicknessWhenNewMm} />
      <FormNumber control={control} name="thicknessMm" label={WORDS.thicknessLeftMm} />
      <FormNumber control={control} name="minThicknessMm" label={WORDS.thinnestAllowedMm} />
      <Select
        label={WORDS.otherSideOf}
        options={[
          { id: '', label: WORDS.noOtherStone },
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
        label={WORDS.strokesItSuits}
        options={options(STROKE_LIKINGS)}
      />
      <FormNumber
        control={control}
        name="minutesFlat"
        label={WORDS.minutesBetweenFlattenings}
        hint={kind.dishes ? WORDS.coarseSoftOnesDishFastest : WORDS.emptyItStaysFlat}
      />
      <FormNumber
        control={control}
        name="cutFactor"
        label={WORDS.cutFactor}
        hint={WORDS.oneIsUsual}
      />
      <FormNumber
        control={control}
        name="scratchFactor"
        label={WORDS.scratchFactor}
        hint={WORDS.isUsualForA(kind.scratchFactor, named(kind.id))}
      />
      <FormNumber control={control} name="changeSeconds" label={WORDS.timeToChangeToItS} />
      <FormNumber control={control} name="price" label={WORDS.price(currency)} />
      <FormText control={control} name="place" label={WORDS.place} />
      <Checkbox value={values.needsDressing} onChange={(next) => setValue('needsDressing', next)}>
        {WORDS.needsItsDressingStoneFirst}
      </Checkbox>
      <Checkbox value={values.fitsRig ?? false} onChange={(next) => setValue('fitsRig', next)}>
        {WORDS.fitsTheClampRig}
      </Checkbox>
      <Checkbox value={values.portable} onChange={(next) => setValue('portable', next)}>
        {WORDS.goesIntoThePack}
      </Checkbox>
      <Checkbox value={values.retired} onChange={(next) => setValue('retired', next)}>
        {WORDS.retiredNotPlannedWith}
      </Checkbox>
    </Columns>
  );
};
