import fc from 'fast-check';
import {
  diagnose,
  diagnoseFault,
  EDGE_TESTS,
  FAULT_CAUSES,
  FAULT_SIGN_IDS,
  FAULT_SIGNS,
  findFaults,
  findUse,
  forceBand,
  judgeEdge,
  keptReadings,
  medianGf,
  mustRepeat,
  NO_READINGS,
  readingsOf,
  reworkOf,
  signsOf,
  strokesBack,
  testsThatCount,
  USES,
  USUAL_TESTS,
  type ClassReadings,
  type EdgeReadings,
  type EdgeTestId,
  type OwnFault,
  type OwnTest,
  type PlaceReading,
  type TestBench,
  type ZoneReadings,
} from '../index';

const use = findUse('general-soft');
const benchOf = (...inUse: readonly EdgeTestId[]): TestBench => ({ inUse, own: [] });
const WITH_FORCE = benchOf(...USUAL_TESTS, 'force');
const good: ZoneReadings = {
  classes: { light: 'dark', paper: 'cuts clean' },
  forceGf: [210, 220, 230],
};
const but = (classes: ClassReadings, forceGf = good.forceGf): ZoneReadings => ({
  classes: { ...good.classes, ...classes },
  forceGf,
});
const edge = (part: Partial<EdgeReadings> = {}): EdgeReadings => ({
  ...readingsOf(() => good),
  ...part,
});
const verdictOf = (part: Partial<EdgeReadings>, inUse = WITH_FORCE, of = use) =>
  judgeEdge(edge(part), of, inUse);

describe('cut force', () => {
  test('its median, and the word for it', () => {
    expect(medianGf([230, 180, 200])).toBe(200);
    expect(forceBand(200)).toBe('good working edge');
    expect(medianGf([])).toBeNull();
  });

  test('readings that spread over a third of their median are repeated', () => {
    expect(mustRepeat([200, 210, 260])).toBe(false);
    expect(mustRepeat([150, 210, 260])).toBe(true);
  });
});

describe('the tests of an edge', () => {
  test('each has its classes or a figure, and one class that is good', () => {
    for (const { id, classes, minutes } of EDGE_TESTS) {
      expect(minutes).toBeGreaterThan(0);
      if (id !== 'force') expect(classes.filter(({ means }) => means === 'good')).toHaveLength(1);
    }
  });

  test('what counts is of the use and in use: a razor by touch and hair, no force where no tester is owned', () => {
    expect(testsThatCount(findUse('razor'), benchOf(...USUAL_TESTS))).toEqual([
      'light',
      'touch',
      'hair',
    ]);
    expect(testsThatCount(findUse('vegetable-fine'), WITH_FORCE)).toEqual([
      'light',
      'paper',
      'food',
      'force',
    ]);
    for (const each of USES)
      expect(testsThatCount(each, benchOf(...USUAL_TESTS))).not.toContain('force');
  });
});

describe('the verdict', () => {
  test('meets when all that counts is good', () => {
    expect(verdictOf({}).verdict).toBe('meets');
  });

  test('without a tester a blade passes by light and paper alone', () => {
    const bare = readingsOf(() => ({ ...good, forceGf: [] }));
    expect(judgeEdge(bare, use, benchOf(...USUAL_TESTS)).verdict).toBe('meets');
    expect(judgeEdge(bare, use, WITH_FORCE).verdict).toBe('not tested');
  });

  test('a zone nobody tested is not passed', () => {
    const verdict = verdictOf({ tip: NO_READINGS });
    expect(verdict.verdict).toBe('not tested');
    expect(verdict.zones[3]!.reasons).toContain('paper: not done');
  });

  test('a test that counts and is read once for the blade is asked for', () => {
    const fine = findUse('vegetable-fine');
    expect(verdictOf({}, benchOf(...USUAL_TESTS), fine)).toMatchObject({
      verdict: 'not tested',
      blade: { reasons: ['food or material: not done'] },
    });
    expect(
      verdictOf({ blade: { food: 'parts freely' } }, benchOf(...USUAL_TESTS), fine).verdict,
    ).toBe('meets');
    expect(verdictOf({ blade: { food: 'tears' } }, benchOf(...USUAL_TESTS), fine).verdict).toBe(
      'back to the bench',
    );
  });

  test('a test that does not count is a remark, never a reason to go back; a burr that is felt is', () => {
    expect(verdictOf({ heel: but({ hair: 'none' }) }).verdict).toBe('meets with remarks');
    expect(verdictOf({ blade: { tip: 'skids' } }).verdict).toBe('meets with remarks');
    expect(verdictOf({ heel: but({ burr: 'clear' }) }).verdict).toBe('back to the bench');
  });

  test('two forces are not three', () => {
    expect(verdictOf({ heel: but({}, [200, 205]) }).verdict).toBe('not tested');
  });

  test('a glint goes back', () => {
    expect(verdictOf({ tip: but({ light: 'glint' }) }).verdict).toBe('back to the bench');
  });

  test('a force just above the target is a remark, well above it a fault', () => {
    const at = (gf: number) => verdictOf({ belly: but({}, [gf, gf, gf]) }).verdict;
    expect(at(280)).toBe('meets');
    expect(at(290)).toBe('meets with remarks');
    expect(at(320)).toBe('back to the bench');
  });

  test('paper that catches is a remark, on a fine edge a fault', () => {
    const middle = but({ paper: 'catches' }, [120, 120, 120]);
    expect(verdictOf({ middle }).verdict).toBe('meets with remarks');
    expect(
      judgeEdge(
        readingsOf(() => middle, { blade: { food: 'parts freely' } }),
        findUse('vegetable-fine'),
        WITH_FORCE,
      ).verdict,
    ).toBe('back to the bench');
  });
});

