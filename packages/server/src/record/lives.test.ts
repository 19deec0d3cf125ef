/** When a life of an edge begins and ends, and with what it is compared. */
import { DEFAULT_CHOICES } from '@patient-edge/core';
import { lifeSheet } from './lives';
import type { LifeRow } from './queries';

const NOW = new Date('2026-11-20T10:00:00Z');
const daysAgo = (days: number): Date => new Date(NOW.getTime() - days * 24 * 60 * 60 * 1000);
const row = (part: Partial<LifeRow> = {}): LifeRow => ({
  returnedAt: daysAgo(100),
  steel: 'SAE 1095',
  useId: 'general-soft',
  choices: DEFAULT_CHOICES,
  dullAt: null,
  nextAt: null,
  nextSharpness: null,
  angleDeg: 18,
  lastStone: null,
  nextHasChip: 0,
  ...part,
});
const asked = { by: 'burr', use: null, first: null, second: null };
const only = (each: LifeRow) => lifeSheet([each], asked, NOW).groups[0]!;

test.each([
  ['still out', {}, 0, []],
  ['said to be dull', { dullAt: daysAgo(60) }, 1, [40]],
  ['back dull', { nextAt: daysAgo(30), nextSharpness: 'dull' }, 1, [70]],
  [
    'said to be dull before it came',
    { dullAt: daysAgo(60), nextAt: daysAgo(30), nextSharpness: 'dull' },
    1,
    [40],
  ],
  ['back keen, for another reason', { nextAt: daysAgo(30), nextSharpness: 'keen' }, 0, []],
  ['back with a chip', { nextAt: daysAgo(30), nextSharpness: 'dull', nextHasChip: 1 }, 0, []],
] as const)('%s', (_name, part, ended, days) => {
  const life = only(row(part));
  expect(life.ended).toBe(ended);
  expect(life.curve.map((point) => point.days)).toEqual(days);
});

test('only like is compared with like, unless all are asked for', () => {
  const rows = [
    row(),
    row({ choices: { ...DEFAULT_CHOICES, burrPolicy: 'a trace' } }),
    row({ useId: 'raw-fish' }),
  ];
  const sheet = lifeSheet(rows, asked, NOW);
  expect(sheet.useId).toBe('general-soft');
  expect(sheet.groups.map(({ lives }) => lives)).toEqual([1, 1]);
  expect(sheet.compared!.longerProbability).toBeCloseTo(0.5, 9);
  expect(lifeSheet(rows, { ...asked, use: 'all' }, NOW).groups.map(({ lives }) => lives)).toEqual([
    2, 1,
  ]);
  // Told apart by use, all of them are there.
  expect(lifeSheet(rows, { ...asked, by: 'use' }, NOW).groups).toHaveLength(2);
});

test('what is asked for and not there falls back on what is', () => {
  const sheet = lifeSheet(
    [row()],
    { by: 'weather', use: 'none such', first: 'x', second: 'y' },
    NOW,
  );
  expect(sheet.by).toBe('angle');
  expect(sheet.compared).toBeNull();
  expect(lifeSheet([], asked, NOW).groups).toEqual([]);
});
