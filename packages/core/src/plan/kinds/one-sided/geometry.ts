import { fail, ok, perSide, radians, toDegrees, toRadians, type Result } from '../../../units';
import { hollowBackSide, sectionFromSides, type SidePoint } from '../../../section';
import { hollowChordMm } from '../../../one-sided';
import {
  faceCut,
  flatCut,
  frontSide,
  otherSide,
  withinPlay,
  type CutStage,
  type CutStrategy,
  type MicroWanted,
  type Place,
  type Shape,
  type StrategyInput,
} from '../../cuts';
import { BACK_TAKES_MM, CLAM_AT, CLAM_DEG } from '../first-guesses';
import { backOf, formOf } from './back';
import { joint, microStage } from '../parts';

/** One-sided blades: a front bevel of one facet or three, a hollow back, and the cuts on both. */
/** A micro bevel by kind: large on a heavy fish knife, hair-thin or none on the others. */
const MICRO_OF: Readonly<Record<string, MicroWanted | null>> = {
  'fish-one-sided': { aboveDeg: 5, faceMm: 0.25 },
  'slicing-one-sided': { aboveDeg: 3, faceMm: 0.05 },
  'vegetable-one-sided': { aboveDeg: 3, faceMm: 0.05 },
  leather: null,
};

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

export const oneSidedGeometry = (input: StrategyInput): CutStrategy => {
  const front = frontSide(input.answers);
  const rear = otherSide(front);
  const { measures } = input.input;
  const state = backOf(input);
  const form = formOf(input);

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
    const bevelMm = bevelHeightOf(form, input.presentDeg, ridgeX);
    if (bevelMm >= heightMm || ridgeX > thicknessMm) {
      return fail(
        'IMPOSSIBLE_BEVEL',
        ridgeX > thicknessMm
          ? `The ridge cannot be thicker (${ridgeX} mm) than the spine (${thicknessMm} mm)`
          : `A front bevel of ${input.presentDeg.toFixed(1)}° to a ridge ${ridgeX.toFixed(2)} mm thick is ${bevelMm.toFixed(1)} mm high and does not fit a blade of ${heightMm} mm`,
        'thicknessBehindEdgeMm',
      );
    }
    const facets = facetsOf(form, input.presentDeg, 0, bevelMm);
    const frontPoints: SidePoint[] = [
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
    microUsual: MICRO_OF[input.kind.id] ?? null,
    finishStripMm: null,
    flatSideDeg: 0,
    shapeAt,
    groundAt: (angleDeg) => [{ side: front, angleDeg, share: 1 }],
    spineOffsetMm: (thicknessMm) => thicknessMm,
    extraRiseMm: backRise,
    stagesFor: (shape, riseMm, wanted) => {
      if (wanted.angleDeg <= shape.primaryDeg + (form === 'clam-shell' ? CLAM_DEG : 0)) {
        return fail(
          'CUT_DOES_NOT_CLOSE',
          `A front bevel of ${wanted.angleDeg}° never meets an upper face that leans ${shape.primaryDeg.toFixed(2)}°`,
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
