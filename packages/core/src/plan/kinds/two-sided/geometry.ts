import {
  CLEAR_OF_CORNER_MM,
  fail,
  ok,
  perSide,
  radians,
  toDegrees,
  toRadians,
  type Result,
} from '../../../units';
import {
  convexSide,
  flatGrind,
  flatSide,
  hollowSide,
  sectionFromSides,
  type SideMeasures,
  type SidePoint,
} from '../../../section';
import { numberAnswer } from '../../../intake';
import {
  faceCut,
  APEX_STRIP_MM,
  fallingBands,
  thinningBands,
  thinningStart,
  usualBandsDeg,
  heldAtDeg,
  withinPlay,
  type Band,
  type CutStage,
  type CutStrategy,
  type GroundSide,
  type Place,
  type Shape,
  type StrategyInput,
  type ThinWanted,
  type Wanted,
} from '../../cuts';
import { FLAT_SHARE, SAGITTA_MM } from '../first-guesses';
import { edgeStage, joint, microStage } from '../parts';
import { STRINGS } from '../strings';

/** Two-sided blades: even or uneven, flat, hollow or convex, thinned in bands. */
/** Widths of the two bevels as a share of both: "70:30" is 0.7 on the right. */
export const rightShare = (ratio: unknown): number => {
  const parts = typeof ratio === 'string' ? ratio.split(':').map(Number) : [];
  const [right = 1, left = 1] = parts;
  return right / (right + left);
};

/**
 * The angles of an uneven edge: their sum is the inclusive angle, and the bevels, both from the centre plane
 * to half the thickness, are as wide as the ratio says: sin θ_r / sin θ_l = w_l / w_r.
 */
export const unevenAngles = (
  angleDeg: number,
  shareRight: number,
): [right: number, left: number] => {
  const both = toRadians(perSide(2 * angleDeg));
  const k = (1 - shareRight) / shareRight;
  const right = toDegrees(radians(Math.atan2(k * Math.sin(both), 1 + k * Math.cos(both))));
  return [right, 2 * angleDeg - right];
};

const grindOf = (input: StrategyInput): string =>
  input.kind.grind === 'hollow'
    ? 'hollow'
    : String(input.answers['grind'] ?? 'flat from the spine');

const sideOf = (input: StrategyInput, side: SideMeasures): Result<SidePoint[]> => {
  const grind = grindOf(input);
  const { heightMm } = side;
  const bevelMm = side.shoulderMm / Math.tan(toRadians(side.angle));
  if (grind === 'flat, then parallel')
    return flatSide(side, Math.max(FLAT_SHARE * heightMm, 1.2 * bevelMm));
  if (grind === 'hollow') {
    const middle = input.input.measures.heightMiddleMm;
    const top = numberAnswer(input.answers, 'hollowTopMm');
    const reach = top === null ? heightMm : Math.min(heightMm, (top * heightMm) / middle);
    const chord = Math.hypot(side.spineOffsetMm - side.shoulderMm, reach - bevelMm);
    const radius =
      numberAnswer(input.answers, 'wheelRadiusMm') ?? chord ** 2 / (8 * SAGITTA_MM.hollow);
    return hollowSide(side, Math.max(reach, 1.2 * bevelMm), Math.max(radius, chord));
  }
  if (grind === 'convex') {
    const chord = Math.hypot(side.spineOffsetMm - side.shoulderMm, heightMm - bevelMm);
    return convexSide(side, heightMm, chord ** 2 / (8 * SAGITTA_MM.convex));
  }
  return flatSide(side, heightMm);
};

/** Angle of the chord from the shoulder to the spine corner. */
const chordDeg = (points: readonly SidePoint[]): number => {
  const shoulder = points[1]!;
  const top = points.find(({ face }, index) => index > 1 && face === 'parallel') ?? points.at(-1)!;
  return toDegrees(
    radians(
      Math.atan((top.xMm - shoulder.xMm) / Math.max(CLEAR_OF_CORNER_MM, top.yMm - shoulder.yMm)),
    ),
  );
};

export const twoSidedShape =
  (input: StrategyInput) =>
  ({ heightMm, thicknessMm, exact }: Place): Result<Shape> => {
    const { presentDeg } = input;
    const measured = input.input.measures.thicknessBehindEdgeMm;
    const share = rightShare(input.answers['ratio']);
    const tan = Math.tan(toRadians(perSide(presentDeg)));
    // Towards the tip the blade gets too low for the bevel it has half way: what height and spine allow holds it.
    const behindEdgeMm = exact
      ? input.kind.grind === 'two-sided flat'
        ? measured
        : withinPlay(measured, thicknessMm)
      : Math.min(measured, 0.9 * thicknessMm, heightMm * tan);
    const spineMm = exact ? thicknessMm : Math.min(thicknessMm, 1.9 * heightMm * tan);
    const plain = share === 0.5 && grindOf(input) === 'flat from the spine';
    const even = flatGrind({
      heightMm,
      spineThicknessMm: spineMm,
      grindHeightMm: heightMm,
      thicknessBehindEdgeMm: behindEdgeMm,
      angleDeg: presentDeg,
    });
    if (!even.ok || plain) {
      return even.ok
        ? ok({
            section: even.value.section,
            primaryDeg: even.value.primaryAngle,
            bevelHeightMm: even.value.bevelHeightMm,
          })
        : even;
    }
    const [rightDeg, leftDeg] = unevenAngles(presentDeg, share);
    const sides = [rightDeg, leftDeg].map((angle) =>
      sideOf(input, {
        heightMm,
        spineOffsetMm: spineMm / 2,
        shoulderMm: behindEdgeMm / 2,
        angle: perSide(angle),
      }),
    );
    const [right, left] = sides;
    if (!right!.ok) return right!;
    if (!left!.ok) return left!;
    return ok({
      section: sectionFromSides(right!.value, left!.value),
      primaryDeg: Math.max(chordDeg(right!.value), chordDeg(left!.value)),
      bevelHeightMm: Math.max(right!.value[1]!.yMm, left!.value[1]!.yMm),
    });
  };

