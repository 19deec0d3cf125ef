/** What follows the stones: strop, newspaper, wood or felt. */
import { textOf } from '../theme/text';
import {
  FINISHING_SURFACES,
  forTask,
  MOST_STROP_STROKES,
  MOST_UNDER_DEG,
  STROP_BACKS,
  SURFACE_TEXT,
  seriesOf,
  type Finishing,
  type RackStone,
  type SeriesPart,
} from '@patient-edge/core';
import { Columns } from '../theme/columns';
import { WithinLimits } from '../theme/within-limits';
import { Row, Stack } from '../theme/layout';
import { QuietButton } from '../theme/buttons';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { SeriesFields } from './series-fields';
import { STRINGS } from './strings';

interface AfterStonesProps {
  readonly finishing: Finishing;
  /** Surface after surface; null where the one of the finishing is all. */
  readonly series: readonly SeriesPart[] | null;
  readonly onSeries: (next: readonly SeriesPart[] | null) => void;
  readonly rack: readonly RackStone[];
  readonly onFinishing: (next: Finishing) => void;
}

export const AfterStones = (props: AfterStonesProps) => {
  const { series, rack, onSeries } = props;
  return (
    <Stack>
      <h3>{STRINGS.afterTheStones}</h3>
      {series === null ? (
        <>
          <OneSurface {...props} />
          <Row>
            <QuietButton onPress={() => onSeries(seriesOf(null, props.finishing).concat(MORE))}>
              {STRINGS.severalSurfacesInARow}
            </QuietButton>
          </Row>
        </>
      ) : (
        <SeriesFields series={series} rack={rack} onSeries={onSeries} />
      )}
    </Stack>
  );
};

/** What a series begins with besides the surface chosen. */
const MORE: readonly SeriesPart[] = [
  { surface: 'leather', stoneId: null, strokes: 12, underDeg: null },
];

const OneSurface = ({ finishing, rack, onFinishing }: AfterStonesProps) => {
  const set = (part: Partial<Finishing>): void => onFinishing({ ...finishing, ...part });
  const stropping = finishing.on === 'strop';
  return (
    <Columns $columns={4}>
      <Select
        label={STRINGS.finishedOn}
        options={options(FINISHING_SURFACES)}
        value={finishing.on}
        onChange={(on) => set({ on })}
        hint={textOf(SURFACE_TEXT[finishing.on])}
      />
      {stropping && (
        <>
          <Select
            label={STRINGS.strop}
            options={[
              { id: 'suits', label: STRINGS.theOneThatSuits },
              ...forTask(rack, 'finish').map(({ id, name, um }) => ({
                id,
                label: STRINGS.nameUm(name, um),
              })),
            ]}
            value={finishing.stropId ?? 'suits'}
            onChange={(next) => set({ stropId: next === 'suits' ? null : next })}
          />
          <SegmentedControl
            label={STRINGS.back}
            options={options(STROP_BACKS)}
            value={finishing.back}
            onChange={(back) => set({ back })}
          />
          <WithinLimits
            label={STRINGS.underTheBevelAlone}
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
          label={STRINGS.strokesASide}
          least={1}
          most={MOST_STROP_STROKES}
          whole
          value={finishing.strokes}
          onValue={(strokes) => set({ strokes })}
        />
      )}
    </Columns>
  );
};
