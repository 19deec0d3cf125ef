/** Two ways through the years (docs/method.md, G12): cutting the edge alone, or thinning a little at each visit. */
import { mm, perSide, toRadians } from '../units';
import {
  cutBothSides,
  cutSection,
  JOINT,
  jointLine,
  measureFace,
  thicknessAtMm,
  type FlatGrind,
} from '../section';

export interface YearsVisit {
  readonly thicknessBehindEdgeMm: number;
  readonly heightMm: number;
  /** This visit, per mm of edge: mm². */
  readonly removedAreaMm2: number;
}

export interface Years {
  readonly visits: readonly YearsVisit[];
  /** All visits, over the whole edge, mm³. */
  readonly steelMm3: number;
  readonly seconds: number;
}

export interface YearsInput {
  readonly blade: FlatGrind;
  readonly apexRisePerVisitMm: number;
  readonly visits: number;
  readonly edgeLengthMm: number;
  /** How fast the bench takes steel: K · F · v, mm³/s. */
  readonly removalMm3PerS: number;
  /** Degrees above the primary at which it is thinned. */
  readonly thinAboveDeg: number;
}

/** The same section worked visit after visit, by cuts; it ends early when a cut would reach the spine. */
const through = (input: YearsInput, thinning: boolean): Years => {
  const { blade, apexRisePerVisitMm: rise } = input;
  const { angleDeg, heightMm, thicknessBehindEdgeMm } = blade.measures;
  const angle = perSide(angleDeg);
  const lower = perSide(blade.primaryAngle + input.thinAboveDeg);
  const keptMm = thicknessBehindEdgeMm / 2 / Math.tan(toRadians(angle));
  const visits: YearsVisit[] = [];
  let { section } = blade;
  for (let visit = 1; visit <= input.visits; visit += 1) {
    const apexMm = visit * rise;
    if (apexMm >= heightMm) break;
    const joint = cutSection(section, jointLine(mm(apexMm)), JOINT);
    const bevelled = cutBothSides(joint.section, angle, 0, apexMm, 'bevel');
    let worked = bevelled.section;
    let removedAreaMm2 = joint.removedAreaMm2 + bevelled.removedAreaMm2;
    if (thinning) {
      const thinned = cutBothSides(
        worked,
        lower,
        thicknessBehindEdgeMm / 2,
        apexMm + keptMm,
        'primary',
      );
      worked = thinned.section;
      removedAreaMm2 += thinned.removedAreaMm2;
    }
    const shoulder = measureFace(worked, { side: 'right', roles: ['bevel'] });
    if (!shoulder || shoulder.topYMm >= heightMm) break;
    section = worked;
    visits.push({
      thicknessBehindEdgeMm: thicknessAtMm(worked, shoulder.topYMm) ?? 0,
      heightMm: heightMm - apexMm,
      removedAreaMm2,
    });
  }
  const steelMm3 =
    visits.reduce((sum, { removedAreaMm2 }) => sum + removedAreaMm2, 0) * input.edgeLengthMm;
  return { visits, steelMm3, seconds: steelMm3 / input.removalMm3PerS };
};

export const compareYears = (input: YearsInput): { edgeOnly: Years; thinEachTime: Years } => ({
  edgeOnly: through(input, false),
  thinEachTime: through(input, true),
});
