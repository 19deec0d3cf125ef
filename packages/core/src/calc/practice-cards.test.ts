/** Situations of the bench, each a plan a practitioner would sign: what must not be in it is looked for. */
import { calculateAll, type PlanResult, type ResultStep } from '../index';

const plan = (input: object): PlanResult => {
  const answer = calculateAll('plan', input) as unknown as PlanResult & { error?: object };
  expect(answer.error).toBeUndefined();
  return answer;
};
const of = (steps: readonly ResultStep[], ...operations: string[]) =>
  steps.filter(({ operation }) => operations.includes(operation));
const anglesOf = (steps: readonly ResultStep[]): number[] =>
  steps.flatMap(({ sides }) => sides.flatMap(({ angleDeg }) => angleDeg ?? []));

describe('a thin galley knife, its bevel kept on a soaked stone', () => {
  const made = plan({
    blade: {
      kindId: 'long-kitchen',
      hardnessHrc: 60,
      edgeLengthMm: 204,
      heightHeelMm: 44,
      heightMiddleMm: 42,
      heightTipMm: 23,
      spineHeelMm: 2.1,
      spineMiddleMm: 1.8,
      spineTipMm: 1.2,
      thicknessBehindEdgeMm: 0.28,
      anglePerSideDeg: 13,
      useId: 'general-hard',
    },
    rack: [
      { id: 'coarse', kind: 'water stone', um: 11.5, bond: 'soft, muddy', soakMinutes: 15 },
      { id: 'fine', kind: 'water stone', um: 5.5, bond: 'soft, muddy', soakMinutes: 15 },
    ],
    choices: { approach: 'keep', finishUm: [3, 8], finishing: { on: 'newspaper', strokes: 8 } },
  });
  const { steps } = made;

  test('has no outline and no thinning, and every edge angle stays at the one it came with', () => {
    expect(of(steps, 'outline', 'thinning')).toEqual([]);
    for (const angle of anglesOf(of(steps, 'edge', 'refine', 'deburr')))
      expect(angle).toBeCloseTo(13, 6);
  });

  test('goes from the coarse face to the fine one, never harder', () => {
    const stones = of(steps, 'edge', 'refine');
    expect(stones.map(({ um }) => um)).toEqual([11.5, 5.5]);
    expect(stones[1]!.forceN![1]).toBeLessThanOrEqual(stones[0]!.forceN![1]);
  });

  test('works both sides alike, and shows a burr in every zone before the fine face', () => {
    for (const { sides } of of(steps, 'edge', 'refine'))
      expect(sides[0]!.strokes).toBe(sides[1]!.strokes);
    expect(of(steps, 'edge')[0]!.gate).toEqual(['burr everywhere']);
  });

  test('the burr comes off with the last stone trailing, for it is soft and sheds', () => {
    expect(of(steps, 'deburr')[0]!.direction).toBe('edge-trailing');
  });
});

describe('a deeply curved fish knife, shaped on a slow belt', () => {
  const made = plan({
    blade: { kindId: 'curved-fish', sharpness: 'blunt', useId: 'raw-fish' },
    rack: [
      { id: 'b46', kind: 'belt', um: 46 },
      { id: 'b22', kind: 'belt', um: 22 },
      { id: 's8', kind: 'water stone', um: 8 },
      { id: 's3', kind: 'water stone', um: 3, bond: 'hard' },
      { id: 'leather', kind: 'strop', um: 0.5 },
    ],
    machine: { name: 'Slow belt', kind: 'belt', sizes: { speedMPerS: 3, sagRadiusMm: 150 } },
    choices: { direction: 'edge-leading', finishUm: [1, 4], thin: false },
  });
  const belts = made.steps.filter(({ tool }) => tool === 'belt');

  test('no belt is leading, over 5 N, or after a stone', () => {
    expect(belts.length).toBeGreaterThan(0);
    for (const { direction, forceN } of belts) {
      expect(direction).toBe('edge-trailing');
      expect(forceN![1]).toBeLessThanOrEqual(5);
    }
    const firstStone = made.steps.findIndex(({ tool }) => tool === 'water stone');
    expect(made.steps.findLastIndex(({ tool }) => tool === 'belt')).toBeLessThan(firstStone);
  });

  test('what the belt is set to is told at the belt alone', () => {
    for (const { setting } of belts) expect(setting?.dialDeg).not.toBeNull();
    for (const { tool, setting } of made.steps)
      if (tool === 'water stone') expect(setting).toBeNull();
  });

  test('the stones lead while they are hard, and the strop trails', () => {
    for (const { direction } of made.steps.filter(({ operation }) => operation === 'strop'))
      expect(direction).toBe('edge-trailing only');
  });
});

