/** The customer's own page of this visit, as the shop sees it: its address, what was answered, and closing it. */
import type { Job } from '@patient-edge/contract';
import { useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { updateJobCache, usePageOfVisit } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

export const VisitLink = ({ job }: { job: Job }) => {
  const { data: page } = usePageOfVisit(job.id);
  const [problem, setProblem] = useState<string | null>(null);
  if (!page) return null;
  const close = async (): Promise<void> => {
    setProblem(null);
    try {
      await updateJobCache(await request<Job>('POST', `/jobs/${job.id}/page/revoke`, {}));
      await mutate(`/jobs/${job.id}/page`);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const { address, answers } = page;
  return (
    <Panel $slim className="no-print" aria-label={STRINGS.theCustomersPage}>
      <Fold
        title={STRINGS.theCustomersPage}
        level={2}
        says={
          answers.length > 0
            ? STRINGS.theCustomerSaid(answers.join(', '))
            : address === null
              ? STRINGS.none
              : STRINGS.openByTheCodeOnThe
        }
      >
        <Stack $gap={8}>
          {address === null ? (
            <Row>
              <MutedText>{STRINGS.itWasClosedOrTheShop}</MutedText>
              <QuietLink to="/settings">{STRINGS.settings}</QuietLink>
            </Row>
          ) : (
            <Row>
              <a href={address} target="_blank" rel="noreferrer">
                {STRINGS.openIt}
              </a>
              <QuietButton onPress={() => void close()}>{STRINGS.closeThePageForGood}</QuietButton>
            </Row>
          )}
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
        </Stack>
      </Fold>
    </Panel>
  );
};
