import { chip, planInput, RACK, rackStone, valueOf } from '../../../test/blades';
import {
  BLADE_KINDS,
  bladeKind,
  DEFAULT_CHOICES,
  liftText,
  NO_SIZES,
  planBlade,
  say,
  textOf,
  usualMeasuresOf,
  type Answers,
  type BladePlan,
  type KindChoices,
  type PlanChoices,
  type PlanInput,
  type PlanStep,
  type Side,
} from '../../index';
import { isFace } from '../../section/face';
import { sectionAreaMm2 } from '../../section/section';
import { DEFAULT_KIND_CHOICES } from '../choices/kind-choices';
import { lowestRun } from '../cuts/stages';
import { BACK_TAKES_MM } from './first-guesses';
import { unevenAngles } from './two-sided/geometry';

const BENCH = [
  ...RACK,
  rackStone({ id: 'natural', um: 1.2, abrasive: 'natural' }),
  rackStone({ id: 'finest', um: 0.6, abrasive: 'natural' }),
  rackStone({ id: 'file', um: 400, kind: 'file', abrasive: 'hardened steel' }),
  rackStone({ id: 'cone', um: 36, kind: 'cone', abrasive: 'diamond' }),
];

interface Given extends Partial<PlanInput> {
  readonly wishes?: Partial<PlanChoices>;
  readonly own?: Partial<KindChoices>;
}
const inputFor = (kindId: string, { wishes, own, ...part }: Given = {}): PlanInput => {
  const kind = bladeKind(kindId);
  return planInput({
    measures: usualMeasuresOf(kindId, kind.usual.edgeLengthMm),
    useId: kind.usual.use,
    rack: BENCH,
    choices: { ...DEFAULT_CHOICES, ...wishes, kind: { ...DEFAULT_KIND_CHOICES, ...own } },
    ...part,
  });
};
const plan = (kindId: string, given: Given = {}): BladePlan =>
  valueOf(planBlade(inputFor(kindId, given)));
const factOf = (made: BladePlan, label: string): number =>
  made.report.facts.find((each) => each.label === label)!.figure.value;
const operations = (made: BladePlan): string[] => made.work.steps.map(({ operation }) => operation);
const step = (made: BladePlan, operation: string): PlanStep =>
  made.work.steps.find((each) => each.operation === operation)!;
const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);
const deg = (rad: number): number => (rad * 180) / Math.PI;

describe('every kind', () => {
  test.each(BLADE_KINDS.map(({ id }) => id))('%s: ordered operations, each whole', (id) => {
    const made = plan(id, { damage: [chip(20, 0.2)] });
    expect(made.work.problem).toBeNull();
    expect(new Set(made.work.steps.map(({ key }) => key)).size).toBe(made.work.steps.length);
    const order = operations(made);
    for (const [before, after] of [
      ['outline', 'edge'],
      ['thinning', 'edge'],
      ['edge', 'refine'],
      ['edge', 'deburr'],
      ['micro', 'deburr'],
      ['deburr', 'strop'],
      ['strop', 'wash'],
    ] as const) {
      if (order.includes(before) && order.includes(after)) {
        expect(order.indexOf(before)).toBeLessThan(order.lastIndexOf(after));
      }
    }
    for (const each of made.work.steps) {
      expect(textOf(each.title).length).toBeGreaterThan(3);
      expect(textOf(each.zone)).not.toBe('');
      expect(each.rangeS[0]).toBeLessThanOrEqual(each.seconds);
      expect(each.rangeS[1]).toBeGreaterThanOrEqual(each.seconds);
      expect(each.gate === 'no check' || each.burrOn.length > 0).toBe(true);
      for (const side of each.sides) expect(Number.isInteger(side.strokes)).toBe(true);
    }
  });

  test.each(BLADE_KINDS.map(({ id }) => id))('%s: what is cut is what the section lost', (id) => {
    const { before, stages, after } = plan(id).section;
    const taken = stages.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
    expect(sectionAreaMm2(before) - sectionAreaMm2(after)).toBeCloseTo(taken, 9);
    expect(taken).toBeGreaterThan(0);
  });

  test.each(BLADE_KINDS.map(({ id }) => id))('%s: a deeper chip never takes less', (id) => {
    const steel = (depth: number): number =>
      plan(id, { damage: [chip(20, depth)], wishes: { approach: 'keep' } }).report.figures.steelLost
        .value;
    // Scallops are ground one by one: a chip between them changes nothing.
    expect(steel(0.5)).toBeGreaterThanOrEqual(steel(0.2) - 1e-9);
  });
});

