import fc from 'fast-check';
import { severings } from '../index';

const RATE_HZ = 200;
const flat = (seconds: number): number[] => Array.from({ length: seconds * RATE_HZ }, () => 0);
const ramp = (fromGf: number, toGf: number, seconds: number): number[] => {
  const length = Math.max(2, Math.round(seconds * RATE_HZ));
  return Array.from({ length }, (_, at) => fromGf + ((toGf - fromGf) * at) / (length - 1));
};
/** Pressed until the thread parts. */
const cut = (peakGf: number, seconds = 0.8): number[] => [
  ...flat(0.4),
  ...ramp(0, peakGf, seconds),
  ...flat(0.4),
];
/** A generator of noise that is the same every time. */
const noisy = (trace: readonly number[], amplitude: number, seed: number, restGf = 0): number[] => {
  let state = seed;
  return trace.map((value) => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return value + restGf + amplitude * ((2 * state) / 2_147_483_648 - 1);
  });
};

test('finds each severing at its peak, whatever the noise, the offset and the pace of the hand', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 60, max: 700 }), { minLength: 1, maxLength: 4 }),
      fc.double({ min: 0.3, max: 1.5, noNaN: true }),
      fc.double({ min: 0, max: 4, noNaN: true }),
      fc.integer({ min: -40, max: 40 }),
      fc.integer({ min: 1, max: 1e6 }),
      (peaks, seconds, noise, restGf, seed) => {
        const trace = peaks.flatMap((peak) => cut(peak, seconds));
        const found = severings(noisy(trace, noise, seed, restGf), RATE_HZ);
        expect(found).toHaveLength(peaks.length);
        found.forEach(({ peakGf }, index) => {
          expect(Math.abs(peakGf - peaks[index]!)).toBeLessThan(
            0.03 * peaks[index]! + 2 * noise + 3,
          );
        });
      },
    ),
    { numRuns: 150 },
  );
});

test('a hand that lifts off slowly has severed nothing, and one spark is no peak', () => {
  const lifted = [...flat(0.4), ...ramp(0, 250, 0.6), ...ramp(250, 0, 0.3), ...flat(0.4)];
  expect(severings(lifted, RATE_HZ)).toEqual([]);
  const spark = flat(1);
  spark[60] = 900;
  expect(severings(spark, RATE_HZ)).toEqual([]);
});

test('what is still pressed is waited for', () => {
  expect(severings([...flat(0.4), ...ramp(0, 250, 0.6)], RATE_HZ)).toEqual([]);
  expect(severings([], RATE_HZ)).toEqual([]);
});

test('says when it parted', () => {
  const [first] = severings(cut(200), RATE_HZ);
  expect(first!.atS).toBeCloseTo(1.2, 1);
});
