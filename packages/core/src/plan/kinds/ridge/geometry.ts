import { fail, ok, perSide, radians, toDegrees, toRadians, type Result } from '../../../units';
import { isFace, sectionFromSides, type Side, type SidePoint } from '../../../section';
import { numberAnswer } from '../../../intake';
import {
  faceCut,
  thinningStart,
  type CutStage,
  type CutStrategy,
  type Place,
  type Shape,
  type StrategyInput,
} from '../../cuts';
import { RIDGE_SHARE, RIDGE_THICKNESS_SHARE } from '../first-guesses';
import { edgeStage, joint, microStage } from '../parts';
import { twoSidedGeometry } from '../two-sided/geometry';

/** Two-sided blades with a wide primary bevel: the ridge, and the flat cut on the bevel below it. */
const ridgeMm = (input: StrategyInput, side: Side): number => {
  const measured = numberAnswer(input.answers, side === 'right' ? 'ridgeRightMm' : 'ridgeLeftMm');
  return measured ?? RIDGE_SHARE * input.input.measures.heightMiddleMm;
};

/** Heights of the ridge scale with the height of the blade. */
export const ridgeAt = (input: StrategyInput, side: Side, heightMm: number): number =>
  (ridgeMm(input, side) * heightMm) / input.input.measures.heightMiddleMm;

const sideAt = (
  input: StrategyInput,
  side: Side,
  { heightMm, thicknessMm, exact }: Place,
): Result<SidePoint[]> => {
  const { presentDeg } = input;
  const tan = Math.tan(toRadians(perSide(presentDeg)));
  const ridgeY = ridgeAt(input, side, heightMm);
  const ridgeX = (RIDGE_THICKNESS_SHARE * thicknessMm) / 2;
  const measured = input.input.measures.thicknessBehindEdgeMm / 2;
  const shoulderMm = exact ? measured : Math.min(measured, 0.8 * ridgeX, 0.5 * ridgeY * tan);
  const bevelMm = shoulderMm / tan;
  const phi = Math.atan((ridgeX - shoulderMm) / (ridgeY - bevelMm));
  if (
    shoulderMm >= ridgeX ||
    bevelMm >= ridgeY ||
    ridgeY >= heightMm ||
    toRadians(perSide(presentDeg)) <= phi
  ) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      `A ridge ${ridgeY.toFixed(1)} mm above the edge and a spine of ${thicknessMm} mm leave no room for an edge of ${presentDeg.toFixed(1)}° per side, ${(2 * shoulderMm).toFixed(2)} mm behind it`,
      'thicknessBehindEdgeMm',
    );
  }
  return ok([
    { xMm: 0, yMm: 0, face: 'bevel' },
    { xMm: shoulderMm, yMm: bevelMm, face: 'primary' },
    { xMm: ridgeX, yMm: ridgeY, face: 'upper' },
    { xMm: thicknessMm / 2, yMm: heightMm, face: 'upper' },
  ]);
};

const primaryDegOf = (points: readonly SidePoint[]): number => {
  const [, shoulder, ridge] = points;
  return toDegrees(radians(Math.atan((ridge!.xMm - shoulder!.xMm) / (ridge!.yMm - shoulder!.yMm))));
};

export const ridgeSides = (
  input: StrategyInput,
  place: Place,
): Result<Record<Side, SidePoint[]>> => {
  const right = sideAt(input, 'right', place);
  const left = sideAt(input, 'left', place);
  if (!right.ok) return right;
  if (!left.ok) return left;
  return ok({ right: right.value, left: left.value });
};

export const ridgeGeometry = (input: StrategyInput): CutStrategy => {
  const even = twoSidedGeometry(input);
  const shapeAt = (place: Place): Result<Shape> => {
    const sides = ridgeSides(input, place);
    if (!sides.ok) return sides;
    const { right, left } = sides.value;
    return ok({
      section: sectionFromSides(right, left),
      primaryDeg: Math.max(primaryDegOf(right), primaryDegOf(left)),
      bevelHeightMm: right[1]!.yMm,
    });
  };
  return {
    ...even,
    shapeAt,
    stagesFor: (shape, riseMm, wanted) => {
      const stages: CutStage[] = [joint(riseMm)];
      if (wanted.thinning) {
        const bevel = toRadians(perSide(input.presentDeg));
        const { remnantMm, stopMm } = wanted.thinning;
        const start =
          stopMm === null
            ? null
            : thinningStart({
                stopMm,
                apexMm: riseMm,
                oldAngleDeg: input.presentDeg,
                newAngleDeg: wanted.angleDeg,
              });
        const yMm =
          start?.yMm ?? riseMm + Math.min(remnantMm, shape.bevelHeightMm) * Math.cos(bevel);
        const xMm = start?.xMm ?? yMm * Math.tan(bevel);
        const tops = shape.section.vertices;
        stages.push({
          id: 'thinning',
          cuts: (['right', 'left'] as const).map((side) => {
            // Flat on the bevel of this side: a line along its primary face, moved in to the remnant.
            const at = tops.findIndex(({ face }) => isFace(face, { side, roles: ['primary'] }));
            const [a, b] = [tops[at]!, tops[(at + 1) % tops.length]!];
            const leanDeg = toDegrees(
              radians(Math.atan(Math.abs(b.x - a.x) / Math.abs(b.y - a.y))),
            );
            return faceCut(side, leanDeg, xMm, yMm, 'band', 1);
          }),
        });
      }
      const sides = even.groundAt(wanted.angleDeg);
      if (sides.some(({ angleDeg }) => angleDeg <= shape.primaryDeg)) {
        return fail(
          'CUT_DOES_NOT_CLOSE',
          `An angle of ${wanted.angleDeg}° per side does not clear the wide bevel at ${shape.primaryDeg.toFixed(2)}°`,
          'choices.angleDeg',
        );
      }
      stages.push(edgeStage(sides, riseMm));
      if (wanted.micro) stages.push(microStage(sides, riseMm, wanted.micro));
      return ok(stages);
    },
  };
};
