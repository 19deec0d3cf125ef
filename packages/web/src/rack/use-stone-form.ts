/** A stone as it is typed, and sent: what the kind decides is filled in, and stays the owner's to change. */
import type { Stone } from '@patient-edge/contract';
import type { AbrasiveKindId } from '@patient-edge/core';
import { useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { updateStoneCache } from '../api/hooks';
import { useFollowed, useSubmission } from '../theme/server-form';
import { useFormDraft } from '../theme/form-draft';
import { useUndo } from '../theme/undo';
import { bodyFrom, printedUm, startOf, type StoneValues, valuesOf } from './stone-values';
import { STRINGS } from './strings';

const FIELDS = [...Object.keys(valuesOf(null)), 'priceMinor'];

export const useStoneForm = (stone: Stone | null, onClose: () => void) => {
  const held = useMemo(() => valuesOf(stone), [stone]);
  const form = useForm<StoneValues>({ defaultValues: held });
  useFollowed(form, held);
  const draft = useFormDraft(form, stone ? `stone ${stone.id}` : 'new stone', held);
  const { control, getValues } = form;
  // Chosen here, so that it stays when the server has something newer.
  const setValue = <F extends keyof StoneValues>(field: F, value: StoneValues[F]): void =>
    form.setValue<keyof StoneValues>(field, value, { shouldDirty: true });
  const offerUndo = useUndo();
  const values = useWatch({ control }) as StoneValues;
  const { busy, problem, submit } = useSubmission(form, FIELDS);
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
  const close = (): void => {
    draft.drop();
    onClose();
  };
  const send = (typed: StoneValues): Promise<void> =>
    submit(async () => {
      const body = bodyFrom(typed);
      if (!stone) {
        const added = await request<Stone>('POST', '/stones', body);
        await updateStoneCache(added);
        offerUndo(STRINGS.isOnTheRack(added.name), async () => {
          await request('DELETE', `/stones/${added.id}`);
          await mutate('/stones');
        });
      } else {
        const { version } = stone;
        const kept = await request<Stone>('PUT', `/stones/${stone.id}`, { ...body, version });
        await updateStoneCache(kept);
        const before = bodyFrom(valuesOf(stone));
        offerUndo(STRINGS.isSaved(kept.name), async () =>
          updateStoneCache(
            await request<Stone>('PUT', `/stones/${stone.id}`, {
              ...before,
              version: kept.version,
            }),
          ),
        );
      }
      close();
    });
  return {
    close,
    form,
    values,
    setValue,
    fromPrint,
    own,
    chooseKind,
    fillGrain,
    busy,
    problem,
    send,
  };
};

export type StoneFormState = ReturnType<typeof useStoneForm>;