describe('faults', () => {
  test('every sign names causes of the table, every cause what is done', () => {
    for (const id of FAULT_SIGN_IDS) {
      const { causes, minutes } = FAULT_SIGNS[id];
      expect(causes.length).toBeGreaterThan(0);
      expect(minutes).toBeGreaterThan(0);
      for (const cause of causes) expect(FAULT_CAUSES[cause].remedy).not.toBe('');
    }
    const named = new Set<string>(FAULT_SIGN_IDS.flatMap((id) => [...FAULT_SIGNS[id].causes]));
    expect(Object.keys(FAULT_CAUSES).filter((id) => !named.has(id))).toEqual([]);
  });

  test.each([
    [{ tip: but({ light: 'glint' }) }, 'glint in a zone', 'edge', ['tip']],
    [{ heel: but({ paper: 'tears' }) }, 'paper catches', 'deburr', ['heel']],
    [{ belly: but({}, [340, 345, 350]) }, 'does not shave', 'refine', ['belly']],
    [{ heel: but({ burr: 'heavy' }) }, 'burr at the end', 'deburr', ['heel']],
    [{ blade: { food: 'cracks' } }, 'wedges', 'thinning', ['heel', 'middle', 'belly', 'tip']],
  ] as const)('%j', (part, id, backTo, zones) => {
    expect(findFaults(edge(part as Partial<EdgeReadings>), use)[0]).toMatchObject({
      id,
      backTo,
      zones,
    });
  });

  test('a glint all along is the shoulder, not a zone', () => {
    const [fault] = findFaults(
      readingsOf(() => but({ light: 'glint' })),
      use,
    );
    expect(fault).toMatchObject({ id: 'glint all along', backTo: 'edge' });
  });

  test('a keen edge shows none, and says which were looked for', () => {
    expect(findFaults(edge(), use)).toEqual([]);
    expect(signsOf(edge(), use)).toEqual({
      'glint all along': false,
      'glint in a zone': false,
      'paper catches': false,
    });
  });
});

describe('which cause', () => {
  test('the cause a sign is listed for leads, and a cause confirmed often here leads more', () => {
    const [first] = diagnoseFault({ 'burr in one place': true }).causes;
    expect(first!.id).toBe('stone hollow');
    const [learnt] = diagnoseFault({ 'burr in one place': true }, { 'clamp off centre': 3 }).causes;
    expect(learnt!.id).toBe('clamp off centre');
  });

  test('probabilities add up to one, and no check tells more than is unknown', () => {
    const chance = fc.double({ min: 0.01, max: 0.99, noNaN: true });
    const ids = ['a', 'b', 'c'];
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 20, noNaN: true }), { minLength: 3, maxLength: 3 }),
        fc.array(fc.record({ a: chance, b: chance, otherwise: chance, minutes: chance }), {
          minLength: 2,
          maxLength: 6,
        }),
        fc.boolean(),
        (priors, tables, isSeen) => {
          const { causes, next } = diagnose({
            causes: ids.map((id, index) => ({ id, prior: priors[index]! })),
            signs: tables.map(({ a, b, otherwise, minutes }, index) => ({
              id: `s${index}`,
              minutes,
              given: { a, b },
              otherwise,
            })),
            seen: { s0: isSeen },
          });
          expect(causes.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
          const unknown = causes.reduce(
            (sum, { probability: p }) => sum - (p > 0 ? p * Math.log2(p) : 0),
            0,
          );
          for (const { gainBits } of next) {
            expect(gainBits).toBeGreaterThanOrEqual(0);
            expect(gainBits).toBeLessThanOrEqual(unknown + 1e-9);
          }
          expect(next.map(({ id }) => id)).not.toContain('s0');
        },
      ),
      { numRuns: 100 },
    );
  });
});