describe('an edge of 70:30', () => {
  const answers: Answers = { ratio: '70:30' };

  test('keeps its inclusive angle, and its bevels are as wide as the ratio says', () => {
    const made = plan('chef', { answers, wishes: { approach: 'keep' } });
    const [right, left] = [factOf(made, 'Angle on the right'), factOf(made, 'Angle on the left')];
    expect(right + left).toBeCloseTo(made.report.figures.angleInclusive.value, 9);
    expect(Math.sin((right * Math.PI) / 180) / Math.sin((left * Math.PI) / 180)).toBeCloseTo(
      3 / 7,
      9,
    );
    const width = (side: Side): number =>
      lowestRun(made.section.before, { side, roles: ['bevel'] })!.widthMm;
    expect(width('right') / width('left')).toBeCloseTo(7 / 3, 9);
  });

  test('gives the wider side more of the strokes', () => {
    const [right, left] = step(plan('chef', { answers }), 'edge').sides;
    expect(right!.strokes).toBeGreaterThan(left!.strokes);
    expect(right!.angleDeg).toBeLessThan(left!.angleDeg!);
  });

  test('has a lift for each side, and they are told apart', () => {
    const edge = step(plan('chef', { answers }), 'edge');
    const [right, left] = edge.sides;
    expect(left!.lifts[0]!.liftMm!).toBeGreaterThan(right!.lifts[0]!.liftMm!);
    expect(liftText(edge)).toContain(`right: heel ${right!.lifts[0]!.liftMm!.toFixed(1)}`);
    expect(liftText(edge)).toContain(`; left: heel ${left!.lifts[0]!.liftMm!.toFixed(1)}`);
    expect(liftText(step(plan('chef'), 'edge'))).not.toContain('right');
  });

  test('alike on both sides is the half of each', () => {
    expect(unevenAngles(15, 0.5)[0]).toBeCloseTo(15, 12);
  });
});

describe('a wide, curved blade', () => {
  test('has a lift for every station, which falls where the blade gets lower', () => {
    const lifts = step(plan('curved-fish'), 'edge').stationLifts.map(({ liftMm }) => liftMm);
    expect(lifts.length).toBeGreaterThan(5);
    expect(lifts.at(-1)).toBeLessThan(Math.max(...lifts));
    expect(textOf(step(plan('curved-fish'), 'edge').pattern!)).toContain('sweep');
    expect(liftText(step(plan('curved-fish'), 'edge'))).toMatch(/^at 0 mm [\d.]+, at \d+ mm/);
    expect(step(plan('chef'), 'edge').stationLifts).toEqual([]);
  });
});

describe('a blade of three layers', () => {
  test('says how much of its core stays bare above the bevel, and warns when it is little', () => {
    const wide = plan('layered', { answers: { claddingMm: 6 } });
    const bevelTop = lowestRun(wide.section.after, { roles: ['new bevel'] })!.topYMm;
    expect(factOf(wide, 'Bare core above the bevel')).toBeCloseTo(6 - bevelTop, 9);
    expect(wide.report.warnings.map(textOf).join()).not.toContain('of core');
    const narrow = plan('layered', { answers: { claddingMm: 1 } });
    expect(narrow.report.warnings.map(textOf).join()).toContain('of core is left bare');
  });
});

