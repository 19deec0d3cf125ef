/** A rod upright, the blade's edge on it, the coins between rod and blade by the spine: to scale at the middle. */
import styled from 'styled-components';
import { fixed } from '../theme/format';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-width: 360px;
  height: auto;
  & text {
    fill: var(--ink);
    font: 400 15px var(--figures);
  }
`;

const WIDTH = 340;
const HEIGHT = 300;
const ROD = { x: 40, width: 16, top: 14, bottom: 284 };
/** The edge rests on the rod here. */
const EDGE_Y = 262;

interface CoinPictureProps {
  readonly heightMm: number;
  readonly spineMm: number;
  readonly coinMm: number;
  readonly count: number;
  readonly angleDeg: number;
}

export const CoinPicture = ({ heightMm, spineMm, coinMm, count, angleDeg }: CoinPictureProps) => {
  const scale = Math.min(220 / heightMm, 190 / (count * coinMm + spineMm + 1));
  const face = ROD.x + ROD.width;
  const rad = (angleDeg * Math.PI) / 180;
  const half = (spineMm / 2) * scale;
  const [ux, uy] = [Math.sin(rad), -Math.cos(rad)];
  const [nx, ny] = [Math.cos(rad), Math.sin(rad)];
  const top = { x: face + ux * heightMm * scale, y: EDGE_Y + uy * heightMm * scale };
  const corner = (side: 1 | -1): string =>
    `${(top.x + side * nx * half).toFixed(1)} ${(top.y + side * ny * half).toFixed(1)}`;
  const coins = Array.from({ length: count }, (_, index) => index);
  const coinTop = top.y - ny * half - 4;
  return (
    <DrawingSheet leastPx={260}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={STRINGS.coinsOfMmBetweenRodAnd(count, coinMm, fixed(angleDeg, 1), heightMm)}
      >
        <rect
          x={ROD.x}
          y={ROD.top}
          width={ROD.width}
          height={ROD.bottom - ROD.top}
          rx={8}
          fill="var(--steel)"
          stroke="var(--steel-deep)"
        />
        <path
          d={`M${face} ${EDGE_Y}L${corner(1)}L${corner(-1)}Z`}
          fill="var(--steel)"
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
        {coins.map((index) => (
          <rect
            key={index}
            x={face + index * coinMm * scale}
            y={coinTop - 8}
            width={Math.max(1, coinMm * scale - 1)}
            height={34}
            fill="var(--accent)"
            opacity={0.85}
          />
        ))}
        <text x={Math.min(face + count * coinMm * scale + 8, WIDTH - 110)} y={coinTop - 14}>
          {count} × {coinMm} mm
        </text>
        <path
          d={`M${face} ${EDGE_Y - 90}A90 90 0 0 1 ${face + 90 * ux} ${EDGE_Y + 90 * uy}`}
          fill="none"
          stroke="var(--accent)"
        />
        <text x={face + 90 * ux + 22} y={EDGE_Y - 74}>
          {fixed(angleDeg, 1)}°
        </text>
      </Svg>
    </DrawingSheet>
  );
};
