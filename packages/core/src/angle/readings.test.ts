import fc from 'fast-check';
import {
  combineAngles,
  markerAdvice,
  presentAngleSigmaDeg,
  readAngle,
  type AngleReading,
  type MarkerTrial,
  type ReadAngle,
} from '../index';

const read = (reading: AngleReading, primaryDeg = 3): ReadAngle => {
  const result = readAngle(reading, primaryDeg);
  if (!result.ok) throw new Error(result.error.message);
  return result.value;
};

test('the same edge by every route', () => {
  const shoulder = 0.2;
  const faceMm = shoulder / Math.sin((17 * Math.PI) / 180);
  expect(read({ route: 'bevel', faceMm, behindEdgeMm: 0.4 }).perSideDeg).toBeCloseTo(17, 9);
  const gauge = { route: 'gauge', readingDeg: 20, zeroed: 'the stone', leanDeg: null } as const;
  expect(read({ ...gauge, seat: 'the primary face' }).perSideDeg).toBeCloseTo(17, 9);
  expect(read({ ...gauge, seat: 'parallel flats' }).perSideDeg).toBeCloseTo(20, 9);
  expect(read({ ...gauge, seat: 'the primary face', leanDeg: 1 }).perSideDeg).toBeCloseTo(19, 9);
  const clamped = { ...gauge, readingDeg: 14, zeroed: 'another face' } as const;
  expect(read({ ...clamped, seat: 'the primary face' }).perSideDeg).toBeCloseTo(17, 9);
  expect(read({ route: 'maker', valueDeg: 34, as: 'inclusive' }).perSideDeg).toBe(17);
  const distanceMm = 300;
  const spotMm = distanceMm * Math.tan((34 * Math.PI) / 180);
  expect(read({ route: 'laser', spotMm, distanceMm }).perSideDeg).toBeCloseTo(17, 9);
  const trials: MarkerTrial[] = [
    { angleDeg: 20, seen: 'gone only at the edge' },
    { angleDeg: 14, seen: 'gone only at the shoulder' },
    { angleDeg: 17, seen: 'gone across the bevel' },
  ];
  expect(read({ route: 'marker', trials }).perSideDeg).toBe(17);
});

test('the lift at which a short blade lies flat says its angle, and how little that is worth', () => {
  const lift = { route: 'lift', liftMm: 6.6, heightMm: 26, spineThicknessMm: 3.4 } as const;
  expect(read(lift).perSideDeg).toBeCloseTo(18.4, 1);
  expect(read(lift).sigmaDeg).toBeCloseTo(0.7, 1);
  expect(read({ ...lift, heightMm: 50 }).sigmaDeg).toBeLessThan(0.4);
  const tooHigh = readAngle({ ...lift, liftMm: 40 }, 3);
  expect(tooHigh.ok ? null : tooHigh.error.field).toBe('liftMm');
});

test('uncertainty is carried to first order', () => {
  const at = (faceMm: number, behindEdgeMm: number): number =>
    read({ route: 'bevel', faceMm, behindEdgeMm }).perSideDeg;
  const { sigmaDeg } = read({ route: 'bevel', faceMm: 0.7, behindEdgeMm: 0.42 });
  const byFace = (at(0.7 - 0.03, 0.42) - at(0.7 + 0.03, 0.42)) / 0.06;
  const byBehind = (at(0.7, 0.43) - at(0.7, 0.41)) / 0.02;
  expect(sigmaDeg).toBeCloseTo(Math.hypot(byFace * 0.06, byBehind * 0.02), 1);
  const zeroed = (where: 'the stone' | 'the bench'): number =>
    read({ route: 'gauge', readingDeg: 15, zeroed: where, seat: 'parallel flats', leanDeg: null })
      .sigmaDeg;
  expect(zeroed('the bench')).toBeGreaterThan(zeroed('the stone'));
});

test('marker trials close in on the angle from wherever they begin', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 8, max: 35, noNaN: true }),
      fc.double({ min: 12, max: 30, noNaN: true }),
      (trueDeg, startDeg) => {
        const trials: MarkerTrial[] = [];
        for (let round = 0; round < 25; round += 1) {
          const { nextDeg } = markerAdvice(trials, startDeg);
          if (nextDeg === null) break;
          const off = nextDeg - trueDeg;
          trials.push({
            angleDeg: nextDeg,
            seen:
              Math.abs(off) < 0.4
                ? 'gone across the bevel'
                : off < 0
                  ? 'gone only at the shoulder'
                  : 'gone only at the edge',
          });
        }
        expect(trials.at(-1)!.seen).toBe('gone across the bevel');
        expect(Math.abs(read({ route: 'marker', trials }).perSideDeg - trueDeg)).toBeLessThan(0.41);
      },
    ),
  );
});

test('a twist is told as one, and trials that leave it open are no reading', () => {
  const uneven: MarkerTrial[] = [{ angleDeg: 17, seen: 'uneven along the edge' }];
  expect(markerAdvice(uneven, 20)).toMatchObject({ nextDeg: 17 });
  expect(markerAdvice(uneven, 20).text).toContain('twists');
  const open = readAngle(
    { route: 'marker', trials: [{ angleDeg: 20, seen: 'gone only at the edge' }] },
    3,
  );
  expect(open.ok).toBe(false);
  const impossible = readAngle({ route: 'bevel', faceMm: 0.2, behindEdgeMm: 0.6 }, 3);
  expect(impossible.ok ? null : impossible.error.field).toBe('faceMm');
  const absurd = readAngle(
    { route: 'gauge', readingDeg: -9, zeroed: 'the stone', seat: 'parallel flats', leanDeg: null },
    3,
  );
  expect(absurd.ok ? null : absurd.error.field).toBe('readingDeg');
});

test('readings that agree are weighed; one that does not is named and left out', () => {
  const sure: ReadAngle = { route: 'bevel', perSideDeg: 17, sigmaDeg: 0.5, text: '' };
  const near: ReadAngle = { route: 'gauge', perSideDeg: 18, sigmaDeg: 1, text: '' };
  const agreed = combineAngles([near, sure])!;
  expect(agreed.perSideDeg).toBeCloseTo(17.2, 9);
  expect(agreed.sigmaDeg).toBeCloseTo(1 / Math.sqrt(5), 9);
  expect(agreed.disagreements).toEqual([]);
  const inclusive: ReadAngle = { route: 'maker', perSideDeg: 34, sigmaDeg: 1.5, text: '' };
  const split = combineAngles([inclusive, sure])!;
  expect(split.perSideDeg).toBe(17);
  expect(split.disagreements[0]).toMatchObject({ trust: 'bevel', byDeg: 17 });
  expect(split.disagreements[0]!.text).toContain('per side or inclusive');
  expect(combineAngles([])).toBeNull();
});

test('the present angle is as sure as what it came from', () => {
  const known = { assumed: false, bevelFaceMm: null, behindEdgeMm: 0.4 };
  const sigma = (readings: readonly AngleReading[], part = {}): number =>
    presentAngleSigmaDeg(readings, { ...known, ...part }, 3);
  expect(sigma([], { assumed: true })).toBeGreaterThan(sigma([]));
  expect(sigma([], { bevelFaceMm: 0.7 })).toBeCloseTo(
    read({ route: 'bevel', faceMm: 0.7, behindEdgeMm: 0.4 }).sigmaDeg,
    9,
  );
  const maker = { route: 'maker', valueDeg: 34, as: 'inclusive' } as const;
  expect(sigma([maker])).toBeCloseTo(1.5, 9);
  expect(sigma([maker, maker])).toBeCloseTo(1.5 / Math.sqrt(2), 9);
});
