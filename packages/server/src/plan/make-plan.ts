/** Computes a job's plan from its record, the rack and the operator's choices, and keeps it with its steps. */
import { toMachine, toRack, type PlanRecord } from '@patient-edge/contract';
import {
  bladeKind,
  findUse,
  judge,
  lengthSigmaMm,
  plannedAgainWith,
  questionsOfSteps,
  withDefaults,
  type BladePlan,
  type MeasuredAtBench,
  type PlanChoices,
  type PlanInput,
  type Said,
} from '@patient-edge/core';
import { addSteps, deleteUnworkedSteps, supersedeSteps } from '../bench/queries';
import type { Compute } from '../compute/compute';
import type { Queryable } from '../database/pool';
import { conflict, fromCraft, invalid } from '../http/errors';
import { damageOfJob, setPlan, type JobRow } from '../jobs/queries';
import { ALL_BY_CALIPER, measuresOf } from '../jobs/rows';
import { findMachine } from '../machines/queries';
import { steelNamed } from '../steels/queries';
import { listStones } from '../stones/queries';
import { addVersion } from './queries';
import { STRINGS } from './strings';

export const recordOf = (
  plan: BladePlan,
  choices: PlanChoices,
  measured?: MeasuredAtBench,
): PlanRecord => ({
  choices,
  ...(measured && { measured }),
  angleDeg: plan.angle.angleDeg,
  figures: plan.report.figures,
  facts: plan.report.facts,
  schools: plan.report.schools,
  setAgain: plan.report.holding.setAgain,
  finishUm: plan.progression.finishUm,
  outlineVerdict: plan.outline.verdict,
  thinningReason: plan.section.thinning.reason,
  warnings: [...plan.report.warnings, ...plan.progression.advice.map(({ message }) => message)],
});

const NOTHING_MEASURED: MeasuredAtBench = { behindEdgeMm: null, angleDeg: null };

/** What a plan of that job is made from. Refuses a machine that is not in use. */
export const planInputOf = async (
  db: Queryable,
  row: JobRow,
  choices: PlanChoices,
  /** What was measured again at the bench. */
  measured: MeasuredAtBench = row.planRecord?.measured ?? NOTHING_MEASURED,
): Promise<PlanInput> => {
  const steel = await steelNamed(db, row.steel);
  if (!steel)
    throw new Error(`Job ${row.id} names a steel that is not in the tables: ${row.steel}`);
  const machine =
    choices.machineId === null ? null : await findMachine(db, Number(choices.machineId));
  if (machine === undefined || machine?.retired) {
    throw invalid([{ field: 'choices.machineId', message: STRINGS.machineItIsNotInUse }]);
  }
  const input = {
    measures: measuresOf(row),
    steel,
    useId: row.useId,
    sharpness: row.sharpness,
    carefulHands: Boolean(row.carefulHands),
    damage: await damageOfJob(db, row.id),
    answers: row.answers ?? {},
    thicknessSigmaMm: thicknessSigmaOf(row),
    rack: toRack(await listStones(db)),
    machine: machine ? toMachine(machine) : null,
    choices,
  };
  return plannedAgainWith(input, measured);
};

/** How far the thickness behind the edge may be off, by what it was measured with. */
const thicknessSigmaOf = (row: JobRow): number =>
  lengthSigmaMm(
    (row.measuredWith ?? ALL_BY_CALIPER).thicknessBehindEdgeMm,
    row.thicknessBehindEdgeMm,
  );

/** Refuses, with the field at fault, what cannot be planned: a plan without a progression is none. */
export const computedPlan = async (compute: Compute, input: PlanInput): Promise<BladePlan> => {
  const planned = await compute.plan(input);
  if (!planned.ok) throw fromCraft(planned.error);
  if (planned.value.work.problem) throw fromCraft(planned.value.work.problem);
  return planned.value;
};

export const noPlan = (version: number) => conflict(STRINGS.thereIsNoPlanYetSettle, version);

/** What the customer is to be asked before each step of that plan. */
export const asksOf = (
  row: JobRow,
  input: PlanInput,
  plan: BladePlan,
): readonly (readonly Said[])[] => {
  const { consents } = judge({
    kind: bladeKind(row.kindId),
    measures: input.measures,
    steel: input.steel,
    use: findUse(row.useId),
    damage: input.damage,
    answers: input.answers,
    plan,
    thicknessSigmaMm: thicknessSigmaOf(row),
  });
  return questionsOfSteps(plan.work.steps, consents);
};

/** The plan that was settled, computed again for what is printed of it. Refuses a job without one. */
export const settledPlan = async (
  db: Queryable,
  compute: Compute,
  row: JobRow,
): Promise<{ plan: BladePlan; input: PlanInput }> => {
  if (!row.planRecord) throw noPlan(row.version);
  const input = await planInputOf(db, row, withDefaults(row.planRecord.choices));
  return { plan: await computedPlan(compute, input), input };
};

export const makePlan = async (
  db: Queryable,
  compute: Compute,
  row: JobRow,
  choices: PlanChoices,
  by: { readonly staffId: number; readonly reason: string },
): Promise<BladePlan> => {
  const input = await planInputOf(db, row, choices);
  const plan = await computedPlan(compute, input);
  // A plan changed at the bench keeps what was worked before it.
  await deleteUnworkedSteps(db, row.id);
  await supersedeSteps(db, row.id);
  await addSteps(db, row.id, plan.work.steps, asksOf(row, input, plan));
  const stage = row.stage === 'on the bench' ? 'on the bench' : 'planned';
  const record = recordOf(plan, choices);
  await setPlan(db, row.id, stage, choices, record);
  await addVersion(db, row.id, by, choices, record, plan.work.steps);
  return plan;
};
