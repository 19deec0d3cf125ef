/** One stone from the side, to scale, dimensioned: what is left, what has gone, how thin it may get. */
import type { Stone } from '@patient-edge/contract';
import { DrawingSheet } from '../theme/drawing';
import { mmNumber, mmTyped } from '../theme/format';
import { stoneOutline } from './rack-shelf';
import { STRINGS } from './strings';

const WIDTH = 560;
const LEFT = 74;
const WIDEST = 440;
const TALLEST = 110;

/** What has no thickness worth measuring is drawn as a sheet. */
const SHEET_MM = 6;

export const StoneSide = ({ stone }: { stone: Stone }) => {
  const lengthMm = stone.lengthMm ?? 200;
  const leftMm = stone.thicknessMm ?? stone.thicknessNewMm ?? SHEET_MM;
  const newMm = stone.thicknessNewMm ?? leftMm;
  const scale = Math.min(WIDEST / lengthMm, TALLEST / newMm);
  const width = lengthMm * scale;
  const floor = newMm * scale + 22;
  const x = LEFT + width / 2;
  const text = { fill: 'var(--ink)', fontSize: 14.5, fontFamily: 'var(--figures)' };
  return (
    <DrawingSheet leastPx={430}>
      <svg
        viewBox={`0 0 ${WIDTH} ${floor + 34}`}
        width="100%"
        role="img"
        aria-label={STRINGS.fromTheSideLongLeftOf(
          stone.name,
          mmTyped(lengthMm),
          mmTyped(leftMm),
          mmTyped(newMm),
        )}
      >
        {newMm > leftMm && (
          <rect
            x={LEFT}
            y={floor - newMm * scale}
            width={width}
            height={(newMm - leftMm) * scale}
            fill="none"
            stroke="var(--steel-deep)"
            strokeDasharray="4 4"
          />
        )}
        <path
          d={stoneOutline({ stone, x, width, leftPx: leftMm * scale }, floor)}
          fill="var(--steel)"
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
        {stone.minThicknessMm !== null && (
          <g>
            <line
              x1={LEFT - 6}
              x2={LEFT + width + 6}
              y1={floor - stone.minThicknessMm * scale}
              y2={floor - stone.minThicknessMm * scale}
              stroke="var(--cut)"
              strokeWidth={1.5}
            />
            <text {...text} x={LEFT + width + 10} y={floor - stone.minThicknessMm * scale + 5}>
              {mmNumber(stone.minThicknessMm, 1)}
            </text>
          </g>
        )}
        {stone.thicknessMm !== null && (
          <g>
            <path
              d={`M${LEFT - 20} ${floor}h12M${LEFT - 20} ${floor - leftMm * scale}h12M${LEFT - 14} ${floor}V${floor - leftMm * scale}`}
              stroke="var(--ink)"
              fill="none"
            />
            <text {...text} x={LEFT - 26} y={floor - (leftMm * scale) / 2 + 5} textAnchor="end">
              {mmNumber(leftMm, 1)}
            </text>
          </g>
        )}
        {stone.lengthMm !== null && (
          <g>
            <path
              d={`M${LEFT} ${floor + 8}v12M${LEFT + width} ${floor + 8}v12M${LEFT} ${floor + 14}h${width}`}
              stroke="var(--ink)"
              fill="none"
            />
            <text
              {...text}
              x={x}
              y={floor + 19}
              textAnchor="middle"
              stroke="var(--sheet)"
              strokeWidth={8}
              paintOrder="stroke"
            >
              {mmNumber(lengthMm, 0)}
            </text>
          </g>
        )}
      </svg>
    </DrawingSheet>
  );
};
