/**
 * What strokes did to a section: each takes an area of steel by a straight cut at the angle it was held at. The section is
 * convex and stays so, so that a cut only ever eats the vertices about the one it touches first: a stroke costs what it
 * removes, not the whole outline.
 */
import { sectionExtent, type Section } from './section';
import type { Side } from './face';

export interface GroundSection {
  readonly apexMm: { readonly xMm: number; readonly yMm: number };
  /** Of the face that leaves the apex, to the centre plane. */
  readonly anglesAtApexDeg: Readonly<Record<Side, number>>;
  /** Faces from the apex up to the spine corner. */
  readonly facets: Readonly<Record<Side, number>>;
}

/** One side from its spine corner (first) down to the apex (last); x outward from the centre plane, negative beyond it. */
interface Chain {
  x: Float64Array;
  y: Float64Array;
  count: number;
}

/** Two points closer than this are one, mm. */
const SAME_MM = 1e-12;
/** Two faces are one where they turn by less than this, rad. */
const STRAIGHT_RAD = 1e-9;
const FIRST_ROOM = 64;

const chainOf = (points: readonly (readonly [number, number])[]): Chain => {
  const room = Math.max(FIRST_ROOM, 2 * points.length);
  const chain = { x: new Float64Array(room), y: new Float64Array(room), count: points.length };
  points.forEach(([x, y], index) => {
    chain.x[index] = x;
    chain.y[index] = y;
  });
  return chain;
};

const withRoom = (chain: Chain, count: number): void => {
  if (chain.x.length >= count) return;
  for (const axis of ['x', 'y'] as const) {
    const larger = new Float64Array(2 * count);
    larger.set(chain[axis]);
    chain[axis] = larger;
  }
};

/** Puts a point at the apex end, unless one stands there already. */
const push = (chain: Chain, x: number, y: number): void => {
  const last = chain.count - 1;
  if (Math.abs(chain.x[last]! - x) <= SAME_MM && Math.abs(chain.y[last]! - y) <= SAME_MM) return;
  withRoom(chain, chain.count + 1);
  chain.x[chain.count] = x;
  chain.y[chain.count] = y;
  chain.count += 1;
};

/** A section under strokes. Made once, changed by every stroke: what it looks like is asked when it is wanted. */
export class Grinding {
  private readonly right: Chain;
  private readonly left: Chain;
  private readonly spineMm: number;
  private removed = 0;
  /** Below the cut on its own side, held while the chain is written anew. */
  private tailX = new Float64Array(FIRST_ROOM);
  private tailY = new Float64Array(FIRST_ROOM);

  /** The outline of a two-sided blade as `sectionFromSides` gives it: convex, its spine flat. */
  constructor({ vertices }: Section) {
    const { spineMm } = sectionExtent({ vertices });
    const apex = vertices[0]!;
    const corner = vertices.findIndex(({ face }) => face.role === 'spine');
    const side = (points: typeof vertices, mirror: 1 | -1): Chain =>
      chainOf([...points].reverse().map(({ x, y }) => [mirror * x, y] as const));
    this.right = side(vertices.slice(0, corner + 1), 1);
    this.left = side([apex, ...vertices.slice(corner + 1).reverse()], -1);
    this.spineMm = spineMm;
  }

  get removedAreaMm2(): number {
    return this.removed;
  }

  /**
   * Takes an area by a straight cut at an angle to the centre plane, 0 to 90° exclusive. False, and nothing changed, where
   * the spine corner of that side would have to go.
   */
  stroke(side: Side, angleDeg: number, areaMm2: number): boolean {
    if (areaMm2 <= 0) return true;
    const own = side === 'right' ? this.right : this.left;
    const other = side === 'right' ? this.left : this.right;
    const theta = (angleDeg * Math.PI) / 180;
    const c = Math.cos(theta);
    const s = Math.sin(theta);
    // How far a point stands out against the cut, on its own side and on the other.
    const out = (x: number, y: number): number => x * c - y * s;
    // The vertex that is touched first.
    let up = own.count - 1;
    while (up > 0 && out(own.x[up - 1]!, own.y[up - 1]!) > out(own.x[up]!, own.y[up]!)) up -= 1;
    let level = out(own.x[up]!, own.y[up]!);
    let ux = own.x[up]!;
    let uy = own.y[up]!;
    let dx = ux;
    let dy = uy;
    // The next vertices the cut comes to: above it, and below it on this side, then beyond the apex.
    let down = up + 1;
    let beyond = -1;
    if (down >= own.count) beyond = other.count - 2;
    up -= 1;
    let chord = 0;
    let left = areaMm2;
    for (;;) {
      if (up < 0) return false;
      const isBeyond = down >= own.count;
      if (isBeyond && beyond < 0) return false;
      const upX = own.x[up]!;
      const upY = own.y[up]!;
      const downX = isBeyond ? -other.x[beyond]! : own.x[down]!;
      const downY = isBeyond ? other.y[beyond]! : own.y[down]!;
      const upLevel = out(upX, upY);
      const downLevel = out(downX, downY);
      const target = Math.max(upLevel, downLevel);
      const height = level - target;
      const upShare = level > upLevel ? height / (level - upLevel) : 1;
      const downShare = level > downLevel ? height / (level - downLevel) : 1;
      const nextUx = ux + (upX - ux) * upShare;
      const nextUy = uy + (upY - uy) * upShare;
      const nextDx = dx + (downX - dx) * downShare;
      const nextDy = dy + (downY - dy) * downShare;
      const nextChord = (nextUx - nextDx) * s + (nextUy - nextDy) * c;
      const slab = ((chord + nextChord) / 2) * height;
      if (slab >= left) {
        // Within this slab the chord grows evenly: area = chord·h + growth·h²/2.
        const growth = (nextChord - chord) / height;
        const h = (2 * left) / (chord + Math.sqrt(chord * chord + 2 * growth * left));
        const share = Math.min(1, h / height);
        ux += (nextUx - ux) * share;
        uy += (nextUy - uy) * share;
        dx += (nextDx - dx) * share;
        dy += (nextDy - dy) * share;
        break;
      }
      left -= slab;
      level = target;
      chord = nextChord;
      ux = nextUx;
      uy = nextUy;
      dx = nextDx;
      dy = nextDy;
      if (upLevel >= downLevel) up -= 1;
      else if (isBeyond) beyond -= 1;
      else {
        down += 1;
        if (down >= own.count) beyond = other.count - 2;
      }
    }
    this.removed += areaMm2;
    this.write(own, other, { up, down, beyond, ux, uy, dx, dy });
    return true;
  }

