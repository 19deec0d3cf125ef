/** What follows the last stone, surface after surface: each its strokes, its degrees and its place in the order. */
import {
  forTask,
  MOST_IN_SERIES,
  MOST_OVER_DEG,
  MOST_STROP_STROKES,
  MOST_UNDER_DEG,
  SERIES_SURFACES,
  type RackStone,
  type SeriesPart,
} from '@patient-edge/core';
import { ArrowUp, Plus, X } from 'lucide-react';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row, Stack } from '../theme/layout';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { WithinLimits } from '../theme/within-limits';
import { STRINGS } from './strings';

interface SeriesFieldsProps {
  readonly series: readonly SeriesPart[];
  readonly rack: readonly RackStone[];
  readonly onSeries: (next: readonly SeriesPart[] | null) => void;
}

const NEXT: SeriesPart = { surface: 'leather', stoneId: null, strokes: 12, underDeg: null };

/** What of the rack may lie under a surface. */
const stonesUnder = (surface: SeriesPart['surface'], rack: readonly RackStone[]) =>
  surface === 'leather' || surface === 'cloth'
    ? forTask(rack, 'finish')
    : surface === 'stone' || surface === 'dry stone' || surface === 'newspaper'
      ? forTask(rack, 'edge').filter(({ kind }) => kind !== 'paper')
      : surface === 'wet paper'
        ? forTask(rack, 'edge').filter(({ kind }) => kind === 'paper')
        : [];

export const SeriesFields = ({ series, rack, onSeries }: SeriesFieldsProps) => {
  const set = (index: number, part: Partial<SeriesPart>): void =>
    onSeries(series.map((each, at) => (at === index ? { ...each, ...part } : each)));
  const up = (index: number): void => {
    const next = [...series];
    const [moved] = next.splice(index, 1);
    next.splice(index - 1, 0, moved!);
    onSeries(next);
  };
  return (
    <Stack $gap={8} role="group" aria-label={STRINGS.finishingSeries}>
      {series.map((part, index) => {
        const number = index + 1;
        const under = stonesUnder(part.surface, rack);
        return (
          <Row key={`${number} ${part.surface}`} $gap={12} $align="start">
            <div style={{ width: 200 }}>
              <Select
                label={STRINGS.surface(number)}
                options={options(SERIES_SURFACES)}
                value={part.surface}
                onChange={(surface) => set(index, { surface, stoneId: null })}
              />
            </div>
            {under.length > 0 && (
              <div style={{ width: 220 }}>
                <Select
                  label={STRINGS.onSurface(number)}
                  options={[
                    { id: 'suits', label: STRINGS.theOneThatSuits },
                    ...under.map(({ id, name, um }) => ({ id, label: STRINGS.nameUm(name, um) })),
                  ]}
                  value={part.stoneId ?? 'suits'}
                  onChange={(next) => set(index, { stoneId: next === 'suits' ? null : next })}
                />
              </div>
            )}
            <div style={{ width: 150 }}>
              <WithinLimits
                label={STRINGS.strokesASideNumber(number)}
                least={1}
                most={MOST_STROP_STROKES}
                whole
                value={part.strokes}
                onValue={(strokes) => set(index, { strokes })}
              />
            </div>
            <div style={{ width: 170 }}>
              <WithinLimits
                label={STRINGS.underTheBevel(number)}
                least={-MOST_OVER_DEG}
                most={MOST_UNDER_DEG}
                whole={false}
                value={part.underDeg}
                onValue={(underDeg) => set(index, { underDeg })}
                onOpen={() => set(index, { underDeg: null })}
                hint={STRINGS.emptyAsUsualBelow0Over}
              />
            </div>
            {index > 0 && (
              <QuietButton aria-label={STRINGS.surfaceEarlier(number)} onPress={() => up(index)}>
                <ArrowUp size={16} aria-hidden />
              </QuietButton>
            )}
            <QuietButton
              aria-label={STRINGS.removeSurface(number)}
              onPress={() =>
                onSeries(series.length === 1 ? null : series.filter((_, at) => at !== index))
              }
            >
              <X size={16} aria-hidden />
            </QuietButton>
          </Row>
        );
      })}
      <Row>
        {series.length < MOST_IN_SERIES && (
          <QuietButton onPress={() => onSeries([...series, NEXT])}>
            <Plus size={16} aria-hidden /> {STRINGS.addSurface}
          </QuietButton>
        )}
        <QuietButton onPress={() => onSeries(null)}>{STRINGS.oneSurfaceAlone}</QuietButton>
      </Row>
      <MutedText>{STRINGS.eachIsAStepAtThe}</MutedText>
    </Stack>
  );
};
