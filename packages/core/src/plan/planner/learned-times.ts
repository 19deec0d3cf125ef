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

type Rack = readonly Pick<RackStone, 'id' | 'kind'>[];
type Steps = BladePlan['work']['steps'];

/** On a machine the pace is the machine's. */
const stepsByHand = (steps: Steps, rack: Rack) =>
  steps.flatMap(({ key, stoneId, seconds }) => {
    const stone = rack.find(({ id }) => id === stoneId);
    return stone && abrasiveKind(stone.kind).task !== 'machine'
      ? [{ key, stoneId: stone.id, seconds }]
      : [];
  });

/** How long steps take by the bench's own rates, by their keys; those without a stone or on a machine are left out. */
export const learnedSteps = (
  steps: Steps,
  rack: Rack,
  rates: BladeRates,
): ReadonlyMap<string, StepTime> =>
  new Map(
    stepsByHand(steps, rack).map(({ key, stoneId, seconds }) => [
      key,
      stepTime(seconds, stoneId, rates),
    ]),
  );

/** How long steps take in all by the bench's own rates, of which the model foresees so many seconds. */
const learnedTotal = (
  steps: Steps,
  seconds: number,
  rack: Rack,
  rates: BladeRates,
): TimeQuantiles => {
  const byHand = stepsByHand(steps, rack);
  return bladeTime(byHand, rates, seconds - byHand.reduce((sum, each) => sum + each.seconds, 0));
};

/** The likely time of all steps, of which the model foresees so many seconds; without rates these. */
export const likelySeconds = (
  steps: Steps,
  seconds: number,
  rack: Rack,
  rates: BladeRates | null,
): number => (rates === null ? seconds : learnedTotal(steps, seconds, rack, rates).p50Seconds);

/** Without rates the times are those of the model. */
export const learnedTimes = (
  plan: Pick<BladePlan, 'work' | 'report'>,
  rack: Rack,
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
  return {
    steps: learnedSteps(plan.work.steps, rack, rates),
    total: learnedTotal(plan.work.steps, p50Seconds, rack, rates),
    records: { steel: rates.steelRecords, person: rates.personRecords },
  };
};
