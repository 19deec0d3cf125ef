/**
 * The twin of the blade on the bench: every stroke cuts the section at the stations it swept, at the angle it was held at.
 * It is a model: it knows what the plan foresaw an abrasive to take, and a measure corrects it.
 */
import { zoneSpan, type Zone } from '../geometry';
import { flatGrind, Grinding, sectionFromSides, type Section, type Side } from '../section';

/** What the twin is cut from; heights and spine at the heel, half way, and at nine tenths. */
export interface TwinBlade {
  readonly edgeLengthMm: number;
  readonly heightsMm: readonly [number, number, number];
  readonly spinesMm: readonly [number, number, number];
  readonly thicknessBehindEdgeMm: number;
  /** Per side; of a blade ground on one side the whole angle. */
  readonly angleDeg: number;
  /** Ground on one side only: the other is flat. */
  readonly groundSide: Side | null;
}

export interface TwinStroke {
  readonly side: Side;
  readonly angleDeg: number;
  /** Where it swept, as shares of the edge from the heel. */
  readonly from: number;
  readonly to: number;
  /** Steel it took, mm³. */
  readonly mm3: number;
}

export interface TwinStation {
  /** Of the edge, from the heel. */
  readonly share: number;
  readonly apexRiseMm: number;
  /** The face that was worked on a side meets the apex there: nothing is left of the old one. */
  readonly reached: Readonly<Record<Side, boolean>>;
}

export interface TwinView {
  readonly stations: readonly TwinStation[];
  readonly removedMm3: number;
  /** Strokes that would have taken the spine: the model ends there. */
  readonly refused: number;
}

export const TWIN_STATIONS = 200;
/** The apex belongs to the face that was worked last where its angle is so close. */
const SAME_FACE_DEG = 0.6;
/** Of the spine: a blade is never thicker behind the edge than that. */
const MOST_BEHIND = 0.9;

const along = (share: number, [heel, middle, tip]: readonly [number, number, number]): number =>
  share <= 0.5
    ? heel + (middle - heel) * (share / 0.5)
    : middle + ((tip - middle) * (Math.min(share, 0.9) - 0.5)) / 0.4;

const sectionAt = (blade: TwinBlade, share: number): Section | null => {
  const heightMm = along(share, blade.heightsMm);
  const spineMm = along(share, blade.spinesMm);
  const behindMm = Math.min(blade.thicknessBehindEdgeMm, MOST_BEHIND * spineMm);
  if (blade.groundSide === null) {
    const made = flatGrind({
      heightMm,
      spineThicknessMm: spineMm,
      grindHeightMm: heightMm,
      thicknessBehindEdgeMm: behindMm,
      angleDeg: blade.angleDeg,
    });
    return made.ok ? made.value.section : null;
  }
  const bevelMm = behindMm / Math.tan((blade.angleDeg * Math.PI) / 180);
  if (bevelMm >= heightMm) return null;
  const ground = [
    { xMm: 0, yMm: 0, face: 'bevel' as const },
    { xMm: behindMm, yMm: bevelMm, face: 'primary' as const },
    { xMm: spineMm, yMm: heightMm, face: 'primary' as const },
  ];
  const flat = [
    { xMm: 0, yMm: 0, face: 'flat' as const },
    { xMm: 0, yMm: heightMm, face: 'flat' as const },
  ];
  return blade.groundSide === 'right'
    ? sectionFromSides(ground, flat)
    : sectionFromSides(flat, ground);
};

interface Station {
  readonly share: number;
  readonly grinding: Grinding;
  readonly workedDeg: { right: number | null; left: number | null };
}

export class Twin {
  private readonly stations: readonly Station[];
  private removedMm3 = 0;
  private refused = 0;

  /** Stations where no section can be made of the measures are left out: at a tip thinner than its own bevel. */
  constructor(
    private readonly blade: TwinBlade,
    count = TWIN_STATIONS,
  ) {
    this.stations = Array.from({ length: count }, (_, index) => (index + 0.5) / count).flatMap(
      (share) => {
        const section = sectionAt(blade, share);
        return section === null
          ? []
          : [
              {
                share,
                grinding: new Grinding(section),
                workedDeg: { right: null, left: null },
              },
            ];
      },
    );
  }

  /** Shares of the edge outside 0 to 1 are cut off; a stroke of no length changes nothing. */
  stroke({ side, angleDeg, from, to, mm3 }: TwinStroke): void {
    const sweptMm = (Math.min(1, to) - Math.max(0, from)) * this.blade.edgeLengthMm;
    if (sweptMm <= 0 || mm3 <= 0) return;
    const areaMm2 = mm3 / sweptMm;
    let isRefused = false;
    for (const station of this.stations) {
      if (station.share < from || station.share > to) continue;
      if (station.grinding.stroke(side, angleDeg, areaMm2)) station.workedDeg[side] = angleDeg;
      else isRefused = true;
    }
    if (isRefused) this.refused += 1;
    else this.removedMm3 += mm3;
  }

  look(): TwinView {
    return {
      stations: this.stations.map(({ share, grinding, workedDeg }) => {
        const { apexMm, anglesAtApexDeg } = grinding.look();
        const isReached = (side: Side): boolean => {
          const worked = workedDeg[side];
          return worked !== null && Math.abs(anglesAtApexDeg[side] - worked) < SAME_FACE_DEG;
        };
        return {
          share,
          apexRiseMm: apexMm.yMm,
          reached: { right: isReached('right'), left: isReached('left') },
        };
      }),
      removedMm3: this.removedMm3,
      refused: this.refused,
    };
  }

  /** The outline of the section nearest to a place, mm; null where there is none. */
  outlineAt(share: number): readonly { readonly x: number; readonly y: number }[] | null {
    return this.nearest(share)?.grinding.outline() ?? null;
  }

  /** Full thickness a height above the apex nearest to a place, mm; null where there is none. */
  thicknessAt(share: number, heightMm: number): number | null {
    return this.nearest(share)?.grinding.thicknessAboveApexMm(heightMm) ?? null;
  }

  private nearest(share: number): Station | undefined {
    let best: Station | undefined;
    for (const station of this.stations) {
      if (!best || Math.abs(station.share - share) < Math.abs(best.share - share)) best = station;
    }
    return best;
  }
}

/**
 * Where a stroke sweeps: a zone, or the whole edge.
 *
 * @example
 * sweptBy(null); // {"from":0,"to":1}
 */
export const sweptBy = (zone: Zone | null): { readonly from: number; readonly to: number } =>
  zone === null ? { from: 0, to: 1 } : zoneSpan(zone);

/**
 * How much of what the model took was really taken, by a caliper before and after: what the model is multiplied by.
 *
 * @example
 * correctedShare({ beforeMm: 0.5, modelledMm: 0.4, measuredMm: 0.45 }); // 0.5
 */
export const correctedShare = ({
  beforeMm,
  modelledMm,
  measuredMm,
}: {
  readonly beforeMm: number;
  readonly modelledMm: number;
  readonly measuredMm: number;
}): number => {
  const modelled = beforeMm - modelledMm;
  // Where the model took nothing there is nothing to correct.
  if (modelled <= 1e-9) return 1;
  return Math.max(0, (beforeMm - measuredMm) / modelled);
};
