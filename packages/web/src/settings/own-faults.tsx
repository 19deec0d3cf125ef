/** Rows the shop added to the table of faults: a sign, what it probably is, and what is done about it. */
import type { OwnFaults } from '@patient-edge/contract';
import { PLAN_OPERATIONS, type Operation, type OwnFault } from '@patient-edge/core';
import { useState } from 'react';
import { ApiFailure, messageOf, request } from '../api/client';
import { useOwnFaults } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { Fold } from '../theme/fold';
import { parseNumber } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { NumberEntry } from '../theme/number-entry';
import { useUndo } from '../theme/undo';
import { Waiting } from '../theme/waiting';
import { freshOwnId } from './own-id';

const MET: Readonly<Record<OwnFault['at'], string>> = {
  bench: 'at the bench',
  test: 'at the test',
  return: 'when it comes back',
};
/** No step mends it. */
const NO_STEP = 'no step';
const STEPS: readonly { readonly id: Operation | typeof NO_STEP; readonly label: string }[] = [
  { id: NO_STEP, label: NO_STEP },
  ...PLAN_OPERATIONS.filter((each) => each !== 'own').map((id) => ({ id, label: id })),
];

export const OwnFaultsSheet = () => {
  const { data, error, mutate } = useOwnFaults();
  const [problem, setProblem] = useState<string | null>(null);
  const offerUndo = useUndo();
  if (!data) return <Waiting error={error} text="Loading faults…" />;
  const keep = async (own: readonly OwnFault[]): Promise<boolean> => {
    setProblem(null);
    try {
      await mutate(await request<OwnFaults>('PUT', '/own-faults', { own }), { revalidate: false });
      return true;
    } catch (failed) {
      const field = failed instanceof ApiFailure ? failed.fields[0] : undefined;
      setProblem(field?.message ?? messageOf(failed));
      return false;
    }
  };
  const remove = async (fault: OwnFault): Promise<void> => {
    if (!(await keep(data.own.filter(({ id }) => id !== fault.id)))) return;
    offerUndo('The row is taken out.', async () => {
      await keep(data.own);
    });
  };
  return (
    <Panel aria-label="Faults">
      <Stack $gap={10}>
        <h2>Faults of the shop’s own</h2>
        <MutedText>
          Asked beside the 27 that are known, wherever something is wrong: at the bench, at the
          test, and when a blade comes back.
        </MutedText>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        {data.own.map((fault) => (
          <Row key={fault.id} $gap={14}>
            <span>
              <b>{fault.sign}</b>, {MET[fault.at]}: {fault.cause} {fault.remedy}
              {fault.backTo !== null && ` Back to: ${fault.backTo}.`}
            </span>
            <QuietButton onPress={() => void remove(fault)}>
              Take out<span className="unseen"> {fault.sign}</span>
            </QuietButton>
          </Row>
        ))}
        <Fold title="Add a row" says="sign, cause, remedy, and the step to go back to">
          <AddFault onAdd={(fault) => keep([...data.own, fault])} />
        </Fold>
      </Stack>
    </Panel>
  );
};

const EMPTY = { sign: '', cause: '', remedy: '', minutes: '0.2' };

const AddFault = ({ onAdd }: { onAdd: (fault: OwnFault) => Promise<boolean> }) => {
  const [typed, setTyped] = useState(EMPTY);
  const [at, setAt] = useState<OwnFault['at']>('bench');
  const [backTo, setBackTo] = useState<Operation | typeof NO_STEP>('edge');
  const set = (part: Partial<typeof EMPTY>): void => setTyped({ ...typed, ...part });
  const minutes = parseNumber(typed.minutes);
  const isWhole =
    [typed.sign, typed.cause, typed.remedy].every((text) => text.trim() !== '') && minutes !== null;
  const add = async (): Promise<void> => {
    const kept = await onAdd({
      id: freshOwnId(),
      sign: typed.sign.trim(),
      at,
      minutes: minutes ?? 0,
      cause: typed.cause.trim(),
      remedy: typed.remedy.trim(),
      backTo: backTo === NO_STEP ? null : backTo,
    });
    if (kept) setTyped(EMPTY);
  };
  return (
    <Stack $gap={10} role="group" aria-label="A row of the shop’s own">
      <Columns $columns={3}>
        <TextEntry label="Sign" value={typed.sign} onChange={(sign) => set({ sign })} />
        <TextEntry
          label="What it probably is"
          value={typed.cause}
          onChange={(cause) => set({ cause })}
        />
        <TextEntry
          label="What is done about it"
          value={typed.remedy}
          onChange={(remedy) => set({ remedy })}
        />
        <Select
          label="Where it is met"
          options={(Object.keys(MET) as OwnFault['at'][]).map((id) => ({ id, label: MET[id] }))}
          value={at}
          onChange={setAt}
        />
        <Select label="Back to which step" options={STEPS} value={backTo} onChange={setBackTo} />
        <NumberEntry
          label="Minutes to look"
          value={typed.minutes}
          error={minutes === null ? `"${typed.minutes}" is no number` : undefined}
          onChange={(next) => set({ minutes: next })}
        />
      </Columns>
      <Row>
        <QuietButton isDisabled={!isWhole} onPress={() => void add()}>
          Add the row
        </QuietButton>
        {!isWhole && <MutedText>Enter the sign, what it is and what to do.</MutedText>}
      </Row>
    </Stack>
  );
};
