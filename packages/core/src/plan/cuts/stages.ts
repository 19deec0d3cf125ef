/**
 * Work on a section as named stages, each a sequence of cuts, and the same stages summed along the edge by
 * volume. Every kind of blade is planned by these: a kind only says which cuts, in which order.
 */
import { perSide, SLACK } from '../../units';
import {
  cutSection,
  faceLine,
  isFace,
  sameFace,
  sectionExtent,
  type CutLine,
  type Face,
  type FaceQuery,
  type FaceRole,
  type Section,
  type Side,
} from '../../section';

export const CUT_STAGES = ['outline', 'thinning', 'back', 'edge', 'round', 'micro'] as const;
export type StageId = (typeof CUT_STAGES)[number];

export interface StageCut {
  readonly line: CutLine;
  /** The face it leaves; alike on several cuts, their widths add up. */
  readonly face: Face;
  /** To the datum plane; null for a joint. */
  readonly angleDeg: number | null;
  /** Height at which a face begins, mm; absent for a joint and for a cut parallel to the datum plane. */
  readonly atMm?: number;
}

/** A cut at an angle to the datum plane through (x, y), and the face it leaves. */
export const faceCut = (
  side: Side,
  angleDeg: number,
  xMm: number,
  yMm: number,
  role: FaceRole,
  order?: number,
): StageCut => ({
  line: faceLine(side, perSide(angleDeg), xMm, yMm),
  face: { side, role, ...(order === undefined ? {} : { order }) },
  angleDeg,
  atMm: yMm,
});

/** A cut parallel to the datum plane, that far from it. */
export const flatCut = (side: Side, xMm: number, role: FaceRole): StageCut => ({
  line: { nx: side === 'left' ? -1 : 1, ny: 0, offset: xMm },
  face: { side, role },
  angleDeg: 0,
});

export interface CutStage {
  readonly id: StageId;
  readonly cuts: readonly StageCut[];
}

export interface WorkedStage extends CutStage {
  /** After this stage. */
  readonly section: Section;
  readonly areaMm2: number;
  /** Widths of all faces it left, mm. */
  readonly faceMm: number;
  /** Of each band, from the edge up; empty where the faces are not numbered. */
  readonly bands: readonly {
    readonly areaMm2: number;
    readonly faceMm: number;
    /** Where it ran out into the face when it was cut, whatever took its upper part later. */
    readonly topMm: number;
    /** The same on each side it was cut on. */
    readonly sideTopsMm: Readonly<Partial<Record<Side, number>>>;
  }[];
}

const widthOfFaces = ({ vertices }: Section, faces: readonly Face[]): number =>
  vertices.reduce((sum, a, index) => {
    if (!faces.some((face) => sameFace(face, a.face))) return sum;
    const b = vertices[(index + 1) % vertices.length]!;
    return sum + Math.hypot(b.x - a.x, b.y - a.y);
  }, 0);

/** Top of the lowest edge of one face; null when none is left. */
const topOfFace = ({ vertices }: Section, face: Face): number | null => {
  const at = vertices.findIndex((vertex) => sameFace(vertex.face, face));
  if (at < 0) return null;
  return Math.max(vertices[at]!.y, vertices[(at + 1) % vertices.length]!.y);
};

/** The stages one after another; each takes what the one before has left. */
export const workStages = (section: Section, stages: readonly CutStage[]): WorkedStage[] => {
  let worked = section;
  return stages.map(({ id, cuts }) => {
    let areaMm2 = 0;
    const bandAreas: number[] = [];
    const bandTops: Partial<Record<Side, number>>[] = [];
    for (const { line, face } of cuts) {
      const cut = cutSection(worked, line, face);
      worked = cut.section;
      areaMm2 += cut.removedAreaMm2;
      if (face.order !== undefined) {
        const band = face.order - 1;
        const top = topOfFace(worked, face);
        bandAreas[band] = (bandAreas[band] ?? 0) + cut.removedAreaMm2;
        bandTops[band] = {
          ...bandTops[band],
          ...(top === null || face.side === null ? {} : { [face.side]: top }),
        };
      }
    }
    const widthOf = (cutsOf: readonly StageCut[]): number =>
      widthOfFaces(
        worked,
        cutsOf.map(({ face }) => face),
      );
    return {
      id,
      cuts,
      section: worked,
      areaMm2,
      faceMm: widthOf(cuts),
      bands: bandAreas.map((area, index) => ({
        areaMm2: area,
        faceMm: widthOf(cuts.filter(({ face }) => face.order === index + 1)),
        topMm: Math.max(0, ...Object.values(bandTops[index] ?? {})),
        sideTopsMm: bandTops[index] ?? {},
      })),
    };
  });
};

export interface StageSum {
  readonly mm3: number;
  readonly faceMm2: number;
}
export type StageSums = Readonly<Record<StageId, StageSum>>;

export interface WorkedStation {
  readonly sMm: number;
  /** Null where the new edge would come out above the spine. */
  readonly stages: readonly WorkedStage[] | null;
}

