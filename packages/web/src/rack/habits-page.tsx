/** The habits of the shop: the schools a plan begins with, set once. */
import type { Habits } from '@patient-edge/contract';
import type { PlanChoices } from '@patient-edge/core';
import { useState } from 'react';
import { useHabits } from '../api/hooks';
import { SchoolFields } from '../plan/school-fields';
import { useKeepHabits } from '../plan/use-keep-habits';
import { ActionButton } from '../theme/buttons';
import { Panel, MutedText, Stack } from '../theme/layout';
import { WithFeedback } from '../theme/feedback';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const HabitsPage = () => {
  const { data, error } = useHabits();
  return data ? (
    <HabitsForm habits={data} />
  ) : (
    <Waiting error={error} text={STRINGS.loadingHabits} />
  );
};

const HabitsForm = ({ habits }: { habits: Habits }) => {
  const [changed, setChanged] = useState<Partial<PlanChoices>>({});
  const choices: PlanChoices = { ...habits.choices, ...changed };
  const { keep, said } = useKeepHabits();
  return (
    <Panel aria-label={STRINGS.habitsOfTheShop}>
      <Stack>
        <PageHeading title={STRINGS.habitsOfTheShop} />
        <MutedText>{STRINGS.whereGoodPractitionersDifferEveryPlan}</MutedText>
        <SchoolFields choices={choices} onChoices={(part) => setChanged({ ...changed, ...part })} />
        <WithFeedback feedback={said}>
          <ActionButton onPress={() => void keep(choices).then((kept) => kept && setChanged({}))}>
            {STRINGS.saveHabits}
          </ActionButton>
          {!said && habits.version > 0 && (
            <MutedText>{STRINGS.changedTimesSoFar(habits.version)}</MutedText>
          )}
        </WithFeedback>
      </Stack>
    </Panel>
  );
};

export default HabitsPage;
