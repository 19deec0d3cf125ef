/**
 * From clicks on a photograph to an outline in mm: perspective set right by a rectangle of known size
 * (homography from four points, direct linear transform), or scale alone from two points a known distance
 * apart; curves through the clicks; the whole turned so that the straight of the edge lies along the blade.
 */
import { LuDecomposition, Matrix } from 'ml-matrix';
import { CLEAR_OF_CORNER_MM, fail, ok, SLACK, type Result } from '../units';
import { arcLengths, interpolate, type BladePoint } from '../geometry';
import type { TracedCurves } from './readings';
import { STRINGS } from './strings';

/** A place on the picture: x to the right, y down, in its own pixels. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

export type Scaling =
  | {
      readonly way: 'two points';
      readonly points: readonly [PicturePoint, PicturePoint];
      readonly distanceMm: number;
    }
  | {
      readonly way: 'rectangle';
      /** In order round it, beginning anywhere; the first side is the width. */
      readonly corners: readonly [PicturePoint, PicturePoint, PicturePoint, PicturePoint];
      readonly widthMm: number;
      readonly heightMm: number;
    };

/** Row by row, the last entry 1. */
type Homography = readonly number[];

const apply = (h: Homography, { x, y }: PicturePoint): PicturePoint => {
  const w = h[6]! * x + h[7]! * y + 1;
  return { x: (h[0]! * x + h[1]! * y + h[2]!) / w, y: (h[3]! * x + h[4]! * y + h[5]!) / w };
};

const cross = (o: PicturePoint, a: PicturePoint, b: PicturePoint): number =>
  (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

const isConvex = (corners: readonly PicturePoint[]): boolean => {
  const turns = corners.map((corner, index) =>
    Math.sign(cross(corner, corners[(index + 1) % 4]!, corners[(index + 2) % 4]!)),
  );
  return turns[0] !== 0 && turns.every((turn) => turn === turns[0]);
};

/**
 * The map from picture to the plane of the blade in mm (y still down). Errors: OUT_OF_RANGE on `points` or
 * `corners` when they fall together, lie on a line or are not gone round in order.
 */
export const pictureToMm = (scaling: Scaling): Result<(point: PicturePoint) => PicturePoint> => {
  if (scaling.way === 'two points') {
    const [a, b] = scaling.points;
    const pixels = Math.hypot(b.x - a.x, b.y - a.y);
    if (pixels < 10) {
      return fail('OUT_OF_RANGE', STRINGS.theTwoPointsLiePixelsApart(pixels.toFixed(1)), 'points');
    }
    const scale = scaling.distanceMm / pixels;
    return ok(({ x, y }) => ({ x: x * scale, y: y * scale }));
  }
  const { corners, widthMm, heightMm } = scaling;
  if (!isConvex(corners)) {
    return fail('OUT_OF_RANGE', STRINGS.theFourCornersMustGoRound, 'corners');
  }
  const mirrored = cross(corners[0], corners[1], corners[2]) < 0;
  const side = mirrored ? -heightMm : heightMm;
  const wanted = [
    { x: 0, y: 0 },
    { x: widthMm, y: 0 },
    { x: widthMm, y: side },
    { x: 0, y: side },
  ];
  // Pixels brought to about one, so that the elimination keeps its digits.
  const unit = Math.max(...corners.flatMap(({ x, y }) => [Math.abs(x), Math.abs(y)]), 1);
  const rows: number[][] = [];
  const right: number[] = [];
  corners.forEach((corner, index) => {
    const [x, y] = [corner.x / unit, corner.y / unit];
    const { x: u, y: v } = wanted[index]!;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]);
    right.push(u, v);
  });
  const decomposed = new LuDecomposition(new Matrix(rows));
  if (decomposed.isSingular())
    return fail('OUT_OF_RANGE', STRINGS.theFourCornersDoNotSpan, 'corners');
  const h = decomposed.solve(Matrix.columnVector(right)).to1DArray();
  return ok(({ x, y }) => apply(h, { x: x / unit, y: y / unit }));
};

const SMOOTH_STEPS = 8;

/**
 * A curve through all points given: centripetal Catmull–Rom, which neither loops nor overshoots far.
 *
 * @example
 * curveThrough([[0, 0], [50, 1], [100, 4]]).length > 3; // true
 */
