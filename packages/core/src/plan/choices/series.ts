/** What follows the last stone, one surface after another: each is a step of its own. */
import type { Finishing } from './finishing';

export const SERIES_SURFACES = [
  'stone',
  'dry stone',
  'wood',
  'felt',
  'newspaper',
  'leather',
  'cloth',
  'smooth hard edge',
  'wet paper',
] as const;
export type SeriesSurface = (typeof SERIES_SURFACES)[number];

export interface SeriesPart {
  readonly surface: SeriesSurface;
  /** The stone or strop of the rack; null takes what suits the surface. */
  readonly stoneId: string | null;
  /** A side. */
  readonly strokes: number;
  /** Degrees under the bevel, negative over it; null is as usual of the surface. */
  readonly underDeg: number | null;
}

export const MOST_IN_SERIES = 12;
/** A few passes for bite may stand over the bevel by so much. */
export const MOST_OVER_DEG = 5;

const SURFACE_OF = {
  strop: 'leather',
  newspaper: 'newspaper',
  wood: 'wood',
  felt: 'felt',
} as const;

/**
 * The series asked for; else the one surface of the finishing.
 */
export const seriesOf = (
  series: readonly SeriesPart[] | null,
  finishing: Finishing,
): readonly SeriesPart[] =>
  series ??
  (finishing.on === 'none'
    ? []
    : [
        {
          surface: SURFACE_OF[finishing.on],
          stoneId: finishing.stropId,
          strokes: finishing.strokes,
          underDeg: finishing.underDeg,
        },
      ]);
