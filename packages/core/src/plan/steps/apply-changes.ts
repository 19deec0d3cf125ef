/**
 * The operator's changes laid over the computed steps. What follows from a change follows: lifts and settings from
 * an angle, rounds and minutes from strokes.
 */
import { ownText, say } from '../../text';
import {
  CHANGEABLE,
  DIRECTIONS,
  roundsTyped,
  STROKE_PATTERNS,
  type AddedStep,
  type Direction,
  type StepChange,
} from '../choices';
import { withRounds } from './own-rounds';
import { blankStep, withStrokes, type PlanStep } from './step';
import { STRINGS } from './strings';

/** How a step is held at another angle: the lifts, and the setting of the machine it is held by. */
export type HeldAgain = (
  step: PlanStep,
  angleDeg: number,
) => Pick<PlanStep, 'lifts' | 'stationLifts' | 'setting'>;

/** A step on another stone: its pressure, minutes and strokes; null where the rack has no such stone. */
export type OnStone = (step: PlanStep, stoneId: string) => PlanStep | null;

export interface ChangedBy {
  readonly heldAt: HeldAgain;
  readonly onStone: OnStone;
}

const BY_OPERATOR: PlanStep['secondsWhy'] = {
  rule: STRINGS.asWrittenByTheOperator,
  inputs: [],
  source: STRINGS.theOperator,
};

/** So many strokes on every side that has any; the minutes go with them. */
const restroked = (step: PlanStep, count: number): PlanStep => {
  const before = step.strokesPerSide;
  const seconds = before > 0 ? (step.seconds * count) / before : step.seconds;
  const laid = withStrokes(step, ({ strokes }) => (strokes > 0 ? count : 0), seconds);
  return {
    ...laid,
    strokesPerSide: count,
    secondsWhy: {
      ...step.secondsWhy,
      rule: STRINGS.forStrokesASideAsChanged(step.secondsWhy.rule, count, before),
    },
    ...(laid.rounds.length === 0 ? { pattern: say('pattern.changed', { count }) } : {}),
  };
};

/** Rounds as the operator wrote them, on every side that is worked. */
const withTypedRounds = (step: PlanStep, to: string): PlanStep => {
  const typed = roundsTyped(to);
  if (!typed || step.sides.length === 0) return step;
  return withRounds(
    step,
    typed.flatMap(({ strokes, seconds }) =>
      step.sides.map(({ side }) => ({ side, strokes, seconds, zone: null })),
    ),
  );
};

/** The same strokes in another order. */
const relaid = (step: PlanStep, to: string): PlanStep => {
  const pattern = STROKE_PATTERNS.find((each) => each === to);
  return pattern && step.sides.length > 0
    ? withStrokes({ ...step, laidBy: pattern }, ({ strokes }) => strokes, step.seconds)
    : step;
};

const changed = (
  step: PlanStep,
  { what, to }: StepChange,
  { heldAt, onStone }: ChangedBy,
): PlanStep => {
  const value = Number(to);
  switch (what) {
    case 'stone':
      return onStone(step, to) ?? step;
    case 'pattern':
      return relaid(step, to);
    case 'rounds':
      return withTypedRounds(step, to);
    case 'angle': {
      const held = heldAt(step, value);
      return {
        ...step,
        ...held,
        bands: [],
        angleDeg: value,
        sides: step.sides.map((side) => ({ ...side, angleDeg: value, lifts: held.lifts })),
      };
    }
    case 'strokes':
      return restroked(step, value);
    case 'force':
      return { ...step, forceN: [value, value] };
    case 'minutes': {
      const seconds = 60 * value;
      return { ...step, seconds, rangeS: [seconds, seconds], secondsWhy: BY_OPERATOR };
    }
    case 'direction': {
      const direction = DIRECTIONS.find((each): each is Direction => each === to);
      return direction ? { ...step, direction } : step;
    }
    case 'words':
      return { ...step, instruction: ownText(to) };
    case 'order':
    case 'left out':
      return step;
  }
};

export interface ChangedSteps {
  readonly steps: readonly PlanStep[];
  /** Changes and added steps that have no step to stand on now. */
  readonly unplaced: readonly (StepChange | AddedStep)[];
}

const addedStep = (added: AddedStep, key: string): PlanStep => {
  const seconds = 60 * added.minutes;
  return {
    ...blankStep(
      'own',
      { title: ownText(added.title), instruction: ownText(added.instruction) },
      seconds,
      BY_OPERATOR,
    ),
    key,
    zone: say('own.zone'),
    rangeS: [seconds, seconds],
    changed: [added.reason],
  };
};

/** Steps that were moved stand behind the one they are to follow; first where none is named. */
const inAskedOrder = (
  steps: readonly PlanStep[],
  changes: readonly StepChange[],
  unplaced: (StepChange | AddedStep)[],
): PlanStep[] => {
  const ordered = [...steps];
  for (const change of changes.filter(({ what }) => what === 'order')) {
    const from = ordered.findIndex(({ key }) => key === change.step);
    const after = change.to === '' ? -1 : ordered.findIndex(({ key }) => key === change.to);
    if (from < 0) continue;
    if (change.to === change.step || (change.to !== '' && after < 0)) {
      unplaced.push(change);
      continue;
    }
    const [moved] = ordered.splice(from, 1);
    ordered.splice((after > from ? after - 1 : after) + 1, 0, moved!);
  }
  return ordered;
};

/** The steps with all that was changed in them. */
export const applyChanges = (
  computed: readonly PlanStep[],
  changes: readonly StepChange[],
  added: readonly AddedStep[],
  by: ChangedBy,
): ChangedSteps => {
  const keys = new Set(computed.map(({ key }) => key));
  const unplaced: (StepChange | AddedStep)[] = changes.filter(
    ({ step, what, to }) =>
      !keys.has(step) ||
      (what === 'stone' &&
        by.onStone(
          computed.find(({ key }) => key === step)!,
          to,
        ) === null),
  );
  const steps = computed.flatMap((step) => {
    const named = changes.filter((change) => change.step === step.key);
    if (named.some(({ what }) => what === 'left out')) return [];
    if (named.length === 0) return [step];
    // Strokes move the minutes; minutes that were written down themselves have the last word.
    const inOrder = [...named].sort(
      (a, b) => CHANGEABLE.indexOf(a.what) - CHANGEABLE.indexOf(b.what),
    );
    const worked = inOrder.reduce((so, each) => changed(so, each, by), step);
    return [{ ...worked, changed: named.map(({ reason }) => reason) }];
  });
  const withOwn: PlanStep[] = inAskedOrder(steps, changes, unplaced);
  added.forEach((each, index) => {
    const placed = addedStep(each, `own ${index + 1}`);
    const at = each.after === null ? -1 : withOwn.findIndex(({ key }) => key === each.after);
    if (each.after !== null && at < 0) unplaced.push(each);
    else withOwn.splice(at + 1, 0, placed);
  });
  return { steps: withOwn, unplaced };
};
