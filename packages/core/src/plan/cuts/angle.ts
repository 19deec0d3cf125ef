/** The angle a blade came with, and the one it is to have. */
import { fail, figure, mm, ok, type Figure, type Result } from '../../units';
import { angleFromBevel, razorAngle } from '../../angle';
import { bevelsOf, type BladeKind, type Use } from '../../blade';
import {
  adviseAngles,
  ANGLE_LIMITS_DEG,
  type AngleAdvice,
  type Approach,
  type PlanInput,
} from '../choices';
import type { CutStrategy } from './cut-strategy';

/** Off the spine, as measured, or from the width of the bevel. Errors: INVALID_INPUT or IMPOSSIBLE_BEVEL, naming the measure at fault. */
export const presentAngle = ({ measures }: PlanInput, kind: BladeKind): Result<Figure> => {
  if (kind.grind === 'razor') {
    const { heightMiddleMm, spineMiddleMm } = measures;
    return ok(
      figure(razorAngle(heightMiddleMm, spineMiddleMm, 0), '° per side', {
        rule: 'A razor lies on spine and edge: its spine sets the angle.',
        formula: 'θ = atan((T/2) / H)',
        inputs: [
          { label: 'T, spine', value: spineMiddleMm, unit: 'mm' },
          { label: 'H, width', value: heightMiddleMm, unit: 'mm' },
        ],
        source: 'Geometry of the section',
      }),
    );
  }
  if (measures.presentAnglePerSideDeg !== null) {
    return ok(
      figure(measures.presentAnglePerSideDeg, '° per side', {
        rule: 'The angle measured at the counter.',
        inputs: [{ label: 'Measured', value: measures.presentAnglePerSideDeg, unit: '° per side' }],
        source: 'Measured on the blade',
      }),
    );
  }
  if (measures.bevelFaceMm === null) {
    return fail(
      'INVALID_INPUT',
      'The present angle needs the width of the bevel or a measured angle',
      'bevelFaceMm',
    );
  }
  const isOne = bevelsOf(kind) === 1;
  const shoulderMm = measures.thicknessBehindEdgeMm / bevelsOf(kind);
  const bevel = angleFromBevel(mm(measures.bevelFaceMm), mm(shoulderMm));
  if (!bevel.ok) return fail(bevel.error.code, bevel.error.message, 'bevelFaceMm');
  return ok(
    figure(bevel.value.angle, '° per side', {
      rule: isOne
        ? 'One bevel of this width spans the whole thickness at its shoulder.'
        : 'A bevel of this width spans half the thickness behind the edge.',
      formula: 'θ = asin(e / w)',
      inputs: [
        {
          label: isOne ? 'e, thickness at the shoulder' : 'e, half the thickness behind the edge',
          value: shoulderMm,
          unit: 'mm',
        },
        { label: 'w, width of the bevel face', value: measures.bevelFaceMm, unit: 'mm' },
      ],
      source: 'Geometry of the section',
    }),
  );
};

export interface ChosenAngle {
  /** Of the schools that mean something for the kind. */
  readonly advice: readonly AngleAdvice[];
  readonly chosen: AngleAdvice;
  readonly angleDeg: number;
}

/**
 * The angle of the blade's own spine, the one set by hand, or the advice of the school. Errors: OUT_OF_RANGE,
 * or CUT_DOES_NOT_CLOSE where it never meets the face above the bevel.
 */
export const chooseAngle = (
  { steel, damage, carefulHands, choices }: PlanInput,
  strategy: CutStrategy,
  use: Use,
  presentDeg: number,
  primaryDeg: number,
  steepest: { readonly primaryDeg: number; readonly atMm: number | null },
): Result<ChosenAngle> => {
  const advice = adviseAngles({
    presentAngleDeg: presentDeg,
    primaryAngleDeg: steepest.primaryDeg,
    steepestAtMm: steepest.atMm,
    use,
    steel,
    damage,
    carefulHands,
  }).filter(({ approach }) => strategy.approaches.includes(approach));
  const byApproach = (wanted: Approach | null) =>
    advice.find(({ approach }) => approach === wanted);
  const chosen = byApproach(choices.approach) ?? byApproach(strategy.approaches[0])!;
  const angleDeg = strategy.guidedDeg ?? choices.angleDeg ?? chosen.angleDeg;
  const [lowest, highest] = ANGLE_LIMITS_DEG;
  if (angleDeg < lowest || angleDeg > highest) {
    return fail(
      'OUT_OF_RANGE',
      `An angle of ${angleDeg}° per side is outside ${lowest} to ${highest}°`,
      'choices.angleDeg',
    );
  }
  if (angleDeg <= primaryDeg) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      `An angle of ${angleDeg}° per side does not clear the primary grind at ${primaryDeg.toFixed(2)}°`,
      'choices.angleDeg',
    );
  }
  return ok({ advice, chosen, angleDeg });
};
