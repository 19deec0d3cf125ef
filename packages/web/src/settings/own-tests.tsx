/** Tests the shop added itself: how each is read, what its readings mean, and for which uses it counts. */
import type { TestsInUse } from '@patient-edge/contract';
import { USES, type OwnTest } from '@patient-edge/core';
import { useState } from 'react';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { Fold } from '../theme/fold';
import { parseNumber } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { TextEntry } from '../theme/text-fields';
import { NumberEntry } from '../theme/number-entry';
import { useUndo } from '../theme/undo';
import { freshOwnId } from './own-id';

interface OwnTestsProps {
  readonly tests: TestsInUse;
  /** Whether it was kept. */
  readonly onOwn: (own: readonly OwnTest[]) => Promise<boolean>;
}

export const OwnTests = ({ tests: { own }, onOwn }: OwnTestsProps) => {
  const offerUndo = useUndo();
  const remove = async (test: OwnTest): Promise<void> => {
    if (!(await onOwn(own.filter(({ id }) => id !== test.id)))) return;
    offerUndo(`${test.label} is taken out.`, async () => {
      await onOwn(own);
    });
  };
  return (
    <Stack $gap={10}>
      <h2>Tests of the shop’s own</h2>
      {own.length === 0 && <MutedText>None yet.</MutedText>}
      {own.map((test) => (
        <Row key={test.id} $gap={14}>
          <span>
            <b>{test.label}</b>: {test.classes.map(({ id }) => id).join(', ')}; {test.minutes} min,{' '}
            {test.countsFor.length === 0
              ? 'counts for nothing by itself'
              : `counts for ${USES.filter(({ id }) => test.countsFor.includes(id))
                  .map(({ label }) => label.toLowerCase())
                  .join(', ')}`}
          </span>
          <QuietButton onPress={() => void remove(test)}>
            Take out<span className="unseen"> {test.label}</span>
          </QuietButton>
        </Row>
      ))}
      <Fold title="Add a test" says="how it is done, how it is read, what it counts for">
        <AddTest onAdd={(test) => onOwn([...own, test])} />
      </Fold>
    </Stack>
  );
};

interface Typed {
  readonly label: string;
  readonly how: string;
  readonly at: OwnTest['at'];
  readonly good: string;
  readonly between: string;
  readonly bad: string;
  readonly minutes: string;
  readonly countsFor: readonly string[];
}
const EMPTY: Typed = {
  label: '',
  how: '',
  at: 'zone',
  good: '',
  between: '',
  bad: '',
  minutes: '0.3',
  countsFor: [],
};

const AddTest = ({ onAdd }: { onAdd: (test: OwnTest) => Promise<boolean> }) => {
  const [typed, setTyped] = useState<Typed>(EMPTY);
  const set = (part: Partial<Typed>): void => setTyped({ ...typed, ...part });
  const minutes = parseNumber(typed.minutes);
  const missing = [
    typed.label.trim() === '' ? 'a name' : '',
    typed.how.trim() === '' ? 'how it is done' : '',
    typed.good.trim() === '' || typed.bad.trim() === '' ? 'a good and a bad reading' : '',
    minutes === null ? 'its minutes' : '',
  ].filter(Boolean);
  const add = async (): Promise<void> => {
    const classes = [
      { id: typed.good.trim(), means: 'good' as const },
      ...(typed.between.trim() === ''
        ? []
        : [{ id: typed.between.trim(), means: 'remark' as const }]),
      { id: typed.bad.trim(), means: 'fault' as const },
    ];
    const kept = await onAdd({
      id: freshOwnId(),
      label: typed.label.trim(),
      how: typed.how.trim(),
      tells: '',
      at: typed.at,
      classes,
      media: [],
      minutes: minutes ?? 0,
      instrument: null,
      countsFor: typed.countsFor,
    });
    if (kept) setTyped(EMPTY);
  };
  return (
    <Stack $gap={10} role="group" aria-label="A test of the shop’s own">
      <Columns $columns={3}>
        <TextEntry
          label="Name of the test"
          value={typed.label}
          onChange={(label) => set({ label })}
        />
        <TextEntry label="How it is done" value={typed.how} onChange={(how) => set({ how })} />
        <SegmentedControl
          label="Read"
          options={[
            { id: 'zone', label: 'by zone' },
            { id: 'blade', label: 'once' },
          ]}
          value={typed.at}
          onChange={(at) => set({ at })}
        />
        <TextEntry label="Good reading" value={typed.good} onChange={(good) => set({ good })} />
        <TextEntry
          label="In between"
          hint="May stay empty: a remark, no fault"
          value={typed.between}
          onChange={(between) => set({ between })}
        />
        <TextEntry label="Bad reading" value={typed.bad} onChange={(bad) => set({ bad })} />
        <NumberEntry
          label="Minutes it takes"
          value={typed.minutes}
          error={minutes === null ? `"${typed.minutes}" is no number` : undefined}
          onChange={(next) => set({ minutes: next })}
        />
      </Columns>
      <Fold
        title="Counts for"
        says={typed.countsFor.length === 0 ? 'nothing by itself' : `${typed.countsFor.length} uses`}
      >
        <Columns $columns={3}>
          {USES.map(({ id, label }) => (
            <Checkbox
              key={id}
              value={typed.countsFor.includes(id)}
              onChange={(next) =>
                set({
                  countsFor: next
                    ? [...typed.countsFor, id]
                    : typed.countsFor.filter((each) => each !== id),
                })
              }
            >
              {label}
            </Checkbox>
          ))}
        </Columns>
      </Fold>
      <Row>
        <QuietButton isDisabled={missing.length > 0} onPress={() => void add()}>
          Add the test
        </QuietButton>
        {missing.length > 0 && <MutedText>Wants {missing.join(', ')}.</MutedText>}
      </Row>
    </Stack>
  );
};
