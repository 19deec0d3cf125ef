/** Lift by station, where one for a zone would not do: the numbers at their places along the edge, heel to tip. */
import type { StationLift } from '@patient-edge/core';
import styled from 'styled-components';
import { mm, mmNumber } from '../theme/format';
import { formats } from '../theme/formats';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

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
const PX_PER_MM = 2.6;
const MOST_PX = 92;
const SIDE = 30;
/** Room for the number over a bar, and for place and words under the floor. */
const ABOVE = 30;
const BELOW = 46;

const barOf = ({ liftMm }: StationLift): number => Math.min(MOST_PX, liftMm * PX_PER_MM);

export const StationLadder = ({ lifts }: { lifts: readonly StationLift[] }) => {
  const last = lifts.at(-1)?.sMm ?? 1;
  const first = lifts[0]?.sMm ?? 0;
  const floor = ABOVE + Math.max(...lifts.map(barOf));
  const x = (sMm: number): number =>
    SIDE + ((WIDTH - 2 * SIDE) * (sMm - first)) / Math.max(1, last - first);
  return (
    <DrawingSheet leastPx={480}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${floor + BELOW}`}
        role="img"
        aria-label={STRINGS.liftOfTheSpineByStation(
          lifts.map(({ sMm, liftMm }) => STRINGS.at(mm(liftMm, 1), mm(sMm, 0))).join(', '),
        )}
      >
        {lifts.map((lift) => {
          const { sMm, liftMm } = lift;
          const height = barOf(lift);
          return (
            <g key={sMm}>
              <rect x={x(sMm) - BAR / 2} y={floor - height} width={BAR} height={height} />
              <text data-figure="" x={x(sMm)} y={floor - height - 8}>
                {mmNumber(liftMm, 1)}
              </text>
              <text x={x(sMm)} y={floor + 20}>
                {mmNumber(sMm, 0)}
              </text>
            </g>
          );
        })}
        <path d={`M0 ${floor}H${WIDTH}`} stroke="var(--ink)" strokeWidth={3} />
        <text x={WIDTH / 2} y={floor + 40}>
          {STRINGS.liftInAtFromTheHeel(formats().length, formats().length)}
        </text>
      </Svg>
    </DrawingSheet>
  );
};
