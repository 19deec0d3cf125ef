/** Home: every blade in the shop, drawn to one scale, by the day it was promised. */
import type { Board, BoardJob, Mooring } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { Link } from 'react-router';
import { useEffect } from 'react';
import styled from 'styled-components';
import { readAhead } from '../api/device-copy';
import { useBoard } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { NEXT, TRACK } from '../jobs/stage';
import { day, howSoon, weekdayOf } from '../theme/format';
import { ActionLink, QuietLink } from '../theme/links';
import { Row, MutedText, Stack } from '../theme/layout';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';

/** Pixels for a millimetre, the same for every blade on the page. */
const SCALE = 0.72;

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
`;
const Berth = styled.section`
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  & > header {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    align-items: baseline;
  }
`;
const Late = styled.span`
  color: var(--cut);
  font-weight: 700;
`;
const Hung = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 26px;
  align-items: end;
  padding: 10px 0 16px;
`;
const Blade = styled(Link)`
  display: grid;
  gap: 5px;
  color: var(--ink);
  text-decoration: none;
  padding: 6px 6px 4px;
  min-width: 168px;
  &:hover {
    background: var(--accent-soft);
  }
  & b {
    font-weight: 650;
  }
  & small {
    font-size: 14px;
    color: var(--ink-soft);
  }
`;
const Notches = styled.span`
  display: flex;
  gap: 3px;
  & > i {
    height: 6px;
    flex: 1;
    max-width: 34px;
    border: 1px solid var(--ink);
  }
  & > i[data-done] {
    background: var(--ink);
  }
  & > i[data-now] {
    background: var(--accent);
    border-color: var(--accent);
  }
`;

const wharfOf = (moorings: readonly Mooring[], isoDate: string): string =>
  moorings.find(({ weekday }) => weekday === weekdayOf(isoDate))?.wharf ?? '';

const nameOf = ({ blade }: BoardJob): string =>
  blade.name || bladeKind(blade.measures.kindId).label;

/** What waits longest comes first; of one day, what is nearest to done. */
const mostUrgent = (jobs: readonly BoardJob[]): BoardJob | undefined =>
  [...jobs].sort(
    (a, b) =>
      a.promisedOn.localeCompare(b.promisedOn) ||
      Number(a.stage === 'ready') - Number(b.stage === 'ready') ||
      TRACK.indexOf(b.stage) - TRACK.indexOf(a.stage),
  )[0];

export const ShopPage = () => {
  const { data: board, error } = useBoard();
  useEffect(() => {
    if (board) void readAhead(board);
  }, [board]);
  if (!board) {
    return <Waiting error={error} text="Loading the shop…" />;
  }
  const days = [...new Set(board.jobs.map(({ promisedOn }) => promisedOn))];
  const next = mostUrgent(board.jobs);
  return (
    <Stack $gap={18}>
      {next ? <NextThing job={next} board={board} /> : <EmptyShop />}
      {days.map((promisedOn) => (
        <Berth key={promisedOn} aria-label={`Promised for ${day(promisedOn)}`}>
          <header>
            <h2>{day(promisedOn)}</h2>
            <span>{wharfOf(board.moorings, promisedOn)}</span>
            {promisedOn < board.today ? (
              <Late>{howSoon(promisedOn, board.today)}</Late>
            ) : (
              <MutedText as="span">{howSoon(promisedOn, board.today)}</MutedText>
            )}
          </header>
          <Hung>
            {board.jobs
              .filter((job) => job.promisedOn === promisedOn)
              .map((job) => (
                <li key={job.jobId}>
                  <HungBlade job={job} />
                </li>
              ))}
          </Hung>
        </Berth>
      ))}
      {board.jobs.length > 0 && <ScaleRule />}
    </Stack>
  );
};

const NextThing = ({ job, board }: { job: BoardJob; board: Board }) => {
  const next = NEXT[job.stage];
  return (
    <Next aria-label="Next">
      <div>
        <MutedText>
          Next · tag {job.tagNumber} · {job.customer} ·{' '}
          {job.promisedOn < board.today ? (
            <Late>{howSoon(job.promisedOn, board.today)}</Late>
          ) : (
            `promised ${howSoon(job.promisedOn, board.today)}`
          )}
        </MutedText>
        <PageHeading title="Shop">{nameOf(job)}</PageHeading>
        <MutedText>
          {job.stage}
          {job.stage === 'on the bench' && `, step ${job.stepsDone + 1} of ${job.stepsTotal}`}
          {job.sentBack && ', sent back after a test'}
        </MutedText>
      </div>
      <Row>
        <Silhouette measures={job.blade.measures} scale={SCALE} />
        {next && <ActionLink to={`/jobs/${job.jobId}/${next.page}`}>{next.text}</ActionLink>}
        <QuietLink to="/tray">Several blades at once</QuietLink>
      </Row>
    </Next>
  );
};

const EmptyShop = () => (
  <Next>
    <div>
      <PageHeading title="The shop is empty" />
      <MutedText>Add your stones to the rack, then take in the first blade.</MutedText>
    </div>
    <ActionLink to="/take-in">Take in a blade</ActionLink>
  </Next>
);

const HungBlade = ({ job }: { job: BoardJob }) => {
  const at = TRACK.indexOf(job.stage);
  return (
    <Blade to={`/jobs/${job.jobId}`}>
      <Silhouette measures={job.blade.measures} scale={SCALE} />
      <Notches aria-hidden>
        {TRACK.map((stage, index) => (
          <i
            key={stage}
            data-done={index < at ? '' : undefined}
            data-now={index === at ? '' : undefined}
          />
        ))}
      </Notches>
      <span>
        <b>{job.tagNumber}</b> {nameOf(job)}
        <br />
        <small>
          {job.customer} · {job.stage}
          {job.stage === 'on the bench' && ` ${job.stepsDone + 1}/${job.stepsTotal}`}
          {job.sentBack && ' · sent back'}
          {job.inHand !== null && ` · ${job.inHand} has it`}
        </small>
      </span>
    </Blade>
  );
};

const ScaleRule = () => (
  <svg
    width={100 * SCALE + 70}
    height={24}
    role="img"
    aria-label="All blades are drawn to this scale: 100 mm"
  >
    <path
      d={`M1 4v12M1 10H${1 + 100 * SCALE}M${1 + 100 * SCALE} 4v12`}
      stroke="var(--ink)"
      fill="none"
    />
    <text x={100 * SCALE + 9} y={15} fill="var(--ink-soft)" fontSize={14}>
      100 mm
    </text>
  </svg>
);
