import fc from 'fast-check';
import { Matrix, inverse } from 'ml-matrix';
import { valueOf } from '../../test/blades';
import {
  armOfVisit,
  bladeRates,
  bladeTime,
  calibrationOf,
  compareLives,
  drawLot,
  learnRates,
  livesOf,
  RATE_ROLES,
  RateSums,
  otherArm,
  plateSlowdown,
  stepTime,
  stoneWear,
  trendOf,
  trialResult,
  USUAL_SPREADS,
  wearTrend,
  type EdgeLife,
  type FinishedStep,
} from '../index';

/** The same numbers every time: uniform, and normal by the sum of twelve. */
const chance = (seed: number) => {
  let state = seed;
  const uniform = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const normal = (): number =>
    Array.from({ length: 12 }, uniform).reduce((sum, each) => sum + each, 0) - 6;
  return { uniform, normal, among: (count: number): number => Math.floor(uniform() * count) };
};

const steps = fc.array(
  fc.record({
    abrasive: fc.constantFrom('red', 'grey', 'plate'),
    steel: fc.constantFrom('soft', 'hard'),
    person: fc.constantFrom('ansa', 'teodor'),
    foreseenSeconds: fc.double({ min: 5, max: 900, noNaN: true }),
    takenSeconds: fc.double({ min: 5, max: 900, noNaN: true }),
  }),
  { minLength: 1, maxLength: 25 },
);

/** The posterior the other way round: D − D Xᵀ (X D Xᵀ + σ² I)⁻¹ X D, record by record and not name by name. */
const posteriorByRecords = (records: readonly FinishedStep[]) => {
  const names = [
    ...new Set(records.flatMap((step) => RATE_ROLES.map((role) => `${role}:${step[role]}`))),
  ];
  const design = new Matrix(
    records.map((step) =>
      names.map((name) => (RATE_ROLES.some((role) => `${role}:${step[role]}` === name) ? 1 : 0)),
    ),
  );
  const prior = Matrix.eye(names.length).mul(0.25);
  const seen = design.mmul(prior).mmul(design.transpose());
  const gain = prior
    .mmul(design.transpose())
    .mmul(inverse(Matrix.add(seen, Matrix.eye(records.length).mul(0.09))));
  const logs = Matrix.columnVector(
    records.map(({ takenSeconds, foreseenSeconds }) => Math.log(takenSeconds / foreseenSeconds)),
  );
  const covariance = Matrix.sub(prior, gain.mmul(design).mmul(prior));
  return { names, means: gain.mmul(logs), covariance };
};

