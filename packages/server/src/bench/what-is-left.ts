/** The rest of a plan made again with what was measured at the bench: what is done stays done and stays in the plan. */
import { stepsLeft, withDefaults, type MeasuredAtBench } from '@patient-edge/core';
import type { Compute } from '../compute/compute';
import type { Queryable } from '../database/pool';
import { setPlan, type JobRow } from '../jobs/queries';
import { asksOf, computedPlan, noPlan, planInputOf, recordOf } from '../plan/make-plan';
import { addVersion } from '../plan/queries';
import { ratesOfBlade } from '../record/rates';
import {
  addSteps,
  changeStep,
  deleteUnworkedSteps,
  keepForecasts,
  lastDonePosition,
  stepsOfJob,
  supersedeSteps,
} from './queries';
import { STRINGS } from './strings';

const textOf = ({ behindEdgeMm, angleDeg }: MeasuredAtBench): string =>
  [
    behindEdgeMm === null ? [] : [STRINGS.mmBehindTheEdge(behindEdgeMm)],
    angleDeg === null ? [] : [STRINGS.perSide(angleDeg.toFixed(1))],
  ]
    .flat()
    .join(', ');

/** The steps left now, and what was measured as the history tells it. */
export const planWhatIsLeft = async (
  db: Queryable,
  compute: Compute,
  row: JobRow,
  measured: MeasuredAtBench,
  staffId: number,
): Promise<{ readonly steps: number; readonly text: string }> => {
  if (!row.planRecord) throw noPlan(row.version);
  const choices = withDefaults(row.planRecord.choices);
  const input = await planInputOf(db, row, choices, measured);
  const plan = await computedPlan(compute, input);
  const records = (await stepsOfJob(db, row.id, row.round)).filter(({ superseded }) => !superseded);
  const left = records.filter(({ status }) => status === 'to do');
  const again = stepsLeft(
    records.filter(({ status }) => status === 'done').map(({ step }) => step),
    left.map(({ step }) => step),
    plan.work.steps,
  );
  const asks = asksOf(row, input, plan);
  const asksOfStep = (step: (typeof again)[number]) => asks[plan.work.steps.indexOf(step)] ?? [];
  // The step in hand goes on with its strokes where the plan still has it.
  const open = left[0];
  const goesOn =
    open !== undefined &&
    again[0]?.operation === open.step.operation &&
    again[0].stoneId === open.step.stoneId;
  await deleteUnworkedSteps(db, row.id);
  await supersedeSteps(db, row.id, true);
  const after = await lastDonePosition(db, row.id);
  const isKept =
    goesOn && (await changeStep(db, open.id, after + 1, again[0]!, asksOfStep(again[0]!)));
  const toAdd = isKept ? again.slice(1) : again;
  await addSteps(db, row.id, toAdd, toAdd.map(asksOfStep), after + (isKept ? 1 : 0));
  await keepForecasts(db, row.id, row.steel, await ratesOfBlade(db, row.steel, staffId));
  const record = recordOf(plan, choices, measured);
  await setPlan(db, row.id, again.length === 0 ? 'testing' : 'on the bench', choices, record);
  const text = textOf(measured);
  await addVersion(
    db,
    row.id,
    { staffId, reason: STRINGS.measuredAtTheBench(text) },
    choices,
    record,
    plan.work.steps,
  );
  return { steps: again.length, text };
};
