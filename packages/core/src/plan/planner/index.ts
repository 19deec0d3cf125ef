/** From a judged blade to a plan, phase by phase. */
export { STAGE_LABELS, type PlanFigures } from './figures';
export type { BladePlan } from './parts';
export { planBlade, planToSection, planToStock, planToWork } from './plan';
export { learnedSteps, learnedTimes, likelySeconds, type LearnedTimes } from './learned-times';
export { workingRange } from './working-range';
