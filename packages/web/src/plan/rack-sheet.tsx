/** The stones of the plan on the scale of the rack. */
import { edgeRack, forTask, findUse, type PlanInput, textOf } from '@patient-edge/core';
import { lazy, memo, useMemo } from 'react';
import { GritStair, type Tread } from '../instruments/grit-stair';
import { Fold } from '../theme/fold';
import { Panel, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { FinishControl } from './finish-control';
import type { SheetProps } from './sheet-props';

/** Loaded when it is opened. */
const StoneChoices = lazy(() => import('./stone-choices'));

interface RackSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  readonly machine: PlanInput['machine'];
}

export const RackSheet = memo(
  ({ job, plan, choices, onChoices, rack, machine }: RackSheetProps) => {
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
    const treads = useMemo(
      () =>
        plan.work.steps
          .filter(({ operation }) => operation === 'edge' || operation === 'refine')
          .reduce<Tread[]>((all, { stoneId, seconds }) => {
            const stone = rack.find(({ id }) => id === stoneId);
            const last = all.at(-1);
            if (!stone) return all;
            const { id, um, name } = stone;
            // Step after step on one stone, as position after position, is one tread.
            return last?.id === id
              ? [...all.slice(0, -1), { ...last, seconds: last.seconds + seconds }]
              : [...all, { id, um, name, seconds }];
          }, []),
      [plan, rack],
    );
    return (
      <Panel $slim aria-label="Progression">
        <Fold
          title="Stones"
          level={2}
          says={stonesSay(treads, plan.progression.finishUm)}
          openAtFirst={plan.work.problem !== null}
        >
          <Stack>
            <QuietLink to={`/rack/progression?job=${job.id}`}>Progression of this blade</QuietLink>
            <FinishControl
              plan={plan}
              choices={choices}
              advisedUm={findUse(job.useId).finishUm}
              onChoices={onChoices}
            />
            {plan.work.problem ? (
              <Stack>
                <Notice tone="cut" alert>
                  {plan.work.problem.message}.
                </Notice>
                {plan.progression.toBuy && <p>{textOf(plan.progression.toBuy.reason)}</p>}
              </Stack>
            ) : (
              <GritStair
                rack={marks}
                treads={treads}
                finishUm={plan.progression.finishUm}
                label="The stones of the progression on the scale of the rack"
              />
            )}
            <Fold title="Change stones" says={`school: ${choices.school}`}>
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
        </Fold>
      </Panel>
    );
  },
);
RackSheet.displayName = 'RackSheet';

/** Where the edge begins and ends, and the window of its finish. */
const stonesSay = (
  treads: readonly Tread[],
  [finest, coarsest]: readonly [finest: number, coarsest: number],
): string => {
  const um = (value: number): string => String(Number(value.toPrecision(2)));
  const names = treads.map(({ name, um: grain }) => `${name} ${um(grain)} µm`);
  return `${names.join(', ')}${names.length > 0 ? '; ' : ''}finish ${um(finest)}–${um(coarsest)} µm`;
};
