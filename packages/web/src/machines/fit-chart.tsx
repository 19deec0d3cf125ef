/** The test cuts and the line through them; dashed, what the setting would be if it were true. */
import type { ShopMachine } from '@patient-edge/contract';
import { effectiveDeg, type Calibration } from '@patient-edge/core';
import { useCallback } from 'react';
import { Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { fixed } from '../theme/format';
import { STRINGS } from './strings';

export const FitChart = ({ machine, fit }: { machine: ShopMachine; fit: Calibration }) => {
  const { cuts } = machine;
  const option = useCallback(
    (tokens: ChartTokens) => {
      const settings = cuts.map(({ setDeg }) => setDeg);
      const ends = [Math.min(...settings) - 1, Math.max(...settings) + 1];
      const line = (color: string, type: string, value: (setDeg: number) => number) => ({
        type: 'line',
        symbol: 'none',
        silent: true,
        lineStyle: { color, type, width: 2 },
        data: ends.map((setDeg) => [setDeg, value(setDeg)]),
      });
      return {
        grid: { left: 54, right: 18, top: 14, bottom: 52 },
        xAxis: numberAxis(tokens, STRINGS.setPerSide),
        yAxis: numberAxis(tokens, 'measured'),
        series: [
          line(tokens.soft, 'dashed', (setDeg) => setDeg),
          line(tokens.accent, 'solid', (setDeg) => effectiveDeg(fit, setDeg)),
          {
            type: 'scatter',
            symbolSize: 11,
            itemStyle: { color: tokens.ink },
            data: cuts.map(({ setDeg, measuredDeg }) => [setDeg, measuredDeg]),
          },
        ],
      };
    },
    [cuts, fit],
  );
  return (
    <Chart
      label={STRINGS.measuredSetFromCuts(
        machine.name,
        fixed(fit.offsetDeg, 2),
        fixed(fit.slope, 3),
        cuts.length,
      )}
      heightPx={230}
      option={option}
    />
  );
};
