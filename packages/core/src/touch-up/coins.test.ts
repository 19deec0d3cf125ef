import { coinAngleDeg, coinSearch, MOST_INK_ROUNDS, nextCount, rodSteps } from '../index';
import type { CoinInput, CoinSearch } from './coins';

/** A canteen's small vegetable knife whose angle nobody knows, and discs of a millimetre. */
const vegetable: CoinInput = {
  measures: {
    heightHeelMm: 20.5,
    heightMiddleMm: 19,
    heightTipMm: 14,
    spineHeelMm: 1.7,
    spineMiddleMm: 1.6,
    spineTipMm: 1.4,
  },
  measuredDeg: null,
  windowDeg: [16, 20],
  coinMm: 1,
  fromAbove: false,
};
const searched = (part: Partial<CoinInput> = {}): CoinSearch => {
  const found = coinSearch({ ...vegetable, ...part });
  if (!found.ok) throw new Error(found.error.message);
  return found.value;
};

describe('coins between rod and blade', () => {
  test('every count has its angle at every height, reckoned by hand', () => {
    const { counts, places, liftMm } = searched();
    expect(counts).toEqual([3, 4, 5, 6]);
    const by = Object.fromEntries(
      places.map(({ place, anglesDeg }) => [place, anglesDeg.map((deg) => deg!.toFixed(1))]),
    );
    expect(by['middle']).toEqual(['11.5', '14.6', '17.7', '20.8']);
    expect(by['heel']).toEqual(['10.8', '13.6', '16.5', '19.4']);
    expect(by['tip']).toEqual(['15.2', '19.4', '23.8', '28.2']);
    expect(liftMm).toBeCloseTo(4.5, 1);
  });

  test('an unknown angle is sought from the low end of its window, said to be assumed, with the count below', () => {
    const search = searched();
    expect(search).toMatchObject({ isAssumed: true, wantedDeg: 16, start: 4 });
    expect(search.below.angleDeg).toBeCloseTo(14.6, 1);
    expect(search.above.angleDeg).toBeCloseTo(17.7, 1);
    expect(coinAngleDeg(vegetable, search.start)!).toBeLessThanOrEqual(18);
  });

  test('on a rod that takes steel it is sought from above', () => {
    const search = searched({ fromAbove: true });
    expect(search.wantedDeg).toBe(20);
    expect(coinAngleDeg(vegetable, search.start)!).toBeGreaterThanOrEqual(20);
  });

  test('a measured angle takes the nearer count', () => {
    expect(searched({ measuredDeg: 17.5 })).toMatchObject({ isAssumed: false, start: 5 });
    expect(searched({ measuredDeg: 15 })).toMatchObject({ start: 4 });
  });

  test('coins too thick for the blade begin with one', () => {
    expect(searched({ coinMm: 6 }).start).toBe(1);
  });

  test('the ink gives the next count: shoulder one more, edge one fewer, across the same', () => {
    expect(nextCount(4, 'shoulder only')).toBe(5);
    expect(nextCount(4, 'edge line only')).toBe(3);
    expect(nextCount(1, 'edge line only')).toBe(1);
    expect(nextCount(4, 'edge and across')).toBe(4);
    expect(MOST_INK_ROUNDS).toBe(4);
  });
});

describe('the steps of a rod', () => {
  const rolled = [
    { id: 'a', kind: 'rolled edge', side: 'right', fromMm: 26, lengthMm: 15, depthMm: 0 } as const,
  ];

  test('no pass is over 6 N, the first over 3, nor a side over 8 passes before paper', () => {
    for (const rod of ['smooth', 'ridged', 'ceramic', 'diamond'] as const) {
      const steps = rodSteps(rod, rolled, false);
      expect(Math.max(...steps.flatMap(({ forceN }) => forceN ?? []))).toBeLessThanOrEqual(6);
      const first = steps.find(({ forceN }) => forceN !== null)!;
      expect(first.forceN![1]).toBeLessThanOrEqual(3);
      const passes = steps
        .filter(({ title }) => !/trial|roll/.test(title))
        .flatMap(({ passes: each }) => each?.[1] ?? 0);
      expect(passes.reduce((sum, each) => sum + each, 0)).toBeLessThanOrEqual(8);
      expect(steps.at(-1)!.title).toMatch(/^Paper/);
    }
  });

  test('the smooth rod pushes the roll back where it is, right first, before it lines up', () => {
    const steps = rodSteps('smooth', rolled, false);
    const roll = steps.findIndex(({ title }) => title === 'Push the roll back');
    expect(steps[roll]!.text).toContain('The right first, at 26 to 41 mm');
    expect(steps[roll + 1]!.title).toBe('Line it up');
  });

  test('what the fine cut has torn up the smooth rod lays straight', () => {
    const titles = rodSteps('ridged', [], true).map(({ title }) => title);
    expect(titles).toEqual([
      'A few strokes on the fine cut',
      'Smooth rod after it',
      'Paper, pushed and sliced',
    ]);
  });

  test('no step works on a stone, thins, joints or makes a micro bevel', () => {
    const said = rodSteps('smooth', rolled, false)
      .map(({ title, text }) => `${title} ${text}`)
      .join(' ');
    expect(said).not.toMatch(/stone|belt|film|thin |joint|micro|to the burr/i);
  });
});