/** Integrates every stage over arc length by trapezoids. */
export const sumAlong = (stations: readonly WorkedStation[]): StageSums => {
  const valueAt = (station: WorkedStation, id: StageId, of: 'areaMm2' | 'faceMm'): number =>
    station.stages?.find((stage) => stage.id === id)?.[of] ?? 0;
  const integral = (id: StageId, of: 'areaMm2' | 'faceMm'): number => {
    let sum = 0;
    for (let index = 1; index < stations.length; index += 1) {
      const [a, b] = [stations[index - 1]!, stations[index]!];
      sum += ((b.sMm - a.sMm) * (valueAt(a, id, of) + valueAt(b, id, of))) / 2;
    }
    return sum;
  };
  const sums: Partial<Record<StageId, StageSum>> = {};
  for (const id of CUT_STAGES) {
    const done = stations.some(({ stages }) => stages?.some((stage) => stage.id === id));
    sums[id] = done
      ? { mm3: integral(id, 'areaMm2'), faceMm2: integral(id, 'faceMm') }
      : { mm3: 0, faceMm2: 0 };
  }
  return sums as StageSums;
};

/** The bands of the thinning summed the same way, from the edge up. */
export const sumBands = (stations: readonly WorkedStation[]): readonly StageSum[] => {
  const bandsOf = ({ stages }: WorkedStation): WorkedStage['bands'] =>
    stages?.find(({ id }) => id === 'thinning')?.bands ?? [];
  const count = Math.max(0, ...stations.map((station) => bandsOf(station).length));
  return Array.from({ length: count }, (_, band) => {
    let [mm3, faceMm2] = [0, 0];
    for (let index = 1; index < stations.length; index += 1) {
      const [a, b] = [stations[index - 1]!, stations[index]!];
      const [left, right] = [bandsOf(a)[band], bandsOf(b)[band]];
      const half = (b.sMm - a.sMm) / 2;
      mm3 += half * ((left?.areaMm2 ?? 0) + (right?.areaMm2 ?? 0));
      faceMm2 += half * ((left?.faceMm ?? 0) + (right?.faceMm ?? 0));
    }
    return { mm3, faceMm2 };
  });
};

/**
 * Height and position of the apex of a section: its lowest point, the middle of it where that is a flat.
 *
 * @example
 * apexOf(section).yMm; // 0
 */
export const apexOf = (section: Section): { xMm: number; yMm: number } => {
  const { apexMm } = sectionExtent(section);
  const lowest = section.vertices.filter(({ y }) => y - apexMm < SLACK).map(({ x }) => x);
  return { xMm: (Math.min(...lowest) + Math.max(...lowest)) / 2, yMm: apexMm };
};

export interface FaceRun {
  readonly widthMm: number;
  readonly topYMm: number;
}

/**
 * The lowest unbroken run of such faces: a line that cuts the edge may touch the spine
 * too, as on a razor, and that is no part of the bevel. Null when none is left.
 */
export const lowestRun = ({ vertices }: Section, query: FaceQuery): FaceRun | null => {
  const count = vertices.length;
  const isNamed = (index: number): boolean =>
    isFace(vertices[(index + count) % count]!.face, query);
  let best: (FaceRun & { readonly lowestMm: number }) | null = null;
  for (let start = 0; start < count; start += 1) {
    if (!isNamed(start) || isNamed(start - 1)) continue;
    let [widthMm, topYMm, lowestMm] = [0, -Infinity, Infinity];
    for (let index = start; index < start + count && isNamed(index); index += 1) {
      const [a, b] = [vertices[index % count]!, vertices[(index + 1) % count]!];
      widthMm += Math.hypot(b.x - a.x, b.y - a.y);
      topYMm = Math.max(topYMm, a.y, b.y);
      lowestMm = Math.min(lowestMm, a.y, b.y);
    }
    if (!best || lowestMm < best.lowestMm) best = { widthMm, topYMm, lowestMm };
  }
  return best && { widthMm: best.widthMm, topYMm: best.topYMm };
};

/** Highest point of that run; null when none is left. */
export const topOf = (section: Section, query: FaceQuery): number | null =>
  lowestRun(section, query)?.topYMm ?? null;

/**
 * Whether the new bevel comes out below the spine. Steeper than a rounded edge that is there, it meets no steel,
 * and the rounding alone is the work.
 */
export const closes = (before: Section, worked: readonly WorkedStage[]): boolean => {
  const edge = worked.find(({ id }) => id === 'edge');
  const last = worked.at(-1);
  const top =
    (edge ? topOf(edge.section, { roles: ['new bevel'] }) : null) ??
    (last ? topOf(last.section, { roles: ['rounded'] }) : null);
  return top !== null && top < sectionExtent(before).spineMm - SLACK;
};

interface Thinned {
  readonly stages: readonly WorkedStage[];
  readonly riseMm: number;
}

/**
 * The bands that take steel: one that begins above where the face is met takes nothing, and is not spoken of.
 *
 * @example
 * bandsReached([], 5); // []
 */
export const bandsReached = <Band extends { readonly fromMm: number }>(
  bands: readonly Band[],
  topMm: number,
): readonly Band[] => bands.filter(({ fromMm }) => fromMm === 0 || fromMm < topMm);

/** How far up the face the scratches of thinning will show: the top of the highest thinned face. */
export const scratchTopMm = ({ stages, riseMm }: Thinned): number => {
  const thinned = stages.find(({ id }) => id === 'thinning');
  if (!thinned) return 0;
  return Math.max(riseMm, topOf(thinned.section, { roles: ['band'] }) ?? riseMm) - riseMm;
};
