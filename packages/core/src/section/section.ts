/**
 * A cross-section of the blade at right angles to the edge: a closed outline of steel in (x, y), x from
 * the datum plane (right is positive), y from the edge towards the spine, in mm. Every edge of the
 * outline carries the face it lies on, so that a width can be asked for.
 */
import { isFace, SPINE, type Face, type FaceQuery, type FaceRole } from './face';

export interface SectionVertex {
  readonly x: number;
  readonly y: number;
  /** The face that runs from this vertex to the next one. */
  readonly face: Face;
}

export interface Section {
  /** Anticlockwise from the apex: up the right side, over the spine, down the left. */
  readonly vertices: readonly SectionVertex[];
}

/** One side of a section from the apex upwards; `face` is the face above the point. */
export interface SidePoint {
  readonly xMm: number;
  readonly yMm: number;
  readonly face: FaceRole;
}

/**
 * Joins two sides that share their apex at (0, 0) and end at the same height into a section.
 *
 * @example
 * sectionFromSides([[0, 0], [1, 40]], [[0, 0], [-1, 40]]).vertices.length; // 3
 */
export const sectionFromSides = (
  right: readonly SidePoint[],
  left: readonly SidePoint[],
): Section => {
  const vertices: SectionVertex[] = [];
  right.forEach((point, index) => {
    const last = index === right.length - 1;
    vertices.push({
      x: point.xMm,
      y: point.yMm,
      face: last ? SPINE : { side: 'right', role: point.face },
    });
  });
  for (let index = left.length - 1; index > 0; index -= 1) {
    const point = left[index]!;
    vertices.push({
      x: -point.xMm,
      y: point.yMm,
      face: { side: 'left', role: left[index - 1]!.face },
    });
  }
  return { vertices };
};

/** Signed area by the shoelace formula, mm²; the reference point keeps small areas exact. */
const shoelace = (points: readonly { x: number; y: number }[]): number => {
  const origin = points[0];
  if (!origin) return 0;
  let twice = 0;
  for (let index = 1; index < points.length - 1; index += 1) {
    const a = points[index]!;
    const b = points[index + 1]!;
    twice += (a.x - origin.x) * (b.y - origin.y) - (b.x - origin.x) * (a.y - origin.y);
  }
  return twice / 2;
};

/** Area of steel in the section, mm². */
export const sectionAreaMm2 = (section: Section): number => shoelace(section.vertices);

/** Height of the lowest and the highest steel, mm in the section's frame. */
export const sectionExtent = (section: Section): { apexMm: number; spineMm: number } => {
  let apexMm = Infinity;
  let spineMm = -Infinity;
  for (const { y } of section.vertices) {
    if (y < apexMm) apexMm = y;
    if (y > spineMm) spineMm = y;
  }
  return { apexMm, spineMm };
};

/**
 * Where the steel of a section begins and ends at height y in its frame, mm; null where there is none.
 *
 * @example
 * spanAtMm(section, 40)!.length; // 2
 */
export const spanAtMm = (
  { vertices }: Section,
  yMm: number,
): readonly [low: number, high: number] | null => {
  let low = Infinity;
  let high = -Infinity;
  for (let index = 0; index < vertices.length; index += 1) {
    const a = vertices[index]!;
    const b = vertices[(index + 1) % vertices.length]!;
    if (Math.min(a.y, b.y) > yMm || Math.max(a.y, b.y) < yMm) continue;
    const xs = a.y === b.y ? [a.x, b.x] : [a.x + ((b.x - a.x) * (yMm - a.y)) / (b.y - a.y)];
    for (const x of xs) {
      if (x < low) low = x;
      if (x > high) high = x;
    }
  }
  return high >= low ? [low, high] : null;
};

/**
 * Full thickness at height y in the section's frame, mm; null where there is no steel.
 *
 * @example
 * thicknessAtMm(section, 41); // null
 */
