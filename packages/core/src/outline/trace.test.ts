import fc from 'fast-check';
import {
  bladeOutline,
  curveThrough,
  layOut,
  readOutline,
  splitOutline,
  thinned,
  traceOutline,
  usualMeasuresOf,
  type BladePoint,
  type PicturePoint,
  type Scaling,
} from '../index';
import { pictureToMm } from './trace';

const chef = bladeOutline(usualMeasuresOf('chef', 210));
const every = (points: readonly BladePoint[], n: number): BladePoint[] =>
  points.filter((_, index) => index % n === 0 || index === points.length - 1);

/** A camera that looks at the bench aslant: mm of the bench to pixels of its picture. */
const camera =
  (tilt: number, angle: number) =>
  ([z, y]: BladePoint): PicturePoint => {
    const [u, v] = [
      z * Math.cos(angle) - y * Math.sin(angle),
      -z * Math.sin(angle) - y * Math.cos(angle),
    ];
    const w = 1 + tilt * (v + 300) * 1e-3;
    return { x: (1500 + 9 * u) / w, y: (1400 + 9 * v) / w };
  };
const CARD: readonly BladePoint[] = [
  [20, -90],
  [105.6, -90],
  [105.6, -144],
  [20, -144],
];
const byCard = (tilt: number, angle: number): Scaling => ({
  way: 'rectangle',
  corners: CARD.map(camera(tilt, angle)) as [
    PicturePoint,
    PicturePoint,
    PicturePoint,
    PicturePoint,
  ],
  widthMm: 85.6,
  heightMm: 54,
});

test('a blade photographed aslant is measured as if from above, whichever way it lay', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 0.6, noNaN: true }),
      fc.double({ min: -0.5, max: 0.5, noNaN: true }),
      (tilt, angle) => {
        const see = camera(tilt, angle);
        const traced = traceOutline(
          byCard(tilt, angle),
          every(chef.edge, 5).map(see),
          every(chef.spine, 4).map(see),
        );
        if (!traced.ok) throw new Error(traced.error.message);
        const { edgeLengthMm, heightHeelMm, heightMiddleMm } = readOutline(traced.value);
        expect(Math.abs(edgeLengthMm - 210)).toBeLessThan(0.6);
        expect(Math.abs(heightHeelMm - 46)).toBeLessThan(0.6);
        expect(Math.abs(heightMiddleMm - 40)).toBeLessThan(0.6);
      },
    ),
    { numRuns: 60 },
  );
});

test('two points a known distance apart set the scale of a picture taken from above', () => {
  const see = camera(0, 0.2);
  const [a, b] = (
    [
      [0, -60],
      [150, -60],
    ] as BladePoint[]
  ).map(see);
  const traced = traceOutline(
    { way: 'two points', points: [a!, b!], distanceMm: 150 },
    every(chef.edge, 5).map(see),
    every(chef.spine, 5).map(see),
  );
  if (!traced.ok) throw new Error(traced.error.message);
  const read = readOutline(traced.value);
  expect(read.edgeLengthMm).toBeCloseTo(210, 0);
  expect(read.tipRiseMm).toBeCloseTo(0.42 * 46, 0);
  expect(read.turnDeg).toBeGreaterThan(10);
  expect(read.edgeArcMm).toBeGreaterThan(read.edgeLengthMm);
  expect(read.bellyStartMm).toBeGreaterThan(0.38 * 210);
});

test('what cannot be a scale or an outline is refused with the place at fault', () => {
  const at = (x: number, y: number): PicturePoint => ({ x, y });
  const code = (scaling: Scaling): string | undefined => {
    const map = pictureToMm(scaling);
    return map.ok ? undefined : map.error.field;
  };
  expect(code({ way: 'two points', points: [at(5, 5), at(8, 9)], distanceMm: 100 })).toBe('points');
  const crossed = [at(0, 0), at(100, 0), at(0, 60), at(100, 60)] as const;
  expect(code({ way: 'rectangle', corners: [...crossed], widthMm: 86, heightMm: 54 })).toBe(
    'corners',
  );
  const flat = [at(0, 0), at(100, 0), at(200, 0), at(100, 60)] as const;
  expect(code({ way: 'rectangle', corners: [...flat], widthMm: 86, heightMm: 54 })).toBe('corners');
  const straight: BladePoint[] = [
    [0, 0],
    [100, 0],
    [200, 5],
  ];
  const spine: BladePoint[] = [
    [0, 40],
    [200, 20],
  ];
  const field = (edge: BladePoint[], over: BladePoint[]): string | undefined => {
    const laid = layOut(edge, over);
    return laid.ok ? undefined : laid.error.field;
  };
  expect(field(straight, spine)).toBeUndefined();
  expect(field(straight.slice(0, 2), spine)).toBe('edge');
  expect(field(straight, spine.slice(0, 1))).toBe('spine');
  expect(
    field(
      [
        [0, 0],
        [100, 0],
        [80, 5],
        [200, 9],
      ],
      spine,
    ),
  ).toBe('edge');
  expect(
    field(
      [
        [0, 0],
        [100, 0],
        [200, 0],
      ],
      [
        [0, 40],
        [100, -60],
        [200, 40],
      ],
    ),
  ).toBe('spine');
});

test('a closed outline falls into edge and spine, whichever way it was drawn', () => {
  const closed = [...chef.edge, ...[...chef.spine].reverse()];
  const ways = (['lower', 'upper'] as const).flatMap((edge) =>
    (['left', 'right'] as const).map((heel) => ({ edge, heel })),
  );
  for (const way of ways) {
    const drawn = closed.map(([z, y]): BladePoint => [
      way.heel === 'left' ? z : -z,
      way.edge === 'lower' ? y : -y,
    ]);
    const split = splitOutline(drawn, way);
    if (!split.ok) throw new Error(split.error.message);
    const read = readOutline(split.value);
    expect(read.edgeLengthMm).toBeGreaterThan(200);
    expect(read.heightMiddleMm).toBeGreaterThan(35);
  }
});

test('the curve goes through every click, and thinning keeps its ends and its length', () => {
  const clicks = every(chef.edge, 10);
  const curve = curveThrough(clicks);
  for (const click of clicks) {
    expect(Math.min(...curve.map(([z, y]) => Math.hypot(z - click[0], y - click[1])))).toBeLessThan(
      1e-6,
    );
  }
  const few = thinned(curve, 30);
  expect(few).toHaveLength(30);
  expect(few[0]).toEqual(curve[0]);
  expect(few[29]![0]).toBeCloseTo(210, 9);
  expect(
    Math.abs(few[15]![1] - curve[Math.round((15 / 29) * (curve.length - 1))]![1]),
  ).toBeLessThan(1);
});
