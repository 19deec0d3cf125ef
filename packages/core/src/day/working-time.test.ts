/** Working minutes and the clock: each the other's inverse, whatever the hours are and however late it is. */
import fc from 'fast-check';
import { axisTimes, momentAfter, workingMinutesUntil, type WorkingDay } from '../index';

/** Working days of one week, some of them left out, in whole minutes. */
const week = fc
  .array(
    fc.record({
      isOpen: fc.boolean(),
      fromMinute: fc.integer({ min: 300, max: 720 }),
      minutes: fc.integer({ min: 30, max: 600 }),
    }),
    { minLength: 7, maxLength: 7 },
  )
  .map((days) =>
    days.flatMap(({ isOpen, fromMinute, minutes }, index): WorkingDay[] =>
      isOpen
        ? [{ day: `2026-12-0${index + 1}`, fromMinute, untilMinute: fromMinute + minutes }]
        : [],
    ),
  )
  .filter((days) => days.length > 0);
const moment = fc
  .record({ day: fc.integer({ min: 1, max: 7 }), minute: fc.integer({ min: 0, max: 1439 }) })
  .map(({ day, minute }) => ({ day: `2026-12-0${day}`, minute }));

/** Minute by minute along the calendar. */
const countedUntil = (
  days: readonly WorkingDay[],
  now: { day: string; minute: number },
  at: { day: string; minute: number },
): number => {
  let minutes = 0;
  for (const { day, fromMinute, untilMinute } of days)
    for (let minute = fromMinute; minute < untilMinute; minute += 1) {
      const isAfterNow = day > now.day || (day === now.day && minute >= now.minute);
      const isBefore = day < at.day || (day === at.day && minute < at.minute);
      if (isAfterNow && isBefore) minutes += 1;
    }
  return minutes;
};

test('what lies ahead is as long as its minutes are counted one by one', () => {
  fc.assert(
    fc.property(week, moment, moment, (days, now, at) => {
      fc.pre(at.day > now.day || (at.day === now.day && at.minute >= now.minute));
      expect(workingMinutesUntil(days, now, at)).toBe(countedUntil(days, now, at));
    }),
    { numRuns: 300 },
  );
});

test('what has passed is behind by the clock on its own day, and by a working day for each before', () => {
  const days = [
    { day: '2026-12-03', fromMinute: 480, untilMinute: 900 },
    { day: '2026-12-04', fromMinute: 480, untilMinute: 960 },
  ];
  const now = { day: '2026-12-03', minute: 600 };
  expect(workingMinutesUntil(days, now, { day: '2026-12-03', minute: 555 })).toBe(-45);
  expect(workingMinutesUntil(days, now, { day: '2026-12-01', minute: 1000 })).toBe(-840);
  // Where no day is known, of eight hours.
  expect(workingMinutesUntil([], now, { day: '2026-12-02', minute: 0 })).toBe(-480);
});

test('so many working minutes on it is a time at which the workshop is open, and they are over then', () => {
  fc.assert(
    fc.property(week, moment, fc.integer({ min: 1, max: 4000 }), (days, now, minutes) => {
      const at = momentAfter(days, now, minutes);
      const all = countedUntil(days, now, { day: '2026-12-08', minute: 0 });
      expect(at === null).toBe(minutes > all);
      if (at === null) return;
      const open = days.find(({ day }) => day === at.day)!;
      expect(at.minute).toBeGreaterThan(open.fromMinute);
      expect(at.minute).toBeLessThanOrEqual(open.untilMinute);
      expect(countedUntil(days, now, at)).toBe(minutes);
    }),
    { numRuns: 300 },
  );
});

test('the axis says now, each morning and the full times between, each where it lies', () => {
  fc.assert(
    fc.property(
      week,
      moment,
      fc.integer({ min: 0, max: 2000 }),
      fc.constantFrom(10, 15, 60),
      (days, now, forMinutes, every) => {
        const times = axisTimes(days, now, forMinutes, every);
        for (const { afterMinutes, ...at } of times) {
          expect(countedUntil(days, now, at)).toBe(afterMinutes);
          expect(afterMinutes).toBeLessThanOrEqual(forMinutes);
        }
        // Every full time at which it is open and which is near enough, and nothing else but beginnings.
        const full = days.flatMap(({ day, fromMinute, untilMinute }) => {
          const from = day < now.day ? 1440 : day === now.day ? now.minute : 0;
          const first = Math.max(from, fromMinute);
          const wanted: string[] = [];
          for (let minute = first; minute < untilMinute; minute += 1)
            if (
              (minute % every === 0 || minute === first) &&
              countedUntil(days, now, { day, minute }) <= forMinutes
            )
              wanted.push(`${day} ${minute}`);
          return wanted;
        });
        expect(times.map(({ day, minute }) => `${day} ${minute}`)).toEqual(full);
      },
    ),
    { numRuns: 200 },
  );
});
