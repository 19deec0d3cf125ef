/** The same blades in rows, for who looks for one or for many at once. */
import type { BoardJob } from '@patient-edge/contract';
import { memo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { Checkbox } from '../theme/checkbox';
import { day, howSoon } from '../theme/format';
import { nameOf } from './board-filter';
import { Late, standsAt, type Selecting } from './blade-cards';
import { STRINGS } from './strings';

/** Small enough that the longest knife is a line of the list. */
const SCALE = 0.26;

const Rows = styled.div`
  /* Rows out of sight are not laid out anew when a tablet is turned: how wide they were must not widen the page. */
  contain: inline-size;
  & > ul > li {
    display: grid;
    grid-template-columns:
      auto 60px 130px minmax(120px, 1.2fr) minmax(110px, 1fr) minmax(120px, 1fr)
      minmax(120px, 1fr);
    gap: 4px 14px;
    align-items: center;
    min-height: 52px;
    border-bottom: 1px solid var(--line-soft);
    content-visibility: auto;
    contain-intrinsic-block-size: auto 52px;
    min-width: 0;
  }
  & a {
    display: flex;
    align-items: center;
    min-height: 44px;
    color: var(--ink);
  }
  & a > b {
    min-width: 44px;
  }
  @media (max-width: 900px) {
    & > ul > li {
      grid-template-columns: auto 52px minmax(0, 1fr) minmax(0, 1fr);
      padding: 4px 0;
    }
    & > ul > li > [data-picture] {
      display: none;
    }
    & > ul > li > :is(:first-child, [data-tag]) {
      grid-row: span 2;
    }
  }
`;

interface BladeTableProps extends Selecting {
  readonly jobs: readonly BoardJob[];
  readonly today: string;
}

export const BladeTable = ({ jobs, today, chosen, onChosen }: BladeTableProps) => (
  <Rows>
    <ul aria-label={STRINGS.bladesAlone}>
      {jobs.map((job) => (
        <BladeRow
          key={job.jobId}
          job={job}
          today={today}
          isChosen={chosen && chosen.has(job.jobId)}
          onChosen={onChosen}
        />
      ))}
    </ul>
  </Rows>
);

const BladeRow = memo(function BladeRow({
  job,
  today,
  isChosen,
  onChosen,
}: {
  job: BoardJob;
  today: string;
  isChosen: boolean | null;
  onChosen: Selecting['onChosen'];
}) {
  return (
    <li>
      {isChosen === null ? (
        <span />
      ) : (
        <Checkbox value={isChosen} onChange={(next) => onChosen(job.jobId, next)}>
          <span className="unseen">{STRINGS.selectTag(job.tagNumber)}</span>
        </Checkbox>
      )}
      <span data-tag="">
        <Link
          to={`/jobs/${job.jobId}`}
          aria-label={STRINGS.tagTagNumberNameOf(job.tagNumber, nameOf(job))}
        >
          <b>{job.tagNumber}</b>
        </Link>
      </span>
      <span data-picture="">
        <Silhouette measures={job.blade.measures} scale={SCALE} />
      </span>
      <span>{nameOf(job)}</span>
      <span>{job.customer}</span>
      <span>{standsAt(job)}</span>
      <span>
        {day(job.promisedOn)}
        {job.place !== null && `, ${job.place}`}{' '}
        {job.promisedOn < today && <Late>{howSoon(job.promisedOn, today)}</Late>}
      </span>
    </li>
  );
});
