import { rackStone } from '../../test/blades';
import {
  allQuestions,
  BLADE_KINDS,
  bladeKind,
  checkBack,
  compareCondition,
  DEFAULT_CHOICES,
  estimate,
  expectationOf,
  findSteel,
  findUse,
  judge,
  LIKELY,
  likest,
  measuresAskedOf,
  planBlade,
  standInAngleDeg,
  totalOf,
  usualMeasuresOf,
  type Damage,
  type PlanInput,
  type PriceTerms,
} from '../index';
import { unlikeness } from '../blade/recognise';
import { priceOf } from '../price/estimate';
import type { JudgeInput } from './judgement';

const damage = (part: Partial<Damage>): Damage => ({
  id: 'd',
  kind: 'chip',
  side: 'both',
  fromMm: 50,
  lengthMm: 4,
  depthMm: 0.5,
  ...part,
});
const blade = (kindId: string, part: Partial<JudgeInput> = {}): JudgeInput => {
  const kind = bladeKind(kindId);
  return {
    kind,
    measures: usualMeasuresOf(kindId, kind.usual.edgeLengthMm),
    steel: findSteel('unknown stamped stainless')!,
    use: findUse(kind.usual.use),
    damage: [],
    answers: {},
    plan: null,
    thicknessSigmaMm: 0.005,
    ...part,
  };
};
const ids = (said: readonly { id: string }[]): string[] => said.map(({ id }) => id);

describe('the judgement', () => {
  test('does what stones can do', () => {
    const { decision, thickness, consents } = judge(blade('chef'));
    expect(decision).toBe('do it');
    expect(thickness.state).toBe('thin enough');
    expect(consents).toEqual([]);
  });

  test.each([
    ['only tired', 'chef', {}, /rod/],
    ['tired and rolled', 'chef', { damage: [damage({ kind: 'rolled edge', depthMm: 0 })] }, /rod/],
    ['tired and chipped', 'chef', { damage: [damage({})] }, null],
    ['blunt', 'chef', { sharpness: 'blunt' }, null],
    ['a tired razor', 'razor', {}, null],
  ] as const)('%s: a rod or strop is proposed where it helps', (_what, kindId, part, said) => {
    const { touchUpFirst } = judge(blade(kindId, { sharpness: 'tired', ...part }));
    if (said === null) expect(touchUpFirst).toBeNull();
    else expect(touchUpFirst).toMatch(said);
  });

  test.each([
    ['a crack', 'chef', { damage: [damage({ kind: 'crack' })] }, 'decline it'],
    ['a deep burn', 'chef', { damage: [damage({ kind: 'heat tint', depthMm: 3 })] }, 'send it on'],
    ['a shallow burn', 'chef', { damage: [damage({ kind: 'heat tint', depthMm: 0.5 })] }, 'do it'],
    ['a bend', 'outdoor', { damage: [damage({ kind: 'bend' })] }, 'send it on'],
    ['a loose head', 'axe-felling', { answers: { haft: 'loose head' } }, 'send it on'],
    [
      'a spent hollow',
      'fish-one-sided',
      { answers: { backTest: 'light only at the edge', hollowDepthMm: 0.03 } },
      'send it on',
    ],
    [
      'a chip deeper than the blade has left',
      'paring',
      { damage: [damage({ depthMm: 12 })] },
      'decline it',
    ],
  ] as const)('%s', (_, kindId, part, decision) => {
    const judged = judge(blade(kindId, part));
    expect(judged.decision).toBe(decision);
    expect(judged.reasons[0]!.length).toBeGreaterThan(20);
  });

  test('the gravest ground decides, and all are told', () => {
    const judged = judge(
      blade('chef', { damage: [damage({ kind: 'bend' }), damage({ kind: 'crack', id: 'e' })] }),
    );
    expect(judged.decision).toBe('decline it');
    expect(judged.reasons).toHaveLength(2);
    expect(judged.consents).toEqual([]);
  });

  test('thickness is weighed against the use, and not where it says nothing', () => {
    const thick = blade('chef');
    const measures = { ...thick.measures, thicknessBehindEdgeMm: 0.62 };
    expect(judge({ ...thick, measures }).thickness.state).toBe('thick');
    const guessed = judge({ ...thick, measures, thicknessSigmaMm: 0.09 }).thickness;
    expect(guessed.state).toBe('at its limit');
    expect(guessed.text).toContain('Measure it again');
    expect(judge(blade('axe-felling')).thickness.state).toBe('not judged');
    expect(judge(blade('hollow-outdoor')).thickness.text).toContain('only the very edge');
  });

  test('finish: the steel’s limit, a named finish beyond it, the maker’s look', () => {
    const fine = judge(blade('chef', { use: findUse('raw-fish'), steel: findSteel('SUS420J2')! }));
    expect(fine.finish.um).toEqual([4, 4]);
    const named = judge(blade('chef', { answers: { finishWish: 'very fine', finishWishUm: 1 } }));
    expect(named.finish.um[0]).toBeCloseTo(0.8, 9);
    expect(named.finish.text).toContain('for the eye');
    const maker = judge(
      blade('chef', { answers: { finishWish: 'the maker’s finish', sheen: 'satin' } }),
    );
    expect(maker.finish.text).toContain('satin');
  });

  test('consent, caution and protection follow what was found', () => {
    const judged = judge(
      blade('chef', {
        answers: { surface: 'printed mark', patina: 'may go', handle: 'loose' },
        damage: [damage({ depthMm: 2 }), damage({ id: 'e', kind: 'missing tip' })],
      }),
    );
    expect(ids(judged.consents)).toEqual(['height', 'tip', 'mark', 'patina', 'as-found']);
    expect(ids(judged.cautions)).toContain('handle');
    expect(ids(judged.protection)).toEqual(['handle', 'mark']);
    expect(ids(judge(blade('razor')).protection)[0]).toBe('disinfect');
    expect(ids(judge(blade('dagger-double')).cautions)).toContain('law');
  });

  test('what to expect of each school', () => {
    const say = (angle: number, present: number): string =>
      expectationOf(angle, findUse('general-soft'), findSteel('SUS420J2')!, present);
    expect(say(18, 18)).toContain('as the customer knows it');
    expect(say(12, 18)).toContain('will roll');
    expect(say(24, 18)).toContain('blunt early');
  });
});

