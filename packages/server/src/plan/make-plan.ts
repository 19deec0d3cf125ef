/** Computes a job's plan from its record, the rack and the operator's choices, and keeps it with its steps. */
import { toMachine, toRack, type PlanRecord } from '@patient-edge/contract';
import { planBlade, type BladePlan, type PlanChoices } from '@patient-edge/core';
import { addSteps, deleteUnworkedSteps, supersedeSteps } from '../bench/queries';
import type { Queryable } from '../database/pool';
import { fromCraft, invalid } from '../http/errors';
import { damageOfJob, setPlan, type JobRow } from '../jobs/queries';
import { measuresOf } from '../jobs/rows';
import { findMachine } from '../machines/queries';
import { steelNamed } from '../steels/queries';
import { listStones } from '../stones/queries';

const recordOf = (plan: BladePlan, choices: PlanChoices): PlanRecord => ({
  choices,
  angleDeg: plan.angleDeg,
  figures: plan.figures,
  finishUm: plan.finishUm,
  outlineVerdict: plan.outline.verdict,
  thinningReason: plan.thinning.reason,
  warnings: [...plan.warnings, ...plan.advice.map(({ text }) => text)],
});

/** Refuses, with the field at fault, what cannot be planned: a plan without a progression is none. */
export const makePlan = async (
  on: Queryable,
  row: JobRow,
  choices: PlanChoices,
): Promise<BladePlan> => {
  const steel = await steelNamed(on, row.steel);
  if (!steel)
    throw new Error(`Job ${row.id} names a steel that is not in the tables: ${row.steel}`);
  const machine =
    choices.machineId === null ? null : await findMachine(on, Number(choices.machineId));
  if (machine === undefined || machine?.retired) {
    throw invalid([{ field: 'choices.machineId', message: 'Machine: it is not in use here' }]);
  }
  const planned = planBlade({
    measures: measuresOf(row),
    steel,
    useId: row.useId,
    sharpness: row.sharpness,
    carefulHands: Boolean(row.carefulHands),
    damage: await damageOfJob(on, row.id),
    rack: toRack(await listStones(on)),
    machine: machine ? toMachine(machine) : null,
    choices,
  });
  if (!planned.ok) throw fromCraft(planned.error);
  const plan = planned.value;
  if (plan.progressionError) throw fromCraft(plan.progressionError);
  // A plan changed at the bench keeps what was worked before it.
  await deleteUnworkedSteps(on, row.id);
  await supersedeSteps(on, row.id);
  await addSteps(on, row.id, plan.steps);
  const stage = row.stage === 'on the bench' ? 'on the bench' : 'planned';
  await setPlan(on, row.id, stage, choices, recordOf(plan, choices));
  return plan;
};