describe('the front of a one-sided blade as it came', () => {
  const slicer = (answers: Answers, given: Given = {}) =>
    plan('slicing-one-sided', { answers, ...given });

  test('a clam-shell made from a flat costs its rise and its steel', () => {
    const own = { frontForm: 'clam-shell' } as const;
    const kept = slicer({ frontShape: 'clam-shell' }, { own });
    const made = slicer({ frontShape: 'flat' }, { own });
    const { angleDeg } = made.angle;
    // A tenth of the bevel at two degrees more stands outside the flat by this.
    const bevelMm = made.section.shape.bevelHeightMm;
    const rise = 0.1 * bevelMm * (tan(angleDeg + 2) / tan(angleDeg) - 1);
    expect(made.section.riseMm - kept.section.riseMm).toBeCloseTo(rise, 6);
    expect(made.report.figures.steelLost.value).toBeGreaterThan(
      kept.report.figures.steelLost.value,
    );
  });

  test('a micro bevel to be carried away with the front takes more steel', () => {
    const lost = (microMm: number): number => slicer({ microMm }).report.figures.steelLost.value;
    expect(lost(0.2)).toBeGreaterThan(1.2 * lost(0));
    expect(lost(0.4)).toBeGreaterThan(lost(0.2));
  });

  test.each([
    ['slicing-one-sided', 0.5, null],
    ['slicing-one-sided', 1.5, 0.05],
    ['vegetable-one-sided', 2.5, 0.15],
    ['fish-one-sided', 0, 0.25],
    ['fish-one-sided', 1.5, 0.25],
  ] as const)('%s that gives %s mm on the nail gets %s', (kindId, flexMm, faceMm) => {
    const { micro } = plan(kindId, { answers: { flexMm } }).section;
    expect(micro?.faceMm ?? null).toBe(faceMm);
  });

  test('the back comes before or after each finer front, and the leaning place is named', () => {
    const damage = [{ ...chip(70, 0), lengthMm: 100, kind: 'rolled edge' as const }];
    const grains = (backTurn: KindChoices['backTurn']) => {
      const made = slicer({}, { own: { backTurn }, damage });
      const stones = made.work.steps.filter(({ operation }) =>
        ['back', 'edge', 'refine'].includes(operation),
      );
      expect(textOf(stones[0]!.instruction)).toContain('70 to 170 mm, where it leans');
      return stones.map(({ operation }) => operation);
    };
    const after = grains('after the front');
    const before = grains('before the front');
    expect([...before].sort()).toEqual([...after].sort());
    expect(after.at(-1)).toBe('back');
    expect(before.at(-1)).toBe('refine');
    expect(before.slice(-2)).toEqual(['back', 'refine']);
  });
});

describe('where a razor begins', () => {
  const rack = [10, 2.5, 0.9].map((um) => rackStone({ id: `at ${um}`, um }));
  const starts = (given: Given): string | null =>
    step(plan('razor', { rack, wishes: { maxRatio: 5 }, ...given }), 'edge').stoneId;

  test('while it stays a flat V on the fine stone, nicked or dead on the coarse one', () => {
    expect(starts({ sharpness: 'tired' })).toBe('at 2.5');
    expect(starts({ sharpness: 'tired', damage: [chip(20, 0.03)] })).toBe('at 10');
    expect(starts({ sharpness: 'blunt' })).toBe('at 10');
    expect(starts({ sharpness: 'dull', own: { razorStart: 'refresh' } })).toBe('at 2.5');
  });
});

describe('the tools of a scallop', () => {
  const serration = { pitchMm: 8.5, scallopDepthMm: 1.3 };
  const toolIn = (rack: PlanInput['rack']): string | null =>
    step(plan('bread', { answers: serration, rack }), 'edge').stoneId;
  const round = (id: string, radiusMm: number | null, kind: 'cone' | 'slip' | 'wheel' = 'cone') =>
    rackStone({ id, kind, um: 25, radiusMm });

  test('the largest round that fits is taken, and none that touches the points alone', () => {
    // At the usual angle the greatest radius for 8.5 by 1.3 mm lies above 20 mm and below 40.
    expect(toolIn([...RACK, round('small', 4), round('fits', 15), round('wide', 60)])).toBe('fits');
    expect(toolIn([...RACK, round('slip', 3, 'slip')])).toBe('slip');
  });

  test('by hand a cone goes before a wheel, and a wheel without a round is never taken', () => {
    expect(toolIn([...RACK, round('wheel', 6, 'wheel'), round('cone', null)])).toBe('cone');
    expect(
      operations(
        plan('bread', { answers: serration, rack: [...RACK, round('plain', null, 'wheel')] }),
      ),
    ).not.toContain('outline');
    expect(toolIn([...RACK, round('plain', null, 'wheel'), round('cone', null)])).toBe('cone');
  });
});

describe('the nose', () => {
  test.each(BLADE_KINDS.map(({ id }) => id))(
    '%s: no lift where the blade is too low for one',
    (id) => {
      const { held } = plan(id).work;
      const low = held.flatMap(({ stations }) => stations.filter(({ heightMm }) => heightMm < 5));
      expect(low.every(({ liftMm }) => liftMm === null)).toBe(true);
    },
  );
});

