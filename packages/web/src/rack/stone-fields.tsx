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
} from '@patient-edge/core';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { FormPick } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import type { StoneFormState } from './use-stone-form';

/** Enough to plan with: the name, the kind, and the number printed on it or its grain. */
export const WhatItIs = ({ state }: { state: StoneFormState }) => {
  const { form, values, setValue, fromPrint, own, chooseKind, fillGrain } = state;
  const { control } = form;
  return (
    <Columns $columns={5}>
      <FormText control={control} name="name" label="Name" />
      <Select
        label="Kind"
        options={options(ABRASIVE_KIND_IDS)}
        value={values.kind as AbrasiveKindId}
        onChange={chooseKind}
      />
      <Select
        label="Grit scale"
        options={[{ id: '', label: 'none printed' }, ...options(GRIT_SCALES)]}
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
          label="Grit number"
          hint={fromPrint === null ? 'As printed' : `${Number(fromPrint.toPrecision(4))} µm`}
        />
      </div>
      <FormNumber
        control={control}
        name="um"
        label="Median grain, µm"
        hint={own ? 'Your own figure, not the printed one' : 'From the number, or your own'}
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
        label="Abrasive"
        options={options(BENCH_ABRASIVES)}
      />
      <FormPick control={control} name="bond" label="Bond" options={options(BONDS)} />
      <FormText control={control} name="gritLabel" label="Text printed on it" />
      <FormPick control={control} name="liquid" label="Liquid" options={options(LIQUIDS)} />
      <FormPick control={control} name="soaking" label="Water" options={options(SOAKINGS)} />
      <FormNumber
        control={control}
        name="soakMinutes"
        label="Soak, minutes"
        hint="0 when only wetted"
      />
      <FormNumber control={control} name="dryHours" label="Dries in, hours" />
      <FormNumber control={control} name="lengthMm" label="Length, mm" />
      {(kind.task === 'serration' || kind.id === 'rod' || kind.id === 'wheel') && (
        <FormNumber
          control={control}
          name="radiusMm"
          label="Radius of its round, mm"
          hint="What it fits into: empty where it tapers"
        />
      )}
      <FormNumber control={control} name="widthMm" label="Width, mm" />
      <FormNumber control={control} name="thicknessNewMm" label="Thickness when new, mm" />
      <FormNumber control={control} name="thicknessMm" label="Thickness left, mm" />
      <FormNumber control={control} name="minThicknessMm" label="Thinnest allowed, mm" />
      <Select
        label="Other side of"
        options={[
          { id: '', label: 'no other stone' },
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
        label="Strokes it suits"
        options={options(STROKE_LIKINGS)}
      />
      <FormNumber
        control={control}
        name="minutesFlat"
        label="Minutes between flattenings"
        hint={kind.dishes ? 'Coarse soft ones dish fastest' : 'Empty: it stays flat'}
      />
      <FormNumber control={control} name="cutFactor" label="Cut factor" hint="1 is usual" />
      <FormNumber
        control={control}
        name="scratchFactor"
        label="Scratch factor"
        hint={`${kind.scratchFactor} is usual for a ${kind.id}`}
      />
      <FormNumber control={control} name="changeSeconds" label="Time to change to it, s" />
      <FormNumber control={control} name="price" label={`Price, ${currency}`} />
      <FormText control={control} name="place" label="Place" />
      <Checkbox value={values.needsDressing} onChange={(next) => setValue('needsDressing', next)}>
        Needs its dressing stone first
      </Checkbox>
      <Checkbox value={values.fitsRig ?? false} onChange={(next) => setValue('fitsRig', next)}>
        Fits the clamp rig
      </Checkbox>
      <Checkbox value={values.portable} onChange={(next) => setValue('portable', next)}>
        Goes into the pack
      </Checkbox>
      <Checkbox value={values.retired} onChange={(next) => setValue('retired', next)}>
        Retired: not planned with
      </Checkbox>
    </Columns>
  );
};
