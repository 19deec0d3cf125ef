/**
 * Along the edge, heel to tip: the blade's own outline above, one lane for each side below. Damage, burr,
 * steel to come up and test results all stand at the same place, so that what belongs together is seen.
 */
import {
  bladeOutline,
  interpolate,
  ZONES,
  zoneSpan,
  type BladeMeasures,
  type BladePoint,
  type BladeSide,
  type Damage,
  type Station,
  type Zone,
} from '@patient-edge/core';
import { memo, useId, useMemo, type MouseEvent } from 'react';
import styled from 'styled-components';

const WIDTH = 1000;
const LEFT = 74;
const RIGHT = 16;
const SPAN = WIDTH - LEFT - RIGHT;
const LANE = 44;
const LANE_GAP = 6;
/** A cleaver would fill the page: of high blades only the part near the edge is drawn. */
const MOST_OUTLINE = { full: 132, low: 62 };
const ABOVE_EDGE = 18;

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  font-family: var(--text);
  & text {
    fill: var(--ink);
    font-size: 15px;
  }
  & text[data-soft] {
    fill: var(--ink-soft);
    font-size: 13.5px;
  }
  & text[data-figure] {
    font-family: var(--figures);
    font-size: 14px;
  }
`;

export interface ZoneMark {
  readonly side: BladeSide;
  readonly zone: Zone;
  readonly text: string;
  readonly tone: 'plain' | 'good' | 'cut';
}

interface EdgeStripProps {
  readonly measures: BladeMeasures;
  readonly damage?: readonly Damage[];
  /** What was there at the last visit: drawn faintly behind. */
  readonly before?: readonly Damage[];
  /** Chips that are left in on purpose. */
  readonly leftIn?: readonly string[];
  /** How far the edge comes up along z. */
  readonly depthAlong?: readonly BladePoint[];
  readonly marks?: readonly ZoneMark[];
  /** The lift at stations along the edge; every fourth is written down. */
  readonly lifts?: readonly Pick<Station, 'zMm' | 'liftMm'>[];
  readonly onPlace?: (side: BladeSide, atMm: number) => void;
  readonly label: string;
  readonly lanes?: boolean;
  /** A low drawing, where the lanes are what matters. */
  readonly low?: boolean;
}

/** One empty list for all, so that nothing seems to have changed. */
const NONE: readonly never[] = [];
const SIDES: readonly BladeSide[] = ['right', 'left'];

const tick = (lengthMm: number): number => (lengthMm > 180 ? 50 : lengthMm > 80 ? 20 : 10);

const DrawnEdgeStrip = ({
  measures,
  damage = NONE,
  before = NONE,
  leftIn = NONE,
  depthAlong,
  marks = NONE,
  lifts = NONE,
  onPlace,
  label,
  lanes = true,
  low = false,
}: EdgeStripProps) => {
  const id = useId();
  const length = measures.edgeLengthMm;
  const scale = SPAN / length;
  const x = (mm: number): number => LEFT + mm * scale;
  const curves = useMemo(() => bladeOutline(measures), [measures]);
  const highest = Math.max(...curves.spine.map(([, y]) => y)) * scale;
  const edgeRise = Math.max(...curves.edge.map(([, y]) => y)) * scale;
  // However high the blade, the whole of its edge is in sight.
  const wanted = Math.max(low ? MOST_OUTLINE.low : MOST_OUTLINE.full, edgeRise + ABOVE_EDGE);
  const outlineHeight = Math.min(highest + 8, wanted);
  const baseline = outlineHeight;
  const lanesTop = baseline + 34;
  const laneTop = (side: BladeSide): number => lanesTop + SIDES.indexOf(side) * (LANE + LANE_GAP);
  const lanesBottom = lanes ? laneTop('left') + LANE + 8 : lanesTop;
  const height = lanesBottom + (lifts.length > 0 ? 30 : 0);
  const line = (points: readonly BladePoint[]): string =>
    points
      .map(
        ([z, y], index) =>
          `${index === 0 ? 'M' : 'L'}${x(z).toFixed(1)} ${(baseline - y * scale).toFixed(1)}`,
      )
      .join('');
  const step = tick(length);
  const ticks = Array.from({ length: Math.floor(length / step) + 1 }, (_, index) => index * step);

  const place = (side: BladeSide) => (event: MouseEvent<SVGRectElement>) => {
    if (!onPlace) return;
    const box = event.currentTarget.getBoundingClientRect();
    const share = (event.clientX - box.left) / box.width;
    onPlace(side, Math.round(Math.min(1, Math.max(0, share)) * length));
  };

  return (
    <Svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label}>
      <defs>
        <clipPath id={`${id}-near`}>
          <rect x={0} y={0} width={WIDTH} height={baseline + 3} />
        </clipPath>
        <pattern
          id={`${id}-hatch`}
          width={7}
          height={7}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1={0} y1={0} x2={0} y2={7} stroke="var(--cut)" strokeWidth={2.4} />
        </pattern>
      </defs>
      <g clipPath={`url(#${id}-near)`}>
        <path
          d={`${line(curves.edge)}${line([...curves.spine].reverse()).replace('M', 'L')}Z`}
          fill="var(--steel)"
          stroke="var(--steel-deep)"
        />
        {depthAlong && (
          <path
            d={`${line(curves.edge)}${line(
              [...depthAlong].reverse().map(([z, depth]) => {
                const edgeY = interpolate(curves.edge, z);
                return [z, edgeY + depth];
              }),
            ).replace('M', 'L')}Z`}
            fill={`url(#${id}-hatch)`}
            stroke="var(--cut)"
          />
        )}
        {highest > outlineHeight && (
          <line
            x1={LEFT}
            x2={WIDTH - RIGHT}
            y1={1}
            y2={1}
            stroke="var(--steel-deep)"
            strokeDasharray="14 4 3 4"
            strokeWidth={2}
          />
        )}
        <path d={line(curves.edge)} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
        {damage
          .filter(({ kind }) => kind === 'chip')
          .map(({ id: key, fromMm, lengthMm, depthMm }) => {
            const middle = fromMm + lengthMm / 2;
            const edgeY = interpolate(curves.edge, middle);
            const half = Math.max(4, (lengthMm * scale) / 2);
            const depth = Math.max(6, depthMm * scale);
            const y = baseline - edgeY * scale;
            return (
              <path
                key={key}
                d={`M${x(middle) - half} ${y}l${half} ${-depth}l${half} ${depth}Z`}
                fill="var(--cut)"
                opacity={leftIn.includes(key) ? 0.35 : 1}
              />
            );
          })}
      </g>
      {ticks.map((mm) => (
        <g key={mm}>
          <line x1={x(mm)} x2={x(mm)} y1={baseline + 5} y2={baseline + 12} stroke="var(--line)" />
          <text data-soft="" data-figure="" x={x(mm)} y={baseline + 26} textAnchor="middle">
            {mm}
          </text>
        </g>
      ))}
      <text data-soft="" x={0} y={baseline + 26}>
        mm
      </text>
      {lanes &&
        SIDES.map((side) => (
          <g key={side}>
            <text x={0} y={laneTop(side) + LANE / 2 + 5}>
              {side === 'right' ? 'Right' : 'Left'}
            </text>
            <rect
              x={LEFT}
              y={laneTop(side)}
              width={SPAN}
              height={LANE}
              fill="var(--page)"
              stroke="var(--line)"
              onClick={place(side)}
              style={onPlace ? { cursor: 'crosshair' } : undefined}
              data-lane={side}
            />
            {ZONES.slice(1).map((zone) => (
              <line
                key={zone}
                x1={x(zoneSpan(zone).from * length)}
                x2={x(zoneSpan(zone).from * length)}
                y1={laneTop(side)}
                y2={laneTop(side) + LANE}
                stroke="var(--line)"
                strokeDasharray="3 4"
              />
            ))}
            {before
              .filter((found) => found.side === side || found.side === 'both')
              .map(({ id: key, fromMm, lengthMm }) => (
                <rect
                  key={`before ${key}`}
                  x={x(fromMm) - 2}
                  y={laneTop(side) + 3}
                  width={Math.max(lengthMm * scale, 5) + 4}
                  height={LANE - 6}
                  fill="none"
                  stroke="var(--ink-soft)"
                  strokeDasharray="4 3"
                  pointerEvents="none"
                />
              ))}
            {damage
              .filter((found) => found.side === side || found.side === 'both')
              .map((found) => (
                <DamageMark
                  key={found.id}
                  damage={found}
                  x={x}
                  top={laneTop(side)}
                  hatch={`url(#${id}-hatch)`}
                  faded={leftIn.includes(found.id)}
                />
              ))}
            {marks
              .filter((mark) => mark.side === side)
              .map(({ zone, text, tone }) => (
                <text
                  key={zone}
                  x={x(zoneSpan(zone).centre * length)}
                  y={laneTop(side) + LANE / 2 + 5}
                  textAnchor="middle"
                  style={{
                    fill: tone === 'plain' ? undefined : `var(--${tone})`,
                    fontWeight: tone === 'plain' ? 400 : 700,
                  }}
                >
                  {text}
                </text>
              ))}
          </g>
        ))}
      {lanes && (
        <g>
          <text data-soft="" x={x(0) + 5} y={laneTop('right') + 14} pointerEvents="none">
            heel
          </text>
          <text
            data-soft=""
            x={x(length) - 5}
            y={laneTop('right') + 14}
            textAnchor="end"
            pointerEvents="none"
          >
            tip
          </text>
        </g>
      )}
      {lifts.length > 0 && (
        <g>
          <text x={0} y={lanesBottom + 18}>
            Lift
          </text>
          {lifts
            .filter((_, index) => index % 4 === 0 && index < lifts.length - 1)
            .map(({ zMm, liftMm }) => (
              <g key={zMm}>
                <line
                  x1={x(zMm)}
                  x2={x(zMm)}
                  y1={lanesBottom - 6}
                  y2={lanesBottom + 2}
                  stroke="var(--ink)"
                />
                <text data-figure="" x={x(zMm)} y={lanesBottom + 18} textAnchor="middle">
                  {liftMm === null ? '–' : liftMm.toFixed(1)}
                </text>
              </g>
            ))}
        </g>
      )}
    </Svg>
  );
};

