/** Which blades are shown: what is late, ready or waiting in one press, the rest from lists, each with its count. */
import type { Board } from '@patient-edge/contract';
import { Suspense, type ReactNode } from 'react';
import { lazyPart } from '../theme/lazy-part';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { Row, Stack } from '../theme/layout';
import {
  choicesIn,
  NO_FILTER,
  paramsOf,
  SORT_LABELS,
  type BoardFilter,
  type Only,
} from './board-filter';
import { STRINGS } from './strings';

const ONLY_LABELS: Readonly<Record<Only, string>> = {
  late: STRINGS.late,
  ready: STRINGS.readyToCollect,
  waiting: STRINGS.waitingForAnAnswerAlone,
  declined: STRINGS.declined,
};
const Quick = styled.button`
  font: inherit;
  min-height: 44px;
  padding: 6px 14px;
  border: 1px solid var(--steel-deep);
  border-radius: 22px;
  background: transparent;
  color: var(--ink);
  cursor: pointer;
  & b {
    font-family: var(--figures);
    padding-left: 6px;
  }
  &[aria-pressed='true'] {
    background: var(--accent);
    border-color: var(--accent);
    color: var(--accent-ink);
  }
`;
const FilterLists = lazyPart(async () => ({
  default: (await import('./filter-lists')).FilterLists,
}));

interface FilterBarProps {
  readonly board: Board;
  readonly filter: BoardFilter;
  readonly onFilter: (next: BoardFilter) => void;
  /** How many are shown by it. */
  readonly shown: number;
  /** Stands at the end of the line. */
  readonly children: ReactNode;
}

export const FilterBar = ({ board, filter, onFilter, shown, children }: FilterBarProps) => {
  const choices = choicesIn(board);
  const set = (part: Partial<BoardFilter>): void => onFilter({ ...filter, ...part });
  const isFiltered = paramsOf({ ...filter, sort: 'promised', view: 'silhouettes' }).size > 0;
  return (
    <Stack $gap={10} role="search" aria-label={STRINGS.filter}>
      <Row $gap={8}>
        {choices.only
          .filter(({ id, count }) => count > 0 || filter.only === id)
          .map(({ id, count }) => (
            <Quick
              key={id}
              type="button"
              aria-pressed={filter.only === id}
              onClick={() => set({ only: filter.only === id ? null : id })}
            >
              {ONLY_LABELS[id]}
              <b>{count}</b>
            </Quick>
          ))}
        {isFiltered && (
          <QuietButton
            onPress={() => onFilter({ ...NO_FILTER, sort: filter.sort, view: filter.view })}
          >
            {STRINGS.showAll(board.jobs.length)}
          </QuietButton>
        )}
        <Row style={{ marginLeft: 'auto' }}>{children}</Row>
      </Row>
      <Fold level={2} title={STRINGS.filterAndSort} says={saysOf(filter, shown, board.jobs.length)}>
        <Suspense fallback={<p role="status">{STRINGS.opening}</p>}>
          <FilterLists choices={choices} filter={filter} onFilter={set} />
        </Suspense>
      </Fold>
    </Stack>
  );
};

const saysOf = ({ stage, place, person, sort }: BoardFilter, shown: number, all: number): string =>
  [
    shown === all ? STRINGS.blades(all) : STRINGS.ofBlades(shown, all),
    ...[stage, place, person].filter((each) => each !== null),
    STRINGS.by(SORT_LABELS[sort].toLowerCase()),
  ].join(', ');
