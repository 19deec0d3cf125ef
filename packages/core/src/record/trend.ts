/** A measure through the years: a line that one wrong reading does not bend, and the day it meets a limit. */
import { medianOfMany } from '../statistics';
import { fail, ok, type Result } from '../units';
import { STRINGS } from './strings';

export interface MeasuredOnDay {
  readonly day: number;
  readonly value: number;
}

export interface Trend {
  readonly slopePerDay: number;
  readonly atDayZero: number;
  /** The day the line meets the limit; null where it never does, or has before the latest point. Absent without a limit. */
  readonly reachesDay?: number | null;
}

/** Every two points give a slope: of more there would be too many. */
export const MOST_TREND_POINTS = 5000;

/**
 * The line through the median of the slopes of all pairs (Theil 1950, Sen 1968). Errors: INVALID_INPUT for points all on
 * one day, or too many.
 *
 * @example
 * trendOf([{ day: 0, value: 48 }, { day: 0, value: 47 }]).ok; // false
 */
export const trendOf = (points: readonly MeasuredOnDay[], limit?: number): Result<Trend> => {
  if (points.length > MOST_TREND_POINTS)
    return fail(
      'INVALID_INPUT',
      STRINGS.pointsTakesAtMostEntriesWere(MOST_TREND_POINTS, points.length),
      'points',
    );
  const slopes = new Float64Array((points.length * (points.length - 1)) / 2);
  let count = 0;
  for (let first = 0; first < points.length; first += 1)
    for (let second = first + 1; second < points.length; second += 1) {
      const days = points[second]!.day - points[first]!.day;
      if (days === 0) continue;
      slopes[count] = (points[second]!.value - points[first]!.value) / days;
      count += 1;
    }
  if (count === 0) return fail('INVALID_INPUT', STRINGS.pointsMustLieOnAtLeast, 'points');
  const slopePerDay = medianOfMany(slopes.subarray(0, count));
  const atDayZero = medianOfMany(
    Float64Array.from(points, ({ day, value }) => value - slopePerDay * day),
  );
  if (limit === undefined) return ok({ slopePerDay, atDayZero });
  const meets = slopePerDay === 0 ? null : (limit - atDayZero) / slopePerDay;
  const latest = points.reduce((last, { day }) => Math.max(last, day), -Infinity);
  return ok({
    slopePerDay,
    atDayZero,
    reachesDay: meets !== null && meets >= latest ? meets : null,
  });
};
