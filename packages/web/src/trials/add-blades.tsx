/** Blades of a willing customer, drawn into a trial: two alike, or one whose visits go in turn. */
import type { Trial } from '@patient-edge/contract';
import { TRIAL_WAYS, type TrialWay } from '@patient-edge/core';
import { useState } from 'react';
import { useSWRConfig } from 'swr';
import { request } from '../api/client';
import { useCustomer } from '../api/hooks';
import { CustomerPicker } from '../customers/customer-picker';
import { ActionButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { MutedText, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import { useRun } from '../theme/use-run';
import { STRINGS } from './strings';

const WAYS: Readonly<Record<TrialWay, string>> = {
  pair: STRINGS.pair,
  alternate: STRINGS.alternate,
};

export const AddBlades = ({ trial }: { trial: Trial }) => {
  const { mutate } = useSWRConfig();
  const [way, setWay] = useState<TrialWay>('pair');
  const [customerId, setCustomerId] = useState<number | null>(null);
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const { data: record } = useCustomer(customerId);
  const { busy, problem, run } = useRun();
  const wanted = way === 'pair' ? 2 : 1;
  const taken = new Set(trial.blades.map(({ bladeId }) => bladeId));
  const first = record?.blades.find(({ id }) => id === chosen[0]);
  // Those that may still be chosen, and those that are.
  const eligible = (record?.blades ?? []).filter(
    ({ id, measures }) =>
      !taken.has(id) &&
      (chosen.includes(id) ||
        (chosen.length < wanted && (!first || first.measures.kindId === measures.kindId))),
  );
  const draw = (): Promise<void> =>
    run(async () => {
      const trials = await request<Trial[]>('POST', `/trials/${trial.id}/blades`, {
        way,
        bladeIds: chosen,
      });
      await mutate('/trials', trials, { revalidate: false });
      setChosen([]);
    });
  return (
    <Stack>
      <SegmentedControl
        label={STRINGS.howCompared}
        options={TRIAL_WAYS.map((id) => ({ id, label: WAYS[id] }))}
        value={way}
        onChange={(next) => {
          setWay(next);
          setChosen([]);
        }}
      />
      <CustomerPicker
        label={STRINGS.customer}
        chosen={record?.customer ?? null}
        onChoose={(id) => {
          setCustomerId(id);
          setChosen([]);
        }}
      />
      {eligible.map((blade) => (
        <Checkbox
          key={blade.id}
          value={chosen.includes(blade.id)}
          onChange={(isOn) =>
            setChosen(isOn ? [...chosen, blade.id] : chosen.filter((id) => id !== blade.id))
          }
        >
          {blade.name}
        </Checkbox>
      ))}
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Row>
        <ActionButton isDisabled={busy || chosen.length !== wanted} onPress={() => void draw()}>
          {STRINGS.draw}
        </ActionButton>
        {chosen.length !== wanted && (
          <MutedText>
            {!record
              ? STRINGS.chooseCustomer
              : way === 'pair'
                ? STRINGS.chooseTwo
                : STRINGS.chooseOne}
          </MutedText>
        )}
      </Row>
    </Stack>
  );
};
