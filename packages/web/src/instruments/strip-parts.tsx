/** The parts of the strip along the edge: the blade's outline, a lane for each side, the lifts. */
import {
  type BladePoint,
  type BladeSide,
  type Damage,
  interpolate,
  type Station,
  type Zone,
  ZONES,
  zoneSpan,
  named,
} from '@patient-edge/core';
import type { MouseEvent } from 'react';
import { LANE, LEFT, RIGHT, type StripLayout } from './strip-layout';
import { mmNumber } from '../theme/format';
import { STRINGS } from './strings';

export interface ZoneMark {
  readonly side: BladeSide;
  readonly zone: Zone;
  readonly text: string;
  readonly tone: 'plain' | 'good' | 'cut';
}

interface PartProps {
  readonly layout: StripLayout;
  /** Of this drawing's patterns. */
  readonly id: string;
}

interface StripOutlineProps extends PartProps {
  readonly damage: readonly Damage[];
  readonly leftIn: readonly string[];
  readonly depthAlong: readonly BladePoint[] | undefined;
}

/** The blade near its edge, with its chips and what is to come up. */
export const StripOutline = ({ layout, id, damage, leftIn, depthAlong }: StripOutlineProps) => {
  const { curves, scale, x, line, baseline, isCut } = layout;
  return (
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
      {isCut && (
        <line
          x1={LEFT}
          x2={layout.width - RIGHT}
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
  );
};

/** Millimetres from the heel. */
export const StripTicks = ({ layout: { ticks, x, baseline } }: Pick<PartProps, 'layout'>) => (
  <>
    {ticks.map((mm) => (
      <g key={mm}>
        <line x1={x(mm)} x2={x(mm)} y1={baseline + 5} y2={baseline + 12} stroke="var(--line)" />
        <text data-soft="" data-figure="" x={x(mm)} y={baseline + 26} textAnchor="middle">
          {mmNumber(mm, 0)}
        </text>
      </g>
    ))}
    <text data-soft="" x={0} y={baseline + 26}>
      mm
    </text>
  </>
);

/** Where a lane lies and what is drawn in it. */
export interface Lane {
  readonly label: string;
  readonly top: number;
  readonly holds: (found: Damage) => boolean;
}

const LETTER_PX = 7;
/** Where a zone is too narrow for the words, its sign alone. */
const fitting = (text: string, widePx: number): string =>
  text.length * LETTER_PX > widePx ? text.split(' ')[0]! : text;

interface StripLaneProps extends PartProps {
  readonly side: BladeSide;
  readonly lane: Lane;
  readonly damage: readonly Damage[];
  readonly before: readonly Damage[];
  readonly leftIn: readonly string[];
  readonly marks: readonly ZoneMark[];
  readonly onPlace: ((atMm: number) => void) | undefined;
}

/** One side of the edge, or one edge of two: what was found on it, zone by zone. */
export const StripLane = ({
  layout,
  id,
  side,
  lane,
  damage,
  before,
  leftIn,
  marks,
  onPlace,
}: StripLaneProps) => {
  const { x, scale, lengthMm } = layout;
  const { label, top, holds } = lane;
  const place = (event: MouseEvent<SVGRectElement>): void => {
    if (!onPlace) return;
    const box = event.currentTarget.getBoundingClientRect();
    const share = (event.clientX - box.left) / box.width;
    onPlace(Math.round(Math.min(1, Math.max(0, share)) * lengthMm));
  };
  return (
    <g>
      <text x={0} y={top + LANE / 2 + 5}>
        {label}
      </text>
      <rect
        x={LEFT}
        y={top}
        width={layout.span}
        height={LANE}
        fill="var(--page)"
        stroke="var(--line)"
        onClick={place}
        style={onPlace ? { cursor: 'crosshair' } : undefined}
        data-lane={label.toLowerCase()}
      />
      {ZONES.slice(1).map((zone) => (
        <line
          key={zone}
          x1={x(zoneSpan(zone).from * lengthMm)}
          x2={x(zoneSpan(zone).from * lengthMm)}
          y1={top}
          y2={top + LANE}
          stroke="var(--line)"
          strokeDasharray="3 4"
        />
      ))}
      {before.filter(holds).map(({ id: key, fromMm, lengthMm }) => (
        <rect
          key={`before ${key}`}
          x={x(fromMm) - 2}
          y={top + 3}
          width={Math.max(lengthMm * scale, 5) + 4}
          height={LANE - 6}
          fill="none"
          stroke="var(--ink-soft)"
          strokeDasharray="4 3"
          pointerEvents="none"
        />
      ))}
      {damage.filter(holds).map((found) => (
        <DamageMark
          key={found.id}
          damage={found}
          x={x}
          top={top}
          hatch={`url(#${id}-hatch)`}
          faded={leftIn.includes(found.id)}
        />
      ))}
      {marks
        .filter((mark) => mark.side === side)
        .map(({ zone, text, tone }) => (
          <text
            key={zone}
            x={x(zoneSpan(zone).centre * lengthMm)}
            y={top + LANE / 2 + 5}
            textAnchor="middle"
            style={{
              fill: tone === 'plain' ? undefined : `var(--${tone})`,
              fontWeight: tone === 'plain' ? 400 : 700,
            }}
          >
            {fitting(text, (zoneSpan(zone).to - zoneSpan(zone).from) * layout.span)}
          </text>
        ))}
    </g>
  );
};

const END_PX = 44;

/** Which end is which, where no fault is written. */
export const StripEnds = ({
  layout: { x, scale, laneTop, lengthMm },
  damage,
}: Pick<PartProps, 'layout'> & { damage: readonly Damage[] }) => {
  const isFree = (fromMm: number, toMm: number): boolean =>
    damage.every((found) => found.fromMm > toMm || found.fromMm + found.lengthMm < fromMm);
  const nearMm = END_PX / scale;
  return (
    <g>
      {isFree(0, nearMm) && (
        <text data-soft="" x={x(0) + 5} y={laneTop('right') + 14} pointerEvents="none">
          {STRINGS.heel}
        </text>
      )}
      {isFree(lengthMm - nearMm, lengthMm) && (
        <text
          data-soft=""
          x={x(lengthMm) - 5}
          y={laneTop('right') + 14}
          textAnchor="end"
          pointerEvents="none"
        >
          {STRINGS.tip}
        </text>
      )}
    </g>
  );
};

export const StripLifts = ({
  layout: { x, lanesBottom },
  lifts,
}: Pick<PartProps, 'layout'> & { lifts: readonly Pick<Station, 'zMm' | 'liftMm'>[] }) => (
  <g>
    <text x={0} y={lanesBottom + 18}>
      {STRINGS.lift}
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
            {liftMm === null ? '–' : mmNumber(liftMm, 1)}
          </text>
        </g>
      ))}
  </g>
);

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
          {STRINGS.crack}
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
        {named(SHORT[damage.kind] ?? damage.kind)}
      </text>
    </g>
  );
};