describe('a blade with two edges', () => {
  const blunt = { ...chip(1, 0.5), kind: 'missing tip' as const };

  test('a blunt point comes back by both edges alike, and has no step of its own', () => {
    const whole = plan('dagger-double');
    const made = plan('dagger-double', { damage: [blunt] });
    const { edgeLengthMm, heightTipMm } = usualMeasuresOf(
      'dagger-double',
      bladeKind('dagger-double').usual.edgeLengthMm,
    );
    // Half the point's angle from half the width over the last tenth; so much off each edge for half a millimetre.
    const half = Math.atan(heightTipMm / 2 / (edgeLengthMm / 10));
    expect(made.section.riseMm - whole.section.riseMm).toBeCloseTo(0.5 * Math.sin(half), 9);
    expect(made.work.steps.some(({ title }) => title.code.startsWith('tip.'))).toBe(false);
    const on = (edge: 'A' | 'B') =>
      made.work.steps
        .filter((each) => each.edge === edge)
        .map(({ operation, strokesPerSide }) => `${operation} ${strokesPerSide}`);
    expect(on('A')).toEqual(on('B'));
  });

  test('no spine is lifted', () => {
    const made = plan('dagger-double');
    expect(made.work.isLifted).toBe(false);
    expect(made.work.steps.flatMap(({ lifts }) => lifts)).toEqual([]);
  });
});

describe('a blade with a ridge', () => {
  const answers: Answers = { ridgeRightMm: 14, ridgeLeftMm: 13 };

  test('thinned flat on its bevel raises the ridge on both sides', () => {
    const left = plan('ridge-kitchen', { answers, wishes: { thin: false } });
    const thin = plan('ridge-kitchen', {
      answers,
      wishes: { thin: true },
      own: { ridgeForm: 'flat' },
    });
    expect(factOf(left, 'Ridge on the right after')).toBeCloseTo(14 - left.section.riseMm, 9);
    for (const side of ['right', 'left'])
      expect(factOf(thin, `Ridge on the ${side} after`)).toBeGreaterThan(
        factOf(left, `Ridge on the ${side} after`),
      );
    expect(textOf(step(thin, 'thinning').instruction)).toContain(
      'near the edge first, then mid-bevel',
    );
    expect(thin.section.thinning.bands).toHaveLength(1);
    expect(textOf(step(thin, 'thinning').instruction)).toMatch(/takes the ridge up by \d\.\d mm/);
  });

  test('slightly convex it runs out in two bands below the ridge, which stays', () => {
    const made = plan('ridge-kitchen', { answers, wishes: { thin: true } });
    const [first, second] = made.section.thinning.bands;
    expect(first!.angleDeg).toBeGreaterThan(second!.angleDeg);
    expect(second!.toMm).toBeLessThan(13 - made.section.riseMm);
    expect(factOf(made, 'Ridge on the left after')).toBeCloseTo(13 - made.section.riseMm, 9);
    expect(textOf(step(made, 'thinning').instruction)).toContain('The ridge stays where it is');
  });

  test.each(['slightly convex', 'flat'] as const)(
    'thickness asked for at 5 and 10 mm is what is left, %s',
    (ridgeForm) => {
      const wishes = { thin: true, thinDepth: 'to the remnant' } as const;
      // The ridges, 14 mm up, are 2.72 mm apart, the shoulders 0.3 mm: 2.0 mm are between them at 10 mm.
      const alike = { ridgeRightMm: 14, ridgeLeftMm: 14 };
      const at10Mm = 1.9;
      const made = plan('ridge-kitchen', {
        answers: alike,
        wishes: { ...wishes, thinTo: { at5Mm: null, at10Mm } },
        own: { ridgeForm },
      });
      expect(factOf(made, '10 mm above the edge')).toBeCloseTo(at10Mm, 6);
      const refused = planBlade(
        inputFor('ridge-kitchen', {
          answers: alike,
          wishes: { ...wishes, thinTo: { at5Mm: 0.05, at10Mm: null } },
          own: { ridgeForm },
        }),
      );
      expect(refused).toMatchObject({ ok: false, error: { field: 'choices.thinTo.at5Mm' } });
    },
  );

  test('bands of a given height end there, and must rise', () => {
    const bands = (...heights: number[]) => ({
      thin: true,
      thinBands: heights.map((toMm) => ({ angleDeg: 5, toMm, stoneId: null })),
    });
    const made = plan('ridge-kitchen', { answers, wishes: bands(4, 7.6) });
    for (const [index, toMm] of [4, 7.6].entries())
      expect(made.section.thinning.bands[index]!.toMm).toBeCloseTo(toMm, 3);
    expect(planBlade(inputFor('ridge-kitchen', { answers, wishes: bands(7.6, 4) }))).toMatchObject({
      ok: false,
      error: { field: 'choices.thinBands[1].toMm' },
    });
  });

  test('the haze of its cladding is a step where the owner wants it as it came', () => {
    const made = plan('ridge-kitchen', {
      answers: { ...answers, finishWish: 'the maker’s finish' },
    });
    expect(made.work.steps.some(({ title }) => textOf(title).startsWith('Contrast'))).toBe(true);
  });
});

