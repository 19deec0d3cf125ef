/** The rack: stones, plates and strops on one axis of micrometres. */
import { BONDS, LIQUIDS, type Stone, type StoneBody } from '@patient-edge/contract';
import { ABRASIVES } from '@patient-edge/core';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useSession, useStones } from '../api/hooks';
import { GritStair } from '../instruments/grit-stair';
import { Columns } from '../intake/intake-fields';
import { parseNumber } from '../theme/format';
import { FormNumber, FormPick, FormText } from '../theme/form-fields';
import {
  ActionButton,
  Figures,
  Notice,
  options,
  QuietButton,
  Row,
  Sheet,
  Soft,
  Stack,
  Tick,
} from '../theme/parts';
import { useSubmission } from '../theme/server-form';
import { Waiting } from '../theme/waiting';

const NUMBER_FIELDS = ['um', 'soakMinutes', 'cutFactor', 'scratchFactor', 'changeSeconds'] as const;
type NumberField = (typeof NUMBER_FIELDS)[number];

type StoneValues = Record<NumberField, string> &
  Pick<StoneBody, 'name' | 'abrasive' | 'gritLabel' | 'bond' | 'liquid' | 'retired'>;

const valuesOf = (stone: Stone | null): StoneValues => ({
  name: stone?.name ?? '',
  abrasive: stone?.abrasive ?? 'aluminium-oxide',
  gritLabel: stone?.gritLabel ?? '',
  bond: stone?.bond ?? 'middling',
  liquid: stone?.liquid ?? 'water',
  retired: stone?.retired ?? false,
  um: stone ? String(stone.um) : '',
  soakMinutes: String(stone?.soakMinutes ?? 0),
  cutFactor: String(stone?.cutFactor ?? 1),
  scratchFactor: String(stone?.scratchFactor ?? 1),
  changeSeconds: String(stone?.changeSeconds ?? 45),
});

const RackPage = () => {
  const { data: stones, error } = useStones();
  const { data: session } = useSession();
  const [editing, setEditing] = useState<Stone | 'new' | null>(null);
  if (!stones) {
    return <Waiting error={error} words="Looking at the rack…" />;
  }
  const mayEdit = session?.staff?.role !== 'counter';
  const used = stones.filter(({ retired }) => !retired);
  return (
    <Stack $gap={16}>
      <Row>
        <h1>Rack</h1>
        {mayEdit && (
          <ActionButton onPress={() => setEditing('new')}>Add a stone or strop</ActionButton>
        )}
      </Row>
      {used.length === 0 && (
        <Notice>The rack is empty: nothing can be planned until a stone stands on it.</Notice>
      )}
      {editing !== null && (
        <StoneForm
          key={editing === 'new' ? 'new' : `${editing.id} ${editing.version}`}
          stone={editing === 'new' ? null : editing}
          onClose={() => setEditing(null)}
        />
      )}
      {used.length > 0 && (
        <Sheet aria-label="The rack by grain">
          <GritStair
            names
            rack={used.map(({ id, name, um, abrasive }) => ({
              id: String(id),
              name,
              um,
              strop: abrasive === 'compound',
            }))}
            label={`The rack by grain: ${used.map(({ name, um }) => `${name} ${um} µm`).join(', ')}`}
          />
        </Sheet>
      )}
      <Sheet>
        <table>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">µm</th>
              <th scope="col">Printed</th>
              <th scope="col">Abrasive</th>
              <th scope="col">Bond</th>
              <th scope="col">Water or oil</th>
              <th scope="col">Soak</th>
              <th scope="col">Change</th>
              {mayEdit && (
                <th scope="col">
                  <span className="unseen">Correct</span>
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {stones.map((stone) => (
              <tr key={stone.id}>
                <td>
                  {stone.name}
                  {stone.retired && <Soft as="span"> (retired)</Soft>}
                </td>
                <td>
                  <Figures>{stone.um}</Figures>
                </td>
                <td>{stone.gritLabel}</td>
                <td>{stone.abrasive}</td>
                <td>{stone.bond}</td>
                <td>{stone.liquid}</td>
                <td>
                  <Figures>{stone.soakMinutes > 0 ? `${stone.soakMinutes} min` : '–'}</Figures>
                </td>
                <td>
                  <Figures>{stone.changeSeconds} s</Figures>
                </td>
                {mayEdit && (
                  <td>
                    <QuietButton
                      aria-label={`Correct ${stone.name}`}
                      onPress={() => setEditing(stone)}
                    >
                      Correct
                    </QuietButton>
                  </td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </Sheet>
    </Stack>
  );
};

const StoneForm = ({ stone, onClose }: { stone: Stone | null; onClose: () => void }) => {
  const form = useForm<StoneValues>({ defaultValues: valuesOf(stone) });
  const retired = useWatch({ control: form.control, name: 'retired' });
  const { busy, problem, submit } = useSubmission(form, Object.keys(valuesOf(null)));
  const send = (typed: StoneValues): Promise<void> =>
    submit(async () => {
      const numbers = Object.fromEntries(
        NUMBER_FIELDS.map((field) => [
          field,
          parseNumber(typed[field]) ?? (typed[field] || undefined),
        ]),
      );
      const body = { ...typed, ...numbers };
      await (stone
        ? request<Stone>('PUT', `/stones/${stone.id}`, { ...body, version: stone.version })
        : request<Stone>('POST', '/stones', body));
      await mutate('/stones');
      onClose();
    });
  return (
    <Sheet aria-label={stone ? `Correct ${stone.name}` : 'Add a stone or strop'}>
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack>
          <Columns $columns={4}>
            <FormText control={form.control} name="name" label="Name" />
            <FormNumber
              control={form.control}
              name="um"
              label="Median grain, µm"
              hint="The maker’s figure, or your own"
            />
            <FormText control={form.control} name="gritLabel" label="Printed grit and scale" />
            <FormPick
              control={form.control}
              name="abrasive"
              label="Abrasive"
              options={options(ABRASIVES)}
            />
            <FormPick control={form.control} name="bond" label="Bond" options={options(BONDS)} />
            <FormPick
              control={form.control}
              name="liquid"
              label="Water, oil or dry"
              options={options(LIQUIDS)}
            />
            <FormNumber
              control={form.control}
              name="soakMinutes"
              label="Soak, minutes"
              hint="0 for splash"
            />
            <FormNumber
              control={form.control}
              name="changeSeconds"
              label="Time to change to it, s"
            />
            <FormNumber
              control={form.control}
              name="cutFactor"
              label="Cut factor"
              hint="1 is usual"
            />
            <FormNumber
              control={form.control}
              name="scratchFactor"
              label="Scratch factor"
              hint="Stone 1, plate 1.2, strop 0.4"
            />
            <Tick value={retired} onChange={(next) => form.setValue('retired', next)}>
              Retired: not planned with
            </Tick>
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
            <QuietButton onPress={onClose}>Leave it</QuietButton>
          </Row>
        </Stack>
      </form>
    </Sheet>
  );
};

export default RackPage;
