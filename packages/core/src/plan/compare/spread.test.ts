import { CHEF, planInput, valueOf } from '../../../test/blades';
import {
  DEFAULT_CHOICES,
  MEASURE_FIELDS,
  planBlade,
  planSpread,
  type HowKnown,
  type MeasuredWith,
  type PlanInput,
  type PlanSpread,
} from '../../index';

const known = (how: MeasuredWith, angleSigmaDeg = 0.5): HowKnown => ({
  measuredWith: Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, how]),
  ) as HowKnown['measuredWith'],
  angleSigmaDeg,
});
const spreadOf = (input: PlanInput, how: HowKnown): PlanSpread => valueOf(planSpread(input, how));
const width = ([low, high]: readonly [number, number]): number => high - low;

const measuredAngle = planInput({
  measures: { ...CHEF, bevelFaceMm: null, presentAnglePerSideDeg: 17 },
});

describe('what the measures leave open', () => {
  test('lies about what the plan says', () => {
    const input = planInput();
    const { figures } = valueOf(planBlade(input)).report;
    const spread = spreadOf(input, known('caliper'));
    for (const [[low, high], { value }] of [
      [spread.steelMm3, figures.steelLost],
      [spread.heightMm, figures.heightLost],
      [spread.behindEdgeMm, figures.behindEdgeAfter],
      [spread.workingS, figures.workingTime],
    ] as const) {
      expect(low).toBeLessThanOrEqual(value);
      expect(high).toBeGreaterThanOrEqual(value);
    }
  });

  test('is less the better the tool', () => {
    const by = (how: MeasuredWith): number => width(spreadOf(planInput(), known(how)).behindEdgeMm);
    expect(by('micrometer')).toBeLessThan(by('caliper'));
    expect(by('caliper')).toBeLessThan(by('last visit'));
    expect(by('last visit')).toBeLessThan(by('the usual'));
  });

  test('of the height is the class of dullness: 0.015, 0.03 and 0.06 mm for tired, dull and blunt', () => {
    const { heightMm } = spreadOf(planInput(), known('micrometer'));
    expect(heightMm[0]).toBeCloseTo(0.015, 9);
    expect(heightMm[1]).toBeCloseTo(0.06, 9);
  });

  test('of the angle alone is the plan for that angle, at the percentile of its distribution', () => {
    // So sure of all else, and so unsure of the angle, that the angle is the whole of it.
    const { steelMm3, doubts } = spreadOf(measuredAngle, known('micrometer', 4));
    expect(doubts[0]).toMatchObject({ matter: 'presentAnglePerSideDeg', sigma: 4 });
    expect(doubts[0]!.share).toBeGreaterThan(0.9);
    const at = (presentAnglePerSideDeg: number): number =>
      valueOf(
        planBlade({
          ...measuredAngle,
          measures: { ...measuredAngle.measures, presentAnglePerSideDeg },
          choices: {
            ...DEFAULT_CHOICES,
            angleDeg: valueOf(planBlade(measuredAngle)).angle.angleDeg,
          },
        }),
      ).report.figures.steelLost.value;
    const z90 = 1.2816;
    const high = Math.max(at(17 - 4 * z90), at(17 + 4 * z90));
    expect(steelMm3[1] / high).toBeGreaterThan(0.7);
    expect(steelMm3[1] / high).toBeLessThan(1.3);
  });

  test('of an angle that is kept matters little: it is matched on the blade', () => {
    const shareOfAngle = (approach: 'keep' | 'by-use'): number => {
      const choices = { ...DEFAULT_CHOICES, approach };
      const { doubts } = spreadOf({ ...measuredAngle, choices }, known('micrometer', 2));
      return doubts.find(({ matter }) => matter === 'presentAnglePerSideDeg')?.share ?? 0;
    };
    expect(shareOfAngle('keep')).toBeLessThan(0.1);
    expect(shareOfAngle('by-use')).toBeGreaterThan(0.5);
  });

  test('was the heaviest of it certain, there would be less of it', () => {
    const spread = spreadOf(planInput(), known('caliper'));
    expect(width(spread.steelWithoutFirstMm3)).toBeLessThan(width(spread.steelMm3));
    const shares = spread.doubts.map(({ share }) => share);
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9);
  });

  test('has the depth of a chip in it, unless the chip is left', () => {
    const damage = [
      { id: 'a', kind: 'chip', side: 'both', fromMm: 60, lengthMm: 4, depthMm: 0.5 },
      { id: 'b', kind: 'chip', side: 'both', fromMm: 120, lengthMm: 2, depthMm: 0.2 },
    ] as const;
    const matters = (chipsLeft: readonly string[]): string[] =>
      spreadOf(
        planInput({ damage, choices: { ...DEFAULT_CHOICES, chipsLeft } }),
        known('micrometer', 0.1),
      ).doubts.map(({ matter }) => matter);
    expect(matters([])).toContain('damage depth');
    expect(matters(['a', 'b'])).not.toContain('damage depth');
    // The deepest decides how far the edge comes up: 0.1 mm of doubt either way.
    const { heightMm } = spreadOf(planInput({ damage }), known('micrometer'));
    expect(width(heightMm)).toBeCloseTo(2 * 1.2816 * 0.1, 1);
  });

  test('of a gauge that may be off by as much as a class of dullness is half a degree, not two halves', () => {
    const shareAt = (angleSigmaDeg: number): number =>
      spreadOf(measuredAngle, known('micrometer', angleSigmaDeg)).doubts.find(
        ({ matter }) => matter === 'presentAnglePerSideDeg',
      )!.share;
    // Nothing jumps where the two figures happen to be the same.
    expect(shareAt(0.5)).toBeGreaterThan(shareAt(0.49));
    expect(shareAt(0.5)).toBeLessThan(shareAt(0.51));
  });

  test('is the same each time it is asked', () => {
    expect(spreadOf(planInput(), known('rule'))).toEqual(spreadOf(planInput(), known('rule')));
  });
});

