import { planInput, RACK, rackStone, valueOf } from '../../../test/blades';
import {
  DEFAULT_CHOICES,
  NO_SIZES,
  planBlade,
  textOf,
  withDefaults,
  type Machine,
  type PartChain,
  type PlanChoices,
} from '../../index';
import { DEFAULT_FINISHING } from '../choices/finishing';
import { MICRO_ABOVE_DEG } from '../choices/first-guesses';

const plan = (choices: Partial<PlanChoices>, part: Parameters<typeof planInput>[0] = {}) =>
  valueOf(planBlade(planInput({ ...part, choices: { ...DEFAULT_CHOICES, ...choices } })));
const chain = (part: Partial<PartChain> & Pick<PartChain, 'part'>): PartChain => ({
  stones: null,
  bond: null,
  finishUm: null,
  faceMm: null,
  direction: 'edge-trailing',
  slurry: 'keep the mud',
  ...part,
});
const edgeStones = (made: ReturnType<typeof plan>): (string | null)[] =>
  made.work.steps
    .filter(({ operation }) => operation === 'edge' || operation === 'refine')
    .map(({ stoneId }) => stoneId);

describe('the operator’s wishes about the stones', () => {
  test('are kept: begin there, do without, run over', () => {
    expect(edgeStones(plan({ first: 'brown' }))[0]).toBe('brown');
    expect(edgeStones(plan({ skip: ['brown'], maxRatio: null }))).not.toContain('brown');
    const free = plan({ maxRatio: null, finishUm: [2, 5] });
    expect(edgeStones(free)).not.toContain('red');
    expect(edgeStones(plan({ maxRatio: null, finishUm: [2, 5], through: ['red'] }))).toContain(
      'red',
    );
  });

  test('the school of one coarse stone leaves one stone and the strop', () => {
    const coarse = plan({ school: 'one coarse stone' });
    expect(edgeStones(coarse)).toEqual(['brown']);
    expect(coarse.work.steps.some(({ operation }) => operation === 'strop')).toBe(true);
  });

  test('a finish no chain reaches says what to buy', () => {
    const none = plan({ finishUm: [0.4, 0.8] });
    expect(none.work.problem?.code).toBe('NO_PROGRESSION');
    expect(none.progression.toBuy!.um).toBeCloseTo(Math.sqrt(0.32), 9);
  });

  test('abrasives that are not for the edge never stand in its chain', () => {
    const rack = [
      ...RACK,
      rackStone({ id: 'belt', um: 30, kind: 'belt', cutFactor: 9, changeSeconds: 0 }),
      rackStone({ id: 'file', um: 60, kind: 'file', cutFactor: 9, changeSeconds: 0 }),
      rackStone({ id: 'rod', um: 9, kind: 'rod', cutFactor: 9, changeSeconds: 0 }),
    ];
    expect(edgeStones(plan({}, { rack }))).toEqual(edgeStones(plan({})));
  });

  test('choices kept before there were such wishes get the usual ones', () => {
    const { approach, angleDeg, chipsLeft, thin, finishUm, maxRatio, direction, burrPolicy } =
      DEFAULT_CHOICES;
    expect(
      withDefaults({
        approach,
        angleDeg,
        chipsLeft,
        thin,
        finishUm,
        maxRatio,
        direction,
        burrPolicy,
      }),
    ).toEqual(DEFAULT_CHOICES);
  });
});

