/** Back within days: what is wrong, beside the visit it is about; what it probably is, and who pays. */
import type { ComplaintBody, Job } from '@patient-edge/contract';
import { faultTable, houseRule, type AnyCauseId, named } from '@patient-edge/core';
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
import { STRINGS } from './strings';

const ComplaintPage = () => {
  const job = useCurrentJob();
  return (
    <Stack $gap={16}>
      {job.returnedAt === null ? (
        <Notice>{STRINGS.theBladeIsAComplaintIs(named(job.stage))}</Notice>
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
  const [signs, setSigns] = useStored<ToldSigns>(
    `complaint signs ${job.id}`,
    complaint?.signs ?? {},
  );
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
    <Panel className="no-print" aria-label={STRINGS.whatIsWrong}>
      <Stack>
        <h2>{STRINGS.whatIsWrong}</h2>
        <TextEntry
          label={STRINGS.inTheCustomersWords}
          lines={2}
          value={words}
          onChange={setWords}
        />
        <WhichCause job={job} readings={null} told={signs} onTold={setSigns} onCause={setCause} />
        <p>
          <b>{rule.onTheHouse ? STRINGS.onTheHouseByTheShops : STRINGS.toBePaidByTheShops}</b>{' '}
          {rule.because}
        </p>
        {complaint !== null && complaint.settledAt !== null && (
          <Notice tone="good">
            {STRINGS.settled(
              complaint.onTheHouse === true ? STRINGS.onTheHouse : STRINGS.paidByTheCustomer,
            )}
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
              {STRINGS.writeItDown}
            </QuietButton>
          )}
          <ActionButton isDisabled={busy} onPress={() => void keep(rule.onTheHouse)}>
            {rule.onTheHouse ? STRINGS.mendItOnTheHouse : STRINGS.mendItToBePaid}
          </ActionButton>
          <QuietButton isDisabled={busy} onPress={() => void keep(!rule.onTheHouse)}>
            {rule.onTheHouse ? STRINGS.toBePaidAfterAll : STRINGS.onTheHouseAfterAll}
          </QuietButton>
          {complaint === null || complaint.newJobId === null ? (
            <QuietLink to={`/take-in?blade=${job.blade.id}`}>{STRINGS.takeItInAgain}</QuietLink>
          ) : (
            <QuietLink to={`/jobs/${complaint.newJobId}`}>{STRINGS.itWasTakenInAgain}</QuietLink>
          )}
        </Row>
        <MutedText>{STRINGS.whatIsSettledHereIsThe}</MutedText>
      </Stack>
    </Panel>
  );
};

export default ComplaintPage;
