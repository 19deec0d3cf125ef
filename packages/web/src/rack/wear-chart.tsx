/** How a stone has worn: thickness after each flattening, and how far it is to the thinnest it may get. */
import type { Flattening, Stone } from '@patient-edge/contract';
import { flatteningsLeft } from '@patient-edge/core';
import { useCallback } from 'react';
import { Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { dayAndYear, mm, mmNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Figures, MutedText, Stack } from '../theme/layout';
import { formats } from '../theme/formats';
import { STRINGS } from './strings';

interface WearChartProps {
  readonly stone: Stone;
  readonly flattenings: readonly Flattening[];
  readonly onTakeBack: ((flattening: Flattening) => void) | null;
}

const inShopUnit = (valueMm: number): number => Number(mmNumber(valueMm, 2));

/** A little below the lowest, in whole mm or tenths of an inch. */
const lowestOf = (min: number, minThicknessMm: number | null): number => {
  const lowest = Math.min(min, minThicknessMm === null ? min : inShopUnit(minThicknessMm));
  return formats().length === 'mm' ? Math.floor(lowest - 1) : Math.floor(10 * lowest) / 10;
};

export const WearChart = ({ stone, flattenings, onTakeBack }: WearChartProps) => {
  const measured = flattenings.filter(({ thicknessAfterMm }) => thicknessAfterMm !== null);
  const { minThicknessMm } = stone;
  const option = useCallback(
    (tokens: ChartTokens) => ({
      grid: { left: 56, right: 24, top: 14, bottom: 48 },
      xAxis: {
        ...numberAxis(tokens, ''),
        type: 'time',
        splitLine: { show: false },
      },
      yAxis: numberAxis(tokens, STRINGS.left(formats().length), {
        nameGap: 40,
        min: ({ min }: { min: number }) => lowestOf(min, minThicknessMm),
      }),
      series: [
        {
          type: 'line',
          symbol: 'rect',
          symbolSize: 9,
          lineStyle: { color: tokens.accent, width: 2 },
          itemStyle: { color: tokens.accent },
          data: measured.map(({ at, thicknessAfterMm }) => [at, inShopUnit(thicknessAfterMm!)]),
          markLine:
            minThicknessMm === null
              ? undefined
              : {
                  silent: true,
                  symbol: 'none',
                  lineStyle: { color: tokens.cut, type: 'solid' },
                  label: {
                    formatter: STRINGS.thinnest,
                    color: tokens.cut,
                    fontFamily: tokens.text,
                    position: 'insideStartTop',
                  },
                  data: [{ yAxis: inShopUnit(minThicknessMm) }],
                },
        },
      ],
    }),
    [measured, minThicknessMm],
  );
  if (flattenings.length === 0) {
    return <MutedText>{STRINGS.noFlatteningIsOnRecordThe}</MutedText>;
  }
  const left = flatteningsLeft(
    stone.thicknessMm,
    minThicknessMm,
    flattenings.map(({ lostMm }) => lostMm),
  );
  const last = flattenings.at(-1)!;
  return (
    <Stack>
      {measured.length > 1 && (
        <Chart
          label={STRINGS.thicknessOfAfterEachFlatteningFrom(
            stone.name,
            mm(measured[0]!.thicknessAfterMm!, 1),
            mm(measured.at(-1)!.thicknessAfterMm!, 1),
          )}
          heightPx={210}
          option={option}
        />
      )}
      {left !== null && (
        <p>
          {STRINGS.atThisRateItBears} <Figures>{left}</Figures> {STRINGS.moreFlattenings}
        </p>
      )}
      <table>
        <thead>
          <tr>
            <th scope="col">{STRINGS.day}</th>
            <th scope="col">{STRINGS.by}</th>
            <th scope="col">{STRINGS.on}</th>
            <th scope="col">{STRINGS.workedBefore}</th>
            <th scope="col">{STRINGS.lost}</th>
            <th scope="col">{STRINGS.leftAlone}</th>
            <th scope="col">
              <span className="unseen">{STRINGS.undo}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {[...flattenings].reverse().map((flattening) => (
            <tr key={flattening.id}>
              <td>{dayAndYear(flattening.at)}</td>
              <td>{flattening.who}</td>
              <td>{flattening.plate}</td>
              <td>
                <Figures>{Math.round(flattening.workedSeconds / 60)} min</Figures>
              </td>
              <td>
                <Figures>{mm(flattening.lostMm, 2)}</Figures>
              </td>
              <td>
                <Figures>
                  {flattening.thicknessAfterMm === null
                    ? '–'
                    : `${mm(flattening.thicknessAfterMm, 1)}`}
                </Figures>
              </td>
              <td>
                {onTakeBack && flattening.id === last.id && (
                  <QuietButton
                    aria-label={STRINGS.undoThisFlattening}
                    onPress={() => onTakeBack(flattening)}
                  >
                    {STRINGS.undo}
                  </QuietButton>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Stack>
  );
};
