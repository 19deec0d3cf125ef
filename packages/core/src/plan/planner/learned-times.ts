/** How long a plan takes by the bench's own rates, beside what the model alone foresees. */
import { abrasiveKind, type RackStone } from '../../abrasive';
import {
  bladeTime,
  stepTime,
  type BladeRates,
  type StepTime,
  type TimeQuantiles,
} from '../../record';
import type { BladePlan } from './parts';
import { workingRange } from './working-range';

export interface LearnedTimes {
  /** By the key of a step; steps without a stone, and those on a machine, stay as foreseen. */
  readonly steps: ReadonlyMap<string, StepTime>;
  readonly total: TimeQuantiles;
  /** Records of the steel and of the person; null while nothing was learnt. */
  readonly records: { readonly steel: number; readonly person: number } | null;
}

/** Without rates the times are those of the model. */
export const learnedTimes = (
  plan: Pick<BladePlan, 'work' | 'report'>,
  rack: readonly Pick<RackStone, 'id' | 'kind'>[],
  rates: BladeRates | null,
): LearnedTimes => {
  const p50Seconds = plan.report.figures.workingTime.value;
  if (rates === null) {
    const { lowS, highS } = workingRange(plan);
    return {
      steps: new Map(),
      total: { p10Seconds: lowS, p50Seconds, p90Seconds: highS },
      records: null,
    };
  }
  const byHand = plan.work.steps.flatMap(({ key, stoneId, seconds }) => {
    const stone = rack.find(({ id }) => id === stoneId);
    // On a machine the pace is the machine's.
    return stone && abrasiveKind(stone.kind).task !== 'machine'
      ? [{ key, stoneId: stone.id, seconds }]
      : [];
  });
  const known = p50Seconds - byHand.reduce((sum, { seconds }) => sum + seconds, 0);
  return {
    steps: new Map(
      byHand.map(({ key, stoneId, seconds }) => [key, stepTime(seconds, stoneId, rates)]),
    ),
    total: bladeTime(byHand, rates, known),
    records: { steel: rates.steelRecords, person: rates.personRecords },
  };
};
