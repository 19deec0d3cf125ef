/** A plan as others read it: one shape for the plan file, the bench card and whoever computes a plan from outside. */
export { planResult, type PlanResult, type ResultStep } from './plan-result';
