/** What an estimate is made from: the blade as it is, and the plan where there is one. */
import { totalRange } from '../abrasive/time-range';
import { bladeKind } from '../blade/kinds';
import { numberAnswer } from '../intake/questions';
import type { BladePlan } from '../plan/plan';
import type { PlanInput } from '../plan/input';
import type { EstimateFacts } from './estimate';

/** Minutes at the bench, 10th to 90th percentile. */
const minutesOf = (plan: BladePlan): readonly [number, number] => {
  const { lowS, highS } = totalRange(plan.steps.map(({ seconds }) => seconds));
  return [lowS / 60, highS / 60];
};

export const estimateFactsOf = (
  { measures, damage, answers }: Pick<PlanInput, 'measures' | 'damage' | 'answers'>,
  plan: BladePlan | null,
): EstimateFacts => {
  const kind = bladeKind(measures.kindId);
  const pitch = numberAnswer(answers, 'pitchMm');
  return {
    kind,
    edgeLengthMm: Math.round(measures.edgeLengthMm),
    damage,
    thin: plan?.thinning.done ?? false,
    scallops:
      kind.grind === 'serrated' && pitch !== null
        ? Math.floor(measures.edgeLengthMm / pitch)
        : null,
    minutes: plan ? minutesOf(plan) : null,
  };
};
