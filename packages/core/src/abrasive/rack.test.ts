import fc from 'fast-check';
import { codeOf, RACK, rackStone, valueOf } from '../../test/blades';
import {
  chooseProgression,
  findSteel,
  flatteningsLeft,
  judgeCare,
  progressionBySchool,
  progressionWarnings,
  scratchDepthUm,
  soakCalls,
  soakClock,
  stepRange,
  textOf,
  totalRange,
  usualMinutesFlat,
  whatToBuy,
  windowAround,
  wishCosts,
  type ProgressionInput,
  type RackEntry,
} from '../index';
import { normalQuantile } from '../statistics/normal';
import type { CareInput } from './care';
import { leastFrom, leastThrough } from './insist';
import { ABRASIVE_KINDS } from './kinds';
import { PRIOR_SD } from './time-range';
import type { WarningInput } from './warnings';

const work: ProgressionInput = {
  steel: { wearFactor: 1, wearFactorDiamond: 1 },
  rack: RACK,
  work: { stockMm3: 14, faceAreaMm2: 320 },
  stroke: { forceN: () => 8, speedMPerS: 0.15 },
  finishUm: [2, 5],
  maxRatio: 3,
};
const ids = (chain: { readonly steps: readonly { readonly id: string }[] }): string[] =>
  chain.steps.map(({ id }) => id);

const racks = fc
  .uniqueArray(fc.integer({ min: 1, max: 90 }), { minLength: 3, maxLength: 12 })
  .map((sizes): RackEntry[] =>
    sizes.map((um) => ({
      id: `s${um}`,
      um,
      abrasive: um % 3 === 0 ? 'diamond' : 'aluminium-oxide',
      changeSeconds: (um * 37) % 90,
      cutFactor: 0.8 + ((um * 13) % 7) / 10,
    })),
  );

describe('insisting on a stone', () => {
  test('costs what the best chain over it costs, for every stone of any rack', () => {
    fc.assert(
      fc.property(racks, fc.integer({ min: 1, max: 60 }), (rack, stockMm3) => {
        const input: ProgressionInput = {
          ...work,
          rack,
          finishUm: [1, 12],
          work: { ...work.work, stockMm3 },
        };
        const least = leastThrough(input);
        for (const { id } of rack) {
          const chain = chooseProgression({ ...input, through: [id] });
          expect(chain.ok).toBe(least.has(id));
          if (!chain.ok) continue;
          expect(ids(chain.value)).toContain(id);
          expect(chain.value.totalSeconds).toBeCloseTo(least.get(id)!, 6);
        }
      }),
    );
  });

  test('beginning on a stone costs what the best chain from it costs', () => {
    fc.assert(
      fc.property(racks, (rack) => {
        const input: ProgressionInput = { ...work, rack, finishUm: [1, 12] };
        const least = leastFrom(input);
        for (const { id } of rack) {
          const chain = chooseProgression({ ...input, first: id });
          expect(chain.ok).toBe(least.has(id));
          if (chain.ok) expect(chain.value.totalSeconds).toBeCloseTo(least.get(id)!, 6);
        }
      }),
    );
  });

  test('is never cheaper than leaving the choice to the planner', () => {
    for (const { wish, deltaSeconds } of wishCosts({ ...work, maxRatio: undefined })) {
      if (wish === 'stop coarser') expect(deltaSeconds).toBeLessThan(0);
      else expect(deltaSeconds ?? 0).toBeGreaterThanOrEqual(-1e-9);
    }
  });

  test('on a stone that no allowed jump reaches is no chain, and says which field is at fault', () => {
    const rack = [...RACK, rackStone({ id: 'paste', um: 0.2 })];
    const chain = chooseProgression({ ...work, rack, through: ['paste'] });
    expect(!chain.ok && chain.error).toMatchObject({ code: 'NO_PROGRESSION', field: 'through' });
    expect(!chain.ok && chain.error.message).toContain('Paste');
    expect(codeOf(chooseProgression({ ...work, through: ['gone'] }))).toBe('NO_PROGRESSION');
  });

  test('stopping a stone coarser saves that stone and the change to it', () => {
    const best = valueOf(chooseProgression(work));
    const last = best.steps.at(-1)!;
    const wish = wishCosts(work).find((each) => each.wish === 'stop coarser')!;
    expect(wish.stoneId).toBe(best.steps.at(-2)!.id);
    expect(wish.deltaSeconds).toBeCloseTo(-last.seconds - 45, 9);
  });
});