export const curveThrough = (points: readonly BladePoint[]): BladePoint[] => {
  if (points.length < 3) return [...points];
  const curve: BladePoint[] = [points[0]!];
  const at = (index: number): BladePoint => {
    if (index < 0) {
      const [a, b] = [points[0]!, points[1]!];
      return [2 * a[0] - b[0], 2 * a[1] - b[1]];
    }
    if (index >= points.length) {
      const [a, b] = [points[points.length - 1]!, points[points.length - 2]!];
      return [2 * a[0] - b[0], 2 * a[1] - b[1]];
    }
    return points[index]!;
  };
  const knot = (a: BladePoint, b: BladePoint): number =>
    Math.max(SLACK, Math.sqrt(Math.hypot(b[0] - a[0], b[1] - a[1])));
  const mix = (a: BladePoint, b: BladePoint, ta: number, tb: number, t: number): BladePoint => [
    (a[0] * (tb - t) + b[0] * (t - ta)) / (tb - ta),
    (a[1] * (tb - t) + b[1] * (t - ta)) / (tb - ta),
  ];
  for (let index = 0; index < points.length - 1; index += 1) {
    const [p0, p1, p2, p3] = [at(index - 1), at(index), at(index + 1), at(index + 2)];
    const t1 = knot(p0, p1);
    const t2 = t1 + knot(p1, p2);
    const t3 = t2 + knot(p2, p3);
    for (let step = 1; step <= SMOOTH_STEPS; step += 1) {
      const t = t1 + ((t2 - t1) * step) / SMOOTH_STEPS;
      const [a1, a2, a3] = [mix(p0, p1, 0, t1, t), mix(p1, p2, t1, t2, t), mix(p2, p3, t2, t3, t)];
      curve.push(mix(mix(a1, a2, 0, t2, t), mix(a2, a3, t1, t3, t), t1, t2, t));
    }
  }
  return curve;
};

/** Points with z growing throughout; a place where the curve turns back is told by its index. */
const turnsBackAt = (points: readonly BladePoint[]): number =>
  points.findIndex(([z], index) => index > 0 && z <= points[index - 1]![0]);

/** This much of the edge from the heel is taken for the straight that the blade is laid along. */
const STRAIGHT_SHARE = 0.4;

const turned = (points: readonly BladePoint[], by: number, origin: BladePoint): BladePoint[] =>
  points.map(([z, y]) => {
    const [dz, dy] = [z - origin[0], y - origin[1]];
    return [dz * Math.cos(by) + dy * Math.sin(by), -dz * Math.sin(by) + dy * Math.cos(by)];
  });

/**
 * Edge and spine in mm (y towards the spine) laid with the heel at (0, 0), the straight of the edge along z
 * and the tip at growing z, whichever way round the picture was. Errors: OUT_OF_RANGE on `edge` or `spine`
 * for too few points, a curve that turns back, or a spine that does not stand over the edge.
 *
 * @example
 * layOut([[0, 0], [100, 0], [200, 30]], [[0, 40], [100, 40], [200, 32]]).ok; // true
 */
export const layOut = (
  edgePoints: readonly BladePoint[],
  spinePoints: readonly BladePoint[],
): Result<TracedCurves> => {
  if (edgePoints.length < 3) return fail('OUT_OF_RANGE', STRINGS.theEdgeWantsAtLeast3, 'edge');
  if (spinePoints.length < 2) return fail('OUT_OF_RANGE', STRINGS.theSpineWantsAtLeast2, 'spine');
  const heel = edgePoints[0]!;
  const lengths = arcLengths(edgePoints);
  const total = lengths[lengths.length - 1]!;
  const along = (pick: 0 | 1): number =>
    interpolate(
      lengths.map((length, index) => [length, edgePoints[index]![pick]] as const),
      STRAIGHT_SHARE * total,
    );
  const angle = Math.atan2(along(1) - heel[1], along(0) - heel[0]);
  let edge = turned(edgePoints, angle, heel);
  let spine = turned(spinePoints, angle, heel);
  // Whichever way the blade lay, its spine is above its edge.
  const meanSpine = spine.reduce((sum, [, y]) => sum + y, 0) / spine.length;
  if (meanSpine < 0) {
    edge = edge.map(([z, y]) => [z, -y]);
    spine = spine.map(([z, y]) => [z, -y]);
  }
  if (spine[0]![0] > spine[spine.length - 1]![0]) spine = [...spine].reverse();
  const back = turnsBackAt(edge);
  if (back > 0) {
    return fail('OUT_OF_RANGE', STRINGS.theEdgeTurnsBackMmFrom(edge[back]![0].toFixed(0)), 'edge');
  }
  const spineBack = turnsBackAt(spine);
  if (spineBack > 0) {
    return fail(
      'OUT_OF_RANGE',
      STRINGS.theSpineTurnsBackMmFrom(spine[spineBack]![0].toFixed(0)),
      'spine',
    );
  }
  const crossing = edge.find(([z, y]) => z > 0 && z < total * 0.9 && interpolate(spine, z) <= y);
  if (crossing) {
    return fail('OUT_OF_RANGE', STRINGS.theSpineDoesNotStandOver(crossing[0].toFixed(0)), 'spine');
  }
  return ok({ edge, spine });
};

