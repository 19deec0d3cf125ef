/**
 * From a judged blade of any kind to a plan: angle with reasons, outline, the stages cut from the section along
 * the edge, steel and height lost, lifts, progression from the rack, and the steps in order with what the
 * operator changed in them. What is particular of a kind stands in `kinds/`.
 */
import { exceeds, fail, ok, type DomainError, type Fact, type Result } from '../../units';
import { interpolate } from '../../geometry';
import { BEVEL_ROLES, reachAtMm, thicknessAtMm, type Section } from '../../section';
import type { EdgeCurves } from '../../outline';
import {
  bevelsOf,
  bladeKind,
  bladeOutline,
  findUse,
  type BladeKind,
  type BladeMeasures,
  type Use,
} from '../../blade';
import {
  whatToBuy,
  type Chain,
  type Missing,
  type ProgressionInput,
  type ProgressionWarning,
} from '../../abrasive';
import { holdingOf, type HeldSide, type Holding } from '../../machine';
import {
  MICRO_ABOVE_DEG,
  MICRO_FACE_MM,
  partChain,
  schoolsOf,
  type AddedStep,
  type Approach,
  type PlanInput,
  type StepChange,
  type ThinDepth,
} from '../choices';
import {
  apexRiseOf,
  bandsOf,
  chooseAngle,
  decideThinning,
  heldSides,
  liftsOver,
  lowestRun,
  outlineWork,
  presentAngle,
  raisedCurves,
  scratchTopMm,
  shapesAlong,
  TIP_WORDS,
  tipWork,
  topOf,
  workAlong,
  workedAt,
  type BladeWork,
  type GroundSide,
  type MicroWanted,
  type OutlineWork,
  type Place,
  type Shape,
  type StageSum,
  type StageSums,
  type Wanted,
  type WorkedStage,
} from '../cuts';
import {
  adviceOnStones,
  applyChanges,
  edgeChains,
  finishWantedUm,
  secondsOf,
  stepMaker,
  withKeys,
  withSpeed,
  type PlanStep,
} from '../steps';
import { strategyOf, type BladeStrategy } from '../kinds';
import { costOf, planFigures, type AngleOption, type PlanFigures } from './figures';

export interface BladePlan {
  /** The school followed; null where the angle was set by hand. */
  readonly approach: Approach | null;
  readonly angleDeg: number;
  readonly figures: PlanFigures;
  /** What a colleague would ask of this kind of blade. */
  readonly facts: readonly Fact[];
  readonly shoulderLabel: string;
  /** Whether thickness behind the edge means anything for it. */
  readonly isThinned: boolean;
  /** The blade's own spine sets the angle. */
  readonly isGuided: boolean;
  readonly options: readonly AngleOption[];
  readonly outline: OutlineWork;
  readonly thinning: {
    readonly advised: boolean;
    readonly done: boolean;
    readonly reason: string;
    /** Half way along, from the edge up, each lower than the last. */
    readonly bands: readonly { readonly angleDeg: number; readonly fromMm: number }[];
    readonly depth: ThinDepth | null;
    /** Of the old bevel, left to be seen. */
    readonly remnantMm: number | null;
    /** Above the new edge: how far up the scratches show. */
    readonly scratchTopMm: number;
    readonly removedMm3: number;
  };
  readonly curves: EdgeCurves;
  /** The edge after the work, and the spine as it is. */
  readonly curvesAfter: EdgeCurves;
  /** How the angle is held with what was chosen. */
  readonly holding: Holding;
  /** The sides as they are held, each with its stations: one where they are held alike. */
  readonly held: readonly HeldSide[];
  /** Half way along: as it came, after each stage of the work, and at its end. */
  readonly sections: {
    readonly before: Section;
    readonly after: Section;
    readonly stages: readonly WorkedStage[];
    readonly riseMm: number;
    readonly ground: readonly GroundSide[];
  };
  readonly finishUm: readonly [number, number];
  /** As computed, before the operator's changes. */
  readonly computedSteps: readonly PlanStep[];
  readonly steps: readonly PlanStep[];
  /** The operator's changes that have no step to stand on now: kept, and told. */
  readonly unplaced: readonly (StepChange | AddedStep)[];
  /** What was followed where good practitioners disagree. */
  readonly schools: readonly { readonly question: string; readonly school: string }[];
  /** What the first stone of the edge must take, and the face its scratches lie on. */
  readonly edgeWork: ProgressionInput['work'];
  readonly alternatives: readonly Chain[];
  readonly progressionError: DomainError | null;
  /** What a colleague would say of these stones. */
  readonly advice: readonly ProgressionWarning[];
  /** The abrasive that would close the gap, where none leads to the finish. */
  readonly toBuy: Missing | null;
  readonly warnings: readonly string[];
}

