/** Has this blade been here before? Blades ranked by how near their outline is to what the caliper says. */
import type { BladeMeasures } from './measures';

export interface Sighting {
  readonly kindId: string | null;
  readonly edgeLengthMm: number | null;
  readonly heightHeelMm: number | null;
}

/** A blade loses height over the years, and length hardly: the allowances of one σ, mm and share. */
const LENGTH_SIGMA_MM = 3;
const HEIGHT_LOSS_SIGMA_SHARE = 0.05;
const HEIGHT_GAIN_SIGMA_MM = 0.7;
/** What another kind counts for, in σ²: taken for another kind at the counter more often than not. */
const OTHER_KIND = 6;

/**
 * How far off a known blade is from what is seen, in σ; 0 is the same, above about 3 it is another. A blade
 * may have become lower since, but not higher.
 */
export const unlikeness = (seen: Sighting, known: BladeMeasures): number => {
  let sum = 0;
  if (seen.kindId !== null && seen.kindId !== known.kindId) sum += OTHER_KIND;
  if (seen.edgeLengthMm !== null) {
    sum += ((seen.edgeLengthMm - known.edgeLengthMm) / LENGTH_SIGMA_MM) ** 2;
  }
  if (seen.heightHeelMm !== null) {
    const gained = seen.heightHeelMm - known.heightHeelMm;
    const sigma = gained > 0 ? HEIGHT_GAIN_SIGMA_MM : HEIGHT_LOSS_SIGMA_SHARE * known.heightHeelMm;
    sum += (gained / sigma) ** 2;
  }
  return Math.sqrt(sum);
};

/**
 * The known blades, likest first, each with its distance.
 *
 * @example
 * likest({ kindId: 'chef', edgeLengthMm: 210, heightHeelMm: 46 }, []).length; // 0
 */
export const likest = <T extends { readonly measures: BladeMeasures }>(
  seen: Sighting,
  known: readonly T[],
): readonly { readonly blade: T; readonly unlike: number }[] =>
  known
    .map((blade) => ({ blade, unlike: unlikeness(seen, blade.measures) }))
    .sort((a, b) => a.unlike - b.unlike);

/** Up to here it may well be that blade. */
export const LIKELY = 2.5;
