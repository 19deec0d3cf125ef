import { planBlade, textOf, type BladePlan, type PlanInput, type PlanStep } from '../index';
import { planInput } from '../../test/blades';
import {
  isWorthReplanning,
  measuredAtBench,
  plannedAgainWith,
  stepsDifference,
  stepsLeft,
} from './what-is-left';

const stepsOf = (input: PlanInput): readonly PlanStep[] =>
  (planBlade(input) as { value: BladePlan }).value.work.steps;

/** Thick behind the edge, so that the plan thins it first. */
const thick = (behindEdgeMm: number): PlanInput => {
  const input = planInput();
  return { ...input, measures: { ...input.measures, thicknessBehindEdgeMm: behindEdgeMm } };
};

describe('what was measured at the bench', () => {
  test('is the latest reading, an angle the mean of its places', () => {
    expect(
      measuredAtBench([
        { behindEdgeMm: 0.5 },
        { behindEdgeMm: 0.3 },
        { angleHeelDeg: 16, angleMiddleDeg: 17 },
      ]),
    ).toEqual({ behindEdgeMm: 0.3, angleDeg: 16.5 });
    expect(measuredAtBench([{}])).toEqual({ behindEdgeMm: null, angleDeg: null });
  });

  test('is worth another look where it is past the doubt of the tool', () => {
    const planned = { behindEdgeMm: 0.3, angleDeg: 15 };
    const worth = (behindEdgeMm: number | null, angleDeg: number | null) =>
      isWorthReplanning({ behindEdgeMm, angleDeg }, planned);
    expect([worth(0.31, null), worth(0.4, null), worth(null, 15.5), worth(null, 16.5)]).toEqual([
      false,
      true,
      false,
      true,
    ]);
  });
});

describe('planned again with it', () => {
  test('an angle found is the one that is worked from there', () => {
    const again = plannedAgainWith(planInput(), { behindEdgeMm: null, angleDeg: 16.5 });
    const onStones = stepsOf(again).filter(({ operation }) => operation === 'refine');
    expect(onStones.length).toBeGreaterThan(0);
    for (const step of onStones) expect(step.angleDeg).toBeCloseTo(16.5, 6);
  });

  test('a bevel known by its width keeps the angle it had when the steel behind it is gone', () => {
    const input = planInput();
    // 0.2 mm on each side over a face of 0.8 mm: asin(0.25) = 14.48°.
    const wide = {
      ...input,
      measures: {
        ...input.measures,
        thicknessBehindEdgeMm: 0.4,
        bevelFaceMm: 0.8,
        presentAnglePerSideDeg: null,
      },
    };
    const { measures } = plannedAgainWith(wide, { behindEdgeMm: 0.3, angleDeg: null });
    expect(measures).toMatchObject({ thicknessBehindEdgeMm: 0.3, bevelFaceMm: null });
    expect(measures.presentAnglePerSideDeg).toBeCloseTo(14.4775, 3);
  });
});

describe('what is left', () => {
  const before = stepsOf(thick(0.9));
  const first = before.findIndex(({ operation }) => operation === 'thinning');
  const done = before.slice(0, first + 1);
  const left = before.slice(first + 1);

  test('thinning reached sooner: no more of it, and nothing done comes again', () => {
    expect(first).toBeGreaterThanOrEqual(0);
    const rest = stepsLeft(done, left, stepsOf(thick(0.3)));
    expect(rest.some(({ operation }) => operation === 'thinning')).toBe(false);
    expect(rest.map(({ operation }) => operation)).not.toContain('protect');
    expect(rest.filter(({ operation }) => operation === 'edge').length).toBeGreaterThan(0);
    const changes = stepsDifference(left, rest);
    const out = changes.filter(({ change }) => change === 'out').map(({ title }) => textOf(title));
    const thinning = left.filter(({ operation }) => operation === 'thinning');
    expect(thinning.length).toBeGreaterThan(0);
    expect(out).toEqual(expect.arrayContaining(thinning.map(({ title }) => textOf(title))));
  });

  test('the same plan again leaves the steps as they were', () => {
    const rest = stepsLeft(done, left, before);
    expect(rest.map(({ key }) => key)).toEqual(left.map(({ key }) => key));
    expect(stepsDifference(left, rest)).toEqual([]);
  });

  test('another angle changes the steps that hold it, and names both', () => {
    const input = planInput();
    const was = stepsOf(input);
    const is = stepsOf(plannedAgainWith(input, { behindEdgeMm: null, angleDeg: 16.5 }));
    const at = was.findIndex(({ key }) => key === 'edge 1');
    const changes = stepsDifference(
      was.slice(at + 1),
      stepsLeft(was.slice(0, at + 1), was.slice(at + 1), is),
    );
    expect(changes.length).toBeGreaterThan(0);
    for (const { change, after } of changes.filter((each) => each.change === 'changed'))
      expect([change, after!.angleDeg]).toEqual(['changed', expect.closeTo(16.5, 6)]);
  });

  test('a stone no longer used is not made ready', () => {
    const used = new Set(left.map(({ stoneId }) => stoneId));
    for (const { readies } of stepsLeft(done, left, before))
      expect(readies === null || used.has(readies)).toBe(true);
  });
});
