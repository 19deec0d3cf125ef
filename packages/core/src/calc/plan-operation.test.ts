/** A plan asked for from outside, as the contract has it. */
import { calculateAll, type CalcAnswer, type PlanResult } from '../index';

type Answer = PlanResult & { readonly error?: { code: string; message: string; field?: string } };
const plan = (input: object): Answer => calculateAll('plan', input) as CalcAnswer & Answer;
const errorOf = (input: object) => plan(input).error;

const CHEF = { blade: { kindId: 'chef' }, rack: 'demo' } as const;

describe('a plan from outside', () => {
  test('needs no more than a kind and a rack: the rest is as the application takes it', () => {
    const made = plan(CHEF);
    expect(made.error).toBeUndefined();
    expect(made.anglePerSideDeg).toBeGreaterThan(15);
    expect(made.steps.map(({ operation }) => operation)).toEqual(
      expect.arrayContaining(['edge', 'deburr', 'strop', 'wash']),
    );
    expect(made.unmet).toEqual([]);
    expect(made.price.likelyMinor).toBe(1150);
  });

  test('tells of every step its tool, grain, sides, range and what must be shown', () => {
    const [edge] = plan(CHEF).steps.filter(({ operation }) => operation === 'edge');
    expect(edge).toMatchObject({
      tool: 'water stone',
      stoneId: expect.any(String) as string,
      um: expect.any(Number) as number,
      part: 'edge',
      edge: null,
      position: null,
      bandMm: null,
      setting: null,
      gate: ['burr everywhere'],
    });
    expect(edge!.sides.map(({ side }) => side)).toEqual(['right', 'left']);
    const [low, high] = edge!.secondsRange;
    expect(low).toBeLessThan(edge!.seconds);
    expect(high).toBeGreaterThan(edge!.seconds);
  });

  test('a list in is a list out, each for itself', () => {
    const answers = calculateAll('plan', [CHEF, { ...CHEF, blade: { kindId: 'spoon' } }]);
    expect(answers).toHaveLength(2);
    const [first, second] = answers as Answer[];
    expect(first!.steps.length).toBeGreaterThan(3);
    expect(second!.error).toMatchObject({ code: 'INVALID_INPUT', field: 'blade.kindId' });
  });

  test('every blade’s two edges are told apart, and every edge has its back', () => {
    const { steps } = plan({ ...CHEF, blade: { kindId: 'dagger-double' } });
    const first = steps.filter(({ edge }) => edge === 'A');
    const second = steps.filter(({ edge }) => edge === 'B');
    expect(first.length).toBeGreaterThan(0);
    expect(second.map(({ operation }) => operation)).toEqual(
      first.map(({ operation }) => operation),
    );
  });

  test('a high spot comes down now or over visits, and both are costed', () => {
    const hill = {
      id: 'h',
      kind: 'high spot',
      side: 'both',
      fromMm: 40,
      lengthMm: 60,
      depthMm: 0.6,
    };
    const blade = { kindId: 'chef', thicknessBehindEdgeMm: 0.4, damage: [hill] };
    const outline = (highSpotVisits: number | null) =>
      plan({ ...CHEF, blade, choices: { highSpotVisits } }).steps.find(
        ({ operation }) => operation === 'outline',
      )!;
    // Half of 60 × 0.6 × 0.4 mm, as thick as it is behind the edge set.
    expect(outline(null).steelMm3).toBeCloseTo(7.2, 1);
    expect(outline(3).steelMm3).toBeCloseTo(2.4, 1);
    expect(outline(3).seconds).toBeLessThan(outline(null).seconds);
    expect(outline(3).instruction).toContain('0.20 mm of it comes off today, over 3 visits');
    const { facts } = plan({ ...CHEF, blade });
    expect(facts.filter((text) => text.startsWith('High spot'))).toHaveLength(2);
    expect(plan({ ...CHEF, blade, choices: { highSpotVisits: 10 } }).error).toMatchObject({
      code: 'INVALID_INPUT',
      field: 'choices.highSpotVisits',
    });
  });

  test('a chip is answered by the outline, and one left in by a reason', () => {
    const chip = { id: 'c', kind: 'chip', side: 'both', fromMm: 60, lengthMm: 2, depthMm: 0.5 };
    const blade = { kindId: 'chef', damage: [chip] };
    expect(plan({ ...CHEF, blade }).damage).toEqual([
      { id: 'c', steps: ['outline 1'], leftBecause: null },
    ]);
    expect(plan({ ...CHEF, blade, choices: { chipsLeft: ['c'] } }).damage).toEqual([
      { id: 'c', steps: [], leftBecause: 'Left in on purpose.' },
    ]);
  });

  test('a no to thinning takes it out of the plan; a question not asked yet holds its steps back', () => {
    const blade = { kindId: 'chef', thicknessBehindEdgeMm: 0.9 };
    const asked = plan({ ...CHEF, blade, choices: { thin: true } });
    const thinning = asked.steps.filter(({ operation }) => operation === 'thinning');
    expect(thinning.length).toBeGreaterThan(0);
    expect(thinning[0]!.gate).toEqual(['thickness']);
    expect(asked.consents.find(({ question }) => question === 'thinning')!.asked).toEqual([
      thinning[0]!.key,
    ]);
    const refused = plan({
      ...CHEF,
      blade: { ...blade, consents: { thinning: false } },
      choices: { thin: true },
    });
    expect(refused.steps.some(({ operation }) => operation === 'thinning')).toBe(false);
  });

  test('a belt is drawn away from the edge at no more than 5 N, whatever direction was chosen', () => {
    const machine = { name: 'Slow belt', kind: 'belt', sizes: { speedMPerS: 3, sagRadiusMm: 160 } };
    const made = plan({
      ...CHEF,
      machine,
      choices: { direction: 'edge-leading', school: 'quickest' },
    });
    const belts = made.steps.filter(({ tool }) => tool === 'belt');
    expect(belts.length).toBeGreaterThan(0);
    for (const { direction, forceN, setting, anglePerSideDeg } of belts) {
      expect(direction).toBe('edge-trailing');
      expect(forceN![1]).toBeLessThanOrEqual(5);
      expect(setting!.dialDeg).toBeCloseTo(anglePerSideDeg!, 6);
    }
  });

  test('stones that lead nowhere leave the other steps, and what is missing is said', () => {
    const rack = [{ id: 'a', kind: 'water stone', um: 200 }];
    const made = plan({ ...CHEF, rack });
    expect(made.unmet[0]).toMatchObject({ code: 'no stones' });
    expect(made.unmet[0]!.text).toMatch(/µm/);
  });

  test('steel by class and by hardness, a use, a hand: each is heard', () => {
    const hard = plan({
      ...CHEF,
      blade: { kindId: 'chef', steel: 'X50CrMoV15 (1.4116)', hardnessHrc: 56, carefulHands: true },
    });
    expect(hard.error).toBeUndefined();
    expect(hard.anglePerSideDeg).toBeLessThan(plan(CHEF).anglePerSideDeg);
  });
});

