import { codeOf, valueOf } from '../../test/blades';
import {
  convexSide,
  cutSection,
  faceLine,
  perSide,
  sectionFromSides,
  setBevels,
  thicknessAtMm,
} from '../index';
import { hollowChordMm } from '../one-sided/hollow-back';
import { flatSide, hollowBackSide, hollowSide, parallelSide, type SideMeasures } from './grinds';
import { sectionAreaMm2 } from './section';

const side: SideMeasures = {
  heightMm: 40,
  spineOffsetMm: 1.5,
  shoulderMm: 0.25,
  angle: perSide(16),
};
const flat = valueOf(flatSide(side, 30));
const bevelHeight = 0.25 / Math.tan((16 * Math.PI) / 180);

/** Area between a chord of that length and its arc of radius R. */
const segmentArea = (radius: number, chord: number): number => {
  const angle = 2 * Math.asin(chord / (2 * radius));
  return (radius * radius * (angle - Math.sin(angle))) / 2;
};
const chordOf = (grindHeight: number): number => Math.hypot(1.5 - 0.25, grindHeight - bevelHeight);

describe('grinds', () => {
  test('a hollow ground side has less steel than a flat one by the segment of its wheel', () => {
    const hollow = valueOf(hollowSide(side, 30, 150));
    const difference =
      sectionAreaMm2(sectionFromSides(flat, flat)) -
      sectionAreaMm2(sectionFromSides(hollow, hollow));
    expect(difference / (2 * segmentArea(150, chordOf(30)))).toBeCloseTo(1, 2);
  });

  test('a convex side has as much more', () => {
    const convex = valueOf(convexSide(side, 30, 300));
    const difference =
      sectionAreaMm2(sectionFromSides(convex, convex)) -
      sectionAreaMm2(sectionFromSides(flat, flat));
    expect(difference / (2 * segmentArea(300, chordOf(30)))).toBeCloseTo(1, 2);
  });

  test('curves stand no more than a micrometre off their arc', () => {
    const points = valueOf(convexSide(side, 30, 300)).filter(({ face }) => face === 'primary');
    points.slice(1).forEach((point, index) => {
      const before = points[index]!;
      const chord = Math.hypot(point.xMm - before.xMm, point.yMm - before.yMm);
      expect(300 - Math.sqrt(300 ** 2 - (chord / 2) ** 2)).toBeLessThanOrEqual(0.001 + 1e-12);
    });
  });

  test('a parallel blade is as thick at the spine as at its shoulder', () => {
    const parallel = valueOf(parallelSide({ heightMm: 30, shoulderMm: 0.6, angle: perSide(20) }));
    const section = sectionFromSides(parallel, parallel);
    expect(thicknessAtMm(section, 5)).toBeCloseTo(1.2, 12);
    expect(thicknessAtMm(section, 30)).toBeCloseTo(1.2, 12);
  });

  test('a hollow back is thinnest half way up its hollow', () => {
    const front = valueOf(parallelSide({ heightMm: 40, shoulderMm: 3, angle: perSide(13) }));
    const back = valueOf(hollowBackSide(40, 0.8, 300, 0.35));
    const section = sectionFromSides(front, back);
    const middle = 0.8 + hollowChordMm(300, 0.35) / 2;
    expect(thicknessAtMm(section, middle)).toBeCloseTo(3 - 0.35, 2);
    expect(thicknessAtMm(section, 39)).toBeCloseTo(3, 12);
  });

  test('flattening the back takes steel until the hollow is gone, and never more than its depth', () => {
    const front = valueOf(parallelSide({ heightMm: 40, shoulderMm: 3, angle: perSide(13) }));
    const back = valueOf(hollowBackSide(40, 0.8, 300, 0.35));
    const flattened = cutSection(
      sectionFromSides(front, back),
      { nx: -1, ny: 0, offset: -0.35 },
      { side: 'left', role: 'back' },
    );
    const solid = cutSection(
      sectionFromSides(
        front,
        valueOf(parallelSide({ heightMm: 40, shoulderMm: 1e-9, angle: perSide(13) })),
      ),
      { nx: -1, ny: 0, offset: -0.35 },
      { side: 'left', role: 'back' },
    );
    expect(sectionAreaMm2(flattened.section)).toBeCloseTo(sectionAreaMm2(solid.section), 3);
  });

  test.each([
    ['a shoulder beyond the spine', flatSide({ ...side, shoulderMm: 2 }, 30), 'IMPOSSIBLE_BEVEL'],
    ['a grind higher than the blade', flatSide(side, 41), 'INVALID_INPUT'],
    ['a bevel higher than its grind', flatSide(side, 0.5), 'IMPOSSIBLE_BEVEL'],
    ['a wheel too small for its grind', hollowSide(side, 30, 10), 'IMPOSSIBLE_BEVEL'],
    ['a hollow wider than the back', hollowBackSide(20, 1, 300, 1), 'IMPOSSIBLE_BEVEL'],
  ])('refuses %s', (_what, result, code) => expect(codeOf(result)).toBe(code));
});

describe('bevels of their own on each side', () => {
  const section = sectionFromSides(flat, flat);

  test('an uneven edge has its angles, and the steeper side the narrower bevel', () => {
    const done = valueOf(setBevels(section, 0.2, { right: perSide(20), left: perSide(12) }));
    expect(done.right!.widthMm).toBeLessThan(done.left!.widthMm);
    const slope = Math.atan2(done.right!.topXMm, done.right!.topYMm - 0.2);
    expect((slope * 180) / Math.PI).toBeCloseTo(20, 9);
  });

  test('alike on both sides they are the same as ever', () => {
    const even = valueOf(setBevels(section, 0.2, { right: perSide(16), left: perSide(16) }));
    expect(even.right!.widthMm).toBeCloseTo(even.left!.widthMm, 12);
    expect(even.thicknessBehindEdgeMm).toBeCloseTo(2 * even.right!.topXMm, 12);
  });

  test('on one side alone the other stays', () => {
    const oneSided = sectionFromSides(
      valueOf(parallelSide({ heightMm: 40, shoulderMm: 3, angle: perSide(13) })),
      valueOf(hollowBackSide(40, 0.8, 300, 0.35)),
    );
    const done = valueOf(setBevels(oneSided, 0.1, { right: perSide(13), left: null }));
    expect(done.left).toBeNull();
    expect(done.right!.topYMm).toBeCloseTo(3 / Math.tan((13 * Math.PI) / 180) + 0.1, 9);
  });

  test('a bevel that would come out above the spine does not close', () => {
    expect(codeOf(setBevels(section, 0.2, { right: perSide(0.5), left: perSide(0.5) }))).toBe(
      'CUT_DOES_NOT_CLOSE',
    );
  });

  test('a micro bevel on a convex side meets it where the line says', () => {
    const convex = valueOf(convexSide(side, 30, 300));
    const before = sectionFromSides(convex, convex);
    const line = faceLine('right', perSide(22), 0, 0.05);
    const cut = cutSection(before, line, { side: 'right', role: 'micro bevel' });
    expect(cut.removedAreaMm2).toBeGreaterThan(0);
    expect(cut.removedAreaMm2).toBeLessThan(0.01);
  });
});
