/** The work: the steps in their order, with what the operator changed in them. */
import { ok } from '../../../units';
import { heldSides, liftsOver, TIP_TEXT, tipWork, type BladeWork } from '../../cuts';
import { applyChanges, secondsOf, stepMaker, withKeys, withSpeed } from '../../steps';
import type { Phase } from '../context';
import type { ProgressionPart, StockPart, WorkPart } from '../parts';
import { sectionWorkOf, type SectionedContext } from './stock';

interface Progressed extends SectionedContext {
  readonly stock: StockPart;
  readonly progression: ProgressionPart;
}

/** Never fails: a part of the blade that has no stones is named as the problem. */
export const workPhase: Phase<Progressed, WorkPart> = (context) => {
  const { input, kind, strategy, curves, angle, outline, section, progression } = context;
  const { measures, choices, damage } = input;
  const work = bladeWorkOf(context);
  const lifts = liftsOver(outline.curvesAfter, strategy);
  const make = stepMaker({
    kind,
    steel: input.steel,
    rack: withSpeed(input.rack, input.machine),
    machine: input.machine,
    choices,
    angleDeg: angle.angleDeg,
    bevelFaceMm: section.bevelFaceMm,
    edgeLengthMm: measures.edgeLengthMm,
    hasFaults: outline.faults.length > 0,
    hasChips: outline.faults.some(({ kind: found }) => found === 'chip'),
    hasLowSpots: damage.some(({ kind: found }) => found === 'low spot'),
    groundAt: strategy.groundAt,
    liftsAt: lifts.liftsAt,
    stationLiftsAt: lifts.stationLiftsAt,
    work,
  });
  const tip = tipWork(damage, curves, measures.spineTipMm, choices.kind.tipWay);
  const tipSteps = tip ? make.tip(TIP_TEXT[tip.chosen.way], tip.volumeMm3) : [];
  const computed = withKeys([...tipSteps, ...strategy.steps(make, work)]);
  const { steps, unplaced } = applyChanges(computed, choices.changes, choices.added, make.heldAt);
  return ok({
    steps,
    computed,
    unplaced,
    seconds: secondsOf(steps, input.rack),
    problem: progression.error ?? make.problem(),
    held: heldSides(lifts, section.ground),
    tipFacts: tip?.facts ?? [],
  });
};

/** The work as a kind sees it, for its steps and findings. */
export const bladeWorkOf = (context: Progressed): BladeWork => ({
  ...sectionWorkOf(context),
  sums: context.stock.sums,
  chain: context.progression.chain,
});