describe('choices of a plan alone', () => {
  test('a series is followed, and a surface nobody knows is refused by its path', () => {
    const series = [{ surface: 'wood', strokes: 2 }];
    const made = plan({ ...CHEF, choices: { series, proof: true, refineFace: 'whole face' } });
    expect(made.unmet).toEqual([]);
    expect(made.steps.filter(({ operation }) => operation === 'finish')).toHaveLength(1);
    expect(made.steps.find(({ gate }) => gate.includes('cuts'))!.operation).toBe('test');
    expect(
      errorOf({ ...CHEF, choices: { series: [{ surface: 'silk', strokes: 2 }] } }),
    ).toMatchObject({
      field: 'choices.series[0].surface',
    });
  });

  test('a stone named that the rack does not hold is told, and the plan is made', () => {
    const made = plan({
      ...CHEF,
      choices: { series: [{ surface: 'leather', stoneId: 'sold', strokes: 9 }] },
    });
    expect(made.unmet).toEqual([
      {
        code: 'choices.series',
        text: expect.stringContaining('"sold" is not on the rack') as string,
      },
    ]);
  });
});

describe('what is refused, by its path', () => {
  test.each([
    ['a field nobody knows', { ...CHEF, colour: 'red' }, 'colour'],
    ['one within the blade', { ...CHEF, blade: { kindId: 'chef', colour: 1 } }, 'blade.colour'],
    [
      'a height that is none',
      { ...CHEF, blade: { kindId: 'chef', heightHeelMm: 0 } },
      'blade.heightHeelMm',
    ],
    [
      'a question of another kind',
      { ...CHEF, blade: { kindId: 'chef', answers: { pitchMm: 8 } } },
      'blade.answers.pitchMm',
    ],
    [
      'a steel not on the list',
      { ...CHEF, blade: { kindId: 'chef', steel: 'cheese' } },
      'blade.steel',
    ],
    ['a stone without a grain', { ...CHEF, rack: [{ id: 'a', kind: 'file' }] }, 'rack[0].um'],
    [
      'one stone twice',
      {
        ...CHEF,
        rack: [
          { id: 'a', kind: 'file', um: 9 },
          { id: 'a', kind: 'file', um: 9 },
        ],
      },
      'rack[1].id',
    ],
    ['a rack of another name', { ...CHEF, rack: 'mine' }, 'rack'],
    ['an angle beyond the limits', { ...CHEF, choices: { angleDeg: 80 } }, 'choices.angleDeg'],
    [
      'a school nobody follows',
      { ...CHEF, choices: { practice: { micro: 'sometimes' } } },
      'choices.practice.micro',
    ],
    ['a machine of no kind', { ...CHEF, machine: { name: 'M', kind: 'lathe' } }, 'machine.kind'],
  ])('%s', (_what, input, field) => {
    expect(errorOf(input)).toMatchObject({ code: 'INVALID_INPUT', field });
    expect(errorOf(input)!.message).toContain(field);
  });
});
