/** When in the year what kinds of blades come. */
import type { FigureSheet } from '@patient-edge/contract';
import { named } from '@patient-edge/core';
import { useCallback } from 'react';
import { categoryAxis, Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { Fold } from '../theme/fold';
import { monthName } from '../theme/format';
import { Figures, MutedText, Panel, Row, Stack } from '../theme/layout';
import { CsvLink } from './csv-link';
import { WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

interface PartProps {
  readonly sheet: FigureSheet;
  readonly query: string;
}

const MONTHS = Array.from({ length: 12 }, (_, month) => month);
/** Told apart by tone and by pattern: groups stand on one another in the order of the table. */
const TONES = ['accent', 'cut', 'soft', 'ink', 'line'] as const;

const ByMonth = ({ seasons }: Pick<FigureSheet, 'seasons'>) => (
  <WideTable label={STRINGS.theTable}>
    <table>
      <thead>
        <tr>
          <th scope="col">{STRINGS.group}</th>
          {MONTHS.map((month) => (
            <th scope="col" key={month}>
              {monthName(month)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {seasons.map(({ group, months }) => (
          <tr key={group}>
            <th scope="row">{named(group)}</th>
            {months.map((blades, month) => (
              <td key={month}>
                <Figures>{blades}</Figures>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </WideTable>
);

export const Seasons = ({ sheet: { seasons }, query }: PartProps) => {
  const option = useCallback(
    (tokens: ChartTokens) => ({
      legend: { top: 0, textStyle: { color: tokens.ink, fontFamily: tokens.text, fontSize: 14 } },
      grid: { left: 56, right: 16, top: 40, bottom: 32 },
      xAxis: categoryAxis(tokens, MONTHS.map(monthName)),
      yAxis: numberAxis(tokens, STRINGS.blades, { nameGap: 40, min: 0 }),
      series: seasons.map(({ group, months }, index) => ({
        type: 'bar',
        name: named(group),
        stack: 'all',
        itemStyle: {
          color: tokens[TONES[index % TONES.length]!],
          borderColor: tokens.page,
          borderWidth: 1,
        },
        data: months,
      })),
    }),
    [seasons],
  );
  return (
    <Panel aria-label={STRINGS.seasons}>
      <Stack>
        <Row $gap={16} $align="baseline">
          <h2>{STRINGS.seasons}</h2>
          <CsvLink query={query} table="seasons" />
        </Row>
        <MutedText>{STRINGS.seasonsAre}</MutedText>
        <Chart label={STRINGS.seasons} heightPx={240} option={option} />
        <Fold title={STRINGS.theTable} says={STRINGS.linesAsTable(seasons.length)}>
          <ByMonth seasons={seasons} />
        </Fold>
      </Stack>
    </Panel>
  );
};
