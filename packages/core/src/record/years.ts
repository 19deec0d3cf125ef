/** The years of a blade: how it has worn from visit to visit, and when what it wears towards is reached. */
import { trendOf, type MeasuredOnDay, type Trend } from './trend';

const DAYS_A_YEAR = 365.25;
const DAY_MS = 24 * 60 * 60 * 1000;

export interface MeasuredAtVisit {
  /** ISO 8601. */
  readonly at: string;
  readonly value: number;
}

export interface WearTrend {
  readonly perYear: number;
  /** On the day of the first and the last visit, by the line. */
  readonly line: readonly [first: number, last: number];
  /** When the line meets the limit, ISO 8601; null where it leads elsewhere, or not within a hundred years. */
  readonly reachesOn: string | null;
}

const LONGEST_DAYS = 100 * DAYS_A_YEAR;

const dayOf = ({ at }: MeasuredAtVisit, first: MeasuredAtVisit): number =>
  (Date.parse(at) - Date.parse(first.at)) / DAY_MS;

/**
 * The robust line through the measures of at least three visits on different days; null for fewer. Visits come in the
 * order of their days.
 *
 * @example
 * wearTrend([{ at: '2026-01-01', value: 48 }], 40); // null
 */
export const wearTrend = (
  visits: readonly MeasuredAtVisit[],
  limit: number | null,
): WearTrend | null => {
  const [first] = visits;
  if (!first || new Set(visits.map(({ at }) => at.slice(0, 10))).size < 3) return null;
  const points = visits.map((visit): MeasuredOnDay => ({
    day: dayOf(visit, first),
    value: visit.value,
  }));
  const trend = trendOf(points, limit ?? undefined);
  if (!trend.ok) return null;
  const { slopePerDay, atDayZero, reachesDay } = trend.value satisfies Trend;
  const last = points.at(-1)!.day;
  return {
    perYear: slopePerDay * DAYS_A_YEAR,
    line: [atDayZero, atDayZero + slopePerDay * last],
    reachesOn:
      reachesDay === undefined || reachesDay === null || reachesDay > LONGEST_DAYS
        ? null
        : new Date(Date.parse(first.at) + reachesDay * DAY_MS).toISOString(),
  };
};
