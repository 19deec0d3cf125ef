/** Working minutes and the clock: what the queue counts, and what customers are told. */

export interface WorkingDay {
  /** YYYY-MM-DD */
  readonly day: string;
  /** Minutes since midnight, by the workshop's own clock. */
  readonly fromMinute: number;
  readonly untilMinute: number;
}

export interface DayMoment {
  readonly day: string;
  readonly minute: number;
}

/** What is left of a working day from a moment on. */
const leftOf = ({ day, fromMinute, untilMinute }: WorkingDay, now: DayMoment): number =>
  day < now.day
    ? 0
    : Math.max(0, untilMinute - (day === now.day ? Math.max(fromMinute, now.minute) : fromMinute));

/**
 * Working minutes from now until a moment; negative where it has passed, by the minutes of the clock since on its own day
 * and by a whole working day for each day. Days come in their order.
 *
 * @example
 * workingMinutesUntil([{ day: '2026-11-30', fromMinute: 540, untilMinute: 1020 }], { day: '2026-11-30', minute: 600 }, { day: '2026-11-30', minute: 720 }); // 120
 */
export const workingMinutesUntil = (
  days: readonly WorkingDay[],
  now: DayMoment,
  at: DayMoment,
): number => {
  if (at.day < now.day) {
    const usual = days[0] ? days[0].untilMinute - days[0].fromMinute : 480;
    return -usual * Math.round((Date.parse(now.day) - Date.parse(at.day)) / 86_400_000);
  }
  if (at.day === now.day && at.minute < now.minute) return at.minute - now.minute;
  let minutes = 0;
  for (const each of days) {
    if (each.day > at.day) break;
    const whole = leftOf(each, now);
    minutes +=
      each.day === at.day ? Math.max(0, whole - Math.max(0, each.untilMinute - at.minute)) : whole;
  }
  return minutes;
};

/**
 * When so many working minutes from now are over; null beyond the last day.
 *
 * @example
 * momentAfter([{ day: '2026-11-30', fromMinute: 540, untilMinute: 1020 }], { day: '2026-11-30', minute: 600 }, 30).minute; // 630
 */
export const momentAfter = (
  days: readonly WorkingDay[],
  now: DayMoment,
  minutes: number,
): DayMoment | null => {
  let left = minutes;
  for (const each of days) {
    const here = leftOf(each, now);
    if (here <= 0) continue;
    if (left <= here) {
      const from = each.day === now.day ? Math.max(each.fromMinute, now.minute) : each.fromMinute;
      return { day: each.day, minute: from + left };
    }
    left -= here;
  }
  return null;
};

/** A time of the clock on an axis of working minutes. */
export interface AxisTime extends DayMoment {
  /** Working minutes from now. */
  readonly afterMinutes: number;
}

/**
 * Now, when each working day begins, and the full times of the clock between them, every so many minutes, for so many
 * working minutes to come.
 *
 * @example
 * axisTimes([{ day: '2026-11-30', fromMinute: 540, untilMinute: 1020 }], { day: '2026-11-30', minute: 610 }, 60, 30)[1].afterMinutes; // 20
 */
export const axisTimes = (
  days: readonly WorkingDay[],
  now: DayMoment,
  forMinutes: number,
  everyMinutes: number,
): readonly AxisTime[] => {
  const times: AxisTime[] = [];
  let before = 0;
  for (const each of days) {
    if (before > forMinutes) break;
    const { day, untilMinute } = each;
    const left = leftOf(each, now);
    const from = untilMinute - left;
    const full = Math.floor(from / everyMinutes + 1) * everyMinutes;
    if (left > 0) times.push({ afterMinutes: before, day, minute: from });
    for (let minute = full; minute < untilMinute; minute += everyMinutes)
      times.push({ afterMinutes: before + minute - from, day, minute });
    before += left;
  }
  return times.filter(({ afterMinutes }) => afterMinutes <= forMinutes);
};

/**
 * Steps that need no stone are done with the one after them, the last with the one before: the queue is of stones. A blade
 * that needs none at all has none to queue for.
 *
 * @example
 * withStones([{ stone: null, minutes: 2 }, { stone: 'grey', minutes: 5 }]).length; // 1
 */
export const withStones = <
  Step extends { readonly stone: string | null; readonly minutes: number },
>(
  steps: readonly Step[],
): (Step & { readonly stone: string })[] => {
  const queued: (Step & { readonly stone: string })[] = [];
  let before = 0;
  for (const step of steps) {
    if (step.stone === null) before += step.minutes;
    else {
      queued.push({ ...step, stone: step.stone, minutes: step.minutes + before });
      before = 0;
    }
  }
  const last = queued.at(-1);
  if (last && before > 0) queued[queued.length - 1] = { ...last, minutes: last.minutes + before };
  return queued;
};
