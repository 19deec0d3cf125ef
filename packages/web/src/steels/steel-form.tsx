/** A steel of the shop's own. */
import { BURR_HABITS, EDGE_HABITS, STAINLESS, type OwnSteel } from '@patient-edge/contract';
import { STEELS } from '@patient-edge/core';
import { useMemo } from 'react';
import { useForm } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { Columns } from '../theme/columns';
import { parseNumber } from '../theme/format';
import { FormPick } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { useFormDraft } from '../theme/form-draft';
import { useFollowed, useSubmission } from '../theme/server-form';
import { useUndo } from '../theme/undo';
import { STRINGS } from './strings';

const TEXTS = [
  'designation',
  'standard',
  'steelClass',
  'stainless',
  'composition',
  'burr',
  'edge',
  'note',
] as const;
const NUMBERS = ['hrcLow', 'hrcHigh', 'wearFactor', 'wearFactorDiamond', 'finestUsefulUm'] as const;
type SteelValues = Record<(typeof TEXTS)[number] | (typeof NUMBERS)[number], string>;

const START: SteelValues = {
  designation: '',
  standard: '',
  steelClass: 'plain carbon',
  stainless: 'no',
  composition: '',
  burr: 'moderate',
  edge: 'sound',
  note: '',
  hrcLow: '58',
  hrcHigh: '60',
  wearFactor: '1',
  wearFactorDiamond: '1',
  finestUsefulUm: '2',
};

const valuesOf = (steel: OwnSteel): SteelValues => ({
  ...(Object.fromEntries(TEXTS.map((field) => [field, steel[field]])) as SteelValues),
  ...(Object.fromEntries(NUMBERS.map((field) => [field, String(steel[field])])) as SteelValues),
});

const bodyFrom = (typed: SteelValues): Record<string, unknown> => ({
  ...typed,
  ...Object.fromEntries(
    NUMBERS.map((field) => [field, parseNumber(typed[field]) ?? (typed[field] || undefined)]),
  ),
});

const CLASSES = [...new Set(STEELS.map(({ steelClass }) => steelClass))];

export const SteelForm = ({
  steel,
  onClose,
}: {
  steel: OwnSteel | null;
  onClose: (kept: OwnSteel | null) => void;
}) => {
  const held = useMemo(() => (steel ? valuesOf(steel) : START), [steel]);
  const form = useForm<SteelValues>({ defaultValues: held });
  useFollowed(form, held);
  const draft = useFormDraft(form, steel ? `steel ${steel.id}` : 'new steel', held);
  const close = (kept: OwnSteel | null): void => {
    draft.drop();
    onClose(kept);
  };
  const { control } = form;
  const { busy, problem, submit } = useSubmission(form, Object.keys(START));
  const offerUndo = useUndo();
  const send = (typed: SteelValues): Promise<void> =>
    submit(async () => {
      const body = bodyFrom(typed);
      const kept = await (steel
        ? request<OwnSteel>('PUT', `/steels/${steel.id}`, { ...body, version: steel.version })
        : request<OwnSteel>('POST', '/steels', body));
      await mutate('/steels');
      offerUndo(STRINGS.isInTheTable(kept.designation), async () => {
        await (steel
          ? request('PUT', `/steels/${kept.id}`, {
              ...bodyFrom(valuesOf(steel)),
              version: kept.version,
            })
          : request('DELETE', `/steels/${kept.id}`));
        await mutate('/steels');
      });
      close(kept);
    });
  return (
    <Panel aria-label={steel ? STRINGS.editDesignation(steel.designation) : STRINGS.addASteel}>
      <form noValidate onSubmit={(event) => void form.handleSubmit(send)(event)}>
        <Stack>
          <h2>{steel ? STRINGS.editDesignation(steel.designation) : STRINGS.addASteel}</h2>
          <Columns $columns={3}>
            <FormText control={control} name="designation" label={STRINGS.designation} />
            <FormPick
              control={control}
              name="steelClass"
              label={STRINGS.class}
              options={options(CLASSES)}
            />
            <FormPick
              control={control}
              name="stainless"
              label={STRINGS.stainless}
              options={options(STAINLESS)}
            />
            <FormText control={control} name="standard" label={STRINGS.standard} />
            <FormText control={control} name="composition" label={STRINGS.composition} />
            <FormPick
              control={control}
              name="burr"
              label={STRINGS.burr}
              options={options(BURR_HABITS)}
            />
            <FormNumber control={control} name="hrcLow" label={STRINGS.hardnessFromHrc} />
            <FormNumber control={control} name="hrcHigh" label={STRINGS.hardnessToHrc} />
            <FormPick
              control={control}
              name="edge"
              label={STRINGS.edge}
              options={options(EDGE_HABITS)}
            />
            <FormNumber
              control={control}
              name="wearFactor"
              label={STRINGS.wearFactor}
              hint={STRINGS.oneIsStainlessAt57Hrc}
            />
            <FormNumber
              control={control}
              name="wearFactorDiamond"
              label={STRINGS.wearFactorWithDiamond}
            />
            <FormNumber control={control} name="finestUsefulUm" label={STRINGS.finestUsefulAlone} />
          </Columns>
          <FormText control={control} name="note" label={STRINGS.note} lines={2} />
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {steel ? STRINGS.save : STRINGS.add}
            </ActionButton>
            <QuietButton onPress={() => close(null)}>{STRINGS.cancel}</QuietButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};