/**
 * Clicks on a photograph, heel to tip, made into the outline. Errors as of `pictureToMm` and `layOut`.
 *
 * @example
 * traceOutline({ way: 'two points', points: [{ x: 0, y: 0 }, { x: 1, y: 0 }], distanceMm: 0 }, [], []).ok; // false
 */
export const traceOutline = (
  scaling: Scaling,
  edgeClicks: readonly PicturePoint[],
  spineClicks: readonly PicturePoint[],
): Result<TracedCurves> => {
  const map = pictureToMm(scaling);
  if (!map.ok) return map;
  const inPlane = (points: readonly PicturePoint[]): BladePoint[] =>
    curveThrough(
      points.map((point): BladePoint => {
        const { x, y } = map.value(point);
        return [x, -y];
      }),
    );
  return layOut(inPlane(edgeClicks), inPlane(spineClicks));
};

/** How a drawing lies: nothing in it says which line is ground. */
export interface DrawnWay {
  readonly edge: 'lower' | 'upper';
  readonly heel: 'left' | 'right';
}

/**
 * A closed outline (y up) split into edge and spine at its two ends along the blade, for drawings that do not
 * name their lines. Points of a chain that do not go on along the blade are left out.
 *
 * @example
 * splitOutline([]).ok; // false
 */
export const splitOutline = (
  closed: readonly BladePoint[],
  { edge: side, heel }: DrawnWay = { edge: 'lower', heel: 'left' },
): Result<TracedCurves> => {
  if (closed.length < 4) return fail('OUT_OF_RANGE', STRINGS.theOutlineWantsAtLeast4, 'edge');
  // Turned half round, so that what follows knows one way only.
  const [flipZ, flipY] = [heel === 'right' ? -1 : 1, side === 'upper' ? -1 : 1];
  const points = closed.map(([z, y]): BladePoint => [flipZ * z, flipY * y]);
  const endAt = (sign: 1 | -1): number =>
    points.reduce((best, [z], index) => (sign * z > sign * points[best]![0] ? index : best), 0);
  const chain = (from: number, to: number): BladePoint[] => {
    const along: BladePoint[] = [];
    for (let index = from; ; index = (index + 1) % points.length) {
      along.push(points[index]!);
      if (index === to) return along;
    }
  };
  const [heelEnd, tipEnd] = [endAt(-1), endAt(1)];
  const one = chain(heelEnd, tipEnd);
  const other = chain(tipEnd, heelEnd).reverse();
  const mean = (along: readonly BladePoint[]): number =>
    along.reduce((sum, [, y]) => sum + y, 0) / along.length;
  const [edge, spine] = mean(one) <= mean(other) ? [one, other] : [other, one];
  // Where the heel is square, the spine begins at the top of it and the edge at its foot.
  const growing = (
    along: readonly BladePoint[],
    begins: (of: readonly BladePoint[]) => BladePoint,
  ) => {
    const atHeel = along.filter(([z]) => z - along[0]![0] < CLEAR_OF_CORNER_MM);
    return along.reduce<BladePoint[]>(
      (kept, point) =>
        point[0] - kept[kept.length - 1]![0] < CLEAR_OF_CORNER_MM ? kept : [...kept, point],
      [begins(atHeel)],
    );
  };
  const byHeight = (of: readonly BladePoint[]): BladePoint[] => [...of].sort((a, b) => a[1] - b[1]);
  return layOut(
    growing(edge, (of) => byHeight(of)[0]!),
    growing(spine, (of) => byHeight(of).at(-1)!),
  );
};

/**
 * At most so many points of a curve, evenly by length, both ends kept.
 *
 * @example
 * thinned([[0, 0], [1, 0], [2, 0], [3, 0]], 2).length; // 2
 */
export const thinned = (points: readonly BladePoint[], most: number): BladePoint[] => {
  if (points.length <= most) return [...points];
  const lengths = arcLengths(points);
  const total = lengths[lengths.length - 1]!;
  const byLength = (pick: 0 | 1) =>
    lengths.map((length, index) => [length, points[index]![pick]] as const);
  const [zs, ys] = [byLength(0), byLength(1)];
  return Array.from({ length: most }, (_, index): BladePoint => {
    const at = (total * index) / (most - 1);
    return [interpolate(zs, at), interpolate(ys, at)];
  });
};
