import type { Section } from '@patient-edge/core';
import { FULL, LENS, sectionLayout, type SectionViewProps } from './section-layout';

/** A wedge 2 mm thick at the spine, 40 mm high, its apex at the origin. */
const WEDGE: Section = {
  vertices: [
    { x: -1, y: 40 },
    { x: 0, y: 0 },
    { x: 1, y: 40 },
  ],
} as unknown as Section;

const view = (part: Partial<SectionViewProps> = {}): SectionViewProps => ({
  original: WEDGE,
  before: WEDGE,
  after: WEDGE,
  heightMm: 40,
  spineMm: 2,
  lensMm: 2,
  apexMm: 0,
  bevelTopMm: 1,
  angleText: [],
  calipersMm: [5, 10, 20],
  label: 'The section',
  ...part,
});

describe('the section on its drawing', () => {
  test('stands whole between edge and spine, one scale both ways', () => {
    const { fx, fy, fullScale } = sectionLayout(view());
    expect(fy(0) - fy(40)).toBeCloseTo(FULL.height, 9);
    expect(fx(1) - fx(-1)).toBeCloseTo(2 * fullScale, 9);
  });

  test('is enlarged in the lens, and all the lens is about stays in it', () => {
    const { lx, ly, times } = sectionLayout(view());
    expect(times).toBeGreaterThan(10);
    expect(ly(0)).toBeLessThan(LENS.top + LENS.height);
    expect(ly(2)).toBeGreaterThan(LENS.top);
    // 0.05 mm half thickness at the top of the lens.
    expect(lx(-0.05)).toBeGreaterThan(LENS.left);
    expect(lx(0.05)).toBeLessThan(LENS.left + LENS.width);
    expect((lx(-0.05) + lx(0.05)) / 2).toBeCloseTo(LENS.left + LENS.width / 2, 6);
  });

  test.each([
    [0.3, 0.05],
    [2, 0.2],
    [12, 2],
    [40, 5],
  ])(
    'with %f mm in the lens the scale bar is a round %f mm, no longer than 60 points',
    (lensMm, bar) => {
      const layout = sectionLayout(view({ lensMm }));
      expect(layout.bar).toBeCloseTo(bar, 9);
      expect(layout.bar * layout.scale).toBeLessThanOrEqual(60);
    },
  );

  test('tells the thickness where a caliper would be set: 5, 10 and 20 mm above the edge', () => {
    const { calipers } = sectionLayout(view());
    expect(calipers.map(({ at }) => at)).toEqual([5, 10, 20]);
    // The wedge grows by a twentieth of its height.
    for (const { at, thickness } of calipers) expect(thickness).toBeCloseTo(at / 20, 6);
  });

  test('leaves out figures that would stand on one another, on a high blade', () => {
    const high = {
      vertices: WEDGE.vertices.map(({ x, y }) => ({ x, y: 6 * y })),
    } as unknown as Section;
    const { calipers } = sectionLayout(
      view({ original: high, before: high, after: high, heightMm: 240 }),
    );
    expect(calipers.map(({ at }) => at)).toEqual([5]);
  });

  test('has a shoulder only where there is a bevel in the lens', () => {
    const { shoulder } = sectionLayout(view());
    expect(shoulder![1] - shoulder![0]).toBeCloseTo(0.05, 4);
    expect(sectionLayout(view({ bevelTopMm: null })).shoulder).toBeNull();
    expect(sectionLayout(view({ bevelTopMm: 30 })).shoulder).toBeNull();
  });
});