describe('one blade, several chains', () => {
  test('a chain named by hand is taken as named, two of one grade in a row included', () => {
    const rack = [...RACK, rackStone({ id: 'soft-red', um: 8.2, bond: 'soft, muddy' })];
    const named = plan(
      { chains: [chain({ part: 'edge', stones: ['brown', 'red', 'soft-red'] })] },
      { rack },
    );
    expect(edgeStones(named)).toEqual(['brown', 'red', 'soft-red']);
    const refining = named.work.steps.find(({ stoneId }) => stoneId === 'soft-red')!;
    // The soft one still takes the scratches of the hard one before it.
    expect(refining.removeMm3).toBeGreaterThan(0);
    expect(textOf(refining.instruction)).toContain('Keep the mud');
  });

  test('a coarser stone after a finer is refused beside its chain', () => {
    const undone = plan({ chains: [chain({ part: 'edge', stones: ['red', 'brown'] })] });
    expect(undone.work.problem).toMatchObject({ field: 'choices.chains.edge' });
    expect(undone.work.problem!.message).toContain('Brown at 16 µm would follow 8 µm');
    const gone = plan({ chains: [chain({ part: 'edge', stones: ['red', 'sold'] })] });
    expect(gone.work.problem!.message).toContain('Stone 2');
  });

  test('a part whose stones are gone is told beside its chain, and never just left out', () => {
    for (const part of ['micro', 'cladding', 'core', 'primary'] as const) {
      const made = plan({ thin: true, chains: [chain({ part, stones: ['sold'] })] });
      expect(made.work.problem).toMatchObject({
        code: 'NO_PROGRESSION',
        field: `choices.chains.${part}`,
      });
      expect(made.work.problem!.message).toContain('not in the rack any more');
    }
  });

  test('a bond leaves only its stones to the planner', () => {
    const rack = [...RACK, rackStone({ id: 'soft', um: 9, bond: 'soft, muddy' })];
    const soft = plan({ chains: [chain({ part: 'edge', bond: 'soft, muddy' })] }, { rack });
    expect(edgeStones(soft)).toEqual(['soft']);
  });

  test('a micro bevel comes after the edge, steeper, with its own direction and lifts', () => {
    const micro = plan({
      chains: [chain({ part: 'micro', stones: ['brown'], direction: 'edge-leading', faceMm: 0.1 })],
    });
    const order = micro.work.steps.map(({ operation }) => operation);
    expect(order.indexOf('micro')).toBe(order.indexOf('deburr') - 1);
    expect(order.indexOf('micro')).toBeGreaterThan(order.indexOf('edge'));
    const step = micro.work.steps.find(({ operation }) => operation === 'micro')!;
    expect(step.angleDeg).toBeCloseTo(micro.angle.angleDeg + MICRO_ABOVE_DEG, 12);
    expect(step).toMatchObject({ stoneId: 'brown', direction: 'edge-leading' });
    const edgeLift = micro.work.steps.find(({ operation }) => operation === 'edge')!.lifts[1]!
      .liftMm!;
    expect(step.lifts[1]!.liftMm).toBeGreaterThan(edgeLift);
    // Two slivers along 210 mm: the angles are small, so nearly w² sin 4°.
    expect(step.removeMm3 / (210 * 0.1 ** 2 * Math.sin((4 * Math.PI) / 180))).toBeCloseTo(1.2, 1);
  });

  test('cladding and core are worked before the edge, each on its own stones', () => {
    const faced = plan({
      chains: [
        chain({ part: 'core', stones: ['fine'], faceMm: 4 }),
        chain({ part: 'cladding', stones: ['red'], slurry: 'float it off' }),
      ],
    });
    const faces = faced.work.steps.filter(({ operation }) => operation === 'faces');
    expect(faces.map(({ title }) => textOf(title))).toEqual([
      'Cladding on Red',
      'Core steel on Fine',
    ]);
    expect(textOf(faces[0]!.instruction)).toContain('Float the mud off');
    const order = faced.work.steps.map(({ operation }) => operation);
    expect(order.lastIndexOf('faces')).toBeLessThan(order.indexOf('edge'));
  });

  test('the primary bevel may be thinned on stones of its own', () => {
    const thinned = plan({
      thin: true,
      chains: [chain({ part: 'primary', stones: ['plate', 'red'] })],
    });
    expect(
      thinned.work.steps
        .filter(({ operation }) => operation === 'thinning')
        .map(({ stoneId }) => stoneId),
    ).toEqual(['plate', 'plate', 'red']);
  });
});