describe('a one-sided blade with a hollow back', () => {
  const answers: Answers = {
    hand: 'right',
    backTest: 'light in the middle',
    hollowDepthMm: 0.35,
    hollowWidthMm: 26,
    rimEdgeMm: 0.8,
  };

  test('raises its ridge by c tan θ / (tan θ − tan ψ)', () => {
    const made = plan('slicing-one-sided', { answers });
    const { measures } = inputFor('slicing-one-sided');
    const bevelMm = measures.thicknessBehindEdgeMm / tan(12);
    const lean =
      (measures.spineMiddleMm - measures.thicknessBehindEdgeMm) /
      (measures.heightMiddleMm - bevelMm);
    const c = made.section.riseMm - BACK_TAKES_MM / tan(12);
    expect(factOf(made, 'Ridge goes up by')).toBeCloseTo((c * tan(12)) / (tan(12) - lean), 9);
  });

  test('is as thick at its ridge as from its plane, whatever the hollow', () => {
    const made = plan('slicing-one-sided', { answers });
    const ridge = factOf(made, 'Ridge above the new edge') + made.section.riseMm;
    const onBevel = (ridge - made.section.riseMm + BACK_TAKES_MM / tan(12)) * tan(12);
    expect(made.report.figures.behindEdgeAfter.value).toBeCloseTo(onBevel, 9);
  });

  test('begins with very few strokes on the back, and takes the burr off it after every stone', () => {
    const made = plan('slicing-one-sided', { answers });
    const first = made.work.steps.find(({ stoneId }) => stoneId !== null)!;
    expect(first).toMatchObject({ operation: 'back', strokesPerSide: 6 });
    expect(first.sides).toMatchObject([{ side: 'left', angleDeg: 0 }]);
    const backs = made.work.steps.filter(({ operation }) => operation === 'back').length;
    const refined = made.work.steps.filter(({ operation }) => operation === 'refine').length;
    expect(backs).toBe(1 + refined);
    expect(step(made, 'edge').burrOn).toEqual(['left']);
  });

  test('a left-handed one is the mirror image: other side, same figures', () => {
    const right = plan('slicing-one-sided', { answers });
    const left = plan('slicing-one-sided', { answers: { ...answers, hand: 'left' } });
    expect(step(left, 'edge').sides[0]!.side).toBe('left');
    expect(step(left, 'edge').burrOn).toEqual(['right']);
    expect(left.report.figures.steelLost.value).toBeCloseTo(
      right.report.figures.steelLost.value,
      9,
    );
    expect(factOf(left, 'Ridge goes up by')).toBeCloseTo(factOf(right, 'Ridge goes up by'), 9);
  });

  test('a clam-shell has three finger positions and three facets, a flat bevel one', () => {
    const clam = plan('fish-one-sided', { answers });
    const front = clam.work.steps.filter(({ position }) => position !== null);
    const { angleDeg } = clam.angle;
    expect(front.slice(0, 2).map(({ position }) => position)).toEqual([1, 3]);
    expect(front.at(-1)!.position).toBe(2);
    for (const { position, angleDeg: held } of front)
      expect(held).toBeCloseTo(angleDeg + { 1: -2, 2: 0, 3: 2 }[position!], 9);
    // The whole front is an inch or so: at two degrees the edge floats half a millimetre clear.
    expect(textOf(front[0]!.instruction)).toMatch(/the edge floats 0\.[3-6]\d mm clear/);
    const facets = clam.section.before.vertices.filter(({ face }) =>
      isFace(face, { side: 'right', roles: ['bevel'] }),
    );
    expect(facets).toHaveLength(3);
    const flat = plan('fish-one-sided', { answers, own: { frontForm: 'flat' } });
    expect(textOf(step(flat, 'edge').instruction)).toContain('middle position only');
  });

  test('tells the future of its rim and warns when the hollow has reached the edge', () => {
    const made = plan('slicing-one-sided', { answers });
    expect(factOf(made, 'Rim after this visit')).toBeLessThan(0.9);
    const gone = plan('slicing-one-sided', { answers: { ...answers, rimEdgeMm: 0 } });
    expect(gone.report.warnings.map(textOf).join()).toContain('hollow has reached the edge');
  });

  test('is tapped out only when asked, by the depth of its hollow at the rim wanted, with a caution', () => {
    const none = plan('leather', { answers });
    expect(operations(none)).not.toContain('tapping');
    const made = plan('leather', {
      answers: { ...answers, rimEdgeMm: 0 },
      own: { tapForRimMm: 1 },
    });
    expect(operations(made).slice(0, 2)).toEqual(['ready', 'tapping']);
    expect(textOf(made.work.steps[0]!.instruction)).toContain('Never a flame');
    // Depth of an arc 1 mm inside its margin: R and d give the sagitta.
    const r = (13 ** 2 + 0.35 ** 2) / (2 * 0.35);
    const wanted = 0.35 - (r - Math.sqrt(r * r - 12 ** 2));
    expect(factOf(made, 'Steel to be moved')).toBeCloseTo(wanted, 6);
    expect(textOf(made.work.steps[1]!.caution!)).toContain('written consent');
    expect(made.report.warnings.map(textOf).join()).toContain('written consent');
  });

  test('tapped out it never meets a belt with its back', () => {
    const belt = rackStone({ id: 'belt', um: 30, kind: 'belt', abrasive: 'aluminium-oxide' });
    const made = plan('leather', {
      answers: { ...answers, rimEdgeMm: 0 },
      own: { tapForRimMm: 1 },
      rack: [...BENCH, belt],
      machine: {
        name: 'Slow belt',
        kind: 'belt',
        sizes: { ...NO_SIZES, speedMPerS: 2.5 },
        cuts: [],
      },
    });
    expect(made.work.steps.some(({ stoneId }) => stoneId === 'belt')).toBe(true);
    for (const { operation, stoneId } of made.work.steps)
      if (operation === 'back') expect(stoneId).not.toBe('belt');
  });

  test('without a hollow is another kind, and a wide back bevel is kept', () => {
    const made = plan('vegetable-one-sided', {
      answers: { backTest: 'no light anywhere', backBevel: 'wide' },
    });
    expect(made.report.warnings.map(textOf).join()).toContain('plain flat back');
    expect(made.report.warnings.map(textOf).join()).toContain('keep it as it is');
    expect(made.report.facts.some(({ label }) => label.startsWith('Rim'))).toBe(false);
  });
});

