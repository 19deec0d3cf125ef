/** Ways of holding the angle, and what comes of them. */
import fc from 'fast-check';
import { valueOf } from '../../test/blades';
import { clampAngles, matchingSlide, mm, perSide, pivotForAngle, type BladePoint } from '../index';
import { normalQuantile } from '../statistics/normal';
import { beltBevel, wheelBevel } from './belt-and-wheel';
import { evenestSlide } from './clamp';
import { convexEdge } from './convex';
import { gaugeAngle, gaugeReading } from './gauge';
import { steadinessOf } from './recording';
import { razorAngle, restingOnSide } from './resting';
import { shimsFor } from './shims';
import { wobbleOf } from './wobble';

const BELLY: BladePoint[] = [
  [-90, 0],
  [-45, 0],
  [0, 0],
  [45, 2],
  [75, 9],
  [95, 20],
];
const PIVOT = { xMm: 50, yMm: 120, zMm: 0 };

describe('a clamp and guide rod', () => {
  test('gives one angle along a straight edge, wherever the clamp', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -200, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (slide, face) => {
          const straight: BladePoint[] = [
            [-80, 0],
            [0, 0],
            [80, 0],
          ];
          expect(clampAngles(straight, PIVOT, face, slide).spreadDeg).toBeLessThan(1e-9);
        },
      ),
    );
  });

  test('at its best place is evener than anywhere else looked at', () => {
    const best = evenestSlide(BELLY, PIVOT, 6, [-40, 40]);
    for (let slide = -40; slide <= 40; slide += 0.5) {
      expect(best.spreadDeg).toBeLessThanOrEqual(
        clampAngles(BELLY, PIVOT, 6, slide).spreadDeg + 1e-9,
      );
    }
  });

  test('finds the place at which the bevel was ground before', () => {
    const before = clampAngles(BELLY, PIVOT, 6, 13.25).angleDeg;
    expect(matchingSlide(BELLY, PIVOT, 6, [-40, 40], before).slideMm).toBeCloseTo(13.25, 3);
  });

  test('its rod is set for each stone’s thickness so that the angle stays', () => {
    for (const thickness of [4, 11, 25]) {
      const xMm = pivotForAngle(perSide(18), 120, thickness);
      const held = clampAngles(
        [
          [-50, 0],
          [50, 0],
        ],
        { xMm, yMm: 120, zMm: 0 },
        thickness,
      );
      expect(held.angleDeg[0]).toBeCloseTo(18, 9);
    }
  });
});

describe('shims', () => {
  test('below and above stand around the angle wanted', () => {
    const { below, above, nearest } = valueOf(shimsFor(mm(48), mm(1.1), perSide(15), mm(1.7)));
    expect(below.angleDeg!).toBeLessThan(15);
    expect(above.angleDeg!).toBeGreaterThan(15);
    expect(nearest).toBe('above');
  });

  test('a count the blade is not high enough for has no angle', () => {
    const { above, nearest } = valueOf(shimsFor(mm(10), mm(1), perSide(80), mm(6)));
    expect(above).toEqual({ count: 2, angleDeg: null });
    expect(nearest).toBe('below');
  });
});

