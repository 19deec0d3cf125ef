/** How a blade has worn from visit to visit, with a line that one wrong reading does not bend, and where it leads. */
import type { BladeRecord } from '@patient-edge/contract';
import { bladeKind, findUse, wearTrend, type MeasuredAtVisit } from '@patient-edge/core';
import { useCallback } from 'react';
import { Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { fixed, mm, mmNumber } from '../theme/format';
import { formats } from '../theme/formats';
import { Columns } from '../theme/columns';
import { Panel, Stack } from '../theme/layout';
import { STRINGS } from './strings';

interface WornProps {
  readonly title: string;
  readonly visits: readonly MeasuredAtVisit[];
  readonly limitMm: number | null;
  readonly limitText: string;
  readonly decimals: number;
  /** What is said of the day the limit is met. */
  readonly meets: (year: string) => string;
}

const inShopUnit = (valueMm: number, decimals: number): number =>
  Number(mmNumber(valueMm, decimals));

const Worn = ({ title, visits, limitMm, limitText, decimals, meets }: WornProps) => {
  const trend = wearTrend(visits, limitMm);
  const option = useCallback(
    (tokens: ChartTokens) => ({
      grid: { left: 56, right: 24, top: 14, bottom: 34 },
      xAxis: { ...numberAxis(tokens, ''), type: 'time', splitLine: { show: false } },
      yAxis: numberAxis(tokens, formats().length, { nameGap: 40, scale: true }),
      series: [
        {
          type: 'scatter',
          symbolSize: 9,
          itemStyle: { color: tokens.accent },
          data: visits.map(({ at, value }) => [at, inShopUnit(value, decimals)]),
          markLine:
            limitMm === null
              ? undefined
              : {
                  silent: true,
                  symbol: 'none',
                  lineStyle: { color: tokens.cut, type: 'solid' },
                  label: {
                    formatter: limitText,
                    color: tokens.cut,
                    fontFamily: tokens.text,
                    position: 'insideStartTop',
                  },
                  data: [{ yAxis: inShopUnit(limitMm, decimals) }],
                },
        },
        {
          type: 'line',
          symbol: 'none',
          lineStyle: { color: tokens.ink, width: 1.5, type: 'dashed' },
          data: trend
            ? [visits[0]!, visits.at(-1)!].map(({ at }, end) => [
                at,
                inShopUnit(trend.line[end]!, decimals),
              ])
            : [],
        },
      ],
    }),
    [visits, limitMm, limitText, decimals, trend],
  );
  if (!trend) return null;
  const change = mm(Math.abs(trend.perYear), decimals);
  return (
    <Stack $gap={6}>
      <h3>{title}</h3>
      <p>
        {Number(fixed(trend.perYear, decimals)) === 0
          ? STRINGS.unchanged
          : trend.perYear < 0
            ? STRINGS.lessAYear(change)
            : STRINGS.moreAYear(change)}{' '}
        {trend.reachesOn === null ? '' : meets(trend.reachesOn.slice(0, 4))}
      </p>
      <Chart label={title} heightPx={200} option={option} />
    </Stack>
  );
};

export const YearsPanel = ({ record }: { record: BladeRecord }) => {
  const kind = bladeKind(record.blade.measures.kindId);
  const { limitBehindEdgeMm } = findUse(record.lastJob?.useId ?? kind.usual.use);
  const visits = [...record.visits].sort((a, b) => a.takenInAt.localeCompare(b.takenInAt));
  const measured = (of: 'heightHeelMm' | 'thicknessBehindEdgeMm'): MeasuredAtVisit[] =>
    visits.map((visit) => ({ at: visit.takenInAt, value: visit[of] }));
  return (
    <Panel aria-label={STRINGS.theYears}>
      <Stack>
        <h2>{STRINGS.theYears}</h2>
        <Columns>
          <Worn
            title={STRINGS.heightAtHeel}
            visits={measured('heightHeelMm')}
            limitMm={kind.minHeightMm}
            limitText={STRINGS.spent}
            decimals={1}
            meets={STRINGS.spentIn}
          />
          <Worn
            title={STRINGS.behindTheEdge}
            visits={measured('thicknessBehindEdgeMm')}
            limitMm={limitBehindEdgeMm}
            limitText={STRINGS.thinFromHere}
            decimals={2}
            meets={STRINGS.thinningDueIn}
          />
        </Columns>
      </Stack>
    </Panel>
  );
};