describe('questions of a kind', () => {
  test('stand once each, and only where they matter', () => {
    for (const kind of BLADE_KINDS) {
      const asked = ids(allQuestions(kind));
      expect(new Set(asked).size).toBe(asked.length);
      expect(asked.includes('backTest')).toBe(kind.grind === 'one-sided, hollow back');
      expect(asked.includes('pitchMm')).toBe(kind.grind === 'serrated');
    }
    const razor = measuresAskedOf(bladeKind('razor')).map(({ label }) => label);
    expect(razor).toContain('Width half way, mm');
    expect(razor.join()).not.toContain('Behind the edge');
  });

  test('a hollow back is tested, not taken for granted', () => {
    expect(checkBack({}).state).toBe('not looked at');
    expect(checkBack({ backTest: 'no light anywhere' }).state).toBe('not hollow');
    const hollow = checkBack({
      backTest: 'light in the middle',
      hollowDepthMm: 0.4,
      hollowWidthMm: 40,
      rimEdgeMm: 1,
    });
    expect(hollow.state).toBe('hollow');
    expect(hollow.radiusMm).toBeCloseTo((20 ** 2 + 0.4 ** 2) / 0.8, 9);
    expect(checkBack({ backTest: 'light in the middle', rimEdgeMm: 0.1 }).state).toBe('rim worn');
  });
});

describe('condition compared with the last visit', () => {
  test('as before, grown, new and gone', () => {
    const before = [
      damage({ id: 'a', fromMm: 20 }),
      damage({ id: 'b', fromMm: 90, depthMm: 0.3 }),
      damage({ id: 'c', fromMm: 150 }),
      damage({ id: 'p', kind: 'pit', fromMm: 20, depthMm: 0.2 }),
    ];
    const { now, gone } = compareCondition(
      [
        damage({ id: '1', fromMm: 21 }),
        damage({ id: '2', fromMm: 91, depthMm: 0.6 }),
        damage({ id: '3', fromMm: 120 }),
        damage({ id: '4', kind: 'pit', fromMm: 20, depthMm: 0.1 }),
      ],
      before,
    );
    expect(now.map(({ since }) => since)).toEqual(['as before', 'grown', 'new', 'smaller']);
    expect(ids(gone)).toEqual(['c']);
  });

  test('one earlier fault answers for one found now', () => {
    const { now } = compareCondition(
      [damage({ id: '1', fromMm: 20 }), damage({ id: '2', fromMm: 22 })],
      [damage({ id: 'a', fromMm: 20 })],
    );
    expect(now.map(({ since }) => since)).toEqual(['as before', 'new']);
  });
});

test('a blade is known again by its outline: lower than last time, but not higher', () => {
  const known = ['chef', 'chef', 'paring'].map((id, index) => ({
    id: index,
    measures: usualMeasuresOf(id, index === 1 ? 225 : bladeKind(id).usual.edgeLengthMm),
  }));
  const seen = { kindId: 'chef', edgeLengthMm: 210, heightHeelMm: 45 };
  const ranked = likest(seen, known);
  expect(ranked[0]!.blade.id).toBe(0);
  expect(ranked[0]!.unlike).toBeLessThan(LIKELY);
  expect(ranked[2]!.blade.id).toBe(2);
  const taller = unlikeness({ ...seen, heightHeelMm: 49 }, known[0]!.measures);
  const lower = unlikeness({ ...seen, heightHeelMm: 43 }, known[0]!.measures);
  expect(taller).toBeGreaterThan(LIKELY);
  expect(lower).toBeLessThan(LIKELY);
});

