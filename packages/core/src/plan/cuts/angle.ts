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
import { STRINGS } from './strings';

/** Off the spine, as measured, or from the width of the bevel. Errors: INVALID_INPUT or IMPOSSIBLE_BEVEL, naming the measure at fault. */
export const presentAngle = ({ measures }: PlanInput, kind: BladeKind): Result<Figure> => {
  if (kind.grind === 'razor') {
    const { heightMiddleMm, spineMiddleMm } = measures;
    return ok(
      figure(razorAngle(heightMiddleMm, spineMiddleMm, 0), '° per side', {
        rule: STRINGS.aRazorLiesOnSpineAnd,
        formula: STRINGS.thetaAtanT2H,
        inputs: [
          { label: STRINGS.tSpine, value: spineMiddleMm, unit: 'mm' },
          { label: STRINGS.hWidth, value: heightMiddleMm, unit: 'mm' },
        ],
        source: STRINGS.geometryOfTheSection,
      }),
    );
  }
  if (measures.presentAnglePerSideDeg !== null) {
    return ok(
      figure(measures.presentAnglePerSideDeg, '° per side', {
        rule: STRINGS.theAngleMeasuredAtTheCounter,
        inputs: [
          { label: STRINGS.measured, value: measures.presentAnglePerSideDeg, unit: '° per side' },
        ],
        source: STRINGS.measuredOnTheBlade,
      }),
    );
  }
  if (measures.bevelFaceMm === null) {
    return fail('INVALID_INPUT', STRINGS.thePresentAngleNeedsTheWidth, 'bevelFaceMm');
  }
  const isOne = bevelsOf(kind) === 1;
  const shoulderMm = measures.thicknessBehindEdgeMm / bevelsOf(kind);
  const bevel = angleFromBevel(mm(measures.bevelFaceMm), mm(shoulderMm));
  if (!bevel.ok) return fail(bevel.error.code, bevel.error.message, 'bevelFaceMm');
  return ok(
    figure(bevel.value.angle, '° per side', {
      rule: isOne ? STRINGS.oneBevelOfThisWidthSpans : STRINGS.aBevelOfThisWidthSpans,
      formula: STRINGS.thetaAsinEW,
      inputs: [
        {
          label: isOne ? STRINGS.eThicknessAtTheShoulder : STRINGS.eHalfTheThicknessBehindThe,
          value: shoulderMm,
          unit: 'mm',
        },
        { label: STRINGS.wWidthOfTheBevelFace, value: measures.bevelFaceMm, unit: 'mm' },
      ],
      source: STRINGS.geometryOfTheSection,
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
      STRINGS.anAngleOfDegreesPerSide(angleDeg, lowest, highest),
      'choices.angleDeg',
    );
  }
  if (angleDeg <= primaryDeg) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      STRINGS.anAngleOfDegreesPerSideDoes(angleDeg, primaryDeg.toFixed(2)),
      'choices.angleDeg',
    );
  }
  return ok({ advice, chosen, angleDeg });
};
