import fc from 'fast-check';
import { cropped, glintsAlong, scratchEvenness, scratchPattern, type GreyPicture } from '../index';

/** Noise that is the same every time. */
const noiseOf = (seed: number) => {
  let state = seed;
  return (): number => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return (2 * state) / 2_147_483_648 - 1;
  };
};
const drawn = (
  widthPx: number,
  heightPx: number,
  at: (x: number, y: number) => number,
): GreyPicture => {
  const values = new Float32Array(widthPx * heightPx);
  for (let y = 0; y < heightPx; y += 1)
    for (let x = 0; x < widthPx; x += 1)
      values[y * widthPx + x] = Math.min(1, Math.max(0, at(x, y)));
  return { widthPx, heightPx, values };
};

/** Scratches in a direction as it is seen, so many pixels apart. */
const scratched = (
  directionDeg: number,
  spacingPx: number,
  noise: number,
  seed = 7,
  widthPx = 400,
): GreyPicture => {
  const rad = (directionDeg * Math.PI) / 180;
  const next = noiseOf(seed);
  // Across them, y downwards.
  const [cos, sin] = [Math.sin(rad), Math.cos(rad)];
  return drawn(
    widthPx,
    200,
    (x, y) =>
      0.5 + 0.25 * Math.sin((2 * Math.PI * (x * cos + y * sin)) / spacingPx) + noise * next(),
  );
};
const SIXTY_TWO = (62 * Math.PI) / 180;
const scratchedAt = (x: number, y: number): number =>
  0.5 + 0.25 * Math.sin((2 * Math.PI * (x * Math.sin(SIXTY_TWO) + y * Math.cos(SIXTY_TWO))) / 16);
const between = (a: number, b: number): number => {
  const turned = Math.abs(a - b) % 180;
  return Math.min(turned, 180 - turned);
};

test('scratches drawn at any angle and spacing are read as they were drawn', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 179 }),
      fc.double({ min: 5, max: 20, noNaN: true }),
      fc.double({ min: 0, max: 0.08, noNaN: true }),
      (directionDeg, spacingPx, noise) => {
        const read = scratchPattern(scratched(directionDeg, spacingPx, noise));
        expect(between(read.directionDeg, directionDeg)).toBeLessThan(2);
        expect(read.spacingPx).not.toBeNull();
        expect(Math.abs(read.spacingPx! / spacingPx - 1)).toBeLessThan(0.12);
        expect(read.following).toBeGreaterThan(0.4);
      },
    ),
    { numRuns: 12 },
  );
});

test('only what lies between two corners is read', () => {
  const framed = drawn(500, 300, (x, y) =>
    x > 40 && x < 460 && y > 60 && y < 260 ? scratchedAt(x, y) : 0,
  );
  const read = scratchPattern(cropped(framed, { x: 455, y: 255 }, { x: 45, y: 65 }));
  expect(between(read.directionDeg, 62)).toBeLessThan(2);
  expect(read.spacingPx! / 16).toBeCloseTo(1, 0);
  expect(cropped(framed, { x: 10, y: 10 }, { x: 10, y: 200 })).toBe(framed);
});

test('noise has no direction to follow and no spacing', () => {
  const next = noiseOf(3);
  const read = scratchPattern(drawn(400, 200, () => 0.5 + 0.4 * next()));
  expect(read.following).toBeLessThan(0.1);
  expect(read.spacingPx).toBeNull();
  expect(scratchPattern(drawn(200, 200, () => 0.5)).following).toBe(0);
});

test('where the scratches turn, or are coarser, is told; where they are even, nothing is', () => {
  const even = scratched(60, 8, 0.03, 1, 800);
  expect(scratchEvenness(even).parts.map(({ isUneven }) => isUneven)).toEqual([
    false,
    false,
    false,
    false,
  ]);
  const turned = scratched(95, 8, 0.03, 2, 800);
  const coarse = scratched(60, 17, 0.03, 3, 800);
  const atTip = (other: GreyPicture): GreyPicture =>
    drawn(800, 200, (x, y) => (x < 600 ? even : other).values[y * 800 + x]!);
  for (const other of [turned, coarse])
    expect(scratchEvenness(atTip(other)).parts.map(({ isUneven }) => isUneven)).toEqual([
      false,
      false,
      false,
      true,
    ]);
});

/** A dark edge that sweeps across a bright table, with light coming back from parts of it. */
const edgeAt = (x: number): number => 100 + 40 * Math.sin(x / 200);
const lit = (glints: readonly (readonly [number, number])[], noise: number): GreyPicture => {
  const next = noiseOf(11);
  return drawn(600, 240, (x, y) => {
    const isEdge = Math.abs(y - edgeAt(x)) < 4;
    const isGlint =
      isEdge && Math.abs(y - edgeAt(x)) < 1.5 && glints.some(([from, to]) => x >= from && x <= to);
    return (isGlint ? 0.85 : isEdge ? 0.12 : 0.18) + noise * next();
  });
};
const line = Array.from({ length: 61 }, (_, index) => ({
  x: index * 10 - (index === 60 ? 1 : 0),
  y: edgeAt(index * 10),
}));

test('glints are found and placed along the edge, clicked a little beside it', () => {
  const beside = line.map(({ x, y }) => ({ x, y: y + 2 }));
  const found = glintsAlong(
    lit(
      [
        [120, 150],
        [400, 412],
      ],
      0.03,
    ),
    beside,
    180,
  );
  expect(found).toHaveLength(2);
  // Along the curve the edge is a little longer than across the picture: within two per cent of the blade.
  expect(Math.abs(found[0]!.fromMm - 36)).toBeLessThan(3.6);
  expect(Math.abs(found[0]!.toMm - 45)).toBeLessThan(3.6);
  expect(Math.abs(found[1]!.fromMm - 120)).toBeLessThan(3.6);
});

test('a dark edge has none, and a speck of dust is none', () => {
  expect(glintsAlong(lit([], 0.04), line, 180)).toEqual([]);
  expect(glintsAlong(lit([[300, 300]], 0.02), line, 180)).toEqual([]);
  expect(glintsAlong(lit([], 0), [], 180)).toEqual([]);
});
