/** What a plan of a job is made from, and the choices kept on this device until they are settled. */
import { toMachine, toRack, type Job } from '@patient-edge/contract';
import {
  habitsOf,
  lengthSigmaMm,
  plannedAgainWith,
  SCHOOL_QUESTIONS,
  withDefaults,
  type PlanChoices,
  type PlanInput,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useHabits, useMachines, useSteels, useStones } from '../api/hooks';
import { useStored } from '../api/stored';

/** A blade in a trial begins with what the lot gave it. */
const asDrawn = ({ trial }: Job, choices: PlanChoices): PlanChoices =>
  trial
    ? (SCHOOL_QUESTIONS.find(({ id }) => id === trial.question)?.set(choices, trial.school) ??
      choices)
    : choices;

/** Where a plan begins: as it was settled, as it was before the intake was changed, or with the shop's habits. */
export const usePlanChoices = (job: Job) => {
  const { data: habits } = useHabits();
  // The same object while nothing it is made from has changed: a plan is computed for each new one.
  const begins = useMemo(
    () =>
      job.plan?.choices ??
      job.lastChoices ??
      (habits ? asDrawn(job, withDefaults(habitsOf(habits.choices))) : null),
    [job, habits],
  );
  const [kept, setChoices] = useStored<PlanChoices | null>(`plan choices ${job.id}`, null);
  const choices = useMemo(() => withDefaults(kept ?? begins ?? {}), [kept, begins]);
  return { choices, setChoices, isReady: habits !== undefined };
};

/** Null until rack, machines and steels are here. */
export const usePlanInput = (job: Job, choices: PlanChoices): PlanInput | null => {
  const { data: stones } = useStones();
  const { data: machines } = useMachines();
  const steels = useSteels();
  const rack = useMemo(() => (stones ? toRack(stones) : null), [stones]);
  return useMemo((): PlanInput | null => {
    const steel = steels?.find(({ designation }) => designation === job.steel);
    if (!rack || !steel || !machines) return null;
    const machine = machines.find(({ id }) => String(id) === choices.machineId);
    const made: PlanInput = {
      measures: job.measures,
      steel,
      useId: job.useId,
      sharpness: job.sharpness,
      carefulHands: job.carefulHands,
      damage: job.damage,
      answers: job.answers,
      thicknessSigmaMm: lengthSigmaMm(
        job.measuredWith.thicknessBehindEdgeMm,
        job.measures.thicknessBehindEdgeMm,
      ),
      rack,
      machine: machine ? toMachine(machine) : null,
      choices,
    };
    return job.plan?.measured ? plannedAgainWith(made, job.plan.measured) : made;
  }, [job, rack, choices, steels, machines]);
};
