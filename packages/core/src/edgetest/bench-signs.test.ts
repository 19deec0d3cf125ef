import { BENCH_SIGN_IDS, BENCH_SIGNS, remediesOf, roundsForSign } from './bench-signs';

const BOTH = [
  { side: 'right', strokes: 100 },
  { side: 'left', strokes: 60 },
] as const;

test.each(BENCH_SIGN_IDS)('%s has a cause and a remedy', (id) => {
  expect(remediesOf(id).length).toBeGreaterThan(0);
  for (const { what, remedy } of remediesOf(id))
    expect([what.length > 10, remedy.length > 4]).toEqual([true, true]);
});

test('no burr at the tip wants a tenth more there, on each side that is worked', () => {
  expect(roundsForSign('no burr at the tip', BOTH)).toEqual([
    { side: 'right', count: 10, zone: 'tip', because: 'No burr at the tip' },
    { side: 'left', count: 6, zone: 'tip', because: 'No burr at the tip' },
  ]);
  // At least four can be felt; after forty it is felt again first.
  expect(roundsForSign('facet', [{ side: 'right', strokes: 8 }])[0]!.count).toBe(4);
  expect(roundsForSign('facet', [{ side: 'right', strokes: 4000 }])[0]!.count).toBe(40);
});

test('heat adds no strokes: the clock stands', () => {
  expect(BENCH_SIGNS.hot.deed.does).toBe('cool');
  expect(roundsForSign('hot', BOTH)).toEqual([]);
});
