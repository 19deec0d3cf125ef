/** Where everything stands on the strip along the edge: millimetres from the heel to places on the drawing. */
import {
  bladeOutline,
  type BladeMeasures,
  type BladePoint,
  type BladeSide,
} from '@patient-edge/core';

export const WIDTH = 1000;
export const LEFT = 74;
export const RIGHT = 16;
/** Narrower than this the sheet moves sideways. */
export const LEAST_WIDTH = 320;
export const LANE = 44;
const LANE_GAP = 6;
/** A cleaver would fill the page: of high blades only the part near the edge is drawn. */
const MOST_OUTLINE = { full: 132, low: 62 };
const ABOVE_EDGE = 18;
export const SIDES: readonly BladeSide[] = ['right', 'left'];

const tickMm = (lengthMm: number): number => (lengthMm > 180 ? 50 : lengthMm > 80 ? 20 : 10);

export interface StripLayout {
  /** Of the whole drawing, px. */
  readonly width: number;
  /** From heel to tip. */
  readonly span: number;
  readonly curves: ReturnType<typeof bladeOutline>;
  readonly lengthMm: number;
  /** Drawn length of a millimetre. */
  readonly scale: number;
  /** Drawn place of a distance from the heel, mm. */
  readonly x: (mm: number) => number;
  /** A path through points of the blade. */
  readonly line: (points: readonly BladePoint[]) => string;
  /** Drawn height of the heel's edge. */
  readonly baseline: number;
  /** The spine is higher than what is drawn. */
  readonly isCut: boolean;
  readonly laneTop: (side: BladeSide) => number;
  readonly lanesBottom: number;
  readonly height: number;
  readonly ticks: readonly number[];
}

export const stripLayout = (
  measures: BladeMeasures,
  {
    lanes,
    low,
    lifts,
    width = WIDTH,
  }: {
    readonly lanes: boolean;
    readonly low: boolean;
    readonly lifts: boolean;
    readonly width?: number;
  },
): StripLayout => {
  const lengthMm = measures.edgeLengthMm;
  const span = width - LEFT - RIGHT;
  const scale = span / lengthMm;
  const x = (mm: number): number => LEFT + mm * scale;
  const curves = bladeOutline(measures);
  const highest = Math.max(...curves.spine.map(([, y]) => y)) * scale;
  const edgeRise = Math.max(...curves.edge.map(([, y]) => y)) * scale;
  // However high the blade, the whole of its edge is in sight.
  const wanted = Math.max(low ? MOST_OUTLINE.low : MOST_OUTLINE.full, edgeRise + ABOVE_EDGE);
  const baseline = Math.min(highest + 8, wanted);
  const lanesTop = baseline + 34;
  const laneTop = (side: BladeSide): number => lanesTop + SIDES.indexOf(side) * (LANE + LANE_GAP);
  const lanesBottom = lanes ? laneTop('left') + LANE + 8 : lanesTop;
  const step = tickMm(lengthMm) * (span < 30 * (lengthMm / tickMm(lengthMm)) ? 2 : 1);
  return {
    width,
    span,
    curves,
    lengthMm,
    scale,
    x,
    line: (points) =>
      points
        .map(
          ([z, y], index) =>
            `${index === 0 ? 'M' : 'L'}${x(z).toFixed(1)} ${(baseline - y * scale).toFixed(1)}`,
        )
        .join(''),
    baseline,
    isCut: highest > baseline,
    laneTop,
    lanesBottom,
    height: lanesBottom + (lifts ? 30 : 0),
    ticks: Array.from({ length: Math.floor(lengthMm / step) + 1 }, (_, index) => index * step),
  };
};
