import { USUAL_FORMATS } from '@patient-edge/contract';
import { setFormats } from './formats';
import {
  fixed,
  day,
  duration,
  howSoon,
  parseNumber,
  roughly,
  weekdayName,
  withUnit,
  mm,
  moment,
  inUnits,
} from './format';

describe('numbers as typed', () => {
  test.each([
    ['12,5', 12.5],
    [' 0.42 ', 0.42],
    ['.5', 0.5],
    ['-3', -3],
    ['7.', 7],
  ])('%j is %d', (typed, value) => expect(parseNumber(typed)).toBe(value));

  test.each(['', 'abc', '1e3', '1,2,3', '0x10', 'Infinity', '--2', '12 mm'])(
    '%j is none',
    (typed) => expect(parseNumber(typed)).toBeNull(),
  );
});

describe('numbers as shown', () => {
  test('what rounds to nothing has no sign', () => {
    expect([fixed(-0.004, 2), fixed(-0.4, 0), fixed(-0.006, 2)]).toEqual(['0.00', '0', '-0.01']);
  });

  test('angles say how they are meant', () => {
    expect(withUnit(17.458, '° per side')).toBe('17.5° per side');
    expect(withUnit(34.9, '° inclusive')).toBe('34.9° inclusive');
  });

  test('lengths, steel and time in their usual precision', () => {
    expect(withUnit(0.42, 'mm')).toBe('0.42 mm');
    expect(withUnit(24.893, 'mm³')).toBe('24.9 mm³');
    expect(withUnit(751, 's')).toBe('12:31');
    expect(withUnit(41, '')).toBe('41');
    expect(withUnit(1.3, '')).toBe('1.30');
  });

  test('time by the clock, and roughly for a customer', () => {
    expect(duration(59.7)).toBe('1:00');
    expect(duration(3725)).toBe('1:02:05');
    expect(roughly(62)).toBe('60 s');
    expect(roughly(1080)).toBe('18 min');
    expect([roughly(99 * 60), roughly(134 * 60)]).toEqual(['99 min', '2.2 h']);
  });
});

describe('days', () => {
  test('are told as seen from today', () => {
    expect(howSoon('2026-11-25', '2026-11-25')).toBe('today');
    expect(howSoon('2026-11-26', '2026-11-25')).toBe('tomorrow');
    expect(howSoon('2026-12-01', '2026-11-25')).toBe('in 6 days');
    expect(howSoon('2026-11-24', '2026-11-25')).toBe('a day overdue');
    expect(howSoon('2026-11-20', '2026-11-25')).toBe('5 days overdue');
  });

  test('a day is said as the shop says it', () => {
    expect(day('2026-11-23')).toBe('Mon 23 Nov');
    expect([weekdayName(1), weekdayName(7, 'short')]).toEqual(['Monday', 'Sun']);
    setFormats({ ...USUAL_FORMATS, language: 'en-US', clock: '12 h', length: 'in' });
    expect(day('2026-11-23')).toBe('Mon, Nov 23');
    expect(moment('2026-11-23T14:05:00')).toMatch(/Nov 23, 0?2:05\sPM/);
    expect([mm(210, 0), withUnit(0.42, 'mm'), inUnits('4–6 mm')]).toEqual([
      '8.27 in',
      '0.0165 in',
      '0.16–0.24 in',
    ]);
    setFormats(USUAL_FORMATS);
  });
});