export const thicknessAtMm = (section: Section, yMm: number): number | null => {
  const span = spanAtMm(section, yMm);
  return span && span[1] - span[0];
};

/** How far the steel reaches from the datum plane at height y, mm; null where there is none. */
export const reachAtMm = (section: Section, yMm: number): number | null => {
  const span = spanAtMm(section, yMm);
  return span && Math.max(Math.abs(span[0]), Math.abs(span[1]));
};

export interface FaceMeasure {
  readonly widthMm: number;
  readonly topXMm: number;
  readonly topYMm: number;
}

/** Width of the faces asked for, and their top end; null when nothing of them is left. */
export const measureFace = (section: Section, query: FaceQuery): FaceMeasure | null => {
  const { vertices } = section;
  let widthMm = 0;
  let top: { x: number; y: number } | null = null;
  for (let index = 0; index < vertices.length; index += 1) {
    const a = vertices[index]!;
    if (!isFace(a.face, query)) continue;
    const b = vertices[(index + 1) % vertices.length]!;
    widthMm += Math.hypot(b.x - a.x, b.y - a.y);
    for (const point of [a, b]) if (!top || point.y > top.y) top = point;
  }
  return top && widthMm > 0 ? { widthMm, topXMm: top.x, topYMm: top.y } : null;
};

export interface Cut {
  readonly section: Section;
  /** Steel taken away by this cut, mm². */
  readonly removedAreaMm2: number;
}

/** The straight line of a cut: steel where nx·x + ny·y > offset goes. (nx, ny) is a unit vector. */
export interface CutLine {
  readonly nx: number;
  readonly ny: number;
  readonly offset: number;
}

/**
 * Removes the half-plane beyond a straight line: the one operation every grind and repair is made of.
 * The new edge carries `face`. Clipping a polygon by one half-plane (Sutherland and Hodgman 1974); the
 * removed piece is summed on its own, so that a cut of a few µm² is not lost in the area of the blade.
 */
export const cutSection = (section: Section, line: CutLine, face: Face): Cut => {
  const { vertices } = section;
  const { nx, ny, offset } = line;
  const count = vertices.length;
  const outside = new Float64Array(count);
  let reached = false;
  for (let index = 0; index < count; index += 1) {
    const { x, y } = vertices[index]!;
    const distance = nx * x + ny * y - offset;
    outside[index] = distance;
    if (distance > 0) reached = true;
  }
  // Most cuts of a progression miss most sections: nothing is copied for them.
  if (!reached) return { section, removedAreaMm2: 0 };
  const kept: SectionVertex[] = [];
  // Twice the removed area, summed about its first point.
  let twice = 0;
  let points = 0;
  let originX = 0;
  let originY = 0;
  let lastX = 0;
  let lastY = 0;
  const remove = (x: number, y: number): void => {
    if (points === 0) {
      originX = x;
      originY = y;
    } else if (points > 1) {
      twice += (lastX - originX) * (y - originY) - (x - originX) * (lastY - originY);
    }
    lastX = x;
    lastY = y;
    points += 1;
  };
  let a = vertices[count - 1]!;
  let outsideA = outside[count - 1]!;
  for (let index = 0; index < count; index += 1) {
    const b = vertices[index]!;
    const outsideB = outside[index]!;
    if (outsideA > 0 !== outsideB > 0) {
      const t = outsideA / (outsideA - outsideB);
      const x = a.x + (b.x - a.x) * t;
      const y = a.y + (b.y - a.y) * t;
      // Leaving the steel, the new face begins; entering it again, the old face goes on.
      kept.push({ x, y, face: outsideA > 0 ? a.face : face });
      remove(x, y);
    }
    if (outsideB > 0) remove(b.x, b.y);
    else kept.push(b);
    a = b;
    outsideA = outsideB;
  }
  return { section: { vertices: kept }, removedAreaMm2: Math.abs(twice) / 2 };
};
