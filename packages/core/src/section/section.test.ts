import fc from 'fast-check';
import { codeOf, KITCHEN_SECTION, valueOf } from '../../test/blades';
import { cutSection, faceLine, flatGrind, mm, perSide, thicknessAtMm } from '../index';
import { rebevel } from './rebevel';
import { sectionAreaMm2, type CutLine } from './section';
import { thin } from './thin';

const kitchen = valueOf(flatGrind(KITCHEN_SECTION));
const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);

describe('the section of a flat-ground blade', () => {
  test('has the thickness behind the edge at its shoulder and the spine above', () => {
    expect(thicknessAtMm(kitchen.section, kitchen.bevelHeightMm)).toBeCloseTo(0.4, 12);
    expect(thicknessAtMm(kitchen.section, 48)).toBeCloseTo(2.2, 12);
    expect(thicknessAtMm(kitchen.section, 48.1)).toBeNull();
  });

  test('is refused when thicker behind the edge than at the spine', () => {
    expect(codeOf(flatGrind({ ...KITCHEN_SECTION, thicknessBehindEdgeMm: 2.6 }))).toBe(
      'IMPOSSIBLE_BEVEL',
    );
  });

  test('is refused when the grind is higher than the blade, naming the field', () => {
    const refused = flatGrind({ ...KITCHEN_SECTION, grindHeightMm: 50 });
    expect(!refused.ok && refused.error).toMatchObject({
      code: 'INVALID_INPUT',
      field: 'section.grindHeightMm',
    });
  });
});

const anyLine = fc
  .record({
    angle: fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
    offset: fc.double({ min: -2, max: 40, noNaN: true }),
  })
  .map(({ angle, offset }): CutLine => ({ nx: Math.cos(angle), ny: Math.sin(angle), offset }));

const CUT_FACE = { side: 'right', role: 'new bevel' } as const;

const LEFT_FACE = { side: 'left', role: 'new bevel' } as const;

describe('a cut', () => {
  test('never adds steel, and what is left and what is gone make up the whole', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const before = sectionAreaMm2(kitchen.section);
        const cut = cutSection(kitchen.section, line, CUT_FACE);
        expect(cut.removedAreaMm2).toBeGreaterThanOrEqual(0);
        expect(sectionAreaMm2(cut.section) + cut.removedAreaMm2).toBeCloseTo(before, 9);
      }),
    );
  });

  test('made twice takes nothing the second time', () => {
    const line = faceLine('right', perSide(12), 0.1, 0);
    const once = cutSection(kitchen.section, line, CUT_FACE);
    expect(cutSection(once.section, line, CUT_FACE).removedAreaMm2).toBeLessThan(1e-12);
  });

  test('on one side and on the other come to the same in either order', () => {
    const right = faceLine('right', perSide(4), 0.15, 0.6);
    const left = faceLine('left', perSide(3), 0.15, 0.6);
    const a = cutSection(cutSection(kitchen.section, right, CUT_FACE).section, left, LEFT_FACE);
    const b = cutSection(cutSection(kitchen.section, left, LEFT_FACE).section, right, CUT_FACE);
    expect(sectionAreaMm2(a.section)).toBeCloseTo(sectionAreaMm2(b.section), 12);
  });
});

describe('setting a bevel', () => {
  test('at the same angle 0.3 mm higher meets the primary where the closed form says', () => {
    const { shoulderMm: e, bevelHeightMm: b, primaryAngle: phi } = kitchen;
    const c = 0.3;
    const meet = (e - b * tan(phi) + c * tan(15)) / (tan(15) - tan(phi));
    const done = valueOf(rebevel(kitchen, mm(c), perSide(15)));
    expect(done.thicknessBehindEdgeMm).toBeCloseTo(2 * (meet - c) * tan(15), 12);
    expect(done.removedAreaMm2).toBeCloseTo(0.12184532343539639, 12);
    expect(done.heightMm).toBeCloseTo(47.7, 12);
  });

  test('a micro bevel ends inside the old one', () => {
    const done = valueOf(rebevel(kitchen, mm(0.05), perSide(20)));
    const meet = (0.05 * tan(20)) / (tan(20) - tan(15));
    expect(done.bevelHeightMm).toBeCloseTo(meet - 0.05, 12);
    expect(done.removedAreaMm2).toBeCloseTo(0.0025391708024814974, 12);
  });

  test('steeper, with the apex where it was, takes nothing and leaves the old figures', () => {
    const done = valueOf(rebevel(kitchen, mm(0), perSide(20)));
    expect(done).toMatchObject({ removedAreaMm2: 0, thicknessBehindEdgeMm: 0.4, heightMm: 48 });
  });

  test('does not close at the primary’s own angle, nor above the spine', () => {
    expect(codeOf(rebevel(kitchen, mm(0.2), kitchen.primaryAngle))).toBe('CUT_DOES_NOT_CLOSE');
    const stub = valueOf(
      flatGrind({
        heightMm: 20,
        spineThicknessMm: 4,
        grindHeightMm: 20,
        thicknessBehindEdgeMm: 0.4,
        angleDeg: 15,
      }),
    );
    expect(codeOf(rebevel(stub, mm(12), perSide(7)))).toBe('CUT_DOES_NOT_CLOSE');
  });

  test('scaling every length by k scales the area by k²', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        fc.double({ min: 0.02, max: 3, noNaN: true }),
        fc.double({ min: 8, max: 30, noNaN: true }),
        (k, rise, angle) => {
          const scaled = valueOf(
            flatGrind({
              heightMm: 48 * k,
              spineThicknessMm: 2.2 * k,
              grindHeightMm: 48 * k,
              thicknessBehindEdgeMm: 0.4 * k,
              angleDeg: 15,
            }),
          );
          const small = valueOf(rebevel(kitchen, mm(rise), perSide(angle)));
          const large = valueOf(rebevel(scaled, mm(rise * k), perSide(angle)));
          expect(large.removedAreaMm2 / (k * k * small.removedAreaMm2)).toBeCloseTo(1, 8);
        },
      ),
    );
  });

  test('a higher rise never needs less steel', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        (rise, more) => {
          const less = valueOf(rebevel(kitchen, mm(rise), perSide(16)));
          const greater = valueOf(rebevel(kitchen, mm(rise + more), perSide(16)));
          expect(greater.removedAreaMm2).toBeGreaterThan(less.removedAreaMm2);
        },
      ),
    );
  });
});

describe('thinning', () => {
  test('from 0.3 mm above the edge at 3° leaves the thickness the lines say', () => {
    const done = valueOf(thin(kitchen, mm(0.3), perSide(3)));
    expect(done.removedAreaMm2).toBeCloseTo(0.3204660818585352, 10);
    expect(done.upperMeetMm).toBeCloseTo(3.6305600844915156, 10);
    expect(done.thicknessAt(5)).toBeCloseTo(0.5620292074199051, 10);
  });

  test('from above the shoulder meets no steel', () => {
    expect(valueOf(thin(kitchen, mm(1), perSide(3)))).toMatchObject({
      removedAreaMm2: 0,
      upperMeetMm: 1,
    });
  });
});
