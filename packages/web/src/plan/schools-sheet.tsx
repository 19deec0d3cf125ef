/** Where good practitioners disagree: a line that says whether this plan goes by the shop's habits, and the questions behind it. */
import { habitsOf, withDefaults, type PlanChoices } from '@patient-edge/core';
import { memo } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { useHabits } from '../api/hooks';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import { STRINGS } from './strings';

/** Loaded when it is opened. */
const SchoolsOfPlan = lazyPart(() => import('./school-fields'));

interface SchoolsSheetProps {
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

/** In how many habits two sets of choices differ. */
const differences = (a: object, b: object): number => {
  const other = new Map(Object.entries(b));
  return Object.entries(a).filter(
    ([name, value]) => JSON.stringify(value) !== JSON.stringify(other.get(name)),
  ).length;
};

export const SchoolsSheet = memo(({ choices, onChoices }: SchoolsSheetProps) => {
  const { data: habits } = useHabits();
  const changed = habits
    ? differences(habitsOf(choices), habitsOf(withDefaults(habits.choices)))
    : 0;
  return (
    <Panel $slim aria-label={STRINGS.habits}>
      <Fold
        title={STRINGS.habits}
        level={2}
        says={changed === 0 ? STRINGS.asUsualInThisShop : STRINGS.notAsUsual(changed)}
      >
        <SchoolsOfPlan choices={choices} onChoices={onChoices} />
      </Fold>
    </Panel>
  );
});
SchoolsSheet.displayName = 'SchoolsSheet';
