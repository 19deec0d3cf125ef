/** A settled plan as a file of its own format: docs/formats.md and docs/plan.schema.json say what stands in it. */
import { PLAN_FORMAT, PLAN_FORMAT_VERSION, type PlanFile } from '@patient-edge/contract';
import {
  bladeKind,
  planResult,
  type BladePlan,
  type PlanInput,
  type PriceTerms,
} from '@patient-edge/core';

export const planFileOf = (
  bladeName: string,
  input: PlanInput,
  plan: BladePlan,
  terms: PriceTerms,
): PlanFile => ({
  format: PLAN_FORMAT,
  version: PLAN_FORMAT_VERSION,
  blade: {
    kindId: input.measures.kindId,
    kind: bladeKind(input.measures.kindId).label,
    name: bladeName,
    steel: input.steel.designation,
    edgeLengthMm: input.measures.edgeLengthMm,
  },
  choices: input.choices,
  result: planResult(input, plan, terms),
});
