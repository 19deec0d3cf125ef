/** The work: the steps in their order, with what the operator changed in them. */
import { ok } from '../../../units';
import type { Changeable } from '../../choices';
import {
  heldSides,
  liftsOver,
  TIP_TEXT,
  tipWork,
  wantsOutlineStep,
  type BladeWork,
} from '../../cuts';
import {
  applyChanges,
  extraZones,
  gatesOf,
  readiedAgain,
  hasWideBevel,
  secondsOf,
  stepMaker,
  withKeys,
  withOwnPatterns,
  withReadySteps,
  withSpeed,
  type ReadyWork,
} from '../../steps';
import { isOneSided } from '../../../blade';
import type { Phase } from '../context';
import type { ProgressionPart, StockPart, WorkPart } from '../parts';
import { sectionWorkOf, type SectionedContext } from './stock';

interface Progressed extends SectionedContext {
  readonly stock: StockPart;
  readonly progression: ProgressionPart;
}

/** Changes after which other stones are made ready, or in another order. */
const RESTONES: readonly Changeable[] = ['stone', 'order', 'left out'];

/** Never fails: a part of the blade that has no stones is named as the problem. */
export const workPhase: Phase<Progressed, WorkPart> = (context) => {
  const { input, kind, strategy, curves, angle, outline, section, progression } = context;
  const { measures, choices, damage } = input;
  const work = bladeWorkOf(context);
  const lifts = liftsOver(outline.curvesAfter, strategy);
  const isLifted = !strategy.toolMoves && !strategy.twoEdges;
  const make = stepMaker({
    kind,
    steel: input.steel,
    rack: withSpeed(input.rack, input.machine),
    machine: input.machine,
    choices,
    angleDeg: angle.angleDeg,
    bevelFaceMm: section.bevelFaceMm,
    edgeLengthMm: measures.edgeLengthMm,
    hasFaults: wantsOutlineStep(kind, outline.faults),
    hasChips: outline.faults.some(({ kind: found }) => found === 'chip' || found === 'pit'),
    hasLowSpots: damage.some(({ kind: found }) => found === 'low spot'),
    damage,
    answers: input.answers,
    extraZones: extraZones(kind, input.answers, damage, measures.edgeLengthMm),
    behindEdgeMm: section.behindEdgeMm,
    flatSideDeg: strategy.flatSideDeg,
    wideBevel: hasWideBevel(kind),
    scrubsBurr:
      (kind.grind === 'two-sided flat' || kind.grind === 'two-sided with ridge') &&
      input.machine?.kind !== 'clamp rig',
    groundAt: strategy.groundAt,
    liftsAt: isLifted ? lifts.liftsAt : () => [],
    stationLiftsAt: isLifted ? lifts.stationLiftsAt : () => [],
    work,
  });
  const tip = strategy.twoEdges
    ? null
    : tipWork(damage, curves, measures.spineTipMm, choices.kind.tipWay);
  const tipSteps = tip ? make.tip(TIP_TEXT[tip.chosen.way], tip.volumeMm3) : [];
  const ready: ReadyWork = {
    rack: input.rack,
    flatAtEveryGrit: isOneSided(kind),
    onRig: input.machine?.kind === 'clamp rig',
  };
  const made = withReadySteps(
    [...make.protect(), ...make.highSpots(), ...tipSteps, ...strategy.steps(make, work)],
    ready,
  );
  const computed = withOwnPatterns(withKeys(made), choices.ownPatterns).map((step) => ({
    ...step,
    gates: gatesOf(step, choices.burrPolicy),
  }));
  const { steps: changed, unplaced } = applyChanges(computed, choices.changes, choices.added, make);
  const steps = choices.changes.some(({ what }) => RESTONES.includes(what))
    ? readiedAgain(changed, ready)
    : changed;
  return ok({
    steps,
    computed,
    unplaced,
    seconds: secondsOf(steps, input.rack),
    problem: progression.error ?? make.problem(),
    isLifted,
    held: heldSides(lifts, section.ground),
    faultFacts: [...make.highSpotFacts(), ...(tip?.facts ?? [])],
  });
};

/** The work as a kind sees it, for its steps and findings. */
export const bladeWorkOf = (context: Progressed): BladeWork => ({
  ...sectionWorkOf(context),
  sums: context.stock.sums,
  bandSums: context.stock.bands,
  chain: context.progression.chain,
});
