import fc from 'fast-check';
import {
  cueBetween,
  isTimed,
  moreThere,
  roundsAtWork,
  STROKE_PATTERNS,
  timedRounds,
  withAdded,
  ZONES,
  type StrokeRound,
} from '../index';
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

describe('led by the clock', () => {
  const timed: readonly StrokeRound[] = [
    { ...round('right', 20), seconds: 30 },
    { ...round('left', 20), seconds: 30 },
    { ...round('right', 10), seconds: 15 },
  ];

  test('seconds left in the round, and whose turn it is', () => {
    expect(timedRounds(timed, 0).now).toEqual({ index: 0, side: 'right', left: 30 });
    expect(timedRounds(timed, 41).now).toEqual({ index: 1, side: 'left', left: 19 });
    expect(timedRounds(timed, 75).now).toBeNull();
    expect(timedRounds(timed, 41).rounds.map(({ done }) => done.right + done.left)).toEqual([
      20,
      20 * (11 / 30),
      0,
    ]);
  });

  test('only where every round says how long', () => {
    expect([isTimed(timed), isTimed([...timed, round('left', 5)]), isTimed([])]).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe('what is sounded', () => {
  const pattern = [round('right', 2), round('right', 1), round('left', 2), round(null, 2)];
  const at = (right: number, left: number) => roundsAtWork(pattern, { right, left });

  test('the next round, a swap, and the end; nothing within a round or while sides go in turn', () => {
    expect(cueBetween(at(1, 0), at(2, 0))).toBe('next');
    expect(cueBetween(at(2, 0), at(3, 0))).toBe('swap');
    expect(cueBetween(at(0, 0), at(1, 0))).toBeNull();
    expect(cueBetween(at(3, 2), at(4, 2))).toBeNull();
    expect(cueBetween(at(5, 3), at(5, 4))).toBe('finished');
  });

  test('a stroke taken back is not announced', () => {
    expect(cueBetween(at(3, 0), at(2, 0))).toBeNull();
  });

  test('every stroke of any pattern: one end, and as many changes as there are rounds', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STROKE_PATTERNS),
        fc.integer({ min: 1, max: 80 }),
        fc.integer({ min: 0, max: 80 }),
        (name, right, left) => {
          const { rounds } = layStrokes(name, left > 0 ? { right, left } : { right }, 60);
          const counted = { right: 0, left: 0 };
          const cues: string[] = [];
          for (let before = roundsAtWork(rounds, counted); before.now !== null;) {
            counted[before.now.side] += 1;
            const after = roundsAtWork(rounds, counted);
            const cue = cueBetween(before, after);
            if (cue !== null) cues.push(cue);
            before = after;
          }
          expect(cues.filter((cue) => cue === 'finished')).toHaveLength(1);
          expect(cues.at(-1)).toBe('finished');
          expect(cues).toHaveLength(rounds.length);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('more there', () => {
  const sides = [
    { side: 'right', strokes: 100 },
    { side: 'left', strokes: 100 },
  ] as const;
  const slight = Object.fromEntries(ZONES.map((zone) => [zone, 'slight' as const]));

  test('a burr missing at the tip of one side is raised from the other, and nowhere else', () => {
    const burr = { right: { ...slight, tip: 'none' as const }, left: slight };
    expect(moreThere('everywhere', burr, sides)).toEqual([
      { side: 'left', count: 10, zone: 'tip', because: 'no burr on the right, tip' },
    ]);
  });

  test('a burr that still stands is taken off its own side', () => {
    const burr = { right: { heel: 'clear' as const }, left: { heel: 'none' as const } };
    expect(moreThere('gone', burr, sides)).toMatchObject([{ side: 'right', zone: 'heel' }]);
    expect(moreThere('gone', burr, sides, ['none', 'slight', 'clear'])).toEqual([]);
  });

  test('ground on one side only, that side is worked', () => {
    const burr = { right: {}, left: { tip: 'none' as const } };
    expect(moreThere('everywhere', burr, [sides[0]])).toMatchObject([{ side: 'right' }]);
  });

  test('added strokes are led behind those of the plan', () => {
    const added = [{ side: 'left', count: 7, zone: 'tip', because: '' }] as const;
    const rounds = withAdded([round('right', 2)], added);
    expect(roundsAtWork(rounds, { right: 2, left: 0 }).now).toEqual({
      index: 1,
      side: 'left',
      left: 7,
    });
  });
});
