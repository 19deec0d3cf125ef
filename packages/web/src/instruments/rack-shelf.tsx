/**
 * The rack as it stands: every abrasive on a logarithmic axis of micrometres, drawn to one scale from the
 * side, what is left of it filled, what has been worn off dashed, a hollow top where it is due for flattening.
 */
import { careOf, type Stone } from '@patient-edge/contract';
import { abrasiveKind, type Care, named } from '@patient-edge/core';
import { memo, useMemo } from 'react';
import styled from 'styled-components';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const WIDTH = 1200;
const EDGE = 34;
/** One scale for all: pixels of the drawing to a millimetre. */
const ACROSS = 0.24;
const UP = 1.15;
const TICKS = [500, 200, 100, 50, 20, 10, 5, 2, 1, 0.5, 0.2];
/** More than this is drawn as marks alone: names would hide each other. */
const MOST_NAMED = 60;
const LETTER_PX = 7;

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    fill: var(--ink);
    font: 400 14px var(--text);
  }
  & text[data-soft] {
    fill: var(--ink-soft);
    font: 400 13.5px var(--figures);
  }
  & text[data-told] {
    fill: var(--accent);
    font-weight: 650;
  }
  & text[data-due] {
    fill: var(--cut);
  }
`;

interface Placed {
  readonly stone: Stone;
  readonly care: Care;
  readonly x: number;
  readonly lane: number;
  readonly width: number;
  readonly newPx: number;
  readonly leftPx: number;
}

/** The axis spans what has grain; the teeth of a file stand at its coarse end. */
const axisOf = (stones: readonly Stone[]) => {
  const sizes = stones
    .filter(({ kind }) => abrasiveKind(kind).task !== 'outline')
    .map(({ um }) => um);
  const coarsest = Math.max(100, ...sizes) * 1.15;
  const finest = Math.min(0.5, ...sizes) / 1.15;
  return {
    coarsest,
    finest,
    x: (um: number): number =>
      EDGE +
      (Math.log(coarsest / Math.min(coarsest, Math.max(finest, um))) /
        Math.log(coarsest / finest)) *
        (WIDTH - 2 * EDGE),
  };
};

/** The drawn height of what has no thickness worth measuring: plates, films, belts, strops. */
const FLAT_MM = 7;

/** Each on the lowest shelf where it and its name have room. */
const place = (stones: readonly Stone[], x: (um: number) => number): Placed[] => {
  const ends: number[] = [];
  return [...stones]
    .sort((a, b) => b.um - a.um)
    .map((stone) => {
      const newMm = stone.thicknessNewMm ?? stone.thicknessMm ?? FLAT_MM;
      const leftMm = stone.thicknessMm ?? newMm;
      const width = Math.min(90, Math.max(12, (stone.lengthMm ?? 150) * ACROSS));
      const room = Math.max(width, stone.name.length * LETTER_PX) + 10;
      const at = Math.min(WIDTH - room / 2 - 4, Math.max(room / 2 + 4, x(stone.um)));
      const free = ends.findIndex((end) => end <= at - room / 2);
      const lane = free >= 0 ? free : ends.length;
      ends[lane] = at + room / 2;
      return {
        stone,
        care: careOf(stone, null),
        x: at,
        lane,
        width,
        newPx: newMm * UP,
        leftPx: leftMm * UP,
      };
    });
};

interface Block {
  readonly stone: Stone;
  readonly x: number;
  readonly width: number;
  readonly leftPx: number;
}

/**
 * What is left of a stone, from the side: its top level, or hollow by as much as it is past its minutes
 * (not to scale: a hollow that matters is a tenth of a millimetre).
 */
export const stoneOutline = ({ stone, x, width, leftPx }: Block, floor: number): string => {
  const share = stone.minutesFlat ? stone.secondsSinceFlat / 60 / stone.minutesFlat : 0;
  const dip = Math.min(6, leftPx / 3, Math.max(0, share - 0.5) * 5);
  const [left, right, top] = [x - width / 2, x + width / 2, floor - leftPx];
  return `M${left} ${floor}V${top}Q${x} ${top + 2 * dip} ${right} ${top}V${floor}Z`;
};

const IN_WATER = STRINGS.inTheWater;

const statusOf = ({ care, stone }: Placed): string | null =>
  care.tooThin
    ? STRINGS.tooThin
    : care.flatness === 'not flat'
      ? STRINGS.notFlat
      : care.flatness === 'due'
        ? named('flatten')
        : stone.soak
          ? IN_WATER
          : null;

const DrawnRackShelf = ({ stones, label }: { stones: readonly Stone[]; label: string }) => {
  const axis = useMemo(() => axisOf(stones), [stones]);
  const placed = useMemo(() => place(stones, axis.x), [stones, axis]);
  const many = stones.length > MOST_NAMED;
  const lanes = 1 + Math.max(0, ...placed.map(({ lane }) => lane));
  // Marks are stacked where they meet, as far as there is room; blocks stand on shelves as high as they need.
  const rows = many ? Math.min(12, lanes) : lanes;
  const heights = Array.from({ length: rows }, (_, lane) => {
    if (many) return 15;
    const there = placed.filter((each) => each.lane === lane);
    const names = there.some((each) => statusOf(each) !== null) ? 40 : 25;
    return Math.max(...there.map(({ newPx }) => newPx)) + names + 10;
  });
  const height = heights.reduce((sum, each) => sum + each, 0) + 40;
  const floorOf = (lane: number): number => {
    const row = lane % rows;
    const above = heights.slice(row + 1).reduce((sum, each) => sum + each, 0);
    const names = many
      ? 2
      : placed.some((each) => each.lane === lane && statusOf(each) !== null)
        ? 40
        : 25;
    return above + heights[row]! - names;
  };
  return (
    <DrawingSheet leastPx={980}>
      <Svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label}>
        {!many &&
          Array.from({ length: lanes }, (_, lane) => (
            <line
              key={lane}
              x1={0}
              x2={WIDTH}
              y1={floorOf(lane) + 0.5}
              y2={floorOf(lane) + 0.5}
              stroke="var(--line)"
            />
          ))}
        {placed.map((each) => (
          <Block key={each.stone.id} placed={each} floor={floorOf(each.lane)} many={many} />
        ))}
        <line x1={0} x2={WIDTH} y1={height - 30} y2={height - 30} stroke="var(--ink)" />
        {TICKS.filter((um) => um < axis.coarsest && um > axis.finest).map((um) => (
          <g key={um}>
            <line
              x1={axis.x(um)}
              x2={axis.x(um)}
              y1={height - 30}
              y2={height - 22}
              stroke="var(--ink)"
            />
            <text data-soft="" x={axis.x(um)} y={height - 6} textAnchor="middle">
              {um}
            </text>
          </g>
        ))}
        <text data-soft="" x={0} y={height - 6}>
          µm
        </text>
      </Svg>
    </DrawingSheet>
  );
};

const Block = ({ placed, floor, many }: { placed: Placed; floor: number; many: boolean }) => {
  const { stone, x, width, newPx, leftPx } = placed;
  const { task, dishes } = abrasiveKind(stone.kind);
  const status = statusOf(placed);
  const isAlarm = status !== IN_WATER;
  const fill = task === 'edge' ? (dishes ? 'var(--steel)' : 'var(--steel-deep)') : 'var(--page)';
  if (many) {
    return (
      <rect
        x={x - 4}
        y={floor - 11}
        width={8}
        height={11}
        fill={status !== null && isAlarm ? 'var(--cut)' : fill}
        stroke="var(--ink)"
      />
    );
  }
  const minPx = stone.minThicknessMm === null ? null : stone.minThicknessMm * UP;
  return (
    <g>
      {newPx > leftPx + 0.5 && (
        <rect
          x={x - width / 2}
          y={floor - newPx}
          width={width}
          height={newPx - leftPx}
          fill="none"
          stroke="var(--steel-deep)"
          strokeDasharray="3 3"
        />
      )}
      <path d={stoneOutline(placed, floor)} fill={fill} stroke="var(--ink)" strokeWidth={1.2} />
      {minPx !== null && (
        <line
          x1={x - width / 2 - 4}
          x2={x + width / 2 + 4}
          y1={floor - minPx}
          y2={floor - minPx}
          stroke="var(--cut)"
          strokeWidth={1.5}
        />
      )}
      <text x={x} y={floor + 16} textAnchor="middle">
        {stone.name}
      </text>
      {status !== null && (
        <text
          data-due={isAlarm ? '' : undefined}
          data-told=""
          x={x}
          y={floor + 31}
          textAnchor="middle"
        >
          {status}
        </text>
      )}
    </g>
  );
};

/** Drawn again only when the stones have changed. */
export const RackShelf = memo(DrawnRackShelf);
