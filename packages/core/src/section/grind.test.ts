import fc from 'fast-check';
import { cutSection, flatGrind, type Section } from './index';
import { sectionAreaMm2 } from './section';
import { faceLine } from './cuts';
import { perSide } from '../units';
import { Grinding } from './grind';
import { SPINE } from './face';

const blade = (angleDeg = 15): Section => {
  const made = flatGrind({
    heightMm: 48,
    spineThicknessMm: 2.2,
    grindHeightMm: 48,
    thicknessBehindEdgeMm: 0.4,
    angleDeg,
  });
  if (!made.ok) throw new Error(made.error.message);
  return made.value.section;
};

const areaOf = (points: readonly { readonly x: number; readonly y: number }[]): number =>
  Math.abs(sectionAreaMm2({ vertices: points.map(({ x, y }) => ({ x, y, face: SPINE })) }));

/** The same by a general clipper: the offset of the line is searched until the area is right. */
const clipped = (section: Section, side: 'right' | 'left', angleDeg: number, areaMm2: number) => {
  let low = -60;
  let high = 60;
  let cut = cutSection(section, faceLine(side, perSide(angleDeg), 0, 0), { side, role: 'bevel' });
  for (let turn = 0; turn < 200; turn += 1) {
    const line = { ...faceLine(side, perSide(angleDeg), 0, 0), offset: (low + high) / 2 };
    cut = cutSection(section, line, { side, role: 'bevel' });
    if (cut.removedAreaMm2 > areaMm2) low = line.offset;
    else high = line.offset;
  }
  return cut.section;
};

const strokes = fc.array(
  fc.record({
    side: fc.constantFrom('right' as const, 'left' as const),
    angleDeg: fc.double({ min: 8, max: 35, noNaN: true }),
    areaMm2: fc.double({ min: 1e-5, max: 0.02, noNaN: true }),
  }),
  { minLength: 1, maxLength: 25 },
);

test('strokes agree with a general clipper, stroke by stroke', () => {
  fc.assert(
    fc.property(strokes, (all) => {
      const grinding = new Grinding(blade());
      let section = blade();
      for (const { side, angleDeg, areaMm2 } of all) {
        expect(grinding.stroke(side, angleDeg, areaMm2)).toBe(true);
        section = clipped(section, side, angleDeg, areaMm2);
      }
      const lowest = section.vertices.reduce((low, each) => (each.y < low.y ? each : low));
      const { apexMm } = grinding.look();
      expect(apexMm.yMm).toBeCloseTo(lowest.y, 7);
      expect(apexMm.xMm).toBeCloseTo(lowest.x, 7);
    }),
    { numRuns: 60 },
  );
});

test('exactly what the strokes take is gone, and the section stays convex', () => {
  fc.assert(
    fc.property(strokes, (all) => {
      const grinding = new Grinding(blade());
      for (const { side, angleDeg, areaMm2 } of all) grinding.stroke(side, angleDeg, areaMm2);
      const wanted = all.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
      const points = grinding.outline();
      expect(areaOf(blade().vertices) - areaOf(points)).toBeCloseTo(wanted, 9);
      for (let index = 0; index < points.length; index += 1) {
        const [a, b, c] = [0, 1, 2].map((step) => points[(index + step) % points.length]!);
        const turn = (b!.x - a!.x) * (c!.y - b!.y) - (b!.y - a!.y) * (c!.x - b!.x);
        expect(turn).toBeLessThan(1e-12);
      }
    }),
    { numRuns: 100 },
  );
});

test('many strokes at one angle are one stroke of their sum', () => {
  const one = new Grinding(blade());
  const many = new Grinding(blade());
  one.stroke('right', 17, 0.03);
  for (let stroke = 0; stroke < 300; stroke += 1) many.stroke('right', 17, 0.0001);
  expect(many.look().apexMm.yMm).toBeCloseTo(one.look().apexMm.yMm, 9);
  expect(many.look().facets).toEqual(one.look().facets);
});

test('the right and the left are mirror images', () => {
  const right = new Grinding(blade());
  const left = new Grinding(blade());
  right.stroke('right', 19, 0.01);
  left.stroke('left', 19, 0.01);
  expect(left.look().apexMm.xMm).toBeCloseTo(-right.look().apexMm.xMm, 12);
  expect(left.look().facets).toEqual({ right: 2, left: 3 });
});

test('the spine corner stays: what would take it is refused, and changes nothing', () => {
  const grinding = new Grinding(blade());
  const before = grinding.outline();
  expect(grinding.stroke('left', 10, 200)).toBe(false);
  expect(grinding.stroke('left', 0.5, 0.01)).toBe(false);
  expect(grinding.outline()).toEqual(before);
  expect(grinding.removedAreaMm2).toBe(0);
});
