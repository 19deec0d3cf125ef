/**
 * The scratches on a close photograph of a bevel: which way they run, how much of the bevel follows, and how far apart
 * they lie. Direction from the structure tensor (the mean of the outer product of the gradient: its larger eigenvector
 * lies across the scratches), spacing from the power spectrum of the brightness across them.
 */
import { median } from '../statistics';
import type { GreyPicture } from './grey';

export interface ScratchPattern {
  /** Of the scratches, from the right anticlockwise as it is seen; 0 to 180. */
  readonly directionDeg: number;
  /** Share of the bevel that follows, 0 to 1: the coherence of the tensor. */
  readonly following: number;
  /** Null where nothing repeats. */
  readonly spacingPx: number | null;
}

interface Area {
  readonly fromX: number;
  readonly toX: number;
  readonly fromY: number;
  readonly toY: number;
}

/** Tiles of this size are looked at one by one: over more, a hair's breadth of direction blurs the spacing. */
const TILE_PX = 96;
/** Periods that can be told, px. */
const SHORTEST_PX = 3;
const LONGEST_PX = TILE_PX / 3;
const PERIODS = 160;
/** A peak of the spectrum stands out by this from its middle. */
const STANDS_OUT = 6;
const HALF_TURN = 180;
const CORNER = 3 / 32;
const SIDE = 10 / 32;

const wholeOf = ({ widthPx, heightPx }: GreyPicture): Area => ({
  fromX: 0,
  toX: widthPx,
  fromY: 0,
  toY: heightPx,
});

/** Across the scratches, radians, and the coherence. */
const acrossOf = (
  picture: GreyPicture,
  { fromX, toX, fromY, toY }: Area,
): { readonly acrossRad: number; readonly following: number } => {
  const { widthPx, heightPx, values } = picture;
  let [xx, yy, xy] = [0, 0, 0];
  for (let y = Math.max(1, fromY); y < Math.min(heightPx - 1, toY); y += 1)
    for (let x = Math.max(1, fromX); x < Math.min(widthPx - 1, toX); x += 1) {
      const at = y * widthPx + x;
      const of = (column: number, row: number): number => values[at + row * widthPx + column] ?? 0;
      // Scharr's weights: a plain difference turns fine scratches by two degrees.
      const gx =
        CORNER * (of(1, -1) - of(-1, -1) + of(1, 1) - of(-1, 1)) + SIDE * (of(1, 0) - of(-1, 0));
      const gy =
        CORNER * (of(-1, 1) - of(-1, -1) + of(1, 1) - of(1, -1)) + SIDE * (of(0, 1) - of(0, -1));
      xx += gx * gx;
      yy += gy * gy;
      xy += gx * gy;
    }
  const all = xx + yy;
  return {
    acrossRad: Math.atan2(2 * xy, xx - yy) / 2,
    following: all === 0 ? 0 : Math.hypot(xx - yy, 2 * xy) / all,
  };
};

/** Waves of each period over a tile, faded out towards both ends, so that the ends are no pattern. */
const wavesOver = (reach: number, wave: (turns: number) => number): readonly Float64Array[] =>
  Array.from({ length: PERIODS }, (_, index) =>
    Float64Array.from({ length: reach }, (_value, at) => {
      const faded = 0.5 - 0.5 * Math.cos((2 * Math.PI * at) / (reach - 1));
      return faded * wave((2 * Math.PI * at) / periodAt(index));
    }),
  );

/** The mean brightness of a tile at each distance across: along the scratches it is the same. */
const profileOf = (
  { widthPx, values }: GreyPicture,
  left: number,
  top: number,
  acrossRad: number,
): Float64Array => {
  const [cos, sin] = [Math.cos(acrossRad), Math.sin(acrossRad)];
  const sums = new Float64Array(TILE_PX);
  const counts = new Float64Array(TILE_PX);
  const half = TILE_PX / 2;
  for (let y = 0; y < TILE_PX; y += 1)
    for (let x = 0; x < TILE_PX; x += 1) {
      const at = Math.round((x - half) * cos + (y - half) * sin + half);
      if (at < 0 || at >= TILE_PX) continue;
      sums[at]! += values[(top + y) * widthPx + left + x] ?? 0;
      counts[at]! += 1;
    }
  // Corners of the tile hold too few pixels for a mean.
  const isMean = (at: number): boolean => counts[at]! > TILE_PX / 4;
  const means = [...sums.keys()].filter(isMean).map((at) => sums[at]! / counts[at]!);
  const middle = means.reduce((sum, mean) => sum + mean, 0) / Math.max(1, means.length);
  return sums.map((sum, at) => (isMean(at) ? sum / counts[at]! - middle : 0));
};

