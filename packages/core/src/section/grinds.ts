/**
 * Sides of a blade by how they are ground (docs/method.md, G9), each as points from the apex to the spine. Any two make a
 * section: alike, uneven, or one-sided with a hollow back. Curved grinds are held to a micrometre.
 */
import { fail, ok, toRadians, type DegreesPerSide, type Result } from '../units';
import type { SidePoint } from './section';
import { STRINGS } from './strings';

/** How far a chord may stand off its arc. */
export const CURVE_TOLERANCE_MM = 0.001;

export interface SideMeasures {
  readonly heightMm: number;
  /** Distance of the spine corner from the datum plane. */
  readonly spineOffsetMm: number;
  /** Distance of the shoulder from the datum plane. */
  readonly shoulderMm: number;
  readonly angle: DegreesPerSide;
}

const bevelHeightOf = ({ shoulderMm, angle }: SideMeasures): number =>
  shoulderMm / Math.tan(toRadians(angle));

const checked = (side: SideMeasures, grindHeightMm: number): Result<number> => {
  const bevelHeightMm = bevelHeightOf(side);
  if (side.shoulderMm > side.spineOffsetMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aShoulderMmFromThePlane(side.shoulderMm, side.spineOffsetMm),
      'shoulderMm',
    );
  }
  if (grindHeightMm > side.heightMm) {
    return fail(
      'INVALID_INPUT',
      STRINGS.grindheightmmIsAboveHeightmm(grindHeightMm, side.heightMm),
      'grindHeightMm',
    );
  }
  if (bevelHeightMm >= grindHeightMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aBevelMmHighDoesNot(bevelHeightMm.toFixed(2), grindHeightMm),
      'grindHeightMm',
    );
  }
  return ok(bevelHeightMm);
};

/** Apex, shoulder, the points of the primary above it, and the parallel part up to the spine. */
const assemble = (
  side: SideMeasures,
  grindHeightMm: number,
  primary: (bevelHeightMm: number) => readonly { xMm: number; yMm: number }[],
): Result<SidePoint[]> => {
  const bevel = checked(side, grindHeightMm);
  if (!bevel.ok) return bevel;
  const { shoulderMm, spineOffsetMm, heightMm } = side;
  const points: SidePoint[] = [
    { xMm: 0, yMm: 0, face: 'bevel' },
    { xMm: shoulderMm, yMm: bevel.value, face: 'primary' },
    ...primary(bevel.value).map((point): SidePoint => ({ ...point, face: 'primary' })),
    { xMm: spineOffsetMm, yMm: grindHeightMm, face: 'parallel' },
  ];
  if (grindHeightMm < heightMm)
    points.push({ xMm: spineOffsetMm, yMm: heightMm, face: 'parallel' });
  return ok(points);
};

/** Flat from the shoulder to the grind height, parallel above it; full flat when that is the height. */
export const flatSide = (side: SideMeasures, grindHeightMm: number): Result<SidePoint[]> =>
  assemble(side, grindHeightMm, () => []);

/** Parallel faces from the shoulder up. */
export const parallelSide = (side: Omit<SideMeasures, 'spineOffsetMm'>): Result<SidePoint[]> => {
  const bevelHeightMm = side.shoulderMm / Math.tan(toRadians(side.angle));
  if (bevelHeightMm >= side.heightMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aBevelMmHighDoesNotFit(bevelHeightMm.toFixed(2), side.heightMm),
      'shoulderMm',
    );
  }
  return ok([
    { xMm: 0, yMm: 0, face: 'bevel' },
    { xMm: side.shoulderMm, yMm: bevelHeightMm, face: 'parallel' },
    { xMm: side.shoulderMm, yMm: side.heightMm, face: 'parallel' },
  ]);
};

/**
 * Points inside an arc of radius R from a to b, its middle `bulge` (+1 outwards, −1 inwards) off the chord.
 * Steps keep every chord within the tolerance of the arc: R (1 − cos(step / 2)) ≤ 1 µm.
 */