const groundBoth =
  (input: StrategyInput) =>
  (angleDeg: number): readonly GroundSide[] => {
    const share = rightShare(input.answers['ratio']);
    const [right, left] = share === 0.5 ? [angleDeg, angleDeg] : unevenAngles(angleDeg, share);
    return [
      { side: 'right', angleDeg: right, share },
      { side: 'left', angleDeg: left, share: 1 - share },
    ];
  };

/** Down to the thickness wanted in falling bands; with thicknesses further up, or no stop, through those. */
export const bandsFor = (
  input: StrategyInput,
  { section, primaryDeg }: Shape,
  apexMm: number,
  { angleDeg, thinning }: { readonly angleDeg: number; readonly thinning: ThinWanted },
  usual?: readonly number[],
): Result<readonly Band[]> => {
  const { targets, stopMm, bands } = thinning;
  const oldAngleDeg = input.presentDeg;
  const start = thinningFrom(input, apexMm, angleDeg, thinning);
  const hasTargets = targets.at5Mm !== null || targets.at10Mm !== null;
  if (bands === null && (hasTargets || (stopMm === null && !usual)))
    return thinningBands({ section, apexMm, start, primaryDeg, targets });
  return ok(
    fallingBands(
      { section, primaryDeg, apexMm, start },
      bands ?? heldAtDeg(usual ?? usualBandsDeg(primaryDeg, oldAngleDeg)),
    ),
  );
};

/** Where a thinning begins on the old bevel: at the thickness to stop at, or above the line of it that is left. */
export const thinningFrom = (
  { presentDeg }: Pick<StrategyInput, 'presentDeg'>,
  apexMm: number,
  newAngleDeg: number,
  { remnantMm, stopMm }: Pick<ThinWanted, 'remnantMm' | 'stopMm'>,
): Pick<Band, 'xMm' | 'yMm'> => {
  const bevel = toRadians(perSide(presentDeg));
  const yMm = apexMm + remnantMm * Math.cos(bevel);
  return stopMm === null
    ? { xMm: yMm * Math.tan(bevel), yMm }
    : thinningStart({ stopMm, apexMm, oldAngleDeg: presentDeg, newAngleDeg });
};

/** The cuts of a thinning, both sides alike. */
export const thinningStage = (bands: readonly Band[]): CutStage => ({
  id: 'thinning',
  cuts: bands.flatMap(({ angleDeg, xMm, yMm }, index) =>
    (['right', 'left'] as const).map((side) =>
      faceCut(side, angleDeg, xMm, yMm, 'band', index + 1),
    ),
  ),
});

/** Outline, bands, bevel, micro bevel. */
const stagesFor =
  (input: StrategyInput, ground: CutStrategy['groundAt']) =>
  (shape: Shape, riseMm: number, wanted: Wanted): Result<readonly CutStage[]> => {
    const stages: CutStage[] = [joint(riseMm)];
    if (wanted.thinning) {
      const bands = bandsFor(input, shape, riseMm, { ...wanted, thinning: wanted.thinning });
      if (!bands.ok) return bands;
      stages.push(thinningStage(bands.value));
    }
    const sides = ground(wanted.angleDeg);
    const lowest = sides.find(({ angleDeg }) => angleDeg <= shape.primaryDeg);
    if (lowest) {
      return fail(
        'CUT_DOES_NOT_CLOSE',
        STRINGS.degreesOnTheDoesNotClear(
          lowest.angleDeg.toFixed(1),
          lowest.side,
          shape.primaryDeg.toFixed(2),
        ),
        'choices.angleDeg',
      );
    }
    stages.push(edgeStage(sides, riseMm));
    if (wanted.micro) stages.push(microStage(sides, riseMm, wanted.micro));
    return ok(stages);
  };

/** Kinds so wide or so curved that one lift is another angle at every height. */
const WIDE = ['curved-fish', 'cleaver', 'bone-cleaver'];

export const isWide = (input: StrategyInput): boolean => WIDE.includes(input.kind.id);

export const twoSidedGeometry = (input: StrategyInput): CutStrategy => {
  const groundAt = groundBoth(input);
  return {
    approaches: ['by-use', 'keep', 'lowest-clear'],
    guidedDeg: null,
    isThinned: input.kind.grind !== 'hollow',
    byStation: isWide(input),
    microUsual: null,
    finishStripMm: APEX_STRIP_MM,
    flatSideDeg: 0,
    shapeAt: twoSidedShape(input),
    groundAt,
    spineOffsetMm: (thicknessMm) => thicknessMm / 2,
    extraRiseMm: () => 0,
    stagesFor: stagesFor(input, groundAt),
  };
};
