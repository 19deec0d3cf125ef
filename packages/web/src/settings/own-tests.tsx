/** Tests the shop added itself: how each is read, what its readings mean, and for which uses it counts. */
import type { TestsInUse } from '@patient-edge/contract';
import { USES, type OwnTest, named } from '@patient-edge/core';
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
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

interface OwnTestsProps {
  readonly tests: TestsInUse;
  /** Whether it was kept. */
  readonly onOwn: (own: readonly OwnTest[]) => Promise<boolean>;
}

export const OwnTests = ({ tests: { own }, onOwn }: OwnTestsProps) => {
  const offerUndo = useUndo();
  const remove = async (test: OwnTest): Promise<void> => {
    if (!(await onOwn(own.filter(({ id }) => id !== test.id)))) return;
    offerUndo(STRINGS.isTakenOut(test.label), async () => {
      await onOwn(own);
    });
  };
  return (
    <Stack $gap={10}>
      <h2>{STRINGS.testsOfTheShopsOwn}</h2>
      {own.length === 0 && <MutedText>{STRINGS.noneYet}</MutedText>}
      {own.map((test) => (
        <Row key={test.id} $gap={14}>
          <span>
            <b>{test.label}</b>
            {STRINGS.min(
              test.classes.map(({ id }) => id).join(', '),
              test.minutes,
              test.countsFor.length === 0
                ? STRINGS.countsForNothingByItself
                : STRINGS.countsFor(
                    USES.filter(({ id }) => test.countsFor.includes(id))
                      .map(({ label }) => label.toLowerCase())
                      .join(', '),
                  ),
            )}
          </span>
          <QuietButton onPress={() => void remove(test)}>
            {STRINGS.takeOut}
            <span className="unseen"> {test.label}</span>
          </QuietButton>
        </Row>
      ))}
      <Fold title={STRINGS.addATest} says={STRINGS.howItIsDoneHowIt}>
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
  const [typed, setTyped] = useStored<Typed>('test being added', EMPTY);
  const set = (part: Partial<Typed>): void => setTyped({ ...typed, ...part });
  const minutes = parseNumber(typed.minutes);
  const missing = [
    typed.label.trim() === '' ? STRINGS.aName : '',
    typed.how.trim() === '' ? STRINGS.howItIsDone : '',
    typed.good.trim() === '' || typed.bad.trim() === '' ? STRINGS.aGoodAndABadReading : '',
    minutes === null ? STRINGS.itsMinutes : '',
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
    <Stack $gap={10} role="group" aria-label={STRINGS.aTestOfTheShopsOwn}>
      <Columns $columns={3}>
        <TextEntry
          label={STRINGS.nameOfTheTest}
          value={typed.label}
          onChange={(label) => set({ label })}
        />
        <TextEntry
          label={STRINGS.howItIsDoneAlone}
          value={typed.how}
          onChange={(how) => set({ how })}
        />
        <SegmentedControl
          label={STRINGS.read}
          options={[
            { id: 'zone', label: STRINGS.byZone },
            { id: 'blade', label: named('once') },
          ]}
          value={typed.at}
          onChange={(at) => set({ at })}
        />
        <TextEntry
          label={STRINGS.goodReading}
          value={typed.good}
          onChange={(good) => set({ good })}
        />
        <TextEntry
          label={STRINGS.inBetween}
          hint={STRINGS.mayStayEmptyARemarkNo}
          value={typed.between}
          onChange={(between) => set({ between })}
        />
        <TextEntry label={STRINGS.badReading} value={typed.bad} onChange={(bad) => set({ bad })} />
        <NumberEntry
          label={STRINGS.minutesItTakes}
          value={typed.minutes}
          error={minutes === null ? STRINGS.isNoNumber(typed.minutes) : undefined}
          onChange={(next) => set({ minutes: next })}
        />
      </Columns>
      <Fold
        title={STRINGS.countsForAlone}
        says={
          typed.countsFor.length === 0
            ? STRINGS.nothingByItself
            : STRINGS.uses(typed.countsFor.length)
        }
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
          {STRINGS.addTheTest}
        </QuietButton>
        {missing.length > 0 && <MutedText>{STRINGS.wants(missing.join(', '))}</MutedText>}
      </Row>
    </Stack>
  );
};
