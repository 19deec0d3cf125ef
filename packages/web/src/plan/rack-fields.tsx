/** The stones of the plan on the scale of the rack, the window they end in, and what is changed about them. */
import { edgeRack, forTask, findUse, type PlanInput, named } from '@patient-edge/core';
import { useMemo } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { GritStair, type Tread } from '../instruments/grit-stair';
import { Fold } from '../theme/fold';
import { Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { FinishControl } from './finish-control';
import type { SheetProps } from './sheet-props';
import { STRINGS } from './strings';

/** Loaded when it is opened. */
const StoneChoices = lazyPart(() => import('./stone-choices'));

interface RackFieldsProps extends SheetProps {
  readonly treads: readonly Tread[];
  readonly rack: PlanInput['rack'];
  readonly machine: PlanInput['machine'];
}

const RackFields = ({ job, plan, choices, onChoices, rack, machine, treads }: RackFieldsProps) => {
  const ofEdge = useMemo(() => edgeRack(rack, machine), [rack, machine]);
  const marks = useMemo(
    () =>
      [...ofEdge, ...forTask(rack, 'finish')].map(({ id, name, um, kind }) => ({
        id,
        name,
        um,
        strop: kind === 'strop' || kind === 'compound',
      })),
    [rack, ofEdge],
  );
  return (
    <Stack>
      <QuietLink to={`/rack/progression?job=${job.id}`}>{STRINGS.progressionOfThisBlade}</QuietLink>
      <FinishControl
        plan={plan}
        choices={choices}
        advisedUm={findUse(job.useId).finishUm}
        onChoices={onChoices}
      />
      {plan.work.problem === null && (
        <GritStair
          rack={marks}
          treads={treads}
          finishUm={plan.progression.finishUm}
          label={STRINGS.theStonesOfTheProgressionOn}
        />
      )}
      <Fold title={STRINGS.changeStones} says={STRINGS.schoolSchool(named(choices.school))}>
        <StoneChoices
          job={job}
          plan={plan}
          choices={choices}
          rack={rack}
          ofEdge={ofEdge}
          treads={treads}
          onChoices={onChoices}
        />
      </Fold>
    </Stack>
  );
};

export default RackFields;
