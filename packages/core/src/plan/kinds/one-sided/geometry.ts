/** One-sided blades: a front bevel of one facet or three, a hollow back, and the cuts on both. */
import { fail, ok, perSide, radians, toDegrees, toRadians, type Result } from '../../../units';
import { hollowBackSide, sectionFromSides, type SidePoint } from '../../../section';
import { hollowChordMm } from '../../../one-sided';
import { numberAnswer } from '../../../intake';
import {
  faceCut,
  flatCut,
  frontSide,
  otherSide,
  withinPlay,
  type CutStage,
  type CutStrategy,
  type Place,
  type Shape,
  type StrategyInput,
} from '../../cuts';
import {
  BACK_TAKES_MM,
  CLAM_AT,
  CLAM_DEG,
  FOUND_MICRO_DEG,
  FOUND_MICRO_MOST,
} from '../first-guesses';
import { backOf, cameOf, formOf } from './back';
import { microByFlex } from './flex';
import { joint, microStage } from '../parts';
import { STRINGS } from '../strings';

interface Facet {
  readonly angleDeg: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** The facets of a front bevel of that height from an apex at (0, y): one, or three that fall towards the ridge. */
const facetsOf = (
  form: 'clam-shell' | 'flat',
  angleDeg: number,
  apexMm: number,
  heightMm: number,
  xMm = 0,
): Facet[] => {
  if (form === 'flat') return [{ angleDeg, xMm, yMm: apexMm }];
  const steps = [angleDeg + CLAM_DEG, angleDeg, angleDeg - CLAM_DEG];
  const facets: Facet[] = [];
  let [x, y] = [xMm, apexMm];
  steps.forEach((deg, index) => {
    facets.push({ angleDeg: deg, xMm: x, yMm: y });
    const next = apexMm + (CLAM_AT[index] ?? 1) * heightMm;
    x += (next - y) * Math.tan(toRadians(perSide(deg)));
    y = next;
  });
  return facets;
};

/** Height of a bevel of that form from the apex to a ridge so thick. */
export const bevelHeightOf = (
  form: 'clam-shell' | 'flat',
  angleDeg: number,
  ridgeX: number,
): number => {
  const tan = (deg: number): number => Math.tan(toRadians(perSide(deg)));
  if (form === 'flat') return ridgeX / tan(angleDeg);
  const [first, second] = CLAM_AT;
  const mean =
    first * tan(angleDeg + CLAM_DEG) +
    (second - first) * tan(angleDeg) +
    (1 - second) * tan(angleDeg - CLAM_DEG);
  return ridgeX / mean;
};

/** Where a micro bevel on the edge as it came ends: distance from the back, and height; the apex where there is none. */
const microAsFound = (
  input: StrategyInput,
  ridgeX: number,
): { readonly xMm: number; readonly yMm: number } => {
  const widthMm = numberAnswer(input.answers, 'microMm') ?? 0;
  const angle = toRadians(perSide(input.presentDeg + FOUND_MICRO_DEG));
  const wide = Math.min(widthMm, (FOUND_MICRO_MOST * ridgeX) / Math.sin(angle));
  return { xMm: wide * Math.sin(angle), yMm: wide * Math.cos(angle) };
};

/**
 * A clam-shell cut into a flat bevel has its steeper facet at the edge, and that stands outside the flat: the apex
 * comes up until it does not. By the first facet's height h: c = h (tan(θ + δ) / tan θ − 1). 0 where it came so.
 */
export const clamRiseMm = (input: StrategyInput, angleDeg: number): number => {
  if (formOf(input) !== 'clam-shell' || cameOf(input) === 'clam-shell') return 0;
  const heightMm =
    CLAM_AT[0] *
    bevelHeightOf('flat', input.presentDeg, input.input.measures.thicknessBehindEdgeMm);
  const tan = (deg: number): number => Math.tan(toRadians(perSide(deg)));
  return heightMm * (tan(angleDeg + CLAM_DEG) / tan(angleDeg) - 1);
};

export const oneSidedGeometry = (input: StrategyInput): CutStrategy => {
  const front = frontSide(input.answers);
  const rear = otherSide(front);
  const { measures } = input.input;
  const state = backOf(input);
  const form = formOf(input);
  const came = cameOf(input);

  const ridgeXAt = ({ heightMm, thicknessMm, exact }: Place): number => {
    const measured = measures.thicknessBehindEdgeMm;
    const tan = Math.tan(toRadians(perSide(input.presentDeg)));
    return exact
      ? withinPlay(measured, thicknessMm)
      : Math.min(measured, 0.97 * thicknessMm, 0.9 * heightMm * tan);
  };

  const shapeAt = (place: Place): Result<Shape> => {
    const { heightMm, thicknessMm, exact } = place;
    const ridgeX = ridgeXAt(place);
    const micro = microAsFound(input, ridgeX);
    const bevelMm = micro.yMm + bevelHeightOf(came, input.presentDeg, ridgeX - micro.xMm);
    if (bevelMm >= heightMm || ridgeX > thicknessMm) {
      return fail(
        'IMPOSSIBLE_BEVEL',
        ridgeX > thicknessMm
          ? STRINGS.theRidgeCannotBeThickerMm(ridgeX, thicknessMm)
          : STRINGS.aFrontBevelOfDegreesTo(
              input.presentDeg.toFixed(1),
              ridgeX.toFixed(2),
              bevelMm.toFixed(1),
              heightMm,
            ),
        'thicknessBehindEdgeMm',
      );
    }
    const facets = facetsOf(came, input.presentDeg, micro.yMm, bevelMm - micro.yMm, micro.xMm);
    const frontPoints: SidePoint[] = [
      ...(micro.yMm > 0 ? [{ xMm: 0, yMm: 0, face: 'bevel' as const }] : []),
      ...facets.map(({ xMm, yMm }): SidePoint => ({ xMm, yMm, face: 'bevel' })),
      { xMm: ridgeX, yMm: bevelMm, face: 'upper' },
      { xMm: Math.max(ridgeX, thicknessMm), yMm: heightMm, face: 'upper' },
    ];
    const scale = heightMm / measures.heightMiddleMm;
    const chord = Math.min(scale, 1) * hollowChordMm(state.back.radiusMm, state.back.depthMm);
    const depth =
      state.back.radiusMm - Math.sqrt(Math.max(0, state.back.radiusMm ** 2 - chord ** 2 / 4));
    const flat: SidePoint[] = [
      { xMm: 0, yMm: 0, face: 'back' },
      { xMm: 0, yMm: heightMm, face: 'back' },
    ];
    const hollow = state.isHollow
      ? hollowBackSide(heightMm, Math.max(0.01, state.back.edgeRimMm), state.back.radiusMm, depth)
      : ok(flat);
    if (!hollow.ok && exact)
      return { ...hollow, error: { ...hollow.error, field: 'hollowWidthMm' } };
    const back = hollow.ok ? hollow.value : flat;
    const section =
      front === 'right' ? sectionFromSides(frontPoints, back) : sectionFromSides(back, frontPoints);
    const upper = Math.atan((thicknessMm - ridgeX) / (heightMm - bevelMm));
    return ok({
      section,
      primaryDeg: toDegrees(radians(Math.max(0, upper))),
      bevelHeightMm: bevelMm,
    });
  };

  const backRise = (angleDeg: number): number =>
    BACK_TAKES_MM / Math.tan(toRadians(perSide(angleDeg)));

  return {
    approaches: ['keep', 'by-use', 'lowest-clear'],
    guidedDeg: null,
    isThinned: false,
    byStation: false,
    microUsual: microByFlex(input.kind.id, numberAnswer(input.answers, 'flexMm')),
    finishStripMm: null,
    flatSideDeg: 0,
    shapeAt,
    groundAt: (angleDeg) => [{ side: front, angleDeg, share: 1 }],
    spineOffsetMm: (thicknessMm) => thicknessMm,
    extraRiseMm: (angleDeg) => backRise(angleDeg) + clamRiseMm(input, angleDeg),
    stagesFor: (shape, riseMm, wanted) => {
      if (wanted.angleDeg <= shape.primaryDeg + (form === 'clam-shell' ? CLAM_DEG : 0)) {
        return fail(
          'CUT_DOES_NOT_CLOSE',
          STRINGS.aFrontBevelOfDegreesNever(wanted.angleDeg, shape.primaryDeg.toFixed(2)),
          'choices.angleDeg',
        );
      }
      const stages: CutStage[] = [
        joint(riseMm),
        {
          id: 'back',
          cuts: [flatCut(rear, -BACK_TAKES_MM, 'flattened rim')],
        },
        {
          id: 'edge',
          cuts: facetsOf(form, wanted.angleDeg, riseMm, shape.bevelHeightMm, BACK_TAKES_MM).map(
            ({ angleDeg, xMm, yMm }) => faceCut(front, angleDeg, xMm, yMm, 'new bevel'),
          ),
        },
      ];
      if (wanted.micro) {
        const ground = [{ side: front, angleDeg: wanted.angleDeg, share: 1 }];
        stages.push(microStage(ground, riseMm, wanted.micro, BACK_TAKES_MM));
      }
      return ok(stages);
    },
  };
};
