/** What stones cost and how they wear, by what they took off blades and what was lost of them when they were made flat. */
import { median } from '../statistics';
import { wearTrend } from './years';

export interface StoneFlattening {
  /** ISO 8601. */
  readonly at: string;
  /** Work since the flattening before. */
  readonly workedSeconds: number;
  readonly lostMm: number;
  readonly thicknessAfterMm: number | null;
}

export interface StoneHistory {
  /** Taken off blades that went home. */
  readonly steelMm3: number;
  readonly blades: number;
  readonly priceMinor: number | null;
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
  readonly thicknessNewMm: number | null;
  readonly minThicknessMm: number | null;
  /** In the order they were done. */
  readonly flattenings: readonly StoneFlattening[];
}

export interface StoneWear {
  readonly lostMm: number;
  /** Stone lost for each mm³ of steel; null where the stone was not measured, or took nothing. */
  readonly wornPerSteel: number | null;
  /** Its price, by the share of its useful thickness that one blade costs; null where any of it is not known. */
  readonly costPerBladeMinor: number | null;
  /** Work between one flattening and the next, as it was; null for fewer than three. */
  readonly flattenedEveryMinutes: number | null;
  /** When the line through its thickness meets the thinnest it may get, ISO 8601; null where that is not in sight. */
  readonly tooThinOn: string | null;
}

/** Fewer say nothing of a rhythm. */
const LEAST_FLATTENINGS = 3;

/** What a stone cost and how it wore, by its history. */
export const stoneWear = (stone: StoneHistory): StoneWear => {
  const { flattenings, steelMm3, blades, priceMinor, lengthMm, widthMm } = stone;
  const lostMm = flattenings.reduce((sum, each) => sum + each.lostMm, 0);
  const usefulMm =
    stone.thicknessNewMm === null || stone.minThicknessMm === null
      ? null
      : stone.thicknessNewMm - stone.minThicknessMm;
  const measured = flattenings.flatMap(({ at, thicknessAfterMm }) =>
    thicknessAfterMm === null ? [] : [{ at, value: thicknessAfterMm }],
  );
  return {
    lostMm,
    wornPerSteel:
      lengthMm === null || widthMm === null || steelMm3 <= 0 || lostMm === 0
        ? null
        : (lostMm * lengthMm * widthMm) / steelMm3,
    costPerBladeMinor:
      priceMinor === null || usefulMm === null || usefulMm <= 0 || blades === 0 || lostMm === 0
        ? null
        : (priceMinor * lostMm) / usefulMm / blades,
    flattenedEveryMinutes:
      flattenings.length < LEAST_FLATTENINGS
        ? null
        : median(flattenings.map(({ workedSeconds }) => workedSeconds / 60)),
    tooThinOn: wearTrend(measured, stone.minThicknessMm)?.reachesOn ?? null,
  };
};

export interface PlateUse {
  readonly minutes: number;
  readonly lostMm: number;
}

/** Of so many uses a third each is compared. */
const LEAST_USES = 9;

/**
 * How many times as long a plate now takes for the same loss of stone as when it was new: the median of its latest third
 * of uses over that of its first. Null for fewer than nine uses that took anything. In the order they were done.
 *
 * @example
 * plateSlowdown([{ minutes: 3, lostMm: 0.1 }]); // null
 */
export const plateSlowdown = (uses: readonly PlateUse[]): number | null => {
  const perMm = uses.flatMap(({ minutes, lostMm }) => (lostMm > 0 ? [minutes / lostMm] : []));
  if (perMm.length < LEAST_USES) return null;
  const third = Math.floor(perMm.length / 3);
  const [first, latest] = [median(perMm.slice(0, third))!, median(perMm.slice(-third))!];
  return first === 0 ? null : latest / first;
};