  private write(
    own: Chain,
    other: Chain,
    cut: {
      readonly up: number;
      readonly down: number;
      readonly beyond: number;
      readonly ux: number;
      readonly uy: number;
      readonly dx: number;
      readonly dy: number;
    },
  ): void {
    const below = own.count - cut.down;
    if (below <= 0) {
      // The cut runs out beyond the apex: where it ends is the new one.
      own.count = cut.up + 1;
      push(own, cut.ux, cut.uy);
      push(own, cut.dx, cut.dy);
      other.count = cut.beyond + 1;
      push(other, -cut.dx, cut.dy);
      return;
    }
    if (this.tailX.length < below) {
      this.tailX = new Float64Array(2 * below);
      this.tailY = new Float64Array(2 * below);
    }
    this.tailX.set(own.x.subarray(cut.down, own.count));
    this.tailY.set(own.y.subarray(cut.down, own.count));
    own.count = cut.up + 1;
    push(own, cut.ux, cut.uy);
    push(own, cut.dx, cut.dy);
    for (let index = 0; index < below; index += 1)
      push(own, this.tailX[index]!, this.tailY[index]!);
  }

  /** Where its apex is now, the faces that meet there, and how many there are. */
  look(): GroundSection {
    const { right } = this;
    const apex = right.count - 1;
    return {
      apexMm: { xMm: right.x[apex]!, yMm: right.y[apex]! },
      anglesAtApexDeg: { right: angleAtApex(right), left: angleAtApex(this.left) },
      facets: { right: facetsOf(right), left: facetsOf(this.left) },
    };
  }

  /** Full thickness so high above the apex as it is now, mm; null above the spine. */
  thicknessAboveApexMm(heightMm: number): number | null {
    const y = this.right.y[this.right.count - 1]! + heightMm;
    if (y > this.spineMm) return null;
    return reachAt(this.right, y) + reachAt(this.left, y);
  }

  /** The outline from the spine corner on the right, by the apex, to the one on the left, mm. */
  outline(): readonly { readonly x: number; readonly y: number }[] {
    const down = Array.from({ length: this.right.count }, (_, index) => ({
      x: this.right.x[index]!,
      y: this.right.y[index]!,
    }));
    const { count } = this.left;
    const up = Array.from({ length: count - 1 }, (_, index) => ({
      x: -this.left.x[count - 2 - index]!,
      y: this.left.y[count - 2 - index]!,
    }));
    return [...down, ...up];
  }
}

const directionAt = ({ x, y }: Chain, upper: number): number =>
  Math.atan2(x[upper]! - x[upper + 1]!, y[upper]! - y[upper + 1]!);

const angleAtApex = (chain: Chain): number => (directionAt(chain, chain.count - 2) * 180) / Math.PI;

const facetsOf = (chain: Chain): number => {
  let facets = 0;
  let before = NaN;
  for (let upper = chain.count - 2; upper >= 0; upper -= 1) {
    const direction = directionAt(chain, upper);
    if (!(Math.abs(direction - before) < STRAIGHT_RAD)) facets += 1;
    before = direction;
  }
  return facets;
};

/** How far one side reaches from the centre plane at a height. */
const reachAt = ({ x, y, count }: Chain, at: number): number => {
  let upper = count - 2;
  while (upper > 0 && y[upper]! < at) upper -= 1;
  const rise = y[upper]! - y[upper + 1]!;
  const share = rise > 0 ? (at - y[upper + 1]!) / rise : 0;
  return x[upper + 1]! + (x[upper]! - x[upper + 1]!) * share;
};