describe('a serrated edge', () => {
  const answers: Answers = { pitchMm: 6, scallopDepthMm: 1.2, groundSide: 'right' };

  test('counts its scallops and the rod that fits', () => {
    const made = plan('bread', { answers, wishes: { approach: 'keep' } });
    expect(factOf(made, 'Scallops')).toBe(37);
    const h = 1.2 * Math.sin((17 * Math.PI) / 180);
    expect(factOf(made, 'Rod no thicker than')).toBeCloseTo((9 + h * h) / h, 9);
  });

  test('works scallop by scallop on the ground side, then pushes the burr to and fro', () => {
    const made = plan('bread', { answers });
    expect(step(made, 'edge')).toMatchObject({ stoneId: 'cone', burrOn: ['left'] });
    expect(step(made, 'edge').strokesPerSide % 37).toBe(0);
    const flat = made.work.steps.find(({ title }) => textOf(title).startsWith('Flat side'))!;
    expect(flat.sides).toMatchObject([{ side: 'left', angleDeg: 1 }]);
  });

  test('the ways differ: the flat side alone takes no steel, the rod alone no stone', () => {
    const flat = plan('bread', { answers, own: { serrationWay: 'flat side only' } });
    expect(flat.work.steps.some(({ stoneId }) => stoneId === 'cone')).toBe(false);
    const rod = plan('bread', { answers, own: { serrationWay: 'rod only' } });
    expect(rod.work.steps.some(({ title }) => textOf(title).startsWith('Flat side'))).toBe(false);
    expect(rod.report.figures.steelLost.value).toBeGreaterThan(flat.report.figures.steelLost.value);
  });

  test('ground on the left it is the mirror image', () => {
    const [right, left] = [answers, { ...answers, groundSide: 'left' }].map((each) =>
      plan('bread', { answers: each }),
    );
    expect(step(left!, 'edge').sides[0]!.side).toBe('left');
    expect(left!.report.figures.steelLost.value).toBeCloseTo(
      right!.report.figures.steelLost.value,
      9,
    );
  });
});

