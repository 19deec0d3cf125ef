/** The order as a table, with what is to come first or to wait; and what is not in it, and why. */
import type { DayFacts, DayMark } from '@patient-edge/contract';
import { queuedJobs } from '@patient-edge/contract';
import { Link } from 'react-router';
import { useSWRConfig } from 'swr';
import { request } from '../api/client';
import { useMay } from '../api/may';
import { day } from '../theme/format';
import { Figures, MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { useAhead } from '../theme/use-ahead';
import { useRun } from '../theme/use-run';
import { lateText, timeAfter, whyLate, type ShownStep } from './day-view';
import { Headings, WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

const MARKS = [
  { id: 'usual', label: STRINGS.usual },
  { id: 'first', label: STRINGS.first },
  { id: 'held', label: STRINGS.held },
] as const;

const MarkOf = ({ jobId, mark, name }: { jobId: number; mark: DayMark | null; name: string }) => {
  const { mutate } = useSWRConfig();
  const { problem, run } = useRun();
  const [shown, setShown] = useAhead<(typeof MARKS)[number]['id']>(mark ?? 'usual', (next) =>
    run(async () => {
      const facts = await request<DayFacts>('PUT', `/day/marks/${jobId}`, {
        mark: next === 'usual' ? null : next,
      });
      await mutate('/day', facts, { revalidate: false });
    }),
  );
  return (
    <Select
      label={`${STRINGS.mark}: ${name}`}
      hideLabel
      options={MARKS}
      value={shown}
      onChange={setShown}
      error={problem ?? undefined}
    />
  );
};

export const DayTable = ({ facts, steps }: { facts: DayFacts; steps: readonly ShownStep[] }) => {
  const mayMark = useMay('work step');
  return (
    <WideTable label={STRINGS.table}>
      <table>
        <Headings
          names={[
            STRINGS.from,
            STRINGS.until,
            STRINGS.who,
            STRINGS.blade,
            STRINGS.step,
            STRINGS.promised,
            ...(mayMark ? [STRINGS.mark] : []),
          ]}
        />
        <tbody>
          {steps.map((step) => (
            <tr key={step.key}>
              <td>
                <Figures>{timeAfter(facts, step.startMinutes)}</Figures>
              </td>
              <td>
                <Figures>{timeAfter(facts, step.endMinutes)}</Figures>
              </td>
              <td>{step.personName}</td>
              <th scope="row">
                <Link to={`/jobs/${step.of.jobId}`}>
                  {step.of.tagNumber} {step.of.blade}
                </Link>
              </th>
              <td>{step.title}</td>
              <td>
                {day(step.of.promisedOn)}
                {step.lateMinutes > 0 && (
                  <>
                    {', '}
                    <b>{STRINGS.lateBy(lateText(step.lateMinutes))}</b> {whyLate(steps, step)}
                  </>
                )}
              </td>
              {mayMark && (
                <td style={{ minWidth: 150 }}>
                  {step.step === 1 && (
                    <MarkOf
                      jobId={step.of.jobId}
                      mark={step.of.mark}
                      name={`${step.of.tagNumber} ${step.of.blade}`}
                    />
                  )}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </WideTable>
  );
};

/** Held back, waiting for an answer, or with nothing to do on a stone. */
export const NotQueued = ({ facts }: { facts: DayFacts }) => {
  const queued = new Set(queuedJobs(facts).map(({ jobId }) => jobId));
  const others = facts.jobs.filter(({ jobId, inHand }) => !queued.has(jobId) && inHand === null);
  const mayMark = useMay('work step');
  if (others.length === 0 && facts.unplanned === 0) return null;
  return (
    <Panel aria-label={STRINGS.heldOnes}>
      <Stack>
        <h2>{STRINGS.heldOnes}</h2>
        {others.map((job) => (
          <div
            key={job.jobId}
            style={{ display: 'flex', gap: 18, alignItems: 'center', flexWrap: 'wrap' }}
          >
            <Link to={`/jobs/${job.jobId}`}>
              {job.tagNumber} {job.blade}
            </Link>
            <MutedText>
              {job.mark === 'held'
                ? STRINGS.heldBack
                : job.waitsForAnswer
                  ? STRINGS.waits
                  : STRINGS.noStones}
            </MutedText>
            {mayMark && job.mark === 'held' && (
              <div style={{ width: 160 }}>
                <MarkOf jobId={job.jobId} mark={job.mark} name={`${job.tagNumber} ${job.blade}`} />
              </div>
            )}
          </div>
        ))}
        {facts.unplanned > 0 && (
          <Notice>
            {STRINGS.unplanned(facts.unplanned)}{' '}
            <Link to="/?stage=taken+in">{STRINGS.planThem}</Link>
          </Notice>
        )}
      </Stack>
    </Panel>
  );
};
