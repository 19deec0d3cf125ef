/** What was just taken in, to hang up and to go on with. */
import type { Job } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { Link } from 'react-router';
import { Hung } from '../instruments/hung';
import { Silhouette } from '../instruments/silhouette';
import { ActionButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

interface TakenInProps {
  readonly jobs: readonly Job[];
  /** Null when nothing was to be printed. */
  readonly printed: boolean | null;
  readonly onNext: () => void;
}

export const TakenIn = ({ jobs, printed, onNext }: TakenInProps) => (
  <Stack $gap={16}>
    <PageHeading
      title={STRINGS.ofTakenIn(
        jobs.length === 1 ? STRINGS.oneBlade : STRINGS.blades(jobs.length),
        jobs[0]!.customer.name,
      )}
    />
    {printed === false && (
      <Notice tone="cut" alert>
        {STRINGS.theLabelPrinterDidNotAnswer}
      </Notice>
    )}
    <Panel>
      <Stack>
        <MutedText>{STRINGS.measureAndAssessEachAtThe}</MutedText>
        <Hung>
          {jobs.map((job) => (
            <li key={job.id}>
              <Link to={`/jobs/${job.id}/intake`}>
                <Silhouette measures={job.measures} scale={0.5} />
                <span>
                  <b>{job.tagNumber}</b> {job.blade.name || bladeKind(job.measures.kindId).label}
                </span>
              </Link>
            </li>
          ))}
        </Hung>
      </Stack>
    </Panel>
    <Row>
      <ActionButton onPress={onNext}>{STRINGS.theNextCustomer}</ActionButton>
      {printed && <QuietLink to="/labels">{STRINGS.tagsAndTicketsInTheTray}</QuietLink>}
    </Row>
  </Stack>
);
