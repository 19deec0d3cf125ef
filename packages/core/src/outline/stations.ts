/** Stations along the edge: local height, thickness, resting angle and lift (docs/method.md, G4). */
import { mm, perSide, SHARE_SLACK, SLACK, type DegreesPerSide } from '../units';
import { arcLengths, interpolate, type BladePoint } from '../geometry';
import { liftFor, restingAngle } from '../angle';

export interface EdgeCurves {
  readonly edge: readonly BladePoint[];
  readonly spine: readonly BladePoint[];
  /** Spine thickness along z: [z, thickness]. */
  readonly thickness: readonly BladePoint[];
}

export interface Station {
  readonly sMm: number;
  readonly zMm: number;
  readonly yMm: number;
  /** Turn of the edge's tangent since the heel, degrees, positive towards the spine. */
  readonly turnDeg: number;
  readonly heightMm: number;
  readonly thicknessMm: number;
  readonly restingAngleDeg: number;
  /** Null where the angle cannot be held. */
  readonly liftMm: number | null;
}

interface Meeting {
  readonly distanceMm: number;
  readonly zMm: number;
}

/** First meeting of the ray from `from` along `direction` with the spine. */
const meetAlongNormal = (
  from: BladePoint,
  direction: BladePoint,
  spine: readonly BladePoint[],
): Meeting | null => {
  let best: Meeting | null = null;
  for (let index = 1; index < spine.length; index += 1) {
    const [az, ay] = spine[index - 1]!;
    const [bz, by] = spine[index]!;
    const dz = bz - az;
    const dy = by - ay;
    const cross = direction[0] * dy - direction[1] * dz;
    if (cross === 0) continue;
    const distanceMm = ((az - from[0]) * dy - (ay - from[1]) * dz) / cross;
    const along = ((az - from[0]) * direction[1] - (ay - from[1]) * direction[0]) / cross;
    if (along < -SHARE_SLACK || along > 1 + SHARE_SLACK || distanceMm < -SLACK) continue;
    if (!best || distanceMm < best.distanceMm) {
      best = { distanceMm: Math.max(0, distanceMm), zMm: az + dz * along };
    }
  }
  return best;
};

const nearestOnSpine = (from: BladePoint, spine: readonly BladePoint[]): Meeting => {
  let best: Meeting = { distanceMm: Infinity, zMm: from[0] };
  for (let index = 1; index < spine.length; index += 1) {
    const [az, ay] = spine[index - 1]!;
    const [bz, by] = spine[index]!;
    const dz = bz - az;
    const dy = by - ay;
    const t = ((from[0] - az) * dz + (from[1] - ay) * dy) / (dz * dz + dy * dy);
    const held = Math.min(1, Math.max(0, t));
    const zMm = az + dz * held;
    const distanceMm = Math.hypot(from[0] - zMm, from[1] - (ay + dy * held));
    if (distanceMm < best.distanceMm) best = { distanceMm, zMm };
  }
  return best;
};

/**
 * Stations equally spaced along the edge, both ends included. The height is the length of the inward
 * normal to its first meeting with the spine, or the shortest distance where it misses. At a vertex the
 * tangent is the mean direction of its two segments.
 */
export const stationsAlongEdge = (
  curves: EdgeCurves,
  angle: DegreesPerSide,
  count: number,
): Station[] => {
  const { edge, spine } = curves;
  const lengths = arcLengths(edge);
  const total = lengths[lengths.length - 1]!;
  const directions = edge.slice(1).map(([z, y], index) => {
    const [z0, y0] = edge[index]!;
    return Math.atan2(y - y0, z - z0);
  });
  const heelDirection = directions[0]!;
  const stations: Station[] = [];
  let segment = 0;
  for (let index = 0; index < count; index += 1) {
    const sMm = (total * index) / (count - 1);
    while (segment < directions.length - 1 && lengths[segment + 1]! < sMm - SLACK) {
      segment += 1;
    }
    const atEnd = Math.abs(lengths[segment + 1]! - sMm) <= SLACK;
    const onVertex = atEnd && segment < directions.length - 1;
    const direction = onVertex
      ? meanDirection(directions[segment]!, directions[segment + 1]!)
      : directions[segment]!;
    const [z0, y0] = edge[segment]!;
    const [z1, y1] = edge[segment + 1]!;
    const t = (sMm - lengths[segment]!) / (lengths[segment + 1]! - lengths[segment]!);
    const point: BladePoint = atEnd ? [z1, y1] : [z0 + (z1 - z0) * t, y0 + (y1 - y0) * t];
    const normal: BladePoint = [-Math.sin(direction), Math.cos(direction)];
    const meeting = meetAlongNormal(point, normal, spine) ?? nearestOnSpine(point, spine);
    const heightMm = meeting.distanceMm <= SLACK ? 0 : meeting.distanceMm;
    const thicknessMm = interpolate(curves.thickness, meeting.zMm);
    const lift = liftFor(mm(heightMm), mm(thicknessMm / 2), angle);
    stations.push({
      sMm,
      zMm: point[0],
      yMm: point[1],
      turnDeg: ((direction - heelDirection) * 180) / Math.PI,
      heightMm,
      thicknessMm,
      restingAngleDeg: heightMm === 0 ? 90 : restingAngle(mm(heightMm), mm(thicknessMm / 2)),
      liftMm: heightMm > 0 && lift.ok ? lift.value : null,
    });
  }
  return stations;
};

const meanDirection = (a: number, b: number): number =>
  Math.atan2(Math.sin(a) + Math.sin(b), Math.cos(a) + Math.cos(b));

/** The angle a fixed lift gives at a station; null where the lift is more than the blade is high. */
export const angleAtFixedLift = (station: Station, liftMm: number): DegreesPerSide | null => {
  const reach = Math.hypot(station.heightMm, station.thicknessMm / 2);
  if (liftMm > reach || reach === 0) return null;
  return perSide(station.restingAngleDeg + (Math.asin(liftMm / reach) * 180) / Math.PI);
};
