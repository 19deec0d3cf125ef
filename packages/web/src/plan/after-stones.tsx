/** What follows the stones: strop, newspaper, wood or felt. */
import {
  FINISHING_SURFACES,
  forTask,
  MOST_STROP_STROKES,
  MOST_UNDER_DEG,
  STROP_BACKS,
  SURFACE_TEXT,
  textOf,
  type Finishing,
  type RackStone,
} from '@patient-edge/core';
import { Columns } from '../theme/columns';
import { WithinLimits } from '../theme/within-limits';
import { Stack } from '../theme/layout';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';

interface AfterStonesProps {
  readonly finishing: Finishing;
  readonly rack: readonly RackStone[];
  readonly onFinishing: (next: Finishing) => void;
}

export const AfterStones = ({ finishing, rack, onFinishing }: AfterStonesProps) => {
  const set = (part: Partial<Finishing>): void => onFinishing({ ...finishing, ...part });
  const stropping = finishing.on === 'strop';
  return (
    <Stack>
      <h3>After the stones</h3>
      <Columns $columns={4}>
        <Select
          label="Finished on"
          options={options(FINISHING_SURFACES)}
          value={finishing.on}
          onChange={(on) => set({ on })}
          hint={textOf(SURFACE_TEXT[finishing.on])}
        />
        {stropping && (
          <>
            <Select
              label="Strop"
              options={[
                { id: 'suits', label: 'the one that suits' },
                ...forTask(rack, 'finish').map(({ id, name, um }) => ({
                  id,
                  label: `${name}, ${um} µm`,
                })),
              ]}
              value={finishing.stropId ?? 'suits'}
              onChange={(next) => set({ stropId: next === 'suits' ? null : next })}
            />
            <SegmentedControl
              label="Back"
              options={options(STROP_BACKS)}
              value={finishing.back}
              onChange={(back) => set({ back })}
            />
            <WithinLimits
              label="Under the bevel, °"
              least={0}
              most={MOST_UNDER_DEG}
              whole={false}
              value={finishing.underDeg}
              onValue={(underDeg) => set({ underDeg })}
            />
          </>
        )}
        {finishing.on !== 'none' && (
          <WithinLimits
            label="Strokes a side"
            least={1}
            most={MOST_STROP_STROKES}
            whole
            value={finishing.strokes}
            onValue={(strokes) => set({ strokes })}
          />
        )}
      </Columns>
    </Stack>
  );
};
