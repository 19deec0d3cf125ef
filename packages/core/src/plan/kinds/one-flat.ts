import { fail, ok, perSide, radians, toDegrees, toRadians, type Result } from '../../units';
import { sectionFromSides, type SidePoint } from '../../section';
import {
  APEX_STRIP_MM,
  faceCut,
  frontSide,
  withinPlay,
  type CutStage,
  type CutStrategy,
  type Place,
  type Shape,
  type StrategyInput,
} from '../cuts';
import { BACK_OFF_FLAT_DEG } from './first-guesses';
import { joint, microStage } from './parts';
import { STRINGS } from './strings';

/** Ground on one side against a plain flat back: what chisel-ground and serrated blades share. */
export const oneFlatGeometry = (input: StrategyInput): CutStrategy => {
  const front = frontSide(input.answers);
  const shapeAt = ({ heightMm, thicknessMm, exact }: Place): Result<Shape> => {
    const { presentDeg } = input;
    const measured = input.input.measures.thicknessBehindEdgeMm;
    const tan = Math.tan(toRadians(perSide(presentDeg)));
    const shoulder = exact
      ? withinPlay(measured, thicknessMm)
      : Math.min(measured, 0.97 * thicknessMm, 0.9 * heightMm * tan);
    const bevelMm = shoulder / tan;
    if (shoulder > thicknessMm || bevelMm >= heightMm) {
      return fail(
        'IMPOSSIBLE_BEVEL',
        shoulder > thicknessMm
          ? STRINGS.theBladeCannotBeThickerAt(shoulder, thicknessMm)
          : STRINGS.aBevelMmHighDoesNot(bevelMm.toFixed(1), heightMm),
        'thicknessBehindEdgeMm',
      );
    }
    const ground: SidePoint[] = [
      { xMm: 0, yMm: 0, face: 'bevel' },
      { xMm: shoulder, yMm: bevelMm, face: 'flat' },
      { xMm: thicknessMm, yMm: heightMm, face: 'flat' },
    ];
    const back: SidePoint[] = [
      { xMm: 0, yMm: 0, face: 'back' },
      { xMm: 0, yMm: heightMm, face: 'back' },
    ];
    return ok({
      section: front === 'right' ? sectionFromSides(ground, back) : sectionFromSides(back, ground),
      primaryDeg: toDegrees(radians(Math.atan((thicknessMm - shoulder) / (heightMm - bevelMm)))),
      bevelHeightMm: bevelMm,
    });
  };
  return {
    approaches: ['keep', 'by-use', 'lowest-clear'],
    guidedDeg: null,
    isThinned: false,
    byStation: false,
    microUsual: null,
    finishStripMm: APEX_STRIP_MM,
    flatSideDeg: BACK_OFF_FLAT_DEG,
    shapeAt,
    groundAt: (angleDeg) => [{ side: front, angleDeg, share: 1 }],
    spineOffsetMm: (thicknessMm) => thicknessMm,
    extraRiseMm: () => 0,
    stagesFor: (shape, riseMm, wanted) => {
      if (wanted.angleDeg <= shape.primaryDeg) {
        return fail(
          'CUT_DOES_NOT_CLOSE',
          STRINGS.anAngleOfDegreesDoesNot(wanted.angleDeg, shape.primaryDeg.toFixed(2)),
          'choices.angleDeg',
        );
      }
      const stages: CutStage[] = [
        joint(riseMm),
        { id: 'edge', cuts: [faceCut(front, wanted.angleDeg, 0, riseMm, 'new bevel')] },
      ];
      if (wanted.micro) {
        stages.push(
          microStage([{ side: front, angleDeg: wanted.angleDeg, share: 1 }], riseMm, wanted.micro),
        );
      }
      return ok(stages);
    },
  };
};
