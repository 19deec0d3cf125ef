/**
 * What is measured at the bench changes what is left: the plan is made again for the blade as it is now, what is done
 * stays done, and the rest is shown as a difference before anybody accepts it.
 */
import { angleFromBevel } from '../angle';
import type { BladeMeasures } from '../blade';
import type { PlanStep } from '../plan/steps';
import type { Message } from '../text';
import { mm } from '../units';
import { AFTER_SLACK_MM, ANGLE_SLACK_DEG } from './first-guesses';
import type { BenchReadings } from './readings';

/** The blade as it is now, where it was measured again; each null where it was not. */
export interface MeasuredAtBench {
  readonly behindEdgeMm: number | null;
  /** Per side. */
  readonly angleDeg: number | null;
}

const ANGLES = ['angleHeelDeg', 'angleMiddleDeg', 'angleTipDeg'] as const;

/**
 * The latest of what was read, steps in the order they were worked. An angle is the mean of the places it was read at.
 *
 * @example
 * measuredAtBench([{ behindEdgeMm: 0.4 }, { behindEdgeMm: 0.3 }]).behindEdgeMm; // 0.3
 */
export const measuredAtBench = (readings: readonly BenchReadings[]): MeasuredAtBench => {
  const latest = readings.findLast(({ behindEdgeMm }) => behindEdgeMm !== undefined);
  const angled = readings.findLast((each) => ANGLES.some((place) => each[place] !== undefined));
  const angles = ANGLES.flatMap((place) => angled?.[place] ?? []);
  return {
    behindEdgeMm: latest?.behindEdgeMm ?? null,
    angleDeg:
      angles.length === 0 ? null : angles.reduce((sum, each) => sum + each, 0) / angles.length,
  };
};

/**
 * Whether what was measured is far enough from what was planned with to look at the rest again.
 *
 * @example
 * isWorthReplanning({ behindEdgeMm: null, angleDeg: 16.5 }, { behindEdgeMm: 0.4, angleDeg: 15 }); // true
 */
export const isWorthReplanning = (
  measured: MeasuredAtBench,
  /** Null where the step aims at none. */
  planned: { readonly behindEdgeMm: number | null; readonly angleDeg: number },
): boolean =>
  (measured.behindEdgeMm !== null &&
    planned.behindEdgeMm !== null &&
    Math.abs(measured.behindEdgeMm - planned.behindEdgeMm) > AFTER_SLACK_MM) ||
  (measured.angleDeg !== null && Math.abs(measured.angleDeg - planned.angleDeg) >= ANGLE_SLACK_DEG);

/**
 * What the blade is planned with once it was measured again: its bevel then is known by its angle, no longer by its width.
 * An angle that was found is the one it has now, and the one it is worked at from here: below it no stone reaches the apex.
 */
export const plannedAgainWith = <
  Input extends {
    readonly measures: BladeMeasures;
    readonly choices: { readonly angleDeg: number | null };
  },
>(
  input: Input,
  { behindEdgeMm, angleDeg }: MeasuredAtBench,
): Input => {
  const { measures, choices } = input;
  if (behindEdgeMm === null && angleDeg === null) return input;
  const { bevelFaceMm, thicknessBehindEdgeMm } = measures;
  const bevel =
    bevelFaceMm === null ? null : angleFromBevel(mm(bevelFaceMm), mm(thicknessBehindEdgeMm / 2));
  const presentDeg = bevel?.ok ? bevel.value.angle : measures.presentAnglePerSideDeg;
  return {
    ...input,
    measures: {
      ...measures,
      thicknessBehindEdgeMm: behindEdgeMm ?? thicknessBehindEdgeMm,
      bevelFaceMm: null,
      presentAnglePerSideDeg: angleDeg ?? presentDeg,
    },
    choices: angleDeg === null ? choices : { ...choices, angleDeg },
  };
};

/** A step by what it does, not by its number: the same in a plan made again. */
const sameWork = (step: PlanStep): string =>
  [step.operation, step.stoneId, step.readies, step.position, step.edge, step.title.code].join(' ');

/**
 * Of a plan made again, the steps still to be worked: what is done is not done twice, operations that were behind
 * the open step stay behind it, and no stone is made ready that is not used any more.
 */
export const stepsLeft = (
  done: readonly PlanStep[],
  left: readonly PlanStep[],
  again: readonly PlanStep[],
): readonly PlanStep[] => {
  const doneOnce = done.map(sameWork);
  const isBehind = new Set<string>(
    done
      .map(({ operation }) => operation)
      .filter((operation) => operation !== 'ready')
      .filter((operation) => !left.some((step) => step.operation === operation)),
  );
  const kept = again.filter((step) => {
    if (isBehind.has(step.operation)) return false;
    const at = doneOnce.indexOf(sameWork(step));
    if (at < 0) return true;
    doneOnce.splice(at, 1);
    return false;
  });
  return kept.filter(
    ({ readies }, index) =>
      readies === null || kept.slice(index).some(({ stoneId }) => stoneId === readies),
  );
};

export interface StepDifference {
  readonly change: 'out' | 'new' | 'changed';
  readonly title: Message;
  /** Null where the step was not there. */
  readonly before: ComparedStep | null;
  readonly after: ComparedStep | null;
}

export interface ComparedStep {
  readonly angleDeg: number | null;
  readonly strokesPerSide: number;
  readonly seconds: number;
}

const compared = ({ angleDeg, strokesPerSide, seconds }: PlanStep): ComparedStep => ({
  angleDeg,
  strokesPerSide,
  seconds,
});

/** Less than this is the same step to whoever works it. */
const isSame = (a: ComparedStep, b: ComparedStep): boolean =>
  Math.abs((a.angleDeg ?? 0) - (b.angleDeg ?? 0)) < 0.05 &&
  Math.abs(a.strokesPerSide - b.strokesPerSide) <= Math.max(1, 0.05 * a.strokesPerSide);

/**
 * What changes from the steps that were left to those that are left now, in the order of the work.
 *
 * @example
 * stepsDifference([], []); // []
 */
export const stepsDifference = (
  before: readonly PlanStep[],
  after: readonly PlanStep[],
): readonly StepDifference[] => {
  const open = [...after];
  const ahead: StepDifference[] = before.flatMap((step): StepDifference[] => {
    const at = open.findIndex((each) => sameWork(each) === sameWork(step));
    if (at < 0) return [{ change: 'out', title: step.title, before: compared(step), after: null }];
    const [now] = open.splice(at, 1);
    const [was, is] = [compared(step), compared(now!)];
    return isSame(was, is)
      ? []
      : [{ change: 'changed', title: now!.title, before: was, after: is }];
  });
  return [
    ...ahead,
    ...open.map((step): StepDifference => ({
      change: 'new',
      title: step.title,
      before: null,
      after: compared(step),
    })),
  ];
};
