/** The outline brought up: what is to come out of it, how deep along the edge, and the curves it leaves. */
import { exceeds, ok, type Result } from '../../units';
import { interpolate, type BladePoint } from '../../geometry';
import { repairOutline, type EdgeCurves, type OutlineRepair } from '../../outline';
import { isOneSided, type BladeKind, type Damage, type DamageKind } from '../../blade';
import { OLD_EDGE_RISE_MM, type PlanInput } from '../choices';
import { APEX_RISE_MM, WITH_BEVEL_MM, WITH_FRONT_MM } from './first-guesses';
import { STRINGS } from './strings';

/** What is missing from the outline and has to be worked out of it. */
export const OUTLINE_FAULTS: readonly DamageKind[] = ['chip', 'pit', 'recurve', 'over-ground heel'];
/** Out of the edge with the bevel: no step of its own is made for a chip no deeper. */
const comesWithBevelMm = (kind: BladeKind): number =>
  isOneSided(kind) ? WITH_FRONT_MM : WITH_BEVEL_MM;

/** Whether the outline is worked before the edge: for a hollow always, for chips where the bevel does not reach them. */
export const wantsOutlineStep = (kind: BladeKind, faults: readonly Damage[]): boolean =>
  faults.some(
    ({ kind: found, depthMm }) =>
      (found !== 'chip' && found !== 'pit') || exceeds(depthMm, comesWithBevelMm(kind)),
  );

/** Above this share of the edge raised for a chip the whole edge is said to come up. */
const WHOLE_EDGE_SHARE = 0.6;

export interface OutlineWork {
  /** What is worked out of the outline, without what is left. */
  readonly faults: readonly Damage[];
  readonly repair: OutlineRepair;
  /** Depth along the edge: [z, depth]. */
  readonly depthAlong: readonly BladePoint[];
  /** Share of the edge that has to come up for the faults. */
  readonly raisedShare: number;
  readonly forcesWholeEdge: boolean;
  readonly verdict: string;
}

/** The repair with the whole edge brought up by the deepest fault. */
const jointed = (repair: OutlineRepair): OutlineRepair => ({
  ...repair,
  depthMm: repair.depthMm.map(() => repair.maxDepthMm),
  removedAreaMm2: repair.joint.removedAreaMm2,
});

/** Errors: those of the repair, naming the damage at fault. */
export const outlineWork = (
  { damage, choices }: Pick<PlanInput, 'damage' | 'choices'>,
  { edge }: EdgeCurves,
  atFullLength: boolean,
): Result<OutlineWork> => {
  const faults = damage.filter(
    ({ kind, depthMm, id }) =>
      OUTLINE_FAULTS.includes(kind) && depthMm > 0 && !choices.chipsLeft.includes(id),
  );
  const repaired = repairOutline(
    edge,
    faults.map(({ fromMm, lengthMm, depthMm }) => ({ fromMm, toMm: fromMm + lengthMm, depthMm })),
  );
  if (!repaired.ok) return repaired;
  const repair = atFullLength ? jointed(repaired.value) : repaired.value;
  const raisedShare = raisedShareOf(repair);
  return ok({
    faults,
    repair,
    depthAlong: edge.map(([z], index) => [z, repair.depthMm[index]!]),
    raisedShare,
    forcesWholeEdge: raisedShare >= WHOLE_EDGE_SHARE,
    verdict:
      atFullLength && repair.maxDepthMm > 0
        ? STRINGS.theWholeEdgeComesUpBy(repair.maxDepthMm.toFixed(2))
        : outlineVerdict(repair, raisedShare),
  });
};

const raisedShareOf = (repair: OutlineRepair): number => {
  if (repair.maxDepthMm === 0) return 0;
  const raised = repair.depthMm.filter((depth) => depth > 0.25 * repair.maxDepthMm).length;
  return raised / repair.depthMm.length;
};

const outlineVerdict = (repair: OutlineRepair, share: number): string => {
  if (repair.maxDepthMm === 0) return STRINGS.noChipToTakeOutThe;
  const depth = repair.maxDepthMm.toFixed(2);
  const saved = repair.joint.removedAreaMm2 - repair.removedAreaMm2;
  const percent = Math.round((100 * saved) / repair.joint.removedAreaMm2);
  return share >= WHOLE_EDGE_SHARE
    ? STRINGS.theChipSitsOnTheStraight(depth)
    : STRINGS.theChipCanBeBlendedOf(Math.round(share * 100), depth, percent);
};

/** How far the apex comes up before it is sharp again, the outline apart, mm. */
export const apexRiseOf = ({ sharpness, choices }: PlanInput): number =>
  choices.practice.oldEdge === 'take it off first'
    ? Math.max(OLD_EDGE_RISE_MM, APEX_RISE_MM[sharpness])
    : APEX_RISE_MM[sharpness];

/** The edge after the repair and the new apex; the spine stays. */
export const raisedCurves = (
  curves: EdgeCurves,
  depthAlong: readonly BladePoint[],
  apexRiseMm: number,
): EdgeCurves => ({
  ...curves,
  edge: curves.edge.map(([z, y], index) => {
    const spineY = interpolate(curves.spine, z);
    return [z, Math.min(spineY, y + apexRiseMm + depthAlong[index]![1])];
  }),
});
