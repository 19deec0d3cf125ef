import fc from 'fast-check';
import {
  gaugeSummary,
  GaugeTracker,
  recordingCsv,
  recordingOf,
  type GaugeSample,
  type GaugeStroke,
} from './gauge-strokes';

const RATE_HZ = 50;
const SETTINGS = { rateHz: RATE_HZ, leanDeg: 1, plannedDeg: 15, bellyStart: 0.4, swingDeg: 20 };
const shake = (n: number, seed: number): number =>
  Math.sin(n * 12.99 + seed) * Math.cos(n * 78.2 + seed);

interface Made {
  readonly zeroDeg: number;
  readonly driftDegPerS: number;
  readonly strokes: readonly {
    readonly side: 1 | -1;
    readonly deg: number;
    readonly tipOnly: boolean;
  }[];
}

/** Two seconds on the stone, then strokes with a lifted way back, and a turn of the blade where the side changes. */
const trace = ({ zeroDeg, driftDegPerS, strokes }: Made): GaugeSample[] => {
  const samples: GaugeSample[] = [];
  const add = (roll: number, pitch: number): void => {
    const n = samples.length;
    samples.push({
      rollDeg: zeroDeg + (driftDegPerS * n) / RATE_HZ + roll + 0.1 * shake(n, 1),
      pitchDeg: 0.4 + pitch + 0.1 * shake(n, 2),
    });
  };
  for (let n = 0; n < 2 * RATE_HZ; n += 1) add(0, 0);
  strokes.forEach(({ side, deg, tipOnly }, index) => {
    if (index > 0 && strokes[index - 1]!.side !== side) {
      for (let n = 0; n <= RATE_HZ; n += 1) add(-side * 40 * Math.cos((Math.PI * n) / RATE_HZ), 25);
    }
    for (let n = 0; n < 40; n += 1) {
      const share = (tipOnly ? 0.8 : 0) + ((tipOnly ? 0.2 : 1) * n) / 40;
      add(side * (deg + 1 + 0.3 * shake(n, 3)), 20 * Math.max(0, (share - 0.4) / 0.6));
    }
    for (let n = 0; n < 18; n += 1)
      add(side * (deg + 1 + 15 * Math.sin((Math.PI * n) / 18)), 20 - n);
  });
  for (let n = 0; n < 20; n += 1) add(60, 10);
  return samples;
};

const strokesIn = (samples: readonly GaugeSample[], settings = SETTINGS): GaugeStroke[] => {
  const tracker = new GaugeTracker(settings);
  return samples.flatMap((sample, index) => {
    const { stroke } = tracker.push(sample);
    if (index === 2 * RATE_HZ - 1) expect(tracker.setZero()).toBe(true);
    return stroke ? [stroke] : [];
  });
};

test('every stroke is counted on its side, at the angle it was held at, whatever zero, drift and wobble', () => {
  fc.assert(
    fc.property(
      fc.record({
        zeroDeg: fc.double({ min: -2, max: 2, noNaN: true }),
        driftDegPerS: fc.double({ min: -0.004, max: 0.004, noNaN: true }),
        strokes: fc.array(
          fc.record({
            side: fc.constantFrom(1 as const, -1 as const),
            deg: fc.double({ min: 13, max: 17, noNaN: true }),
            tipOnly: fc.boolean(),
          }),
          { minLength: 1, maxLength: 30 },
        ),
      }),
      (made) => {
        const found = strokesIn(trace(made));
        expect(found.map(({ side }) => side)).toEqual(
          made.strokes.map(({ side }) => (side > 0 ? 'right' : 'left')),
        );
        found.forEach(({ meanDeg, sdDeg, from, to }, index) => {
          const { deg, tipOnly } = made.strokes[index]!;
          expect(Math.abs(meanDeg - deg)).toBeLessThan(0.5);
          expect(sdDeg).toBeLessThan(0.6);
          expect(to).toBeGreaterThan(0.9);
          if (tipOnly) expect(from).toBeGreaterThan(0.6);
          else expect(from).toBeLessThan(0.45);
        });
      },
    ),
    { numRuns: 40 },
  );
});

test('back and forth without lifting: each way is a stroke', () => {
  const samples = trace({ zeroDeg: 0, driftDegPerS: 0, strokes: [] }).slice(0, 2 * RATE_HZ);
  for (let way = 0; way < 10; way += 1) {
    for (let n = 0; n < 30; n += 1) {
      const share = way % 2 === 0 ? n / 30 : 1 - n / 30;
      samples.push({ rollDeg: 16, pitchDeg: 0.4 + 20 * share });
    }
  }
  for (let n = 0; n < 20; n += 1) samples.push({ rollDeg: 60, pitchDeg: 5 });
  const found = strokesIn(samples);
  expect(found).toHaveLength(10);
  expect(gaugeSummary(found)!.meanDeg).toBeCloseTo(15, 1);
});

test('it is zeroed only while it lies still, and counts nothing before', () => {
  const tracker = new GaugeTracker(SETTINGS);
  for (let n = 0; n < 80; n += 1) {
    const { isZeroed, stroke } = tracker.push({
      rollDeg: 16 + 3 * Math.sin(n / 5),
      pitchDeg: n % 9,
    });
    expect([isZeroed, stroke]).toEqual([false, null]);
  }
  expect(tracker.setZero()).toBe(false);
  for (let n = 0; n < 60; n += 1) tracker.push({ rollDeg: 0.7, pitchDeg: -0.2 });
  expect(tracker.setZero()).toBe(true);
});

test('a zero grows old: five minutes later it is asked for again', () => {
  const tracker = new GaugeTracker(SETTINGS);
  for (let n = 0; n < 60; n += 1) tracker.push({ rollDeg: 0, pitchDeg: 0 });
  tracker.setZero();
  let now = tracker.push({ rollDeg: 0, pitchDeg: 0 });
  expect(now.isZeroOld).toBe(false);
  for (let n = 0; n < 301 * RATE_HZ; n += 1) now = tracker.push({ rollDeg: 0, pitchDeg: 0 });
  expect(now.isZeroOld).toBe(true);
});

describe('a recording', () => {
  test('comes back as it was, and gives the same strokes', () => {
    const samples = trace({
      zeroDeg: 0.5,
      driftDegPerS: 0,
      strokes: [
        { side: 1, deg: 15, tipOnly: false },
        { side: -1, deg: 14.5, tipOnly: true },
      ],
    });
    const back = recordingOf(recordingCsv(samples, RATE_HZ))!;
    expect(back).toHaveLength(samples.length);
    expect(strokesIn(back).map(({ side }) => side)).toEqual(['right', 'left']);
  });

  test.each(['', 'a,b', 'ms,roll_deg,pitch_deg\n0,x,1', 'ms,roll_deg,pitch_deg\n0,400,1'])(
    '%j is none',
    (csv) => {
      expect(recordingOf(csv)).toBeNull();
    },
  );
});
