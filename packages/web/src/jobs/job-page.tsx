/** The frame of every page about one blade in the shop: who it is, where it stands, where to go. */
import { canDo, type Job, type Stage } from '@patient-edge/contract';
import { bladeKind, mayDo, named } from '@patient-edge/core';
import { Link, Navigate, NavLink, Outlet, useLocation, useParams } from 'react-router';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { useJob } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { Fold } from '../theme/fold';
import { day, moment } from '../theme/format';
import { textOf } from '../theme/text';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { DeclineForm } from './decline-form';
import { nextFor } from './stage';
import { PageBoundary } from '../theme/page-boundary';
import { UndoButton } from './undo-button';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';
import { useMay } from '../api/may';
import { useSession } from '../api/session';
import { STRINGS } from './strings';

const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  align-items: end;
  border-bottom: 2px solid var(--ink);
  margin-bottom: 16px;
  :root[data-full-screen] & {
    display: none;
  }
  & h1 {
    font-size: 25px;
  }
  & > div {
    flex: 1;
    min-width: 240px;
    padding-bottom: 8px;
  }
  & nav {
    display: flex;
    flex-wrap: wrap;
  }
  & nav a {
    padding: 10px 14px;
    min-height: 44px;
    color: var(--ink);
    text-decoration: none;
    border: 1px solid transparent;
    border-bottom: none;
  }
  & nav a[aria-current] {
    background: var(--ink);
    color: var(--page);
    font-weight: 650;
  }
`;

const PAGES = [
  ['intake', STRINGS.intake],
  ['judge', STRINGS.assess],
  ['touch-up', STRINGS.touchUp],
  ['plan', STRINGS.plan],
  ['bench', STRINGS.bench],
  ['test', STRINGS.test],
  ['return', STRINGS.return],
] as const;

const Events = styled.ol`
  display: grid;
  gap: 5px;
  & li {
    display: grid;
    grid-template-columns: 120px 130px minmax(0, 1fr);
    gap: 12px;
  }
  & time,
  & span {
    color: var(--ink-soft);
  }
  @media (max-width: 700px) {
    & li {
      grid-template-columns: auto 1fr;
      gap: 0 12px;
    }
    & li > div {
      grid-column: 1 / -1;
    }
  }
`;

/** A step at work fills it; the history stands back. */
const Body = styled(Stack)`
  /* While the page is still reckoned, what stands below it is out of sight: a press on it would miss as it moves down. */
  & > p[role='status'],
  & > [data-skeleton] {
    min-height: 100vh;
  }
  :root[data-full-screen] & {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
    & > [data-history] {
      display: none;
    }
  }
`;

const JobPage = () => {
  const { jobId = '' } = useParams();
  const { pathname } = useLocation();
  const { data: job, error } = useJob(jobId);
  if (!job) {
    return <Waiting error={error} text={STRINGS.loadingBlade} />;
  }
  if (/\/jobs\/\d+\/?$/.test(pathname)) {
    return <NextPage stage={job.stage} />;
  }
  const isPlan = pathname.endsWith('/plan');
  return (
    <>
      <JobHead job={job} />
      <Body $gap={20}>
        {job.declineReason !== null && (
          <Notice tone="cut">
            <Row>
              <span>{STRINGS.declinedDeclineReason(job.declineReason)}</span>
              {canDo(job, 'undo decline') && <UndoButton job={job} action="decline" />}
            </Row>
          </Notice>
        )}
        {/* What is typed about one blade belongs to it alone: another blade is another page. */}
        <PageBoundary key={job.id}>
          <Outlet key={job.id} context={job} />
        </PageBoundary>
        <Panel $slim={isPlan} className="no-print" data-history="" aria-label={STRINGS.history}>
          <Folded key={String(isPlan)} isFolded={isPlan} says={STRINGS.entries(job.events.length)}>
            <Events>
              {job.events.map((event, index) => (
                <li key={index}>
                  <time dateTime={event.at}>{moment(event.at)}</time>
                  <span>{event.who}</span>
                  <div>{textOf(event.message)}</div>
                </li>
              ))}
            </Events>
            <DeclineForm job={job} />
          </Folded>
        </Panel>
      </Body>
    </>
  );
};

/** Where whoever looks can do something; what they may not do is no page of theirs. */
const NextPage = ({ stage }: { stage: Stage }) => {
  const { data: session } = useSession();
  const role = session?.staff?.role;
  if (!role) return null;
  const next = nextFor(stage, (action) => mayDo(role, action));
  const page = next?.page ?? (stage === 'planned' || stage === 'on the bench' ? 'plan' : 'return');
  return <Navigate to={page} replace />;
};

/** A line on the page of the plan, which is long enough; in full on the others. */
const Folded = ({
  isFolded,
  says,
  children,
}: {
  isFolded: boolean;
  says: string;
  children: ReactNode;
}) =>
  isFolded ? (
    <Fold title={STRINGS.history} level={2} says={says}>
      <Stack $gap={10}>{children}</Stack>
    </Fold>
  ) : (
    <Stack $gap={10}>
      <h2>{STRINGS.history}</h2>
      {children}
    </Stack>
  );

const JobHead = ({ job }: { job: Job }) => {
  const mayWork = useMay('work step');
  return (
    <Head className="no-print">
      <Silhouette measures={job.measures} scale={0.55} />
      <div>
        <PageHeading
          title={STRINGS.tag(job.tagNumber, job.blade.name || bladeKind(job.measures.kindId).label)}
        />
        <MutedText>
          <Link to={`/customers/${job.customer.id}`}>{job.customer.name}</Link>{' '}
          {STRINGS.promised(named(job.stage), day(job.promisedOn))}{' '}
          <Link to={`/blades/${job.blade.id}`}>{STRINGS.record}</Link>
        </MutedText>
      </div>
      <nav aria-label={STRINGS.thisBlade}>
        {PAGES.filter(([page]) => (page !== 'bench' && page !== 'touch-up') || mayWork).map(
          ([page, words]) => (
            <NavLink key={page} to={`/jobs/${job.id}/${page}`}>
              {words}
            </NavLink>
          ),
        )}
      </nav>
    </Head>
  );
};

export default JobPage;