describe('a plan that hangs on a measure', () => {
  /** The thickness at which the advice turns from the edge alone to thinning. */
  const turning = ((): number => {
    let [low, high] = [0.3, 1.2];
    const thinned = (thicknessBehindEdgeMm: number): boolean =>
      valueOf(
        planBlade(planInput({ measures: { ...CHEF, thicknessBehindEdgeMm, bevelFaceMm: 1.3 } })),
      ).section.thinning.done;
    for (let round = 0; round < 30; round += 1) {
      const middle = (low + high) / 2;
      if (thinned(middle)) high = middle;
      else low = middle;
    }
    return high;
  })();
  const thick = (thicknessBehindEdgeMm: number, part: Partial<PlanInput> = {}): PlanInput =>
    planInput({ measures: { ...CHEF, thicknessBehindEdgeMm, bevelFaceMm: 1.3 }, ...part });

  test('says so, and which way', () => {
    const { turns } = spreadOf(thick(turning - 0.01), known('caliper'));
    expect(turns).toContainEqual({
      matter: 'thicknessBehindEdgeMm',
      sigma: 0.02,
      off: 'more',
      becomes: 'to the use',
    });
    const beyond = spreadOf(thick(turning + 0.01), known('caliper')).turns;
    expect(beyond).toContainEqual({
      matter: 'thicknessBehindEdgeMm',
      sigma: 0.02,
      off: 'less',
      becomes: 'not thinned',
    });
  });

  test('a better tool settles it, and so does a decision', () => {
    const matters = (input: PlanInput, how: MeasuredWith): string[] =>
      spreadOf(input, known(how)).turns.map(({ matter }) => matter);
    expect(matters(thick(turning - 0.01), 'micrometer')).not.toContain('thicknessBehindEdgeMm');
    const decided = thick(turning - 0.01, { choices: { ...DEFAULT_CHOICES, thin: false } });
    expect(matters(decided, 'caliper')).toEqual([]);
  });
});

test('a blade that cannot be planned has no spread, for the same reason', () => {
  const input = planInput({ choices: { ...DEFAULT_CHOICES, angleDeg: 0.5 } });
  const planned = planBlade(input);
  expect(planned.ok).toBe(false);
  expect(planSpread(input, known('caliper'))).toEqual(planned);
});