/** A plan, or why there can be none. Errors name the field at fault. */
export const planBlade = (input: PlanInput): Result<BladePlan> => {
  const { measures, choices, steel, answers } = input;
  const kind = bladeKind(measures.kindId);
  const use = findUse(input.useId);
  const present = presentAngle(input, kind);
  if (!present.ok) return present;
  const strategy = strategyOf({ input, kind, use, answers, presentDeg: present.value.value });
  const middlePlace: Place = {
    heightMm: measures.heightMiddleMm,
    thicknessMm: measures.spineMiddleMm,
    exact: true,
  };
  const middle = strategy.shapeAt(middlePlace);
  if (!middle.ok) {
    const field = middle.error.field?.replace('section.', '');
    return fail(
      middle.error.code,
      middle.error.message,
      field === 'angleDeg' ? 'presentAnglePerSideDeg' : field,
    );
  }
  const shape = middle.value;
  const angled = chooseAngle(input, strategy, use, present.value.value, shape.primaryDeg);
  if (!angled.ok) return angled;
  const { advice, chosen, angleDeg } = angled.value;

  const curves = bladeOutline(measures);
  const outlined = outlineWork(input, curves);
  if (!outlined.ok) return outlined;
  const { faults, repair, depthAlong } = outlined.value;
  const tiredMm = apexRiseOf(input);
  const riseAt = (atDeg: number): number => tiredMm + strategy.extraRiseMm(atDeg);
  const local = shapesAlong(strategy, curves, present.value.value);
  const micro = microWanted(input, strategy);
  const deepAt = (zMm: number): number => interpolate(depthAlong, zMm);
  const middleDepthMm = deepAt(measures.edgeLengthMm / 2);
  const along = (wanted: Wanted) =>
    workAlong(strategy, local, (zMm) => riseAt(wanted.angleDeg) + deepAt(zMm), wanted);

  const apexRiseMm = riseAt(angleDeg);
  const middleRiseMm = apexRiseMm + middleDepthMm;
  const plainWanted: Wanted = { angleDeg, thinning: null, micro };
  const plainMiddle = workedAt(strategy, shape, middleRiseMm, plainWanted);
  if (!plainMiddle.ok) return plainMiddle;
  const decided = decideThinning({
    choices,
    use,
    isThinned: strategy.isThinned,
    presentDeg: present.value.value,
    thicknessAfterMm: behindEdge(measures, shape, plainMiddle.value, bevelsOf(kind)),
    riseMm: middleRiseMm,
  });
  const { limitMm, wanted: thinning } = decided;
  const wanted: Wanted = { angleDeg, thinning, micro };
  const workedMiddle = thinning ? workedAt(strategy, shape, middleRiseMm, wanted) : plainMiddle;
  if (!workedMiddle.ok) return workedMiddle;
  const stagesMiddle = workedMiddle.value;
  const bands = bandsOf(stagesMiddle);
  const totals = along(wanted);
  const partWork = {
    angleDeg,
    micro,
    shape,
    stages: stagesMiddle,
    riseMm: middleRiseMm,
    apexRiseMm,
    bands,
    remnantMm: thinning?.remnantMm ?? 0,
  };
  const sums = strategy.sumsOf ? strategy.sumsOf(totals.sums, partWork) : totals.sums;
  const behindEdgeMm = behindEdge(measures, shape, stagesMiddle, bevelsOf(kind));
  const bevelFaceMm = bevelFace(stagesMiddle, strategy.groundAt(angleDeg));

  const finishUm = finishWantedUm(input, use);
  const chains = edgeChains(input, finishUm);
  const stockOf = strategy.stockOf ?? edgeStock;
  const stock = stockOf(sums);
  const progression = chains.chainFor(stock);
  const options = advice.map((option): AngleOption => {
    if (option.angleDeg <= shape.primaryDeg) {
      return { ...option, steelLost: null, edgeTime: null, heightLost: null };
    }
    // The chosen angle has been worked already, unless it is thinned too.
    const same = option.angleDeg === angleDeg && !thinning;
    const raw = same
      ? totals.sums
      : along({ angleDeg: option.angleDeg, thinning: null, micro }).sums;
    const of = strategy.sumsOf
      ? strategy.sumsOf(raw, { ...partWork, angleDeg: option.angleDeg, bands: [] })
      : raw;
    const chain = chains.chainFor(stockOf(of));
    return { ...option, ...costOf(of, chain, riseAt(option.angleDeg), repair.maxDepthMm) };
  });

  const raised = raisedCurves(curves, depthAlong, apexRiseMm);
  const lifts = liftsOver(raised, strategy);
  const held = heldSides(lifts, strategy.groundAt(angleDeg));
  const work: BladeWork = {
    ...partWork,
    sums,
    chain: progression.ok ? progression.value : null,
  };
  const make = stepMaker({
    kind,
    steel,
    rack: withSpeed(input.rack, input.machine),
    machine: input.machine,
    choices,
    angleDeg,
    bevelFaceMm,
    edgeLengthMm: measures.edgeLengthMm,
    hasFaults: faults.length > 0,
    hasChips: faults.some(({ kind: found }) => found === 'chip'),
    hasLowSpots: input.damage.some(({ kind: found }) => found === 'low spot'),
    groundAt: strategy.groundAt,
    liftsAt: lifts.liftsAt,
    stationLiftsAt: lifts.stationLiftsAt,
    work,
  });
  const tip = tipWork(input.damage, curves, measures.spineTipMm, choices.kind.tipWay);
  const tipSteps = tip ? make.tip(TIP_WORDS[tip.chosen.way], tip.volumeMm3) : [];
  const computed = withKeys([...tipSteps, ...strategy.steps(make, work)]);
  const { steps, unplaced } = applyChanges(computed, choices.changes, choices.added, make.heldAt);
  const seconds = secondsOf(steps, input.rack);
  const heightLostMm = apexRiseMm + repair.maxDepthMm;
  const figures = planFigures({
    input,
    chosen,
    present: present.value,
    primaryDeg: shape.primaryDeg,
    bevelHeightMm: shape.bevelHeightMm,
    bevels: bevelsOf(kind),
    angleDeg,
    apexRiseMm,
    deepestRepairMm: repair.maxDepthMm,
    middleRiseMm,
    bevelFaceMm,
    behindEdgeMm,
    insideOldBevel: isInsideOldBevel(stagesMiddle),
    thinned: thinning !== null,
    limitMm,
    sums,
    stations: local.length,
    steps,
    seconds,
  });

  const isGuided = strategy.guidedDeg !== null;
  return ok({
    approach: choices.angleDeg === null || isGuided ? chosen.approach : null,
    angleDeg,
    figures,
    facts: [...strategy.facts(work), ...(tip?.facts ?? [])],
    shoulderLabel: strategy.shoulderLabel,
    isThinned: strategy.isThinned,
    isGuided,
    options,
    outline: outlined.value,
    thinning: {
      advised: decided.advised,
      done: thinning !== null,
      reason: decided.reason,
      bands,
      depth: decided.depth,
      remnantMm: thinning?.remnantMm ?? null,
      scratchTopMm: scratchTopMm(partWork),
      removedMm3: sums.thinning.mm3,
    },
    curves,
    curvesAfter: raised,
    holding: holdingOf({
      machine: input.machine,
      held,
      bevelFaceMm,
      edge: raised.edge,
      faceLeanDeg: bevelsOf(kind) === 1 ? 0 : shape.primaryDeg,
      stones: (work.chain?.steps ?? []).map(({ id }) => input.rack.find((each) => each.id === id)!),
    }),
    held,
    sections: {
      before: shape.section,
      after: stagesMiddle.at(-1)!.section,
      stages: stagesMiddle,
      riseMm: middleRiseMm,
      ground: strategy.groundAt(angleDeg),
    },
    finishUm,
    computedSteps: computed,
    steps,
    unplaced,
    schools: schoolsOf(choices),
    edgeWork: { stockMm3: stock.mm3, faceAreaMm2: stock.faceMm2 },
    alternatives: progression.ok ? (progression.value.alternatives ?? []) : [],
    progressionError: progression.ok ? make.problem() : progression.error,
    advice: progression.ok ? adviceOnStones(input, progression.value) : [],
    toBuy: progression.ok ? null : whatToBuy(chains.asked({ mm3: 0, faceMm2: 0 })),
    warnings: [
      ...strategy.warnings(work),
      ...warningsFor(input, kind, use, angleDeg, heightLostMm, sums, totals.notWorked),
    ],
  });
};

