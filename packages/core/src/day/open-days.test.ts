import fc from 'fast-check';
import { closedOn, openDays, placesOn, weekdayOfDay, type ClosedDays, type Place } from './index';

const place = (id: number, weekdays: readonly number[], inUse = true): Place => ({
  id,
  name: `Place ${id}`,
  address: '',
  weekdays,
  opensAt: null,
  closesAt: null,
  inUse,
});
const HOLIDAY: ClosedDays = { fromDay: '2026-12-24', toDay: '2027-01-02', reason: 'Winter' };

test('weekdays are those of the calendar, over the turn of a year and a leap day', () => {
  expect(weekdayOfDay('2026-11-27')).toBe(5);
  expect(weekdayOfDay('2026-11-29')).toBe(7);
  expect(weekdayOfDay('2027-01-01')).toBe(5);
  expect(weekdayOfDay('2028-02-29')).toBe(2);
});

test('a market round is where it is each weekday; two places of one day are both offered', () => {
  const places = [place(1, [1, 5]), place(2, [5]), place(3, [6], false)];
  const days = openDays(places, [], '2026-11-27', 8).map(({ day, place: { id } }) => [day, id]);
  expect(days).toEqual([
    ['2026-11-27', 1],
    ['2026-11-27', 2],
    ['2026-11-30', 1],
    ['2026-12-04', 1],
    ['2026-12-04', 2],
  ]);
});

test('on a day that is closed nothing is promised, its first and its last included', () => {
  const places = [place(1, [1, 2, 3, 4, 5, 6, 7])];
  expect(openDays(places, [HOLIDAY], '2026-12-22', 14).map(({ day }) => day)).toEqual([
    '2026-12-22',
    '2026-12-23',
    '2027-01-03',
    '2027-01-04',
  ]);
  expect(closedOn([HOLIDAY], '2026-12-24')).toBe('Winter');
  expect(closedOn([HOLIDAY], '2027-01-03')).toBeNull();
});

test('whatever the places: a day offered is one of theirs, in order, and never a closed one', () => {
  fc.assert(
    fc.property(
      fc.array(fc.uniqueArray(fc.integer({ min: 1, max: 7 })), { maxLength: 4 }),
      fc.integer({ min: 0, max: 400 }),
      (weeks, later) => {
        const places = weeks.map((weekdays, index) => place(index + 1, weekdays));
        const from = new Date(Date.UTC(2026, 0, 1 + later)).toISOString().slice(0, 10);
        const days = openDays(places, [HOLIDAY], from, 20);
        expect([...days].sort((a, b) => a.day.localeCompare(b.day))).toEqual(days);
        for (const { day, place: at } of days) {
          const weekday = new Date(`${day}T12:00:00`).getDay();
          expect(at.weekdays).toContain(weekday === 0 ? 7 : weekday);
          expect(day >= HOLIDAY.fromDay && day <= HOLIDAY.toDay).toBe(false);
          expect(placesOn(places, [HOLIDAY], day)).toContain(at);
        }
      },
    ),
  );
});
