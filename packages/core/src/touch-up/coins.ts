/**
 * The angle of a rod set by coins: so many between rod and blade by the spine, the angle each count gives at heel, middle
 * and tip, and what the ink says of the next count (docs/method.md, G3).
 */
import { mm, ok, perSide, type Result } from '../units';
import { angleFromLift, shimsFor, type ShimCount } from '../angle';
import type { BladeMeasures } from '../blade';

export const COIN_PLACES = ['heel', 'middle', 'tip'] as const;
export type CoinPlace = (typeof COIN_PLACES)[number];

export interface CoinsAt {
  readonly place: CoinPlace;
  readonly heightMm: number;
  /** In the order of the counts; null where the blade is too low for so many. */
  readonly anglesDeg: readonly (number | null)[];
}

export interface CoinInput {
  readonly measures: Pick<
    BladeMeasures,
    | 'heightHeelMm'
    | 'heightMiddleMm'
    | 'heightTipMm'
    | 'spineHeelMm'
    | 'spineMiddleMm'
    | 'spineTipMm'
  >;
  /** Per side; null where nobody knows it. */
  readonly measuredDeg: number | null;
  /** Of its use, per side. */
  readonly windowDeg: readonly [low: number, high: number];
  readonly coinMm: number;
  /**
   * An abrasive rod held too low grinds the shoulder, a smooth one only touches it: an unknown angle is then sought from
   * above.
   */
  readonly fromAbove: boolean;
}

export interface CoinSearch {
  readonly wantedDeg: number;
  /** Nobody measured the angle: it is sought within the window of the use. */
  readonly isAssumed: boolean;
  /** Of the spine at the middle. */
  readonly liftMm: number;
  readonly below: ShimCount;
  readonly above: ShimCount;
  /** The count to begin with. */
  readonly start: number;
  /** One fewer than the count below to one more than the count above. */
  readonly counts: readonly number[];
  readonly places: readonly CoinsAt[];
}

/** Per side; null where the blade is too low for the lift. */
const liftedDeg = (heightMm: number, spineMm: number, liftMm: number): number | null => {
  const reached = angleFromLift(mm(heightMm), mm(spineMm / 2), mm(liftMm));
  return reached.ok ? reached.value : null;
};

/** Errors: ANGLE_BELOW_RESTING where the blade lies steeper on its spine than the angle wanted. */
export const coinSearch = ({
  measures,
  measuredDeg,
  windowDeg,
  coinMm,
  fromAbove,
}: CoinInput): Result<CoinSearch> => {
  const wantedDeg = measuredDeg ?? (fromAbove ? windowDeg[1] : windowDeg[0]);
  const dimensions: Readonly<Record<CoinPlace, readonly [heightMm: number, spineMm: number]>> = {
    heel: [measures.heightHeelMm, measures.spineHeelMm],
    middle: [measures.heightMiddleMm, measures.spineMiddleMm],
    tip: [measures.heightTipMm, measures.spineTipMm],
  };
  const [heightMm, spineMm] = dimensions.middle;
  const found = shimsFor(mm(heightMm), mm(spineMm / 2), perSide(wantedDeg), mm(coinMm));
  if (!found.ok) return found;
  const { below, above, nearest, liftMm } = found.value;
  const counts = [below.count - 1, below.count, above.count, above.count + 1].filter(
    (count) => count >= 1,
  );
  const wantsAbove = measuredDeg === null ? fromAbove : nearest === 'above';
  const start = wantsAbove || below.count < 1 ? above.count : below.count;
  return ok({
    wantedDeg,
    isAssumed: measuredDeg === null,
    liftMm,
    below,
    above,
    start,
    counts,
    places: COIN_PLACES.map((place) => {
      const [high, thick] = dimensions[place];
      return {
        place,
        heightMm: high,
        anglesDeg: counts.map((count) => liftedDeg(high, thick, count * coinMm)),
      };
    }),
  });
};

/** The angle a count gives at the middle; null where the blade is too low for it. */
export const coinAngleDeg = (
  { measures, coinMm }: Pick<CoinInput, 'measures' | 'coinMm'>,
  count: number,
): number | null => liftedDeg(measures.heightMiddleMm, measures.spineMiddleMm, count * coinMm);

/** Where the ink has gone after one pass a side. */
export const INK_FOUND = ['edge and across', 'shoulder only', 'edge line only'] as const;
export type InkFound = (typeof INK_FOUND)[number];

/** After so many rounds of ink without an answer the rod is put down. */
export const MOST_INK_ROUNDS = 4;

/**
 * The count after what the ink showed: at the shoulder it was held too low, at the edge line too high. The same count is
 * the one found.
 *
 * @example
 * nextCount(4, 'shoulder only'); // 5
 */
export const nextCount = (count: number, found: InkFound): number =>
  found === 'shoulder only'
    ? count + 1
    : found === 'edge line only'
      ? Math.max(1, count - 1)
      : count;
