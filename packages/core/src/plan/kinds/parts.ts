/** Cuts and figures that several kinds of blade share. */
import { fact, mm, perSide, said, toRadians, type Fact } from '../../units';
import { JOINT, jointLine, thicknessAtMm } from '../../section';
import type { PlanChoices } from '../choices';
import type { PlanStep } from '../steps';
import {
  faceCut,
  scratchTopMm,
  topOf,
  type BladeWork,
  type CutStage,
  type GroundSide,
  type MicroWanted,
  type StageCut,
} from '../cuts';
import { STRINGS } from './strings';

export const joint = (yMm: number): CutStage => ({
  id: 'outline',
  cuts: [{ line: jointLine(mm(yMm)), face: JOINT, angleDeg: null }],
});

/** The edge bevel: on each ground side a line through the new apex. */
export const edgeStage = (ground: readonly GroundSide[], yMm: number, xMm = 0): CutStage => ({
  id: 'edge',
  cuts: ground.map(({ side, angleDeg }) => faceCut(side, angleDeg, xMm, yMm, 'new bevel')),
});

/**
 * The usual order has the faces before the edge. A maker trues the edge, finishes the faces, then gives a light last edge.
 */
export const inOrder = (
  order: PlanChoices['order'],
  faces: readonly PlanStep[],
  edge: readonly PlanStep[],
  lightLast: readonly PlanStep[],
): readonly PlanStep[] =>
  order === "maker's" ? [...edge, ...faces, ...lightLast] : [...faces, ...edge];

/**
 * A micro bevel of that width: on each ground side a line that begins on the bevel where the face must, so
 * that it comes out at the plane of the apex: bevel used up = w sin(θ + δ) / sin θ.
 */
export const microStage = (
  ground: readonly GroundSide[],
  yMm: number,
  { aboveDeg, faceMm }: MicroWanted,
  xMm = 0,
): CutStage => ({
  id: 'micro',
  cuts: ground.map(({ side, angleDeg }): StageCut => {
    const theta = toRadians(perSide(angleDeg));
    const raisedDeg = angleDeg + aboveDeg;
    const usedMm = (faceMm * Math.sin(toRadians(perSide(raisedDeg)))) / Math.sin(theta);
    return faceCut(
      side,
      raisedDeg,
      xMm + usedMm * Math.sin(theta),
      yMm + usedMm * Math.cos(theta),
      'micro bevel',
    );
  }),
});
/** Full thickness above the new edge at the end of the work, at the heights a caliper is set to. */
export const thicknessFacts = (
  work: BladeWork,
  heights: readonly number[] = [5, 10, 20],
): Fact[] => {
  const last = work.stages.at(-1)?.section ?? work.shape.section;
  return heights.flatMap((at) => {
    const before = thicknessAtMm(work.shape.section, at);
    const after = thicknessAtMm(last, work.riseMm + at);
    if (before === null || after === null) return [];
    return [
      fact(
        `${at} mm above the edge`,
        said(after, 'mm', STRINGS.thicknessHalfWayAlongMmAbove(at), [
          { label: STRINGS.beforeAboveTheOldEdge, value: before, unit: 'mm' },
          { label: STRINGS.apexRiseThere, value: work.riseMm, unit: 'mm' },
        ]),
      ),
    ];
  });
};

const bevelTopMm = (work: BladeWork): number => {
  const edge = work.stages.find(({ id }) => id === 'edge');
  return edge ? (topOf(edge.section, { roles: ['new bevel'] }) ?? work.riseMm) : work.riseMm;
};

/** Core left bare above the new bevel, mm; null where there is no cladding. */
export const bareCoreMm = (work: BladeWork, claddingMm: number | null): number | null =>
  claddingMm === null ? null : claddingMm - bevelTopMm(work);

/** What thinning leaves to be seen. */
export const thinningFacts = (work: BladeWork, claddingMm: number | null): Fact[] => {
  const facts: Fact[] = [];
  if (work.bands.length > 0) {
    facts.push(
      fact(
        'Scratches show up to',
        said(
          scratchTopMm(work),
          'mm',
          STRINGS.whereTheHighestBandRunsOut,
          work.bands.map(({ angleDeg }, index) => ({
            label: STRINGS.band(index + 1),
            value: angleDeg,
            unit: '° per side' as const,
          })),
        ),
      ),
    );
  }
  if (claddingMm !== null) {
    const bevelTop = bevelTopMm(work);
    facts.push(
      fact(
        'Bare core above the bevel',
        said(
          claddingMm - bevelTop,
          'mm',
          STRINGS.theCladdingLineLessTheTop,
          [
            { label: STRINGS.coreBareAboveTheOldEdge, value: claddingMm, unit: 'mm' },
            { label: STRINGS.topOfTheNewBevelAbove, value: bevelTop, unit: 'mm' },
          ],
          STRINGS.claddingBevelTop,
        ),
      ),
    );
  }
  return facts;
};
