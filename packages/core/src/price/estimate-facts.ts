/** What an estimate is made from: the blade as it is, and the plan where there is one. */
import { bladeKind } from '../blade';
import { totalRange } from '../abrasive';
import { numberAnswer } from '../intake';
import type { PlanInput } from '../plan/choices';
import type { BladePlan } from '../plan/planner';
import type { TimeQuantiles } from '../record';
import type { EstimateFacts } from './estimate';

/** Minutes at the bench, 10th to 90th percentile. */
const minutesOf = (plan: BladePlan): readonly [number, number] => {
  const { lowS, highS } = totalRange(plan.work.steps.map(({ seconds }) => seconds));
  return [lowS / 60, highS / 60];
};

/**
 * What a price is reckoned from, of a blade and its plan; with times by the bench’s own rates where there are any.
 *
 * @example
 * estimateFactsOf({ measures: usualMeasuresOf('chef', 210), damage: [], answers: {} }, null).minutes; // null
 */
export const estimateFactsOf = (
  { measures, damage, answers }: Pick<PlanInput, 'measures' | 'damage' | 'answers'>,
  plan: BladePlan | null,
  times: TimeQuantiles | null = null,
): EstimateFacts => {
  const kind = bladeKind(measures.kindId);
  const pitch = numberAnswer(answers, 'pitchMm');
  return {
    kind,
    edgeLengthMm: Math.round(measures.edgeLengthMm),
    damage,
    thin: plan?.section.thinning.done ?? false,
    scallops:
      kind.grind === 'serrated' && pitch !== null
        ? Math.floor(measures.edgeLengthMm / pitch)
        : null,
    minutes: times ? [times.p10Seconds / 60, times.p90Seconds / 60] : plan ? minutesOf(plan) : null,
  };
};
