/** What a plan warns of, beside the step where something can be done about it. */
import { textOf } from '../theme/text';
import { type BladePlan, type PlanStep } from '@patient-edge/core';
import { STRINGS } from './strings';

/** Where the cure is: a page; null for the form that changes the step. */
export interface Cure {
  readonly label: string;
  readonly to: string | null;
}

export interface StepWarning {
  readonly id: string;
  readonly text: string;
  readonly cure: Cure | null;
}

type Advice = BladePlan['progression']['advice'][number];

/** By the code of the advice on a stone. */
const cureOf = ({ code, stoneId }: Advice): Cure | null => {
  const onRack = (label: string): Cure => ({ label, to: `/rack/stones/${stoneId}` });
  switch (code) {
    case 'NOT_FLAT':
      return onRack(STRINGS.flattenNow);
    case 'SPLASH_SOAKED':
      return onRack(STRINGS.takeItOutOfTheWater);
    case 'OIL_ON_WATER_STONE':
    case 'LIQUID_NOT_FOR_KIND':
      return onRack(STRINGS.changeItsLiquid);
    case 'NEEDS_DRESSING':
      return null;
    case 'AGAINST_ITS_STROKES':
    case 'HARD_CARBIDES_SOFT_ABRASIVE':
    case 'RATIO_TOO_LARGE':
    case 'SOFT_STEEL_FINE_FINISH':
    case 'STROP_COARSER':
    case 'STROP_TOO_FINE':
      return { label: STRINGS.changeThisStep, to: null };
  }
};

/** The operation a warning of the plan concerns, by the beginning of its code; the first that fits. */
const CONCERNS: readonly (readonly [code: string, operations: readonly PlanStep['operation'][]])[] =
  [
    ['warn.thinning', ['thinning']],
    ['warn.cladding', ['thinning', 'edge']],
    ['warn.one-sided', ['tapping', 'back', 'edge']],
    ['warn.chisel', ['back', 'edge']],
    ['warn.tip', ['outline']],
    ['warn.', ['edge', 'refine']],
  ];

const stepOfAdvice = (steps: readonly PlanStep[], { stoneId }: Advice): PlanStep | undefined =>
  stoneId === null
    ? undefined
    : (steps.find(({ readies }) => readies === stoneId) ??
      steps.find((step) => step.stoneId === stoneId));

const stepOfWarning = (steps: readonly PlanStep[], code: string): PlanStep | undefined => {
  const [, operations] = CONCERNS.find(([start]) => code.startsWith(start)) ?? [];
  for (const operation of operations ?? []) {
    const step = steps.find((each) => each.operation === operation);
    if (step) return step;
  }
  return undefined;
};

export interface WarnedSteps {
  readonly of: (key: string) => readonly StepWarning[];
  /** Those that concern no step of this plan. */
  readonly rest: readonly StepWarning[];
}

/** The warnings of a plan by the key of the step they stand beside. */
export const warnedSteps = ({ work, report, progression }: BladePlan): WarnedSteps => {
  const byStep = new Map<string, StepWarning[]>();
  const rest: StepWarning[] = [];
  const put = (step: PlanStep | undefined, warning: StepWarning): void => {
    if (step) byStep.set(step.key, [...(byStep.get(step.key) ?? []), warning]);
    else rest.push(warning);
  };
  for (const advice of progression.advice)
    put(stepOfAdvice(work.steps, advice), {
      id: `${advice.code} ${advice.stoneId}`,
      text: textOf(advice.message),
      cure: cureOf(advice),
    });
  for (const warning of report.warnings)
    put(stepOfWarning(work.steps, warning.code), {
      id: warning.code,
      text: textOf(warning),
      cure: null,
    });
  return { of: (key) => byStep.get(key) ?? [], rest };
};
