import fc from 'fast-check';
import { roundsAtWork, STROKE_PATTERNS, type StrokeRound } from '../index';
import { layStrokes, totalsOf } from '../plan/steps/patterns';

const round = (side: StrokeRound['side'], count: number): StrokeRound => ({
  side,
  count,
  zone: null,
  seconds: null,
});

describe('where the hand stands in the pattern', () => {
  const swaps = [round('right', 20), round('left', 20), round('right', 10), round('left', 10)];

  test('the round that is not done yet, and what is left in it', () => {
    expect(roundsAtWork(swaps, { right: 0, left: 0 }).now).toEqual({
      index: 0,
      side: 'right',
      left: 20,
    });
    expect(roundsAtWork(swaps, { right: 20, left: 5 }).now).toEqual({
      index: 1,
      side: 'left',
      left: 15,
    });
    expect(roundsAtWork(swaps, { right: 30, left: 30 }).now).toBeNull();
  });

  test('strokes that fell out of order are not counted twice: the round left out comes first', () => {
    const at = roundsAtWork(swaps, { right: 0, left: 25 });
    expect(at.now).toMatchObject({ index: 0, side: 'right' });
    expect(at.rounds.map(({ done }) => done.left)).toEqual([0, 20, 0, 5]);
  });

  test('in turn, the side behind is next', () => {
    const inTurn = [round(null, 10)];
    const sideAt = (right: number, left: number) => roundsAtWork(inTurn, { right, left }).now!.side;
    expect([sideAt(0, 0), sideAt(1, 0), sideAt(1, 1), sideAt(4, 6)]).toEqual([
      'right',
      'left',
      'right',
      'right',
    ]);
  });

  test('whoever strokes the side whose turn it is comes out with what every side is due', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STROKE_PATTERNS),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 0, max: 90 }),
        (pattern, right, left) => {
          const { rounds } = layStrokes(pattern, { right, left }, 60);
          const counted = { right: 0, left: 0 };
          for (let strokes = 0; strokes < right + left; strokes += 1)
            counted[roundsAtWork(rounds, counted).now!.side] += 1;
          expect(roundsAtWork(rounds, counted).now).toBeNull();
          expect(counted).toEqual(totalsOf(rounds));
          expect(counted).toEqual({ right, left });
        },
      ),
      { numRuns: 60 },
    );
  });
});
