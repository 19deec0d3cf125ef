import {
  exceeds,
  fail,
  ok,
  perSide,
  radians,
  toDegrees,
  toRadians,
  type Result,
} from '../../../units';
import {
  isFace,
  sectionFromSides,
  type Section,
  type Side,
  type SidePoint,
} from '../../../section';
import { numberAnswer } from '../../../intake';
import {
  AIMED_AT_MM,
  faceCut,
  type Band,
  type BladeWork,
  type CutStage,
  type CutStrategy,
  type Place,
  type Shape,
  type StageCut,
  type StrategyInput,
  type ThinWanted,
} from '../../cuts';
import { RIDGE_BANDS_ABOVE_DEG, RIDGE_SHARE, RIDGE_THICKNESS_SHARE } from '../first-guesses';
import { edgeStage, joint, microStage } from '../parts';
import { bandsFor, thinningFrom, thinningStage, twoSidedGeometry } from '../two-sided/geometry';
import { STRINGS } from '../strings';

/** Two-sided blades with a wide primary bevel: the ridge, and the flat cut on the bevel below it. */
const ridgeMm = (input: StrategyInput, side: Side): number => {
  const measured = numberAnswer(input.answers, side === 'right' ? 'ridgeRightMm' : 'ridgeLeftMm');
  return measured ?? RIDGE_SHARE * input.input.measures.heightMiddleMm;
};

/** Thickness at the ridge as a share of the spine; past the spine it would be a wedge upside down. */
const ridgeShare = (input: StrategyInput): number => {
  const measured = numberAnswer(input.answers, 'ridgeThickMm');
  return measured === null
    ? RIDGE_THICKNESS_SHARE
    : Math.min(1, measured / input.input.measures.spineMiddleMm);
};

/** Heights of the ridge scale with the height of the blade. */
export const ridgeAt = (input: StrategyInput, side: Side, heightMm: number): number =>
  (ridgeMm(input, side) * heightMm) / input.input.measures.heightMiddleMm;

/** Height of the ridge above the new edge once that band is done; before the first where the index is −1. */
export const ridgesAfter = (
  input: StrategyInput,
  work: Pick<BladeWork, 'stages' | 'riseMm'>,
  index: number,
): Readonly<Record<Side, number>> => {
  const bands = work.stages.find(({ id }) => id === 'thinning')?.bands ?? [];
  const heightMm = input.input.measures.heightMiddleMm;
  const on = (side: Side): number =>
    Math.max(
      ridgeAt(input, side, heightMm),
      ...bands.slice(0, index + 1).map(({ sideTopsMm }) => sideTopsMm[side] ?? 0),
    ) - work.riseMm;
  return { right: on('right'), left: on('left') };
};

const sideAt = (
  input: StrategyInput,
  side: Side,
  { heightMm, thicknessMm, exact }: Place,
): Result<SidePoint[]> => {
  const { presentDeg } = input;
  const tan = Math.tan(toRadians(perSide(presentDeg)));
  const ridgeY = ridgeAt(input, side, heightMm);
  const ridgeX = (ridgeShare(input) * thicknessMm) / 2;
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
      STRINGS.aRidgeMmAboveTheEdge(
        ridgeY.toFixed(1),
        thicknessMm,
        presentDeg.toFixed(1),
        (2 * shoulderMm).toFixed(2),
      ),
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

/** The right or left bevel below the ridge, flat: a line along it, moved in until it passes all of these. */
const flatBelow = (
  { vertices }: Section,
  side: Side,
  through: readonly Pick<Band, 'xMm' | 'yMm'>[],
): StageCut => {
  const at = vertices.findIndex(({ face }) => isFace(face, { side, roles: ['primary'] }));
  const [a, b] = [vertices[at]!, vertices[(at + 1) % vertices.length]!];
  const slope = Math.abs(b.x - a.x) / Math.abs(b.y - a.y);
  const { yMm } = through[0]!;
  const xMm = Math.min(...through.map((point) => point.xMm - (point.yMm - yMm) * slope));
  return faceCut(side, toDegrees(radians(Math.atan(slope))), xMm, yMm, 'band', 1);
};

/** Errors: those of the bands, and OUT_OF_RANGE where a flat bevel to the thickness aimed at eats the edge. */
const thinnedBelow = (
  input: StrategyInput,
  shape: Shape,
  riseMm: number,
  wanted: { readonly angleDeg: number; readonly thinning: ThinWanted },
): Result<CutStage> => {
  const { thinning } = wanted;
  if (input.input.choices.kind.ridgeForm === 'slightly convex' || thinning.bands !== null) {
    const usual = RIDGE_BANDS_ABOVE_DEG.map((above) =>
      Math.min(shape.primaryDeg + above, (input.presentDeg + shape.primaryDeg) / 2),
    );
    const bands = bandsFor(input, shape, riseMm, wanted, usual);
    return bands.ok ? ok(thinningStage(bands.value)) : bands;
  }
  const start = thinningFrom(input, riseMm, wanted.angleDeg, thinning);
  const given = [thinning.targets.at5Mm, thinning.targets.at10Mm];
  const aims = AIMED_AT_MM.flatMap((at, index) => {
    const aimed = given[index] ?? null;
    return aimed === null ? [] : [{ xMm: aimed / 2, yMm: riseMm + at }];
  });
  const cuts = (['right', 'left'] as const).map((side) =>
    flatBelow(shape.section, side, aims.length > 0 ? aims : [start]),
  );
  const line = thinningFrom(input, riseMm, wanted.angleDeg, { ...thinning, stopMm: null });
  // Inside the line of the old bevel that is to be left: it has taken the edge with it.
  const eats = cuts.some(({ line: { nx, ny, offset } }) =>
    exceeds(Math.abs(nx) * line.xMm + ny * line.yMm, offset),
  );
  return eats
    ? fail(
        'OUT_OF_RANGE',
        STRINGS.flatBelowTheRidgeMmAt(
          thinning.targets.at5Mm ?? '–',
          thinning.targets.at10Mm ?? '–',
        ),
        thinning.targets.at5Mm === null ? 'choices.thinTo.at10Mm' : 'choices.thinTo.at5Mm',
      )
    : ok({ id: 'thinning', cuts });
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
        const thinned = thinnedBelow(input, shape, riseMm, {
          ...wanted,
          thinning: wanted.thinning,
        });
        if (!thinned.ok) return thinned;
        stages.push(thinned.value);
      }
      const sides = even.groundAt(wanted.angleDeg);
      if (sides.some(({ angleDeg }) => angleDeg <= shape.primaryDeg)) {
        return fail(
          'CUT_DOES_NOT_CLOSE',
          STRINGS.anAngleOfDegreesPerSide(wanted.angleDeg, shape.primaryDeg.toFixed(2)),
          'choices.angleDeg',
        );
      }
      stages.push(edgeStage(sides, riseMm));
      if (wanted.micro) stages.push(microStage(sides, riseMm, wanted.micro));
      return ok(stages);
    },
  };
};
