/** How the blade was sharpened last time, what has changed since, and the plan that does the same again. */
import type { Job } from '@patient-edge/contract';
import { bladeKind, type PlanChoices, type PlanInput } from '@patient-edge/core';
import { ActionButton } from '../theme/buttons';
import { dayAndYear, fixed, mm, mmTyped, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { Fold } from '../theme/fold';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import type { PlanOnRackProps, SheetProps } from './sheet-props';
import { STRINGS } from './strings';

interface LastVisitProps extends Omit<SheetProps & PlanOnRackProps, 'plan'> {
  readonly last: Job | null;
}

/** Nothing where this is the first visit, or the last was worked without a plan. */
export const LastVisit = ({ job, last, rack, choices, onChoices }: LastVisitProps) => {
  const plan = last && last.id !== job.id ? last.plan : null;
  if (!last || !plan) return null;
  const changes = changedSince(last, job, rack);
  return (
    <Panel $slim aria-label={STRINGS.lastVisit}>
      <Fold
        title={STRINGS.lastVisit}
        level={2}
        says={STRINGS.whenAndHow(
          last.returnedAt ? `${dayAndYear(last.returnedAt)}, ` : '',
          fixed(plan.angleDeg, 1),
          changes.length > 0 ? STRINGS.changedSince(changes.length) : '',
        )}
      >
        <Stack $gap={8}>
          {plan.setAgain && <p>{plan.setAgain}</p>}
          {last.holding !== '' && <p>{STRINGS.heldBy(last.holding)}</p>}
          {rigSays(last.rigSetting) !== '' && <p>{STRINGS.rig(rigSays(last.rigSetting))}</p>}
          <ol aria-label={STRINGS.stepsOfTheLastVisit}>
            {workedSteps(last).map(({ id, step, strokesRight, strokesLeft, workedSeconds }) => (
              <li key={id}>
                {textOf(step.title)}:{' '}
                {strokesRight + strokesLeft > 0 && STRINGS.rightLeft(strokesRight, strokesLeft)}
                {roughly(workedSeconds)}
              </li>
            ))}
          </ol>
          {changes.map((change) => (
            <MutedText key={change}>{STRINGS.sinceThen(change)}</MutedText>
          ))}
          <Row>
            <ActionButton onPress={() => onChoices(asLastTime(last, job, rack, choices))}>
              {STRINGS.planAsLastTime}
            </ActionButton>
          </Row>
        </Stack>
      </Fold>
    </Panel>
  );
};

/** How the rig was set, in the order it is set again. */
const rigSays = ({ jawMm, ruleMarkMm, block }: Job['rigSetting']): string =>
  [
    jawMm === null ? '' : STRINGS.jawsFromTheHeel(mmTyped(jawMm)),
    ruleMarkMm === null ? '' : STRINGS.markOnTheRule(mmTyped(ruleMarkMm)),
    block === '' ? '' : STRINGS.block(block),
  ]
    .filter(Boolean)
    .join(', ');

/** Those that were worked on a stone and count. */
const workedSteps = ({ steps }: Job): Job['steps'] =>
  steps.filter(
    ({ step, superseded, workedSeconds, strokesRight, strokesLeft }) =>
      !superseded && step.stoneId !== null && workedSeconds + strokesRight + strokesLeft > 0,
  );

/** The stones of the edge, in order, as far as the rack still has them. */
const edgeStones = (last: Job, rack: PlanInput['rack']): readonly string[] => [
  ...new Set(
    last.steps.flatMap(({ step, superseded }) =>
      !superseded &&
      (step.operation === 'edge' || step.operation === 'refine') &&
      rack.some(({ id }) => id === step.stoneId)
        ? [step.stoneId!]
        : [],
    ),
  ),
];

/** A razor whose edge is still a flat V begins on the fine stone it was left on. */
const keepsItsV = ({ measures, damage, sharpness }: Job): boolean =>
  bladeKind(measures.kindId).grind === 'razor' && damage.length === 0 && sharpness !== 'blunt';

/** The same angle, holding, stones and patterns; what was this one visit's alone is left out. */
const asLastTime = (
  last: Job,
  job: Job,
  rack: PlanInput['rack'],
  choices: PlanChoices,
): Partial<PlanChoices> => {
  const before = { ...choices, ...last.plan!.choices };
  const isRefreshed = keepsItsV(job);
  const stones = edgeStones(last, rack).slice(isRefreshed ? -1 : 0);
  return {
    ...before,
    angleDeg: last.plan!.angleDeg,
    chipsLeft: [],
    changes: [],
    added: [],
    thin: null,
    ...(isRefreshed ? { kind: { ...before.kind, razorStart: 'refresh' } } : {}),
    chains:
      stones.length === 0
        ? before.chains
        : [
            ...before.chains.filter(({ part }) => part !== 'edge'),
            {
              part: 'edge',
              stones,
              bond: null,
              finishUm: null,
              faceMm: null,
              direction: before.direction,
              slurry: before.practice.slurry,
            },
          ],
  };
};

const SEEN_MM = 0.05;

/** What a colleague would say is not as it was. */
const changedSince = (last: Job, job: Job, rack: PlanInput['rack']): string[] => {
  const differs = (
    what: string,
    field: 'thicknessBehindEdgeMm' | 'heightMiddleMm' | 'edgeLengthMm',
    digits: number,
  ): string[] => {
    const [before, now] = [last.measures[field], job.measures[field]];
    return Math.abs(now - before) >= SEEN_MM
      ? [STRINGS.now(what, mm(before, digits), mm(now, digits))]
      : [];
  };
  const gone = workedSteps(last).flatMap(({ step }) =>
    rack.some(({ id }) => id === step.stoneId) ? [] : [textOf(step.title)],
  );
  return [
    ...differs(STRINGS.behindTheEdge, 'thicknessBehindEdgeMm', 2),
    ...differs(STRINGS.heightHalfWay, 'heightMiddleMm', 1),
    ...differs(STRINGS.edgeLength, 'edgeLengthMm', 0),
    ...(last.steel === job.steel ? [] : [STRINGS.steelNow(last.steel, job.steel)]),
    ...(last.useId === job.useId ? [] : [STRINGS.anotherUse]),
    ...(job.damage.length > 0
      ? [
          STRINGS.foundOnItNow(
            job.damage.length,
            job.damage.length === 1 ? STRINGS.fault : STRINGS.faults,
          ),
        ]
      : []),
    ...(gone.length > 0 ? [STRINGS.noLongerOnTheRack(gone.join(', '))] : []),
  ];
};
