import fc from 'fast-check';
import { STROKE_PATTERNS, textOf } from '../../index';
import { isEqualWork, layStrokes, shared, totalsOf, type SideCounts } from './patterns';

const counts = fc.integer({ min: 0, max: 400 });

describe('stroke patterns', () => {
  test.each(STROKE_PATTERNS)('%s gives every side what it is due, whatever that is', (pattern) => {
    fc.assert(
      fc.property(counts, counts, (right, left) => {
        const due: SideCounts = { right, left };
        const { rounds } = layStrokes(pattern, due, 100);
        expect(totalsOf(rounds)).toEqual({ right, left });
        expect(isEqualWork(rounds, due)).toBe(true);
        expect(rounds.every(({ count }) => count > 0)).toBe(true);
      }),
    );
  });

  test.each(STROKE_PATTERNS)('%s works one side alone where one side is ground', (pattern) => {
    const { rounds } = layStrokes(pattern, { left: 37 }, 60);
    expect(totalsOf(rounds)).toEqual({ right: 0, left: 37 });
    expect(rounds.every(({ side }) => side === 'left')).toBe(true);
  });

  test('a ladder falls, side after side', () => {
    const { rounds } = layStrokes('falling ladder', { right: 30, left: 30 }, 60);
    const right = rounds.filter(({ side }) => side === 'right').map(({ count }) => count);
    expect(right).toEqual([16, 8, 4, 2]);
    expect(rounds.slice(0, 2).map(({ side }) => side)).toEqual(['right', 'left']);
  });

  test('the timed one shares the time as it shares the strokes', () => {
    const { rounds } = layStrokes('timed, falling', { right: 30, left: 30 }, 120);
    const seconds = rounds.map((round) => round.seconds!);
    expect(seconds.reduce((sum, each) => sum + each, 0)).toBeCloseTo(120, 9);
    expect(seconds[0]).toBeGreaterThan(seconds.at(-1)!);
  });

  test('by section goes through heel, middle, belly and tip', () => {
    const { rounds } = layStrokes('by section', { right: 20, left: 20 }, 60);
    const zones = rounds.filter(({ side }) => side === 'right').map(({ zone }) => zone);
    expect(zones).toEqual(['heel', 'middle', 'belly', 'tip']);
  });

  test('many strokes are swapped every fifty at the most, and told in a few words', () => {
    const { rounds, text } = layStrokes('N and swap', { right: 400, left: 400 }, 900);
    expect(Math.max(...rounds.map(({ count }) => count))).toBeLessThanOrEqual(50);
    expect(textOf(text).length).toBeLessThan(110);
  });

  test('unequal work is seen', () => {
    const { rounds } = layStrokes('alternating', { right: 10, left: 10 }, 60);
    expect(isEqualWork(rounds.slice(0, 0), { right: 10, left: 10 })).toBe(false);
    expect(isEqualWork(rounds, { right: 10, left: 11 })).toBe(false);
  });

  test('a count is shared without losing one', () => {
    fc.assert(
      fc.property(counts, fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1 }), (n, w) => {
        expect(shared(n, w).reduce((sum, each) => sum + each, 0)).toBe(n);
      }),
    );
  });
});
