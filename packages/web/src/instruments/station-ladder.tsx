/** Lift by station, where one for a zone would not do: the numbers at their places along the edge, heel to tip. */
import type { StationLift } from '@patient-edge/core';
import styled from 'styled-components';
import { fixed } from '../theme/format';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    fill: var(--ink-soft);
    font: 400 15px var(--text);
    text-anchor: middle;
  }
  & text[data-figure] {
    fill: var(--ink);
    font: 650 23px var(--figures);
  }
  & rect {
    fill: var(--accent);
  }
`;

const WIDTH = 640;
const BAR = 20;
const FLOOR = 128;
const PX_PER_MM = 2.6;
const MOST_PX = 92;
const SIDE = 30;

export const StationLadder = ({ lifts }: { lifts: readonly StationLift[] }) => {
  const last = lifts.at(-1)?.sMm ?? 1;
  const first = lifts[0]?.sMm ?? 0;
  const x = (sMm: number): number =>
    SIDE + ((WIDTH - 2 * SIDE) * (sMm - first)) / Math.max(1, last - first);
  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${FLOOR + 28}`}
      role="img"
      aria-label={`Lift of the spine by station: ${lifts
        .map(({ sMm, liftMm }) => `${fixed(liftMm, 1)} mm at ${fixed(sMm, 0)} mm`)
        .join(', ')}`}
    >
      {lifts.map(({ sMm, liftMm }) => {
        const height = Math.min(MOST_PX, liftMm * PX_PER_MM);
        return (
          <g key={sMm}>
            <rect x={x(sMm) - BAR / 2} y={FLOOR - height} width={BAR} height={height} />
            <text data-figure="" x={x(sMm)} y={FLOOR - height - 8}>
              {fixed(liftMm, 1)}
            </text>
            <text x={x(sMm)} y={FLOOR + 20}>
              {fixed(sMm, 0)}
            </text>
          </g>
        );
      })}
      <path d={`M0 ${FLOOR}H${WIDTH}`} stroke="var(--ink)" strokeWidth={3} />
    </Svg>
  );
};