describe('an axe', () => {
  test('is jointed, filed with the fingers behind, then rounded in circles', () => {
    const made = plan('axe-felling', { damage: [chip(40, 0.8)] });
    expect(operations(made).slice(0, 5)).toEqual(['ready', 'outline', 'edge', 'deburr', 'test']);
    for (const each of made.work.steps.slice(1, 4)) expect(each.stoneId).toBe('file');
    expect(textOf(step(made, 'edge').caution!)).toContain('fingers behind the face');
    expect(textOf(step(made, 'refine').pattern!)).toContain('circles');
    expect(factOf(made, 'At the apex')).toBeCloseTo(made.angle.angleDeg + 3, 9);
  });

  test('a chip is jointed out along the whole bit, so that it keeps its curve', () => {
    const made = plan('axe-felling', { damage: [chip(30, 0.7)] });
    expect(new Set(made.outline.depthAlong.map(([, depthMm]) => depthMm))).toEqual(new Set([0.7]));
  });

  test('file and deburr is a complete service', () => {
    const made = plan('axe-felling', { own: { axeService: 'file and deburr' } });
    expect(operations(made)).toEqual(['ready', 'edge', 'deburr', 'wash']);
    expect(factOf(made, 'At the apex')).toBeCloseTo(made.angle.angleDeg, 9);
  });

  test('a flat bevel rounded for the first time loses more height than one that came convex', () => {
    const rise = (bevelShape: string): number => {
      const { after } = plan('axe-felling', { answers: { bevelShape } }).section;
      return Math.min(...after.vertices.map(({ y }) => y));
    };
    expect(rise('convex')).toBeCloseTo(0.03, 6);
    expect(rise('flat')).toBeGreaterThan(0.3);
  });

  test('where a file skates the stones take all of it', () => {
    const made = plan('axe-felling', { answers: { fileTest: 'skates' } });
    expect(made.work.steps.some(({ stoneId }) => stoneId === 'file')).toBe(false);
    expect(made.report.warnings.map(textOf).join()).toContain('too hard to file');
  });
});

describe('a razor', () => {
  test('lies on its spine: the angle is the spine’s, tape makes it steeper, nothing is lifted', () => {
    const bare = plan('razor');
    expect(bare.angle.angleDeg).toBeCloseTo(deg(Math.atan(2.5 / 18)), 9);
    const taped = plan('razor', { own: { tapeLayers: 2 } });
    expect(taped.angle.angleDeg).toBeCloseTo(deg(Math.atan(2.7 / 18)), 9);
    expect(bare.work.steps.every(({ lifts }) => lifts.length === 0)).toBe(true);
    expect(bare.report.options.map(({ approach }) => approach)).toEqual(['keep']);
  });

  test('bare, its spine wears with the edge; under tape it does not', () => {
    expect(factOf(plan('razor'), 'Spine worn by')).toBeGreaterThan(0.005);
    expect(factOf(plan('razor', { own: { tapeLayers: 1 } }), 'Spine worn by')).toBeCloseTo(0, 5);
  });

  test('is disinfected before and after, and no angle can be set by hand', () => {
    const made = plan('razor', { wishes: { angleDeg: 20 } });
    expect(made.angle.angleDeg).toBeLessThan(9);
    expect(textOf(made.work.steps[0]!.instruction)).toContain('Disinfect');
    expect(textOf(made.work.steps.at(-1)!.title)).toContain('Disinfect');
  });
});

describe('a single flat bevel', () => {
  test('has no second angle, keeps its own, and works where it carves most', () => {
    const made = plan('bushcraft', { answers: { carvesMost: 'the tip' } });
    expect(made.angle.approach).toBe('keep');
    expect(operations(made)).not.toContain('micro');
    expect(textOf(step(made, 'edge').instruction)).toContain('towards the tip');
  });

  test('a second angle somebody left is worked out of it, and that takes steel', () => {
    const [none, wide] = ['none', 'wide'].map((secondary) =>
      plan('bushcraft', { answers: { secondary } }),
    );
    expect(
      wide!.report.figures.heightLost.value - none!.report.figures.heightLost.value,
    ).toBeCloseTo(0.12, 9);
    expect(wide!.report.figures.steelLost.value).toBeGreaterThan(
      none!.report.figures.steelLost.value,
    );
  });
});

