/**
 * Two-sided blades with a wide primary bevel and a visible ridge: thinned flat on that bevel, so that the ridge
 * goes up; pressure near the edge first, then mid-bevel, then under the ridge; the cladding hazy, the core bright.
 */
import {
  fact,
  fail,
  ok,
  perSide,
  radians,
  said,
  toDegrees,
  toRadians,
  type Fact,
  type Result,
} from '../../units';
import { isFace, sectionFromSides, type Side, type SidePoint } from '../../section';
import { restingOnSide } from '../../angle';
import { numberAnswer } from '../../intake';
import {
  faceCut,
  REMNANT_MM,
  topOf,
  type BladeWork,
  type Place,
  type Shape,
  type Stage,
  type StrategyInput,
} from '../cuts';
import { RIDGE_SHARE, RIDGE_THICKNESS_SHARE } from './first-guesses';
import { edgeStage, joint, microStage, thicknessFacts, thinningFacts } from './parts';
import type { BladeStrategy } from './strategy';
import { twoSided } from './two-sided';

const ridgeMm = (input: StrategyInput, side: Side): number => {
  const measured = numberAnswer(input.answers, side === 'right' ? 'ridgeRightMm' : 'ridgeLeftMm');
  return measured ?? RIDGE_SHARE * input.input.measures.heightMiddleMm;
};

/** Heights of the ridge scale with the height of the blade. */
const ridgeAt = (input: StrategyInput, side: Side, heightMm: number): number =>
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

const faceDegs = (input: StrategyInput, place: Place): Result<Record<Side, SidePoint[]>> => {
  const right = sideAt(input, 'right', place);
  const left = sideAt(input, 'left', place);
  if (!right.ok) return right;
  if (!left.ok) return left;
  return ok({ right: right.value, left: left.value });
};

export const ridge = (input: StrategyInput): BladeStrategy => {
  const even = twoSided(input);
  const claddingMm = numberAnswer(input.answers, 'claddingMm');
  const shapeAt = (place: Place): Result<Shape> => {
    const sides = faceDegs(input, place);
    if (!sides.ok) return sides;
    const { right, left } = sides.value;
    return ok({
      section: sectionFromSides(right, left),
      primaryDeg: Math.max(primaryDegOf(right), primaryDegOf(left)),
      bevelHeightMm: right[1]!.yMm,
    });
  };
  const middle: Place = {
    heightMm: input.input.measures.heightMiddleMm,
    thicknessMm: input.input.measures.spineMiddleMm,
  };
  const ridgeFacts = (work: BladeWork): Fact[] => {
    const sides = faceDegs(input, middle);
    if (!sides.ok) return [];
    const last = work.stages.at(-1)!.section;
    const touched = (['right', 'left'] as const).map((side) => {
      const before = ridgeAt(input, side, middle.heightMm);
      const band = topOf(last, { side, roles: ['band'] });
      return fact(
        `Ridge on the ${side} after`,
        said(
          (band ?? before) - work.riseMm,
          'mm',
          'Where the worked bevel meets the upper face, above the new edge: thinning raises it, the apex comes up under it.',
          [
            { label: 'Before, above the old edge', value: before, unit: 'mm' },
            { label: 'Apex rise', value: work.riseMm, unit: 'mm' },
          ],
        ),
      );
    });
    const rests = restingOnSide(
      sides.value.right.slice(1).map(({ xMm, yMm }) => [yMm, xMm] as const),
    );
    return [
      ...touched,
      fact(
        'Rests at',
        said(
          rests.angle,
          '° per side',
          'Laid down, it touches where x / y is largest: on its ridge, or at the shoulder, not on the spine.',
          [{ label: 'Touches at, above the edge', value: rests.contact[0], unit: 'mm' }],
          'θ0 = max atan(x / y)',
        ),
      ),
    ];
  };
  return {
    ...even,
    shapeAt,
    stagesFor: (shape, riseMm, wanted) => {
      const stages: Stage[] = [joint(riseMm)];
      if (wanted.thinning) {
        const bevel = toRadians(perSide(input.presentDeg));
        const yMm =
          riseMm + Math.min(wanted.thinning.remnantMm, shape.bevelHeightMm) * Math.cos(bevel);
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
            return faceCut(side, leanDeg, yMm * Math.tan(bevel), yMm, 'band', 1);
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
    steps: (make) => [
      ...make.outline(),
      ...make.thinning({
        instruction: `Lay the wide bevel flat on the stone. Pressure near the edge first, then mid-bevel, then under the ridge, a third of the strokes each. Stop while a line of the old edge, ${REMNANT_MM} mm, is still seen.`,
        zone: 'the whole bevel below the ridge',
        check: 'The ridge stays one crisp line; low spots show on a hard stone, and may be left.',
      }),
      ...make.faces(),
      ...(input.answers['finishWish'] === 'the maker’s finish'
        ? make.hand('faces', 6, {
            title: 'Contrast of cladding and core',
            instruction:
              'Loose mud of a soft stone on a slip of paper or a finger stone, along the blade: the soft cladding takes a haze, the hard core stays bright.',
            zone: 'the bevel below the ridge',
            check: 'Haze even up to the cladding line, no single scratch in it.',
            before: 'The look is the one agreed on: after the edge it is not touched again.',
          })
        : []),
      ...make.edge(),
      ...make.micro(),
      ...make.deburr(),
      ...make.strop(),
      ...make.wash(),
    ],
    facts: (work) => [
      ...ridgeFacts(work),
      ...thicknessFacts(work),
      ...thinningFacts(work, claddingMm),
    ],
  };
};
