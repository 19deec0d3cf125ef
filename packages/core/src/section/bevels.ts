/** Setting bevels on any section: each side at its own angle, or on one side alone (docs/method.md, G9). */
import { fail, mm, ok, type DegreesPerSide, type Result } from '../units';
import { faceLine, jointLine } from './cuts';
import { JOINT } from './face';
import { cutSection, measureFace, thicknessAtMm, type FaceMeasure, type Section } from './section';
import { STRINGS } from './strings';

export interface BevelAngles {
  /** Null leaves that side alone. */
  readonly right: DegreesPerSide | null;
  readonly left: DegreesPerSide | null;
}

export interface SetBevels {
  readonly section: Section;
  readonly removedAreaMm2: number;
  readonly right: FaceMeasure | null;
  readonly left: FaceMeasure | null;
  /** At the higher of the two new shoulders. */
  readonly thicknessBehindEdgeMm: number;
  readonly apexMm: number;
}

/**
 * Joint at the apex height, then a face on each side through the new apex. Errors: CUT_DOES_NOT_CLOSE when no
 * new face is left below the spine.
 *
 * @example
 * setBevels(section, 0.1, { right: perSide(15), left: perSide(15) }).ok; // true
 */
export const setBevels = (
  section: Section,
  apexMm: number,
  angles: BevelAngles,
): Result<SetBevels> => {
  const spineMm = Math.max(...section.vertices.map(({ y }) => y));
  let cut = cutSection(section, jointLine(mm(apexMm)), JOINT);
  let removedAreaMm2 = cut.removedAreaMm2;
  for (const side of ['right', 'left'] as const) {
    const angle = angles[side];
    if (angle === null) continue;
    cut = cutSection(cut.section, faceLine(side, angle, 0, apexMm), { side, role: 'new bevel' });
    removedAreaMm2 += cut.removedAreaMm2;
  }
  const right = measureFace(cut.section, { side: 'right', roles: ['new bevel'] });
  const left = measureFace(cut.section, { side: 'left', roles: ['new bevel'] });
  const tops = [right, left].flatMap((face) => (face ? [face.topYMm] : []));
  const highest = Math.max(...tops);
  if (tops.length === 0 || highest >= spineMm) {
    return fail('CUT_DOES_NOT_CLOSE', STRINGS.aBevelThroughAnApexAt(apexMm, spineMm), 'angleDeg');
  }
  return ok({
    section: cut.section,
    removedAreaMm2,
    right,
    left,
    thicknessBehindEdgeMm: thicknessAtMm(cut.section, highest) ?? 0,
    apexMm,
  });
};
