/** Where a section stands on its drawing: whole on the left, and enlarged in the lens. */
import { spanAtMm, type Section } from '@patient-edge/core';

export const HEIGHT = 400;
export const WIDTH = 580;
export const LENS = { left: 206, top: 12, width: 362, height: 330 };
export const FULL = { left: 96, top: 30, height: 300 };

export interface SectionViewProps {
  /** As it came: drawn dashed. */
  readonly original: Section;
  /** Before and after the stage shown; alike where nothing is taken. */
  readonly before: Section;
  readonly after: Section;
  readonly heightMm: number;
  readonly spineMm: number;
  /** How much of the blade above its old edge the lens shows. */
  readonly lensMm: number;
  /** Apex of the section after. */
  readonly apexMm: number;
  /** Top of the bevel after, where it is dimensioned; null where there is none yet. */
  readonly bevelTopMm: number | null;
  /** As it is said of this blade: `16.0° per side`. */
  readonly angleText: readonly string[];
  /** Heights above the new edge whose thickness is dimensioned. */
  readonly calipersMm: readonly number[];
  readonly label: string;
}

export const polygon = (
  section: Section,
  x: (mm: number) => number,
  y: (mm: number) => number,
): string =>
  section.vertices.map((vertex) => `${x(vertex.x).toFixed(2)},${y(vertex.y).toFixed(2)}`).join(' ');

/** A round length for a scale bar, no longer than that. */
const roundLength = (longestMm: number): number => {
  const power = 10 ** Math.floor(Math.log10(longestMm));
  return [5, 2, 1].map((each) => each * power).find((each) => each <= longestMm)!;
};

export const sectionLayout = ({
  original,
  after,
  heightMm,
  lensMm,
  apexMm,
  bevelTopMm,
  calipersMm,
}: SectionViewProps) => {
  const fullScale = FULL.height / heightMm;
  const fx = (mm: number): number => FULL.left + mm * fullScale;
  const fy = (mm: number): number => FULL.top + FULL.height - mm * fullScale;
  const xs = original.vertices.map(({ x }) => x);
  const [leftMm, rightMm] = [Math.min(...xs), Math.max(...xs)];

  const top = spanAtMm(original, lensMm * 0.92) ?? [leftMm, rightMm];
  const widthMm = Math.max(top[1] - top[0], lensMm * 0.1);
  const scale = Math.min((LENS.height - 34) / lensMm, (LENS.width * 0.6) / widthMm);
  const centre = LENS.left + LENS.width / 2;
  const floor = LENS.top + LENS.height - 20;
  const middleMm = (top[0] + top[1]) / 2;
  const lx = (mm: number): number => centre + (mm - middleMm) * scale;
  const ly = (mm: number): number => floor - mm * scale;
  const times = scale / fullScale;
  const bar = roundLength(60 / scale);
  const inLens = (mm: number): boolean => ly(mm) > LENS.top + 14;
  const shoulder =
    bevelTopMm !== null && inLens(bevelTopMm) ? spanAtMm(after, bevelTopMm - 1e-6) : null;
  const calipers = calipersMm.flatMap((at, index) => {
    const span = spanAtMm(after, apexMm + at);
    // On a high blade the lowest of them would stand on one another.
    const crowded = index > 0 && (at - calipersMm[index - 1]!) * fullScale < 15;
    return span && !crowded ? [{ at, span, thickness: span[1] - span[0] }] : [];
  });
  return {
    fullScale,
    fx,
    fy,
    leftMm,
    rightMm,
    scale,
    floor,
    lx,
    ly,
    times,
    bar,
    inLens,
    shoulder,
    calipers,
  };
};

export type SectionLayout = ReturnType<typeof sectionLayout>;