/** Power at each period, summed over the tiles. */
const spectrumOf = (picture: GreyPicture, area: Area, acrossRad: number): readonly number[] => {
  const cosines = wavesOver(TILE_PX, Math.cos);
  const sines = wavesOver(TILE_PX, Math.sin);
  const power = Array.from({ length: PERIODS }, () => 0);
  const along = (profile: Float64Array, wave: Float64Array): number => {
    let sum = 0;
    for (let at = 0; at < TILE_PX; at += 1) sum += profile[at]! * wave[at]!;
    return sum;
  };
  for (let top = area.fromY; top + TILE_PX <= area.toY; top += TILE_PX / 2)
    for (let left = area.fromX; left + TILE_PX <= area.toX; left += TILE_PX / 2) {
      const profile = profileOf(picture, left, top, acrossRad);
      for (let index = 0; index < PERIODS; index += 1)
        power[index]! += along(profile, cosines[index]!) ** 2 + along(profile, sines[index]!) ** 2;
    }
  return power;
};

/** Evenly spaced as frequencies. */
const periodAt = (index: number): number => {
  const [low, high] = [1 / LONGEST_PX, 1 / SHORTEST_PX];
  return 1 / (low + ((high - low) * index) / (PERIODS - 1));
};

/** The pattern of an area; of the whole picture where none is named. */
export const scratchPattern = (
  picture: GreyPicture,
  area: Area = wholeOf(picture),
): ScratchPattern => {
  const { acrossRad, following } = acrossOf(picture, area);
  const power = spectrumOf(picture, area, acrossRad);
  const most = Math.max(...power);
  const at = power.indexOf(most);
  const standsOut = most > STANDS_OUT * (median(power) ?? 0) && at > 0;
  // On a screen y runs downwards: seen, the turn is the other way round.
  const along = (-acrossRad * HALF_TURN) / Math.PI + HALF_TURN / 2;
  return {
    directionDeg: ((along % HALF_TURN) + HALF_TURN) % HALF_TURN,
    following,
    spacingPx: standsOut ? periodAt(at) : null,
  };
};

export interface ScratchEvenness {
  readonly whole: ScratchPattern;
  /** From heel to tip, left to right on the picture. */
  readonly parts: readonly (ScratchPattern & { readonly isUneven: boolean })[];
}

/** Scratches turn by more than this, or lie so many times wider, where a hand changed. */
const TURNED_DEG = 12;
const WIDER = 1.6;
const LESS_FOLLOWING = 0.6;

/** The smaller angle between two directions that have no sense. */
const turnedBy = (a: number, b: number): number => {
  const turned = Math.abs(a - b) % HALF_TURN;
  return Math.min(turned, HALF_TURN - turned);
};

/** Even from heel to tip, or where it is not: each part against the middle of all. */
export const scratchEvenness = (picture: GreyPicture, parts = 4): ScratchEvenness => {
  const whole = scratchPattern(picture);
  const step = Math.floor(picture.widthPx / parts);
  const each = Array.from({ length: parts }, (_, index) =>
    scratchPattern(picture, {
      fromX: index * step,
      toX: (index + 1) * step,
      fromY: 0,
      toY: picture.heightPx,
    }),
  );
  const direction = median(each.map(({ directionDeg }) => turnedFrom(whole, directionDeg))) ?? 0;
  const following = median(each.map((part) => part.following)) ?? 0;
  const spacing = median(each.flatMap(({ spacingPx }) => spacingPx ?? [])) ?? null;
  return {
    whole,
    parts: each.map((part) => ({
      ...part,
      isUneven:
        Math.abs(turnedFrom(whole, part.directionDeg) - direction) > TURNED_DEG ||
        part.following < LESS_FOLLOWING * following ||
        (spacing !== null &&
          part.spacingPx !== null &&
          Math.max(part.spacingPx / spacing, spacing / part.spacingPx) > WIDER),
    })),
  };
};

/** Which way and how far from the whole, −90 to 90: so that a median of directions means something. */
const turnedFrom = ({ directionDeg }: ScratchPattern, other: number): number => {
  const turned = turnedBy(directionDeg, other);
  return (other - directionDeg + HALF_TURN) % HALF_TURN < HALF_TURN / 2 ? turned : -turned;
};
