/** Adding or correcting a machine: only the sizes its kind needs are asked for. */
import { MACHINE_SIZE_LABELS, type ShopMachine } from '@patient-edge/contract';
import { MACHINE_KINDS, SIZES_OF, type MachineKind, type MachineSizes } from '@patient-edge/core';
import { useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { Columns } from '../theme/columns';
import { numberOrTyped } from '../theme/format';
import { FormPick } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Row, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { useFormDraft } from '../theme/form-draft';
import { useFollowed, useSubmission } from '../theme/server-form';
import { STRINGS } from './strings';

const SIZE_NAMES = Object.keys(MACHINE_SIZE_LABELS) as (keyof MachineSizes)[];

type MachineValues = Record<keyof MachineSizes | 'name' | 'kind' | 'note', string> & {
  retired: boolean;
};

const valuesOf = (machine: ShopMachine | null): MachineValues => ({
  name: machine?.name ?? '',
  kind: machine?.kind ?? 'belt',
  note: machine?.note ?? '',
  retired: machine?.retired ?? false,
  ...(Object.fromEntries(SIZE_NAMES.map((size) => [size, String(machine?.[size] ?? '')])) as Record<
    keyof MachineSizes,
    string
  >),
});

export const MachineForm = ({
  machine,
  onClose,
}: {
  machine: ShopMachine | null;
  onClose: () => void;
}) => {
  const held = useMemo(() => valuesOf(machine), [machine]);
  const form = useForm<MachineValues>({ defaultValues: held });
  useFollowed(form, held);
  const draft = useFormDraft(form, machine ? `machine ${machine.id}` : 'new machine', held);
  const close = (): void => {
    draft.drop();
    onClose();
  };
  const { control, setValue } = form;
  const kind = useWatch({ control, name: 'kind' }) as MachineKind;
  const retired = useWatch({ control, name: 'retired' });
  const { busy, problem, submit } = useSubmission(form, Object.keys(valuesOf(null)));
  const send = (typed: MachineValues): Promise<void> =>
    submit(async () => {
      const sizes = Object.fromEntries(
        SIZE_NAMES.map((size) => {
          const text = SIZES_OF[kind].includes(size) ? typed[size].trim() : '';
          return [size, numberOrTyped(text)];
        }),
      );
      const body = { ...typed, ...sizes };
      await (machine
        ? request('PUT', `/machines/${machine.id}`, { ...body, version: machine.version })
        : request('POST', '/machines', body));
      await mutate('/machines');
      close();
    });
  return (
    <Panel aria-label={machine ? STRINGS.edit(machine.name) : STRINGS.addAMachine}>
      <form noValidate onSubmit={(event) => void form.handleSubmit(send)(event)}>
        <Stack>
          <h2>{machine ? STRINGS.edit(machine.name) : STRINGS.addAMachine}</h2>
          <Columns $columns={4}>
            <FormText control={control} name="name" label={STRINGS.name} />
            <FormPick
              control={control}
              name="kind"
              label={STRINGS.kind}
              options={options(MACHINE_KINDS)}
            />
            {SIZES_OF[kind].map((size) => (
              <FormNumber
                key={size}
                control={control}
                name={size}
                label={MACHINE_SIZE_LABELS[size]}
              />
            ))}
            <FormText control={control} name="note" label={STRINGS.note} />
            <Checkbox
              value={retired}
              onChange={(next) => setValue('retired', next, { shouldDirty: true })}
            >
              {STRINGS.retiredNotPlannedWith}
            </Checkbox>
          </Columns>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {machine ? STRINGS.save : STRINGS.add}
            </ActionButton>
            <QuietButton onPress={close}>{STRINGS.cancel}</QuietButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};
