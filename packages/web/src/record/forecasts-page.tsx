/** Was it right? Forecasts as they were when the work began, held against what it took. */
import {
  FORECAST_GROUPS,
  type ForecastGroup,
  type ForecastSheet,
  type MissedForecast,
  type ScoreLine,
} from '@patient-edge/contract';
import { named, type ForecastScore } from '@patient-edge/core';
import { useCallback, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useForecasts } from '../api/hooks';
import { Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { NumbersNav } from '../money/numbers-nav';
import { Columns } from '../theme/columns';
import { isIsoDay, fixed, moment, monthAndYear, roughly } from '../theme/format';
import { Figures, MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { SegmentedControl } from '../theme/segmented-control';
import { textOf } from '../theme/text';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

const WANTED = 0.8;
/** So far off it is said. */
const OFF = 0.05;

const percent = (share: number): string => STRINGS.percent(Math.round(100 * share));
const usualMiss = ({ medianAbsLogError }: ForecastScore): string =>
  percent(Math.exp(medianAbsLogError) - 1);

const verdictOn = ({ coverage }: ForecastScore): string =>
  coverage < WANTED - OFF
    ? STRINGS.tooBold
    : coverage > WANTED + OFF
      ? STRINGS.tooTimid
      : STRINGS.honest;

const InAll = ({ all }: { all: NonNullable<ForecastSheet['all']> }) => (
  <Panel aria-label={STRINGS.inAll}>
    <Stack>
      <h2>{verdictOn(all.score)}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">{STRINGS.forecasts}</span>
            </th>
            <th scope="col">{STRINGS.inRange}</th>
            <th scope="col">{STRINGS.takenOverForeseen}</th>
            <th scope="col">{STRINGS.usualMiss}</th>
            <th scope="col">{STRINGS.steps}</th>
          </tr>
        </thead>
        <tbody>
          {(
            [
              [STRINGS.asTold, all.score],
              [STRINGS.withoutLearning, all.uncorrected],
            ] as const
          ).map(([name, score]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>
                <Figures>{percent(score.coverage)}</Figures>
              </td>
              <td>
                <Figures>{STRINGS.times(fixed(score.medianRatio, 2))}</Figures>
              </td>
              <td>
                <Figures>{usualMiss(score)}</Figures>
              </td>
              <td>
                <Figures>{score.count}</Figures>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Stack>
  </Panel>
);

const ByMonth = ({ months: scored }: { months: readonly ScoreLine[] }) => {
  // Named as people read a month, not as the record does.
  const months = useMemo(
    () => scored.map((month) => ({ ...month, name: monthAndYear(month.name) })),
    [scored],
  );
  const option = useCallback(
    (tokens: ChartTokens) => ({
      grid: { left: 56, right: 56, top: 14, bottom: 40 },
      xAxis: {
        ...numberAxis(tokens, ''),
        type: 'category',
        data: months.map(({ name }) => name),
        splitLine: { show: false },
      },
      yAxis: numberAxis(tokens, STRINGS.withinPercent, { nameGap: 40, min: 0, max: 100 }),
      series: [
        {
          type: 'line',
          symbolSize: 8,
          lineStyle: { color: tokens.accent, width: 2 },
          itemStyle: { color: tokens.accent },
          data: months.map(({ score }) => Math.round(100 * score.coverage)),
          markLine: {
            silent: true,
            symbol: 'none',
            lineStyle: { color: tokens.cut, type: 'solid' },
            label: {
              formatter: STRINGS.wanted,
              color: tokens.cut,
              fontFamily: tokens.text,
              lineHeight: 14,
              // Beside the line: above it the label would lie on the first months.
              position: 'end',
            },
            data: [{ yAxis: 100 * WANTED }],
          },
        },
        {
          type: 'line',
          symbol: 'none',
          lineStyle: { color: tokens.soft, width: 1.5, type: 'dashed' },
          itemStyle: { color: tokens.soft },
          data: months.map(({ uncorrected }) => Math.round(100 * uncorrected.coverage)),
        },
      ],
    }),
    [months],
  );
  return (
    <Panel aria-label={STRINGS.byMonth}>
      <Stack>
        <h2>{STRINGS.byMonth}</h2>
        {months.length > 1 && (
          <Chart label={STRINGS.coverageByMonth} heightPx={230} option={option} />
        )}
        <Lines of={STRINGS.month} lines={months} />
      </Stack>
    </Panel>
  );
};

const Lines = ({ of, lines }: { of: string; lines: readonly ScoreLine[] }) => (
  <table>
    <thead>
      <tr>
        <th scope="col">{of}</th>
        <th scope="col">{STRINGS.steps}</th>
        <th scope="col">{STRINGS.inRange}</th>
        <th scope="col">{STRINGS.withoutLearning}</th>
        <th scope="col">{STRINGS.takenOverForeseen}</th>
      </tr>
    </thead>
    <tbody>
      {lines.map(({ name, score, uncorrected }) => (
        <tr key={name}>
          <th scope="row">{named(name)}</th>
          <td>
            <Figures>{score.count}</Figures>
          </td>
          <td>
            <Figures>{percent(score.coverage)}</Figures>
          </td>
          <td>
            <Figures>{percent(uncorrected.coverage)}</Figures>
          </td>
          <td>
            <Figures>{STRINGS.times(fixed(score.medianRatio, 2))}</Figures>
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);

const GROUP_LABELS: Readonly<Record<ForecastGroup, string>> = {
  stone: STRINGS.stone,
  steel: STRINGS.steel,
  person: STRINGS.person,
  kind: STRINGS.kind,
  operation: STRINGS.operation,
};

const Worst = ({ misses }: { misses: readonly MissedForecast[] }) => (
  <Panel aria-label={STRINGS.worst}>
    <Stack>
      <h2>{STRINGS.worst}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">{STRINGS.blade}</th>
            <th scope="col">{STRINGS.step}</th>
            <th scope="col">{STRINGS.foreseen}</th>
            <th scope="col">{STRINGS.taken}</th>
          </tr>
        </thead>
        <tbody>
          {misses.map((miss) => (
            <tr key={`${miss.jobId} ${miss.finishedAt}`}>
              <td>
                <Link to={`/jobs/${miss.jobId}/bench`}>{miss.blade}</Link>
                <br />
                <MutedText as="small">{moment(miss.finishedAt)}</MutedText>
              </td>
              <td>{textOf(miss.title)}</td>
              <td>
                <Figures>
                  {STRINGS.foreseenRange(
                    roughly(miss.p50Seconds),
                    roughly(miss.p10Seconds),
                    roughly(miss.p90Seconds),
                  )}
                </Figures>
              </td>
              <td>
                <Figures>{roughly(miss.takenSeconds)}</Figures>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Stack>
  </Panel>
);

const ForecastsPage = () => {
  const [params, setParams] = useSearchParams();
  const asked = new URLSearchParams(
    (['fromDay', 'toDay'] as const).flatMap((name) => {
      const value = params.get(name) ?? '';
      return isIsoDay(value) ? [[name, value]] : [];
    }),
  ).toString();
  const { data: sheet, error } = useForecasts(asked);
  const shown = FORECAST_GROUPS.find((group) => group === params.get('by')) ?? 'stone';
  const set = (name: string, value: string): void => {
    const next = new URLSearchParams(params);
    if (value === '') next.delete(name);
    else next.set(name, value);
    setParams(next, { replace: true });
  };
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.forecasts} />
        <MutedText>{STRINGS.whatForecastsAre}</MutedText>
        <Panel aria-label={STRINGS.days}>
          <Columns>
            <TextEntry
              label={STRINGS.from}
              kind="date"
              value={params.get('fromDay') ?? sheet?.fromDay ?? ''}
              onChange={(day) => set('fromDay', day)}
            />
            <TextEntry
              label={STRINGS.to}
              kind="date"
              value={params.get('toDay') ?? sheet?.toDay ?? ''}
              onChange={(day) => set('toDay', day)}
            />
          </Columns>
        </Panel>
        {!sheet && <Waiting error={error} text={STRINGS.loadingForecasts} />}
        {sheet?.all === null && <Notice>{STRINGS.noForecasts}</Notice>}
        {sheet?.all && (
          <>
            <InAll all={sheet.all} />
            <ByMonth months={sheet.months} />
            <Panel aria-label={STRINGS.showBy}>
              <Stack>
                <SegmentedControl
                  label={STRINGS.showBy}
                  options={FORECAST_GROUPS.map((id) => ({ id, label: GROUP_LABELS[id] }))}
                  value={shown}
                  onChange={(by) => set('by', by)}
                />
                <Lines of={GROUP_LABELS[shown]} lines={sheet.by[shown]} />
              </Stack>
            </Panel>
            <Worst misses={sheet.worst} />
          </>
        )}
      </Stack>
    </>
  );
};

export default ForecastsPage;
