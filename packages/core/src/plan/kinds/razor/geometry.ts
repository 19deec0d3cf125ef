import { ok, toRadians, type Result } from '../../../units';
import { hollowSide, sectionFromSides } from '../../../section';
import { razorAngle } from '../../../angle';
import { TAPE_MM } from '../../choices';
import {
  faceCut,
  type CutStage,
  type CutStrategy,
  type Place,
  type Shape,
  type StrategyInput,
} from '../../cuts';
import { BEHIND_EDGE_MM, CLEAR_SHARE, HOLLOW_RADIUS_MM } from '../first-guesses';
import { joint } from '../parts';

/** Straight razors: the spine is the guide, and tape on it makes the edge steeper. */
/** Tape on each side of the spine, mm. */
export const tapeMm = (input: StrategyInput): number =>
  TAPE_MM * input.input.choices.kind.tapeLayers;

export const razorGeometry = (input: StrategyInput): CutStrategy => {
  const shapeAt = ({ heightMm, thicknessMm }: Place): Result<Shape> => {
    const angle = razorAngle(heightMm, thicknessMm, 0);
    const shoulderMm = BEHIND_EDGE_MM / 2;
    const side = hollowSide(
      { heightMm, spineOffsetMm: thicknessMm / 2, shoulderMm, angle },
      heightMm,
      Math.max(HOLLOW_RADIUS_MM, 2 * heightMm),
    );
    return side.ok
      ? ok({
          section: sectionFromSides(side.value, side.value),
          primaryDeg: CLEAR_SHARE * angle,
          bevelHeightMm: shoulderMm / Math.tan(toRadians(angle)),
        })
      : { ...side, error: { ...side.error, field: 'heightMiddleMm' } };
  };
  const groundAt: CutStrategy['groundAt'] = (angleDeg) => [
    { side: 'right', angleDeg, share: 0.5 },
    { side: 'left', angleDeg, share: 0.5 },
  ];
  return {
    approaches: ['keep'],
    guidedDeg: razorAngle(
      input.input.measures.heightMiddleMm,
      input.input.measures.spineMiddleMm,
      tapeMm(input),
    ),
    isThinned: false,
    byStation: false,
    microUsual: null,
    finishStripMm: null,
    flatSideDeg: 0,
    shapeAt,
    groundAt,
    spineOffsetMm: (thicknessMm) => thicknessMm / 2 + tapeMm(input),
    extraRiseMm: () => 0,
    stagesFor: (_shape, riseMm, wanted) => {
      const stages: CutStage[] = [
        joint(riseMm),
        {
          id: 'edge',
          cuts: groundAt(wanted.angleDeg).map(({ side, angleDeg }) =>
            faceCut(side, angleDeg, 0, riseMm, 'new bevel'),
          ),
        },
      ];
      return ok(stages);
    },
  };
};
