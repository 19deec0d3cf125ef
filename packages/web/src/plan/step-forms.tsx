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

const WHAT_LABELS: Readonly<Record<Changeable, string>> = {
  stone: 'Stone',
  angle: 'Angle per side, °',
  pattern: 'Pattern',
  rounds: 'Rounds of my own',
  strokes: 'Strokes a side',
  force: 'Pressure, N',
  direction: 'Direction',
  minutes: 'Minutes',
  words: 'Words',
  order: 'Order',
  'left out': 'Leave out',
};

const LEAST_REASON = 3;
const reasonProblem = (reason: string): string | undefined =>
  reason.trim().length < LEAST_REASON
    ? `A reason of at least ${LEAST_REASON} letters; it goes on record`
    : undefined;

/** What is chosen from a list, and from which. */
const listsOf = (
  step: PlanStep,
  rack: readonly RackStone[],
  steps: readonly PlanStep[],
): Readonly<Partial<Record<Changeable, readonly { id: string; label: string }[]>>> => ({
  direction: options(DIRECTIONS),
  pattern: options(STROKE_PATTERNS),
  stone: rack.map(({ id, name, um }) => ({ id, label: `${name}, ${um} µm` })),
  order: [
    { id: FIRST, label: 'first of all' },
    ...steps
      .filter(({ key }) => key !== step.key)
      .map(({ key, title }) => ({ id: key, label: `after: ${textOf(title)}` })),
  ],
});

/** A step that is to follow none. */
const FIRST = 'first';

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
  const [what, setWhat] = useState<Changeable>(step.stoneId === null ? 'minutes' : 'strokes');
  const [typed, setTyped] = useState('');
  const [reason, setReason] = useState('');
  const [tried, setTried] = useState(false);
  const list = listsOf(step, rack, steps)[what];
  const isText = what === 'words' || what === 'rounds';
  const isNumber = list === undefined && !isText && what !== 'left out';
  const named = typed === FIRST ? '' : typed;
  const to = isNumber ? String(parseNumber(typed) ?? typed) : named;
  const problem =
    (list !== undefined && typed === '' ? 'Choose one of the list' : undefined) ??
    changeProblem({ what, to }) ??
    undefined;
  const wrong = reasonProblem(reason);
  const keep = (): void => {
    setTried(true);
    if (problem === undefined && wrong === undefined)
      onChange({ step: step.key, what, to, reason: reason.trim() });
  };
  if (isFull) return <Notice>At most {MOST_CHANGES} changes in one plan.</Notice>;
  const shown = tried || typed !== '' ? problem : undefined;
  return (
    <Stack $gap={8}>
      <Columns $columns={3}>
        <Select
          label="What is changed"
          options={CHANGEABLE.map((id) => ({ id, label: WHAT_LABELS[id] }))}
          value={what}
          onChange={(next) => {
            setWhat(next);
            setTyped('');
            setTried(false);
          }}
        />
        {list && (
          <Select
            label="Changed to"
            options={list}
            value={list.find(({ id }) => id === typed)?.id ?? null}
            onChange={setTyped}
            error={shown}
          />
        )}
        {isText && (
          <TextEntry
            label="Changed to"
            value={typed}
            onChange={setTyped}
            error={shown}
            lines={what === 'words' ? 3 : 1}
            hint={what === 'rounds' ? 'Each side: 20, 15, 10 or 90 s, 60 s, 30 s' : undefined}
          />
        )}
        {isNumber && (
          <NumberEntry label="Changed to" value={typed} onChange={setTyped} error={shown} />
        )}
        <TextEntry
          label="Reason"
          value={reason}
          onChange={setReason}
          error={tried ? wrong : undefined}
        />
      </Columns>
      <Row>
        <ActionButton onPress={keep}>Save change</ActionButton>
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
  const [typed, setTyped] = useState(BLANK);
  const [after, setAfter] = useState('first');
  const minutes = parseNumber(typed.minutes);
  const problems = {
    title: typed.title.trim().length < 3 ? 'A title of at least 3 letters' : undefined,
    instruction: typed.instruction.trim().length < 3 ? 'What to do, at least 3 letters' : undefined,
    minutes:
      minutes === null || minutes < 0.1 || minutes > 600
        ? `Minutes must be from 0.1 to 600; "${typed.minutes}" was given`
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
          label="After"
          options={[
            { id: 'first', label: 'at the start' },
            ...plan.work.steps.map(({ key, title }) => ({ id: key, label: textOf(title) })),
          ]}
          value={after}
          onChange={setAfter}
        />
        <TextEntry
          label="Title"
          value={typed.title}
          onChange={(title) => set({ title })}
          error={shown('title')}
        />
        <NumberEntry
          label="Minutes"
          value={typed.minutes}
          onChange={(next) => set({ minutes: next })}
          error={shown('minutes')}
        />
        <TextEntry
          label="What to do"
          value={typed.instruction}
          onChange={(instruction) => set({ instruction })}
          error={shown('instruction')}
          lines={2}
        />
        <TextEntry
          label="Reason"
          value={typed.reason}
          onChange={(reason) => set({ reason })}
          error={shown('reason')}
        />
      </Columns>
      <Row>
        <ActionButton onPress={keep}>Add step</ActionButton>
      </Row>
    </Stack>
  );
};