describe('the schools of the progression', () => {
  test('fewest stones takes no more stones than any other chain, and the quickest of those', () => {
    fc.assert(
      fc.property(racks, (rack) => {
        const input: ProgressionInput = { ...work, rack, finishUm: [1, 12] };
        const quickest = chooseProgression(input);
        const fewest = progressionBySchool(input, 'fewest stones');
        expect(fewest.ok).toBe(quickest.ok);
        if (!quickest.ok || !fewest.ok) return;
        expect(fewest.value.steps.length).toBeLessThanOrEqual(quickest.value.steps.length);
        expect(fewest.value.totalSeconds).toBeGreaterThanOrEqual(
          quickest.value.totalSeconds - 1e-9,
        );
      }),
    );
    expect(
      ids(valueOf(progressionBySchool({ ...work, maxRatio: undefined }, 'fewest stones'))),
    ).toEqual(['fine']);
  });

  test('start fine begins finer than the quickest where half as long again allows it', () => {
    const light: ProgressionInput = { ...work, work: { stockMm3: 1.2, faceAreaMm2: 320 } };
    const quickest = valueOf(chooseProgression(light));
    const fine = valueOf(progressionBySchool(light, 'start fine'));
    expect(fine.steps[0]!.um).toBeLessThanOrEqual(quickest.steps[0]!.um);
    expect(fine.totalSeconds).toBeLessThanOrEqual(1.5 * quickest.totalSeconds);
    const heavy: ProgressionInput = { ...work, work: { stockMm3: 300, faceAreaMm2: 320 } };
    expect(ids(valueOf(progressionBySchool(heavy, 'start fine')))[0]).toBe('plate');
  });

  test('one coarse stone is one stone of 12 to 35 µm', () => {
    expect(ids(valueOf(progressionBySchool(work, 'one coarse stone')))).toEqual(['brown']);
    const fineOnly = RACK.filter(({ um }) => um < 12);
    const none = progressionBySchool({ ...work, rack: fineOnly }, 'one coarse stone');
    expect(!none.ok && none.error.message).toContain('12 to 35 µm');
  });

  test('a finish named by the customer is a window about it', () => {
    const [finest, coarsest] = windowAround(3);
    expect(finest).toBeLessThan(3);
    expect(finest * coarsest).toBeCloseTo(9, 12);
  });
});

describe('the range of a time', () => {
  test('before any record is that of all four unknowns together', () => {
    const sd = Math.sqrt(
      PRIOR_SD.abrasive ** 2 + PRIOR_SD.steel ** 2 + PRIOR_SD.person ** 2 + PRIOR_SD.chance ** 2,
    );
    const { lowS, highS } = stepRange(600);
    expect(Math.log(highS / 600)).toBeCloseTo(normalQuantile(0.9) * sd, 12);
    expect(lowS * highS).toBeCloseTo(600 ** 2, 6);
  });

  test('of many steps is narrower than of one, and never narrower than what they share', () => {
    const one = totalRange([600]);
    const many = totalRange(Array.from({ length: 12 }, () => 50));
    expect(one).toEqual(stepRange(600));
    expect(many.highS).toBeLessThan(one.highS);
    expect(many.highS).toBeGreaterThan(600 * Math.exp(normalQuantile(0.9) * Math.SQRT1_2));
    expect(totalRange([])).toEqual({ lowS: 0, highS: 0 });
    // Changing stones takes what it takes.
    expect(totalRange([600], 90).highS).toBeCloseTo(one.highS + 90, 9);
  });
});

const stone: CareInput = {
  kind: 'water stone',
  minutesSinceFlat: 10,
  minutesFlat: 30,
  thicknessMm: 22,
  minThicknessMm: 8,
  hoursSinceSoak: null,
  dryHours: 24,
};

