/** The section half way along: whether it is thinned, the stages cut from it, and what they leave. */
import { exceeds, ok } from '../../../units';
import { BEVEL_ROLES, reachAtMm, thicknessAtMm } from '../../../section';
import { bevelsOf, type BladeMeasures } from '../../../blade';
import { MICRO_ABOVE_DEG, MICRO_FACE_MM, partChain, type PlanInput } from '../../choices';
import {
  bandsOf,
  checkBands,
  decideThinning,
  hasThinningStone,
  lowestRun,
  scratchTopMm,
  topOf,
  workedAt,
  type GroundSide,
  type MicroWanted,
  type Shape,
  type Wanted,
  type WorkedStage,
} from '../../cuts';
import type { BladeStrategy } from '../../kinds';
import { repairDepthAt, type Phase, type PlanContext } from '../context';
import type { AnglePart, OutlinePart, SectionPart } from '../parts';

/** Errors: CUT_DOES_NOT_CLOSE, and those of the bands. */
export const sectionPhase: Phase<
  PlanContext & { readonly angle: AnglePart; readonly outline: OutlinePart },
  SectionPart
> = ({ input, kind, use, strategy, shape, angle, outline }) => {
  const { measures, choices } = input;
  const { angleDeg } = angle;
  const bevels = bevelsOf(kind);
  const riseMm = outline.apexRiseMm + repairDepthAt(outline, measures.edgeLengthMm / 2);
  const micro = microWanted(input, strategy);
  const plain = workedAt(strategy, shape, riseMm, { angleDeg, thinning: null, micro });
  if (!plain.ok) return plain;
  const decided = decideThinning({
    choices,
    use,
    isThinned: strategy.isThinned,
    hasCoarseStone: hasThinningStone(input.rack, choices),
    thicknessMm: measures.thicknessBehindEdgeMm,
    sigmaMm: input.thicknessSigmaMm ?? 0,
    thicknessAfterMm: behindEdge(measures, shape, plain.value, bevels),
  });
  if (decided.wanted?.bands) {
    const fall = checkBands(shape, decided.wanted.bands);
    if (!fall.ok) return fall;
  }
  const wanted: Wanted = { angleDeg, thinning: decided.wanted, micro };
  const worked = wanted.thinning ? workedAt(strategy, shape, riseMm, wanted) : plain;
  if (!worked.ok) return worked;
  const stages = worked.value;
  const ground = strategy.groundAt(angleDeg);
  return ok({
    shape,
    before: shape.section,
    after: stages.at(-1)!.section,
    stages,
    riseMm,
    ground,
    micro,
    thinning: {
      advised: decided.advised,
      done: wanted.thinning !== null,
      reason: decided.reason,
      bands: bandsOf(stages, riseMm),
      depth: decided.depth,
      remnantMm: wanted.thinning?.remnantMm ?? null,
      stopMm: wanted.thinning?.stopMm ?? null,
      scratchTopMm: scratchTopMm({ stages, riseMm }),
      limitMm: decided.limitMm,
      notDone: decided.notDone,
    },
    isThinned: strategy.isThinned,
    shoulderLabel: strategy.shoulderLabel,
    bevelFaceMm: bevelFace(stages, ground),
    behindEdgeMm: behindEdge(measures, shape, stages, bevels),
    insideOldBevel: isInsideOldBevel(stages),
  });
};

/** What is cut, for the stations along the edge as for the middle. */
export const wantedOf = (
  { angleDeg }: Pick<AnglePart, 'angleDeg'>,
  input: PlanInput,
  { micro, thinning }: Pick<SectionPart, 'micro' | 'thinning'>,
): Wanted => ({
  angleDeg,
  thinning:
    thinning.remnantMm === null
      ? null
      : {
          targets: input.choices.thinTo,
          remnantMm: thinning.remnantMm,
          stopMm: thinning.stopMm,
          bands: input.choices.thinBands,
        },
  micro,
});

/** A micro bevel where one was asked for, the school wants one, or kind or steel need it. */
const microWanted = (
  { choices, steel }: PlanInput,
  strategy: BladeStrategy,
): MicroWanted | null => {
  const part = partChain(choices.chains, 'micro');
  const usual: MicroWanted = strategy.microUsual ?? {
    aboveDeg: MICRO_ABOVE_DEG,
    faceMm: MICRO_FACE_MM,
  };
  if (part) return { ...usual, faceMm: part.faceMm ?? usual.faceMm };
  switch (choices.practice.micro) {
    case 'never':
      return null;
    case 'always small':
      return usual;
    case 'only when brittle':
      return strategy.microUsual !== null || steel.edge === 'chippy' ? usual : null;
  }
};

/** A steeper bevel that ends inside the old one leaves the old shoulder, and its thickness, where it was. */
const isInsideOldBevel = (stages: readonly WorkedStage[]): boolean => {
  const edge = stages.find(({ id }) => id === 'edge');
  const old = edge ? topOf(edge.section, { roles: BEVEL_ROLES }) : null;
  const fresh = edge ? topOf(edge.section, { roles: ['new bevel'] }) : null;
  return old !== null && exceeds(old, fresh ?? -Infinity);
};

/** At the top of the new bevel; on a blade ground on one side from its plane, whatever is hollow in the back. */
const behindEdge = (
  measures: BladeMeasures,
  shape: Shape,
  stages: readonly WorkedStage[],
  bevels: 1 | 2,
): number => {
  const edge = stages.find(({ id }) => id === 'edge')!;
  const across = bevels === 1 ? reachAtMm : thicknessAtMm;
  if (isInsideOldBevel(stages)) {
    // The old shoulder is where it was, unless bands have taken it lower.
    const isThinned = stages.some(({ id }) => id === 'thinning');
    const shoulder = isThinned ? topOf(edge.section, { roles: BEVEL_ROLES }) : null;
    return (
      (shoulder === null ? null : across(edge.section, shoulder)) ?? measures.thicknessBehindEdgeMm
    );
  }
  const top = topOf(edge.section, { roles: ['new bevel'] }) ?? shape.bevelHeightMm;
  return across(edge.section, top) ?? 0;
};

/** Width of the new bevel on one side, the wider where they differ. */
const bevelFace = (stages: readonly WorkedStage[], ground: readonly GroundSide[]): number => {
  const edge = stages.find(({ id }) => id === 'edge')!;
  return Math.max(
    ...ground.map(
      ({ side }) => lowestRun(edge.section, { side, roles: ['new bevel'] })?.widthMm ?? 0,
    ),
  );
};
