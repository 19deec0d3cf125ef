/** The stones of the plan, a line until it is opened; what they cannot do is said at once. */
import { textOf } from '../theme/text';
import { type PlanInput } from '@patient-edge/core';
import { memo, useMemo } from 'react';
import { lazyPart } from '../theme/lazy-part';
import type { Tread } from '../instruments/grit-stair';
import { Fold } from '../theme/fold';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import type { SheetProps } from './sheet-props';
import { STRINGS } from './strings';

/** Loaded when it is opened. */
const RackFields = lazyPart(() => import('./rack-fields'));

interface RackSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  readonly machine: PlanInput['machine'];
}

export const RackSheet = memo((props: RackSheetProps) => {
  const { plan, rack } = props;
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
    <Panel $slim aria-label={STRINGS.progression}>
      <Stack $gap={6}>
        {plan.work.problem && (
          <Notice tone="cut" alert>
            {plan.work.problem.message}.
            {plan.progression.toBuy && ` ${textOf(plan.progression.toBuy.reason)}`}
          </Notice>
        )}
        <Fold title={STRINGS.stones} level={2} says={stonesSay(treads, plan.progression.finishUm)}>
          <RackFields {...props} treads={treads} />
        </Fold>
      </Stack>
    </Panel>
  );
});
RackSheet.displayName = 'RackSheet';

/** Where the edge begins and ends, and the window of its finish. */
const stonesSay = (
  treads: readonly Tread[],
  [finest, coarsest]: readonly [finest: number, coarsest: number],
): string => {
  const um = (value: number): string => String(Number(value.toPrecision(2)));
  const names = treads.map(({ name, um: grain }) => STRINGS.nameUmWithin(name, um(grain)));
  return STRINGS.finish(names.join(', '), names.length > 0 ? '; ' : '', um(finest), um(coarsest));
};
