import { SLACK } from '../units';

/** The hollow back of a one-sided blade: its rim over the visits, and how far to tap it out (docs/method.md, G11). */
export interface HollowBack {
  readonly radiusMm: number;
  readonly depthMm: number;
  /** Flat rim between the hollow and the edge. */
  readonly edgeRimMm: number;
}

export interface HollowBackVisit {
  /** Taken off the back, δ. */
  readonly backRemovedMm: number;
  /** The apex's whole rise, c, including what taking δ off brings by itself. */
  readonly apexRiseMm: number;
}

/** Past this many visits counting them means nothing: whole numbers would no longer be exact. */
const MOST_COUNTED = 2 ** 50;

/** W = 2 √(2 R d − d²): how wide the hollow is at the back plane. */
export const hollowChordMm = (radiusMm: number, depthMm: number): number =>
  2 * Math.sqrt(Math.max(0, (2 * radiusMm - depthMm) * depthMm));

/** The hollow after a number of visits; the rim may come out negative: the edge has run into the hollow. */
export const hollowAfter = (back: HollowBack, visit: HollowBackVisit, visits: number) => {
  const depthMm = Math.max(0, back.depthMm - visits * visit.backRemovedMm);
  const chordMm = hollowChordMm(back.radiusMm, depthMm);
  const before = hollowChordMm(back.radiusMm, back.depthMm);
  return {
    chordMm,
    depthMm,
    edgeRimMm: back.edgeRimMm + (before - chordMm) / 2 - visits * visit.apexRiseMm,
  };
};

/**
 * Visits, this one included, before the first that leaves no rim; null when the hollow is ground away first,
 * or nothing is ever taken. The rim over the visits is convex (the chord is concave in the depth), so it falls
 * to one lowest visit and the first without a rim lies before it.
 */
export const visitsWithRim = (back: HollowBack, visit: HollowBackVisit): number | null => {
  const rim = (visits: number): number => hollowAfter(back, visit, visits).edgeRimMm;
  if (visit.backRemovedMm === 0) {
    if (visit.apexRiseMm === 0) return null;
    return Math.min(
      MOST_COUNTED,
      Math.max(0, Math.ceil(back.edgeRimMm / visit.apexRiseMm - SLACK) - 1),
    );
  }
  const groundAway = Math.min(MOST_COUNTED, Math.ceil(back.depthMm / visit.backRemovedMm));
  let low = 0;
  let high = groundAway;
  while (high - low > 2) {
    const third = Math.floor((high - low) / 3);
    if (rim(low + third) <= rim(high - third)) high -= third;
    else low += third;
  }
  let lowest = low;
  for (let visits = low; visits <= high; visits += 1)
    if (rim(visits) < rim(lowest)) lowest = visits;
  if (rim(lowest) > 0) return null;
  let kept = 0;
  let gone = lowest;
  while (gone - kept > 1) {
    const middle = Math.floor((kept + gone) / 2);
    if (rim(middle) > 0) kept = middle;
    else gone = middle;
  }
  return kept;
};

/**
 * How far the steel must be tapped out for a rim of the width wanted: the depth of the present hollow that
 * far inside its margin; 0 when the rim is wide enough, the full depth past its centre.
 */
export const tapMm = (back: HollowBack, rimWantedMm: number): number => {
  const inside = rimWantedMm - back.edgeRimMm;
  if (inside <= 0) return 0;
  const half = hollowChordMm(back.radiusMm, back.depthMm) / 2;
  if (inside >= half) return back.depthMm;
  const fromCentre = half - inside;
  const sagitta =
    (fromCentre * fromCentre) /
    (back.radiusMm + Math.sqrt((back.radiusMm - fromCentre) * (back.radiusMm + fromCentre)));
  return back.depthMm - sagitta;
};