/** As it is called where there is little room. */
const SHORT: Partial<Record<Damage['kind'], string>> = {
  'rolled edge': 'rolled',
  'dull zone': 'dull',
  'high spot': 'high',
  'low spot': 'low',
  'over-ground heel': 'over-ground',
  'heat tint': 'burnt',
};
/** Faults of the face, framed instead of hatched. */
const NOT_IN_THE_EDGE: readonly Damage['kind'][] = ['low spot', 'facet', 'pit', 'bend'];

const DamageMark = ({
  damage,
  x,
  top,
  hatch,
  faded,
}: {
  damage: Damage;
  x: (mm: number) => number;
  top: number;
  hatch: string;
  faded: boolean;
}) => {
  const from = x(damage.fromMm);
  const to = x(damage.fromMm + damage.lengthMm);
  const wide = Math.max(to - from, 5);
  if (damage.kind === 'chip') {
    return (
      <g opacity={faded ? 0.4 : 1} pointerEvents="none">
        <path
          d={`M${from} ${top + LANE}v-14l${wide / 2} -12l${wide / 2} 12v14Z`}
          fill="var(--cut)"
        />
        <text data-figure="" x={from + wide / 2} y={top + 14} textAnchor="middle">
          {damage.depthMm}
        </text>
      </g>
    );
  }
  if (damage.kind === 'crack') {
    return (
      <g pointerEvents="none">
        <path
          d={`M${from} ${top + LANE}l4 -10 -6 -8 5 -9 -3 -9`}
          fill="none"
          stroke="var(--cut)"
          strokeWidth={2.6}
        />
        <text x={from + 8} y={top + 14}>
          crack
        </text>
      </g>
    );
  }
  return (
    <g pointerEvents="none">
      <rect
        x={from}
        y={top + LANE - 14}
        width={wide}
        height={14}
        fill={NOT_IN_THE_EDGE.includes(damage.kind) ? 'none' : hatch}
        stroke="var(--cut)"
      />
      <text data-soft="" x={from + wide / 2} y={top + LANE - 18} textAnchor="middle">
        {SHORT[damage.kind] ?? damage.kind}
      </text>
    </g>
  );
};

/** Drawn again only when what it shows has changed. */
export const EdgeStrip = memo(DrawnEdgeStrip);