describe('a blade sent back', () => {
  const glints = (...zones: readonly (keyof EdgeReadings)[]): EdgeReadings =>
    readingsOf((zone) => (zones.includes(zone) ? but({ light: 'glint' }) : good), {
      blade: { tip: 'stays put', food: 'tears' },
    });
  const rework = (rounds: readonly EdgeReadings[], isClamped = false) =>
    reworkOf({
      rounds: rounds.map((readings, index) => ({ phase: 'after', round: index + 1, readings })),
      round: rounds.length + 1,
      use,
      bench: WITH_FORCE,
      isClamped,
    });

  test('is worked where it failed, and not in its first round', () => {
    expect(rework([])).toBeNull();
    expect(rework([glints('tip', 'belly')])).toMatchObject({
      zones: ['belly', 'tip'],
      recurring: [],
    });
  });

  test('that failed as a whole is worked everywhere', () => {
    const wedges = { ...edge(), blade: { food: 'cracks' } };
    expect(rework([wedges])!.zones).toEqual(['heel', 'middle', 'belly', 'tip']);
  });

  test.each([
    [glints('tip'), false, 'handle not raised'],
    [glints('middle'), false, 'stone hollow'],
    [glints('middle'), true, 'clamp off centre'],
    [glints('heel', 'middle', 'belly', 'tip'), true, 'shoulder ground'],
  ] as const)('a fault that recurs in its place has a root: %#', (readings, isClamped, root) => {
    const [again] = rework([readings, readings], isClamped)!.recurring;
    expect(again!.rootId).toBe(root);
  });

  test('a fault elsewhere is not the same again', () => {
    expect(rework([glints('tip'), glints('heel')])!.recurring).toEqual([]);
  });

  test('keeps what passed, and asks anew what failed', () => {
    const kept = keptReadings(glints('tip'), ['tip'], WITH_FORCE);
    expect(kept.tip).toEqual(NO_READINGS);
    expect(kept.heel).toEqual(good);
    expect(kept.blade).toEqual({ tip: 'stays put' });
  });

  test('wants a few strokes there: never more than the step took, and some that show', () => {
    expect(strokesBack(30)).toBe(10);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (quota) => {
        const there = strokesBack(quota);
        return there >= Math.min(quota, 4) && there <= quota;
      }),
    );
  });
});

describe('what a shop adds itself', () => {
  const rope: OwnTest = {
    id: 'own-rope',
    label: 'Tarred rope',
    how: 'One pull through it',
    tells: '',
    at: 'zone',
    classes: [
      { id: 'parts', means: 'good' },
      { id: 'frays', means: 'fault' },
    ],
    media: [],
    minutes: 0.5,
    instrument: null,
    countsFor: ['general-soft'],
  };
  const bench: TestBench = { inUse: ['light', 'paper'], own: [rope] };
  const read = (rope: string | null) =>
    readingsOf(() => ({
      classes: { ...good.classes, ...(rope === null ? {} : { 'own-rope': rope }) },
      forceGf: [],
    }));

  test('a test of its own counts where it says, and nowhere else', () => {
    expect(testsThatCount(use, bench)).toEqual(['light', 'paper', 'own-rope']);
    expect(judgeEdge(read(null), use, bench).verdict).toBe('not tested');
    expect(judgeEdge(read('parts'), use, bench).verdict).toBe('meets');
    expect(judgeEdge(read('frays'), use, bench).verdict).toBe('back to the bench');
    expect(judgeEdge(read('frays'), findUse('outdoor'), bench).verdict).toBe('meets with remarks');
  });

  test('taken out again, what it read says nothing any more', () => {
    expect(judgeEdge(read('frays'), use, { ...bench, own: [] }).verdict).toBe('meets');
  });

  const whistle: OwnFault = {
    id: 'own-whistle',
    sign: 'The belt whistles',
    at: 'bench',
    minutes: 0.1,
    cause: 'The belt is worn smooth.',
    remedy: 'A fresh belt.',
    backTo: 'edge',
  };

  test('a sign of its own names its own cause, and the more often it was so the surer', () => {
    const [first] = diagnoseFault({ 'own-whistle': true }, {}, [whistle]).causes;
    expect(first!.id).toBe('own-whistle');
    const [later] = diagnoseFault({ 'own-whistle': true }, { 'own-whistle': 9 }, [whistle]).causes;
    expect(later!.probability).toBeGreaterThan(first!.probability);
    // Asked after it was taken out it changes nothing.
    expect(diagnoseFault({ 'own-whistle': true })).toEqual(diagnoseFault({}));
  });
});

describe('what is read at one place', () => {
  const nick = (part: Partial<PlaceReading> = {}): EdgeReadings => ({
    ...edge(),
    places: [{ test: 'paper', zone: 'belly', atMm: 118, read: 'tears', ...part }],
  });

  test('fails the zone it lies in, and says where', () => {
    const { verdict, zones } = judgeEdge(nick(), use, WITH_FORCE);
    expect(verdict).toBe('back to the bench');
    expect(zones.map((each) => each.verdict)).toEqual([
      'meets',
      'meets',
      'back to the bench',
      'meets',
    ]);
    expect(zones[2]!.reasons).toEqual(['paper: tears at 118 mm']);
    expect(findFaults(nick(), use)[0]).toMatchObject({ id: 'paper catches', zones: ['belly'] });
  });

  test('that is good changes nothing; where the zone is read anew it goes with it', () => {
    expect(judgeEdge(nick({ read: 'cuts clean' }), use, WITH_FORCE).verdict).toBe('meets');
    expect(keptReadings(nick(), ['belly'], WITH_FORCE).places).toEqual([]);
    expect(keptReadings(nick(), ['tip'], WITH_FORCE).places).toHaveLength(1);
  });
});