describe('a diver’s dagger, both edges from one face', () => {
  const made = plan({
    blade: {
      kindId: 'dagger-double',
      edgeLengthMm: 96,
      anglePerSideDeg: 27.7,
      answers: { back: 'coated' },
    },
    rack: [
      { id: 'b60', kind: 'belt', um: 60 },
      { id: 'b15', kind: 'belt', um: 15 },
      { id: 'strop', kind: 'strop', um: 1 },
    ],
    machine: { name: 'Belt', kind: 'belt', sizes: { speedMPerS: 3 } },
    choices: { approach: 'keep', finishUm: [10, 20], maxRatio: 5 },
  });

  test('no belt is leading or over 5 N, and each edge gets what the other gets', () => {
    for (const { tool, direction, forceN } of made.steps.filter((step) => step.tool === 'belt')) {
      expect([tool, direction]).toEqual(['belt', 'edge-trailing']);
      expect(forceN![1]).toBeLessThanOrEqual(5);
    }
    const edge = (name: 'A' | 'B') =>
      made.steps.filter((step) => step.edge === name).map(({ operation, um }) => [operation, um]);
    expect(edge('A').length).toBeGreaterThan(0);
    expect(edge('B')).toEqual(edge('A'));
  });

  test('the back is almost flat, never wholly, and has fewer passes than the front', () => {
    const [front] = of(made.steps, 'edge');
    for (const back of of(made.steps, 'back')) {
      for (const { angleDeg, strokes } of back.sides) {
        expect(angleDeg).toBeGreaterThan(0);
        expect(angleDeg).toBeLessThanOrEqual(2);
        expect(strokes).toBeLessThanOrEqual(
          Math.max(...front!.sides.map((side) => side.strokes)) + 10,
        );
      }
    }
  });
});

describe('a straight razor', () => {
  const made = plan({
    blade: {
      kindId: 'razor',
      edgeLengthMm: 68,
      heightHeelMm: 18.2,
      heightMiddleMm: 18.4,
      heightTipMm: 17.9,
      spineHeelMm: 5.05,
      spineMiddleMm: 5.1,
      spineTipMm: 4.95,
    },
    rack: [
      { id: 'ten', kind: 'water stone', um: 10 },
      { id: 'fine', kind: 'water stone', um: 2.5 },
      { id: 'finest', kind: 'water stone', um: 0.9 },
      { id: 'leather', kind: 'strop', um: 0.5 },
    ],
    choices: { maxRatio: 5 },
  });

  test('has the angle its spine gives, no outline, no thinning and no micro bevel', () => {
    // Half of 5.10 mm over 18.4 mm.
    expect(made.anglePerSideDeg).toBeCloseTo((Math.atan(2.55 / 18.4) * 180) / Math.PI, 1);
    expect(of(made.steps, 'outline', 'thinning', 'micro')).toEqual([]);
  });

  test('begins and ends with disinfecting', () => {
    const wash = [made.steps[0]!, made.steps.at(-1)!].map(
      ({ title, instruction }) => title + instruction,
    );
    for (const text of wash) expect(text).toMatch(/[Dd]isinfect/);
  });
});
