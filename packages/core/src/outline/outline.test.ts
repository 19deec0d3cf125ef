import fc from 'fast-check';
import { valueOf } from '../../test/blades';
import { angleAtFixedLift, perSide, repairOutline, type BladePoint } from '../index';
import { stationsAlongEdge } from './stations';

const BELLIED: BladePoint[] = [
  [0, 0],
  [40, 0],
  [80, 0],
  [110, 1],
  [140, 4],
  [165, 9],
  [185, 16],
  [195, 22],
];

const secondDifferences = (edge: readonly BladePoint[]): number[] =>
  edge.slice(1, -1).map((_, index) => {
    const [a, b, c] = [edge[index]!, edge[index + 1]!, edge[index + 2]!];
    return (c[1] - b[1]) / (c[0] - b[0]) - (b[1] - a[1]) / (b[0] - a[0]);
  });

describe('stations along the edge', () => {
  const curves = {
    edge: [
      [0, 0],
      [80, 0],
      [130, 2],
      [170, 9],
      [195, 21],
      [205, 31],
    ] as BladePoint[],
    spine: [
      [-5, 48],
      [120, 44],
      [205, 31],
    ] as BladePoint[],
    thickness: [
      [0, 2.4],
      [120, 1.8],
      [205, 0.6],
    ] as BladePoint[],
  };
  const stations = stationsAlongEdge(curves, perSide(15), 7);

  test('a straight heel has its full height and the lift for it', () => {
    expect(stations[0]).toMatchObject({ sMm: 0, turnDeg: 0 });
    expect(stations[0]!.heightMm).toBeCloseTo(47.84, 9);
    expect(stations[0]!.liftMm).toBeCloseTo(11.22279212615771, 9);
  });

  test('on the belly the handle swings with the edge and the lift falls', () => {
    expect(stations[3]!.turnDeg).toBeCloseTo(2.2906100426385296, 9);
    expect(stations[4]!.liftMm!).toBeLessThan(stations[3]!.liftMm!);
  });

  test('the tip has no height and cannot be held by lift', () => {
    expect(stations[6]).toMatchObject({ heightMm: 0, restingAngleDeg: 90, liftMm: null });
  });

  test('one lift held along the whole edge is steeper where the blade is lower', () => {
    const held = stations.slice(0, 6).map((station) => angleAtFixedLift(station, 8));
    expect(held[5]!).toBeGreaterThan(held[0]!);
  });
});

describe('restoring the outline', () => {
  const repair = (
    damage: { fromMm: number; toMm: number; depthMm: number }[],
    allowRecurve = false,
  ) => valueOf(repairOutline(BELLIED, damage, allowRecurve));

  test('a chip in the straight part brings the whole straight up', () => {
    const done = repair([{ fromMm: 35, toMm: 45, depthMm: 0.8 }]);
    expect(done.removedAreaMm2).toBeCloseTo(76, 6);
    expect(done.joint).toEqual({ depthMm: 0.8, removedAreaMm2: 156 });
  });

  test('a chip on the belly is blended locally', () => {
    expect(repair([{ fromMm: 138, toMm: 142, depthMm: 0.8 }]).removedAreaMm2).toBeCloseTo(22, 6);
  });

  test('a blade that is allowed a recurve loses only the chip', () => {
    expect(repair([{ fromMm: 35, toMm: 45, depthMm: 0.8 }], true).removedAreaMm2).toBeCloseTo(
      32,
      9,
    );
  });

  test('an undamaged edge is left alone', () => {
    expect(repair([])).toMatchObject({ removedAreaMm2: 0, maxDepthMm: 0 });
  });

  test('any damage: it is out, no hollow is left, and jointing is never cheaper', () => {
    const damage = fc.array(
      fc
        .record({
          fromMm: fc.integer({ min: 0, max: 190 }),
          run: fc.integer({ min: 1, max: 30 }),
          depth: fc.integer({ min: 1, max: 15 }),
        })
        .map(({ fromMm, run, depth }) => ({ fromMm, toMm: fromMm + run, depthMm: depth / 10 })),
      { minLength: 1, maxLength: 4 },
    );
    fc.assert(
      fc.property(damage, (found) => {
        const done = repair(found);
        const deepest = Math.max(...found.map(({ depthMm }) => depthMm));
        BELLIED.forEach(([z], index) => {
          const wanted = Math.max(
            0,
            ...found
              .filter(({ fromMm, toMm }) => z >= fromMm && z <= toMm)
              .map(({ depthMm }) => depthMm),
          );
          expect(done.depthMm[index]!).toBeGreaterThanOrEqual(wanted - 1e-9);
          expect(done.depthMm[index]!).toBeLessThanOrEqual(deepest + 1e-9);
        });
        const restored = BELLIED.map(([z, y], index): BladePoint => [z, y + done.depthMm[index]!]);
        const before = secondDifferences(BELLIED);
        secondDifferences(restored).forEach((bend, index) =>
          expect(bend).toBeGreaterThanOrEqual(Math.min(0, before[index]!) - 1e-7),
        );
        expect(done.removedAreaMm2).toBeLessThanOrEqual(done.joint.removedAreaMm2 + 1e-7);
      }),
      { numRuns: 60 },
    );
  });
});
