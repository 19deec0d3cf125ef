/**
 * A blade with two edges, mirrored about its centre line: edge A below, edge B above, each with its lane, and the point
 * where they meet.
 */
import { BLADE_EDGES, interpolate, type BladeEdge, type BladePoint } from '@patient-edge/core';
import { useId, useMemo } from 'react';
import { LANE, LEAST_WIDTH, LEFT, RIGHT, stripLayout, WIDTH } from './strip-layout';
import { DrawingSheet, useDrawnWidth } from '../theme/drawing';
import { StripEnds, StripLane, StripTicks } from './strip-parts';
import type { EdgeStripProps } from './strip-props';
import { CutHatch, StripSvg } from './strip-svg';
import { STRINGS } from './strings';

const NONE: readonly never[] = [];
const GAP = 10;

/** Down for edge A, up for edge B. */
const TOWARDS: Readonly<Record<BladeEdge, 1 | -1>> = { A: 1, B: -1 };

export const TwoEdgeStrip = ({
  measures,
  damage = NONE,
  before = NONE,
  leftIn = NONE,
  depthAlong,
  onPlace,
  label,
  lanes = true,
}: EdgeStripProps) => {
  const id = useId();
  const { sheet, widthPx } = useDrawnWidth(LEAST_WIDTH, WIDTH);
  const drawn = useMemo(() => {
    const plain = stripLayout(measures, {
      lanes: false,
      low: false,
      lifts: false,
      width: widthPx,
    });
    const { curves, scale, x } = plain;
    const half = (z: number): number =>
      (interpolate(curves.spine, z) - interpolate(curves.edge, z)) / 2;
    const halves: BladePoint[] = curves.edge.map(([z]) => [z, half(z)]);
    const widest = Math.max(...halves.map(([, y]) => y)) * scale;
    const top = lanes ? LANE + GAP : GAP;
    const centre = top + widest;
    const baseline = centre + widest;
    const path = (edge: BladeEdge, points: readonly BladePoint[]): string =>
      points
        .map(
          ([z, y], index) =>
            `${index === 0 ? 'M' : 'L'}${x(z).toFixed(1)} ${(centre + TOWARDS[edge] * y * scale).toFixed(1)}`,
        )
        .join('');
    const laneTop = { B: 0, A: baseline + 34 };
    return {
      halves,
      half,
      centre,
      path,
      laneTop,
      layout: { ...plain, baseline, laneTop: () => laneTop.A },
      height: lanes ? laneTop.A + LANE + 6 : baseline + 34,
    };
  }, [measures, lanes, widthPx]);
  const { halves, half, centre, path, laneTop, layout, height } = drawn;
  const { x, scale } = layout;
  const onEdge = (edge: BladeEdge) => damage.filter((found) => (found.edge ?? edge) === edge);
  return (
    <DrawingSheet ref={sheet} leastPx={LEAST_WIDTH}>
      <StripSvg viewBox={`0 0 ${widthPx} ${height}`} role="img" aria-label={label}>
        <defs>
          <CutHatch id={id} />
        </defs>
        <path
          d={`${path('A', halves)}${path('B', [...halves].reverse()).replace('M', 'L')}Z`}
          fill="var(--steel)"
          stroke="var(--steel-deep)"
        />
        {BLADE_EDGES.map((edge) => (
          <g key={edge}>
            {depthAlong && (
              <path
                d={`${path(edge, halves)}${path(
                  edge,
                  [...depthAlong].reverse().map(([z, depth]) => [z, Math.max(0, half(z) - depth)]),
                ).replace('M', 'L')}Z`}
                fill={`url(#${id}-hatch)`}
                stroke="var(--cut)"
              />
            )}
            <path d={path(edge, halves)} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
            {onEdge(edge)
              .filter(({ kind }) => kind === 'chip')
              .map(({ id: key, fromMm, lengthMm, depthMm }) => {
                const middle = fromMm + lengthMm / 2;
                const wide = Math.max(4, (lengthMm * scale) / 2);
                const deep = -TOWARDS[edge] * Math.max(6, depthMm * scale);
                return (
                  <path
                    key={key}
                    d={`M${x(middle) - wide} ${centre + TOWARDS[edge] * half(middle) * scale}l${wide} ${deep}l${wide} ${-deep}Z`}
                    fill="var(--cut)"
                    opacity={leftIn.includes(key) ? 0.35 : 1}
                  />
                );
              })}
          </g>
        ))}
        <line
          x1={LEFT}
          x2={widthPx - RIGHT}
          y1={centre}
          y2={centre}
          stroke="var(--steel-deep)"
          strokeDasharray="14 4 3 4"
          strokeWidth={1.5}
        />
        <StripTicks layout={layout} />
        {lanes &&
          BLADE_EDGES.map((edge) => (
            <StripLane
              key={edge}
              layout={layout}
              id={id}
              side="right"
              lane={{
                label: STRINGS.edge(edge),
                top: laneTop[edge],
                holds: (found) => (found.edge ?? edge) === edge,
              }}
              damage={damage}
              before={before}
              leftIn={leftIn}
              marks={NONE}
              onPlace={onPlace && ((atMm) => onPlace('right', atMm, edge))}
            />
          ))}
        {lanes && <StripEnds layout={layout} damage={damage} />}
      </StripSvg>
    </DrawingSheet>
  );
};
