/** A settled plan as a file of its own format: docs/formats.md and docs/plan.schema.json say what stands in it. */
import { PLAN_FORMAT, PLAN_FORMAT_VERSION, type PlanFile } from '@patient-edge/contract';
import { bladeKind, type BladePlan, type PlanInput, textOf } from '@patient-edge/core';

export const planFileOf = (bladeName: string, input: PlanInput, plan: BladePlan): PlanFile => ({
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
  result: {
    anglePerSideDeg: plan.angle.angleDeg,
    steelMm3: plan.report.figures.steelLost.value,
    heightLostMm: plan.report.figures.heightLost.value,
    workingSeconds: plan.report.figures.workingTime.value,
    schools: plan.report.schools,
    figures: plan.report.facts.map(({ label, figure }) => ({
      label,
      value: figure.value,
      unit: figure.unit,
    })),
    steps: plan.work.steps.map((step) => ({
      key: step.key,
      operation: step.operation,
      title: textOf(step.title),
      instruction: textOf(step.instruction),
      stone: input.rack.find(({ id }) => id === step.stoneId)?.name ?? null,
      zone: textOf(step.zone),
      anglePerSideDeg: step.angleDeg,
      sides: step.sides.map(({ side, angleDeg, strokes }) => ({ side, angleDeg, strokes })),
      forceN: step.forceN,
      direction: step.direction,
      pattern: step.pattern && textOf(step.pattern),
      steelMm3: step.removeMm3,
      seconds: step.seconds,
      check: textOf(step.check),
      before: step.before && textOf(step.before),
      caution: step.caution && textOf(step.caution),
    })),
  },
});
