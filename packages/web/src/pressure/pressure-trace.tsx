/** The force over the last seconds, with the band to keep. */
import type { ForceUnit, PressureReading } from '@patient-edge/core';
import { bandText, forceText } from '../theme/force';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const WIDTH = 1100;
const HEIGHT = 230;
const LEFT = 66;

interface PressureTraceProps {
  readonly readings: readonly PressureReading[];
  readonly bandN: readonly [number, number];
  readonly shownS: number;
  readonly unit: ForceUnit;
}

export const PressureTrace = ({ readings, bandN, shownS, unit }: PressureTraceProps) => {
  const [low, high] = bandN;
  const most = Math.max(high * 1.8, ...readings.map(({ newtons }) => newtons * 1.1));
  const endS = Math.max(shownS, readings.at(-1)?.atS ?? 0);
  const x = (atS: number): number => LEFT + ((atS - endS + shownS) / shownS) * (WIDTH - LEFT - 10);
  const y = (newtons: number): number => HEIGHT - 12 - (newtons / most) * (HEIGHT - 24);
  return (
    <DrawingSheet leastPx={870}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-label={STRINGS.forceOverSecondsToBeKept(shownS, bandText(bandN, unit))}
      >
        <rect
          x={LEFT}
          y={y(high)}
          width={WIDTH - LEFT - 10}
          height={y(low) - y(high)}
          fill="var(--accent-soft)"
          stroke="var(--accent)"
          strokeDasharray="4 4"
        />
        {[low, high].map((newtons) => (
          <text
            key={newtons}
            x={LEFT - 8}
            y={y(newtons) + 5}
            textAnchor="end"
            fill="var(--ink)"
            fontSize={14}
            fontFamily="var(--figures)"
          >
            {forceText(newtons, unit)}
          </text>
        ))}
        <line x1={LEFT} x2={WIDTH - 10} y1={y(0)} y2={y(0)} stroke="var(--ink)" />
        <polyline
          points={readings
            .map(({ atS, newtons }) => `${x(atS).toFixed(1)},${y(newtons).toFixed(1)}`)
            .join(' ')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        {readings
          .filter(({ newtons }) => newtons > high)
          .map(({ atS, newtons }) => (
            <circle key={atS} cx={x(atS)} cy={y(newtons)} r={3.5} fill="var(--cut)" />
          ))}
      </svg>
    </DrawingSheet>
  );
};
