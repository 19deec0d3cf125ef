/** A step changed by hand, and a step of one's own: each with a reason that stays on record. */
import {
  type BladePlan,
  type Changeable,
  CHANGEABLE,
  changeProblem,
  DIRECTIONS,
  MOST_CHANGES,
  type PlanChoices,
  type PlanStep,
  type RackStone,
  type StepChange,
  STROKE_PATTERNS,
} from '@patient-edge/core';
import { useState } from 'react';
import { ActionButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { parseNumber } from '../theme/format';
import { textOf } from '../theme/text';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { NumberEntry } from '../theme/number-entry';
import { useParams } from 'react-router';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const WHAT_LABELS: Readonly<Record<Changeable, string>> = {
  stone: STRINGS.stone,
  angle: STRINGS.anglePerSide,
  pattern: STRINGS.pattern,
  rounds: STRINGS.roundsOfMyOwn,
  strokes: STRINGS.strokesASide,
  force: STRINGS.pressureN,
  direction: STRINGS.direction,
  minutes: STRINGS.minutes,
  words: STRINGS.words,
  order: STRINGS.order,
  'left out': STRINGS.leaveOut,
};

const LEAST_REASON = 3;
const reasonProblem = (reason: string): string | undefined =>
  reason.trim().length < LEAST_REASON ? STRINGS.aReasonOfAtLeastLetters(LEAST_REASON) : undefined;

/** What is chosen from a list, and from which. */
const listsOf = (
  step: PlanStep,
  rack: readonly RackStone[],
  steps: readonly PlanStep[],
): Readonly<Partial<Record<Changeable, readonly { id: string; label: string }[]>>> => ({
  direction: options(DIRECTIONS),
  pattern: options(STROKE_PATTERNS),
  stone: rack.map(({ id, name, um }) => ({ id, label: STRINGS.nameUm(name, um) })),
  order: [
    { id: FIRST, label: STRINGS.firstOfAll },
    ...steps
      .filter(({ key }) => key !== step.key)
      .map(({ key, title }) => ({ id: key, label: STRINGS.afterTitle(textOf(title)) })),
  ],
});

/** A step that is to follow none. */
const FIRST = 'first';

interface TypedChange {
  readonly what: Changeable;
  readonly typed: string;
  readonly reason: string;
}

export const ChangeForm = ({
  step,
  rack,
  steps,
  onChange,
  isFull,
}: {
  step: PlanStep;
  rack: readonly RackStone[];
  steps: readonly PlanStep[];
  onChange: (change: StepChange) => void;
  isFull: boolean;
}) => {
  const { jobId } = useParams();
  const nothing: TypedChange = {
    what: step.stoneId === null ? 'minutes' : 'strokes',
    typed: '',
    reason: '',
  };
  const [draft, setDraft] = useStored(`change of step ${jobId} ${step.key}`, nothing);
  const { what, typed, reason } = draft;
  const set = (part: Partial<TypedChange>): void => setDraft({ ...draft, ...part });
  const [tried, setTried] = useState(false);
  const list = listsOf(step, rack, steps)[what];
  const isText = what === 'words' || what === 'rounds';
  const isNumber = list === undefined && !isText && what !== 'left out';
  const named = typed === FIRST ? '' : typed;
  const to = isNumber ? String(parseNumber(typed) ?? typed) : named;
  const problem =
    (list !== undefined && typed === '' ? STRINGS.chooseOneOfTheList : undefined) ??
    changeProblem({ what, to }) ??
    undefined;
  const wrong = reasonProblem(reason);
  const keep = (): void => {
    setTried(true);
    if (problem !== undefined || wrong !== undefined) return;
    onChange({ step: step.key, what, to, reason: reason.trim() });
    setDraft(nothing);
  };
  if (isFull) return <Notice>{STRINGS.atMostChangesInOnePlan(MOST_CHANGES)}</Notice>;
  const shown = tried || typed !== '' ? problem : undefined;
  return (
    <Stack $gap={8}>
      <Columns $columns={3}>
        <Select
          label={STRINGS.whatIsChanged}
          options={CHANGEABLE.map((id) => ({ id, label: WHAT_LABELS[id] }))}
          value={what}
          onChange={(next) => {
            set({ what: next, typed: '' });
            setTried(false);
          }}
        />
        {list && (
          <Select
            label={STRINGS.changedTo}
            options={list}
            value={list.find(({ id }) => id === typed)?.id ?? null}
            onChange={(next) => set({ typed: next })}
            error={shown}
          />
        )}
        {isText && (
          <TextEntry
            label={STRINGS.changedTo}
            value={typed}
            onChange={(next) => set({ typed: next })}
            error={shown}
            lines={what === 'words' ? 3 : 1}
            hint={what === 'rounds' ? STRINGS.eachSide201510Or : undefined}
          />
        )}
        {isNumber && (
          <NumberEntry
            label={STRINGS.changedTo}
            value={typed}
            onChange={(next) => set({ typed: next })}
            error={shown}
          />
        )}
        <TextEntry
          label={STRINGS.reason}
          value={reason}
          onChange={(next) => set({ reason: next })}
          error={tried ? wrong : undefined}
        />
      </Columns>
      <Row>
        <ActionButton onPress={keep}>{STRINGS.saveChange}</ActionButton>
      </Row>
    </Stack>
  );
};

const BLANK = { title: '', instruction: '', minutes: '5', reason: '' };

interface OwnStepFormProps {
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
  readonly onDone: () => void;
}

/** Anywhere in the order. */
export const OwnStepForm = ({ plan, choices, onChoices, onDone }: OwnStepFormProps) => {
  const [tried, setTried] = useState(false);
  const { jobId } = useParams();
  const [typed, setTyped] = useStored(`own step ${jobId}`, BLANK);
  const [after, setAfter] = useState('first');
  const minutes = parseNumber(typed.minutes);
  const problems = {
    title: typed.title.trim().length < 3 ? STRINGS.aTitleOfAtLeast3 : undefined,
    instruction: typed.instruction.trim().length < 3 ? STRINGS.whatToDoAtLeast3 : undefined,
    minutes:
      minutes === null || minutes < 0.1 || minutes > 600
        ? STRINGS.minutesMustBeFrom01(typed.minutes)
        : undefined,
    reason: reasonProblem(typed.reason),
  };
  const set = (part: Partial<typeof typed>): void => setTyped({ ...typed, ...part });
  const keep = (): void => {
    setTried(true);
    if (Object.values(problems).some((problem) => problem !== undefined)) return;
    onChoices({
      added: [
        ...choices.added,
        {
          after: after === 'first' ? null : after,
          title: typed.title.trim(),
          instruction: typed.instruction.trim(),
          minutes: minutes!,
          reason: typed.reason.trim(),
        },
      ],
    });
    setTyped(BLANK);
    setTried(false);
    onDone();
  };
  const shown = (field: keyof typeof problems): string | undefined =>
    tried ? problems[field] : undefined;
  return (
    <Stack $gap={8}>
      <Columns $columns={3}>
        <Select
          label={STRINGS.afterAlone}
          options={[
            { id: 'first', label: STRINGS.atTheStart },
            ...plan.work.steps.map(({ key, title }) => ({ id: key, label: textOf(title) })),
          ]}
          value={after}
          onChange={setAfter}
        />
        <TextEntry
          label={STRINGS.title}
          value={typed.title}
          onChange={(title) => set({ title })}
          error={shown('title')}
        />
        <NumberEntry
          label={STRINGS.minutes}
          value={typed.minutes}
          onChange={(next) => set({ minutes: next })}
          error={shown('minutes')}
        />
        <TextEntry
          label={STRINGS.whatToDo}
          value={typed.instruction}
          onChange={(instruction) => set({ instruction })}
          error={shown('instruction')}
          lines={2}
        />
        <TextEntry
          label={STRINGS.reason}
          value={typed.reason}
          onChange={(reason) => set({ reason })}
          error={shown('reason')}
        />
      </Columns>
      <Row>
        <ActionButton onPress={keep}>{STRINGS.addStep}</ActionButton>
      </Row>
    </Stack>
  );
};