describe('the care of a stone', () => {
  test.each([
    [10, 'flat'],
    [24, 'due soon'],
    [30, 'due'],
    [46, 'not flat'],
  ] as const)('after %d of 30 minutes it is %s', (minutesSinceFlat, flatness) => {
    expect(judgeCare({ ...stone, minutesSinceFlat }).flatness).toBe(flatness);
  });

  test('a plate stays flat however long it is worked', () => {
    const plate = judgeCare({ ...stone, kind: 'diamond plate', minutesSinceFlat: 900 });
    expect(plate).toMatchObject({ flatness: 'stays flat', minutesLeft: null, todo: [] });
  });

  test('says what is to be done: flatten, bed or retire, dry', () => {
    const tired = judgeCare({
      ...stone,
      minutesSinceFlat: 31,
      thicknessMm: 7.5,
      hoursSinceSoak: 6,
    });
    expect(tired).toMatchObject({ tooThin: true, wet: true, minutesLeft: -1 });
    expect(tired.todo).toHaveLength(3);
    expect(tired.todo[2]).toContain('18 h to go');
  });

  test('flattenings left follow from what each has taken', () => {
    expect(flatteningsLeft(20, 8, [0.2, 0.4, 0])).toBe(40);
    expect(flatteningsLeft(7, 8, [0.2])).toBe(0);
    expect(flatteningsLeft(20, 8, [])).toBeNull();
  });

  test('coarse soft stones dish fastest, and plates not at all', () => {
    const coarse = usualMinutesFlat('water stone', 'soft, muddy', 40)!;
    expect(coarse).toBeLessThan(usualMinutesFlat('water stone', 'soft, muddy', 12)!);
    expect(coarse).toBeLessThan(usualMinutesFlat('oil stone', 'hard', 40)!);
    expect(usualMinutesFlat('diamond plate', 'plate or film', 40)).toBeNull();
  });
});

describe('soaking', () => {
  const steps = [
    { stoneId: 'plate', seconds: 600 },
    { stoneId: 'brown', seconds: 300 },
    { stoneId: 'red', seconds: 200 },
    { stoneId: 'brown', seconds: 60 },
  ];

  test('each stone goes in so that it is ready at its step, and no stone twice', () => {
    expect(soakCalls(steps, RACK)).toEqual([
      { stoneId: 'brown', name: 'Brown', minutes: 10, putInAtS: 0, wantedAtS: 600, lateS: 0 },
      { stoneId: 'red', name: 'Red', minutes: 8, putInAtS: 420, wantedAtS: 900, lateS: 0 },
    ]);
  });

  test('a stone wanted at once is late by its whole soak, and is put in first', () => {
    const [first] = soakCalls([{ stoneId: 'brown', seconds: 60 }, ...steps], RACK);
    expect(first).toMatchObject({ stoneId: 'brown', putInAtS: 0, lateS: 600 });
  });

  test('a splash stone is never called for', () => {
    expect(soakCalls([{ stoneId: 'fine', seconds: 60 }], RACK)).toEqual([]);
  });

  test('a clock runs out, and stays at ready', () => {
    expect(soakClock(0, 10, 150_000)).toEqual({ state: 'soaking', leftS: 450, share: 0.25 });
    expect(soakClock(0, 10, 9_000_000)).toEqual({ state: 'ready', leftS: 0, share: 1 });
  });
});

const soft = findSteel('X50CrMoV15 (1.4116)')!;
const vanadium = findSteel('powder tool steel high vanadium (V 8-10)')!;
const about = (part: Partial<WarningInput>): string[] =>
  progressionWarnings({
    steel: soft,
    chain: [RACK[1]!, RACK[2]!],
    strop: null,
    maxRatio: null,
    oneSided: false,
    direction: null,
    ...part,
  }).map(({ code }) => code);

