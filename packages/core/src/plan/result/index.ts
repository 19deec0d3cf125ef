/** A plan as others read it: one shape for the plan file, the bench card and whoever computes a plan from outside. */
export {
  planResult,
  STEP_GATES,
  type PlanResult,
  type ResultStep,
  type StepGateCode,
} from './plan-result';
