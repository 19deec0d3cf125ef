/** The rack on a logarithmic axis of micrometres, coarse to fine; a progression is a stair going down it. */
import { memo } from 'react';
import styled from 'styled-components';
import { roughly } from '../theme/format';
import { DrawingSheet, useDrawnWidth } from '../theme/drawing';
import { STRINGS } from './strings';

const WIDTH = 1000;
/** Names of stones on both sides of the stair need so much. */
const LEAST_WIDTH = 480;
const LEFT = 20;
const RIGHT = 20;
const COARSEST = 120;
const FINEST = 0.4;
const TICKS = [100, 50, 20, 10, 5, 2, 1, 0.5];

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    fill: var(--ink);
    font: 400 15px var(--text);
  }
  & text[data-soft] {
    fill: var(--ink-soft);
    font: 400 13.5px var(--figures);
  }
  & text[data-name] {
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 5px;
  }
`;

/** One empty list for all, so that nothing seems to have changed. */
const NONE: readonly Tread[] = [];

export interface RackMark {
  readonly id: string;
  readonly name: string;
  readonly um: number;
  readonly strop: boolean;
}
export interface Tread {
  readonly id: string;
  readonly um: number;
  readonly name: string;
  readonly seconds: number;
}

interface GritStairProps {
  readonly rack: readonly RackMark[];
  readonly treads?: readonly Tread[];
  readonly finishUm?: readonly [number, number];
  readonly label: string;
  readonly names?: boolean;
}

const DrawnGritStair = ({
  rack,
  treads = NONE,
  finishUm,
  label,
  names = false,
}: GritStairProps) => {
  const { sheet, widthPx } = useDrawnWidth(LEAST_WIDTH, WIDTH);
  const x = (um: number): number => {
    const held = Math.min(COARSEST, Math.max(FINEST, um));
    const share = Math.log(COARSEST / held) / Math.log(COARSEST / FINEST);
    return LEFT + share * (widthPx - LEFT - RIGHT);
  };
  const stairHeight = treads.length > 0 ? 34 + treads.length * 34 : names ? 0 : 14;
  const nameRows = names ? 3 : 0;
  const axis = stairHeight + 26;
  const height = axis + 34 + nameRows * 20;
  const used = new Set(treads.map(({ id }) => id));
  const treadY = (index: number): number => 26 + index * 34;
  const nameY = (index: number): number => axis + 46 + (index % 3) * 20;

  return (
    <DrawingSheet ref={sheet} leastPx={LEAST_WIDTH}>
      <Svg viewBox={`0 0 ${widthPx} ${height}`} role="img" aria-label={label}>
        {finishUm && (
          <g>
            <rect
              x={x(finishUm[1])}
              y={4}
              width={x(finishUm[0]) - x(finishUm[1])}
              height={axis - 4}
              fill="var(--accent-soft)"
            />
            <text x={x(finishUm[0]) - 6} y={axis - 16} textAnchor="end" data-soft="">
              {STRINGS.finish(finishUm[1], finishUm[0])}
            </text>
          </g>
        )}
        <line x1={LEFT} x2={widthPx - RIGHT} y1={axis} y2={axis} stroke="var(--ink)" />
        {TICKS.map((um) => (
          <g key={um}>
            <line x1={x(um)} x2={x(um)} y1={axis} y2={axis + 7} stroke="var(--ink)" />
            <text data-soft="" x={x(um)} y={axis + 24} textAnchor="middle">
              {um}
            </text>
          </g>
        ))}
        <text data-soft="" x={LEFT - 18} y={axis + 24}>
          µm
        </text>
        {names &&
          rack.map((mark, index) => (
            <line
              key={mark.id}
              x1={x(mark.um)}
              x2={x(mark.um)}
              y1={axis + 9}
              y2={nameY(index) - 14}
              stroke="var(--line)"
            />
          ))}
        {rack.map((mark, index) => (
          <g key={mark.id}>
            {mark.strop ? (
              <circle
                cx={x(mark.um)}
                cy={axis}
                r={6}
                fill="var(--sheet)"
                stroke="var(--ink)"
                strokeWidth={2}
              />
            ) : (
              <rect
                x={x(mark.um) - 5}
                y={axis - 9}
                width={10}
                height={18}
                fill={used.has(mark.id) ? 'var(--accent)' : 'var(--steel)'}
                stroke="var(--ink)"
              />
            )}
            {names && (
              <text
                data-name=""
                x={x(mark.um)}
                y={nameY(index)}
                textAnchor={index === 0 ? 'start' : index === rack.length - 1 ? 'end' : 'middle'}
              >
                {mark.name}
              </text>
            )}
          </g>
        ))}
        {treads.map((tread, index) => {
          const from = index === 0 ? LEFT : x(treads[index - 1]!.um);
          const to = x(tread.um);
          const atRight = to > widthPx * 0.5;
          return (
            <g key={`${tread.id} ${index}`}>
              <path
                d={`M${from} ${index === 0 ? treadY(0) : treadY(index - 1)}${index === 0 ? '' : `V${treadY(index)}`}H${to}`}
                fill="none"
                stroke="var(--accent)"
                strokeWidth={4}
              />
              <line
                x1={to}
                x2={to}
                y1={treadY(index)}
                y2={axis - 9}
                stroke="var(--accent)"
                strokeDasharray="2 5"
              />
              <text
                x={atRight ? to - 10 : to + 10}
                y={atRight ? treadY(index) - 8 : treadY(index) + 5}
                textAnchor={atRight ? 'end' : 'start'}
                fontWeight={600}
              >
                {STRINGS.nameUmRoughly(tread.name, tread.um, roughly(tread.seconds))}
              </text>
            </g>
          );
        })}
      </Svg>
    </DrawingSheet>
  );
};

/** Drawn again only when what it shows has changed. */
export const GritStair = memo(DrawnGritStair);