describe('a chisel-ground dagger', () => {
  test('has its bevel on one side; the back only loses its burr, nearly flat', () => {
    const made = plan('dagger', { answers: { groundSide: 'right', back: 'coated' } });
    expect(step(made, 'edge').sides.map(({ side }) => side)).toEqual(['right']);
    const back = step(made, 'back');
    expect(back.sides).toMatchObject([{ side: 'left', angleDeg: 1, strokes: 4 }]);
    expect(textOf(back.instruction)).toContain('coating stays');
    expect(made.report.figures.angleInclusive.value).toBe(made.angle.angleDeg);
  });

  test('double-edged it is worked edge by edge, each the mirror of the other where they are', () => {
    const answers: Answers = { edges: 'two', groundSide: 'right on one edge, left on the other' };
    const [one, two] = [
      plan('dagger-double', { answers: { edges: 'one' } }),
      plan('dagger-double', { answers }),
    ];
    const edges = two.work.steps.filter(({ operation }) => operation === 'edge');
    expect(edges.map(({ sides }) => sides[0]!.side)).toEqual(['right', 'left']);
    // What is said of the strokes is what the bench counts, on the side it is counted on.
    for (const { sides, rounds, pattern } of two.work.steps.filter(
      ({ rounds: laid }) => laid.length > 0,
    )) {
      for (const { side, strokes } of sides) {
        const due = rounds.filter((round) => round.side === side || round.side === null);
        expect(due.reduce((sum, { count }) => sum + count, 0)).toBe(strokes);
      }
      const unworked = ['right', 'left'].find((side) => !sides.some((each) => each.side === side));
      if (unworked !== undefined) expect(textOf(pattern!)).not.toContain(unworked);
    }
    expect(edges[0]!.removeMm3).toBeCloseTo(edges[1]!.removeMm3, 12);
    expect(two.report.figures.steelLost.value).toBeCloseTo(one.report.figures.steelLost.value, 9);
    expect(two.report.warnings.map(textOf).join()).toContain('rules for selling');
  });
});

describe('the outline', () => {
  const fault = (kind: 'recurve' | 'missing tip', depthMm: number) => ({
    id: 'f',
    kind,
    side: 'both' as const,
    fromMm: 20,
    lengthMm: 40,
    depthMm,
  });

  test('a recurve is worked out as a chip of its depth would be, unless it is left', () => {
    const made = plan('chef', { damage: [fault('recurve', 0.5)] });
    expect(textOf(step(made, 'outline').title)).toContain('Straighten the outline');
    expect(made.report.figures.heightLost.value).toBeCloseTo(0.53, 9);
    const left = plan('chef', { damage: [fault('recurve', 0.5)], wishes: { chipsLeft: ['f'] } });
    expect(left.report.figures.heightLost.value).toBeCloseTo(0.03, 9);
  });

  test('a broken tip is brought back first, three ways with what each takes', () => {
    const made = plan('chef', { damage: [fault('missing tip', 4)] });
    expect(textOf(step(made, 'outline').title)).toContain('Bring the tip back');
    expect(textOf(step(made, 'outline').instruction)).toContain('spine down to the edge line');
    const areas = ['edge to spine', 'spine to edge', 'meet between'].map((way) =>
      factOf(made, `Tip, ${way}`),
    );
    expect(Math.min(...areas)).toBeGreaterThan(0);
    const up = plan('chef', {
      damage: [fault('missing tip', 4)],
      own: { tipWay: 'edge to spine' },
    });
    expect(textOf(step(up, 'outline').instruction)).toContain('up to the spine line');
    expect(step(up, 'outline').removeMm3).toBeCloseTo(areas[0]! * 1.1, 9);
  });
});

describe('a finish wished for by its grain', () => {
  test('goes before the window of the use', () => {
    const made = plan('chef', { answers: { finishWish: 'very fine', finishWishUm: 3 } });
    expect(made.progression.finishUm[0]).toBeCloseTo(2.4, 9);
    expect(made.work.steps.find(({ stoneId }) => stoneId === 'fine')).toBeDefined();
  });
});

describe('a hollow grind', () => {
  test('is touched at the very edge only, and not thinned', () => {
    const made = plan('hollow-outdoor', { wishes: { thin: true } });
    expect(made.section.thinning.done).toBe(false);
    expect(step(made, 'edge')).toMatchObject({
      zone: say('two-sided.hollow.zone'),
      forceN: [2, 5],
    });
  });
});

describe('a false back edge', () => {
  test('is left when it is for weight, sharpened steeper when it is meant to cut', () => {
    const weight = plan('clip-outdoor', { answers: { falseEdge: 'for weight only' } });
    expect(weight.report.warnings.map(textOf).join()).toContain('leave it');
    const cuts = plan('clip-outdoor', { answers: { falseEdge: 'meant to cut', falseEdgeDeg: 27 } });
    const back = cuts.work.steps.find(({ title }) => textOf(title).startsWith('Back edge'))!;
    expect(back.angleDeg).toBe(27);
  });
});
