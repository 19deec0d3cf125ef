import { goOn, usualFinding } from './go-on';
import type { BurrCheck } from './session';
import { ZONES } from '../geometry';

const along = (finding: 'slight' | 'none') =>
  Object.fromEntries(ZONES.map((zone) => [zone, finding])) as BurrCheck['right'];
const NOTHING: BurrCheck = { right: {}, left: {} };
const first = {
  gate: 'everywhere',
  policy: 'none',
  burr: NOTHING,
  burrOn: ['right', 'left'],
  zones: ZONES,
  asks: [{ code: 'first stone', text: 'Chips out', readings: [] }],
  shown: [],
  isBegun: true,
} as const;

test('one thing after another: the clock, each side of the burr, what is asked, the way out', () => {
  expect(goOn({ ...first, isBegun: false })).toEqual({ does: 'start', text: 'Start the clock' });
  expect(goOn(first)).toMatchObject({ does: 'burr', side: 'right', finding: 'slight' });
  const right = { right: along('slight'), left: {} };
  expect(goOn({ ...first, burr: right })).toMatchObject({ does: 'burr', side: 'left' });
  const both = { right: along('slight'), left: along('slight') };
  expect(goOn({ ...first, burr: both })).toMatchObject({ does: 'show', code: 'first stone' });
  expect(goOn({ ...first, burr: both, shown: ['first stone'] }).does).toBe('leave');
});

test('a normal burr check is a press a side and Done', () => {
  const strop = { ...first, gate: 'gone', asks: [] } as const;
  expect(goOn(strop)).toMatchObject({ does: 'burr', side: 'right', finding: 'none' });
  expect(goOn({ ...strop, burr: { right: along('none'), left: {} } })).toMatchObject({
    side: 'left',
    text: 'Burr on the left: none anywhere',
  });
});

test('where a trace may stay, slight is what is usually found', () => {
  expect([usualFinding('gone', 'none'), usualFinding('gone', 'a trace')]).toEqual([
    'none',
    'slight',
  ]);
});
