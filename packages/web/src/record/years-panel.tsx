/** How a blade has worn from visit to visit, with a line that one wrong reading does not bend, and where it leads. */
import type { BladeRecord } from '@patient-edge/contract';
import {
  bladeKind,
  thinningWeighed,
  yearSeries,
  type ThinningWeighed,
  type VisitMeasured,
  type YearMeasure,
  type YearSeries,
} from '@patient-edge/core';
import { useCallback, useMemo } from 'react';
import { Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { fixed, mm, mmNumber } from '../theme/format';
import { formats } from '../theme/formats';
import { Columns } from '../theme/columns';
import { Panel, Row, Stack } from '../theme/layout';
import { GrowthRings } from './growth-rings';
import { ThenAndNow } from './then-and-now';
import { STRINGS } from './strings';

interface WornProps {
  readonly title: string;
  readonly series: YearSeries;
  readonly limitText: string;
  readonly decimals: number;
  /** What is said of the day the limit is met. */
  readonly meets: (year: string) => string;
}

const inShopUnit = (valueMm: number, decimals: number): number =>
  Number(mmNumber(valueMm, decimals));

const Worn = ({ title, series, limitText, decimals, meets }: WornProps) => {
  const { visits, limit: limitMm, trend } = series;
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
          data: [visits[0]!, visits.at(-1)!].map(({ at }, end) => [
            at,
            inShopUnit(trend.line[end]!, decimals),
          ]),
        },
      ],
    }),
    [visits, limitMm, limitText, decimals, trend],
  );
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

const none = (): string => '';

const SAID: Readonly<
  Record<YearMeasure, Pick<WornProps, 'title' | 'limitText' | 'decimals' | 'meets'>>
> = {
  height: {
    title: STRINGS.heightAtHeel,
    limitText: STRINGS.spent,
    decimals: 1,
    meets: STRINGS.spentIn,
  },
  'behind the edge': {
    title: STRINGS.behindTheEdge,
    limitText: STRINGS.thinFromHere,
    decimals: 2,
    meets: STRINGS.thinningDueIn,
  },
  bevel: { title: STRINGS.widthOfBevel, limitText: '', decimals: 2, meets: none },
  rim: {
    title: STRINGS.rimAtEdge,
    limitText: STRINGS.rimGone,
    decimals: 1,
    meets: STRINGS.rimGoneIn,
  },
  ridge: { title: STRINGS.ridgeAboveEdge, limitText: '', decimals: 1, meets: none },
};

const Thinning = ({ weighed }: { weighed: ThinningWeighed }) => {
  const { edgeOnly, thinEachTime } = weighed;
  return (
    <Stack $gap={6}>
      <h3>{STRINGS.thinningEachVisit}</h3>
      <p>
        {STRINGS.edgeAlone(
          weighed.visits,
          mm(edgeOnly.behindEdgeMm, 2),
          fixed(edgeOnly.steelMm3, 0),
        )}{' '}
        {STRINGS.aLittleEachTime(
          mm(thinEachTime.behindEdgeMm, 2),
          fixed(thinEachTime.steelMm3 - edgeOnly.steelMm3, 0),
        )}
      </p>
    </Stack>
  );
};

export const YearsPanel = ({ record }: { record: BladeRecord }) => {
  const useId = record.lastJob?.useId ?? bladeKind(record.blade.measures.kindId).usual.use;
  const { visits, series, weighed } = useMemo(() => {
    const inOrder = [...record.visits]
      .sort((a, b) => a.takenInAt.localeCompare(b.takenInAt))
      .map((visit): VisitMeasured => ({ ...visit, at: visit.takenInAt }));
    return {
      visits: inOrder,
      series: yearSeries(inOrder, useId),
      weighed: thinningWeighed(inOrder),
    };
  }, [record, useId]);
  return (
    <Panel aria-label={STRINGS.theYears}>
      <Stack>
        <Row $gap={18} $align="baseline">
          <h2>{STRINGS.theYears}</h2>
          <a href={`/api/blades/${record.blade.id}/years.pdf`} target="_blank" rel="noreferrer">
            {STRINGS.asPdf}
          </a>
        </Row>
        <Columns>
          <ThenAndNow first={visits[0]!} last={visits.at(-1)!} />
          <GrowthRings visits={visits} />
        </Columns>
        <Columns>
          {series.map((each) => (
            <Worn key={each.of} series={each} {...SAID[each.of]} />
          ))}
        </Columns>
        {weighed && <Thinning weighed={weighed} />}
      </Stack>
    </Panel>
  );
};
