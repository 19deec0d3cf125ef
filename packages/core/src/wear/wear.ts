/** The years: how thickness and height go when only the edge is cut at each visit (docs/method.md, G12). */
import { mm, perSide, SLACK } from '../units';
import { rebevel, type FlatGrind } from '../section';

export interface Wear {
  /** First visit whose thickness behind the edge is at or above the limit; 0 when already so, null when never. */
  readonly visitsToThinning: number | null;
  /** First visit whose height is at or below the minimum. */
  readonly visitsToEnd: number | null;
  /** After each visit until the first of the two, mm. */
  readonly thicknessBehindEdgeMm: readonly number[];
}

/** A visit that takes next to nothing would make the list endless. */
export const MOST_VISITS = 10_000;
/** Past this many visits whole numbers are no longer exact. */
const MOST_COUNTED = 2 ** 50;

/** Each visit moves the apex up by the same rise at the same angle; the thickness never exceeds the spine's. */
export const wearOverVisits = (
  blade: FlatGrind,
  apexRisePerVisitMm: number,
  limitBehindEdgeMm: number,
  minHeightMm: number,
): Wear => {
  const { heightMm, angleDeg, spineThicknessMm, thicknessBehindEdgeMm } = blade.measures;
  const thicknessAfter = (visits: number): number => {
    const done = rebevel(blade, mm(visits * apexRisePerVisitMm), perSide(angleDeg));
    return done.ok
      ? Math.min(done.value.thicknessBehindEdgeMm, spineThicknessMm)
      : spineThicknessMm;
  };
  const thick = (visits: number): boolean =>
    (visits === 0 ? thicknessBehindEdgeMm : thicknessAfter(visits)) >= limitBehindEdgeMm - SLACK;
  const spent = (visits: number): boolean =>
    heightMm - visits * apexRisePerVisitMm <= minHeightMm + SLACK;
  // No more visits than there is blade.
  const most =
    apexRisePerVisitMm > 0 ? Math.min(MOST_COUNTED, Math.ceil(heightMm / apexRisePerVisitMm)) : 0;
  const first = (reached: (visits: number) => boolean): number | null => {
    if (reached(0)) return 0;
    if (!reached(most)) return null;
    let before = 0;
    let after = most;
    while (after - before > 1) {
      const middle = Math.floor((before + after) / 2);
      if (reached(middle)) after = middle;
      else before = middle;
    }
    return after;
  };
  const visitsToThinning = first(thick);
  const visitsToEnd = first(spent);
  const until = Math.min(visitsToThinning ?? Infinity, visitsToEnd ?? Infinity);
  return {
    visitsToThinning,
    visitsToEnd,
    thicknessBehindEdgeMm: Array.from(
      { length: Number.isFinite(until) ? Math.min(until, MOST_VISITS) : 0 },
      (_, index) => thicknessAfter(index + 1),
    ),
  };
};