describe('what follows the stones', () => {
  const last = (finishing: Partial<typeof DEFAULT_FINISHING>) =>
    plan({ finishing: { ...DEFAULT_FINISHING, ...finishing } }).work.steps.find(
      ({ operation }) => operation === 'strop',
    );

  test('the strop at the bevel or just under it, with the strokes chosen', () => {
    const under = last({ underDeg: 1, strokes: 8, back: 'soft' })!;
    expect(under).toMatchObject({ stoneId: 'strop', strokesPerSide: 8 });
    expect(under.angleDeg).toBeCloseTo(plan({}).angle.angleDeg - 1, 12);
    expect(textOf(under.instruction)).toContain('1° under the bevel');
    expect(textOf(under.instruction)).toContain('soft back gives');
  });

  test('newspaper, wood and felt need no strop, and nothing means nothing', () => {
    const finished = plan({ finishing: { ...DEFAULT_FINISHING, on: 'newspaper' } }).work.steps.find(
      ({ operation }) => operation === 'finish',
    )!;
    expect(finished).toMatchObject({ stoneId: null, gate: 'gone' });
    expect(textOf(finished.title)).toBe('Newspaper');
    expect(last({ on: 'none' })).toBeUndefined();
  });

  test('a series is a step a surface, in its order, and the burr is asked for at the last', () => {
    const made = plan({
      series: [
        { surface: 'stone', stoneId: null, strokes: 6, underDeg: null },
        { surface: 'wood', stoneId: null, strokes: 2, underDeg: null },
        { surface: 'leather', stoneId: 'strop', strokes: 10, underDeg: 1 },
        { surface: 'smooth hard edge', stoneId: null, strokes: 6, underDeg: null },
      ],
    });
    const finish = made.work.steps.filter(
      ({ operation }) => operation === 'finish' || operation === 'strop',
    );
    expect(finish.map(({ title }) => textOf(title))).toEqual([
      expect.stringContaining('Trailing laps on'),
      'Draw through wood',
      expect.stringContaining('Strop on'),
      'A few passes on a smooth hard edge',
    ]);
    expect(finish.map(({ gate }) => gate)).toEqual(['no check', 'no check', 'no check', 'gone']);
    expect(finish.map(({ strokesPerSide }) => strokesPerSide)).toEqual([6, 2, 10, 6]);
    const edgeDeg = made.angle.angleDeg;
    // For bite the blade stands a little over its bevel.
    expect(finish.map(({ angleDeg }) => angleDeg! - edgeDeg)).toEqual([
      0,
      0,
      expect.closeTo(-1, 9),
      expect.closeTo(3, 9),
    ]);
  });
});

describe('a machine that holds the angle', () => {
  const sizes = NO_SIZES;
  const table: Machine = {
    name: 'Tilting table',
    kind: 'table',
    sizes,
    cuts: [
      { setDeg: 15, measuredDeg: 16 },
      { setDeg: 20, measuredDeg: 21 },
    ],
  };

  test('is set lower where its bevels come out steeper, on every step that holds an angle', () => {
    const made = plan({ machineId: '1' }, { machine: table });
    for (const step of made.work.steps.filter(
      ({ operation }) => operation === 'edge' || operation === 'refine',
    )) {
      expect(step.setting!.setDeg).toBeCloseTo(made.angle.angleDeg - 1, 9);
    }
    expect(made.work.steps.at(-1)!.setting).toBeUndefined();
  });

  test('a belt is quick on stock, and the hand still finishes on stones', () => {
    const belt: Machine = {
      ...table,
      name: 'Belt',
      kind: 'belt',
      sizes: { ...sizes, speedMPerS: 4, sagRadiusMm: 150 },
    };
    const rack = [...RACK, rackStone({ id: 'belt', um: 35, kind: 'belt', changeSeconds: 5 })];
    const made = plan({ machineId: '1', sharpness: 'blunt' } as Partial<PlanChoices>, {
      machine: belt,
      rack,
    });
    expect(edgeStones(made)[0]).toBe('belt');
    const first = made.work.steps.find(({ stoneId }) => stoneId === 'belt')!;
    expect(first.seconds).toBeLessThan(60);
    expect(textOf(first.setting!.text)).toContain('Set Belt to');
    expect(textOf(first.caution!)).toContain('burnt');
    expect(
      made.work.steps.find(({ stoneId, operation }) => stoneId !== 'belt' && operation === 'edge')!
        .setting,
    ).toBeUndefined();
  });
});
