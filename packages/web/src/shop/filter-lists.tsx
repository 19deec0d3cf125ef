/** Stage, place, person and kind, each with its count; the order and the look of what is shown. */
import styled from 'styled-components';
import type { Option } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { SORT_LABELS, SORTS, type BoardFilter, type choicesIn, type Counted } from './board-filter';
import { STRINGS } from './strings';

const VIEWS = [
  { id: 'silhouettes', label: STRINGS.silhouettes },
  { id: 'list', label: STRINGS.list },
] as const;
const LABELS = {
  stage: STRINGS.stage,
  place: 'Place',
  person: STRINGS.person,
  kind: STRINGS.kind,
} as const;

const Lists = styled.div`
  display: grid;
  grid-template-columns: repeat(5, minmax(120px, 1fr)) auto;
  gap: 12px;
  align-items: end;
  @media (max-width: 1000px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;

const ALL = '';
const withAll = (choices: readonly Counted[]): readonly Option<string>[] => [
  { id: ALL, label: STRINGS.all },
  ...choices.map(({ id, label, count }) => ({ id, label: `${label} (${count})` })),
];

interface FilterListsProps {
  readonly choices: ReturnType<typeof choicesIn>;
  readonly filter: BoardFilter;
  readonly onFilter: (part: Partial<BoardFilter>) => void;
}

export const FilterLists = ({ choices, filter, onFilter }: FilterListsProps) => (
  <Lists>
    {(['stage', 'place', 'person', 'kind'] as const).map((name) => (
      <Select
        key={name}
        label={LABELS[name]}
        options={withAll(choices[name])}
        value={filter[name] ?? ALL}
        onChange={(id) => onFilter({ [name]: id === ALL ? null : id })}
      />
    ))}
    <Select
      label={STRINGS.sortBy}
      options={SORTS.map((id) => ({ id, label: SORT_LABELS[id] }))}
      value={filter.sort}
      onChange={(sort) => onFilter({ sort })}
    />
    <SegmentedControl
      label={STRINGS.view}
      options={VIEWS}
      value={filter.view}
      onChange={(view) => onFilter({ view })}
    />
  </Lists>
);
