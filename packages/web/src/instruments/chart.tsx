/** A chart on a canvas, in the colours and letters of the page; its figures also stand in a table beside it. */
import { BarChart, LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent } from 'echarts/components';
import { init, use as register, type EChartsCoreOption } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

register([
  BarChart,
  LineChart,
  ScatterChart,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  CanvasRenderer,
]);

/** A colour or font of the theme, as the page has it now. */
const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

export interface ChartTokens {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly accent: string;
  readonly cut: string;
  readonly text: string;
  readonly page: string;
}

interface ChartProps {
  readonly label: string;
  readonly heightPx: number;
  readonly option: (tokens: ChartTokens) => EChartsCoreOption;
}

export const Chart = ({ label, heightPx, option }: ChartProps) => {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!box.current) return;
    const chart = init(box.current);
    const draw = (): void => {
      chart.setOption(
        {
          animation: false,
          ...option({
            ink: token('--ink'),
            soft: token('--ink-soft'),
            line: token('--line'),
            accent: token('--accent'),
            cut: token('--cut'),
            text: token('--text'),
            page: token('--page'),
          }),
        },
        true,
      );
    };
    draw();
    const sized = new ResizeObserver(() => chart.resize());
    sized.observe(box.current);
    // Light or dark may change under it.
    const themed = new MutationObserver(draw);
    themed.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => {
      sized.disconnect();
      themed.disconnect();
      chart.dispose();
    };
  }, [option]);
  return (
    <div ref={box} role="img" aria-label={label} style={{ height: heightPx, overflow: 'hidden' }} />
  );
};

/** An axis of numbers in the manner of the page. */
export const numberAxis = (
  tokens: ChartTokens,
  name: string,
  extra: Record<string, unknown> = {},
): Record<string, unknown> => ({
  type: 'value',
  name,
  nameLocation: 'middle',
  nameGap: 32,
  nameTextStyle: { color: tokens.soft, fontFamily: tokens.text, fontSize: 14 },
  axisLine: { show: true, lineStyle: { color: tokens.ink } },
  axisLabel: { color: tokens.soft, fontFamily: tokens.text, fontSize: 13 },
  splitLine: { lineStyle: { color: tokens.line, opacity: 0.5 } },
  scale: true,
  ...extra,
});

/** An axis of names in the manner of the page. */
export const categoryAxis = (
  tokens: ChartTokens,
  names: readonly string[],
  { axisLabel = {}, ...extra }: Record<string, unknown> & { axisLabel?: object } = {},
): Record<string, unknown> => ({
  type: 'category',
  data: names,
  axisLine: { show: true, lineStyle: { color: tokens.ink } },
  axisTick: { show: false },
  axisLabel: {
    color: tokens.soft,
    fontFamily: tokens.text,
    fontSize: 13,
    hideOverlap: true,
    ...axisLabel,
  },
  ...extra,
});
