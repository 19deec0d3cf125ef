/** Was it right? Steps as they were foreseen when the work began, and as the model alone would have foreseen them. */
import {
  FORECAST_GROUPS,
  type ForecastGroup,
  type ForecastSheet,
  type MissedForecast,
  type ScoreLine,
} from '@patient-edge/contract';
import { bladeKind, calibrationOf, stepRange } from '@patient-edge/core';
import { localDay } from '../shop/days';
import type { ForecastRow } from './queries';

const WORST = 12;

const foreseen = ({ p10Seconds, p50Seconds, p90Seconds, takenSeconds }: ForecastRow) => ({
  p10: p10Seconds,
  p50: p50Seconds,
  p90: p90Seconds,
  actual: takenSeconds,
});
const uncorrected = ({ foreseenSeconds, takenSeconds }: ForecastRow) => {
  const { lowS, highS } = stepRange(foreseenSeconds);
  return { p10: lowS, p50: foreseenSeconds, p90: highS, actual: takenSeconds };
};

const lineOf = (name: string, rows: readonly ForecastRow[]): ScoreLine => ({
  name,
  score: calibrationOf(rows.map(foreseen)),
  uncorrected: calibrationOf(rows.map(uncorrected)),
});

const linesBy = (
  rows: readonly ForecastRow[],
  nameOf: (row: ForecastRow) => string,
): ScoreLine[] => {
  const groups = new Map<string, ForecastRow[]>();
  for (const row of rows) {
    const name = nameOf(row);
    const group = groups.get(name);
    if (group) group.push(row);
    else groups.set(name, [row]);
  }
  return [...groups].map(([name, group]) => lineOf(name, group));
};

const NAME_OF: Readonly<Record<ForecastGroup, (row: ForecastRow) => string>> = {
  stone: ({ stone }) => stone,
  steel: ({ steel }) => steel,
  person: ({ person }) => person,
  kind: ({ kind }) => bladeKind(kind).label,
  operation: ({ operation }) => operation,
};

const beyond = ({ takenSeconds, p50Seconds }: ForecastRow): number =>
  Math.abs(Math.log(takenSeconds / p50Seconds));

export type UntitledMiss = Omit<MissedForecast, 'title'> & { readonly stepId: number };

const missOf = (row: ForecastRow): UntitledMiss => ({
  stepId: row.stepId,
  jobId: row.jobId,
  blade: row.blade || bladeKind(row.kind).label,
  p10Seconds: row.p10Seconds,
  p50Seconds: row.p50Seconds,
  p90Seconds: row.p90Seconds,
  takenSeconds: row.takenSeconds,
  finishedAt: row.finishedAt.toISOString(),
});

/** Coverage and the rest in all, by month, and by what was worked with, on what, by whom. */
export const scoreForecasts = (
  rows: readonly ForecastRow[],
  fromDay: string,
  toDay: string,
): Omit<ForecastSheet, 'worst'> & { readonly worst: readonly UntitledMiss[] } => ({
  fromDay,
  toDay,
  all: rows.length === 0 ? null : lineOf('', rows),
  months: linesBy(rows, ({ finishedAt }) => localDay(finishedAt).slice(0, 7)).sort((a, b) =>
    a.name.localeCompare(b.name),
  ),
  by: Object.fromEntries(
    FORECAST_GROUPS.map((group) => [
      group,
      linesBy(rows, NAME_OF[group]).sort((a, b) => b.score.count - a.score.count),
    ]),
  ) as Record<ForecastGroup, ScoreLine[]>,
  worst: [...rows]
    .sort((a, b) => beyond(b) - beyond(a))
    .slice(0, WORST)
    .map(missOf),
});