describe('the bench’s own rates', () => {
  test('are the posterior, however it is computed', () => {
    fc.assert(
      fc.property(steps, (records) => {
        const learned = valueOf(learnRates(records));
        const { names, means, covariance } = posteriorByRecords(records);
        names.forEach((name, at) => {
          const [role, called] = name.split(':') as ['steel', string];
          const effect = learned.effects[role].get(called)!;
          expect(effect.mean).toBeCloseTo(means.get(at, 0), 9);
          expect(effect.sd).toBeCloseTo(Math.sqrt(covariance.get(at, at)), 9);
        });
      }),
      { numRuns: 60 },
    );
  });

  test('a record taken back leaves them as if it had never been', () => {
    fc.assert(
      fc.property(steps, steps, (kept, taken) => {
        const sums = new RateSums();
        for (const step of [...taken, ...kept]) sums.add(step);
        for (const step of taken) sums.add(step, -1);
        const learned = valueOf(sums.learn());
        const never = valueOf(learnRates(kept));
        for (const role of RATE_ROLES) {
          expect([...learned.effects[role].keys()].sort()).toEqual(
            [...never.effects[role].keys()].sort(),
          );
          for (const [name, { mean, sd, records }] of never.effects[role]) {
            const found = learned.effects[role].get(name)!;
            expect(found.records).toBe(records);
            expect(found.mean).toBeCloseTo(mean, 8);
            expect(found.sd).toBeCloseTo(sd, 8);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  test('of twenty thousand steps find the hidden factors within what they say of themselves', () => {
    const { normal, among } = chance(7);
    const hidden = {
      abrasive: Array.from({ length: 60 }, () => 0.4 * normal()),
      steel: Array.from({ length: 40 }, () => 0.4 * normal()),
      person: Array.from({ length: 6 }, () => 0.3 * normal()),
    };
    const records = Array.from({ length: 20_000 }, (): FinishedStep => {
      const [abrasive, steel, person] = [among(60), among(40), among(6)];
      const log =
        hidden.abrasive[abrasive]! +
        hidden.steel[steel]! +
        hidden.person[person]! +
        USUAL_SPREADS.noiseSd * normal();
      return {
        abrasive: String(abrasive),
        steel: String(steel),
        person: String(person),
        foreseenSeconds: 100,
        takenSeconds: 100 * Math.exp(log),
      };
    });
    const learned = valueOf(learnRates(records));
    // What all three share cannot be told apart: sums of the three are what a step takes.
    const beyond = Array.from({ length: 400 }, () => {
      const [abrasive, steel, person] = [among(60), among(40), among(6)];
      const { mean, variance } = learned.shared({
        abrasive: String(abrasive),
        steel: String(steel),
        person: String(person),
      });
      const truth = hidden.abrasive[abrasive]! + hidden.steel[steel]! + hidden.person[person]!;
      return Math.abs(mean - truth) / Math.sqrt(variance);
    });
    expect(Math.max(...beyond)).toBeLessThan(4.5);
    const within = beyond.filter((times) => times <= 1.2816).length / beyond.length;
    expect(within).toBeGreaterThan(0.7);
    expect(within).toBeLessThan(0.9);
  });

  test('what was learnt stays as it was while records go on coming', () => {
    const sums = new RateSums();
    const step = { steel: 'soft', person: 'ansa', foreseenSeconds: 100, takenSeconds: 150 };
    sums.add({ abrasive: 'red', ...step });
    const learned = valueOf(sums.learn());
    const before = learned.predict({ abrasive: 'grey', steel: 'soft', person: 'ansa' }, 100);
    sums.add({ abrasive: 'grey', ...step });
    expect(learned.predict({ abrasive: 'grey', steel: 'soft', person: 'ansa' }, 100)).toEqual(
      before,
    );
  });

  test('more names than one shop can have are refused', () => {
    const records = Array.from({ length: 700 }, (_, index): FinishedStep => ({
      abrasive: `a${index}`,
      steel: `s${index}`,
      person: `p${index}`,
      foreseenSeconds: 1,
      takenSeconds: 1,
    }));
    expect(learnRates(records)).toMatchObject({ ok: false, error: { field: 'records' } });
  });
});

test('forecasts of a true spread are found honest, narrower ones are not', () => {
  const { normal } = chance(11);
  const forecasts = (told: number) =>
    Array.from({ length: 4000 }, () => ({
      p10: 100 * Math.exp(-1.2816 * told),
      p50: 100,
      p90: 100 * Math.exp(1.2816 * told),
      actual: 100 * Math.exp(0.3 * normal()),
    }));
  const honest = calibrationOf(forecasts(0.3));
  expect(honest.coverage).toBeGreaterThan(0.78);
  expect(honest.coverage).toBeLessThan(0.82);
  const bold = calibrationOf(forecasts(0.1));
  expect(bold.coverage).toBeLessThan(0.4);
  expect(bold.pinball).toBeGreaterThan(honest.pinball);
});

describe('lives of edges', () => {
  const lives = (group: string) =>
    fc.array(
      fc.record({
        group: fc.constant(group),
        days: fc.integer({ min: 1, max: 200 }),
        ended: fc.boolean(),
      }),
      { minLength: 1, maxLength: 30 },
    );

  test('a curve falls, from all that were at risk', () => {
    fc.assert(
      fc.property(lives('a'), (all) => {
        const { curve, ended } = livesOf(all);
        let before = 1;
        for (const point of curve) {
          expect(point.survival).toBeLessThan(before);
          expect(point.atRisk).toBe(all.filter(({ days }) => days >= point.days).length);
          before = point.survival;
        }
        expect(curve.reduce((sum, point) => sum + point.ended, 0)).toBe(ended);
      }),
    );
  });

  test('one outlasts the other as the other does not outlast the one', () => {
    fc.assert(
      fc.property(lives('a'), lives('b'), (first, second) => {
        const one = compareLives(first, second);
        const other = compareLives(second, first);
        expect(one.longerProbability + other.longerProbability).toBeCloseTo(1, 6);
        if (one.logRankChi2 === null) expect(other.logRankChi2).toBeNull();
        else expect(one.logRankChi2).toBeCloseTo(other.logRankChi2!, 9);
      }),
    );
  });

  test('the probability is that of two gamma rates, integrated the long way', () => {
    const alive = (group: string, ended: number, days: number): EdgeLife[] =>
      Array.from({ length: 8 }, (_, index) => ({ group, days, ended: index < ended }));
    // With prior 1 in 60 days: gamma(4, 380) against gamma(6, 300).
    const { longerProbability } = compareLives(alive('a', 3, 40), alive('b', 5, 30));
    const density = (rate: number, shape: number, days: number): number => {
      let factorial = 1;
      for (let each = 2; each < shape; each += 1) factorial *= each;
      return (days ** shape * rate ** (shape - 1) * Math.exp(-days * rate)) / factorial;
    };
    const STEP = 1e-5;
    let below = 0;
    let sum = 0;
    for (let rate = STEP / 2; rate < 0.15; rate += STEP) {
      const half = (density(rate, 4, 380) * STEP) / 2;
      below += half;
      sum += density(rate, 6, 300) * below * STEP;
      below += half;
    }
    expect(longerProbability).toBeCloseTo(sum, 5);
  });
});

describe('a measure through the years', () => {
  test('one wrong reading does not bend the line', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.02, max: -0.001, noNaN: true }),
        fc.integer({ min: 0, max: 8 }),
        fc.double({ min: 5, max: 30, noNaN: true }),
        (slope, wrong, by) => {
          const points = Array.from({ length: 9 }, (_, index) => ({
            day: 90 * index,
            value: 48 + slope * 90 * index + (index === wrong ? by : 0),
          }));
          const trend = valueOf(trendOf(points, 30));
          expect(trend.slopePerDay).toBeCloseTo(slope, 6);
          expect(trend.atDayZero).toBeCloseTo(48, 6);
        },
      ),
    );
  });

  test('more points than a blade has visits are refused', () => {
    const points = Array.from({ length: 5001 }, (_, day) => ({ day, value: 1 }));
    expect(trendOf(points)).toMatchObject({ ok: false, error: { field: 'points' } });
  });
});

describe('times of a blade', () => {
  const { normal } = chance(3);
  const worked = (abrasive: string, times: number): FinishedStep[] =>
    Array.from({ length: 40 }, () => ({
      abrasive,
      steel: 'soft',
      person: 'ansa',
      foreseenSeconds: 100,
      takenSeconds: 100 * times * Math.exp(0.2 * normal()),
    }));
  const sums = new RateSums();
  for (const step of [...worked('7', 1.5), ...worked('8', 0.8)]) sums.add(step);
  const learned = valueOf(sums.learn());
  const rates = bladeRates(learned, 'soft', 'ansa', ['7', '8', '9']);

  test('a step is what the rates predict of its three names, also of a stone nobody has used', () => {
    for (const abrasive of ['7', '8', '9']) {
      const predicted = learned.predict({ abrasive, steel: 'soft', person: 'ansa' }, 120);
      const time = stepTime(120, abrasive, rates);
      expect(time.p10Seconds).toBeCloseTo(predicted.p10Seconds, 8);
      expect(time.p50Seconds).toBeCloseTo(predicted.p50Seconds, 8);
      expect(time.p90Seconds).toBeCloseTo(predicted.p90Seconds, 8);
    }
    expect(stepTime(100, '7', rates).records).toBe(40);
    expect(stepTime(100, '7', rates).p50Seconds).toBeGreaterThan(135);
    expect(stepTime(100, '8', rates).p50Seconds).toBeLessThan(90);
  });

  test('together is narrower than each, for chance evens out, and never narrower than what all share', () => {
    const spread = ({ p10Seconds, p90Seconds }: { p10Seconds: number; p90Seconds: number }) =>
      Math.log(p90Seconds / p10Seconds);
    const one = bladeTime([{ stoneId: '7', seconds: 100 }], rates);
    expect(spread(one)).toBeCloseTo(spread(stepTime(100, '7', rates)), 9);
    const many = bladeTime(
      Array.from({ length: 6 }, (_, index) => ({
        stoneId: index % 2 === 0 ? '7' : '8',
        seconds: 100,
      })),
      rates,
      60,
    );
    expect(spread(many)).toBeLessThan(spread(one));
    expect(spread(many)).toBeGreaterThan(0);
    expect(many.p50Seconds).toBeCloseTo(
      60 + 3 * (stepTime(100, '7', rates).p50Seconds + stepTime(100, '8', rates).p50Seconds),
      8,
    );
  });

  test('the noise of a step is read off the residuals', () => {
    expect(sums.noiseSd(learned)).toBeGreaterThan(0.17);
    expect(sums.noiseSd(learned)).toBeLessThan(0.23);
    const few = new RateSums();
    for (const step of worked('7', 1).slice(0, 5)) few.add(step);
    expect(few.noiseSd(valueOf(few.learn()))).toBe(0.3);
  });
});

describe('the years of a blade', () => {
  const visit = (year: number, value: number) => ({ at: `${year}-03-01T10:00:00.000Z`, value });

  test('a blade that loses a millimetre a year is spent in the year its height says', () => {
    const trend = wearTrend(
      [visit(2020, 48), visit(2021, 47), visit(2023, 45), visit(2024, 44)],
      38,
    );
    expect(trend!.perYear).toBeCloseTo(-1, 2);
    expect(trend!.line[0]).toBeCloseTo(48, 2);
    expect(trend!.reachesOn!.slice(0, 4)).toBe('2030');
  });

  test('nothing is foretold from two visits, away from the limit, or beyond a lifetime', () => {
    expect(wearTrend([visit(2020, 48), visit(2021, 47)], 38)).toBeNull();
    expect(
      wearTrend([visit(2020, 0.3), visit(2021, 0.28), visit(2022, 0.26)], 0.5)!.reachesOn,
    ).toBeNull();
    expect(
      wearTrend([visit(2020, 48), visit(2021, 47.99), visit(2022, 47.98)], 38)!.reachesOn,
    ).toBeNull();
  });
});

describe('what stones cost', () => {
  const flattening = (month: number, thicknessAfterMm: number, workedSeconds = 1800) => ({
    at: `2026-${String(month).padStart(2, '0')}-01T00:00:00Z`,
    workedSeconds,
    lostMm: 0.5,
    thicknessAfterMm,
  });
  const stone = {
    steelMm3: 700,
    blades: 50,
    priceMinor: 8000,
    lengthMm: 200,
    widthMm: 70,
    thicknessNewMm: 25,
    minThicknessMm: 5,
    flattenings: [1, 2, 3, 4].map((month) => flattening(month, 25 - 0.5 * month, 600 * month)),
  };

  test('by the thickness that went into each blade, and by the mm³ it gave for each of steel', () => {
    const wear = stoneWear(stone);
    // 2 mm of 20 mm: a tenth of 80.00 for 50 blades; 2 × 200 × 70 mm³ for 700.
    expect(wear.costPerBladeMinor).toBeCloseTo(16, 9);
    expect(wear.wornPerSteel).toBeCloseTo(40, 9);
    // Of 10, 20, 30 and 40 minutes.
    expect(wear.flattenedEveryMinutes).toBe(25);
    // Half a millimetre a month, 18 mm to go.
    expect(wear.tooThinOn!.slice(0, 4)).toBe('2029');
  });

  test('nothing is said of what was not measured, or did nothing', () => {
    expect(stoneWear({ ...stone, thicknessNewMm: null }).costPerBladeMinor).toBeNull();
    expect(stoneWear({ ...stone, blades: 0 }).costPerBladeMinor).toBeNull();
    expect(stoneWear({ ...stone, widthMm: null }).wornPerSteel).toBeNull();
    expect(stoneWear({ ...stone, flattenings: stone.flattenings.slice(0, 2) })).toMatchObject({
      flattenedEveryMinutes: null,
      tooThinOn: null,
    });
  });

  test('a plate that takes twice as long for the same says so, once it was used often enough', () => {
    const uses = [3, 3, 3, 3, 3, 6, 6, 6, 6];
    const plate = uses.map((minutes) => ({ minutes, lostMm: 0.1 }));
    expect(plateSlowdown(plate)).toBeCloseTo(2, 9);
    expect(plateSlowdown(plate.slice(0, 8))).toBeNull();
    // What took nothing off says nothing.
    expect(plateSlowdown([...plate, { minutes: 9, lostMm: 0 }])).toBeCloseTo(2, 9);
  });
});

describe('lots of a trial', () => {
  test('of every two draws one is each arm, drawn again the same, and over seeds as often the one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2 ** 31 }), fc.nat(200), (seed, block) => {
        const [one, other] = [drawLot(seed, 2 * block), drawLot(seed, 2 * block + 1)];
        expect(other).toBe(otherArm(one));
        expect(drawLot(seed, 2 * block)).toBe(one);
      }),
    );
    const firsts = Array.from({ length: 2000 }, (_, seed) => drawLot(seed + 1, 4)).filter(
      (arm) => arm === 'first',
    ).length;
    // Four standard deviations of a fair coin thrown 2,000 times.
    expect(Math.abs(firsts - 1000)).toBeLessThan(90);
  });

  test('a blade of a pair keeps its way, one alone takes them in turn', () => {
    expect([0, 1, 2].map((visit) => armOfVisit('pair', 'second', visit))).toEqual([
      'second',
      'second',
      'second',
    ]);
    expect([0, 1, 2].map((visit) => armOfVisit('alternate', 'second', visit))).toEqual([
      'second',
      'first',
      'second',
    ]);
  });

  test('a trial is called by ended lives, never by those still out', () => {
    const lives = (days: number, ended: boolean): EdgeLife[] =>
      Array.from({ length: 8 }, (_, index) => ({ group: 'x', days: days + index, ended }));
    expect(trialResult({ first: lives(90, true), second: lives(20, true) })!.isEnough).toBe(true);
    expect(trialResult({ first: lives(90, true), second: lives(20, false) })!.isEnough).toBe(false);
    expect(trialResult({ first: lives(50, true), second: lives(50, true) })!.isEnough).toBe(false);
  });
});
