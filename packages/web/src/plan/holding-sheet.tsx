/** How the angle is held, a line until it is opened; what it cannot do is said at once. */
import { textOf } from '../theme/text';
import { type BladePlan } from '@patient-edge/core';
import { memo } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { useMachines } from '../api/hooks';
import { Fold } from '../theme/fold';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

/** Loaded when it is opened. */
const HoldingFields = lazyPart(() => import('./holding-fields'));

interface HoldingSheetProps {
  readonly plan: BladePlan;
  readonly machineId: string | null;
  readonly onMachine: (machineId: string | null) => void;
  readonly handFromUm: number | null;
  readonly onHandFrom: (um: number | null) => void;
}

export const HoldingSheet = memo(
  ({ plan, machineId, onMachine, handFromUm, onHandFrom }: HoldingSheetProps) => {
    const { data: machines } = useMachines();
    const machine = machines?.find(({ id }) => String(id) === machineId);
    return (
      <Panel $slim aria-label={STRINGS.holdingTheAngle}>
        <Stack>
          <Fold title={STRINGS.holdingTheAngle} level={2} says={machine?.name ?? STRINGS.byHand}>
            <HoldingFields
              plan={plan}
              machines={machines ?? []}
              machineId={machineId}
              onMachine={onMachine}
              handFromUm={handFromUm}
              onHandFrom={onHandFrom}
            />
          </Fold>
          {plan.report.holding.warnings.map((warning) => (
            <Notice key={textOf(warning)} tone="cut">
              {textOf(warning)}
            </Notice>
          ))}
        </Stack>
      </Panel>
    );
  },
);
HoldingSheet.displayName = 'HoldingSheet';
