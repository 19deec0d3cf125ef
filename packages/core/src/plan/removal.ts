/**
 * Steel taken along the whole edge: the same cuts at every station, in the order they are worked, summed by
 * volume. Jointing first, then thinning, then the bevel: each takes what the one before has left.
 */
import { interpolate, type BladePoint } from '../outline/polyline';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../outline/stations';
import { cutBothSides, jointLine } from '../section/cuts';
import { flatGrind, type FlatGrind } from '../section/flat-grind';
import { cutSection, measureFace, type Section } from '../section/section';
import { mm, perSide, toRadians } from '../units/quantities';
import type { Result } from '../units/result';

/** Close enough that twice as many change the volume by less than half a per cent. */
export const STATIONS = 41;
/** Degrees above the primary half angle at which a band is thinned. First guess. */
export const THIN_ABOVE_PRIMARY_DEG = 1.5;
/** Below this height a station is all tip, and is worked by eye. */
const LOWEST_STATION_MM = 1;

export interface LocalBlade {
  readonly station: Station;
  readonly blade: FlatGrind;
  readonly riseMm: number;
}

/**
 * The section at a station. Towards the tip the blade gets too low for the bevel it has in the middle, so
 * the shoulder is held within half of what its height and its spine allow.
 */
const localSection = (
  station: Station,
  thicknessBehindEdgeMm: number,
  angleDeg: number,
): Result<FlatGrind> => {
  const tan = Math.tan(toRadians(perSide(angleDeg)));
  const behindEdgeMm = Math.min(
    thicknessBehindEdgeMm,
    0.9 * station.thicknessMm,
    station.heightMm * tan,
  );
  return flatGrind({
    heightMm: station.heightMm,
    spineThicknessMm: Math.min(station.thicknessMm, 1.9 * station.heightMm * tan),
    grindHeightMm: station.heightMm,
    thicknessBehindEdgeMm: behindEdgeMm,
    angleDeg,
  });
};

export interface EdgeToWork {
  readonly curves: EdgeCurves;
  readonly thicknessBehindEdgeMm: number;
  /** Present bevel, per side. */
  readonly presentAngleDeg: number;
  /** How far the outline comes up: [z, depth]. */
  readonly depthAlong: readonly BladePoint[];
  readonly apexRiseMm: number;
}

/** The section at every station, and how far its apex comes up there. */
export const sectionsAlong = (edge: EdgeToWork, count = STATIONS): LocalBlade[] =>
  stationsAlongEdge(edge.curves, perSide(edge.presentAngleDeg), count).flatMap(
    (station): LocalBlade[] => {
      if (station.heightMm < LOWEST_STATION_MM) return [];
      const blade = localSection(station, edge.thicknessBehindEdgeMm, edge.presentAngleDeg);
      const riseMm = edge.apexRiseMm + interpolate(edge.depthAlong, station.zMm);
      return blade.ok ? [{ station, blade: blade.value, riseMm }] : [];
    },
  );

export interface Thinning {
  /** Thickness behind the edge that is wanted. */
  readonly behindEdgeMm: number;
}

export interface WorkedSection {
  readonly section: Section;
  readonly jointMm2: number;
  readonly thinMm2: number;
  readonly bevelMm2: number;
  /** Widths on one side. */
  readonly thinFaceMm: number;
  readonly bevelFaceMm: number;
}

/** One section worked: jointed, thinned if that is wanted and fits, bevelled. Null when the bevel would reach the spine. */
export const workSection = (
  blade: FlatGrind,
  riseMm: number,
  angleDeg: number,
  thinning: Thinning | null,
): WorkedSection | null => {
  const { heightMm } = blade.measures;
  if (angleDeg <= blade.primaryAngle || riseMm >= heightMm) return null;
  const angle = perSide(angleDeg);
  const joint = cutSection(blade.section, jointLine(mm(riseMm)), 'joint');
  let section = joint.section;
  let thinMm2 = 0;
  if (thinning) {
    const halfMm = thinning.behindEdgeMm / 2;
    const fromMm = riseMm + halfMm / Math.tan(toRadians(angle));
    const lower = perSide(blade.primaryAngle + THIN_ABOVE_PRIMARY_DEG);
    const thinned = cutBothSides(section, lower, halfMm, fromMm, 'thinned');
    const face = measureFace(thinned.section, 'right thinned');
    if (face && face.topYMm < heightMm) {
      section = thinned.section;
      thinMm2 = thinned.removedAreaMm2;
    }
  }
  const bevelled = cutBothSides(section, angle, 0, riseMm, 'new bevel');
  const bevel = measureFace(bevelled.section, 'right new bevel');
  if (!bevel || bevel.topYMm >= heightMm) return null;
  return {
    section: bevelled.section,
    jointMm2: joint.removedAreaMm2,
    thinMm2,
    bevelMm2: bevelled.removedAreaMm2,
    thinFaceMm: measureFace(bevelled.section, 'right thinned')?.widthMm ?? 0,
    bevelFaceMm: bevel.widthMm,
  };
};

export interface Removal {
  readonly jointMm3: number;
  readonly thinMm3: number;
  readonly bevelMm3: number;
  /** Both sides. */
  readonly thinFaceMm2: number;
  readonly bevelFaceMm2: number;
  /** Stations where the bevel would reach the spine. */
  readonly notWorked: number;
}

/** Works every station with the same cuts and integrates over arc length by trapezoids. */
export const workAlong = (
  local: readonly LocalBlade[],
  angleDeg: number,
  thinning: Thinning | null,
): Removal => {
  const worked = local.map(({ blade, riseMm }) => workSection(blade, riseMm, angleDeg, thinning));
  const sum = (value: (of: WorkedSection) => number): number => {
    let total = 0;
    for (let index = 1; index < local.length; index += 1) {
      const ds = local[index]!.station.sMm - local[index - 1]!.station.sMm;
      const [a, b] = [worked[index - 1], worked[index]];
      total += (ds * ((a ? value(a) : 0) + (b ? value(b) : 0))) / 2;
    }
    return total;
  };
  return {
    jointMm3: sum(({ jointMm2 }) => jointMm2),
    thinMm3: sum(({ thinMm2 }) => thinMm2),
    bevelMm3: sum(({ bevelMm2 }) => bevelMm2),
    thinFaceMm2: sum(({ thinFaceMm }) => 2 * thinFaceMm),
    bevelFaceMm2: sum(({ bevelFaceMm }) => 2 * bevelFaceMm),
    notWorked: worked.filter((of) => of === null).length,
  };
};
