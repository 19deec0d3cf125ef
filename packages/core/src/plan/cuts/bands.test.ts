import fc from 'fast-check';
import { codeOf, KITCHEN_SECTION, valueOf } from '../../../test/blades';
import { flatGrind, thicknessAtMm, topOf } from '../../index';
import { thinningBands, type BandInput } from './bands';
import { BANDS_ABOVE_PRIMARY_DEG, REMNANT_MM } from './first-guesses';
import { faceCut, workStages } from './stages';

const thick = valueOf(flatGrind({ ...KITCHEN_SECTION, thicknessBehindEdgeMm: 0.7, angleDeg: 18 }));
/** A remnant of the old bevel up, measured along it. */
const bevel = (18 * Math.PI) / 180;
const startY = 0.03 + REMNANT_MM * Math.cos(bevel);
const REMNANT_START = { xMm: startY * Math.tan(bevel), yMm: startY };
const input = (part: Partial<BandInput> = {}): BandInput => ({
  section: thick.section,
  apexMm: 0.03,
  primaryDeg: thick.primaryAngle,
  start: REMNANT_START,
  targets: { at5Mm: null, at10Mm: null },
  ...part,
});
const thinned = (part: Partial<BandInput> = {}) => {
  const bands = valueOf(thinningBands(input(part)));
  const cuts = bands.flatMap(({ angleDeg, xMm, yMm }, index) =>
    (['right', 'left'] as const).map((side) =>
      faceCut(side, angleDeg, xMm, yMm, 'band', index + 1),
    ),
  );
  return workStages(thick.section, [{ id: 'thinning', cuts }])[0]!.section;
};

describe('thinning in bands', () => {
  test('falls from a few degrees above the primary towards it', () => {
    const angles = valueOf(thinningBands(input())).map(({ angleDeg }) => angleDeg);
    expect(angles[0]).toBeCloseTo(thick.primaryAngle + BANDS_ABOVE_PRIMARY_DEG[0], 9);
    expect([...angles].sort((a, b) => b - a)).toEqual(angles);
  });

  test('leaves a remnant of the old bevel of a tenth of a millimetre or less', () => {
    const section = thinned();
    const remnantTop = topOf(section, { roles: ['bevel'] })!;
    const along = remnantTop / Math.cos((18 * Math.PI) / 180);
    expect(along - 0.03 / Math.cos((18 * Math.PI) / 180)).toBeCloseTo(REMNANT_MM, 9);
    expect(REMNANT_MM).toBeLessThanOrEqual(0.1);
  });

  test('reaches the thickness asked for at 5 and at 10 mm, exactly', () => {
    const section = thinned({ targets: { at5Mm: 0.5, at10Mm: 0.72 } });
    expect(thicknessAtMm(section, 5.03)).toBeCloseTo(0.5, 9);
    expect(thicknessAtMm(section, 10.03)).toBeCloseTo(0.72, 9);
  });

  test('with only one of them given, the bands fall all the same and reach it', () => {
    for (const targets of [
      { at5Mm: 0.45, at10Mm: null },
      { at5Mm: null, at10Mm: 0.66 },
    ]) {
      const angles = valueOf(thinningBands(input({ targets }))).map(({ angleDeg }) => angleDeg);
      expect([...angles].sort((a, b) => b - a)).toEqual(angles);
      const section = thinned({ targets });
      if (targets.at5Mm !== null) expect(thicknessAtMm(section, 5.03)).toBeCloseTo(0.45, 9);
      if (targets.at10Mm !== null) expect(thicknessAtMm(section, 10.03)).toBeCloseTo(0.66, 9);
    }
  });

  test('never leaves the blade thicker anywhere, and runs out below the spine', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 45, noNaN: true }), (y) => {
        const [before, after] = [thicknessAtMm(thick.section, y)!, thicknessAtMm(thinned(), y)!];
        expect(after).toBeLessThanOrEqual(before + 1e-9);
      }),
    );
    expect(topOf(thinned(), { roles: ['band'] })!).toBeLessThan(KITCHEN_SECTION.heightMm);
  });

  test.each([
    ['thicker than the blade is', { at5Mm: 3, at10Mm: null }, 'choices.thinTo.at5Mm'],
    ['too thin ever to run out', { at5Mm: 0.1, at10Mm: null }, 'choices.thinTo.at5Mm'],
    ['a second band steeper than the first', { at5Mm: 0.4, at10Mm: 0.95 }, 'choices.thinTo.at10Mm'],
  ])('%s is refused beside its field', (_what, targets, field) => {
    const refused = thinningBands(input({ targets }));
    expect(codeOf(refused)).toBe('OUT_OF_RANGE');
    expect(!refused.ok && refused.error.field).toBe(field);
  });
});
