/** From a judged blade to a plan, phase by phase. */
export { STAGE_LABELS, type PlanFigures } from './figures';
export { planBlade, type BladePlan } from './plan';
