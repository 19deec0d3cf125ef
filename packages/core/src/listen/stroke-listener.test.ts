import fc from 'fast-check';
import { soundOf, strokesEvery, type MadeStrokes } from '../../test/stroke-sound';
import { rhythmOf, StrokeListener, type HeardStroke } from './stroke-listener';

const RATE_HZ = 8_000;
const heardIn = (made: Omit<MadeStrokes, 'sampleRateHz'>, block = 128): HeardStroke[] => {
  const listener = new StrokeListener(RATE_HZ);
  const samples = soundOf({ ...made, sampleRateHz: RATE_HZ });
  const heard: HeardStroke[] = [];
  for (let from = 0; from < samples.length; from += block)
    heard.push(...listener.hear(samples.subarray(from, from + block)));
  return heard;
};

/** What is plainly longer than a knock (0.1 s), for the ends of a burst fade into the hiss. */
const PLAINLY_A_STROKE_S = 0.16;

test('fifty strokes are counted within one, whatever their tempo, level and hiss', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.45, max: 1.6, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0.01, max: 0.5, noNaN: true }),
      fc.double({ min: 0.02, max: 0.25, noNaN: true }),
      (everyS, along, loudness, hissShare) => {
        const seconds = PLAINLY_A_STROKE_S + along * (0.7 * everyS - PLAINLY_A_STROKE_S);
        const strokes = strokesEvery(50, everyS, seconds);
        const heard = heardIn({
          strokes,
          seconds: 2 + 50 * everyS,
          loudness,
          hiss: loudness * hissShare,
        });
        expect(Math.abs(heard.length - 50)).toBeLessThanOrEqual(1);
      },
    ),
    { numRuns: 8 },
  );
});

test('hiss alone, and a pump that starts, are no strokes', () => {
  expect(heardIn({ strokes: [], seconds: 20, loudness: 0, hiss: 0.1 })).toEqual([]);
  const pump = [{ atS: 3, seconds: 14 }];
  expect(heardIn({ strokes: pump, seconds: 20, loudness: 0.3, hiss: 0.01 })).toEqual([]);
});

test('strokes over a pump that runs are heard again once the room is known', () => {
  const listener = new StrokeListener(RATE_HZ);
  const pump = soundOf({ sampleRateHz: RATE_HZ, strokes: [], seconds: 6, loudness: 0, hiss: 0.1 });
  const over = soundOf({
    sampleRateHz: RATE_HZ,
    strokes: strokesEvery(20, 1, 0.5, 0.5),
    seconds: 21,
    loudness: 0.6,
    hiss: 0.1,
  });
  const quiet = new Float32Array(RATE_HZ);
  const heard = [quiet, pump, over].flatMap((part) => listener.hear(part));
  expect(Math.abs(heard.length - 20)).toBeLessThanOrEqual(1);
});

test('a knock is no stroke', () => {
  const knocks = strokesEvery(10, 1, 0.03);
  expect(heardIn({ strokes: knocks, seconds: 12, loudness: 0.5, hiss: 0.01 })).toEqual([]);
});

test('when each began and how long it was; the size of the blocks changes nothing', () => {
  const made = { strokes: strokesEvery(5, 1, 0.5), seconds: 7, loudness: 0.3, hiss: 0.01 };
  const heard = heardIn(made);
  heard.forEach(({ atS, seconds }, index) => {
    expect(Math.abs(atS - (1 + index))).toBeLessThan(0.06);
    expect(Math.abs(seconds - 0.5)).toBeLessThan(0.1);
  });
  expect(heardIn(made, 1000)).toEqual(heard);
});

describe('tempo and evenness', () => {
  test('sixty a minute, and an even sound', () => {
    const heard = heardIn({
      strokes: strokesEvery(12, 1, 0.5),
      seconds: 14,
      loudness: 0.3,
      hiss: 0.01,
    });
    const rhythm = rhythmOf(heard)!;
    expect(rhythm.perMinute).toBeCloseTo(60, 0);
    expect(rhythm.text).toBe('Even sound: an even angle.');
  });

  test('a sound that turns dull in the middle is told', () => {
    const bright = heardIn({
      strokes: strokesEvery(6, 1, 0.5),
      seconds: 8,
      loudness: 0.3,
      hiss: 0.005,
    });
    const dull = heardIn({
      strokes: strokesEvery(6, 1, 0.5),
      seconds: 8,
      loudness: 0.3,
      hiss: 0.005,
      dullness: 0.92,
    });
    expect(dull[0]!.brightnessHz).toBeLessThan(0.85 * bright[0]!.brightnessHz);
    const mixed = rhythmOf([...bright, ...dull.map((each) => ({ ...each, atS: each.atS + 8 }))])!;
    expect(mixed.text).toBe('The sound jumps: look at the angle.');
    expect(rhythmOf(bright.slice(0, 2))).toBeNull();
  });
});