describe('warnings about a progression', () => {
  test('a sound one gets none', () => {
    expect(about({})).toEqual([]);
  });

  test.each([
    ['a splash stone in the water', { soaking: 'splash', inWater: true }, 'SPLASH_SOAKED'],
    ['oil on a water stone', { liquid: 'oil' }, 'OIL_ON_WATER_STONE'],
    ['water on a strop', { kind: 'strop', liquid: 'water' }, 'LIQUID_NOT_FOR_KIND'],
    ['a hollow stone', { flatness: 'not flat' }, 'NOT_FLAT'],
    ['a stone that wants dressing', { needsDressing: true }, 'NEEDS_DRESSING'],
  ] as const)('%s', (_what, part, code) => {
    expect(about({ chain: [rackStone({ id: 'stone', um: 12, ...part })] })).toEqual([code]);
  });

  test('a one-sided blade on a stone that is not flat is told in stronger words', () => {
    const chain = [rackStone({ id: 'stone', um: 12, flatness: 'due' })];
    const told = progressionWarnings({
      steel: soft,
      chain,
      strop: null,
      maxRatio: null,
      oneSided: true,
      direction: null,
    });
    expect(textOf(told[0]!.message)).toContain('one-sided blade takes its hollow');
  });

  test('hard carbides on a soft abrasive, but not on diamond', () => {
    expect(about({ steel: vanadium })).toEqual([
      'HARD_CARBIDES_SOFT_ABRASIVE',
      'HARD_CARBIDES_SOFT_ABRASIVE',
    ]);
    expect(about({ steel: vanadium, chain: [RACK[0]!] })).toEqual([]);
  });

  test('a leading stroke on a stone that likes trailing ones', () => {
    const chain = [rackStone({ id: 'muddy', um: 12, strokes: 'trailing' })];
    expect(about({ chain, direction: 'edge-leading' })).toEqual(['AGAINST_ITS_STROKES']);
    expect(about({ chain, direction: 'edge-trailing' })).toEqual([]);
  });

  test('a jump past the ratio asked for, or past four times where none was', () => {
    const chain = [RACK[0]!, RACK[2]!];
    expect(about({ chain })).toContain('RATIO_TOO_LARGE');
    expect(about({ chain, maxRatio: 6 })).not.toContain('RATIO_TOO_LARGE');
  });

  test('a strop coarser than its stone cuts and rounds; one far finer only polishes the tops', () => {
    const strop = (um: number) => rackStone({ id: 'strop', um, kind: 'strop', liquid: 'dry' });
    expect(about({ chain: [RACK[2]!], strop: strop(10) })).toEqual(['STROP_COARSER']);
    expect(about({ chain: [RACK[2]!], strop: strop(0.5) })).toEqual(['STROP_TOO_FINE']);
    expect(about({ chain: [RACK[2]!], strop: strop(3) })).toEqual([]);
    expect(scratchDepthUm({ um: 10, abrasive: 'compound', scratchFactor: 0.4 })).toBeCloseTo(0.4);
  });

  test('a fine finish on soft steel', () => {
    expect(about({ chain: [RACK[3]!] })).toEqual(['SOFT_STEEL_FINE_FINISH']);
  });
});

describe('what to buy', () => {
  test('the middle of a window nothing ends in, on every scale', () => {
    const missing = whatToBuy({ rack: RACK, finishUm: [0.5, 2] })!;
    expect(missing.um).toBeCloseTo(1, 12);
    expect(textOf(missing.reason)).toContain('JIS 10000');
  });

  test('or the middle of the widest gap, and with it the chain is there', () => {
    const rack = RACK.filter(({ id }) => id !== 'brown' && id !== 'red');
    const missing = whatToBuy({ rack, finishUm: [2, 5], maxRatio: 4 })!;
    expect(missing.um).toBeCloseTo(Math.sqrt(45 * 3), 9);
    const bridged = [...rack, rackStone({ id: 'bought', um: missing.um })];
    expect(chooseProgression({ ...work, rack: bridged, maxRatio: 4, first: 'plate' }).ok).toBe(
      true,
    );
    expect(whatToBuy({ rack: bridged, finishUm: [2, 5], maxRatio: 4 })).toBeNull();
  });
});

test('every kind of abrasive says why it is as it is, and may be used with something', () => {
  for (const { reason, liquids, dishes, soaks } of ABRASIVE_KINDS) {
    expect(reason).toMatch(/\.$/);
    expect(liquids.length).toBeGreaterThan(0);
    if (soaks) expect(dishes).toBe(true);
  }
});
