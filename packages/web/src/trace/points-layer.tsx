/** Points on a picture that can be dragged, nudged by arrow keys and removed. */
import type { PicturePoint } from '@patient-edge/core';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { View } from './use-picture';

interface PointsLayerProps {
  readonly points: readonly PicturePoint[];
  readonly view: View;
  readonly colour: string;
  readonly name: string;
  readonly closed?: boolean;
  /** A line through them in picture pixels; straight from point to point without it. */
  readonly line?: readonly PicturePoint[];
  readonly onMove: (index: number, to: PicturePoint) => void;
  readonly onRemove: (index: number) => void;
}

const RADIUS_PX = 7;

export const PointsLayer = ({
  points,
  view,
  colour,
  name,
  closed = false,
  line,
  onMove,
  onRemove,
}: PointsLayerProps) => {
  const grip = useRef<{ index: number; x: number; y: number; from: PicturePoint } | null>(null);
  const down = (index: number) => (event: PointerEvent<SVGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { index, x: event.clientX, y: event.clientY, from: points[index]! };
  };
  const move = (event: PointerEvent): void => {
    const held = grip.current;
    if (!held) return;
    onMove(held.index, {
      x: held.from.x + (event.clientX - held.x) / view.scale,
      y: held.from.y + (event.clientY - held.y) / view.scale,
    });
  };
  const keys = (index: number) => (event: KeyboardEvent) => {
    const step = (event.shiftKey ? 10 : 1) / view.scale;
    const by: Record<string, readonly [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const shift = by[event.key];
    const { x, y } = points[index]!;
    if (shift) onMove(index, { x: x + shift[0], y: y + shift[1] });
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove(index);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const drawn = line ?? points;
  return (
    <g>
      {drawn.length > 1 && (
        <path
          d={`${drawn.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')}${closed ? 'Z' : ''}`}
          fill="none"
          stroke={colour}
          strokeWidth={2.5 / view.scale}
        />
      )}
      {points.map(({ x, y }, index) => (
        <circle
          key={index}
          cx={x}
          cy={y}
          r={RADIUS_PX / view.scale}
          fill={index === 0 ? colour : 'var(--sheet)'}
          stroke={colour}
          strokeWidth={2.5 / view.scale}
          tabIndex={0}
          role="button"
          aria-label={`${name} ${index + 1}`}
          style={{ cursor: 'move' }}
          onPointerDown={down(index)}
          onPointerMove={move}
          onPointerUp={() => {
            grip.current = null;
          }}
          onClick={(event) => event.stopPropagation()}
          onKeyDown={keys(index)}
        />
      ))}
    </g>
  );
};
