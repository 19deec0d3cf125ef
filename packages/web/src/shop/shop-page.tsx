/** Home: every blade in the shop, drawn to one scale, by the day it was promised; filtered, sorted, many at once. */
import type { Board, BoardJob } from '@patient-edge/contract';
import { mayDo } from '@patient-edge/core';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { readAhead } from '../api/device-copy';
import { useBoard } from '../api/hooks';
import { useSession } from '../api/session';
import { readStored, writeStored } from '../api/stored';
import { Silhouette } from '../instruments/silhouette';
import { nextFor, TRACK } from '../jobs/stage';
import { QuietButton } from '../theme/buttons';
import { howSoon } from '../theme/format';
import { ActionLink, QuietLink } from '../theme/links';
import { Row, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Skeleton } from '../theme/skeleton';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';
import { filterFrom, nameOf, paramsOf, shownJobs, type BoardFilter } from './board-filter';
import { BladeCards, Late, SCALE, standsAt } from './blade-cards';
import { FilterBar } from './filter-bar';
import { FirstDay } from './first-day';
import { STRINGS } from './strings';

/** What is opened by a press comes with it. */
const SelectionBar = lazyPart(async () => ({
  default: (await import('./selection-bar')).SelectionBar,
}));
const BladeTable = lazyPart(async () => ({ default: (await import('./blade-table')).BladeTable }));

const Next = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px 28px;
  align-items: center;
  border: 1px solid var(--line);
  border-left: 8px solid var(--accent);
  background: var(--sheet);
  padding: 16px 22px;
  & h1 {
    font-size: 32px;
  }
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
    & svg {
      max-width: 100%;
      height: auto;
    }
  }
`;

/** What waits longest comes first; of one day, what is nearest to done. */
const mostUrgent = (jobs: readonly BoardJob[]): BoardJob | undefined =>
  [...jobs].sort(
    (a, b) =>
      a.promisedOn.localeCompare(b.promisedOn) ||
      Number(a.stage === 'ready') - Number(b.stage === 'ready') ||
      TRACK.indexOf(b.stage) - TRACK.indexOf(a.stage),
  )[0];

const REMEMBERED = 'shop filter';

/** The filter stands in the address; who comes without one finds the last. */
const useFilter = (): readonly [BoardFilter, (next: BoardFilter) => void] => {
  const [params, setParams] = useSearchParams();
  const text = params.size === 0 ? (readStored<string>(REMEMBERED) ?? '') : params.toString();
  const isSaid = params.toString() === text;
  useEffect(() => {
    if (!isSaid) setParams(new URLSearchParams(text), { replace: true });
  }, [isSaid, text, setParams]);
  const filter = useMemo(() => filterFrom(new URLSearchParams(text)), [text]);
  const set = (next: BoardFilter): void => {
    const wanted = paramsOf(next);
    writeStored(REMEMBERED, wanted.toString());
    setParams(wanted, { replace: true });
  };
  return [filter, set];
};

export const ShopPage = () => {
  const { data: board, error } = useBoard();
  useEffect(() => {
    if (board) void readAhead(board);
  }, [board]);
  if (!board) {
    return error ? <Waiting error={error} text="" /> : <Skeleton text={STRINGS.loadingTheShop} />;
  }
  return <Shop board={board} />;
};

const Shop = ({ board }: { board: Board }) => {
  const [filter, setFilter] = useFilter();
  const [chosenIds, setChosenIds] = useState<ReadonlySet<number> | null>(null);
  const shown = useMemo(() => shownJobs(board, filter), [board, filter]);
  const onChosen = useCallback(
    (jobId: number, isChosen: boolean) =>
      setChosenIds((held) => {
        const next = new Set(held ?? []);
        if (isChosen) next.add(jobId);
        else next.delete(jobId);
        return next;
      }),
    [],
  );
  const next = mostUrgent(board.jobs);
  const List = filter.view === 'list' ? BladeTable : BladeCards;
  return (
    <Stack $gap={18}>
      <FirstDay hasBlades={board.jobs.length > 0} />
      {next && <NextThing job={next} today={board.today} />}
      {board.jobs.length > 0 && (
        <>
          <FilterBar board={board} filter={filter} onFilter={setFilter} shown={shown.length}>
            {!chosenIds && (
              <>
                <QuietButton onPress={() => setChosenIds(new Set())}>
                  {STRINGS.selectSeveral}
                </QuietButton>
                <QuietLink to="/tray">{STRINGS.workThroughSeveral}</QuietLink>
              </>
            )}
          </FilterBar>
          {chosenIds && (
            <Suspense fallback={null}>
              <SelectionBar
                board={board}
                chosen={board.jobs.filter(({ jobId }) => chosenIds.has(jobId))}
                shown={shown}
                onChosen={(jobs) => setChosenIds(new Set(jobs.map(({ jobId }) => jobId)))}
                onDone={() => setChosenIds(null)}
              />
            </Suspense>
          )}
          {shown.length === 0 && <Notice>{STRINGS.noBladeMatchesThisFilter}</Notice>}
          <Suspense fallback={null}>
            <List jobs={shown} today={board.today} chosen={chosenIds} onChosen={onChosen} />
          </Suspense>
          {filter.view === 'silhouettes' && shown.length > 0 && <ScaleRule />}
        </>
      )}
    </Stack>
  );
};

const NextThing = ({ job, today }: { job: BoardJob; today: string }) => {
  const { data: session } = useSession();
  const role = session?.staff?.role;
  const next = role && nextFor(job.stage, (action) => mayDo(role, action));
  return (
    <Next aria-label={STRINGS.next}>
      <div>
        <MutedText>
          {STRINGS.nextTag(job.tagNumber, job.customer)}{' '}
          {job.promisedOn < today ? (
            <Late>{howSoon(job.promisedOn, today)}</Late>
          ) : (
            STRINGS.promised(howSoon(job.promisedOn, today))
          )}
        </MutedText>
        <PageHeading title={STRINGS.shop}>{nameOf(job)}</PageHeading>
        <MutedText>{standsAt(job)}</MutedText>
      </div>
      <Row>
        <Silhouette measures={job.blade.measures} scale={SCALE} />
        {next ? (
          <ActionLink to={`/jobs/${job.jobId}/${next.page}`}>{next.text}</ActionLink>
        ) : (
          <QuietLink to={`/jobs/${job.jobId}`}>{STRINGS.open}</QuietLink>
        )}
      </Row>
    </Next>
  );
};

const ScaleRule = () => (
  <svg width={100 * SCALE + 84} height={24} role="img" aria-label={STRINGS.allBladesAreDrawnToThis}>
    <path
      d={`M1 4v12M1 10H${1 + 100 * SCALE}M${1 + 100 * SCALE} 4v12`}
      stroke="var(--ink)"
      fill="none"
    />
    <text x={100 * SCALE + 9} y={15} fill="var(--ink-soft)" fontSize={14}>
      {STRINGS.at100Mm}
    </text>
  </svg>
);
