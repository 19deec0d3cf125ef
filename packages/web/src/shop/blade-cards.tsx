/** Blades as one sees them hang: drawn to one scale, by the day they are promised. */
import { named } from '@patient-edge/core';
import type { BoardJob } from '@patient-edge/contract';
import { Link } from 'react-router';
import { memo, Suspense } from 'react';
import { lazyPart } from '../theme/lazy-part';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { TRACK } from '../jobs/stage';
import { day, howSoon } from '../theme/format';
import { MutedText } from '../theme/layout';
import { nameOf } from './board-filter';
import { STRINGS } from './strings';

/** Comes when several are chosen. */
const Checkbox = lazyPart(async () => ({ default: (await import('../theme/checkbox')).Checkbox }));

/** Pixels for a millimetre, the same for every blade on the page. */
export const SCALE = 0.72;

const Berth = styled.section`
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  /* What is out of sight is not laid out: a thousand blades scroll as ten do. */
  content-visibility: auto;
  contain-intrinsic-block-size: auto 160px;
  /* Its width is remembered too: a page that is turned must not be held as wide as it was. */
  min-width: 0;
  & > header {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    align-items: baseline;
  }
`;
export const Late = styled.span`
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
  max-width: calc(100vw - 40px);
  &:hover {
    background: var(--accent-soft);
  }
  & svg {
    max-width: 100%;
    height: auto;
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

export interface Selecting {
  /** Null where blades are opened, not chosen. */
  readonly chosen: ReadonlySet<number> | null;
  readonly onChosen: (jobId: number, isChosen: boolean) => void;
}

interface BladeCardsProps extends Selecting {
  readonly jobs: readonly BoardJob[];
  readonly today: string;
}

export const BladeCards = ({ jobs, today, chosen, onChosen }: BladeCardsProps) => {
  const days = [...new Set(jobs.map(({ promisedOn }) => promisedOn))];
  return days.map((promisedOn) => {
    const theirs = jobs.filter((job) => job.promisedOn === promisedOn);
    const places = [...new Set(theirs.flatMap(({ place }) => (place === null ? [] : [place])))];
    return (
      <Berth key={promisedOn} aria-label={STRINGS.promisedFor(day(promisedOn))}>
        <header>
          <h2>{day(promisedOn)}</h2>
          <span>{places.join(', ')}</span>
          {promisedOn < today ? (
            <Late>{howSoon(promisedOn, today)}</Late>
          ) : (
            <MutedText as="span">{howSoon(promisedOn, today)}</MutedText>
          )}
          <MutedText as="span">{STRINGS.blades(theirs.length)}</MutedText>
        </header>
        <Hung>
          {theirs.map((job) => (
            <li key={job.jobId}>
              <HungBlade job={job} />
              {chosen && (
                <Suspense fallback={null}>
                  <Checkbox
                    value={chosen.has(job.jobId)}
                    onChange={(isChosen) => onChosen(job.jobId, isChosen)}
                  >
                    {STRINGS.select}
                    <span className="unseen"> {STRINGS.tagTagNumber(job.tagNumber)}</span>
                  </Checkbox>
                </Suspense>
              )}
            </li>
          ))}
        </Hung>
      </Berth>
    );
  });
};

export const standsAt = (job: BoardJob): string =>
  [
    named(job.stage) +
      (job.stage === 'on the bench' ? ` ${job.stepsDone + 1}/${job.stepsTotal}` : ''),
    job.sentBack ? STRINGS.sentBack : '',
    job.waitsForAnswer ? STRINGS.waitingForAnAnswer : '',
    job.inHand !== null ? STRINGS.hasIt(job.inHand) : '',
  ]
    .filter(Boolean)
    .join(' · ');

const HungBlade = memo(function HungBlade({ job }: { job: BoardJob }) {
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
          {job.customer} · {standsAt(job)}
        </small>
      </span>
    </Blade>
  );
});
