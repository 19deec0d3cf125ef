/** What a plan of a job is made from, and the choices kept on this device until they are settled. */
import { toMachine, toRack, type Job } from '@patient-edge/contract';
import {
  DEFAULT_CHOICES,
  withDefaults,
  type PlanChoices,
  type PlanInput,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useMachines, useSteels, useStones } from '../api/hooks';
import { useStored } from '../api/stored';

export const usePlanChoices = (job: Job) => {
  const [kept, setChoices] = useStored<PlanChoices>(
    `plan choices ${job.id}`,
    job.plan?.choices ?? DEFAULT_CHOICES,
  );
  const choices = useMemo(() => withDefaults(kept), [kept]);
  return { choices, setChoices };
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
    return {
      measures: job.measures,
      steel,
      useId: job.useId,
      sharpness: job.sharpness,
      carefulHands: job.carefulHands,
      damage: job.damage,
      rack,
      machine: machine ? toMachine(machine) : null,
      choices,
    };
  }, [job, rack, choices, steels, machines]);
};