const arcBetween = (
  a: { xMm: number; yMm: number },
  b: { xMm: number; yMm: number },
  radiusMm: number,
  bulge: 1 | -1,
): { xMm: number; yMm: number }[] => {
  const dx = b.xMm - a.xMm;
  const dy = b.yMm - a.yMm;
  const chord = Math.hypot(dx, dy);
  const half = Math.asin(Math.min(1, chord / (2 * radiusMm)));
  const step = 2 * Math.acos(Math.max(0, 1 - CURVE_TOLERANCE_MM / radiusMm));
  const count = Math.max(1, Math.ceil((2 * half) / step));
  const toCentre = Math.sqrt(Math.max(0, radiusMm ** 2 - (chord / 2) ** 2));
  // Outwards is away from the datum plane: to the right of the way from apex to spine.
  const ox = dy / chord;
  const oy = -dx / chord;
  return Array.from({ length: count - 1 }, (_, index) => {
    const turn = -half + ((index + 1) * 2 * half) / count;
    const along = chord / 2 + radiusMm * Math.sin(turn);
    const off = bulge * (radiusMm * Math.cos(turn) - toCentre);
    return {
      xMm: a.xMm + (dx / chord) * along + ox * off,
      yMm: a.yMm + (dy / chord) * along + oy * off,
    };
  });
};

const curvedSide = (
  side: SideMeasures,
  grindHeightMm: number,
  radiusMm: number,
  bulge: 1 | -1,
): Result<SidePoint[]> => {
  const bevel = checked(side, grindHeightMm);
  if (!bevel.ok) return bevel;
  const chord = Math.hypot(side.spineOffsetMm - side.shoulderMm, grindHeightMm - bevel.value);
  if (chord > 2 * radiusMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aRadiusOfMmDoesNot(radiusMm, chord.toFixed(1)),
      'radiusMm',
    );
  }
  return assemble(side, grindHeightMm, (bevelHeightMm) =>
    arcBetween(
      { xMm: side.shoulderMm, yMm: bevelHeightMm },
      { xMm: side.spineOffsetMm, yMm: grindHeightMm },
      radiusMm,
      bulge,
    ),
  );
};

/** Hollow, ground on a wheel of that radius. */
export const hollowSide = (side: SideMeasures, grindHeightMm: number, wheelRadiusMm: number) =>
  curvedSide(side, grindHeightMm, wheelRadiusMm, -1);

/** Convex, of that radius. */
export const convexSide = (side: SideMeasures, grindHeightMm: number, radiusMm: number) =>
  curvedSide(side, grindHeightMm, radiusMm, 1);

/** The back of a one-sided blade: flat rims, and a hollow of radius R and depth d between them (docs/method.md, G11). */
export const hollowBackSide = (
  heightMm: number,
  edgeRimMm: number,
  hollowRadiusMm: number,
  hollowDepthMm: number,
): Result<SidePoint[]> => {
  const chord = 2 * Math.sqrt(Math.max(0, (2 * hollowRadiusMm - hollowDepthMm) * hollowDepthMm));
  const upperRim = edgeRimMm + chord;
  if (upperRim > heightMm) {
    return fail(
      'IMPOSSIBLE_BEVEL',
      STRINGS.aHollowMmWideDoesNot(chord.toFixed(1), heightMm),
      'hollowDepthMm',
    );
  }
  return ok([
    { xMm: 0, yMm: 0, face: 'rim' },
    { xMm: 0, yMm: edgeRimMm, face: 'hollow' },
    ...arcBetween({ xMm: 0, yMm: edgeRimMm }, { xMm: 0, yMm: upperRim }, hollowRadiusMm, -1).map(
      (point) => ({ ...point, face: 'hollow' as const }),
    ),
    { xMm: 0, yMm: upperRim, face: 'upper rim' },
    { xMm: 0, yMm: heightMm, face: 'upper rim' },
  ]);
};
