/** Adding or correcting a stone. What the kind decides is filled in, and stays the owner's to change. */
import type { Stone } from '@patient-edge/contract';
import {
  ABRASIVE_KIND_IDS,
  abrasiveKind,
  BENCH_ABRASIVES,
  BONDS,
  GRIT_SCALES,
  LIQUIDS,
  SOAKINGS,
  STROKE_LIKINGS,
  type AbrasiveKindId,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { request } from '../api/client';
import { keepStone } from '../api/hooks';
import { useSession } from '../api/session';
import { Columns } from '../theme/columns';
import { FormPick } from '../theme/form-choices';
import { FormNumber, FormText } from '../theme/form-fields';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { useFollowed, useSubmission } from '../theme/server-form';
import { useUndo } from '../theme/undo';
import { mutate } from 'swr';
import { bodyFrom, printedUm, startOf, valuesOf, type StoneValues } from './stone-values';

interface StoneFormProps {
  readonly stone: Stone | null;
  readonly rack: readonly Stone[];
  readonly onClose: () => void;
}

const FIELDS = [...Object.keys(valuesOf(null)), 'priceMinor'];

export const StoneForm = ({ stone, rack, onClose }: StoneFormProps) => {
  const held = useMemo(() => valuesOf(stone), [stone]);
  const form = useForm<StoneValues>({ defaultValues: held });
  useFollowed(form, held);
  const { control, getValues } = form;
  // Chosen here, so that it stays when the server has something newer.
  const setValue = <F extends keyof StoneValues>(field: F, value: StoneValues[F]): void =>
    form.setValue<keyof StoneValues>(field, value, { shouldDirty: true });
  const { data: session } = useSession();
  const offerUndo = useUndo();
  const values = useWatch({ control }) as StoneValues;
  const { busy, problem, submit } = useSubmission(form, FIELDS);
  const kind = abrasiveKind(values.kind as AbrasiveKindId);
  const fromPrint = printedUm(values.gritScale, values.gritNumber);
  const own = fromPrint !== null && Number(values.um) !== Number(fromPrint.toPrecision(4));

  const chooseKind = (next: AbrasiveKindId): void => {
    setValue('kind', next);
    if (stone) return;
    for (const [field, value] of Object.entries(startOf(next))) {
      setValue(field as keyof StoneValues, value);
    }
  };
  /** A printed grit fills the grain in as long as the owner has not put an own figure there. */
  const fillGrain = (): void => {
    const { gritScale, gritNumber, um } = getValues();
    const printed = printedUm(gritScale, gritNumber);
    if (printed !== null && um.trim() === '')
      setValue('um', String(Number(printed.toPrecision(4))));
  };
  const send = (typed: StoneValues): Promise<void> =>
    submit(async () => {
      const body = bodyFrom(typed);
      if (!stone) {
        const added = await request<Stone>('POST', '/stones', body);
        await keepStone(added);
        offerUndo(`${added.name} stands on the rack.`, async () => {
          await request('DELETE', `/stones/${added.id}`);
          await mutate('/stones');
        });
      } else {
        const { version } = stone;
        const kept = await request<Stone>('PUT', `/stones/${stone.id}`, { ...body, version });
        await keepStone(kept);
        const before = bodyFrom(valuesOf(stone));
        offerUndo(`${kept.name} is corrected.`, async () =>
          keepStone(
            await request<Stone>('PUT', `/stones/${stone.id}`, {
              ...before,
              version: kept.version,
            }),
          ),
        );
      }
      onClose();
    });
  return (
    <Panel aria-label={stone ? `Correct ${stone.name}` : 'Add an abrasive'}>
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack $gap={18}>
          <h2>{stone ? `Correct ${stone.name}` : 'Add an abrasive'}</h2>
          <Columns $columns={4}>
            <FormText control={control} name="name" label="Name" />
            <Select
              label="Kind"
              options={options(ABRASIVE_KIND_IDS)}
              value={values.kind as AbrasiveKindId}
              onChange={chooseKind}
            />
            <FormPick
              control={control}
              name="abrasive"
              label="Abrasive"
              options={options(BENCH_ABRASIVES)}
            />
            <FormPick control={control} name="bond" label="Bond" options={options(BONDS)} />
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
              hint={own ? 'Your own figure, not the printed one' : 'Planned with'}
            />
            <FormText control={control} name="gritLabel" label="Words printed on it" />
          </Columns>
          <MutedText>{kind.reason}</MutedText>
          <Columns $columns={4}>
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
            <FormNumber control={control} name="widthMm" label="Width, mm" />
            <FormNumber control={control} name="thicknessNewMm" label="Thickness when new, mm" />
            <FormNumber control={control} name="thicknessMm" label="Thickness left, mm" />
            <FormNumber control={control} name="minThicknessMm" label="Thinnest it may get, mm" />
            <Select
              label="Other side of"
              options={[
                { id: '', label: 'a stone of its own' },
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
              label="Strokes it likes"
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
            <FormNumber
              control={control}
              name="price"
              label={`Price, ${session?.currency ?? ''}`}
            />
            <FormText control={control} name="place" label="Place" />
            <Checkbox
              value={values.needsDressing}
              onChange={(next) => setValue('needsDressing', next)}
            >
              Wants its dressing stone first
            </Checkbox>
            <Checkbox value={values.retired} onChange={(next) => setValue('retired', next)}>
              Retired: not planned with
            </Checkbox>
          </Columns>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {stone ? 'Keep the correction' : 'Put it on the rack'}
            </ActionButton>
            <QuietButton onPress={onClose}>Cancel</QuietButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};
