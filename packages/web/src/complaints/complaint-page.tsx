/** Back within days: what is wrong, beside the visit it is about; what it probably is, and who pays. */
import type { ComplaintBody, Job } from '@patient-edge/contract';
import { faultTable, houseRule, type AnyCauseId } from '@patient-edge/core';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { useState } from 'react';
import { request } from '../api/client';
import { refreshReturns, updateJobCache, useOwnFaults, useShopDetails } from '../api/hooks';
import { useStored } from '../api/stored';
import { WhichCause, type ToldSigns } from '../edge-tests/which-cause';
import { ReturnSheet } from '../hand-over/return-sheet';
import { useCurrentJob } from '../jobs/current-job';
import { ActionButton, QuietButton } from '../theme/buttons';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { useRun } from '../theme/use-run';

const ComplaintPage = () => {
  const job = useCurrentJob();
  return (
    <Stack $gap={16}>
      {job.returnedAt === null ? (
        <Notice>The blade is {job.stage}: a complaint is about a visit that ended.</Notice>
      ) : (
        <About job={job} returnedAt={job.returnedAt} />
      )}
      <ReturnSheet job={job} />
    </Stack>
  );
};

const About = ({ job, returnedAt }: { job: Job; returnedAt: string }) => {
  const { complaint } = job;
  const { data: details } = useShopDetails();
  const table = faultTable(useOwnFaults().data?.own ?? []);
  const [words, setWords] = useStored<string>(`complaint ${job.id}`, complaint?.words ?? '');
  const [signs, setSigns] = useState<ToldSigns>(complaint?.signs ?? {});
  const [cause, setCause] = useState<AnyCauseId | null>(null);
  const { busy, problem, run } = useRun();
  if (!details) return null;
  const rule = houseRule({
    daysSince: differenceInCalendarDays(new Date(), parseISO(returnedAt)),
    houseDays: details.houseDays,
    cause,
  });
  const keep = (onTheHouse: boolean | null): Promise<void> => {
    const body: ComplaintBody = {
      words,
      signs,
      onTheHouse,
      reason:
        onTheHouse === null
          ? ''
          : [cause === null ? '' : (table.causes[cause]?.what ?? ''), rule.because]
              .filter(Boolean)
              .join(' ')
              .slice(0, 300),
    };
    return run(async () => {
      await updateJobCache(await request<Job>('PUT', `/jobs/${job.id}/complaint`, body));
      await refreshReturns();
    });
  };
  return (
    <Panel className="no-print" aria-label="What is wrong">
      <Stack>
        <h2>What is wrong</h2>
        <TextEntry label="In the customer’s words" lines={2} value={words} onChange={setWords} />
        <WhichCause job={job} readings={null} told={signs} onTold={setSigns} onCause={setCause} />
        <p>
          <b>
            {rule.onTheHouse
              ? 'On the house, by the shop’s rule.'
              : 'To be paid, by the shop’s rule.'}
          </b>{' '}
          {rule.because}
        </p>
        {complaint !== null && complaint.settledAt !== null && (
          <Notice tone="good">
            Settled: {complaint.onTheHouse === true ? 'on the house' : 'paid by the customer'}.
          </Notice>
        )}
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          {complaint === null && (
            <QuietButton isDisabled={busy} onPress={() => void keep(null)}>
              Write it down
            </QuietButton>
          )}
          <ActionButton isDisabled={busy} onPress={() => void keep(rule.onTheHouse)}>
            {rule.onTheHouse ? 'Mend it on the house' : 'Mend it, to be paid'}
          </ActionButton>
          <QuietButton isDisabled={busy} onPress={() => void keep(!rule.onTheHouse)}>
            {rule.onTheHouse ? 'To be paid after all' : 'On the house after all'}
          </QuietButton>
          {complaint === null || complaint.newJobId === null ? (
            <QuietLink to={`/take-in?blade=${job.blade.id}`}>Take it in again</QuietLink>
          ) : (
            <QuietLink to={`/jobs/${complaint.newJobId}`}>It was taken in again</QuietLink>
          )}
        </Row>
        <MutedText>
          What is settled here is the price of the next visit: nothing is asked for it where it is
          on the house.
        </MutedText>
      </Stack>
    </Panel>
  );
};

export default ComplaintPage;
