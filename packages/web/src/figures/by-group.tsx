/** Blades, hours or earnings by week, month, place, kind or customer: a chart, its table and its file. */
import { money, typedMoney, type FigureLine, type FigureSheet } from '@patient-edge/contract';
import { useCallback, useState } from 'react';
import { Link } from 'react-router';
import { categoryAxis, Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { Fold } from '../theme/fold';
import { dayAndYear, fixed, monthAndYear } from '../theme/format';
import { Figures, Panel, Row, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { CsvLink } from './csv-link';
import { WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

const SHOWN = [
  { id: 'blades', label: STRINGS.blades },
  { id: 'hours', label: STRINGS.hours },
  { id: 'earned', label: STRINGS.earned },
] as const;
type Shown = (typeof SHOWN)[number]['id'];

/** More bars than this are too thin to press; the table has all. */
const MOST_BARS = 160;

const nameOf = ({ by }: FigureSheet, { id, name }: FigureLine): string =>
  by === 'week' ? STRINGS.weekOf(dayAndYear(id)) : by === 'month' ? monthAndYear(id) : name;

interface ByGroupProps {
  readonly sheet: FigureSheet;
  readonly query: string;
  readonly currency: string;
}

const Lines = ({ sheet, currency }: Omit<ByGroupProps, 'query'>) => (
  <WideTable label={STRINGS.theTable}>
    <table>
      <thead>
        <tr>
          <th scope="col">{STRINGS[sheet.by]}</th>
          <th scope="col">{STRINGS.blades}</th>
          <th scope="col">{STRINGS.hours}</th>
          <th scope="col">{STRINGS.earned}</th>
          <th scope="col">{STRINGS.late}</th>
          <th scope="col">{STRINGS.sentBack}</th>
          <th scope="col">{STRINGS.declined}</th>
        </tr>
      </thead>
      <tbody>
        {sheet.lines.map((line) => (
          <tr key={line.id}>
            <th scope="row">
              {sheet.by === 'customer' ? (
                <Link to={`/customers/${line.id}`}>{line.name}</Link>
              ) : (
                nameOf(sheet, line)
              )}
            </th>
            {[
              line.blades,
              fixed(line.workedSeconds / 3600, 1),
              money(line.earnedMinor, currency),
              line.late,
              line.sentBack,
              line.declined,
            ].map((figure, index) => (
              <td key={index}>
                <Figures>{figure}</Figures>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </WideTable>
);

export const ByGroup = ({ sheet, query, currency }: ByGroupProps) => {
  const [shown, setShown] = useState<Shown>('blades');
  const option = useCallback(
    (tokens: ChartTokens) => {
      const lines = sheet.lines.slice(-MOST_BARS);
      const isTime = sheet.by === 'week' || sheet.by === 'month';
      return {
        grid: { left: 64, right: 16, top: 14, bottom: isTime ? 40 : 110 },
        xAxis: categoryAxis(
          tokens,
          lines.map((line) => (sheet.by === 'week' ? line.id : nameOf(sheet, line))),
          isTime ? {} : { axisLabel: { rotate: 40, width: 110, overflow: 'truncate' } },
        ),
        yAxis: numberAxis(
          tokens,
          shown === 'earned' ? currency : shown === 'hours' ? STRINGS.hours : STRINGS.blades,
          { nameGap: 46, min: 0 },
        ),
        series: [
          {
            type: 'bar',
            barCategoryGap: '20%',
            itemStyle: { color: tokens.accent },
            data: lines.map((line) =>
              shown === 'blades'
                ? line.blades
                : shown === 'hours'
                  ? Number((line.workedSeconds / 3600).toFixed(1))
                  : Number(typedMoney(line.earnedMinor, currency)),
            ),
          },
        ],
      };
    },
    [sheet, shown, currency],
  );
  const what = SHOWN.find(({ id }) => id === shown)!.label;
  return (
    <Panel aria-label={STRINGS.chartOf(what, STRINGS[sheet.by])}>
      <Stack>
        <Row $gap={24} $align="end">
          <SegmentedControl
            label={STRINGS.show}
            options={SHOWN}
            value={shown}
            onChange={setShown}
          />
          <CsvLink query={query} table="lines" />
        </Row>
        <Chart
          label={STRINGS.chartOf(what, STRINGS[sheet.by])}
          heightPx={sheet.by === 'week' || sheet.by === 'month' ? 240 : 310}
          option={option}
        />
        <Fold title={STRINGS.theTable} level={2} says={STRINGS.linesAsTable(sheet.lines.length)}>
          <Lines sheet={sheet} currency={currency} />
        </Fold>
      </Stack>
    </Panel>
  );
};
