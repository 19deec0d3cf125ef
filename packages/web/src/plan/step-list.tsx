/** The operations of a plan in their order, each whole, and changed by hand with a reason that stays. */
import {
  type AddedStep,
  asText,
  type BladePlan,
  figure,
  type LearnedTimes,
  liftText,
  MOST_ADDED,
  MOST_CHANGES,
  type PlanInput,
  type PlanStep,
  scratchDepthUm,
  type StepChange,
  type StepTime,
  type Text,
  named,
} from '@patient-edge/core';
import { Pencil, Plus, TriangleAlert, X } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { lazyPart } from '../theme/lazy-part';
import styled from 'styled-components';
import { Asked } from '../instruments/why';
import { QuietButton } from '../theme/buttons';
import { bandText, forceUnit } from '../theme/force';
import { fixed, mmNumber, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { MadeWhenOpened } from '../theme/made-when-opened';
import { MutedText, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import type { PlanOnRackProps } from './sheet-props';
import { warnedSteps, type StepWarning } from './warned-steps';
import { formats } from '../theme/formats';
import { STRINGS } from './strings';

/** Zone by zone, and the unit once. */
const liftsInUnits = (text: string): string =>
  text === ''
    ? ''
    : `${text.replaceAll(/\d+\.\d+/g, (lift) => mmNumber(Number(lift), 1))} ${formats().length}`;

const Steps = styled.ol`
  counter-reset: step;
  & > li {
    counter-increment: step;
    display: grid;
    grid-template-columns: 34px minmax(0, 1fr) 190px 200px minmax(52px, max-content);
    gap: 2px 14px;
    padding: 9px 0;
    border-top: 1px solid var(--line-soft);
    align-items: baseline;
  }
  & > li::before {
    content: counter(step);
    font: 650 20px/1 var(--figures);
  }
  & small {
    color: var(--ink-soft);
    font-size: 14.5px;
  }
  & [data-figure] {
    font-family: var(--figures);
    white-space: nowrap;
    text-align: right;
  }
  @media (max-width: 900px) {
    & > li {
      grid-template-columns: 34px minmax(0, 1fr) auto;
    }
    & > li > [data-figure] {
      grid-column: 2;
      text-align: left;
    }
    & > li > [data-figure] + [data-figure] {
      grid-column: 3;
    }
    & > li > button {
      grid-row: 1;
      grid-column: 3;
      justify-self: end;
    }
  }
`;
const Times = styled.span`
  display: grid;
  grid-template-columns: 1fr 132px;
  gap: 10px;
  align-items: baseline;
  justify-items: end;
  @media (max-width: 900px) {
    grid-template-columns: auto auto;
    justify-items: end;
  }
  /* A telephone has room for one figure. */
  @media (max-width: 560px) {
    grid-template-columns: auto;
    & > :last-child {
      display: none;
    }
  }
`;
const Detail = styled.div`
  grid-column: 2 / -1;
  font-size: 15px;
  & dl {
    display: grid;
    grid-template-columns: 128px minmax(0, 1fr);
    gap: 2px 12px;
    margin: 4px 0;
  }
  & dt {
    color: var(--ink-soft);
  }
  & dd {
    margin: 0;
  }
`;
const Beside = styled.p`
  grid-column: 2 / -1;
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: 8px;
  align-items: start;
  margin: 2px 0 0;
  padding: 4px 10px;
  background: var(--cut-soft);
  font-size: 15px;
  & > svg {
    color: var(--cut);
    margin-top: 3px;
  }
`;
const More = styled.button`
  font: inherit;
  font-size: 15px;
  min-height: 44px;
  min-width: 44px;
  margin: -6px 0;
  color: var(--accent);
  background: none;
  border: none;
  padding: 2px 4px;
  cursor: pointer;
  text-decoration: underline;
`;

/** Loaded when a step is changed or put in. */
const ChangeForm = lazyPart(async () => ({ default: (await import('./step-forms')).ChangeForm }));
const OwnStepForm = lazyPart(async () => ({ default: (await import('./step-forms')).OwnStepForm }));

/** What a step that takes steel leaves behind. */
const leaves = (step: PlanStep, rack: PlanInput['rack']): string | null => {
  const stone = step.removeMm3 > 0 ? rack.find(({ id }) => id === step.stoneId) : undefined;
  if (!stone) return null;
  const um = scratchDepthUm(stone);
  // As a person would say it.
  return STRINGS.leavesAbout(Number(um.toPrecision(um >= 10 ? 2 : 1)));
};

const anglesOf = (step: PlanStep): string | null =>
  step.operation === 'outline'
    ? named('upright')
    : step.sides.length === 0
      ? null
      : step.sides
          .map(
            ({ side, angleDeg }) =>
              `${named(side)} ${angleDeg === null ? STRINGS.flatOnItsFace : `${fixed(angleDeg, 1)}°`}`,
          )
          .join(', ');

const countsOf = (step: PlanStep): string => {
  const [first, second] = step.sides;
  if (!first) return step.strokesPerSide > 0 ? `${step.strokesPerSide}` : '';
  if (!second) return `${first.strokes} ${named(first.side)}`;
  return first.strokes === second.strokes
    ? STRINGS.strokesASideWithin(first.strokes)
    : `${first.strokes} ${named(first.side)}, ${second.strokes} ${named(second.side)}`;
};

interface StepListProps extends PlanOnRackProps {
  readonly times: LearnedTimes;
}

export const StepList = memo(({ plan, rack, choices, onChoices, times }: StepListProps) => {
  const [open, setOpen] = useState<string | null>(null);
  const warned = useMemo(() => warnedSteps(plan), [plan]);
  const leftOut = choices.changes.filter(({ what }) => what === 'left out');
  return (
    <Stack $gap={8}>
      <Steps aria-label={STRINGS.operations}>
        {plan.work.steps.map((step) => (
          <Operation
            key={step.key}
            step={step}
            steps={plan.work.steps}
            warnings={warned.of(step.key)}
            time={times.steps.get(step.key)}
            rack={rack}
            isOpen={open === step.key}
            onOpen={() => setOpen(open === step.key ? null : step.key)}
            choices={choices}
            onChoices={onChoices}
          />
        ))}
      </Steps>
      {warned.rest.map(({ id, text }) => (
        <Notice key={id} tone="cut">
          {text}
        </Notice>
      ))}
      {leftOut.map((change) => (
        <Row key={change.step}>
          <MutedText>{STRINGS.leftOut(titleOf(plan, change.step), change.reason)}</MutedText>
          <QuietButton
            onPress={() =>
              onChoices({ changes: choices.changes.filter((each) => each !== change) })
            }
          >
            {STRINGS.restoreStep}
          </QuietButton>
        </Row>
      ))}
      <Unplaced plan={plan} choices={choices} onChoices={onChoices} />
      <OwnStep plan={plan} choices={choices} onChoices={onChoices} />
    </Stack>
  );
});
StepList.displayName = 'StepList';

/** By the bench's own rates; the model's figure is in its reason. */
const LearnedTime = ({ title, step, time }: { title: string; step: PlanStep; time: StepTime }) => (
  <Asked
    label={title}
    figure={figure(time.p50Seconds, 's', {
      rule: STRINGS.learnedRule,
      inputs: [
        { label: STRINGS.foreseenByTheModel, value: step.seconds, unit: 's' },
        { label: STRINGS.timesAsLong, value: time.factor, unit: '' },
        { label: STRINGS.stepsOnRecord, value: time.records, unit: '' },
      ],
      source: STRINGS.theBenchsOwnLog,
    })}
  >
    {roughly(time.p50Seconds)}
  </Asked>
);

interface OperationProps extends Omit<PlanOnRackProps, 'plan'> {
  readonly step: PlanStep;
  readonly steps: readonly PlanStep[];
  readonly warnings: readonly StepWarning[];
  readonly time: StepTime | undefined;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

const Operation = ({
  step,
  steps,
  warnings,
  time,
  rack,
  isOpen,
  onOpen,
  choices,
  onChoices,
}: OperationProps) => {
  const unit = forceUnit();
  const [editing, setEditing] = useState(false);
  const own = choices.changes.filter((change) => change.step === step.key);
  return (
    <li aria-label={textOf(step.title)}>
      <div>
        {textOf(step.title)}
        {step.changed && <small> {STRINGS.changed(step.changed.join('; '))}</small>}
        <br />
        <small>
          {[
            textOf(step.zone),
            anglesOf(step),
            step.direction,
            step.forceN && bandText(step.forceN, unit),
            leaves(step, rack),
          ]
            .filter(Boolean)
            .join(' · ')}
        </small>
        {step.setting && (
          <>
            <br />
            <small>{textOf(step.setting.text)}</small>
          </>
        )}
      </div>
      <span data-figure="">{countsOf(step)}</span>
      <Times data-figure="">
        {time ? (
          <LearnedTime title={textOf(step.title)} step={step} time={time} />
        ) : (
          <Asked label={textOf(step.title)} figure={figure(step.seconds, 's', step.secondsWhy)}>
            {roughly(step.seconds)}
          </Asked>
        )}
        <MutedText as="span">
          {roughly(time?.p10Seconds ?? step.rangeS[0])}–
          {roughly(time?.p90Seconds ?? step.rangeS[1])}
        </MutedText>
      </Times>
      <More
        type="button"
        aria-expanded={isOpen}
        aria-label={STRINGS.of(isOpen ? STRINGS.less : STRINGS.more, textOf(step.title))}
        onClick={onOpen}
      >
        {isOpen ? STRINGS.lessWithin : STRINGS.moreWithin}
      </More>
      {warnings.map(({ id, text, cure }) => (
        <Beside key={id}>
          <TriangleAlert size={16} aria-label={STRINGS.warning} />
          <span>
            {text}{' '}
            {cure === null ? null : cure.to === null ? (
              <More
                type="button"
                onClick={() => {
                  if (!isOpen) onOpen();
                  setEditing(true);
                }}
              >
                {cure.label}
              </More>
            ) : (
              <QuietLink to={cure.to}>{cure.label}</QuietLink>
            )}
          </span>
        </Beside>
      ))}
      {isOpen && (
        <Detail>
          <p>{textOf(step.instruction)}</p>
          <dl>
            <Said what={STRINGS.pattern} text={step.pattern} />
            <Said what={STRINGS.lift} text={liftsInUnits(liftText(step))} />
            <Said
              what={STRINGS.steelAlone}
              text={step.removeMm3 > 0 ? `${fixed(step.removeMm3, 2)} mm³` : ''}
            />
            <Said what={STRINGS.cooling} text={step.cooling} />
            <Said what={STRINGS.lookAndFeel} text={step.check} />
            <Said what={STRINGS.beforeGoingOn} text={step.before} />
            <Said what={STRINGS.caution} text={step.caution} />
          </dl>
          <Row>
            <QuietButton
              onPress={() => setEditing(!editing)}
              aria-label={STRINGS.edit(textOf(step.title))}
            >
              <Pencil size={16} aria-hidden /> {STRINGS.editAlone}
            </QuietButton>
            {own.map((change) => (
              <QuietButton
                key={`${change.what} ${change.to}`}
                onPress={() =>
                  onChoices({ changes: choices.changes.filter((each) => each !== change) })
                }
              >
                <X size={16} aria-hidden /> {STRINGS.undoTheChangeOf(named(change.what))}
              </QuietButton>
            ))}
          </Row>
          <MadeWhenOpened open={editing}>
            <ChangeForm
              key={own.length}
              step={step}
              rack={rack}
              steps={steps}
              onChange={(change) => {
                const others = choices.changes.filter(
                  (each) => each.step !== change.step || each.what !== change.what,
                );
                onChoices({ changes: [...others, change] });
                setEditing(false);
              }}
              isFull={choices.changes.length >= MOST_CHANGES}
            />
          </MadeWhenOpened>
        </Detail>
      )}
    </li>
  );
};

const Said = ({ what, text }: { what: string; text: Text | string | null }) =>
  text && textOf(asText(text)) !== '' ? (
    <>
      <dt>{what}</dt>
      <dd>{textOf(asText(text))}</dd>
    </>
  ) : null;

/** Of the step a change was made for, or its key where there is no such step now. */
const titleOf = (plan: BladePlan, stepKey: string): string => {
  const step = plan.work.computed.find(({ key }) => key === stepKey);
  return step ? textOf(step.title) : stepKey;
};

/** Changes whose step a new plan no longer has: kept until they are taken away by hand. */
const Unplaced = ({ plan, choices, onChoices }: Omit<PlanOnRackProps, 'rack'>) => (
  <>
    {plan.work.unplaced.map((each) => {
      const isChange = 'what' in each;
      return (
        <Notice key={JSON.stringify(each)} tone="cut">
          <Row>
            <span>
              {STRINGS.itIsKept(
                isChange
                  ? STRINGS.aChangeByHandHasNo(
                      named(each.what),
                      each.step,
                      each.to || STRINGS.leftOutWithin,
                      each.reason,
                    )
                  : STRINGS.anOwnStepHasNothing(each.title, each.after ?? ''),
              )}
            </span>
            <QuietButton
              onPress={() =>
                onChoices(
                  isChange
                    ? { changes: choices.changes.filter((change) => !same(change, each)) }
                    : { added: choices.added.filter((own) => !same(own, each)) },
                )
              }
            >
              {STRINGS.remove}
            </QuietButton>
          </Row>
        </Notice>
      );
    })}
  </>
);

const same = (a: StepChange | AddedStep, b: StepChange | AddedStep): boolean =>
  JSON.stringify(a) === JSON.stringify(b);

/** A step of the operator's own, anywhere in the order. */
const OwnStep = ({ plan, choices, onChoices }: Omit<PlanOnRackProps, 'rack'>) => {
  const [open, setOpen] = useState(false);
  return (
    <Stack $gap={8}>
      {choices.added.map((each, index) => (
        <Row key={`${index} ${each.title}`}>
          <MutedText>{STRINGS.ownStep(each.title, each.reason)}</MutedText>
          <QuietButton
            onPress={() => onChoices({ added: choices.added.filter((_, at) => at !== index) })}
          >
            {STRINGS.takeItOut}
          </QuietButton>
        </Row>
      ))}
      {choices.added.length < MOST_ADDED && (
        <Row>
          <QuietButton onPress={() => setOpen(!open)}>
            <Plus size={18} aria-hidden /> {STRINGS.addAStep}
          </QuietButton>
        </Row>
      )}
      <MadeWhenOpened open={open}>
        <OwnStepForm
          plan={plan}
          choices={choices}
          onChoices={onChoices}
          onDone={() => setOpen(false)}
        />
      </MadeWhenOpened>
    </Stack>
  );
};
