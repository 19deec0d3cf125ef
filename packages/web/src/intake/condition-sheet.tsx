/** What is wrong along the edge and on the faces, beside what was there at the last visit. */
import type { Job } from '@patient-edge/contract';
import { compareCondition, SHARPNESS, named } from '@patient-edge/core';
import type { Control } from 'react-hook-form';
import { FormChoice } from '../theme/form-choices';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { DamageEditor, drawnDamage } from './damage-editor';
import { standInsOf, type IntakeValues } from './values';
import { mm } from '../theme/format';
import { STRINGS } from './strings';

interface ConditionSheetProps {
  readonly control: Control<IntakeValues>;
  readonly values: IntakeValues;
  readonly job: Job;
}

export const ConditionSheet = ({ control, values, job }: ConditionSheetProps) => {
  const before = job.damageBefore;
  return (
    <Panel aria-label={STRINGS.condition} id="condition">
      <Stack>
        <h2>{STRINGS.conditionAlongTheEdge}</h2>
        <FormChoice
          control={control}
          name="sharpness"
          label={STRINGS.sharpnessAsItCame}
          options={options(SHARPNESS)}
        />
        <DamageEditor
          control={control}
          before={before ?? []}
          standIns={standInsOf(job, values.kindId)}
        />
        {before && <Since values={values} before={before} />}
      </Stack>
    </Panel>
  );
};

const Since = ({
  values,
  before,
}: {
  values: IntakeValues;
  before: NonNullable<Job['damageBefore']>;
}) => {
  const { now, gone } = compareCondition(drawnDamage(values.damage), before);
  const place = ({ kind, fromMm }: { kind: string; fromMm: number }): string =>
    STRINGS.at(kind, mm(fromMm, 0));
  const told = [
    ...now.map(({ damage, since }) => `${place(damage)}: ${named(since)}`),
    ...gone.map((damage) => STRINGS.wasThereLastTimeNotFound(place(damage))),
  ];
  return (
    <Notice>
      {STRINGS.sinceTheLastVisit(
        told.length === 0 ? STRINGS.nothingThenNothingNow : told.join(' · '),
      )}
    </Notice>
  );
};