describe('the estimate', () => {
  const terms: PriceTerms = {
    prices: [
      { item: 'blade', group: 'any', amountMinor: 900 },
      { item: 'blade', group: 'one-sided', amountMinor: 2400 },
      { item: 'length', group: 'any', amountMinor: 100 },
      { item: 'chip', group: 'any', amountMinor: 300 },
      { item: 'minute', group: 'any', amountMinor: 80 },
      { item: 'scallop', group: 'serrated', amountMinor: 25 },
    ],
    lengthIncludedMm: 200,
    lengthStepMm: 50,
    minutesIncluded: 15,
  };
  const facts = {
    kind: bladeKind('chef'),
    edgeLengthMm: 210,
    damage: [],
    thin: true,
    scallops: null,
    minutes: null,
  };

  test('takes the narrowest price that fits', () => {
    expect(priceOf(terms, 'blade', bladeKind('chef'))).toBe(900);
    expect(priceOf(terms, 'blade', bladeKind('fish-one-sided'))).toBe(2400);
    expect(priceOf(terms, 'thinning', bladeKind('chef'))).toBeNull();
  });

  test('adds length, chips as a range, and minutes beyond what the blade holds', () => {
    const lines = estimate(terms, {
      ...facts,
      damage: [damage({}), damage({ id: 'e', depthMm: 1.2 })],
      minutes: [10, 25.2],
    });
    expect(lines.map(({ lowMinor, highMinor }) => [lowMinor, highMinor])).toEqual([
      [900, 900],
      [100, 100],
      [300, 900],
      [0, 880],
    ]);
    expect(totalOf(lines)).toEqual({ lowMinor: 1300, highMinor: 2780 });
  });

  test('leaves out what costs nothing or has no price', () => {
    expect(estimate(terms, { ...facts, edgeLengthMm: 200, minutes: [5, 12] })).toHaveLength(1);
    const scallops = estimate(terms, { ...facts, kind: bladeKind('bread'), scallops: 40 });
    expect(scallops.at(-1)).toEqual({ label: '40 scallops', lowMinor: 1000, highMinor: 1000 });
  });
});

describe('what a blade of any kind would take', () => {
  const rack = [
    rackStone({ id: 'a', um: 30 }),
    rackStone({ id: 'b', um: 12 }),
    rackStone({ id: 'c', um: 4 }),
  ];
  const inputFor = (kindId: string, part: Partial<PlanInput> = {}): PlanInput => {
    const kind = bladeKind(kindId);
    const measures = usualMeasuresOf(kindId, kind.usual.edgeLengthMm);
    return {
      measures:
        kind.grind === 'razor'
          ? { ...measures, presentAnglePerSideDeg: standInAngleDeg(kindId, measures, null) }
          : measures,
      steel: findSteel('unknown stamped stainless')!,
      useId: kind.usual.use,
      sharpness: 'dull',
      carefulHands: false,
      damage: [],
      answers: {},
      rack,
      machine: null,
      choices: DEFAULT_CHOICES,
      ...part,
    };
  };
  const reckoned = (input: PlanInput) => {
    const result = planBlade(input);
    if (!result.ok) throw new Error(`${input.measures.kindId}: ${result.error.message}`);
    return result.value;
  };

  test.each(BLADE_KINDS.map(({ id }) => id))('%s: schools with steel and height', (id) => {
    const {
      report: { options },
      report: { figures },
    } = reckoned(inputFor(id));
    const keep = options.find(({ approach }) => approach === 'keep')!;
    expect(keep.steelLost!.value).toBeGreaterThan(0);
    expect(figures.heightLost.value).toBeGreaterThan(0);
    expect(options).toHaveLength(bladeKind(id).grind === 'razor' ? 1 : 3);
  });

  test('parallel faces, a hair thicker at the ridge than at the spine, are no fault', () => {
    const { measures } = inputFor('slicing-one-sided');
    const parallel = { ...measures, spineMiddleMm: 3.2, thicknessBehindEdgeMm: 3.25 };
    expect(
      reckoned(inputFor('slicing-one-sided', { measures: parallel })).report.options[0]!.steelLost!
        .value,
    ).toBeGreaterThan(0);
  });

  test('more chip never takes less', () => {
    const steel = (depthMm: number): number =>
      reckoned(inputFor('bushcraft', { damage: [damage({ fromMm: 30, depthMm })] })).report
        .options[0]!.steelLost!.value;
    expect(steel(0.6)).toBeGreaterThan(steel(0.2));
  });
});