describe('what a blade rests on', () => {
  test('a ridge low on the side, not the spine', () => {
    const { angle, contact, spineGapMm } = restingOnSide([
      [14, 4],
      [35, 4],
    ]);
    expect(angle).toBeCloseTo(15.945395900922854, 9);
    expect(contact).toEqual([14, 4]);
    expect(spineGapMm).toBeGreaterThan(5);
  });

  test('of equal angles the lowest point', () => {
    expect(
      restingOnSide([
        [10, 1],
        [20, 2],
        [40, 4],
      ]).contact,
    ).toEqual([10, 1]);
  });

  test('a razor on its spine; every layer of tape makes it steeper', () => {
    const angles = [0, 1, 2].map((layers) => razorAngle(18.2, 5.1, layers * 0.13));
    expect(angles[0]).toBeCloseTo(7.975785506601496, 9);
    expect(angles[2]! - angles[1]!).toBeCloseTo(angles[1]! - angles[0]!, 2);
  });

  test('a gauge on the face that looks up reads more than the angle by the lean of that face', () => {
    // A blade of 46 by 2.4 mm, flat from the spine, turned about its apex until its centre plane stands at 15°.
    const turn = (x: number, y: number): [number, number] => {
      const rad = (15 * Math.PI) / 180;
      return [y * Math.cos(rad) - x * Math.sin(rad), y * Math.sin(rad) + x * Math.cos(rad)];
    };
    const degrees = ([along, up]: [number, number]): number =>
      (Math.atan2(up, along) * 180) / Math.PI;
    const lean = (Math.atan2(1.2, 46) * 180) / Math.PI;
    const reading = degrees(turn(1.2, 46));
    expect(reading).toBeCloseTo(15 + lean, 9);
    expect(gaugeAngle(reading, 0, lean)).toBeCloseTo(15, 9);
    expect(gaugeReading(15, lean)).toBeCloseTo(reading, 9);
    // Clamped, zeroed on that face, and read on the stone that lies along the bevel on the same side.
    const stone = degrees(turn(46 * Math.tan((15 * Math.PI) / 180), 46));
    expect(gaugeAngle(stone - reading, 0, -lean)).toBeCloseTo(15, 9);
    expect(gaugeAngle(16.4, 0.3, 1.1)).toBeCloseTo(15, 12);
  });
});

describe('belts, wheels and convex edges', () => {
  test('a belt makes the apex steeper by as much as the shoulder lower', () => {
    const { apexAngle, shoulderAngle } = beltBevel(mm(1.8), mm(90), perSide(19));
    expect((apexAngle + shoulderAngle) / 2).toBeCloseTo(19, 12);
    expect(apexAngle).toBeGreaterThan(19);
  });

  test('a wheel so large that it is flat changes nothing', () => {
    const { apexAngle, hollowDepthMm } = valueOf(wheelBevel(mm(2), mm(1e7), perSide(20)));
    expect(apexAngle).toBeCloseTo(20, 4);
    expect(hollowDepthMm).toBeLessThan(1e-6);
  });

  test('the facets of a convex edge add up to its height and its half thickness', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 20, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.integer({ min: 2, max: 12 }),
        (alpha, more, count) => {
          const edge = valueOf(convexEdge(mm(1), perSide(alpha), perSide(alpha + more), count));
          const sum = (part: (radians: number) => number): number =>
            edge.facets.reduce(
              (total, { angle, widthMm }) => total + widthMm * part((angle * Math.PI) / 180),
              0,
            );
          expect(sum(Math.sin)).toBeCloseTo(1, 9);
          expect(sum(Math.cos)).toBeCloseTo(edge.bevelHeightMm, 9);
        },
      ),
    );
  });
});

describe('unsteady hands', () => {
  test('a steady hand leaves its own angle', () => {
    expect(wobbleOf([15, 15, 15])).toMatchObject({ mean: 15, sdDeg: 0, apex: 15, shoulder: 15 });
  });

  test('a recording shows its drift and which zone wanders', () => {
    const strokes = Array.from({ length: 20 }, (_, index) => ({
      angleDeg: 15 + 0.1 * index + (index % 2 === 0 ? 0 : 0.8) * (index >= 10 ? 1 : 0),
      zone: index < 10 ? ('heel' as const) : ('tip' as const),
    }));
    const { driftDegPerStroke, byZone } = steadinessOf(strokes);
    expect(driftDegPerStroke).toBeGreaterThan(0.1);
    expect(byZone.tip!.sdDeg).toBeGreaterThan(byZone.heel!.sdDeg);
    expect(byZone.middle).toBeUndefined();
  });

  test.each([
    [0.5, 0],
    [0.975, 1.959963984540054],
    [0.025, -1.959963984540054],
    [1e-10, -6.361340902404056],
  ])('the normal quantile of %d is %d', (p, value) =>
    expect(normalQuantile(p)).toBeCloseTo(value, 9),
  );
});