/** The steel the stones of the edge take: the bevel, and on an axe its rounding with it. */
const edgeStock = ({ edge, round }: StageSums): StageSum => ({
  mm3: edge.mm3 + round.mm3,
  faceMm2: edge.faceMm2 + round.faceMm2,
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
  if (isInsideOldBevel(stages)) return measures.thicknessBehindEdgeMm;
  const edge = stages.find(({ id }) => id === 'edge')!;
  const top = topOf(edge.section, { roles: ['new bevel'] }) ?? shape.bevelHeightMm;
  const across = bevels === 1 ? reachAtMm : thicknessAtMm;
  return across(edge.section, top) ?? 0;
};

/** Width of the new bevel on one side, the wider where they differ. */
const bevelFace = (
  stages: readonly WorkedStage[],
  ground: ReturnType<BladeStrategy['groundAt']>,
): number => {
  const edge = stages.find(({ id }) => id === 'edge')!;
  return Math.max(
    ...ground.map(
      ({ side }) => lowestRun(edge.section, { side, roles: ['new bevel'] })?.widthMm ?? 0,
    ),
  );
};

const warningsFor = (
  input: PlanInput,
  kind: BladeKind,
  use: Use,
  angleDeg: number,
  heightLostMm: number,
  sums: StageSums,
  notWorked: number,
): string[] => {
  const warnings: string[] = [];
  const { measures } = input;
  if (angleDeg < use.angleDeg[0] - 2) {
    warnings.push(
      `${angleDeg.toFixed(1)}° per side is low for ${use.label.toLowerCase()}: it may chip or roll.`,
    );
  }
  if (angleDeg > use.angleDeg[1] + 4) {
    warnings.push(
      `${angleDeg.toFixed(1)}° per side is steep for ${use.label.toLowerCase()}: it will not cut easily.`,
    );
  }
  if (measures.heightHeelMm - heightLostMm < kind.minHeightMm) {
    warnings.push(
      `The heel will be ${(measures.heightHeelMm - heightLostMm).toFixed(1)} mm high; below ${kind.minHeightMm} mm a ${kind.label.toLowerCase()} is spent. Tell the owner.`,
    );
  }
  if (notWorked > 0) {
    warnings.push('At the tip the new bevel would reach the spine; work the tip by eye.');
  }
  if (sums.thinning.mm3 > 0) {
    warnings.push(
      'Thinning changes the look of the blade and takes steel that does not come back: get a yes first.',
    );
  }
  return warnings;
};
