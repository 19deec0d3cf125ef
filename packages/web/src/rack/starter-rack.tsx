/** A rack to begin with, by what somebody owns: in one press, and corrected later. */
import type { ShopMachine } from '@patient-edge/contract';
import { NO_SIZES, STARTER_RACKS, type StarterRack } from '@patient-edge/core';
import { useState } from 'react';
import styled from 'styled-components';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { without } from '../api/without';
import { QuietButton } from '../theme/buttons';
import { MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useUndo } from '../theme/undo';
import { bodyFrom, startOf, valuesOf } from './stone-values';
import { STRINGS } from './strings';

const Racks = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(250px, 1fr));
  gap: 12px;
  & > li {
    display: grid;
    gap: 6px;
    border: 1px solid var(--line);
    padding: 12px 14px;
    grid-template-rows: auto 1fr auto;
  }
`;

const bodiesOf = ({ stones }: StarterRack): readonly object[] =>
  stones.map(({ name, kind, um, gritScale, gritNumber, fitsRig = null, portable = false }) =>
    bodyFrom({
      ...valuesOf(null),
      ...startOf(kind),
      name,
      kind,
      um: String(um),
      gritScale: gritScale ?? '',
      gritNumber: gritNumber === null ? '' : String(gritNumber),
      fitsRig,
      portable,
    }),
  );

const addMachine = ({
  name,
  kind,
  sizes,
}: NonNullable<StarterRack['machine']>): Promise<ShopMachine> =>
  request<ShopMachine>('POST', '/machines', {
    ...NO_SIZES,
    ...sizes,
    name,
    kind,
    note: STRINGS.usualSizesMeasureYourOwnAnd,
    retired: false,
  });

/** A machine once added stays on record. */
const retire = async (machine: ShopMachine): Promise<void> => {
  const body = without(machine, 'id', 'cuts');
  await request('PUT', `/machines/${machine.id}`, { ...body, retired: true });
  await mutate('/machines');
};

export const StarterRacks = () => {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const offerUndo = useUndo();
  const take = async (rack: StarterRack): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const { added } = await request<{ added: readonly number[] }>('POST', '/stones/import', {
        stones: bodiesOf(rack),
      });
      const machine = rack.machine && (await addMachine(rack.machine));
      await mutate('/stones');
      void mutate('/machines');
      void mutate('/first-day');
      offerUndo(STRINGS.onTheRack(rack.label, added.length), async () => {
        for (const id of added) await request('DELETE', `/stones/${id}`);
        if (machine) await retire(machine);
        await mutate('/stones');
      });
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Panel aria-label={STRINGS.starterRacks}>
      <Stack>
        <h2>{STRINGS.whatDoYouSharpenOn}</h2>
        <MutedText>{STRINGS.takeTheNearestNamesSizesAnd}</MutedText>
        <Racks>
          {STARTER_RACKS.map((rack) => (
            <li key={rack.id}>
              <b>{rack.label}</b>
              <MutedText>
                {rack.stones
                  .map(({ name, gritScale, gritNumber, um }) =>
                    gritScale === null
                      ? STRINGS.nameUm(name, um)
                      : `${name} ${gritScale.replace('FEPA-', '')} ${gritNumber}`,
                  )
                  .join(', ')}
              </MutedText>
              <QuietButton
                aria-label={STRINGS.chooseThisRack(rack.label)}
                isDisabled={busy}
                onPress={() => void take(rack)}
              >
                {STRINGS.useThisRack}
              </QuietButton>
            </li>
          ))}
        </Racks>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
      </Stack>
    </Panel>
  );
};
