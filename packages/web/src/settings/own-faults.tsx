/** Rows the shop added to the table of faults: a sign, what it probably is, and what is done about it. */
import type { OwnFaults } from '@patient-edge/contract';
import { PLAN_OPERATIONS, type Operation, type OwnFault, named } from '@patient-edge/core';
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
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const MET: Readonly<Record<OwnFault['at'], string>> = {
  bench: STRINGS.atTheBench,
  test: STRINGS.atTheTest,
  return: STRINGS.whenItComesBack,
};
/** No step mends it. */
const NO_STEP = 'no step';
const STEPS: readonly { readonly id: Operation | typeof NO_STEP; readonly label: string }[] = [
  { id: NO_STEP, label: NO_STEP },
  ...PLAN_OPERATIONS.filter((each) => each !== 'own').map((id) => ({ id, label: named(id) })),
];

export const OwnFaultsSheet = () => {
  const { data, error, mutate } = useOwnFaults();
  const [problem, setProblem] = useState<string | null>(null);
  const offerUndo = useUndo();
  if (!data) return <Waiting error={error} text={STRINGS.loadingFaults} />;
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
    offerUndo(STRINGS.theRowIsTakenOut, async () => {
      await keep(data.own);
    });
  };
  return (
    <Panel aria-label={STRINGS.faults}>
      <Stack $gap={10}>
        <h2>{STRINGS.faultsOfTheShopsOwn}</h2>
        <MutedText>{STRINGS.askedBesideThe27ThatAre}</MutedText>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        {data.own.map((fault) => (
          <Row key={fault.id} $gap={14}>
            <span>
              <b>{fault.sign}</b>, {MET[fault.at]}: {fault.cause} {fault.remedy}
              {fault.backTo !== null && STRINGS.backTo(named(fault.backTo))}
            </span>
            <QuietButton onPress={() => void remove(fault)}>
              {STRINGS.takeOut}
              <span className="unseen"> {fault.sign}</span>
            </QuietButton>
          </Row>
        ))}
        <Fold title={STRINGS.addARow} says={STRINGS.signCauseRemedyAndTheStep}>
          <AddFault onAdd={(fault) => keep([...data.own, fault])} />
        </Fold>
      </Stack>
    </Panel>
  );
};

const EMPTY = { sign: '', cause: '', remedy: '', minutes: '0.2' };

const AddFault = ({ onAdd }: { onAdd: (fault: OwnFault) => Promise<boolean> }) => {
  const [typed, setTyped] = useStored('fault being added', EMPTY);
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
    <Stack $gap={10} role="group" aria-label={STRINGS.aRowOfTheShopsOwn}>
      <Columns $columns={3}>
        <TextEntry label={STRINGS.sign} value={typed.sign} onChange={(sign) => set({ sign })} />
        <TextEntry
          label={STRINGS.whatItProbablyIs}
          value={typed.cause}
          onChange={(cause) => set({ cause })}
        />
        <TextEntry
          label={STRINGS.whatIsDoneAboutIt}
          value={typed.remedy}
          onChange={(remedy) => set({ remedy })}
        />
        <Select
          label={STRINGS.whereItIsMet}
          options={(Object.keys(MET) as OwnFault['at'][]).map((id) => ({ id, label: MET[id] }))}
          value={at}
          onChange={setAt}
        />
        <Select
          label={STRINGS.backToWhichStep}
          options={STEPS}
          value={backTo}
          onChange={setBackTo}
        />
        <NumberEntry
          label={STRINGS.minutesToLook}
          value={typed.minutes}
          error={minutes === null ? STRINGS.isNoNumber(typed.minutes) : undefined}
          onChange={(next) => set({ minutes: next })}
        />
      </Columns>
      <Row>
        <QuietButton isDisabled={!isWhole} onPress={() => void add()}>
          {STRINGS.addTheRow}
        </QuietButton>
        {!isWhole && <MutedText>{STRINGS.enterTheSignWhatItIs}</MutedText>}
      </Row>
    </Stack>
  );
};
